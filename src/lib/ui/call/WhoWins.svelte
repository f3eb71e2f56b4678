<script lang="ts">
	import { keysOf } from '$lib/core/foundation/basics/typed';
	import type { Curve, CurveField } from '$lib/core/ranking/answer/flips';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import type { Family } from '$lib/core/foundation/schema/words';
	import LineChart, { type ChartLine } from '../controls/LineChart.svelte';
	import { spokenFirst } from '$lib/core/foundation/labels/spoken';
	import { fieldName, valueText } from './fieldWords';
	import { stretchesOf } from './winners';

	interface Props {
		curves: readonly Curve[];
		/** Where the reading lies on each field. */
		now: Readonly<Record<CurveField, number>>;
		units: UnitSystem;
	}
	const { curves, now, units }: Props = $props();
	const DASHES: Readonly<Record<Family, number[]>> = {
		spinnerbait: [],
		'bladed-jig': [7, 3],
		buzzbait: [1.5, 3],
		underspin: [9, 3, 2, 3]
	};
	/** Signs along the lines, so that lines which lie close are told apart; each family's stand at places of their own. */
	const SIGNS = { spinnerbait: 'circle', 'bladed-jig': 'rect', buzzbait: 'triangle', underspin: 'crossRot' } as const;
	const SIGN_SHAPES: Readonly<Record<Family, string>> = {
		spinnerbait: 'M8 3a3 3 0 1 0 6 0a3 3 0 1 0 -6 0',
		'bladed-jig': 'M8 0h6v6h-6z',
		buzzbait: 'M11 0l3.5 6h-7z',
		underspin: 'M8 0l6 6M14 0l-6 6'
	};
	const SIGN_EVERY = 12;
	const SIGN_PX = 3;
	const PLOT_PX = 84;
	let field = $state<CurveField>('waterTemperatureC');
	const curve = $derived(curves.find((one) => one.field === field) ?? null);
	const stretches = $derived(curve ? stretchesOf(curve) : []);
	const span = $derived(curve ? ([curve.values[0]!, curve.values[curve.values.length - 1]!] as const) : null);
	const place = (value: number): number => {
		const [low, high] = span!;
		const share = field === 'visibilityM' ? Math.log(value / low) / Math.log(high / low) : (value - low) / (high - low);
		return 100 * Math.min(1, Math.max(0, share));
	};
	const said = (value: number): string => valueText(units, field, value);
	const lines = $derived.by((): ChartLine[] => {
		if (!curve) return [];
		const winners = new Set(stretches.map(({ family }) => family));
		return keysOf(curve.scores).map((family, at) => ({
			label: family,
			points: curve.values.map((x, index) => ({ x, y: curve.scores[family][index] ?? null })),
			width: winners.has(family) ? 2 : 1.2,
			dash: DASHES[family],
			sign: SIGNS[family],
			marks: curve.values.map((_x, index) => (index % SIGN_EVERY === at * 3 ? SIGN_PX : 0))
		}));
	});
</script>

<section class="text-s" aria-labelledby="wins">
	<header class="flex flex-wrap items-center gap-x-10 gap-y-4">
		<h2 id="wins" class="sr-only">Who wins where</h2>
		<div class="pick-one" role="group" aria-label="Which part of the reading to vary">
			{#each ['waterTemperatureC', 'visibilityM', 'depthM'] as const as one (one)}
				<button type="button" aria-pressed={field === one} onclick={() => (field = one)}>{fieldName(one)}</button>
			{/each}
		</div>
		<span class="key ml-auto flex flex-wrap gap-x-10 gap-y-2 text-ink-2"
			>{#each Object.entries(DASHES) as [family, dash] (family)}<span
					><svg width="22" height="6" aria-hidden="true"
						><line
							x1="0"
							x2="22"
							y1="3"
							y2="3"
							stroke="currentColor"
							stroke-width="1.6"
							stroke-dasharray={dash.join()}
						/><path d={SIGN_SHAPES[family as Family]} fill="var(--paper)" stroke="currentColor" /></svg
					>{spokenFirst(family).toLowerCase()}</span
				>{/each}</span
		>
	</header>
	{#if curve && span}
		<div class="relative mt-3 h-84" aria-hidden="true">
			<LineChart {lines} x={{ log: field === 'visibilityM', min: span[0], max: span[1] }} height={PLOT_PX} />
			<span class="absolute top-0 -bottom-20 -ml-1 w-2 bg-ink" style:left="{place(now[field])}%"></span>
		</div>
		<div class="band relative h-19 border border-ink">
			{#each stretches as { family, from, to } (from)}
				<span
					class={family}
					class:here={now[field] >= from && now[field] < to}
					style:left="{place(from)}%"
					style:width="{place(to) - place(from)}%"
					title="{spokenFirst(family)} from {said(from)} to {said(to)}"
					>{#if place(to) - place(from) > 14}<span>{spokenFirst(family)}</span>{/if}</span
				>
			{/each}
		</div>
		<p class="ends relative flex justify-between font-mono text-ink-2">
			<span>{said(span[0])}</span>
			<strong style:left="{place(now[field])}%">{said(now[field])} now</strong>
			<span>{said(span[1])}</span>
		</p>
		<p class="sr-only">
			{stretches.map(({ family, from, to }) => `${spokenFirst(family)} from ${said(from)} to ${said(to)}`).join('; ')}
		</p>
	{:else}
		<p class="h-100 text-ink-2">Working it out …</p>
	{/if}
</section>

<style>
	.key span {
		display: flex;
		align-items: center;
		gap: 4px;
	}
	.band > span {
		position: absolute;
		top: 0;
		bottom: 0;
		overflow: hidden;
		border-left: 1px solid var(--ink);
		text-align: center;
	}
	.band > span > span {
		padding: 0 4px;
		background: var(--paper);
		color: var(--ink);
	}
	.band > .bladed-jig {
		background: repeating-linear-gradient(45deg, var(--rule-2) 0 1px, transparent 1px 6px);
	}
	.band > .underspin {
		background: repeating-linear-gradient(0deg, var(--rule-2) 0 1px, transparent 1px 5px);
	}
	.band > .buzzbait {
		background: radial-gradient(var(--rule-2) 1px, transparent 1.2px) 0 0 / 6px 6px;
	}
	.band > .here {
		background: var(--amber);
	}
	.band > .here > span {
		background: transparent;
		color: var(--on-amber);
		font-weight: 640;
	}
	.ends strong {
		position: absolute;
		padding: 0 4px;
		color: var(--ink);
		background: var(--paper);
		transform: translateX(-50%);
	}
</style>
