<script lang="ts">
	import { useApp } from '$lib/client/app.svelte';
	import type { Write } from '$lib/client/outbox.svelte';
	import { isDocument } from '$lib/client/server';
	import { RECORDS_DOWN_SHORT } from '../messages';
	import SignInAgain from './SignInAgain.svelte';

	const { recordsDown, angler, demo }: { recordsDown: boolean; angler: string; demo: boolean } = $props();
	const app = useApp();
	const outbox = $derived(app.keeping.outbox);
	const refused = $derived(outbox?.refused ?? []);
	const waiting = $derived((outbox?.writes.length ?? 0) - refused.length);

	const why = ({ refusal }: Write): string => {
		if (refusal?.code === 'stale') return 'It was changed on another device too.';
		if (refusal?.status === 413) return 'It is too large for the records.';
		return refusal?.message ?? '';
	};
	const isKept = ({ kind, action }: Write): boolean => !isDocument(kind) && action === 'put';
	const isStale = ({ refusal }: Write): boolean => refusal?.current !== null && refusal?.current !== undefined;
</script>

{#if recordsDown || app.keeping.away}
	<p class="notice notice-fails" role="status">
		{RECORDS_DOWN_SHORT}{#if waiting > 0}&ensp;{waiting}
			{waiting === 1 ? 'change waits' : 'changes wait'}.{/if}
	</p>
{/if}
{#if outbox?.signedOut}
	<SignInAgain name={angler} {demo} />
{/if}
{#if app.full}
	<p class="notice notice-fails" role="alert">
		This device is full: what you enter now is lost when the page closes, unless the records can be reached.
	</p>
{:else if app.forgetful}
	<p class="notice" role="status">
		This browser stores nothing: what the records do not have goes when the page closes.
	</p>
{/if}
{#each refused as write (write.key)}
	<div class="notice notice-fails refused" role="alert">
		<p><strong>{write.title}</strong> was not taken by the records. {why(write)} Yours is still here.</p>
		<span>
			{#if isStale(write)}
				<button class="button" onclick={() => app.keeping.keepMine(write)}>Keep mine</button>
				<button class="button" onclick={() => app.keeping.takeTheirs(write)}>Take theirs</button>
			{/if}
			{#if isKept(write)}
				<button class="button" onclick={() => app.keeping.keepAsNew(write)}>Keep as new</button>
			{/if}
			{#if !isStale(write)}
				<button class="button" onclick={() => app.keeping.takeTheirs(write)}>Leave it</button>
			{/if}
		</span>
	</div>
{/each}

<style>
	.refused {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0.25rem 1rem;
	}
</style>
