<script lang="ts">
	import { resolve } from '$app/paths';
	import type { Snippet } from 'svelte';

	interface Props {
		title: string;
		/** The welcome page itself: larger, and its mark leads nowhere. */
		welcome?: boolean;
		message?: string | null | undefined;
		children: Snippet;
	}
	const { title, welcome = false, message, children }: Props = $props();
</script>

<svelte:head><title>{welcome ? title : `Lucernal: ${title.toLowerCase()}`}</title></svelte:head>

<main class:welcome>
	{#if welcome}<img src="/icon.svg" alt="" width="72" height="72" />
	{:else}<a href={resolve('/')} class="mark"><img src="/icon.svg" alt="Lucernal" width="48" height="48" /></a>{/if}
	<h1>{title}</h1>
	{#if message}<p class="notice notice-fails" role="alert">{message}</p>{/if}
	{@render children()}
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
	.welcome {
		gap: 10px;
		max-width: 44rem;
	}
	.welcome > img {
		width: 52px;
		height: 52px;
	}
	.welcome h1 {
		font-size: var(--t-xxl);
	}
	.mark {
		display: block;
	}
	main :global(p a:not(.button)) {
		text-decoration: underline;
	}
</style>
