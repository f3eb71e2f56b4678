<script lang="ts">
	import BrowserOnly from '../controls/BrowserOnly.svelte';
	import { partsOf } from '$lib/core/rig/build/partsOf';
	import { describeBuild, partWords, slotWord } from '$lib/core/rig/build/partNames';
	import { drawExploded } from '$lib/core/rig/drawing/exploded';
	import { placeLabels } from '$lib/core/rig/drawing/labels';
	import { drawGeometry } from '$lib/core/rig/drawing/rigDrawing';
	import { boundsOf, type DrawnPart } from '$lib/core/rig/drawing/shape';
	import { rigGeometryOf, type Pose } from '$lib/core/rig/geometry/rigGeometry';
	import type { Point } from '$lib/core/rig/geometry/path';
	import type { Build } from '$lib/core/foundation/schema/build';
	import LengthRuler from '../rig/LengthRuler.svelte';
	import RigDrawing from '../rig/RigDrawing.svelte';

	interface Props {
		build: Build;
		view: 'assembled' | 'exploded';
		pose: Pose;
		/** Pixels per mm at life size on this screen, or `null` to fill the room. */
		lifeSize: number | null;
		/** Height of the picture, px. */
		height: number;
	}
	const { build, view, pose, lifeSize, height }: Props = $props();
	const RULER_PX = 46;
	const PAD_PX = 16;
	const BALLOON_PX = 9;
	const COLUMN_PX = 186;
	/** Under this width (px) words do not fit beside a drawing: numbers stand on it instead. */
	const NARROW_PX = 620;

	let width = $state(806);
	const laid = $derived(rigGeometryOf(build, pose));
	const exploded = $derived(view === 'exploded' ? drawExploded(laid) : null);
	const drawing = $derived(exploded ?? drawGeometry(laid));
	const numbered = $derived(view === 'exploded' || width < NARROW_PX);
	const side = $derived(numbered ? PAD_PX : COLUMN_PX);
	const scale = $derived(
		lifeSize ??
			Math.max(
				1,
				Math.min(
					(width - 2 * side - 2 * PAD_PX) / drawing.bounds.width,
					(height - RULER_PX - 2 * PAD_PX - (exploded ? 2 * BALLOON_PX : 0)) / drawing.bounds.height
				)
			)
	);
	const size = $derived({ width: drawing.bounds.width * scale, height: drawing.bounds.height * scale });
	const whole = $derived(Math.max(width, size.width + 2 * side));
	/** Numbers stand over moved parts, so an exploded view needs room at its head. */
	const head = $derived(exploded ? 2 * BALLOON_PX : 0);
	const tall = $derived(Math.max(height - RULER_PX, size.height + 2 * PAD_PX + head));
	const origin = $derived({ x: (whole - size.width) / 2, y: (tall - size.height + head) / 2 });
	const px = ({ x, y }: Point): Point => ({
		x: origin.x + (x - drawing.bounds.x) * scale,
		y: origin.y + (y - drawing.bounds.y) * scale
	});
	/** A number stands over its part: beside a moved one, so that it hides none of the small ones. */
	function balloonOf(part: DrawnPart, anchor: Point): Point {
		if (!exploded?.ways.some((way) => way.part === part)) return px(anchor);
		const box = boundsOf(drawing.shapes.filter((shape) => shape.part === part));
		const top = px({ x: box.x + box.width / 2, y: box.y });
		return { x: top.x, y: top.y - 12 };
	}
	const named = $derived(
		partsOf(build).flatMap((placed, at) => {
			const anchor = drawing.anchors[placed.slot as DrawnPart];
			if (!anchor) return [];
			const text = `${slotWord(placed.slot, build)}: ${partWords(placed, build)}`;
			const part = placed.slot as DrawnPart;
			return [{ part, text, number: at + 1, anchor: px(anchor), balloon: balloonOf(part, anchor) }];
		})
	);
	const labels = $derived(numbered ? [] : placeLabels(named, whole, tall, COLUMN_PX));
	/** Long words end at a comma, or are cut; the whole ones stand in the list of parts. */
	const LETTERS = 30;
	function short(text: string): string {
		if (text.length <= LETTERS) return text;
		const comma = text.lastIndexOf(',', LETTERS);
		return comma > 8 ? text.slice(0, comma) : `${text.slice(0, LETTERS - 1).trim()}…`;
	}
</script>

<div class="picture" bind:clientWidth={width} style:min-height="{height}px">
	<div class="relative" style:width="{whole}px" style:height="{tall + RULER_PX}px">
		<div class="absolute" style:left="{origin.x}px" style:top="{origin.y}px">
			<RigDrawing drawing={{ ...drawing, text: describeBuild(build) }} {scale} />
		</div>
		<svg
			class="pointer-events-none absolute top-0 left-0 overflow-visible"
			width={whole}
			height={tall}
			aria-hidden="true"
		>
			<BrowserOnly>
				{#if exploded}
					{#each exploded.ways as { part, from, to } (part)}
						{@const [a, b] = [px(from), px(to)]}
						<line class="way" x1={a.x} y1={a.y} x2={b.x} y2={b.y} />
					{/each}
				{/if}
				{#each labels as { part, text, anchor, at, side: where } (part)}
					<line
						class="stroke-ink-2 stroke-[0.9]"
						x1={at.x + (where === 'left' ? 3 : -3)}
						y1={at.y}
						x2={anchor.x}
						y2={anchor.y}
					/>
					<circle class="fill-paper stroke-ink" cx={anchor.x} cy={anchor.y} r="1.8" />
					<text x={at.x} y={at.y + 4} text-anchor={where === 'left' ? 'end' : 'start'}>{short(text)}</text>
				{/each}
				{#if numbered}
					{#each named as { part, number, balloon } (part)}
						<circle class="fill-paper stroke-ink" cx={balloon.x} cy={balloon.y} r={BALLOON_PX} />
						<text class="number" x={balloon.x} y={balloon.y + 4} text-anchor="middle">{number}</text>
					{/each}
				{/if}
			</BrowserOnly>
		</svg>
		<div class="ruler absolute" style:left="{origin.x}px" style:top="{tall}px">
			<LengthRuler lengthMm={drawing.bounds.width} {scale} />
		</div>
	</div>
</div>

<style>
	.picture {
		overflow: auto hidden;
		min-width: 0;
	}
	.way {
		stroke: var(--ink-2);
		stroke-width: 1;
		stroke-dasharray: 5 4;
	}
	text {
		font-size: var(--t-xs);
		font-weight: 520;
		fill: var(--ink);
	}
	.number {
		font-family: var(--font-mono);
		font-weight: 620;
	}
</style>
