<script lang="ts">
	import BrowserOnly from '../controls/BrowserOnly.svelte';
	import { MM_PER_IN } from '$lib/core/foundation/basics/units';

	interface Props {
		/** Length shown, mm, from the drawing's left extreme. */
		lengthMm: number;
		/** Pixels per mm, the same as the drawing's. */
		scale: number;
	}
	const { lengthMm, scale }: Props = $props();
	const width = $derived(lengthMm * scale);
	const LINE_Y = 22;
	const up = (at: number): number => (at % 16 === 0 ? 10 : at % 8 === 0 ? 7 : at % 4 === 0 ? 5 : 3);
	const down = (at: number): number => (at % 10 === 0 ? 9 : at % 5 === 0 ? 6 : 3.5);
	const count = (step: number): number[] => Array.from({ length: Math.floor(lengthMm / step) + 1 }, (_, at) => at);
	/** All ticks are one path: two hundred lines would be as many nodes to keep. */
	const ticks = $derived(
		count(1)
			.map((at) => `M${(at * scale).toFixed(1)} ${LINE_Y}v${down(at)}`)
			.concat(count(MM_PER_IN / 16).map((at) => `M${((at / 16) * MM_PER_IN * scale).toFixed(1)} ${LINE_Y}v${-up(at)}`))
			.join('')
	);
</script>

<svg
	{width}
	height="44"
	viewBox="0 0 {width} 44"
	overflow="visible"
	role="img"
	aria-label="Ruler, {Math.round(lengthMm)} mm"
>
	<BrowserOnly>
		<path class="fill-none stroke-ink-2 stroke-[0.8]" d="M0 {LINE_Y}H{width}{ticks}" />
		{#each count(MM_PER_IN) as at (at)}
			<text x={at * MM_PER_IN * scale} y="9" dx="3">{at}&quot;</text>
		{/each}
		{#each count(10) as at (at)}
			<text x={at * 10 * scale} y="41" text-anchor="middle">{at}</text>
		{/each}
	</BrowserOnly>
</svg>

<style>
	text {
		font: 13px var(--font-mono);
		fill: var(--ink-2);
	}
</style>
