<script lang="ts">
	import type { ListedSpot } from '$lib/core/records/appStart';
	import type { Weather } from '$lib/core/water/weather/weather';
	import { spoken } from '$lib/core/foundation/labels/spoken';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import type { ParsedReading } from '$lib/core/foundation/schema/reading';
	import { SKIES } from '$lib/core/foundation/schema/words';
	import { figureText, shownIn } from '$lib/presentation/units';
	import FigureField from '../controls/FigureField.svelte';
	import type { HourEdit, PlacedWorth } from './day';
	import type { SpotHour } from './spotConditions';

	/** An hour as it is shown. */
	export interface HourRow {
		readonly at: string;
		readonly weather: Weather;
		readonly reading: ParsedReading;
		readonly worth: PlacedWorth | null;
		readonly lie: SpotHour | null;
		/** Number of the rod, and what it carries. */
		readonly rod: number | null;
		readonly lure: string;
		readonly edit: HourEdit;
	}
	interface Props {
		rows: readonly HourRow[];
		spots: readonly ListedSpot[];
		zone: string;
		units: UnitSystem;
		onedit: (at: string, edit: HourEdit) => void;
	}
	const { rows, spots, zone, units, onedit }: Props = $props();
	const time = $derived(new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: zone }));
	const wind = $derived(shownIn(units, 'wind'));
	/** Signs of the verdict: by shape first. */
	const SIGNS = { good: '●', fair: '◐', poor: '○' } as const;
	/** Strongest wind that an hour is planned with, m/s: as the record has it. */
	const WIND_MAX_MPS = 25;
</script>

<div class="overflow-x-auto">
	<table class="listed text-s">
		<thead class="phone:hidden">
			<tr>
				<th scope="col">Hour</th><th scope="col">Light</th><th scope="col">Sky</th><th scope="col">Wind, {wind.unit}</th
				>
				<th scope="col">Water</th><th scope="col">Where</th><th scope="col">Blades</th><th scope="col">Rod and lure</th>
			</tr>
		</thead>
		<tbody>
			{#each rows as { at, weather, reading, worth, rod, lure, edit } (at)}
				{@const hour = time.format(Date.parse(at))}
				<tr class:front={weather.pressureTrend === 'falling'}>
					<th scope="row" class="figure phone:[grid-area:hour]">{hour}</th>
					<td class="phone:[grid-area:light]">{spoken(reading.light ?? 'day')}</td>
					<td class="phone:[grid-area:sky]">
						<select
							class="field min-h-28 py-0 phone:min-h-48 phone:w-full"
							aria-label="Sky at {hour}"
							value={weather.sky}
							onchange={({ currentTarget }) => onedit(at, { sky: currentTarget.value as Weather['sky'] })}
						>
							{#each SKIES as sky (sky)}<option value={sky}>{spoken(sky, 'sky')}</option>{/each}
						</select>
					</td>
					<td class="wind phone:[grid-area:wind]">
						<FigureField
							label="Wind at {hour}"
							value={figureText(units, 'wind', weather.windMps)}
							low={0}
							high={Number(figureText(units, 'wind', WIND_MAX_MPS))}
							unit={wind.unit}
							onvalue={(figure) => onedit(at, { windMps: wind.read(figure) })}
							><span class="unit hidden phone:inline">{wind.unit}</span></FigureField
						>
					</td>
					<td class="figure phone:hidden">{figureText(units, 'temperature', reading.waterTemperatureC)}</td>
					<td class="phone:[grid-area:at]">
						<select
							class="field min-h-28 max-w-132 py-0 phone:min-h-48 phone:w-full phone:max-w-none"
							aria-label="Where at {hour}"
							value={edit.spot ?? ''}
							onchange={({ currentTarget }) => onedit(at, { spot: currentTarget.value || undefined })}
						>
							<option value="">{spots.find(({ id }) => id === worth?.spot)?.name ?? 'best'}</option>
							{#each spots as spot (spot.id)}<option value={spot.id}>{spot.name}, fixed</option>{/each}
						</select>
					</td>
					<td class="phone:[grid-area:blades]"
						>{#if worth && !weather.thunder}<span aria-hidden="true">{SIGNS[worth.blades]}</span>
							{worth.blades}{/if}</td
					>
					<td class="phone:[grid-area:lure]">
						{#if rod !== null}<strong
								class="figure mr-4 inline-grid h-20 w-20 place-items-center rounded-[50%] border border-ink"
								>{rod}</strong
							>
							{lure}{:else}{lure}{/if}
						{#if weather.thunder}<em class="ml-6 font-640 text-fail not-italic">thunder: get off the water</em>{/if}
					</td>
				</tr>
			{/each}
		</tbody>
	</table>
</div>

<style>
	th,
	td {
		white-space: nowrap;
	}
	thead th {
		color: var(--ink-2);
	}
	.front th {
		border-left: 4px solid var(--cool);
		padding-left: 4px;
	}
	/* A phone has no room for eight columns: an hour is a card of three lines. */
	@media (width < 56rem) {
		tr {
			display: grid;
			grid-template-columns: 4.2rem 1fr auto;
			grid-template-areas: 'hour sky wind' 'light at at' 'blades lure lure';
			gap: 4px 8px;
			align-items: center;
			padding: 8px 0;
			border-bottom: 1px solid var(--rule-2);
		}
		:is(th, td) {
			padding: 0;
			border: 0;
			white-space: normal;
		}
		.wind :global(input) {
			width: 5rem;
		}
	}
</style>
