<script lang="ts">
	import type { TrialResult } from '$lib/core/trips/proof/trials';
	import { verdictText } from './words';

	interface Props {
		trials: readonly TrialResult[];
		/** The outing of a key, by its name. */
		nameOf: (outingId: string) => string;
	}
	const { trials, nameOf }: Props = $props();
</script>

{#if trials.length === 0}
	<p class="quiet">No trial has a complete pair of turns yet. Start one on Tally: two rigs in random order.</p>
{:else}
	<ul>
		{#each trials as { outingId, differs, pairs, evidence } (outingId)}
			<li class="border-b border-b-rule py-4">
				<strong>{nameOf(outingId)}</strong>
				<span class="ml-8 text-ink-2"
					>{differs.length > 0 ? differs.join('; ') : 'the same rig twice'}; {pairs}
					{pairs === 1 ? 'pair' : 'pairs'}</span
				>
				<p>
					{verdictText(evidence.verdict, 'The first', 'The second')} Bites on the first for each bite on the second:
					<strong class="figure">{evidence.ratio.median.toFixed(1)}</strong>
					(90 % range {evidence.ratio.from.toFixed(1)} to {evidence.ratio.to.toFixed(1)}).
				</p>
				{#if differs.length > 1}<p class="quiet">
						They differ in {differs.length} things, so you can’t tell which one did it.
					</p>{/if}
			</li>
		{/each}
	</ul>
{/if}
