<script lang="ts">
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
		/** Value at a vertical place of the drawing. */
		valueAt: (y: number) => number;
		onvalue: (value: number) => void;
		/** Said when a drag begins and when it ends. */
		ondrag?: (on: boolean) => void;
	}
	const { x, y, label, value, min, max, valueText, step, valueAt, onvalue, ondrag }: Props = $props();
	let grip: SVGGElement;

	const held = (next: number): number => Math.min(max, Math.max(min, next));

	/** Where on the grip it was taken hold of, px: taking hold moves nothing. */
	let offset = 0;

	function pointerY(event: PointerEvent): number {
		const svg = grip.ownerSVGElement!;
		const box = svg.getBoundingClientRect();
		return (event.clientY - box.top) * (svg.viewBox.baseVal.height / box.height || 1);
	}

	const drag = (event: PointerEvent) => onvalue(held(valueAt(pointerY(event) - offset)));

	function onpointerdown(event: PointerEvent) {
		grip.setPointerCapture(event.pointerId);
		offset = pointerY(event) - y;
		ondrag?.(true);
		grip.focus();
		event.preventDefault();
	}

	function onpointermove(event: PointerEvent) {
		if (grip.hasPointerCapture(event.pointerId)) drag(event);
	}

	function onkeydown(event: KeyboardEvent) {
		const moves: Record<string, number> = {
			ArrowDown: value + step,
			ArrowRight: value + step,
			ArrowUp: value - step,
			ArrowLeft: value - step,
			PageDown: value + 5 * step,
			PageUp: value - 5 * step,
			Home: min,
			End: max
		};
		const next = moves[event.key];
		if (next === undefined) return;
		event.preventDefault();
		onvalue(held(next));
	}
</script>

<!-- Depth grows downwards, so the arrow that points down deepens. -->
<g
	bind:this={grip}
	class="handle"
	role="slider"
	tabindex="0"
	aria-label={label}
	aria-orientation="vertical"
	aria-valuenow={value}
	aria-valuemin={min}
	aria-valuemax={max}
	aria-valuetext={valueText}
	transform="translate({x} {y})"
	{onpointerdown}
	{onpointermove}
	onlostpointercapture={() => ondrag?.(false)}
	{onkeydown}
>
	<rect class="reach" x="-24" y="-24" width="48" height="48" />
	<rect class="grip" x="-11" y="-7" width="22" height="14" rx="2" />
	{#each [-6, -2, 2, 6] as bar (bar)}
		<line x1={bar} x2={bar} y1="-3.5" y2="3.5" />
	{/each}
</g>

<style>
	.handle {
		cursor: ns-resize;
		touch-action: none;
		outline: none;
	}
	.reach {
		fill: transparent;
	}
	.grip {
		fill: var(--paper);
		stroke: var(--ink);
		stroke-width: 1.4;
	}
	line {
		stroke: var(--ink);
		stroke-width: 1.4;
		pointer-events: none;
	}
	.handle:hover .grip {
		fill: var(--amber-wash);
	}
	.handle:focus-visible .grip {
		fill: var(--amber);
		stroke-width: 2.5;
	}
</style>
