<script lang="ts">
	import { untrack } from 'svelte';
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
		/** One far down a list: drawn when it comes near the window, not in the page as it is sent. */
		later?: boolean;
	}
	const { drawing, scale, turning = [], decorative = false, later = false }: Props = $props();
	let near = $state(untrack(() => !later));
	const NEAR_PX = 400;
	function watched(node: Element) {
		if (near) return;
		const watcher = new IntersectionObserver(([seen]) => (near ||= seen!.isIntersecting), {
			rootMargin: `${NEAR_PX}px`
		});
		watcher.observe(node);
		return () => watcher.disconnect();
	}
	const id = $props.id();
	/** What comes over a line is written short; the browser draws it anew as it is. */
	const write = browser ? rigMarkup : shortMarkup;
	const markup = $derived(near ? write(drawing, scale, id) : '');
	const moving = $derived(write({ shapes: turning }, scale, `${id}-t`));
	const { x, y, width, height } = $derived(drawing.bounds);
</script>

<svg
	class="rig"
	{@attach watched}
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
