<script lang="ts">
	import { bladesText, ouncesText, plainWords, rigName } from '$lib/core/foundation/labels/describe';
	import { drawRig } from '$lib/core/rig/drawing/rigDrawing';
	import type { CalledRig } from '$lib/core/foundation/schema/call';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import BrowserOnly from '../controls/BrowserOnly.svelte';
	import RigDrawing from '../rig/RigDrawing.svelte';
	import { withUnit } from '$lib/presentation/units';
	import { behindWords, whenBetter } from './whenBetter';

	interface Props {
		calls: readonly CalledRig[];
		/** Index of the call that is shown above. */
		marked: number;
		units: UnitSystem;
		onmark: (index: number) => void;
	}
	const { calls, marked, units, onmark }: Props = $props();
	const rows = $derived(calls.map((called, index) => ({ called, index, drawing: drawRig(called.rig, true) })));
	const wayText = ({ rig }: CalledRig): string =>
		`${ouncesText(rig.weightOz)} oz, ${bladesText(rig)}, ${plainWords(rig.retrieve.style)} at ${withUnit(units, 'speed', rig.retrieve.speedMps)}`;
	let list: HTMLElement;

	function onkeydown(event: KeyboardEvent) {
		const by = { ArrowDown: 1, ArrowUp: -1 }[event.key];
		if (by === undefined) return;
		event.preventDefault();
		const next = Math.min(calls.length - 1, Math.max(0, marked + by));
		onmark(next);
		list.querySelectorAll<HTMLElement>('button')[next]?.focus();
	}
</script>

<section class="alternates" aria-label="First choice and backups">
	<ol bind:this={list}>
		{#each rows as { called, index, drawing } (index)}
			<li class:marked={index === marked}>
				<span class="rank">{index + 1}</span>
				<span class="mini"
					><BrowserOnly
						><RigDrawing
							{drawing}
							scale={Math.min(70 / drawing.bounds.width, 28 / drawing.bounds.height)}
							decorative
						/></BrowserOnly
					></span
				>
				<span class="what">
					<button type="button" aria-pressed={index === marked} onclick={() => onmark(index)} {onkeydown}
						>{rigName(called.rig)}</button
					>
					<span>{wayText(called)}</span>
				</span>
				<span class="when">{index === 0 ? 'The first choice.' : whenBetter(calls[0]!, called)}</span>
				<span class="behind">{index === 0 ? '' : behindWords(calls[0]!.score - called.score)}</span>
			</li>
		{/each}
	</ol>
</section>

<style>
	.alternates {
		border-top: 1px solid var(--ink);
	}
	li {
		display: grid;
		grid-template-columns: 18px 76px minmax(0, 1.15fr) minmax(0, 1fr) 66px;
		gap: 8px;
		align-items: center;
		min-height: 36px;
		padding: 1px 14px;
		font-size: var(--t-s);
	}
	li + li {
		border-top: 1px solid var(--rule);
	}
	.rank {
		font: var(--t-m) var(--font-mono);
	}
	.what {
		display: grid;
	}
	.what > span,
	.when {
		color: var(--ink-2);
	}
	.behind {
		text-align: right;
	}
	button {
		font-size: var(--t-m);
		font-weight: 660;
		text-align: left;
		cursor: pointer;
	}
	button:hover {
		text-decoration: underline;
	}
	.marked {
		background: var(--amber-wash);
		box-shadow: inset 4px 0 0 var(--amber);
	}
	@media (width < 56rem) {
		li {
			grid-template-columns: 18px 76px 1fr auto;
			padding: 8px 12px;
		}
		.when {
			grid-column: 3 / -1;
		}
		button {
			min-height: 48px;
		}
	}
</style>
