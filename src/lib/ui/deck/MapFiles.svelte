<script lang="ts">
	import type { HeldWater } from '$lib/client/app.svelte';
	import type { ChartRecord } from '$lib/core/records/chartSchema';
	import { download } from '../controls/download';
	import { notOf, takingOf, type Taking } from './mapExchange';
	import type { MapFile } from './mapFile';
	import { geoJsonOf, gpxOf, mapCsvOf, type Written } from './mapWrite';

	interface Props {
		water: HeldWater;
		chart: ChartRecord | null;
		/** What would be written. */
		written: Written;
		ontake: (taking: Taking) => Promise<void>;
	}
	const { water, chart, written, ontake }: Props = $props();

	let read = $state.raw<{ readonly name: string; readonly file: MapFile; readonly taking: Taking } | null>(null);
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
			else read = { name: chosen.name, file, taking: takingOf(file, water, chart) };
		} catch (error) {
			said = error instanceof Error && error.name === 'MapFailure' ? error.message : 'This file could not be read.';
		}
		input.value = '';
	}
	async function take() {
		if (!read) return;
		await ontake(read.taking);
		said = `Taken from ${read.name}.`;
		read = null;
	}
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
			>Bring in GPX, GeoJSON or CSV
			<input
				class="sr-only"
				type="file"
				accept=".gpx,.geojson,.json,.csv"
				onchange={({ currentTarget }) => look(currentTarget)}
			/></label
		>
	</p>
	{#if read}
		<p>
			{read.name}: {many(read.file.shores.length, 'shore')}, {many(read.file.soundings.length, 'sounding')},
			{many(read.file.places.length, 'named place')}{read.file.growths.length > 0
				? `, ${many(read.file.growths.length, 'area')} of weed or timber`
				: ''}{read.file.leftOut.length > 0 ? `; left out: ${read.file.leftOut.join(', ')}` : ''}. {many(
				read.taking.moved.length,
				'spot'
			)} of {water.name}
			{read.taking.moved.length === 1 ? 'gets its' : 'get their'} place, {many(read.taking.added.length, 'spot')}
			{read.taking.added.length === 1 ? 'is' : 'are'} new{read.taking.chart
				? '; what it has of a chart stands in for what there is'
				: ''}.
		</p>
		<p class="doing">
			<button class="button button-amber" onclick={take}>Take it</button>
			<button class="button" onclick={() => (read = null)}>Leave it</button>
		</p>
	{/if}
	<p role="status" class:notice={said !== ''}>{said}</p>
	<p class="doing">
		{#each FORMATS as [label, ending, type, write] (ending)}
			<button class="button" onclick={async () => download(`${fileName}.${ending}`, await write(written), type)}
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
