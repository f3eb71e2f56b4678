<script lang="ts">
	import type { ComponentProps } from 'svelte';
	import type FittedRig from './FittedRig.svelte';

	/** A rig drawn small, beside the words that say the same. */
	const { build, width, height }: ComponentProps<typeof FittedRig> = $props();
</script>

<!-- How a rig is drawn comes after the page: the words beside the box do not wait for it. -->
<span class="small-rig grid max-w-full place-items-center" style:width="{width}px" style:height="{height}px">
	{#await import('./FittedRig.svelte') then { default: Fitted }}
		<Fitted {build} {width} {height} />
	{/await}
</span>
