<script lang="ts">
	import BrowserOnly from '../controls/BrowserOnly.svelte';
	import { MAP_SPEEDS_MPS, MAP_WEIGHTS_OZ, type MapCell, type Outcome } from '$lib/core/simulation/cast/map';
	import { ouncesText } from '$lib/core/foundation/labels/describe';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import { figureText, modelShare, percentText, quantity, shownIn, withUnit } from '$lib/presentation/units';
	import { ticksOf } from '../controls/scale';

	interface Props {
		cells: readonly MapCell[];
		/** Share of the cells that are worked out, 0 to 1. */
		done: number;
		weightOz: number;
		speedMps: number;
		units: UnitSystem;
		ontake: (weightOz: number, speedMps: number) => void;
	}
	const { cells, done, weightOz, speedMps, units, ontake }: Props = $props();
	const id = $props.id();
	let width = $state(500);
	const LEFT = 50;
	const ROW = 19;
	const height = MAP_WEIGHTS_OZ.length * ROW;
	const span = $derived(width - LEFT - 8);
	const wide = $derived(span / MAP_SPEEDS_MPS.length);
	const step = MAP_SPEEDS_MPS[1]! - MAP_SPEEDS_MPS[0]!;
	const x = (speed: number): number => LEFT + ((speed - MAP_SPEEDS_MPS[0]!) / step) * wide;
	/** The heaviest on top, as in a shop's rack turned over: deep runs stand high. */
	const y = (oz: number): number => (MAP_WEIGHTS_OZ.length - 1 - MAP_WEIGHTS_OZ.indexOf(oz)) * ROW;
	const nearest = (list: readonly number[], value: number): number =>
		list.reduce((best, one) => (Math.abs(one - value) < Math.abs(best - value) ? one : best));
	const WORDS: Readonly<Record<Outcome, string>> = {
		in: 'in the strike zone',
		above: 'above the fish',
		below: 'below the fish',
		weed: 'in the cover',
		stalls: 'blades stall',
		leans: 'leans over'
	};
	const ticks = $derived.by(() => {
		const { show, read } = shownIn(units, 'speed');
		return ticksOf({ low: show(MAP_SPEEDS_MPS[0]!), high: show(MAP_SPEEDS_MPS.at(-1)!) }, 6)
			.filter(({ major }) => major)
			.map(({ value }) => ({ value, x: x(read(value)) + wide / 2 }));
	});
	/** The cell that the keyboard is on; the rig's own to begin with. */
	let mark = $state<{ weightOz: number; speedMps: number } | null>(null);
	const own = $derived({ weightOz: nearest(MAP_WEIGHTS_OZ, weightOz), speedMps: nearest(MAP_SPEEDS_MPS, speedMps) });
	const here = $derived(mark ?? own);
	const found = $derived(cells.find((cell) => cell.weightOz === here.weightOz && cell.speedMps === here.speedMps));
	/** To a hundredth: two cells of the map are not to be called the same. */
	const speedText = (mps: number): string => {
		const { show, unit } = shownIn(units, 'speed');
		return quantity(Math.round(show(mps) * 100) / 100, unit);
	};
	const told = $derived(
		`${ouncesText(here.weightOz)} oz at ${speedText(here.speedMps)}: ${
			found
				? `${WORDS[found.outcome]}${found.depthM === null ? '' : `, on average ${withUnit(units, 'depth', found.depthM)} deep, ${modelShare(found.share)} of the retrieve`}`
				: 'not worked out yet'
		}`
	);

	function onkeydown(event: KeyboardEvent) {
		const move: Record<string, [number, number]> = {
			ArrowRight: [1, 0],
			ArrowLeft: [-1, 0],
			ArrowUp: [0, 1],
			ArrowDown: [0, -1]
		};
		if (event.key === 'Enter' || event.key === ' ') {
			event.preventDefault();
			return ontake(here.weightOz, here.speedMps);
		}
		const by = move[event.key];
		if (!by) return;
		event.preventDefault();
		const at = (list: readonly number[], value: number, off: number): number =>
			list[Math.min(list.length - 1, Math.max(0, list.indexOf(value) + off))]!;
		mark = { speedMps: at(MAP_SPEEDS_MPS, here.speedMps, by[0]), weightOz: at(MAP_WEIGHTS_OZ, here.weightOz, by[1]) };
	}

	function cellAt(event: PointerEvent): { weightOz: number; speedMps: number } | null {
		const box = (event.currentTarget as SVGElement).getBoundingClientRect();
		const column = Math.floor((event.clientX - box.left - LEFT) / wide);
		const row = Math.floor((event.clientY - box.top) / ROW);
		const speed = MAP_SPEEDS_MPS[column];
		const oz = MAP_WEIGHTS_OZ[MAP_WEIGHTS_OZ.length - 1 - row];
		return speed === undefined || oz === undefined ? null : { speedMps: speed, weightOz: oz };
	}
	function onpointerup(event: PointerEvent) {
		const cell = cellAt(event);
		if (cell) ontake(cell.weightOz, cell.speedMps);
	}
</script>

<h2>
	Weight and speed <span class="quiet font-450 text-ink-2">{done < 1 ? `${percentText(done)} done` : told}</span>
</h2>
<div class="map min-w-0 phone:overflow-x-auto" bind:clientWidth={width}>
	<svg
		{width}
		height={height + 20}
		role="slider"
		tabindex="0"
		aria-label="Weight by speed for this depth; Enter uses the marked pair"
		aria-valuenow={here.speedMps}
		aria-valuemin={MAP_SPEEDS_MPS[0]}
		aria-valuemax={MAP_SPEEDS_MPS.at(-1)}
		aria-valuetext={told}
		{onkeydown}
		{onpointerup}
		onpointermove={(event) => (mark = event.pointerType === 'mouse' ? cellAt(event) : mark)}
		onpointerleave={() => (mark = null)}
	>
		<BrowserOnly>
			<defs>
				<pattern id="stalls-{id}" width="5" height="5" patternUnits="userSpaceOnUse">
					<line x1="2.5" x2="2.5" y1="0" y2="5" stroke="var(--ink-2)" />
				</pattern>
				<pattern id="leans-{id}" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
					<line x1="0" x2="0" y1="0" y2="5" stroke="var(--ink-2)" stroke-width="1.4" />
				</pattern>
				<pattern id="below-{id}" width="6" height="6" patternUnits="userSpaceOnUse">
					<circle cx="3" cy="3" r="1.1" fill="var(--ink-2)" />
				</pattern>
				<pattern id="weed-{id}" width="7" height="7" patternUnits="userSpaceOnUse">
					<path d="M1 1l5 5m0-5l-5 5" stroke="var(--fail)" stroke-width="1.2" />
				</pattern>
				<pattern id="above-{id}" width="8" height="6" patternUnits="userSpaceOnUse">
					<line x1="0" x2="4" y1="3" y2="3" stroke="var(--cool)" />
				</pattern>
			</defs>
			{#each cells as cell (`${cell.weightOz} ${cell.speedMps}`)}
				<rect
					x={x(cell.speedMps)}
					y={y(cell.weightOz)}
					width={wide + 0.4}
					height={ROW}
					fill={cell.outcome === 'in' ? 'var(--pass)' : `url(#${cell.outcome}-${id})`}
					opacity={cell.outcome === 'in' ? 0.15 + 0.5 * cell.share : 1}
				/>
			{/each}
			{#each MAP_WEIGHTS_OZ as oz (oz)}
				<text x={LEFT - 6} y={y(oz) + ROW / 2 + 4} text-anchor="end">{ouncesText(oz)}</text>
				<line class="stroke-rule stroke-[0.5]" x1={LEFT} x2={LEFT + span} y1={y(oz)} y2={y(oz)} />
			{/each}
			{#each ticks as tick (tick.value)}
				<text x={tick.x} y={height + 14} text-anchor="middle">{tick.value}</text>
			{/each}
			<text x={width - 8} y={height + 14} text-anchor="end">{shownIn(units, 'speed').unit}</text>
			<rect class="fill-none stroke-ink" x={LEFT} y="0" width={span} {height} />
			{#if mark}
				<rect
					class="fill-none stroke-ink stroke-2"
					x={x(mark.speedMps)}
					y={y(mark.weightOz)}
					width={wide}
					height={ROW}
				/>
			{/if}
			<circle
				class="own fill-amber stroke-ink stroke-[1.6]"
				cx={x(speedMps) + wide / 2}
				cy={y(own.weightOz) + ROW / 2}
				r="7"
			/>
			<text class="sign" x={x(speedMps) + wide / 2} y={y(own.weightOz) + ROW / 2 + 4} text-anchor="middle">A</text>
		</BrowserOnly>
	</svg>
</div>
<p class="key flex flex-wrap gap-x-12 gap-y-0 text-xs text-ink-2">
	<span><i class="h-12 w-14 bg-pass"></i>in the strike zone</span>
	{#each [['above', 'above'], ['below', 'below'], ['weed', 'in cover'], ['stalls', 'stalls'], ['leans', 'leans over']] as [one, word] (one)}
		<span
			><svg width="14" height="12" aria-hidden="true"><rect width="14" height="12" fill="url(#{one}-{id})" /></svg
			>{word}</span
		>
	{/each}
	<span>oz by {shownIn(units, 'speed').unit}; now {figureText(units, 'speed', speedMps)}</span>
</p>

<style>
	.map svg {
		display: block;
		cursor: crosshair;
		touch-action: manipulation;
	}
	text {
		font: 13px var(--font-mono);
		fill: var(--ink);
	}
	.sign {
		font: 700 10px var(--font-sans);
		fill: var(--on-amber);
		pointer-events: none;
	}
	.key span {
		display: inline-flex;
		gap: 4px;
		align-items: center;
	}
</style>
