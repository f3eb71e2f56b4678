<script lang="ts">
	import type { CheckState } from '$lib/core/rig/bench/checks/check';

	const { state }: { state: CheckState } = $props();
</script>

<svg class={state} width="13" height="13" viewBox="0 0 13 13" role="img" aria-label={state}>
	{#if state === 'holds'}<circle cx="6.5" cy="6.5" r="5.5" />
	{:else if state === 'thin'}
		<circle class="fill-none stroke-thin stroke-[1.4]" cx="6.5" cy="6.5" r="5" />
		<path d="M6.5 1.5a5 5 0 0 1 0 10z" />
	{:else}<path class="stroke-fails stroke-[2.6] [stroke-linecap:round]" d="M2 2l9 9M11 2l-9 9" />{/if}
</svg>

<style>
	svg {
		flex: none;
	}
	.holds {
		fill: var(--holds);
	}
	.thin {
		fill: var(--thin);
	}
</style>
