<script lang="ts">
	import type { Drawing, Shape } from '$lib/core/drawing/shape';
	import { colourOf } from './materials';

	interface Props {
		drawing: Drawing;
		/** Pixels per mm; small drawings leave out fine detail and thicken their lines. */
		scale: number;
		/** A drawing that only repeats words beside it. */
		decorative?: boolean;
	}
	const { drawing, scale, decorative = false }: Props = $props();
	/** Under 2 px per mm hatching turns to mud: lines grow instead (visual direction). */
	const small = $derived(scale < 2);
	const shapes = $derived(small ? drawing.shapes.filter(({ fine }) => !fine) : drawing.shapes);
	const thicken = $derived(small ? Math.min(2.2, 1.1 / (0.4 * scale)) : 1);
	const strokeOf = (shape: Shape): number => (shape.width ?? 0) * (shape.stroke === 'ink' ? thicken : 1);
	const pathOf = (shape: Shape): string =>
		`<path d="${shape.d}" fill="${colourOf(shape.fill)}" stroke="${colourOf(shape.stroke)}" stroke-width="${strokeOf(shape)}" opacity="${shape.opacity ?? 1}"/>`;
	const markup = $derived(shapes.map(pathOf).join(''));
	const { x, y, width, height } = $derived(drawing.bounds);
</script>

<svg
	class="rig"
	width={width * scale}
	height={height * scale}
	viewBox="{x} {y} {width} {height}"
	role={decorative ? undefined : 'img'}
	aria-hidden={decorative}
	aria-label={decorative ? undefined : drawing.text}
>
	<!-- Two hundred strokes that only change together: one piece of markup is far cheaper than as many nodes to keep. It
	     is made of our own figures and colours; nothing that anybody typed gets in. -->
	<!-- eslint-disable-next-line svelte/no-at-html-tags -->
	{@html markup}
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
