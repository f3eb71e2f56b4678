<script lang="ts">
	import { mainForageIn } from '$lib/core/reading/conditions';
	import type { Reading } from '$lib/core/reading/complete';
	import { spoken } from '$lib/core/naming/spoken';
	import { lookedAt, matchOf, type View } from '$lib/core/optics/contrast';
	import { everyTarget, sceneOfReading } from '$lib/core/optics/sight';
	import { waterRgb } from '$lib/core/optics/swatch';
	import type { Rig } from '$lib/core/schema/rig';
	import { look, partsOf } from './rigParts';
	import { css, shownIn, type Shown } from './seen';
	import Swatch from './Swatch.svelte';

	interface Props {
		rig: Rig | null;
		reading: Reading;
		/** Depth (m) that is looked at; the middle of the fish unless given. */
		depthM?: number;
		view?: View;
	}
	const { rig, reading, depthM, view = 'side' }: Props = $props();

	const SKIRTS = everyTarget().filter(({ kind }) => kind === 'skirt');
	/** From here on a skirt is like the forage; the model tells them no finer than this. */
	const MATCH = 0.6;
	const MOST = 4;
	const PART_WORDS = { skirt: 'Skirt', trailer: 'Trailer', blade: 'Blade', forage: 'Forage' } as const;
	const scene = $derived(sceneOfReading(reading, depthM));
	const water = $derived(css(waterRgb(scene)));
	const forage = $derived(reading.forage.find(({ amount }) => amount !== 'none')?.kind ?? null);
	const bait = $derived(forage ? look('forage', forage) : []);
	const beside = $derived<Shown[]>(shownIn(scene, [...(rig ? partsOf(rig) : []), ...bait], view));
	const like = $derived.by(() => {
		const one = bait[0];
		if (!one) return [];
		const seen = lookedAt(one.target, scene, 'side');
		return SKIRTS.map(({ colour, target }) => ({
			colour,
			match: matchOf(lookedAt(target, scene, 'side'), seen, scene.eye.cones)
		}))
			.filter(({ match }) => match >= MATCH)
			.sort((a, b) => b.match - a.match)
			.slice(0, MOST);
	});
</script>

<div class="pair">
	{#each beside as one (one.id)}
		<div><span class="quiet">{PART_WORDS[one.named.kind]}</span><Swatch shown={one} {water} /></div>
	{/each}
</div>
{#if forage}
	<p>
		{#if like.length > 0}
			Like {spoken(forage)}{mainForageIn(reading) ? ` of ${mainForageIn(reading)} in` : ''} down there:
			<strong>{like.map(({ colour }) => spoken(colour)).join(', ')}</strong>.
		{:else}No skirt is like {spoken(forage)} down there.{/if}
	</p>
{/if}

<style>
	.pair {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(120px, 1fr));
		gap: 6px;
	}
</style>
