<script lang="ts">
	import { untrack } from 'svelte';
	import { without } from '$lib/core/foundation/basics/without';
	import type { ListedWater } from '$lib/core/records/appStart';
	import type { SpotRecord, UnitSystem } from '$lib/core/records/schemas';
	import { figureText, shownIn } from '$lib/presentation/units';
	import FigureField from '../controls/FigureField.svelte';
	import CoverRows from '../reading/CoverRows.svelte';
	import ProfileField from './ProfileField.svelte';
	import { degrees, FACES, nameFault } from './fields';
	import { locate } from './locate';

	interface Props {
		/** The spot that is changed, or a new one. */
		spot: SpotRecord;
		waters: readonly ListedWater[];
		units: UnitSystem;
		/** Depth (m) that a first point of a profile is given. */
		bottomM: number;
		onsave: (record: SpotRecord) => void;
		oncancel: () => void;
	}
	const { spot, waters, units, bottomM, onsave, oncancel }: Props = $props();
	let draft = $state.raw<SpotRecord>(untrack(() => spot));
	let position = $state(
		untrack(() => ({ latitude: spot.at ? String(spot.at[1]) : '', longitude: spot.at ? String(spot.at[0]) : '' }))
	);
	let wrongName = $state<string | null>(null);
	let wrongPlace = $state<string | null>(null);
	let finding = $state(false);
	const height = $derived(shownIn(units, 'depth'));
	const HIGHEST_M = 100;
	const set = (patch: Partial<SpotRecord>) => (draft = { ...draft, ...patch });
	/** A bearing that is none of the eight, as one that came from a map. */
	const isOther = $derived(draft.bankBearingDeg !== null && !FACES.some(([deg]) => deg === draft.bankBearingDeg));

	async function here() {
		[finding, wrongPlace] = [true, null];
		const found = await locate();
		finding = false;
		if ('why' in found) wrongPlace = found.why;
		else position = { latitude: String(found.latitude), longitude: String(found.longitude) };
	}

	/** Where it lies as it was typed; nothing where nothing was, or what is wrong. */
	function placeTyped(): { at?: [number, number] } | string {
		const [north, east] = [degrees(position.latitude, 90), degrees(position.longitude, 180)];
		if (typeof north === 'string') return north;
		if (typeof east === 'string') return east;
		if (north === null && east === null) return {};
		return north === null || east === null ? 'Fill in both, or leave both empty.' : { at: [east, north] };
	}
	function save(event: SubmitEvent & { readonly currentTarget: HTMLFormElement }) {
		event.preventDefault();
		wrongName = nameFault(draft.name);
		const place = placeTyped();
		wrongPlace = typeof place === 'string' ? place : null;
		if (wrongName === null && typeof place !== 'string') {
			return onsave({ ...without(draft, 'at'), ...place, name: draft.name.trim() } as SpotRecord);
		}
		const form = event.currentTarget;
		queueMicrotask(() => form.querySelector<HTMLElement>('[aria-invalid="true"]')?.focus());
	}
</script>

<form class="grid gap-12 py-8" novalidate onsubmit={save} aria-label={spot.name ? `Edit ${spot.name}` : 'New spot'}>
	<label class="grid gap-4">
		<span>Name</span>
		<!-- svelte-ignore a11y_autofocus -->
		<input
			class="field w-full text-left"
			maxlength="120"
			autofocus
			value={draft.name}
			aria-invalid={wrongName ? 'true' : undefined}
			oninput={({ currentTarget }) => set({ name: currentTarget.value })}
		/>
		{#if wrongName}<span class="wrong" role="alert">{wrongName}</span>{/if}
	</label>
	<label class="grid gap-4">
		<span>Water</span>
		<select class="field w-full" value={draft.waterId} onchange={(e) => set({ waterId: e.currentTarget.value })}>
			{#each waters as water (water.id)}
				<option value={water.id} selected={water.id === draft.waterId}>{water.name}</option>
			{/each}
		</select>
	</label>
	<label class="grid gap-4">
		<span>From the bank you look toward <span class="quiet">(optional: for wind, waves and shade)</span></span>
		<select
			class="field w-full"
			value={draft.bankBearingDeg === null ? '' : String(draft.bankBearingDeg)}
			onchange={({ currentTarget: { value } }) => set({ bankBearingDeg: value === '' ? null : Number(value) })}
		>
			<option value="">not entered</option>
			{#if isOther}<option value={String(draft.bankBearingDeg)}>{Math.round(draft.bankBearingDeg!)}°</option>{/if}
			{#each FACES as [deg, word] (deg)}<option value={String(deg)}>{word}</option>{/each}
		</select>
	</label>
	<p class="flex flex-wrap items-center gap-6">
		<span>Bank and trees</span>
		<FigureField
			label="Height of bank and trees over the water"
			value={figureText(units, 'depth', draft.bankHeightM ?? 0)}
			low={0}
			high={height.show(HIGHEST_M)}
			unit={height.unit}
			onvalue={(figure) => set({ bankHeightM: height.read(figure) })}>{height.unit} high</FigureField
		>
		<span class="quiet">(optional: for shade)</span>
	</p>
	<ProfileField profile={draft.profile} {bottomM} {units} onvalue={(profile) => set({ profile })} />
	<CoverRows
		cover={draft.cover}
		{units}
		errors={{}}
		onvalue={(cover) => {
			set({ cover });
			return null;
		}}
	/>
	<fieldset class="grid gap-4 border-0 p-0">
		<legend>Where it is <span class="quiet">(optional: puts it on the map)</span></legend>
		<div class="flex flex-wrap items-end gap-8">
			<label class="grid gap-4"
				><span class="quiet">Degrees north</span>
				<input
					class="field figure w-110"
					inputmode="decimal"
					bind:value={position.latitude}
					aria-invalid={wrongPlace ? 'true' : undefined}
				/></label
			>
			<label class="grid gap-4"
				><span class="quiet">Degrees east</span>
				<input class="field figure w-110" inputmode="decimal" bind:value={position.longitude} /></label
			>
			<button class="button" type="button" disabled={finding} onclick={here}
				>{finding ? 'Finding…' : 'I am here'}</button
			>
		</div>
		{#if wrongPlace}<span class="wrong" role="alert">{wrongPlace}</span>{/if}
	</fieldset>
	<p class="flex gap-8">
		<button class="button button-amber">Save</button>
		<button class="button" type="button" onclick={oncancel}>Cancel</button>
	</p>
</form>
