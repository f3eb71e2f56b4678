<script lang="ts">
	import { useApp } from '$lib/client/state/app.svelte';
	import type { Write } from '$lib/client/sync/outbox.svelte';
	import { isDocument } from '$lib/client/sync/server';

	/** Writes that the server does not take, each until the angler has decided. */
	const { refused }: { refused: readonly Write[] } = $props();
	const app = useApp();

	const why = ({ refusal, kind }: Write): string => {
		if (refusal?.code === 'stale' && kind === 'stand') {
			return 'Your rules here and on another device add up to more than 50.';
		}
		if (refusal?.code === 'stale') return 'It was changed on another device too.';
		if (refusal?.status === 413) return 'It is too large to save.';
		return refusal?.message ?? '';
	};
	const isKept = ({ kind, action }: Write): boolean => !isDocument(kind) && action === 'put';
	const isStale = ({ refusal }: Write): boolean => refusal?.current !== null && refusal?.current !== undefined;
</script>

{#each refused as write (write.key)}
	<div class="notice notice-fails refused" role="alert">
		<p><strong>{write.title}</strong> could not be saved on the server. {why(write)} Your version is still here.</p>
		<span>
			{#if isStale(write)}
				<button class="button" onclick={() => app.sync.keepMine(write)}>Keep mine</button>
				<button class="button" onclick={() => app.sync.takeTheirs(write)}>Take theirs</button>
			{/if}
			{#if isKept(write)}
				<button class="button" onclick={() => app.sync.keepAsNew(write)}>Save as new</button>
			{/if}
			{#if !isStale(write)}
				<button class="button" onclick={() => app.sync.takeTheirs(write)}>Discard my change</button>
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
