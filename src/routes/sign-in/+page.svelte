<script lang="ts">
	import { enhance } from '$app/forms';
	import { resolve } from '$app/paths';
	import Entry from '$lib/ui/account/Entry.svelte';
	import Page from '$lib/ui/account/Page.svelte';
	import type { ActionData } from './$types';

	const { form }: { form: ActionData } = $props();
</script>

<Page title="Sign in" message={form?.message}>
	<form method="POST" class="account" use:enhance>
		<Entry name="name" label="Name" value={form?.name ?? ''} autocomplete="username" />
		<Entry name="passphrase" label="Passphrase" type="password" autocomplete="current-password" />
		<button class="button button-amber">Sign in</button>
	</form>
	<p><a href={resolve('/sign-up')}>Create an account</a> · <a href={resolve('/recover')}>Passphrase lost</a></p>
</Page>
