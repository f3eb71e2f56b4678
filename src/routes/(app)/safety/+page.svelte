<script lang="ts">
	import { useApp } from '$lib/client/state/app.svelte';
	import { cardsFor, type SafetyCard } from '$lib/presentation/safetyCards';

	const app = useApp();
	const cards = $derived(cardsFor(app.complete));
</script>

<svelte:head><title>Safety · Lucernal</title></svelte:head>

<div class="max-w-900 px-16 pt-8 pb-24">
	<h1>Safety</h1>
	<p class="pb-8">
		The usual cautions. Follow local rules and professional advice; in an emergency call for help first.
	</p>
	{#if cards.now.length > 0}
		<h2 class="pb-4">What matters on the water you read</h2>
		<div class="cards pb-14">
			{#each cards.now as one (one.id)}{@render card(one)}{/each}
		</div>
	{/if}
	<h2 class="pb-4">{cards.now.length > 0 ? 'When it happens' : 'Cards'}</h2>
	<div class="cards">
		{#each cards.others as one (one.id)}{@render card(one)}{/each}
	</div>
</div>

{#snippet card({ id, title, steps, help }: SafetyCard)}
	<article class="grid content-start gap-4 border-t border-t-ink pt-6" {id} aria-labelledby="{id}-title">
		<h3 class="font-640" id="{id}-title">{title}</h3>
		<ol class="list-decimal pl-18">
			{#each steps as step (step)}<li>{step}</li>{/each}
		</ol>
		{#if help}<p class="notice notice-fails">{help}</p>{/if}
	</article>
{/snippet}

<style>
	.cards {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(min(100%, 330px), 1fr));
		gap: 14px 28px;
	}
</style>
