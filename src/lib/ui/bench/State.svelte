<script lang="ts">
	import type { CheckState } from '$lib/core/rig/bench/checks/check';

	const NAMES: Readonly<Record<CheckState, string>> = { pass: 'passes', marginal: 'close to the limit', fail: 'fails' };
	const { state }: { state: CheckState } = $props();
</script>

<svg class={state} width="13" height="13" viewBox="0 0 13 13" role="img" aria-label={NAMES[state]}>
	{#if state === 'pass'}<circle cx="6.5" cy="6.5" r="5.5" />
	{:else if state === 'marginal'}
		<circle class="fill-none stroke-marginal stroke-[1.4]" cx="6.5" cy="6.5" r="5" />
		<path d="M6.5 1.5a5 5 0 0 1 0 10z" />
	{:else}<path class="stroke-fail stroke-[2.6] [stroke-linecap:round]" d="M2 2l9 9M11 2l-9 9" />{/if}
</svg>

<style>
	svg {
		flex: none;
	}
	.pass {
		fill: var(--pass);
	}
	.marginal {
		fill: var(--marginal);
	}
</style>
