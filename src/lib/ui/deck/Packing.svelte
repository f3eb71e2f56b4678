<script lang="ts">
	import { packingOf } from '$lib/core/trips/plan/packing';
	import type { Plan } from '$lib/core/foundation/schema/plan';

	const { rods }: { rods: Plan['rods'] } = $props();
	const sections = $derived(packingOf({ rods }));
</script>

<details class="folded">
	<summary>What to take along</summary>
	<dl>
		{#each sections as { title, items } (title)}
			<div>
				<dt class="text-ink-2">{title}</dt>
				<dd>{items.join('; ')}</dd>
			</div>
		{/each}
	</dl>
	<p class="quiet pt-4 text-s">Take a spare of every lure. Where lead is not allowed, check each head first.</p>
</details>

<style>
	dl > div {
		display: grid;
		grid-template-columns: 92px 1fr;
		padding: 3px 0;
		border-bottom: 1px solid var(--rule);
		font-size: var(--t-s);
	}
</style>
