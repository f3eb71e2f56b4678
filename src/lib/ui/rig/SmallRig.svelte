<script lang="ts">
	import type { Build } from '$lib/core/schema/build';

	interface Props {
		/** Drawn small, beside the words that say the same. */
		build: Build;
		/** The box, px, that it fits. */
		width: number;
		height: number;
	}
	const { build, width, height }: Props = $props();
</script>

<!-- How a rig is drawn comes after the page: the words beside the box do not wait for it. -->
<span class="small-rig" style:width="{width}px" style:height="{height}px">
	{#await import('./FittedRig.svelte') then { default: FittedRig }}
		<FittedRig {build} {width} {height} />
	{/await}
</span>

<style>
	.small-rig {
		display: grid;
		place-items: center;
		max-width: 100%;
	}
</style>
