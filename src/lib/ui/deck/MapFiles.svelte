<script lang="ts">
	import type { ListedWater } from '$lib/core/records/appStart';
	import type { ChartRecord } from '$lib/core/records/chartSchema';
	import { download } from '../controls/download';
	import { notOf, takingOf, type Taking } from './mapExchange';
	import type { MapFile } from './mapFile';
	import { geoJsonOf, gpxOf, mapCsvOf, type Written } from './mapWrite';

	interface Props {
		water: ListedWater;
		chart: ChartRecord | null;
		/** What would be written. */
		written: Written;
		ontake: (taking: Taking) => Promise<void>;
	}
	const { water, chart, written, ontake }: Props = $props();

	let read = $state.raw<{ readonly name: string; readonly file: MapFile } | null>(null);
	/** Whether a file is added to the chart that is there; else it stands in for it. */
	let merge = $state(true);
	const taking = $derived(read && takingOf(read.file, water, chart, merge));
	let said = $state('');
	const readXml = (text: string): Document => new DOMParser().parseFromString(text, 'text/xml');
	const many = (count: number, one: string): string => `${count} ${count === 1 ? one : `${one}s`}`;

	async function look(input: HTMLInputElement) {
		const chosen = input.files?.[0];
		if (!chosen) return;
		read = null;
		said = '';
		try {
			const { readMap } = await import('./mapFile');
			const file = await readMap(chosen.name, await chosen.text(), readXml);
			const wrong = notOf(file, water);
			if (wrong) said = wrong;
			else read = { name: chosen.name, file };
		} catch (error) {
			said = error instanceof Error && error.name === 'MapFailure' ? error.message : 'This file could not be read.';
		}
		input.value = '';
	}
	async function take() {
		if (!read || !taking) return;
		await ontake(taking);
		said = `Imported from ${read.name}.`;
		read = null;
	}
	/** What a file may hold; soundings are many, and seldom wanted as waypoints. */
	const PARTS = [
		['places', 'spots'],
		['route', 'the day’s route'],
		['shores', 'shores'],
		['growths', 'weed and timber'],
		['soundings', 'soundings']
	] as const;
	let left = $state.raw<readonly (typeof PARTS)[number][0][]>(['soundings']);
	const chosen = $derived({ ...written, ...Object.fromEntries(left.map((part) => [part, []])) } as Written);
	const FORMATS = [
		['GPX', 'gpx', 'application/gpx+xml', async (of: Written) => gpxOf(of)],
		['GeoJSON', 'geojson', 'application/geo+json', async (of: Written) => geoJsonOf(of)],
		['CSV', 'csv', 'text/csv', mapCsvOf]
	] as const;
	const fileName = $derived(water.name.toLowerCase().replace(/[^\p{L}\p{N}]+/gu, '-'));
</script>

<section class="passage" aria-labelledby="map-files">
	<h2 id="map-files">Map files</h2>
	<p class="doing">
		<label class="button relative"
			>Import GPX, GeoJSON or CSV
			<input
				class="sr-only"
				type="file"
				accept=".gpx,.geojson,.json,.csv"
				onchange={({ currentTarget }) => look(currentTarget)}
			/></label
		>
	</p>
	{#if read && taking}
		<p>
			{read.name}: {many(read.file.shores.length, 'shore')}, {many(read.file.soundings.length, 'sounding')},
			{many(read.file.places.length, 'named place')}{read.file.growths.length > 0
				? `, ${many(read.file.growths.length, 'area')} of weed or timber`
				: ''}{read.file.leftOut.length > 0 ? `; left out: ${read.file.leftOut.join(', ')}` : ''}. {many(
				taking.moved.length,
				'spot'
			)} of {water.name}
			{taking.moved.length === 1 ? 'gets its' : 'get their'} place, {many(taking.added.length, 'spot')}
			{taking.added.length === 1 ? 'is' : 'are'} new.
		</p>
		{#if chart && taking.chart}
			<label class="tick min-h-28 phone:min-h-48"
				><input type="checkbox" bind:checked={merge} /> Add to your map (otherwise it replaces it)</label
			>
		{/if}
		<p class="doing">
			<button class="button button-amber" onclick={take}>Import it</button>
			<button class="button" onclick={() => (read = null)}>Cancel</button>
		</p>
	{/if}
	<p role="status" class:notice={said !== ''}>{said}</p>
	<fieldset class="doing">
		<legend class="text-s">Save to a file</legend>
		{#each PARTS as [part, label] (part)}
			<label class="tick min-h-28 phone:min-h-48"
				><input
					type="checkbox"
					checked={!left.includes(part)}
					onchange={() => (left = left.includes(part) ? left.filter((one) => one !== part) : [...left, part])}
				/>
				{label}</label
			>
		{/each}
	</fieldset>
	<p class="doing">
		{#each FORMATS as [label, ending, type, write] (ending)}
			<button class="button" onclick={async () => download(`${fileName}.${ending}`, await write(chosen), type)}
				>Save as {label}</button
			>
		{/each}
	</p>
</section>

<style>
	.doing {
		display: flex;
		flex-wrap: wrap;
		gap: 6px;
		padding-top: 8px;
	}
	p {
		padding: 4px 0;
		font-size: var(--t-s);
	}
	label:focus-within {
		outline: 2px solid var(--ink);
		outline-offset: 2px;
	}
</style>
