<script lang="ts">
	import { resolve } from '$app/paths';
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
	<p class="ways">
		<a class="button" class:button-amber={!data.demo} href={resolve('/sign-in')}>Sign in</a>
		<a class="button" href={resolve('/sign-up')}>Make an account</a>
	</p>
	{#if data.demo}
		<form method="POST" action="?/open">
			<button class="button button-amber">Open the demo as Maren Vossel</button>
		</form>
	{/if}
	<p class="small">
		{#if data.demo}Three invented waters, a year of readings. What you enter stays on this machine.{/if}
		Local rules and the authority’s word come before any advice given here.
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
	.ways {
		display: flex;
		gap: 10px;
	}
	h1 {
		font-size: 28px;
		line-height: 34px;
	}
	.small {
		color: var(--ink-2);
	}
</style>
