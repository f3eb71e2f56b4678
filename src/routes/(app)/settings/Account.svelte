<script lang="ts">
	import { enhance } from '$app/forms';
	import { resolve } from '$app/paths';
	import { useApp } from '$lib/client/state/app.svelte';
	import Codes from '$lib/ui/account/Codes.svelte';
	import Entry from '$lib/ui/account/Entry.svelte';
	import type { Refused } from '$lib/server/auth/forms';
	import type { ActionData, PageData } from './$types';

	const { data, form }: { data: PageData; form: ActionData } = $props();
	const app = useApp();
	const refused = $derived(form && 'field' in form ? (form as Refused) : null);
	const codes = $derived(form && 'codes' in form ? (form.codes as readonly string[]) : null);
	const wrong = (of: string, field: string) =>
		refused?.form === of && (refused.field === field || refused.field === '') ? refused.message : null;
	const day = (instant: string): string =>
		new Date(instant).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });

	/** Sessions that are listed: the one that asks first, then the last used. */
	const SHOWN = 4;
	const shown = $derived(
		data.sessions.toSorted((a, b) => Number(b.id === data.session) - Number(a.id === data.session)).slice(0, SHOWN)
	);

	/** What this device has of the angler goes with the session; what the records lack would go for good. */
	let lost = $state(0);
	let closing: HTMLFormElement;
	async function close(event: SubmitEvent) {
		if (!app.live) return;
		event.preventDefault();
		const left = await app.unsentCount();
		if (left > 0 && lost === 0) lost = left;
		else {
			await app.forget();
			closing.submit();
		}
	}
</script>

<section class="w-full content-start" aria-labelledby="account">
	<h2 id="account">Account</h2>
	{#if form && 'done' in form}<p class="notice" role="status">{form.done}</p>{/if}
	<form method="POST" action="?/close" bind:this={closing} onsubmit={close}>
		{#if lost > 0}
			<p class="notice notice-fails" role="alert">
				{lost}
				{lost === 1 ? 'change has' : 'changes have'} not reached the server and would be lost. Sign out anyway?
			</p>
		{/if}
		<p>
			Signed in as {data.angler}.
			<button class="button">{lost > 0 ? 'Sign out and lose them' : 'Sign out'}</button>
		</p>
	</form>

	<h3>Devices signed in</h3>
	<ul class="w-full max-w-[34rem]">
		{#each shown as { id, device, openedAt, seenAt } (id)}
			<li class="flex items-center justify-between gap-12 border-b border-b-rule py-6">
				<span>
					<strong>{device || 'A browser'}</strong>{id === data.session ? '  (this device)' : ''}<br />
					<span class="quiet">since {day(openedAt)}, last used {day(seenAt)}</span>
				</span>
				{#if id !== data.session}
					<form method="POST" action="?/end">
						<input type="hidden" name="session" value={id} />
						<button class="button">Sign out that device</button>
					</form>
				{/if}
			</li>
		{/each}
	</ul>
	{#if data.sessions.length > 2}
		<form method="POST" action="?/endOthers">
			<button class="button">Sign out all other devices</button>
			{#if data.sessions.length > SHOWN}<p class="quiet">{data.sessions.length - SHOWN} more are signed in.</p>{/if}
		</form>
	{/if}

	{#if data.hasPassphrase}
		<details open={refused?.form === 'passphrase'}>
			<summary>Change the passphrase</summary>
			<form method="POST" action="?/passphrase" class="account" use:enhance>
				<input type="text" name="name" value={data.angler} autocomplete="username" hidden readonly />
				<Entry
					name="old"
					label="Current passphrase"
					type="password"
					wrong={wrong('passphrase', 'old')}
					autocomplete="current-password"
				/>
				<Entry
					name="fresh"
					label="New passphrase"
					type="password"
					wrong={wrong('passphrase', 'fresh')}
					hint="At least 12 characters: a few words will do."
					autocomplete="new-password"
				/>
				<button class="button">Change it</button>
			</form>
		</details>
		<details open={codes !== null}>
			<summary>Recovery codes</summary>
			{#if codes}<Codes {codes} />
			{:else}
				<form method="POST" action="?/codes" class="account">
					<p>New codes replace the old ones, which stop working.</p>
					<button class="button">Make new codes</button>
				</form>
			{/if}
		</details>
		<details open={refused?.form === 'remove'}>
			<summary>Delete the account</summary>
			<form method="POST" action="?/remove" class="account" use:enhance>
				<p>
					Everything in it is deleted for good. Export it first:
					<a class="button" href={resolve('/api/v1/records')} download>Download everything</a>
				</p>
				<Entry
					name="passphrase"
					label="Passphrase"
					type="password"
					wrong={wrong('remove', 'passphrase')}
					autocomplete="current-password"
				/>
				<button class="button">Delete everything</button>
			</form>
		</details>
	{/if}
</section>

<style>
	section,
	form {
		display: grid;
		gap: 10px;
		justify-items: start;
	}
	details {
		width: 100%;
		max-width: 34rem;
		border-top: 1px solid var(--rule);
		padding: 8px 0;
	}
	summary {
		min-height: 32px;
		font-weight: 640;
		cursor: pointer;
	}
	details form {
		padding-top: 8px;
	}
</style>
