<script lang="ts">
	import type { Advice } from '$lib/core/foundation/schema/call';
	import Dispute from '../controls/Dispute.svelte';
	import { partAdvice, stepsOf } from './plan';

	const { plan }: { plan: readonly Advice[] } = $props();
	const steps = $derived(stepsOf(plan));
	const parts = $derived(partAdvice(plan));
</script>

<div class="plan columns-[3_200px] gap-x-16" role="group" aria-label="How to fish it">
	{#each steps as { key, title, items }, place (key)}
		<div>
			<h3><span class="figure">{place + 1}</span> {title}</h3>
			<ul>
				{#each items as item (item.claim)}<li class="break-inside-avoid py-1">
						{item.text}{#if item.split}<Dispute side={item.split} />{/if}
					</li>{/each}
			</ul>
		</div>
	{/each}
	{#if parts.length > 0}
		<div>
			<h3>About the parts</h3>
			<ul>
				{#each parts as { part, text } (text)}<li class="break-inside-avoid py-1">
						<strong>{part}:</strong>
						{text}
					</li>{/each}
			</ul>
		</div>
	{/if}
</div>

<style>
	.plan > div {
		margin-bottom: 6px;
	}
	h3 {
		break-after: avoid;
		font-weight: 640;
	}
	li strong {
		font-weight: 560;
	}
</style>
