<script lang="ts">
	import { drawLaid } from '$lib/core/rig/drawing/rigDrawing';
	import { layRig } from '$lib/core/rig/geometry/lay';
	import type { Build } from '$lib/core/foundation/schema/build';
	import RigDrawing from './RigDrawing.svelte';

	interface Props {
		build: Build;
		/** The box, px, that the small drawing fits. */
		width: number;
		height: number;
	}
	const { build, width, height }: Props = $props();
	const drawing = $derived(drawLaid(layRig(build), true));
	const scale = $derived(Math.min(width / drawing.bounds.width, height / drawing.bounds.height));
</script>

<RigDrawing {drawing} {scale} decorative />
