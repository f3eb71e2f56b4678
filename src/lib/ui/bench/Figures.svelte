<script lang="ts">
	import { partWords, slotWord } from '$lib/core/rig/build/partNames';
	import { partsOf } from '$lib/core/rig/build/partsOf';
	import type { FigureName } from '$lib/core/rig/build/partTable';
	import type { Build } from '$lib/core/foundation/schema/build';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import { shownIn, type Measure } from '$lib/presentation/units';

	const { build, units }: { build: Build; units: UnitSystem } = $props();
	/** Measures that stand in the angler's own units. */
	const MEASURES: Readonly<Record<string, Measure>> = { mm: 'size', g: 'mass', 'cm²': 'area' };
	const shownBy = (unit: string) => (MEASURES[unit] ? shownIn(units, MEASURES[unit]) : null);
	const shown = (unit: string, value: number): string => short(shownBy(unit)?.show(value) ?? value);
	const NAMES: Readonly<Record<FigureName, readonly [string, string]>> = {
		lengthMm: ['length', 'mm'],
		widthMm: ['width', 'mm'],
		heightMm: ['height', 'mm'],
		thickMm: ['thickness', 'mm'],
		diameterMm: ['diameter', 'mm'],
		gapeMm: ['gape', 'mm'],
		shankMm: ['shank', 'mm'],
		strands: ['strands', ''],
		keelMm: ['keel below center', 'mm'],
		eyeMm: ['eye behind the nose', 'mm'],
		dragCm2: ['drag area', 'cm²'],
		massG: ['mass', 'g'],
		ratio: ['ratio', ':1'],
		spoolMm: ['full spool', 'mm'],
		inchesPerTurn: ['a turn, full', 'in'],
		inchesPerTurnHalf: ['a turn, half full', 'in']
	};
	const BASIS = { formula: 'formula', standard: 'standard or measured', assumed: 'assumed' } as const;
	const PRICES = ['', 'low', 'middle', 'high'] as const;
	const rows = $derived(
		partsOf(build).flatMap((placed) =>
			Object.entries(placed.part.figures).map(([name, figure], at) => ({
				placed,
				figure,
				at,
				key: `${placed.slot}-${name}`,
				name: NAMES[name as FigureName][0],
				unit: NAMES[name as FigureName][1]
			}))
		)
	);
	const short = (value: number): string => String(Number(value.toPrecision(3)));
</script>

<div class="overflow-x-auto px-14 py-2">
	<table class="w-full border-collapse text-s">
		<caption class="sr-only">Every number behind the checks, with its range and source</caption>
		<thead
			><tr
				><th scope="col">Part</th><th scope="col">Figure</th><th scope="col">Value</th><th scope="col"
					>On sale from, to</th
				><th scope="col">Source</th><th scope="col">Price</th></tr
			></thead
		>
		<tbody>
			{#each rows as { placed, figure, at, key, name, unit } (key)}
				<tr class:first={at === 0}>
					<th scope="row"
						>{#if at === 0}{slotWord(placed.slot, build)}: {partWords(placed, build)}
							<span>version {placed.part.version}</span>{/if}</th
					>
					<td>{name}</td>
					<td class="figure">{shown(unit, figure.value)}<span class="unit">{shownBy(unit)?.unit ?? unit}</span></td>
					<td class="figure">{placed.own ? '' : `${shown(unit, figure.low)}, ${shown(unit, figure.high)}`}</td>
					<td>{placed.own ? 'your measure' : BASIS[figure.basis]}</td>
					<td>{at === 0 ? PRICES[placed.part.price] : ''}</td>
				</tr>
			{/each}
		</tbody>
	</table>
</div>

<style>
	th {
		text-align: left;
		font-weight: 560;
	}
	th span {
		color: var(--ink-2);
		font-weight: 450;
	}
	td,
	th {
		padding: 1px 6px;
	}
	tr.first td,
	tr.first th,
	thead th {
		border-top: 1px solid var(--rule);
	}
</style>
