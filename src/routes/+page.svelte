<script lang="ts">
	import { enhance } from '$app/forms';
	import { RECORDS_DOWN_SHORT } from '$lib/ui/messages';
	import type { ActionData, PageData } from './$types';

	const { data, form }: { data: PageData; form: ActionData } = $props();
	const message = $derived(form?.message ?? (data.recordsDown ? RECORDS_DOWN_SHORT : null));
</script>

<svelte:head><title>Lucernal</title></svelte:head>

<main>
	<img src="/icon.svg" alt="" width="72" height="72" />
	<h1>Lucernal</h1>
	<p>
		Read the water, weigh the rules of the craft against each other, and know what to tie on: spinnerbaits, bladed jigs,
		buzzbaits and underspins.
	</p>
	{#if message}<p class="notice notice-fails" role="alert">{message}</p>{/if}
	<form method="POST" action="?/open" use:enhance>
		<button class="button button-amber">Open the demo as Maren Vossel</button>
	</form>
	<p class="small">
		Three invented waters, a year of readings. What you enter stays on this machine. Local rules and the authority’s
		word come before any advice given here.
	</p>
</main>

<style>
	main {
		display: grid;
		gap: 14px;
		justify-items: start;
		align-content: center;
		max-width: 34rem;
		min-height: 100vh;
		margin: 0 auto;
		padding: 24px;
	}
	h1 {
		font-size: 28px;
		line-height: 34px;
	}
	.small {
		color: var(--ink-2);
	}
</style>
