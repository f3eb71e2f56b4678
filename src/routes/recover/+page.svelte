<script lang="ts">
	import { enhance } from '$app/forms';
	import { resolve } from '$app/paths';
	import Entry from '$lib/ui/account/Entry.svelte';
	import Page from '$lib/ui/account/Page.svelte';
	import { stay } from '$lib/ui/account/stay';
	import type { ActionData } from './$types';

	const { form }: { form: ActionData } = $props();
	const wrong = $derived(form?.field === 'passphrase' ? form.message : null);
</script>

<Page title="Passphrase lost" message={wrong ? null : form?.message}>
	<p>One of the codes that were shown when the account was made opens it once.</p>
	<form method="POST" class="account" use:enhance={stay}>
		<Entry name="name" label="Name" value={form?.name ?? ''} autocomplete="username" />
		<Entry name="code" label="Code" hint="Like K7QF-2MZD-9RTA-BX4V." autocomplete="one-time-code" />
		<Entry
			name="passphrase"
			label="New passphrase"
			type="password"
			{wrong}
			hint="At least 12 characters: a few words will do."
			autocomplete="new-password"
		/>
		<button class="button button-amber">Open the account</button>
	</form>
	<p><a href={resolve('/sign-in')}>Sign in with the passphrase</a></p>
</Page>
