<script lang="ts">
	import { keysOf } from '$lib/core/foundation/basics/typed';
	import {
		DIMENSIONS,
		dimensionsOf,
		OUTCOMES,
		type DimensionId,
		type OutcomeId,
		type Sweep
	} from '$lib/core/rig/bench/sweep';
	import type { Reading } from '$lib/core/water/reading/complete';
	import type { Build } from '$lib/core/foundation/schema/build';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import { useApp } from '$lib/client/state/app.svelte';
	import { shownIn, type Measure } from '$lib/presentation/units';
	import LineChart, { type ChartAxis, type ChartLine } from '../controls/LineChart.svelte';

	interface Props {
		build: Build;
		reading: Reading;
		units: UnitSystem;
	}
	const { build, reading, units }: Props = $props();
	const app = useApp();
	const dimensions = $derived(dimensionsOf(build));
	let wanted = $state<DimensionId>('wire');
	const dimension = $derived(dimensions.includes(wanted) ? wanted : dimensions[0]!);
	/** What each dimension is usually swept against. */
	const USUAL: Readonly<Record<DimensionId, readonly [OutcomeId, OutcomeId]>> = {
		wire: ['swing', 'opens'],
		rearSize: ['lift', 'start'],
		frontSize: ['lift', 'start'],
		diameter: ['start', 'roll'],
		weight: ['depth', 'roll'],
		arm: ['swing', 'roll'],
		speed: ['depth', 'beat'],
		line: ['depth', 'sink'],
		kink: ['roll', 'mass']
	};
	let chosen = $state<Partial<Record<DimensionId, readonly [OutcomeId, OutcomeId]>>>({});
	const pair = $derived(chosen[dimension] ?? USUAL[dimension]);
	let swept = $state.raw<Sweep | null>(null);
	const outcomes = $derived(swept ? keysOf(swept.lines) : []);
	const shown = $derived(swept ? pair.filter((id) => swept?.lines[id]) : []);

	async function ask(present: Build, water: Reading, id: DimensionId) {
		const answer = await app.work?.sweep(present, water, id);
		if (answer) swept = answer;
	}
	$effect(() => {
		if (app.work) void ask(build, reading, dimension).catch(() => undefined);
	});

	/** Measures that stand in the angler's own units. */
	const MEASURES: Readonly<Record<string, Measure>> = {
		mps: 'speed',
		m: 'depth',
		mm: 'size',
		g: 'mass',
		cm2: 'area',
		N: 'force'
	};
	const UNITS: Readonly<Record<string, string>> = { deg: '°', size: '' };
	const inUnits = (unit: string) => (MEASURES[unit] ? shownIn(units, MEASURES[unit]) : null);
	const unitOf = (unit: string): string => inUnits(unit)?.unit ?? UNITS[unit] ?? unit;
	/** As fine as a chart needs. */
	const fine = (value: number): number => Number(value.toPrecision(4));
	const figureOf = (unit: string, value: number): number => fine(inUnits(unit)?.show(value) ?? value);
	const outcomeShown = (id: OutcomeId, value: number | null): number | null =>
		value === null || !Number.isFinite(value) ? null : figureOf(OUTCOMES[id].unit, value);
	const outcomeUnit = (id: OutcomeId): string => unitOf(OUTCOMES[id].unit);
	const valueShown = (value: number): number => figureOf(DIMENSIONS[dimension].unit, value);
	const valueUnit = $derived(unitOf(DIMENSIONS[dimension].unit));
	const nearestNow = $derived(
		swept
			? swept.values.reduce((best, value) =>
					Math.abs(value - swept!.now) < Math.abs(best - swept!.now) ? value : best
				)
			: 0
	);

	const PLOT_PX = 190;
	const DASH = [[], [6, 4]];
	const axisOf = (id: OutcomeId | undefined): ChartAxis =>
		id ? { title: `${OUTCOMES[id].name}, ${outcomeUnit(id)}` } : {};
	const lines = $derived.by((): ChartLine[] => {
		const data = swept;
		if (!data || data.dimension !== dimension) return [];
		return shown.map((id, at) => ({
			label: OUTCOMES[id].name,
			side: at === 0 ? 'left' : 'right',
			points: data.values.map((x, index) => ({ x: valueShown(x), y: outcomeShown(id, data.lines[id]![index]!) })),
			width: at === 0 ? 2.2 : 1.6,
			dash: DASH[at] ?? [],
			marks: data.values.map((x) => (x === nearestNow ? 6 : 0)),
			now: true
		}));
	});
	const across = $derived({ title: `${DIMENSIONS[dimension].name}${valueUnit ? `, ${valueUnit}` : ''}` });

	/** The ends and the present value in words, for those who do not see the chart. */
	const told = $derived.by(() => {
		if (!swept) return '';
		const at = (index: number): string =>
			shown
				.map((id) => {
					const value = outcomeShown(id, swept!.lines[id]![index]!);
					return value === null
						? ''
						: `${OUTCOMES[id].name.toLowerCase()} ${Number(value.toPrecision(3))} ${outcomeUnit(id)}`;
				})
				.join(', ');
		const indexes = new Set([0, swept.values.indexOf(nearestNow), swept.values.length - 1]);
		return [...indexes].map((index) => `At ${valueShown(swept!.values[index]!)} ${valueUnit}: ${at(index)}.`).join(' ');
	});
	const pick = (at: 0 | 1, id: string) => {
		const next: [OutcomeId, OutcomeId] = [...pair];
		next[at] = id as OutcomeId;
		chosen = { ...chosen, [dimension]: next };
	};
</script>

<section class="px-14 py-4" aria-label="What if">
	<div class="flex flex-wrap gap-x-14 gap-y-4 text-s">
		<label class="inline-flex items-center gap-5"
			>Vary
			<select
				class="field"
				value={dimension}
				onchange={({ currentTarget }) => (wanted = currentTarget.value as DimensionId)}
			>
				{#each dimensions as id (id)}<option value={id}>{DIMENSIONS[id].name}</option>{/each}
			</select></label
		>
		{#each [0, 1] as const as at (at)}
			<label class="inline-flex items-center gap-5"
				>{at === 0 ? 'against' : 'and'}
				<svg width="24" height="6" aria-hidden="true"
					><line
						x2="24"
						y1="3"
						y2="3"
						stroke="currentColor"
						stroke-width="2"
						stroke-dasharray={at === 0 ? '' : '6 4'}
					/></svg
				>
				<select class="field" value={pair[at]} onchange={({ currentTarget }) => pick(at, currentTarget.value)}>
					{#each outcomes as id (id)}<option value={id}>{OUTCOMES[id].name}</option>{/each}
				</select></label
			>
		{/each}
	</div>
	<LineChart {lines} x={across} left={axisOf(shown[0])} right={axisOf(shown[1])} height={PLOT_PX} />
	<p class="text-xs text-ink-2">{told} Model numbers with everything else unchanged.</p>
</section>
