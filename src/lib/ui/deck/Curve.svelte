<script lang="ts">
	import { counted } from '$lib/core/naming/counted';

	interface Props {
		/** What so many rods give up over the day, points. */
		curve: readonly { readonly rods: number; readonly value: number }[];
		/** How many lie on the deck now. */
		rods: number;
		/** Whether all of it is there. */
		whole: boolean;
	}
	const { curve, rods: now, whole }: Props = $props();
	const most = $derived(Math.max(0.1, curve[0]?.value ?? 1));
	/** Points that nobody would tie on another rod for. */
	const NOTHING = 0.05;
	/** The fewest rods that give up as little as any number of them. */
	const enough = $derived(curve.find(({ value }) => value - (curve.at(-1)?.value ?? 0) < NOTHING)?.rods);
</script>

<h2 class="passage-title">What would another rod buy?</h2>
<ul class="curve">
	{#each curve as { rods, value } (rods)}
		<li class:now={rods === now}>
			<span class="figure">{rods}</span>
			<span class="bar" style:width="{(70 * value) / most}%" aria-hidden="true"></span>
			<span class="figure">{value.toFixed(1)}</span>
		</li>
	{/each}
</ul>
<p class="quiet">
	Points given up over the day with so many rods: shorter is better.
	{#if enough !== undefined && whole}{counted(enough, 'rod')} {enough === 1 ? 'is' : 'are'} enough.{/if}
</p>

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
