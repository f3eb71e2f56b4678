<script lang="ts">
	import { resolve } from '$app/paths';
	import type { ListedSpot, ListedWater } from '$lib/core/records/appStart';
	import type { Reading } from '$lib/core/water/reading/complete';
	import { twinsHere } from './twinsHere';

	interface Props {
		spot: ListedSpot;
		water: ListedWater;
		bank: Reading['bank'];
		/** Goes on fishing there. */
		onmove: (spotId: string) => void;
	}
	const { spot, water, bank, onmove }: Props = $props();
	const textOf = (alike: readonly string[], other: readonly string[]): string =>
		[...(alike.length > 0 ? [`alike in ${alike.join(' and ')}`] : []), ...other].join('; ');
	const twins = $derived(twinsHere(spot, water, bank));
</script>

<section class="grid gap-4 border-b border-b-rule px-14 py-8" aria-label="Spots like this one">
	<h2>Spots like {spot.name} <a class="id" href="{resolve('/craft')}?find=POS-11">POS-11</a></h2>
	<p class="quiet">You got a bite here: cast there again, slower, then try spots like it.</p>
	<ul>
		{#each twins as { id, name, alike, other } (id)}
			<li class="flex min-h-48 items-center justify-between gap-8">
				<span><strong>{name}</strong>: {textOf(alike, other)}</span>
				<button class="button min-h-48 flex-none" onclick={() => onmove(id)}>Go there</button>
			</li>
		{:else}<li class="quiet flex min-h-48 items-center justify-between gap-8">
				No other spot on {water.name} is much like it.
			</li>{/each}
	</ul>
</section>

<style>
	.id {
		font: var(--t-xs) var(--font-mono);
		color: var(--ink-3);
	}
</style>
