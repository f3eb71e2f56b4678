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

<main class="mx-auto grid min-h-screen max-w-[34rem] content-center justify-items-start gap-14 p-24" class:welcome>
	{#if welcome}<img src="/icon.svg" alt="" width="72" height="72" />
	{:else}<a href={resolve('/')} class="block"><img src="/icon.svg" alt="Lucernal" width="48" height="48" /></a>{/if}
	<h1>{title}</h1>
	{#if message}<p class="notice notice-fails" role="alert">{message}</p>{/if}
	{@render children()}
</main>

<style>
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
	main :global(p a:not(.button)) {
		text-decoration: underline;
	}
</style>
