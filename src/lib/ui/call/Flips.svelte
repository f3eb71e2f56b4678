<script lang="ts">
	import type { Flip } from '$lib/core/ranking/answer/flips';
	import { bladesText, ouncesText, plainWords, rigName } from '$lib/core/foundation/labels/describe';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import { flipText, valueText } from './fieldWords';

	interface Props {
		flips: readonly Flip[];
		busy: boolean;
		units: UnitSystem;
		ontry: (flip: Flip, text: string) => void;
	}
	const { flips, busy, units, ontry }: Props = $props();
	const FIRST = 5;
	const ORDER = { family: 0, blades: 0.25, weight: 0.5, colour: 0.6 } as const;
	let all = $state(false);
	/** The nearest change of each field, a change of family before a change of color. */
	const sorted = $derived.by(() => {
		const weigh = ({ aspect, distance }: Flip): number => ORDER[aspect] + distance;
		const keyOf = ({ field, to }: Flip): string => (typeof to === 'string' ? `${field}:${to}` : field);
		const nearest = [...flips].sort((a, b) => weigh(a) - weigh(b));
		return nearest.filter((flip, at) => nearest.findIndex((other) => keyOf(other) === keyOf(flip)) === at);
	});
	const becomes = ({ aspect, becomes: rig }: Flip): string => {
		if (aspect === 'family') return rigName(rig);
		if (aspect === 'blades') return bladesText(rig);
		return aspect === 'weight'
			? `${ouncesText(rig.weightOz)} oz`
			: plainWords(rig.skirt.colour === 'none' ? (rig.trailer?.colour ?? '') : rig.skirt.colour);
	};
</script>

<section class="border-t border-t-ink px-14 py-8 text-s" aria-labelledby="flips" aria-busy={busy}>
	<h2 id="flips">
		What would change this {#if busy}<span class="quiet ml-6 font-450 text-ink-2">still looking</span>{/if}
	</h2>
	<ul>
		{#each all ? sorted : sorted.slice(0, FIRST) as flip (flip.field + flip.to)}
			{@const text = flipText(units, flip)}
			<li>
				<button
					type="button"
					title="Preview the call for this; your reading stays as it is"
					onclick={() => ontry(flip, text)}>{text}</button
				>
				<span class="now">now {valueText(units, flip.field, flip.from)}</span>
				<strong>{becomes(flip)}</strong>
			</li>
		{:else}
			{#if !busy}<li>No small change would change it.</li>{/if}
		{/each}
	</ul>
	{#if sorted.length > FIRST}
		<button class="more" type="button" aria-expanded={all} onclick={() => (all = !all)}
			>{all ? 'Show fewer' : `${sorted.length - FIRST} more`}</button
		>
	{/if}
</section>

<style>
	li {
		display: grid;
		grid-template-columns: 1fr auto 128px;
		gap: 8px;
		align-items: center;
	}
	.now {
		font: var(--t-xs) var(--font-mono);
		color: var(--ink-2);
	}
	li strong {
		text-align: right;
	}
	li button,
	.more {
		min-height: 24px;
		text-align: left;
		text-decoration: underline;
		text-decoration-color: var(--ink-3);
		cursor: pointer;
	}
	li button:hover,
	.more:hover {
		text-decoration-color: var(--ink);
	}
	@media (width < 56rem) {
		li {
			position: relative;
			grid-template-columns: 1fr auto;
			gap: 0 8px;
			min-height: 48px;
			align-content: center;
		}
		li strong {
			grid-column: 1 / -1;
			text-align: left;
		}
		/* The row as a whole is what a thumb meets. */
		li button {
			min-height: 0;
		}
		li button::after {
			content: '';
			position: absolute;
			inset: 0;
		}
		.more {
			min-height: 48px;
		}
	}
</style>
