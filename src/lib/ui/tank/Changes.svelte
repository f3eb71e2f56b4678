<script lang="ts">
	import type { Change } from '$lib/core/simulation/cast/changes';
	import { ouncesText, plainWords } from '$lib/core/foundation/labels/describe';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import { modelShare, withUnit } from '$lib/presentation/units';

	interface Props {
		changes: readonly Change[];
		busy: boolean;
		own: number | null;
		units: UnitSystem;
		turnsOf: (speedMps: number) => number;
		onapply: (change: Change) => void;
	}
	const { changes, busy, own, units, turnsOf, onapply }: Props = $props();
	/** From here on there is nothing to better. */
	const GOOD = 0.9;

	function words(change: Change): string {
		if (change.kind === 'count') return change.countdownS === 0 ? 'Don’t count down' : `Count ${change.countdownS}`;
		if (change.kind === 'tip') return `Hold the rod tip at ${withUnit(units, 'depth', change.tipM)}`;
		if (change.kind === 'speed') {
			return `Reel at ${turnsOf(change.speedMps).toFixed(2)} turns a second (${withUnit(units, 'speed', change.speedMps)})`;
		}
		if (change.kind === 'weight') return `${ouncesText(change.weightOz)} oz head`;
		if (change.kind === 'line') return `${change.testLb} lb line`;
		return `A ${plainWords(change.trailer)} trailer`;
	}
</script>

<h2>To stay longer in the strike zone</h2>
{#if own !== null && own >= GOOD}
	<p>It is already in the strike zone for {modelShare(own)} of the retrieve.</p>
{:else}
	<ul>
		{#each changes as change (change.kind)}
			<li class="flex items-center gap-10 py-2">
				<button class="button justify-start text-left" type="button" onclick={() => onapply(change)}
					>{words(change)}</button
				>
				<span class="figure">{modelShare(change.share)}</span>
			</li>
		{:else}
			<li class="flex items-center gap-10 py-2">
				{busy ? 'Trying one thing after another …' : 'No single change keeps it there longer.'}
			</li>
		{/each}
	</ul>
{/if}
