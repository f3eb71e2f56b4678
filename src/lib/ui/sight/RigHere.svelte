<script lang="ts">
	import { mainForageIn } from '$lib/core/water/reading/forage';
	import type { Reading } from '$lib/core/water/reading/complete';
	import { spoken } from '$lib/core/foundation/labels/spoken';
	import type { View } from '$lib/core/simulation/sight/backdrop';
	import { matchOf } from '$lib/core/simulation/sight/contrast';
	import { waterRgb } from '$lib/core/simulation/sight/swatch';
	import type { Build, OwnUse } from '$lib/core/foundation/schema/build';
	import type { Rig } from '$lib/core/foundation/schema/rig';
	import { look, lookOwn, partsOf } from './rigParts';
	import { css, sceneAt, shownIn, SKIRTS, type Shown } from './seen';
	import Swatch from './Swatch.svelte';

	interface Props {
		rig: Rig | null;
		/** Parts of the angler's own that it is built with. */
		own?: Build['own'];
		/** Own parts that lie in the box: those with a color are held beside what is tied on. */
		box?: readonly OwnUse['part'][];
		reading: Reading;
		/** Depth (m) that is looked at; the middle of the fish unless given. */
		depthM?: number;
		view?: View;
		/** Why its skirt is called, in the words of the rule that counts most; nothing where it is not a call. */
		skirtWhy?: string | null;
	}
	const { rig, own, box = [], reading, depthM, view = 'side', skirtWhy }: Props = $props();

	/** From here on a skirt is like the forage; the model tells them no finer than this. */
	const MATCH = 0.6;
	const MOST = 4;
	const PART_WORDS = { skirt: 'Skirt', trailer: 'Trailer', blade: 'Blade', forage: 'Forage' } as const;
	const scene = $derived(sceneAt(reading, depthM ?? (reading.fishFromM + reading.fishToM) / 2));
	const water = $derived(css(waterRgb(scene)));
	const forage = $derived(reading.forage.find(({ amount }) => amount !== 'none')?.kind ?? null);
	const bait = $derived(forage ? look('forage', forage) : []);
	const parts = $derived([...(rig ? partsOf(rig, own) : []), ...bait]);
	const beside = $derived<Shown[]>(shownIn(scene, parts, view));
	const blendsIn = $derived(beside.some(({ named, looked }) => named.kind === 'skirt' && looked.looks === 'blends'));
	/** The angler's own colors, those that the rules take for what is tied on before the others. */
	const owned = $derived.by(() => {
		const tied = (part: OwnUse['part']): boolean =>
			part.colour?.countsAs === (part.kind === 'skirt' ? rig?.skirt.colour : rig?.trailer?.colour);
		const sorted = box.filter(({ colour }) => colour).toSorted((a, b) => Number(tied(b)) - Number(tied(a)));
		return sorted.flatMap((part) =>
			lookOwn(part.kind === 'skirt' ? 'skirt' : 'trailer', part).map((named) => ({
				named,
				note: `${PART_WORDS[named.kind]}, treated as ${spoken(part.colour!.countsAs)}`,
				tied: tied(part)
			}))
		);
	});
	const mine = $derived(owned.map((one) => ({ ...one, shown: shownIn(scene, [one.named], view)[0]! })));
	const like = $derived.by(() => {
		const [seen] = shownIn(scene, bait, 'side');
		if (!seen) return [];
		return shownIn(scene, SKIRTS, 'side')
			.map(({ named: { colour }, looked }) => ({ colour, match: matchOf(looked, seen.looked, scene.eye.cones) }))
			.filter(({ match }) => match >= MATCH)
			.sort((a, b) => b.match - a.match)
			.slice(0, MOST);
	});
</script>

<div class="grid grid-cols-[repeat(auto-fill,minmax(120px,1fr))] gap-6">
	{#each beside as one (one.id)}
		<div><span class="quiet">{PART_WORDS[one.named.kind]}</span><Swatch shown={one} {water} /></div>
	{/each}
</div>
{#if blendsIn && skirtWhy !== undefined}
	<p>
		From the side this skirt blends in at that depth. It is still the first choice: {skirtWhy ??
			'no rule calls for another one here.'}
	</p>
{/if}
{#if mine.length > 0}
	<h3>Of your own</h3>
	<div class="grid grid-cols-[repeat(auto-fill,minmax(120px,1fr))] gap-6">
		{#each mine as { shown, note, tied }, at (at)}
			<div><span class="quiet">{note}{tied ? ': fits' : ''}</span><Swatch {shown} {water} /></div>
		{/each}
	</div>
{/if}
{#if forage}
	<p>
		{#if like.length > 0}
			Like {spoken(forage)}{mainForageIn(reading) ? ` of ${mainForageIn(reading)} in` : ''} at that depth:
			<strong>{like.map(({ colour }) => spoken(colour)).join(', ')}</strong>.
		{:else}No skirt looks like {spoken(forage)} at that depth.{/if}
	</p>
{/if}
