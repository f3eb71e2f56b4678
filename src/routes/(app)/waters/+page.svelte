<script lang="ts">
	import { goto, replaceState } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { useApp } from '$lib/client/state/app.svelte';
	import type { ListedSpot, ListedWater } from '$lib/core/records/appStart';
	import { blankSpot, blankWater, copyName, freeName } from '$lib/client/state/newPlaces';
	import { spotRecordOf, waterRecordOf } from '$lib/client/state/places';
	import { spoken } from '$lib/core/foundation/labels/spoken';
	import type { SpotRecord, WaterRecord } from '$lib/core/records/schemas';
	import { withUnit } from '$lib/presentation/units';
	import SpotForm from '$lib/ui/places/SpotForm.svelte';
	import WaterForm from '$lib/ui/places/WaterForm.svelte';
	import { FACES } from '$lib/ui/places/fields';

	const app = useApp();

	/** What is being edited, with the version that was opened; a new one has none. */
	type Editing =
		| { readonly kind: 'water'; readonly known?: ListedWater; readonly record: WaterRecord }
		| { readonly kind: 'spot'; readonly known?: ListedSpot; readonly record: SpotRecord };
	let editing = $state.raw<Editing | null>(null);
	let said = $state<string | null>(null);
	const deleted = $derived(app.sync.deletionOn('waters'));
	const spotNames = (water: ListedWater): string[] => water.spots.map(({ name }) => name);

	const newWater = () => (editing = { kind: 'water', record: blankWater('') });
	const newSpot = (water: ListedWater) =>
		(editing = { kind: 'spot', record: blankSpot(water.id, freeName('Spot', spotNames(water))) });
	/** The water that a new spot is for when nobody says: the one that is fished, or the first. */
	const usual = $derived(app.spot?.water ?? app.waters[0] ?? null);

	// The palette and empty screens lead here with what is wanted.
	let asked = '';
	$effect(() => {
		const wanted = page.url.searchParams.get('new') ?? '';
		if (!app.live || wanted === asked) return;
		asked = wanted;
		if (wanted === 'water' || (wanted === 'spot' && !usual)) newWater();
		else if (wanted === 'spot' && usual) newSpot(usual);
		if (wanted !== '') replaceState(resolve('/waters'), {});
	});

	function saveWater(record: WaterRecord, known?: ListedWater) {
		const id = app.saveWater(record, known);
		said = `Saved “${record.name}”.`;
		editing = null;
		// A water without a spot is not fished yet: its first spot is next.
		if (!known) editing = { kind: 'spot', record: blankSpot(id, 'Spot 1') };
	}
	function saveSpot(record: SpotRecord, known?: ListedSpot) {
		app.saveSpot(record, known);
		said = `Saved “${record.name}”.`;
		editing = null;
	}
	function copyWater(water: ListedWater) {
		const name = copyName(
			water.name,
			app.waters.map((one) => one.name)
		);
		const id = app.saveWater({ ...waterRecordOf(water), name });
		for (const spot of water.spots) app.saveSpot({ ...spotRecordOf(spot), waterId: id });
		said = `Saved “${name}” with its spots.`;
	}
	function copySpot(water: ListedWater, spot: ListedSpot) {
		const name = copyName(spot.name, spotNames(water));
		app.saveSpot({ ...spotRecordOf(spot), name });
		said = `Saved “${name}”.`;
	}
	async function remove(kind: 'waters' | 'spots', { id, version, name }: ListedSpot | ListedWater) {
		said = null;
		await app.sync.remove(kind, id, version, name);
	}
	async function bringBack() {
		const name = deleted?.title;
		await app.sync.bringBack();
		said = `“${name}” is back.`;
	}
	function fish(spot: ListedSpot) {
		app.moveTo(spot.id);
		void goto(resolve('/water'));
	}

	const facing = (deg: number | null): string => {
		const near = FACES.find(([one]) => Math.abs(((one - (deg ?? 0) + 540) % 360) - 180) <= 22.5);
		return deg === null ? '' : `looks ${near![1]}`;
	};
	const facts = (spot: ListedSpot): string => {
		const deepest = Math.max(0, ...spot.profile.map(({ depthM }) => depthM));
		return [
			facing(spot.bankBearingDeg),
			deepest > 0 ? `${withUnit(app.units, 'depth', deepest)} deep` : '',
			[...new Set(spot.cover.map(({ kind }) => spoken(kind, 'cover')))].join(', '),
			spot.at ? 'on the map' : ''
		]
			.filter((one) => one !== '')
			.join(' · ');
	};
</script>

<svelte:head><title>Waters and spots · Lucernal</title></svelte:head>

<div class="screen block">
	<div class="screen-title min-h-40">
		<h1>Waters and spots</h1>
		<span class="flex-1"></span>
		<button class="button button-amber" type="button" disabled={!app.live} onclick={newWater}>New water</button>
	</div>
	<div class="px-16 pb-24 phone:px-10">
		{#if deleted}
			<p class="notice my-8 flex items-center gap-12">
				<span role="status">Deleted “{deleted.title}”.</span>
				<button class="button" type="button" onclick={bringBack}>Undo</button>
			</p>
		{:else if said}
			<p class="notice my-8" role="status">{said}</p>
		{/if}
		<!-- Apart from the list: what is read anew there leaves what is being typed alone. -->
		{#if editing}
			<section class="max-w-[34rem]" aria-labelledby="editing">
				<h2 id="editing" class="border-b border-b-ink py-6">
					{editing.known ? `Edit ${editing.known.name}` : `New ${editing.kind}`}
				</h2>
				{#key editing}
					{#if editing.kind === 'water'}
						{@const { known } = editing}
						<WaterForm
							water={editing.record}
							onsave={(record) => saveWater(record, known)}
							oncancel={() => (editing = null)}
						/>
					{:else}
						{@const { known } = editing}
						<SpotForm
							spot={editing.record}
							waters={app.waters}
							units={app.units}
							bottomM={app.complete.bottomM}
							onsave={(record) => saveSpot(record, known)}
							oncancel={() => (editing = null)}
						/>
					{/if}
				{/key}
			</section>
		{/if}
		{#each app.waters as water (water.id)}
			<section class="max-w-[52rem] pt-14" aria-label={water.name}>
				<div class="flex flex-wrap items-center gap-8 border-b border-b-ink py-6">
					<h2 class="min-w-0 break-words phone:basis-full">{water.name}</h2>
					<span class="quiet flex-1"
						>{spoken(water.place)}{#if water.latitude === null}, no position{/if}, {water.timeZone}</span
					>
					<button class="button" type="button" aria-label="New spot at {water.name}" onclick={() => newSpot(water)}
						>New spot</button
					>
					<button
						class="button"
						type="button"
						aria-label="Edit {water.name}"
						onclick={() => (editing = { kind: 'water', known: water, record: waterRecordOf(water) })}>Edit</button
					>
					<button class="button" type="button" aria-label="Copy {water.name}" onclick={() => copyWater(water)}
						>Copy</button
					>
					<button class="button" type="button" aria-label="Delete {water.name}" onclick={() => remove('waters', water)}
						>Delete</button
					>
				</div>
				<ul>
					{#each water.spots as spot (spot.id)}
						<li class="border-b border-rule py-8">
							<div class="flex flex-wrap items-center gap-8">
								<span class="min-w-0 flex-1 break-words phone:basis-full">
									<strong>{spot.name}</strong>{#if app.record.spotId === spot.id}
										<span class="quiet">, where you are now</span>{/if}
									{#if facts(spot)}<br /><span class="quiet">{facts(spot)}</span>{/if}
								</span>
								<button class="button" type="button" aria-label="Fish {spot.name}" onclick={() => fish(spot)}
									>Fish here</button
								>
								<button
									class="button"
									type="button"
									aria-label="Edit {spot.name}"
									onclick={() => (editing = { kind: 'spot', known: spot, record: spotRecordOf(spot) })}>Edit</button
								>
								<button class="button" type="button" aria-label="Copy {spot.name}" onclick={() => copySpot(water, spot)}
									>Copy</button
								>
								<button
									class="button"
									type="button"
									aria-label="Delete {spot.name}"
									onclick={() => remove('spots', spot)}>Delete</button
								>
							</div>
						</li>
					{:else}
						<li class="py-8 text-ink-2">No spots yet. A spot needs only a name.</li>
					{/each}
				</ul>
			</section>
		{:else}
			{#if editing === null}
				<p class="py-14">
					This screen shows the waters you fish and your spots on them. A spot remembers its bottom and cover, so you
					don’t have to enter them each time.
				</p>
				<p>
					<button class="button button-amber" type="button" disabled={!app.live} onclick={newWater}>New water</button>
				</p>
			{/if}
		{/each}
	</div>
</div>
