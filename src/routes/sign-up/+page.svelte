<script lang="ts">
	import { enhance } from '$app/forms';
	import { resolve } from '$app/paths';
	import Codes from '$lib/ui/account/Codes.svelte';
	import Entry from '$lib/ui/account/Entry.svelte';
	import Page from '$lib/ui/account/Page.svelte';
	import { stay } from '$lib/ui/account/stay';
	import type { ActionData } from './$types';

	const { form }: { form: ActionData } = $props();
	const wrong = (field: string) => (form && 'message' in form && form.field === field ? form.message : null);
	const elsewhere = $derived(form && 'message' in form && form.field === '' ? form.message : null);
</script>

{#if form && 'codes' in form}
	<Page title="Your account is made">
		<Codes codes={form.codes ?? []} />
		<a class="button button-amber" href={resolve('/water')}>They are written down: go on</a>
	</Page>
{:else}
	<Page title="Create an account" message={elsewhere}>
		<form method="POST" class="account" use:enhance={stay}>
			<Entry
				name="name"
				label="Name"
				value={form?.name ?? ''}
				wrong={wrong('name')}
				hint="As you sign in; large and small letters are the same."
				autocomplete="username"
			/>
			<Entry
				name="passphrase"
				label="Passphrase"
				type="password"
				wrong={wrong('passphrase')}
				hint="At least 12 characters: a few words will do."
				autocomplete="new-password"
			/>
			<button class="button button-amber">Make the account</button>
		</form>
		<p><a href={resolve('/sign-in')}>I have one: sign in</a></p>
	</Page>
{/if}
