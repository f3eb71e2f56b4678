<script lang="ts">
	import { MM_PER_IN } from '$lib/core/units';

	interface Props {
		/** Length shown, mm, from the drawing's left extreme. */
		lengthMm: number;
		/** Pixels per mm, the same as the drawing's. */
		scale: number;
	}
	const { lengthMm, scale }: Props = $props();
	const width = $derived(lengthMm * scale);
	const mm = $derived(Array.from({ length: Math.floor(lengthMm) + 1 }, (_, at) => at));
	const sixteenths = $derived(Array.from({ length: Math.floor((lengthMm / MM_PER_IN) * 16) + 1 }, (_, at) => at));
	const up = (at: number): number => (at % 16 === 0 ? 10 : at % 8 === 0 ? 7 : at % 4 === 0 ? 5 : 3);
	const down = (at: number): number => (at % 10 === 0 ? 9 : at % 5 === 0 ? 6 : 3.5);
</script>

<svg
	{width}
	height="44"
	viewBox="0 0 {width} 44"
	overflow="visible"
	role="img"
	aria-label="Ruler, {Math.round(lengthMm)} mm"
>
	<line x1="0" x2={width} y1="22" y2="22" />
	{#each sixteenths as at (at)}
		{@const x = (at / 16) * MM_PER_IN * scale}
		<line x1={x} x2={x} y1="22" y2={22 - up(at)} />
		{#if at % 16 === 0}<text {x} y="9" dx="3">{at / 16}&quot;</text>{/if}
	{/each}
	{#each mm as at (at)}
		<line x1={at * scale} x2={at * scale} y1="22" y2={22 + down(at)} />
		{#if at % 10 === 0}<text x={at * scale} y="41" text-anchor="middle">{at / 10}</text>{/if}
	{/each}
</svg>

<style>
	line {
		stroke: var(--ink-2);
		stroke-width: 0.8;
	}
	text {
		font: 11px var(--font-mono);
		fill: var(--ink-2);
	}
</style>
