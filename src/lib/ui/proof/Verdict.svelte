<script lang="ts">
	import type { Evidence } from '$lib/core/foundation/schema/evidence';
	import { chanceText, verdictText } from './words';

	interface Props {
		a: string;
		b: string;
		evidence: Evidence | null;
		onclear: () => void;
	}
	const { a, b, evidence, onclear }: Props = $props();
	const times = (ratio: number): string => ratio.toFixed(ratio < 10 ? 1 : 0);
</script>

<section class="border-y border-y-ink bg-panel px-14 py-8" aria-label="{a} against {b}">
	<header class="flex items-center justify-between">
		<h2>{a} against {b}</h2>
		<button class="button" type="button" onclick={onclear}>Close</button>
	</header>
	{#if !evidence}
		<p>You never fished them on the same outing, so a good day would favor whichever had it. Fish both on one day.</p>
	{:else}
		<p class="text-l font-680">{verdictText(evidence.verdict, a, b)}</p>
		<p>
			{a} gets <strong class="figure">{times(evidence.ratio.median)}</strong> bites for each bite on {b} (90 % range {times(
				evidence.ratio.from
			)} to {times(evidence.ratio.to)}). {chanceText(evidence.better.a, a, b)}
		</p>
		{#if evidence.more.blocks > 0}
			<p class="quiet">
				About {evidence.more.blocks} more outings with both, or {Math.round(evidence.more.hours)} hours, would settle it at
				this rate.
			</p>
		{/if}
		{#each evidence.warnings as warning (warning)}<p class="quiet">{warning}</p>{/each}
	{/if}
</section>
