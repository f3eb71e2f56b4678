<script lang="ts">
	import { drawGeometry } from '$lib/core/rig/drawing/rigDrawing';
	import { rigGeometryOf } from '$lib/core/rig/geometry/rigGeometry';
	import type { Build } from '$lib/core/foundation/schema/build';
	import RigDrawing from './RigDrawing.svelte';

	interface Props {
		build: Build;
		/** The box, px, that the small drawing fits. */
		width: number;
		height: number;
	}
	const { build, width, height }: Props = $props();
	const drawing = $derived(drawGeometry(rigGeometryOf(build), true));
	const scale = $derived(Math.min(width / drawing.bounds.width, height / drawing.bounds.height));
</script>

<RigDrawing {drawing} {scale} decorative />
