<script lang="ts">
	import { enhance } from '$app/forms';
	import { resolve } from '$app/paths';
	import type { ImportPlan } from '$lib/core/records/transfer';
	import ImportSays from './ImportResult.svelte';

	interface Props {
		preview: ImportPlan | null;
		/** How many files an export of everything takes. */
		parts: number;
	}
	const { preview, parts }: Props = $props();

	/** Largest file (bytes) that is taken, as the server has it. */
	const FILE_MAX = 64 * 1024 * 1024;
	let busy = $state(false);
	/** Stops what is being sent, while a file is only read. */
	let reading = $state.raw<AbortController | null>(null);
	/** The preview that was looked at and left: it goes, the page stays. */
	let left = $state.raw<ImportPlan | null>(null);
	let chooser = $state<HTMLInputElement>();
	/** What was sent so far is thrown away; the file stays chosen. */
	function stop() {
		reading?.abort();
		[busy, reading] = [false, null];
	}
	function leave() {
		left = preview;
		chooser?.focus();
	}
	let refused = $state<string | null>(null);

	function look(input: HTMLInputElement) {
		const file = input.files?.[0];
		[refused, left] = [null, preview];
		if (!file) return;
		const isJson = /\.json$/i.test(file.name) || file.type === 'application/json';
		if (!isJson) refused = `“${file.name}” was not exported here: those files end in .json.`;
		else if (file.size > FILE_MAX) {
			refused = `“${file.name}” is ${Math.round(file.size / 1e6)} MB. The limit is 67 MB.`;
		}
	}
</script>

<h2 class="border-b border-b-ink py-6">Export and import</h2>
{#if parts === 1}
	<p class="mt-8"><a class="button" href={resolve('/api/v1/records')} download>Export all as JSON</a></p>
{:else}
	<p class="mt-8">Your data takes {parts} files. To restore it, import them in this order.</p>
	<p class="mt-8 flex flex-wrap gap-8">
		{#each { length: parts }, at (at)}
			<a class="button" href={resolve(`/api/v1/records?part=${at + 1}` as '/')} download
				>Export part {at + 1} of {parts}</a
			>
		{/each}
	</p>
{/if}
<form
	class="mt-8 flex flex-wrap items-center gap-10"
	method="POST"
	action="?/preview"
	enctype="multipart/form-data"
	use:enhance={({ cancel, controller, submitter }) => {
		if (refused) return cancel();
		const isImport = submitter?.getAttribute('formaction') === '?/import';
		[busy, left, reading] = [true, isImport ? left : null, isImport ? null : controller];
		return async ({ update }) => {
			await update({ reset: isImport });
			[busy, reading] = [false, null];
		};
	}}
>
	<label
		>A file exported here
		<input
			bind:this={chooser}
			type="file"
			name="file"
			accept="application/json,.json"
			aria-invalid={refused ? 'true' : undefined}
			onchange={(event) => look(event.currentTarget)}
		/></label
	>
	{#if refused}<p class="wrong mt-8" role="alert">{refused}</p>{/if}
	<button class="button" disabled={busy}>{reading ? 'Reading the file…' : 'See what it would change'}</button>
	{#if reading}
		<progress aria-label="Reading the file"></progress>
		<button class="button" type="button" onclick={stop}>Stop</button>
	{/if}
	{#if preview && preview !== left}
		<div class="notice flex flex-wrap items-center gap-10">
			<p class="mt-8">This file contains <ImportSays plan={preview} /> Nothing is changed yet.</p>
			<noscript><p>Choose the file again to import it.</p></noscript>
			<button class="button button-amber" disabled={busy} formaction="?/import"
				>{busy && !reading ? 'Importing…' : 'Import it'}</button
			>
			{#if busy && !reading}<progress aria-label="Importing"></progress>{:else}
				<button class="button" type="button" onclick={leave}>Cancel</button>
			{/if}
		</div>
	{/if}
</form>
