<script lang="ts">
	import { untrack } from 'svelte';
	import type { WaterRecord } from '$lib/core/records/schemas';
	import { PLACES } from '$lib/core/foundation/schema/words';
	import { spokenFirst } from '$lib/core/foundation/labels/spoken';
	import { waterOf, type TypedWater } from './fields';
	import { locate } from './locate';

	interface Props {
		/** The water that is changed, or a new one. */
		water: WaterRecord;
		onsave: (record: WaterRecord) => void;
		oncancel: () => void;
	}
	const { water, onsave, oncancel }: Props = $props();
	const shown = (degrees: number | null): string => (degrees === null ? '' : String(degrees));
	let typed = $state<TypedWater>(
		untrack(() => ({
			name: water.name,
			place: water.place,
			timeZone: water.timeZone,
			latitude: shown(water.latitude),
			longitude: shown(water.longitude)
		}))
	);
	let wrong = $state<Partial<Record<keyof TypedWater, string>>>({});
	let finding = $state(false);
	let refused = $state<string | null>(null);
	const zones: readonly string[] = Intl.supportedValuesOf?.('timeZone') ?? [];

	async function here() {
		[finding, refused] = [true, null];
		const found = await locate();
		finding = false;
		if ('why' in found) refused = found.why;
		else typed = { ...typed, latitude: String(found.latitude), longitude: String(found.longitude) };
	}
	function save(event: SubmitEvent & { readonly currentTarget: HTMLFormElement }) {
		event.preventDefault();
		const read = waterOf(typed, water);
		if ('record' in read) return onsave(read.record);
		wrong = read.wrong;
		const form = event.currentTarget;
		queueMicrotask(() => form.querySelector<HTMLElement>('[aria-invalid="true"]')?.focus());
	}
</script>

<form class="grid gap-10 py-8" novalidate onsubmit={save} aria-label={water.name ? `Edit ${water.name}` : 'New water'}>
	<label class="grid gap-4">
		<span>Name</span>
		<!-- svelte-ignore a11y_autofocus -->
		<input
			class="field w-full text-left"
			maxlength="120"
			autofocus
			bind:value={typed.name}
			aria-invalid={wrong.name ? 'true' : undefined}
		/>
		{#if wrong.name}<span class="wrong" role="alert">{wrong.name}</span>{/if}
	</label>
	<label class="grid gap-4">
		<span>Kind of water</span>
		<select class="field w-full" bind:value={typed.place}>
			{#each PLACES as place (place)}<option value={place}>{spokenFirst(place)}</option>{/each}
		</select>
	</label>
	<fieldset class="grid gap-4 border-0 p-0">
		<legend>Where it is <span class="quiet">(optional: for sun, moon and day length)</span></legend>
		<div class="flex flex-wrap items-end gap-8">
			<label class="grid gap-4"
				><span class="quiet">Degrees north</span>
				<input
					class="field figure w-110"
					inputmode="decimal"
					bind:value={typed.latitude}
					aria-invalid={wrong.latitude ? 'true' : undefined}
				/></label
			>
			<label class="grid gap-4"
				><span class="quiet">Degrees east</span>
				<input
					class="field figure w-110"
					inputmode="decimal"
					bind:value={typed.longitude}
					aria-invalid={wrong.longitude ? 'true' : undefined}
				/></label
			>
			<button class="button" type="button" disabled={finding} onclick={here}
				>{finding ? 'Finding…' : 'Use my location'}</button
			>
		</div>
		<span class="quiet">South and west are negative.</span>
		{#each [wrong.latitude, wrong.longitude, refused].filter(Boolean) as text (text)}
			<span class="wrong" role="alert">{text}</span>
		{/each}
	</fieldset>
	<label class="grid gap-4">
		<span>Time zone</span>
		<input
			class="field w-full text-left"
			list="time-zones"
			bind:value={typed.timeZone}
			aria-invalid={wrong.timeZone ? 'true' : undefined}
		/>
		{#if wrong.timeZone}<span class="wrong" role="alert">{wrong.timeZone}</span>{/if}
		<datalist id="time-zones"
			>{#each zones as zone (zone)}<option value={zone}></option>{/each}</datalist
		>
	</label>
	<p class="flex gap-8">
		<button class="button button-amber">Save</button>
		<button class="button" type="button" onclick={oncancel}>Cancel</button>
	</p>
</form>
