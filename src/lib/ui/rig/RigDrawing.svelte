<script lang="ts">
	import type { Drawing, Shape } from '$lib/core/rig/drawing/shape';
	import { rigMarkup } from './markup';

	interface Props {
		drawing: Drawing;
		/** Pixels per mm; small drawings leave out fine detail and thicken their lines. */
		scale: number;
		/** What moves on it, over all that does not. */
		turning?: readonly Shape[];
		/** A drawing that only repeats words beside it. */
		decorative?: boolean;
		/** One far down a list: drawn when it comes near the window. */
		later?: boolean;
	}
	const { drawing, scale, turning = [], decorative = false, later = false }: Props = $props();
	/** The page as it is sent goes without the lines: they weigh more than all its words. */
	let near = $state(false);
	const NEAR_PX = 400;
	function watched(node: Element) {
		if (!later) near = true;
		if (near) return;
		const watcher = new IntersectionObserver(([seen]) => (near ||= seen!.isIntersecting), {
			rootMargin: `${NEAR_PX}px`
		});
		watcher.observe(node);
		return () => watcher.disconnect();
	}
	const markup = $derived(near ? rigMarkup(drawing, scale) : '');
	const moving = $derived(near ? rigMarkup({ shapes: turning }, scale) : '');
	const { x, y, width, height } = $derived(drawing.bounds);
	const round = (value: number): number => Math.round(value * 1000) / 1000;
</script>

<svg
	class="rig"
	{@attach watched}
	width={round(width * scale)}
	height={round(height * scale)}
	fill="none"
	viewBox={[x, y, width, height].map(round).join(' ')}
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
