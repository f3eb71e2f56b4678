<script lang="ts">
	import { browser } from '$app/environment';
	import type { Drawing, Shape } from '$lib/core/drawing/shape';
	import { rigMarkup, shortMarkup } from './markup';

	interface Props {
		drawing: Drawing;
		/** Pixels per mm; small drawings leave out fine detail and thicken their lines. */
		scale: number;
		/** What moves on it, over all that does not. */
		turning?: readonly Shape[];
		/** A drawing that only repeats words beside it. */
		decorative?: boolean;
	}
	const { drawing, scale, turning = [], decorative = false }: Props = $props();
	const id = $props.id();
	/** What comes over a line is written short; the browser draws it anew as it is. */
	const write = browser ? rigMarkup : shortMarkup;
	const markup = $derived(write(drawing, scale, id));
	const moving = $derived(write({ shapes: turning }, scale, `${id}-t`));
	const { x, y, width, height } = $derived(drawing.bounds);
</script>

<svg
	class="rig"
	width={width * scale}
	height={height * scale}
	fill="none"
	viewBox="{x} {y} {width} {height}"
	role={decorative ? undefined : 'img'}
	aria-hidden={decorative}
	aria-label={decorative ? undefined : drawing.text}
>
	<!-- Two hundred strokes that only change together: one piece of markup is far cheaper than as many nodes to keep. It
	     is made of our own figures and colours; nothing that anybody typed gets in. -->
	<!-- eslint-disable-next-line svelte/no-at-html-tags -->
	{@html markup}
	<!-- eslint-disable-next-line svelte/no-at-html-tags -->
	{@html moving}
</svg>

<style>
	.rig {
		display: block;
		overflow: visible;
		filter: var(--lit);
		stroke-linecap: round;
		stroke-linejoin: round;
	}
	@media (forced-colors: active) {
		.rig {
			forced-color-adjust: none;
		}
	}
</style>
