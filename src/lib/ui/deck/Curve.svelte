<script lang="ts">
	import { counted } from '$lib/core/foundation/labels/counted';

	interface Props {
		/** What so many rods give up over the day, points. */
		curve: readonly { readonly rods: number; readonly value: number }[];
		/** How many lie on the deck now. */
		rods: number;
		/** Whether all of it is there. */
		whole: boolean;
	}
	const { curve, rods: now, whole }: Props = $props();
	const most = $derived(Math.max(0.1, ...curve.map(({ value }) => value)));
	/** Points that nobody would take another rod for. */
	const NOTHING = 0.05;
	const valueOf = (rods: number): number | undefined => curve.find((point) => point.rods === rods)?.value;
	/** What one more rod would gain, in a sentence; `null` while that is worked out. */
	const said = $derived.by(() => {
		const [here, more] = [valueOf(now), valueOf(now + 1)];
		if (here === undefined || (more === undefined && !whole)) return null;
		if (more === undefined) return 'You planned for no more rods.';
		const gain = here - more;
		return gain < NOTHING
			? `No, another rod would gain nothing.`
			: `Yes, another rod would gain ${gain.toFixed(1)} points over the day.`;
	});
</script>

<h2 class="passage-title">Would another rod help?</h2>
{#if said}<p>{said}</p>{/if}
<ul class="curve">
	{#each curve as { rods, value } (rods)}
		<li class:now={rods === now}>
			<span class="w-60 shrink-0">{counted(rods, 'rod')}</span>
			<span class="bar" style:width="{(55 * value) / most}%" aria-hidden="true"></span>
			<span class="figure">{value.toFixed(1)}</span>
		</li>
	{/each}
</ul>
<p class="quiet">Points lost over the day compared with the best lure every hour. Lower is better.</p>

<style>
	.curve li {
		display: flex;
		gap: 8px;
		align-items: center;
		padding: 2px 0;
	}
	.curve .now {
		font-weight: 680;
	}
	.bar {
		height: 10px;
		border: 1px solid var(--rule-2);
		background: repeating-linear-gradient(-45deg, var(--ink) 0 1.5px, transparent 1.5px 4px);
	}
</style>
