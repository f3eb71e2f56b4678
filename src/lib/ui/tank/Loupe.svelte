<script lang="ts">
	import { drawLaid } from '$lib/core/drawing/rigDrawing';
	import { drawTurning, TURNING } from '$lib/core/drawing/turning';
	import { layRig } from '$lib/core/geometry/lay';
	import type { Build } from '$lib/core/schema/build';
	import RigDrawing from '../rig/RigDrawing.svelte';
	import type { Beats } from './beat';

	interface Props {
		build: Build;
		/** How steeply it rises and how far it leans over, degrees. */
		riseDeg: number;
		leanDeg: number | null;
		beats: Beats;
		/** Moment, s: the blades turn with it. */
		atS: number;
	}
	const { build, riseDeg, leanDeg, beats, atS }: Props = $props();
	const laid = $derived(layRig(build));
	const whole = $derived(drawLaid(laid, true));
	const still = $derived({ ...whole, shapes: whole.shapes.filter(({ part }) => !TURNING.has(part)) });
	const scale = $derived(Math.min(118 / whole.bounds.width, 62 / whole.bounds.height));
	/** Nobody sees a blade that turns ten times a second: it is shown slower, and that is said. */
	const SLOWER = 10;
	const turning = $derived(
		drawTurning(laid, { front: (beats.frontHz * atS) / SLOWER, rear: (beats.rearHz * atS) / SLOWER })
	);
	const rise = $derived(Math.round(riseDeg));
	const beatHz = $derived(beats.rearHz || beats.frontHz);
</script>

<figure class="loupe">
	<div class="glass">
		<div style:transform="rotate({-riseDeg}deg)"><RigDrawing drawing={still} {turning} {scale} decorative /></div>
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
