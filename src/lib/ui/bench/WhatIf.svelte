<script lang="ts">
	import type { Chart as ChartType } from 'chart.js';
	import {
		DIMENSIONS,
		dimensionsOf,
		OUTCOMES,
		type DimensionId,
		type OutcomeId,
		type Sweep
	} from '$lib/core/bench/sweep';
	import type { Reading } from '$lib/core/reading/complete';
	import type { Build } from '$lib/core/schema/build';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import { useApp } from '$lib/client/app.svelte';
	import { shownIn } from '$lib/forms/units';

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
	const outcomes = $derived(swept ? (Object.keys(swept.lines) as OutcomeId[]) : []);
	const shown = $derived(swept ? pair.filter((id) => swept?.lines[id]) : []);

	async function ask(present: Build, water: Reading, id: DimensionId) {
		const answer = await app.work?.sweep(present, water, id);
		if (answer) swept = answer;
	}
	$effect(() => {
		if (app.work) void ask(build, reading, dimension).catch(() => undefined);
	});

	const speed = $derived(shownIn(units, 'speed'));
	const depth = $derived(shownIn(units, 'depth'));
	function outcomeShown(id: OutcomeId, value: number | null): number | null {
		const { unit } = OUTCOMES[id];
		if (value === null) return null;
		return unit === 'mps' ? speed.show(value) : unit === 'm' ? depth.show(value) : value;
	}
	const outcomeUnit = (id: OutcomeId): string => {
		const { unit } = OUTCOMES[id];
		return unit === 'mps' ? speed.unit : unit === 'm' ? depth.unit : unit === 'cm2' ? 'cm²' : unit;
	};
	const valueShown = (value: number): number => (DIMENSIONS[dimension].unit === 'mps' ? speed.show(value) : value);
	const valueUnit = $derived.by(() => {
		const { unit } = DIMENSIONS[dimension];
		return unit === 'mps' ? speed.unit : unit === 'deg' ? '°' : unit === 'size' ? '' : unit;
	});
	const nearestNow = $derived(
		swept
			? swept.values.reduce((best, value) =>
					Math.abs(value - swept!.now) < Math.abs(best - swept!.now) ? value : best
				)
			: 0
	);

	let canvas = $state<HTMLCanvasElement | null>(null);
	let chart: ChartType | null = null;
	const DASH = [[], [6, 4]];

	async function draw(node: HTMLCanvasElement, data: Sweep, ids: readonly OutcomeId[]): Promise<void> {
		const { Chart, LineController, LineElement, LinearScale, PointElement } = await import('chart.js');
		if (!node.isConnected || data !== swept) return;
		Chart.register(LineController, LineElement, LinearScale, PointElement);
		chart?.destroy();
		Chart.defaults.font.family = getComputedStyle(document.body).fontFamily;
		const style = getComputedStyle(document.documentElement);
		const [ink, rule, amber] = ['--ink', '--rule', '--amber'].map((name) => style.getPropertyValue(name));
		const axis = (id: OutcomeId, position: 'left' | 'right') => ({
			type: 'linear' as const,
			position,
			title: { display: true, text: `${OUTCOMES[id].name}, ${outcomeUnit(id)}`, color: ink },
			ticks: { color: ink, maxTicksLimit: 6 },
			grid: { color: position === 'left' ? rule : 'transparent' }
		});
		chart = new Chart(node, {
			type: 'line',
			data: {
				datasets: ids.map((id, at) => ({
					label: OUTCOMES[id].name,
					yAxisID: at === 0 ? 'y' : 'y2',
					data: data.values.map((x, index) => ({ x: valueShown(x), y: outcomeShown(id, data.lines[id]![index]!) })),
					borderColor: ink,
					borderWidth: at === 0 ? 2.2 : 1.6,
					borderDash: DASH[at] ?? [],
					pointRadius: data.values.map((x) => (x === nearestNow ? 6 : 0)),
					pointBackgroundColor: amber,
					pointBorderColor: ink
				}))
			},
			options: {
				animation: false,
				responsive: true,
				maintainAspectRatio: false,
				events: [],
				scales: {
					x: {
						type: 'linear',
						title: {
							display: true,
							text: `${DIMENSIONS[data.dimension].name}${valueUnit ? `, ${valueUnit}` : ''}`,
							color: ink
						},
						ticks: { color: ink },
						grid: { color: rule }
					},
					...(ids[0] ? { y: axis(ids[0], 'left') } : {}),
					...(ids[1] ? { y2: axis(ids[1], 'right') } : {})
				}
			}
		});
	}

	$effect(() => {
		if (canvas && swept && swept.dimension === dimension) void draw(canvas, swept, shown);
	});
	$effect(() => () => chart?.destroy());

	/** The ends and the present value in words, for those who do not see the chart. */
	const told = $derived.by(() => {
		if (!swept) return '';
		const at = (index: number): string =>
			shown
				.map((id) => {
					const value = outcomeShown(id, swept!.lines[id]![index]!);
					return value === null ? '' : `${OUTCOMES[id].name.toLowerCase()} ${value.toFixed(1)} ${outcomeUnit(id)}`;
				})
				.join(', ');
		const indexes = [0, swept.values.indexOf(nearestNow), swept.values.length - 1];
		return indexes.map((index) => `At ${valueShown(swept!.values[index]!)} ${valueUnit}: ${at(index)}.`).join(' ');
	});
	const pick = (at: 0 | 1, id: string) => {
		const next: [OutcomeId, OutcomeId] = [...pair];
		next[at] = id as OutcomeId;
		chosen = { ...chosen, [dimension]: next };
	};
</script>

<section aria-label="What if">
	<div class="row">
		<label
			>Sweep
			<select
				class="field"
				value={dimension}
				onchange={({ currentTarget }) => (wanted = currentTarget.value as DimensionId)}
			>
				{#each dimensions as id (id)}<option value={id}>{DIMENSIONS[id].name}</option>{/each}
			</select></label
		>
		{#each [0, 1] as const as at (at)}
			<label
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
	<div class="plot"><canvas bind:this={canvas} aria-hidden="true"></canvas></div>
	<p class="told">{told} Model figures, everything else held.</p>
</section>

<style>
	section {
		padding: 4px 14px;
	}
	.row {
		display: flex;
		flex-wrap: wrap;
		gap: 4px 14px;
		font-size: 12px;
	}
	label {
		display: inline-flex;
		align-items: center;
		gap: 5px;
	}
	.plot {
		height: 190px;
	}
	.told {
		font-size: 11.5px;
		line-height: 14px;
		color: var(--ink-2);
	}
	@media (width < 56rem) {
		.row,
		.told {
			font-size: 15px;
			line-height: 20px;
		}
		.plot {
			height: 260px;
		}
	}
</style>
