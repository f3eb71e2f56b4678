<script lang="ts">
	import { enhance } from '$app/forms';
	import { resolve } from '$app/paths';
	import type { ImportPlan } from '$lib/core/records/transfer';
	import ImportSays from './ImportSays.svelte';

	interface Props {
		preview: ImportPlan | null;
		/** The file that was looked at, to be brought in without being chosen again. */
		held: string;
	}
	const { preview, held }: Props = $props();

	/** Largest file (bytes) that is taken, as the server has it. */
	const FILE_MAX = 64 * 1024 * 1024;
	let busy = $state(false);
	/** Stops what is being sent, while a file is only read. */
	let reading = $state.raw<AbortController | null>(null);
	/** The file that was looked at and left: its preview goes, the page stays. */
	let left = $state('');
	let chooser = $state<HTMLInputElement>();
	/** What was sent so far is thrown away; the file stays chosen. */
	function stop() {
		reading?.abort();
		[busy, reading] = [false, null];
	}
	function leave() {
		left = held;
		chooser?.focus();
	}
	let refused = $state<string | null>(null);

	function look(input: HTMLInputElement) {
		const file = input.files?.[0];
		refused = null;
		if (!file) return;
		const isJson = /\.json$/i.test(file.name) || file.type === 'application/json';
		if (!isJson) refused = `“${file.name}” is not a file that was exported here; those end in .json.`;
		else if (file.size > FILE_MAX) {
			refused = `“${file.name}” has ${Math.round(file.size / 1e6)} MB; at most 67 MB are taken at once.`;
		}
	}
</script>

<h2 class="border-b border-b-ink py-6">Take out, bring in</h2>
<p class="mt-8"><a class="button" href={resolve('/api/v1/records')} download>Export all as JSON</a></p>
{#if preview && held !== left}
	<form
		class="notice mt-8 flex flex-wrap items-center gap-10"
		method="POST"
		action="?/import"
		use:enhance={() => {
			busy = true;
			return async ({ update }) => {
				await update();
				busy = false;
			};
		}}
	>
		<input type="hidden" name="held" value={held} />
		<p class="mt-8">This file brings <ImportSays plan={preview} /> Nothing is changed yet.</p>
		<button class="button button-amber" disabled={busy}>{busy ? 'Bringing it in…' : 'Bring it in'}</button>
		{#if busy}<progress aria-label="Bringing it in"></progress>{:else}
			<button class="button" type="button" onclick={leave}>Leave it</button>
		{/if}
	</form>
{/if}
<form
	class="mt-8 flex flex-wrap items-center gap-10"
	method="POST"
	action="?/preview"
	enctype="multipart/form-data"
	use:enhance={({ cancel, controller }) => {
		if (refused) return cancel();
		[busy, left, reading] = [true, '', controller];
		return async ({ update }) => {
			await update({ reset: false });
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
	<button class="button" disabled={busy}>{busy ? 'Reading the file…' : 'See what it would change'}</button>
	{#if reading}
		<progress aria-label="Reading the file"></progress>
		<button class="button" type="button" onclick={stop}>Stop</button>
	{/if}
</form>
