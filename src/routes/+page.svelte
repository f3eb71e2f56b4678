<script lang="ts">
	import { onMount } from 'svelte';
	import { page } from '$app/state';
	import { StoredDevice } from '$lib/client/sync/device';
	import { clearPrecachedPages } from '$lib/client/offline/precachePages';
	import Example from '$lib/ui/account/Example.svelte';
	import Page from '$lib/ui/account/Page.svelte';
	import { resolve } from '$app/paths';
	import { RECORDS_DOWN_SHORT } from '$lib/ui/messages';
	import type { ActionData, PageData } from './$types';

	const { data, form }: { data: PageData; form: ActionData } = $props();
	const message = $derived(form?.message ?? (data.recordsDown ? RECORDS_DOWN_SHORT : null));

	// An account that was deleted leaves nothing on the device either.
	onMount(() => {
		const gone = page.url.searchParams.get('forget');
		if (gone) {
			void new StoredDevice(gone).forget();
			void clearPrecachedPages();
		}
	});
</script>

<Page title="Lucernal" welcome {message}>
	{#if page.url.searchParams.has('forget')}
		<p class="notice" role="status">Your account is deleted, with everything in it. Nothing is left on this device.</p>
	{/if}
	<p>Enter the water in front of you. Lucernal weighs what good anglers know and tells you what to tie on.</p>
	<Example {...data.example} />
	{#if data.demo}
		<form method="POST" action="?/open">
			<button class="button button-amber">Open the demo as Maren Vossel</button>
		</form>
	{/if}
	<p class="flex gap-10">
		<a class="button" class:button-amber={!data.demo} href={resolve('/sign-in')}>Sign in</a>
		<a class="button" href={resolve('/sign-up')}>Create an account</a>
	</p>
	<p class="text-ink-2">
		{#if data.demo}Three made-up waters and a year of readings. What you enter stays on this computer.{/if}
		Local rules and the authority’s word come before any advice given here.
	</p>
</Page>
