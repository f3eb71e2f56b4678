<script lang="ts">
	import { resolve } from '$app/paths';
	import type { DamagedRecord } from '$lib/core/records/appStart';
	import { useApp } from '$lib/client/state/app.svelte';
	import { isDocument, pathOf } from '$lib/client/sync/server';

	const { found }: { found: readonly DamagedRecord[] } = $props();
	const app = useApp();

	/** Every damaged record, once all kinds were looked through. */
	let all = $state.raw<readonly DamagedRecord[] | null>(null);
	let busy = $state(false);
	let failed = $state(false);
	let deleted = $state.raw<readonly string[]>([]);
	const shown = $derived((all ?? found).filter(({ kind, id }) => !deleted.includes(`${kind}/${id}`)));

	async function look() {
		[busy, failed] = [true, false];
		const response = await fetch('/api/v1/damaged').catch(() => null);
		if (response?.ok) all = await response.json();
		else failed = true;
		busy = false;
	}

	/** A document is deleted for good, so that a new one can be stored; a record of a list can be restored for 90 days. */
	async function remove({ kind, id }: DamagedRecord) {
		const response = await fetch(pathOf({ kind, id }), { method: 'DELETE' }).catch(() => null);
		if (!response?.ok) return void (failed = true);
		deleted = [...deleted, `${kind}/${id}`];
		void app.sync.pullChanges();
	}
</script>

<section id="damaged" aria-labelledby="damaged-title">
	<h2 id="damaged-title" class="border-b border-b-ink py-6">Damaged records</h2>
	{#each shown as one (`${one.kind}/${one.id}`)}
		<div class="notice notice-fails mt-8">
			<p>A {one.what} can’t be read: {one.why}</p>
			<p class="flex flex-wrap gap-8 pt-6">
				<a class="button" href={resolve(`${pathOf(one)}?raw` as '/')} download>Export it</a>
				<button class="button" type="button" onclick={() => remove(one)}>Delete it</button>
				{#if isDocument(one.kind)}<span class="quiet">Deleted for good, so that a new one can be saved.</span>{/if}
			</p>
		</div>
	{:else}
		<p class="mt-8 font-450 text-ink-2" role="status">
			{all ? 'All your data is fine.' : 'No damaged data found so far.'}
		</p>
	{/each}
	{#if failed}<p class="wrong mt-8" role="alert">The server can’t be reached. Try again in a moment.</p>{/if}
	{#if !all}
		<p class="mt-8">
			<button class="button" type="button" disabled={busy} onclick={look}
				>{busy ? 'Checking…' : 'Check all my data'}</button
			>
		</p>
	{/if}
</section>
