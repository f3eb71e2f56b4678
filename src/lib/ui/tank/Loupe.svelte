<script lang="ts">
	import type { Rig } from '$lib/core/schema/rig';
	import { drawRig } from '$lib/core/drawing/rigDrawing';
	import RigDrawing from '../rig/RigDrawing.svelte';

	interface Props {
		rig: Rig;
		/** How steeply it rises and how far it leans over, degrees. */
		riseDeg: number;
		leanDeg: number | null;
		/** Turns or beats in a second of what is seen first on it. */
		beatHz: number;
		/** Moment, s: the blade turns with it. */
		atS: number;
	}
	const { rig, riseDeg, leanDeg, beatHz, atS }: Props = $props();
	const drawing = $derived(drawRig(rig, true));
	const scale = $derived(Math.min(118 / drawing.bounds.width, 62 / drawing.bounds.height));
	/** Nobody sees a blade that turns ten times a second: it is shown slower, and that is said. */
	const SLOWER = 10;
	const turn = $derived(Math.abs(Math.cos((2 * Math.PI * beatHz * atS) / SLOWER)));
	const rise = $derived(Math.round(riseDeg));
</script>

<figure class="loupe">
	<div class="glass">
		<div style:transform="rotate({-riseDeg}deg)"><RigDrawing {drawing} {scale} decorative /></div>
		<svg width="30" height="22" aria-hidden="true"
			><ellipse cx="15" cy="11" rx={3 + 11 * turn} ry="9" class="blade" /></svg
		>
	</div>
	<figcaption>
		{rise === 0 ? 'level' : rise > 0 ? `up ${rise}°` : `down ${-rise}°`}{leanDeg === null
			? ''
			: `, leans ${Math.round(leanDeg)}°`};
		{beatHz > 0 ? `${beatHz.toFixed(1)} beats a second, shown ${SLOWER} times slower` : 'nothing turns'}
	</figcaption>
</figure>

<style>
	.loupe {
		position: absolute;
		right: 52px;
		bottom: 34px;
		width: 150px;
		text-align: center;
	}
	.glass {
		display: grid;
		place-items: center;
		width: 150px;
		height: 110px;
		border: 2px solid var(--ink);
		border-radius: 55px;
		background: var(--paper);
		overflow: clip;
	}
	.blade {
		fill: var(--amber);
		stroke: var(--ink);
	}
	figcaption {
		padding: 2px 6px;
		border: 1px solid var(--ink);
		border-radius: 2px;
		background: var(--paper);
		font-size: var(--t-xs);
		line-height: 1.25;
	}
	@media (width < 56rem) {
		.loupe {
			display: none;
		}
	}
</style>
