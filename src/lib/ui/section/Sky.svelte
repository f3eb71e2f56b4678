<script lang="ts">
	import { SKIES } from '$lib/core/foundation/schema/words';
	import { lightOf } from '$lib/core/water/reading/light';
	import type { ParsedReading } from '$lib/core/foundation/schema/reading';
	import type { Reading } from '$lib/core/water/reading/complete';
	import { spokenFirst } from '$lib/core/foundation/labels/spoken';
	import Handle from '../controls/Handle.svelte';
	import { arcOf, arrowPx, sunAt, sunDegAt, windOf, type Frame } from './geometry';

	interface Props {
		frame: Frame;
		sky: Reading['sky'];
		light: Reading['light'];
		moon: number;
		sunDeg: number;
		windMps: number;
		windText: string;
		/** Without protractor and wind: the small picture. */
		bare?: boolean;
		onchange?: ((patch: Partial<ParsedReading>, key: string) => void) | undefined;
		ondrag?: (on: boolean) => void;
	}
	const { frame, sky, light, moon, sunDeg, windMps, windText, bare = false, onchange, ondrag }: Props = $props();

	const CLOUDS: Readonly<Record<Reading['sky'], number>> = { sun: 0, broken: 3, overcast: 6, dark: 8 };
	/** Clouds begin (share of the width) beside their grip. */
	const CLOUDS_FROM = 0.22;
	const RULES = [0, 1, 2, 3, 4, 5];
	const arc = $derived(arcOf(frame));
	const sun = $derived(sunAt(frame, arc, sunDeg));
	const span = $derived(frame.right - frame.left);
	const clouds = $derived(
		Array.from({ length: CLOUDS[sky] }, (_, at) => ({
			x: frame.left + CLOUDS_FROM * span + ((at * 0.097) % 0.4) * span,
			y: 26 + (at % 3) * 14
		}))
	);
	const ticks = Array.from({ length: 19 }, (_, at) => {
		const angle = (at * 5 * Math.PI) / 180;
		return { cos: Math.cos(angle), sin: Math.sin(angle), long: at % 6 === 0 ? 8 : at % 2 === 0 ? 5 : 3 };
	});
	const arrow = $derived(arrowPx(windMps));
	const wind = $derived({ x: frame.left + 22, y: frame.sky - 40 });
	/** The cloud grip goes from the open sky at the left to the thickest at the right, below the sun's arc. */
	const cloudAt = (at: number): number => frame.left + 20 + at * 46;
	const moonPath = $derived(`M0-11a11 11 0 0 1 0 22a${11 * Math.abs(1 - 2 * moon)} 11 0 0 ${moon > 0.5 ? 1 : 0} 0-22`);

	const sunTo = (deg: number) => {
		const sunElevationDeg = Math.round(deg);
		onchange?.({ sunElevationDeg, light: lightOf(sunElevationDeg) }, 'drag sunElevationDeg');
	};
	const cloudsTo = (at: number) => onchange?.({ sky: SKIES[Math.round(at)]! }, 'drag sky');
	const windTo = (mps: number) => onchange?.({ windMps: mps, wind: undefined }, 'drag windMps');
</script>

{#each RULES as rule (rule)}
	{@const y = frame.sky - 12 - rule * 16}
	<line class="stroke-rule" x1={frame.left} x2={frame.right} y1={y} y2={y} opacity={0.7 - rule * 0.11} />
{/each}
{#each clouds as cloud, at (at)}
	<path
		class="cloud fill-paper stroke-ink-2"
		class:dark={sky === 'dark'}
		d="M{cloud.x} {cloud.y}q2-12 16-11q10-13 26-4q16-6 19 7q17 0 16 10h-76q-6-1-1-2"
	/>
{/each}
{#if !bare}
	<path
		class="fill-none stroke-ink-2"
		d="M{arc.centre + arc.radius} {frame.sky}A{arc.radius} {arc.radius} 0 0 0 {arc.centre} {frame.sky - arc.radius}"
	/>
	{#each ticks as tick, at (at)}
		<line
			class="fill-none stroke-ink-2"
			x1={arc.centre + arc.radius * tick.cos}
			y1={frame.sky - arc.radius * tick.sin}
			x2={arc.centre + (arc.radius - tick.long) * tick.cos}
			y2={frame.sky - (arc.radius - tick.long) * tick.sin}
		/>
	{/each}
{/if}
{#snippet sunDisc()}
	<g class="sun" class:veiled={sky === 'overcast' || sky === 'dark'}>
		{#each Array.from({ length: 16 }, (_, at) => at * 22.5) as deg (deg)}
			<line x1="0" x2="0" y1="-13" y2="-16.500" transform="rotate({deg})" />
		{/each}
		<circle r="10.5" />
	</g>
{/snippet}
{#snippet moonDisc()}
	<g class="moon"><circle r="11" /><path d={moonPath} /></g>
{/snippet}
{#snippet lamp()}
	{#if light === 'night'}{@render moonDisc()}{:else}{@render sunDisc()}{/if}
{/snippet}
{#if onchange}
	{@const at = light === 'night' ? { x: arc.centre + 40, y: 34 } : sun}
	<Handle
		x={at.x}
		y={at.y}
		label={light === 'night' ? 'Sun, below the horizon' : 'Sun'}
		value={Math.round(sunDeg)}
		min={-30}
		max={90}
		step={1}
		upRaises
		valueText="{Math.round(sunDeg)} degrees"
		valueAt={(y, x) => sunDegAt(frame, arc, x, y)}
		onvalue={sunTo}
		{ondrag}
		children={lamp}
	/>
{:else if light === 'night'}
	<g transform="translate({arc.centre + 40} 34)">{@render moonDisc()}</g>
{:else if sunDeg > -6}
	<g transform="translate({sun.x} {sun.y})">{@render sunDisc()}</g>
{/if}
{#if !bare && arrow > 0}
	{#each [0, 1, 2] as line (line)}
		<path
			class="fill-none stroke-ink stroke-[1.3]"
			d="M{wind.x + line * 12} {wind.y + line * 9}h{arrow}m-7-4l7 4l-7 4"
		/>
	{/each}
{/if}
{#if onchange && !bare}
	<Handle
		x={wind.x + 24 + Math.max(arrow, 10)}
		y={wind.y + 18}
		label="Wind"
		value={windMps}
		min={0}
		max={16}
		step={0.5}
		upRaises
		valueText={windText}
		valueAt={(_, x) => windOf(x - wind.x - 24)}
		onvalue={windTo}
		{ondrag}
	>
		<circle class="fill-paper stroke-ink stroke-[1.4]" r="6" />
	</Handle>
	{@const at = SKIES.indexOf(sky)}
	<line class="stroke-rule" x1={cloudAt(0)} x2={cloudAt(3)} y1="11" y2="11" />
	{#each SKIES as one, stop (one)}<circle class="fill-rule-2" cx={cloudAt(stop)} cy="11" r="2" />{/each}
	<Handle
		x={cloudAt(at)}
		y={11}
		label="Clouds"
		value={at}
		min={0}
		max={3}
		step={1}
		upRaises
		valueText={spokenFirst(sky)}
		valueAt={(_, x) => Math.round((x - cloudAt(0)) / 46)}
		onvalue={cloudsTo}
		{ondrag}
	>
		<path class="fill-paper stroke-ink stroke-[1.4]" d="M-11 6q-3-8 5-8q4-7 10-2q7-1 7 5q4 1 2 5Z" />
	</Handle>
{/if}

<style>
	.cloud.dark {
		fill: var(--rule);
	}
	.sun circle {
		fill: #f6e6a8;
		stroke: var(--ink);
	}
	.sun line {
		stroke: var(--ink);
	}
	.sun.veiled {
		opacity: 0.6;
	}
	/* The lit part is the bright one on either ground. */
	.moon circle {
		fill: #3c4248;
		stroke: var(--ink);
	}
	.moon path {
		fill: #f5f0da;
	}
</style>
