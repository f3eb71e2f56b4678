<script lang="ts">
	import type { UnitSystem } from '$lib/core/records/schemas';
	import { changeText } from '$lib/core/trips/reactions/changed';
	import type { Story } from '$lib/core/trips/tally/story';
	import { happeningText } from './words';

	interface Props {
		story: Story;
		units: UnitSystem;
		zone: string;
		spotName: (id: string | null) => string;
		onundo: (id: string) => void;
	}
	const { story, units, zone, spotName, onundo }: Props = $props();
	const time = $derived(new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: zone }));
	/** The bite of a fish that was tapped twice: both are one. */
	function bitten(id: string): string {
		const bite = story.joins.get(id);
		const at = story.stretches.flatMap(({ happened }) => happened).find((one) => one.id === bite)?.at;
		return at ? ` (the bite at ${time.format(Date.parse(at))})` : '';
	}
	/** What happened, the latest first, casts in a row as one line. */
	const SHOWN = 40;
	const lines = $derived.by(() => {
		const found: { id: string; at: string; text: string; casts: number }[] = [];
		story.stretches.forEach((stretch, place) => {
			for (const { id, at, what } of stretch.happened) {
				const before = found.at(-1);
				if (what.kind === 'cast' && before && before.casts > 0) {
					found[found.length - 1] = {
						id,
						at,
						casts: before.casts + what.count,
						text: `${before.casts + what.count} casts`
					};
					continue;
				}
				const from = story.stretches[place - 1];
				const changed =
					(what.kind === 'rig' || what.kind === 'turn') && from
						? stretch.changed.map((field) => changeText(field, from.rig, stretch.rig)).join('; ')
						: '';
				found.push({
					id,
					at,
					casts: what.kind === 'cast' ? what.count : 0,
					text: changed || `${happeningText(what, units, spotName)}${bitten(id)}`
				});
			}
		});
		return found.reverse().slice(0, SHOWN);
	});
</script>

<ol>
	{#each lines as { id, at, text } (id)}
		<li>
			<span class="figure">{time.format(Date.parse(at))}</span><span>{text}</span>
			<button class="button" type="button" aria-label="Undo: {text}" onclick={() => onundo(id)}>Undo</button>
		</li>
	{:else}<li class="quiet">Nothing yet.</li>{/each}
</ol>

<style>
	li {
		display: grid;
		grid-template-columns: 50px 1fr auto;
		gap: 8px;
		align-items: center;
		padding: 3px 0;
		border-bottom: 1px solid var(--rule);
	}
	.quiet {
		display: block;
		color: var(--ink-2);
	}
</style>
