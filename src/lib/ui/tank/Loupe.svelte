<script lang="ts">
	import { drawGeometry } from '$lib/core/rig/drawing/rigDrawing';
	import { drawTurning, TURNING } from '$lib/core/rig/drawing/turning';
	import { rigGeometryOf } from '$lib/core/rig/geometry/rigGeometry';
	import type { Build } from '$lib/core/foundation/schema/build';
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
	const laid = $derived(rigGeometryOf(build));
	const whole = $derived(drawGeometry(laid, true));
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

<figure class="absolute right-52 bottom-34 w-150 text-center phone:hidden">
	<div class="grid h-110 w-150 place-items-center overflow-clip rounded-[55px] border-2 border-ink bg-paper">
		<div style:transform="rotate({-riseDeg}deg)"><RigDrawing drawing={still} {turning} {scale} decorative /></div>
	</div>
	<figcaption class="rounded-[2px] border border-ink bg-paper px-6 py-2 text-xs leading-[1.25]">
		{rise === 0 ? 'level' : rise > 0 ? `up ${rise}°` : `down ${-rise}°`}{leanDeg === null
			? ''
			: `, leans ${Math.round(leanDeg)}°`};
		{beatHz > 0 ? `${beatHz.toFixed(1)} beats a second, shown ${SLOWER} times slower` : 'nothing turns'}
	</figcaption>
</figure>
