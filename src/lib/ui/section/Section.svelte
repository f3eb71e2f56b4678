<script lang="ts">
	import type { Reading } from '$lib/core/reading/complete';
	import { mainForageIn } from '$lib/core/reading/conditions';
	import type { ParsedReading } from '$lib/core/schema/reading';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import { M_PER_IN } from '$lib/core/base/units';
	import Handle from '../parts/Handle.svelte';
	import Tag from '../parts/Tag.svelte';
	import { ticksOf } from '../parts/scale';
	import { figureText, shownIn, spokenFigure, withUnit } from '$lib/forms/units';
	import { spoken } from '$lib/core/naming/spoken';
	import { bandWithin } from '$lib/core/reading/band';
	import Cover from './Cover.svelte';
	import {
		bedPath,
		depthAt,
		frameOf,
		PLACES,
		pxPerM,
		reachM,
		shareAt,
		surfacePath,
		USUAL_WIND_MPS,
		yOf,
		type Bed
	} from './geometry';
	import { waterStops } from './water';

	interface Props {
		reading: Reading;
		/** Soundings of the spot, from its bank outwards. */
		profile?: Bed['profile'];
		units: UnitSystem;
		lamp?: boolean;
		height?: number;
		/** Without gutters, tags and handles: the small picture. */
		bare?: boolean;
		onchange?: (patch: Partial<ParsedReading>, key: string) => void;
	}
	const { reading, profile, units, lamp = false, height = 430, bare = false, onchange }: Props = $props();

	let width = $state(806);
	const id = $props.id();
	// Facts by themselves, so that a warmer day does not bend the weed again.
	const bottomM = $derived(reading.bottomM);
	const ditch = $derived(reading.cover.some(({ kind }) => kind === 'ditch'));
	const ground = $derived({ bottomM, ditch, profile });
	/** Round distances from the bank, where the spot was sounded. */
	const distances = $derived.by(() => {
		const reach = reachM(ground);
		if (reach === null || narrow) return [];
		const { show, read } = shownIn(units, 'distance');
		return ticksOf({ low: 0, high: show(reach) }, 5)
			.map(({ value, major }) => ({
				value,
				major,
				x: frame.left + shareAt(ground, read(value)) * (frame.right - frame.left)
			}))
			.filter(({ x }) => x >= frame.left);
	});
	const coverList = $derived(reading.cover);
	/** Where room is short the scales and the tags that only repeat the strip are left out. */
	const NARROW_PX = 520;
	const narrow = $derived(bare || width < NARROW_PX);
	/** What stood when a drag began: the scale must not move under the pointer, nor the band collapse for good. */
	let dragged = $state.raw<{ bottomM: number; band: Pick<Reading, 'fishFromM' | 'fishToM'> } | null>(null);
	const ondrag = (on: boolean) => {
		const { fishFromM, fishToM } = reading;
		dragged = on ? { bottomM, band: { fishFromM, fishToM } } : null;
	};
	const frame = $derived(frameOf(dragged?.bottomM ?? bottomM, width, height, !narrow));
	const y = (depthM: number): number => yOf(frame, depthM);
	const stops = $derived(waterStops(reading, frame.maxM, lamp));
	const bed = $derived(bedPath(ground, frame));
	/** Where the bed is as deep as the reading says: beyond the soundings, where there are any. */
	const bottomX = $derived(frame.left + (frame.right - frame.left) * (profile ? 0.3 : 0.44));
	const windMps = $derived(reading.windMps ?? USUAL_WIND_MPS[reading.wind]);
	const sunDeg = $derived(reading.sunElevationDeg ?? { day: 35, low: 5, night: -20 }[reading.light]);
	const clouds = $derived({ sun: 0, broken: 3, overcast: 6, dark: 8 }[reading.sky]);
	const step = $derived(units === 'metric' ? 0.1 : 0.1524);
	const round = (value: number): number => Math.round(value * 100) / 100;
	const depth = (value: number): string => withUnit(units, 'depth', value);

	/** The quarter protractor in the sky: centre on the surface, radius a little under the sky. */
	const sun = $derived.by(() => {
		const radius = Math.max(20, frame.sky - 22);
		const centre = frame.left + (frame.right - frame.left) * 0.6;
		const angle = (Math.max(-8, sunDeg) * Math.PI) / 180;
		return { radius, centre, x: centre + radius * Math.cos(angle), y: frame.sky - radius * Math.sin(angle) };
	});

	/** Light bends towards the vertical as it enters (n = 1.333). */
	const rayLean = $derived(Math.tan(Math.asin(Math.cos((Math.max(3, sunDeg) * Math.PI) / 180) / 1.333)));
	const sunny = $derived(reading.light === 'day' && (reading.sky === 'sun' || reading.sky === 'broken'));

	const scales = $derived(
		(['imperial', 'metric'] as const).map((system) => {
			const { show } = shownIn(system, 'depth');
			const ticks = ticksOf({ low: 0, high: show(frame.maxM) }, system === 'imperial' ? 9 : 7);
			return ticks.map((tick) => ({ ...tick, y: y(shownIn(system, 'depth').read(tick.value)) }));
		})
	);

	const weeds = $derived(
		reading.cover
			.map((cover, index) => ({ cover, index }))
			.filter(({ cover }) => ['grass-tops', 'leafy-weed'].includes(cover.kind))
	);
	const drawn = $derived([...new Map(coverList.map((cover) => [cover.kind, cover])).values()]);

	const forageIn = $derived(mainForageIn(reading));
	const shoal = $derived.by(() => {
		if (forageIn === null) return [];
		const long = Math.max(7.5, forageIn * M_PER_IN * pxPerM(frame));
		const middle = y(Math.max(0.15, Math.min(reading.bottomM * 0.5, reading.fishFromM + 0.2)));
		return [0, 1, 2, 3, 4, 5, 6, 7, 8].map((at) => ({
			x: frame.left + (frame.right - frame.left) * 0.27 + (at % 3) * long * 1.5 + Math.floor(at / 3) * 6,
			y: middle + (Math.floor(at / 3) - 1) * Math.max(9, long * 0.5),
			long
		}));
	});

	/** Length of the drawn bass, m: a fish of about fifteen inches. */
	const BASS_M = 0.38;
	const bass = $derived.by(() => {
		const long = Math.max(30, BASS_M * pxPerM(frame));
		const from = y(reading.fishFromM);
		const to = y(reading.fishToM);
		return [0.2, 0.62].map((share, at) => ({
			x: frame.left + (frame.right - frame.left) * (0.24 + at * 0.34),
			y: from + (to - from) * (0.35 + share * 0.4),
			long
		}));
	});

	function coverTop(index: number, topM: number) {
		const cover = reading.cover.map((item, at) => (at === index ? { ...item, topM: round(topM) } : item));
		onchange?.({ cover }, `drag cover.${index}`);
	}

	function bottom(bottomM: number) {
		const next = round(bottomM);
		onchange?.({ bottomM: next, ...bandWithin(dragged?.band ?? reading, next) }, 'drag bottomM');
	}

	/** Moves one end of the fish band; the other gives way, so that the two never hold each other fast. */
	function bandEnd(end: 'fishFromM' | 'fishToM', value: number) {
		const to = round(value);
		const { fishFromM, fishToM } = dragged?.band ?? reading;
		const other = end === 'fishFromM' ? { fishToM: Math.max(to, fishToM) } : { fishFromM: Math.min(to, fishFromM) };
		onchange?.({ [end]: to, ...other }, `drag ${end}`);
	}

	const title = $derived(
		`Section of the water: bottom ${spokenFigure(units, 'depth', reading.bottomM)}, fish from ${spokenFigure(units, 'depth', reading.fishFromM)} to ${spokenFigure(units, 'depth', reading.fishToM)}, seen to ${spokenFigure(units, 'depth', reading.visibilityM)}, ${spoken(reading.stain)} water, ${spoken(reading.sky)}, ${spoken(reading.wind)}.`
	);
	const fish = (x: number, at: number, long: number): string =>
		`M${x} ${at}q${long * 0.3} ${-long * 0.2} ${long * 0.76} ${-long * 0.03}l${long * 0.2} ${-long * 0.13}q${-long * 0.05} ${long * 0.14} 0 ${long * 0.3}l${-long * 0.2} ${-long * 0.12}q${-long * 0.44} ${long * 0.18} ${-long * 0.76} ${-long * 0.02}Z`;
</script>

<div class="section" bind:clientWidth={width}>
	<svg width="100%" {height} viewBox="0 0 {width} {height}" role="group" aria-label={title}>
		<defs>
			<linearGradient id="water-{id}" x1="0" x2="0" y1={frame.sky} y2={height} gradientUnits="userSpaceOnUse">
				{#each stops as stop (stop.offset)}<stop offset={stop.offset} stop-color={stop.colour} />{/each}
			</linearGradient>
			<linearGradient
				id="ray-{id}"
				x1="0"
				x2="0"
				y1={frame.sky}
				y2={y(reading.visibilityM * 1.25)}
				gradientUnits="userSpaceOnUse"
			>
				<stop offset="0" stop-color="#fff" stop-opacity={lamp ? 0.14 : 0.3} />
				<stop offset="1" stop-color="#fff" stop-opacity="0" />
			</linearGradient>
			<pattern id="silt-{id}" width="34" height="14" patternUnits="userSpaceOnUse">
				<path d="M2 4h9M20 4h5M9 11h12" stroke="#7d6b4b" stroke-width="1" />
			</pattern>
			<clipPath id="wet-{id}"><path d="{bed}V{frame.sky - 60}H{frame.left}Z" /></clipPath>
		</defs>

		{#each [0, 1, 2, 3, 4, 5] as rule (rule)}
			<line
				class="sky-rule"
				x1={frame.left}
				x2={frame.right}
				y1={frame.sky - 12 - rule * 16}
				y2={frame.sky - 12 - rule * 16}
				opacity={0.7 - rule * 0.11}
			/>
		{/each}
		{#each Array.from({ length: clouds }, (_, at) => at) as at (at)}
			{@const cx = frame.left + ((at * 0.137 + 0.05) % 1) * (frame.right - frame.left - 80)}
			<path
				class="cloud"
				class:dark={reading.sky === 'dark'}
				d="M{cx} {26 + (at % 3) * 14}q2-12 16-11q10-13 26-4q16-6 19 7q17 0 16 10h-76q-6-1-1-2"
			/>
		{/each}
		{#if !bare}
			<path
				class="protractor"
				d="M{sun.centre + sun.radius} {frame.sky}A{sun.radius} {sun.radius} 0 0 0 {sun.centre} {frame.sky - sun.radius}"
			/>
			{#each Array.from({ length: 19 }, (_, at) => at * 5) as deg (deg)}
				{@const a = (deg * Math.PI) / 180}
				{@const t = deg % 30 === 0 ? 8 : deg % 10 === 0 ? 5 : 3}
				<line
					class="protractor"
					x1={sun.centre + sun.radius * Math.cos(a)}
					y1={frame.sky - sun.radius * Math.sin(a)}
					x2={sun.centre + (sun.radius - t) * Math.cos(a)}
					y2={frame.sky - (sun.radius - t) * Math.sin(a)}
				/>
			{/each}
		{/if}
		{#if sunDeg > -6 && reading.light !== 'night'}
			<g
				class="sun"
				class:veiled={reading.sky === 'overcast' || reading.sky === 'dark'}
				transform="translate({sun.x} {sun.y})"
			>
				{#each Array.from({ length: 16 }, (_, at) => at * 22.5) as deg (deg)}
					<line x1="0" x2="0" y1="-13" y2="-16.500" transform="rotate({deg})" />
				{/each}
				<circle r="10.5" />
			</g>
		{:else if reading.light === 'night'}
			<g class="moon" transform="translate({sun.centre + 40} 34)">
				<circle r="11" /><path
					d="M0-11a11 11 0 0 1 0 22a{11 * Math.abs(1 - 2 * reading.moon)} 11 0 0 {reading.moon > 0.5 ? 1 : 0} 0-22"
				/>
			</g>
		{/if}
		{#if windMps >= 1 && !narrow}
			{#each [0, 1, 2] as arrow (arrow)}
				<path
					class="wind"
					d="M{frame.left + 22 + arrow * 12} {frame.sky - 40 + arrow * 9}h{22 + windMps * 4}m-7-4l7 4l-7 4"
				/>
			{/each}
			<Tag
				x={frame.left + 26 + 22 + windMps * 4 + 30}
				y={frame.sky - 30}
				text="wind {withUnit(units, 'wind', windMps)}, {spoken(reading.bank)} bank"
			/>
		{/if}

		<path fill="url(#water-{id})" d="{bed}V{frame.sky}H{frame.left}Z" />
		<g clip-path="url(#wet-{id})">
			{#if sunny}
				{#each [0.04, 0.13, 0.2, 0.31, 0.4, 0.5, 0.58, 0.7] as share, at (share)}
					{@const x = frame.left + share * (frame.right - frame.left)}
					{@const fall = y(reading.visibilityM * 1.25) - frame.sky}
					<path
						fill="url(#ray-{id})"
						d="M{x} {frame.sky}h{5 + (at % 3) * 5}l{-rayLean * fall} {fall}h{-8 - (at % 3) * 5}Z"
					/>
				{/each}
			{/if}
			{#each drawn as cover, at (cover.kind)}
				<Cover bed={ground} {frame} {cover} seed={at * 97 + 11} />
			{/each}
			{#each shoal as bait, at (at)}<path class="bait" d={fish(bait.x, bait.y, bait.long)} />{/each}
			<rect
				class="band"
				x={frame.left}
				width={frame.right - frame.left}
				y={y(reading.fishFromM)}
				height={Math.max(1, y(reading.fishToM) - y(reading.fishFromM))}
			/>
			<line class="band-edge" x1={frame.left} x2={frame.right} y1={y(reading.fishFromM)} y2={y(reading.fishFromM)} />
			<line class="band-edge" x1={frame.left} x2={frame.right} y1={y(reading.fishToM)} y2={y(reading.fishToM)} />
			{#each bass as one, at (at)}<path class="bass" d={fish(one.x, one.y, one.long)} />{/each}
			{#each Array.from({ length: 9 }, (_, at) => (at + 1) * (reading.visibilityM / 7)) as d (d)}
				<circle
					class="seen"
					cx={frame.left + (frame.right - frame.left) * 0.53}
					cy={y(d)}
					r="4.6"
					opacity={Math.min(0.9, 1.25 * Math.exp((-2.1 * d) / reading.visibilityM))}
				/>
			{/each}
		</g>
		<path class="bed" d="{bed}V{height}H{frame.left}Z" />
		<path fill="url(#silt-{id})" d="{bed}V{height}H{frame.left}Z" />
		<path class="bed-line" d={bed} />
		<path class="surface" d={surfacePath(frame, windMps)} />

		{#if !narrow && reading.sunElevationDeg !== undefined && sunDeg > -6}
			<Tag x={sun.x - 86} y={Math.max(14, sun.y - 18)} text="sun {Math.round(sunDeg)}°" />
		{/if}
		{#if !narrow}
			{#each scales as ticks, side (side)}
				{@const x = side === 0 ? frame.left : frame.right}
				{@const dir = side === 0 ? -1 : 1}
				<line class="axis" x1={x} x2={x} y1={frame.sky} y2={height - 2} />
				{#each ticks as tick (tick.value)}
					<line class="axis" x1={x} x2={x + dir * (tick.major ? 9 : 5)} y1={tick.y} y2={tick.y} />
					{#if tick.major}
						<text class="numeral" x={x + dir * 12} y={tick.y + 4} text-anchor={side === 0 ? 'end' : 'start'}
							>{tick.value}</text
						>
					{/if}
				{/each}
				<text class="axis-unit" x={x + dir * 20} y={frame.sky - 12} text-anchor="middle">{side === 0 ? 'ft' : 'm'}</text
				>
			{/each}
			{#each distances as tick (tick.value)}
				<line class="axis" x1={tick.x} x2={tick.x} y1={height} y2={height - (tick.major ? 7 : 4)} />
				{#if tick.major && tick.value > 0}
					<text class="numeral" x={tick.x} y={height - 10} text-anchor="middle">{tick.value}</text>
				{/if}
			{/each}
			{#if distances.length > 0}
				<text class="numeral" x={frame.right - 4} y={height - 10} text-anchor="end"
					>{shownIn(units, 'distance').unit} from the bank</text
				>
			{/if}
			{#if y(reading.visibilityM) < height - 12}
				<Tag
					x={frame.left + (frame.right - frame.left) * 0.55}
					y={y(reading.visibilityM)}
					text="seen to {depth(reading.visibilityM)}"
				/>
			{/if}
			{#if shoal.length > 0 && !narrow}
				<Tag x={shoal[0]!.x} y={shoal[0]!.y - 26} text="{spoken(reading.forage[0]!.kind)} {forageIn} in" />
			{/if}
		{/if}

		{#if onchange}
			<Handle
				x={frame.left + 14}
				y={y(reading.fishFromM)}
				label="Fish from"
				value={reading.fishFromM}
				min={0}
				max={reading.bottomM}
				{ondrag}
				{step}
				valueText={spokenFigure(units, 'depth', reading.fishFromM)}
				valueAt={(at) => depthAt(frame, at)}
				onvalue={(value) => bandEnd('fishFromM', value)}
			/>
			<Tag x={frame.left + 32} y={y(reading.fishFromM)} text="fish from {depth(reading.fishFromM)}" />
			<Handle
				x={frame.left + 14}
				y={y(reading.fishToM)}
				label="Fish to"
				value={reading.fishToM}
				min={0}
				max={reading.bottomM}
				{ondrag}
				{step}
				valueText={spokenFigure(units, 'depth', reading.fishToM)}
				valueAt={(at) => depthAt(frame, at)}
				onvalue={(value) => bandEnd('fishToM', value)}
			/>
			<Tag x={frame.left + 32} y={y(reading.fishToM)} text="to {depth(reading.fishToM)}" />
			{#each weeds as { cover, index } (index)}
				{@const [from, to] = PLACES[cover.kind]}
				{@const left = frame.left + from * (frame.right - frame.left)}
				{@const right = frame.left + to * (frame.right - frame.left)}
				<line class="tops" x1={left} x2={right} y1={y(cover.topM)} y2={y(cover.topM)} />
				<Handle
					x={left + 14}
					y={y(cover.topM)}
					label="{spoken(cover.kind)} tops"
					value={cover.topM}
					min={0}
					max={reading.bottomM}
					{step}
					valueText={spokenFigure(units, 'depth', cover.topM)}
					valueAt={(at) => depthAt(frame, at)}
					onvalue={(value) => coverTop(index, value)}
				/>
				<Tag x={left + 32} y={y(cover.topM)} text="{spoken(cover.kind)} {figureText(units, 'depth', cover.topM)}" />
			{/each}
			<Handle
				x={bottomX}
				y={y(reading.bottomM)}
				label="Bottom"
				value={reading.bottomM}
				min={0.2}
				max={Math.min(60, frame.maxM * 1.4)}
				{ondrag}
				{step}
				valueText={spokenFigure(units, 'depth', reading.bottomM)}
				valueAt={(at) => depthAt(frame, at)}
				onvalue={bottom}
			/>
			<Tag
				x={bottomX}
				y={Math.min(height - (distances.length > 0 ? 32 : 12), y(reading.bottomM) + 24)}
				centre
				text="bottom {depth(reading.bottomM)}"
			/>
		{/if}
	</svg>
</div>

<style>
	.section {
		contain: layout paint style;
		width: 100%;
	}
	svg {
		display: block;
		user-select: none;
	}
	.sky-rule {
		stroke: var(--rule);
	}
	.cloud {
		fill: var(--paper);
		stroke: var(--ink-2);
	}
	.cloud.dark {
		fill: var(--rule);
	}
	.protractor {
		fill: none;
		stroke: var(--ink-2);
		stroke-width: 1;
	}
	.sun circle {
		fill: #f6e6a8;
		stroke: var(--ink);
	}
	.sun line {
		stroke: var(--ink);
	}
	.sun.veiled {
		opacity: 0.45;
	}
	.moon circle {
		fill: none;
		stroke: var(--ink);
	}
	.moon path {
		fill: var(--ink);
	}
	.wind {
		fill: none;
		stroke: var(--ink);
		stroke-width: 1.3;
	}
	.band {
		fill: #fff;
		opacity: 0.13;
	}
	.band-edge {
		stroke: #fdfbf0;
		stroke-width: 1.2;
		stroke-dasharray: 7 5;
	}
	.tops {
		stroke: #fdfbf0;
		stroke-width: 1.4;
		stroke-dasharray: 1.5 4;
	}
	.bait {
		fill: #e3dcc0;
		stroke: #3b3524;
		stroke-width: 0.7;
	}
	.bass {
		fill: #2b3018;
		stroke: #f3e7b8;
		stroke-width: 1;
	}
	.seen {
		fill: #fff;
	}
	.bed {
		fill: #b9a67f;
	}
	:global([data-theme='lamp']) .bed {
		fill: #54472f;
	}
	.bed-line {
		fill: none;
		stroke: var(--ink);
		stroke-width: 2;
	}
	.surface {
		fill: none;
		stroke: var(--cool);
		stroke-width: 2;
	}
	.axis {
		stroke: var(--ink);
	}
	.numeral {
		font: 12px var(--font-mono);
		fill: var(--ink);
	}
	.axis-unit {
		font-size: 11.5px;
		fill: var(--ink-2);
	}
	@media (prefers-color-scheme: dark) {
		:global(:root:not([data-theme='day'])) .bed {
			fill: #54472f;
		}
	}
</style>
