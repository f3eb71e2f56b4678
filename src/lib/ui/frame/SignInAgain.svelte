<script lang="ts">
	import { useApp } from '$lib/client/state/app.svelte';
	import Entry from '../account/Entry.svelte';

	/** The angler's own name, and whether anybody may open the demo. */
	const { name, demo }: { name: string; demo: boolean } = $props();
	const app = useApp();
	let wrong = $state<string | null>(null);

	async function again(event: SubmitEvent & { readonly currentTarget: HTMLFormElement }) {
		event.preventDefault();
		const passphrase = String(new FormData(event.currentTarget).get('passphrase') ?? '');
		wrong = await app.sync.signInAgain(name, passphrase);
	}
</script>

<div class="notice notice-fails" role="alert">
	<p>You are signed out. What you entered is saved on this device and will be sent after you sign in.</p>
	<form class="flex flex-wrap items-end gap-x-12 gap-y-8" onsubmit={again}>
		<input type="text" name="name" value={name} autocomplete="username" hidden readonly />
		{#if !demo}
			<Entry name="passphrase" label="Passphrase of {name}" type="password" {wrong} autocomplete="current-password" />
		{:else if wrong}<p>{wrong}</p>{/if}
		<button class="button">Sign in again</button>
	</form>
</div>
