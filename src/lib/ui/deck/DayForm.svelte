<script lang="ts">
	import type { ListedSpot } from '$lib/core/records/appStart';
	import { RODS_MAX } from '$lib/core/foundation/schema/limits';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import { figureText, shownIn } from '$lib/presentation/units';
	import type { Snippet } from 'svelte';
	import FigureField from '../controls/FigureField.svelte';
	import type { DayPlan } from './day';

	interface Props {
		day: DayPlan;
		spots: readonly ListedSpot[];
		/** Those that may be fished. */
		ticked: readonly ListedSpot[];
		waterName: string;
		/** Temperature (°C) of the water on the day, and where that is from. */
		temperature: { readonly waterTemperatureC: number; readonly from: 'set' | 'read' | 'estimate' };
		units: UnitSystem;
		/** How many rigs are kept. */
		lures: number;
		onset: (more: Partial<DayPlan>) => void;
		/** What else bounds the lures of the day. */
		children?: Snippet;
	}
	const { day, spots, ticked, waterName, temperature, units, lures, onset, children }: Props = $props();
	const shown = $derived(shownIn(units, 'temperature'));
	let said = $state('');
	const HOURS = 24;
	async function look(input: HTMLInputElement) {
		const chosen = input.files?.[0];
		if (!chosen) return;
		try {
			const { readWeather } = await import('./weatherFile');
			const station = await readWeather(chosen.name, await chosen.text());
			onset({ station, edits: {} });
			said = `${station.length} ${station.length === 1 ? 'hour' : 'hours'} from ${chosen.name}.`;
		} catch (error) {
			said = error instanceof Error && error.name === 'WeatherFailure' ? error.message : 'This file could not be read.';
		}
		input.value = '';
	}
</script>

{#snippet number(label: string, name: 'from' | 'to' | 'rods', low: number, high: number)}
	<label
		>{label}
		<FigureField {label} value={day[name]} {low} {high} whole onvalue={(figure) => onset({ [name]: figure })} /></label
	>
{/snippet}

<div class="filters flex flex-wrap items-end gap-x-14 gap-y-4 border-b border-b-rule px-14 py-6 print:hidden">
	<label
		>Day <input
			class="field"
			type="date"
			value={day.date}
			onchange={({ currentTarget }) =>
				currentTarget.value && onset({ date: currentTarget.value, waterTemperatureC: undefined })}
		/></label
	>
	<label
		>Water, {shown.unit}{temperature.from === 'estimate' ? ' (estimate)' : ''}
		<FigureField
			label="Water temperature, {shown.spokenUnit}{temperature.from === 'estimate' ? ', estimated' : ''}"
			value={figureText(units, 'temperature', temperature.waterTemperatureC)}
			low={Math.ceil(shown.show(0))}
			high={Math.floor(shown.show(40))}
			onvalue={(figure) => onset({ waterTemperatureC: shown.read(figure) })}
		/></label
	>
	{@render number('From', 'from', 0, day.to - 1)}
	{@render number('to', 'to', day.from + 1, HOURS)}
	{@render number('Rods', 'rods', 1, RODS_MAX)}
	<fieldset class="flex flex-wrap gap-x-12 gap-y-2">
		<legend class="text-xs">Spots of {waterName}</legend>
		{#each spots as spot (spot.id)}
			<label class="tick min-h-28 phone:min-h-48"
				><input
					type="checkbox"
					checked={ticked.includes(spot)}
					onchange={({ currentTarget }) => {
						const now = ticked.map(({ id }) => id);
						onset({ spots: currentTarget.checked ? [...now, spot.id] : now.filter((id) => id !== spot.id) });
					}}
				/>
				{spot.name}</label
			>
		{/each}
	</fieldset>
	{#if lures > 0}
		<label class="tick min-h-28 phone:min-h-48"
			><input
				type="checkbox"
				checked={day.kept}
				onchange={({ currentTarget }) => onset({ kept: currentTarget.checked })}
			/>
			Only my saved lures ({lures})</label
		>
	{/if}
	{@render children?.()}
	<label class="tick min-h-28 phone:min-h-48"
		><input
			type="checkbox"
			checked={day.record}
			onchange={({ currentTarget }) => onset({ record: currentTarget.checked })}
		/>
		Use what my log shows</label
	>
	<button class="button" onclick={() => onset({ seed: day.seed + 1, edits: {}, station: [] })}>Another example</button>
	<label class="button relative"
		>Weather file <input
			class="sr-only"
			type="file"
			accept=".csv,.json"
			onchange={({ currentTarget }) => look(currentTarget)}
		/></label
	>
	<p role="status" class="basis-full text-s">{said}</p>
</div>

<style>
	label.button:focus-within {
		outline: 2px solid var(--ink);
		outline-offset: 2px;
	}
	.filters label:not(.tick, .button) {
		display: grid;
		font-size: var(--t-xs);
	}
	@media (width < 56rem) {
		.filters input:not([type='checkbox']) {
			min-height: 48px;
		}
	}
</style>
