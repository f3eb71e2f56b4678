<script lang="ts">
	import type { Snippet } from 'svelte';

	interface Props {
		/** Middle of the grip in px of the drawing. */
		x: number;
		y: number;
		label: string;
		value: number;
		min: number;
		max: number;
		/** Value with its unit, as it is spoken. */
		valueText: string;
		/** What one press of an arrow key moves. */
		step: number;
		/** Value at a place of the drawing. */
		valueAt: (y: number, x: number) => number;
		onvalue: (value: number) => void;
		/** Said when a drag begins and when it ends. */
		ondrag?: (on: boolean) => void;
		/** Whether it goes along rather than up and down. */
		along?: boolean;
		/** Whether the arrow that points up raises the value, as in the sky; under water it is the one that points down. */
		upRaises?: boolean;
		/** What is taken hold of, around 0 0; a ribbed grip unless given. */
		children?: Snippet;
	}
	const { x, y, label, value, min, max, valueText, step, valueAt, onvalue, ondrag, along, upRaises, children }: Props =
		$props();
	let grip: SVGGElement;
	/** Only what is drawn around 0 0 is shifted as a whole: that costs the browser more than new figures for a box. */
	const at = $derived(children ? { x: 0, y: 0 } : { x, y });

	const held = (next: number): number => Math.min(max, Math.max(min, next));

	/** Where on the grip it was taken hold of, px: taking hold moves nothing. */
	let offset = { x: 0, y: 0 };

	function pointer(event: PointerEvent): { x: number; y: number } {
		const svg = grip.ownerSVGElement!;
		const box = svg.getBoundingClientRect();
		const { width, height } = svg.viewBox.baseVal;
		return {
			x: (event.clientX - box.left) * (width / box.width || 1),
			y: (event.clientY - box.top) * (height / box.height || 1)
		};
	}

	function drag(event: PointerEvent) {
		const at = pointer(event);
		onvalue(held(valueAt(at.y - offset.y, at.x - offset.x)));
	}

	function onpointerdown(event: PointerEvent) {
		grip.setPointerCapture(event.pointerId);
		const at = pointer(event);
		offset = { x: at.x - x, y: at.y - y };
		ondrag?.(true);
		grip.focus();
		event.preventDefault();
	}

	function onpointermove(event: PointerEvent) {
		if (grip.hasPointerCapture(event.pointerId)) drag(event);
	}

	function onkeydown(event: KeyboardEvent) {
		const up = upRaises ? 1 : -1;
		const moves: Record<string, number> = {
			ArrowDown: value - up * step,
			ArrowRight: value + step,
			ArrowUp: value + up * step,
			ArrowLeft: value - step,
			PageDown: value - 5 * up * step,
			PageUp: value + 5 * up * step,
			Home: min,
			End: max
		};
		const next = moves[event.key];
		if (next === undefined) return;
		event.preventDefault();
		onvalue(held(next));
	}
</script>

<g
	bind:this={grip}
	class="handle"
	class:free={children}
	class:along
	role="slider"
	tabindex="0"
	aria-label={label}
	aria-orientation={along ? 'horizontal' : 'vertical'}
	aria-valuenow={value}
	aria-valuemin={min}
	aria-valuemax={max}
	aria-valuetext={valueText}
	transform={children && `translate(${x} ${y})`}
	{onpointerdown}
	{onpointermove}
	onlostpointercapture={() => ondrag?.(false)}
	{onkeydown}
>
	<rect class="reach fill-transparent" x={at.x - 24} y={at.y - 24} width="48" height="48" />
	{#if children}
		{@render children()}
	{:else}
		<rect class="grip fill-paper stroke-ink stroke-[1.4]" x={x - 11} y={y - 7} width="22" height="14" rx="2" />
		<path class="pointer-events-none fill-none stroke-ink stroke-[1.4]" d="M{x - 6} {y - 3.5}v7m4-7v7m4-7v7m4-7v7" />
	{/if}
</g>

<style>
	.handle {
		cursor: ns-resize;
		touch-action: none;
		outline: none;
	}
	.free {
		cursor: move;
	}
	.along {
		cursor: ew-resize;
	}
	.handle:hover .grip {
		fill: var(--amber-wash);
	}
	.handle:focus-visible .grip {
		fill: var(--amber);
		stroke-width: 2.5;
	}
	.free:focus-visible .reach {
		stroke: var(--ink);
		stroke-width: 2;
	}
</style>
