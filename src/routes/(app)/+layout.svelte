<script lang="ts">
	import { onMount, type Snippet } from 'svelte';
	import { invalidate } from '$app/navigation';
	import { page } from '$app/state';
	import { provideDesk } from '$lib/ui/desk/desk.svelte';
	import { Keeper } from '$lib/ui/desk/keeper.svelte';
	import { Ranker } from '$lib/ui/desk/ranker';
	import BottomBar from '$lib/ui/frame/BottomBar.svelte';
	import Rail from '$lib/ui/frame/Rail.svelte';
	import Shortcuts from '$lib/ui/frame/Shortcuts.svelte';
	import Strip from '$lib/ui/frame/Strip.svelte';
	import { RECORDS_DOWN_SHORT } from '$lib/ui/messages';
	import type { DeskRecord, StandRecord } from '$lib/core/schema/records';
	import type { LayoutData } from './$types';

	const { data, children }: { data: LayoutData; children: Snippet } = $props();
	// The desk is made once from what the page opened with; afterwards it leads and the server follows.
	// svelte-ignore state_referenced_locally
	const desk = provideDesk(data);
	const keeper = new Keeper<DeskRecord>('desk');
	const standKeeper = new Keeper<StandRecord>('stand');
	const standMark = $derived(JSON.stringify(desk.stand));
	standKeeper.known(JSON.stringify(desk.stand));
	let ranker: Ranker | null = null;

	$effect(() => {
		desk.settings = data.settings;
		if (data.waters.length > 0) desk.waters = data.waters;
	});

	onMount(() => {
		desk.recall();
		ranker = new Ranker((answer) => desk.hear(answer));
		desk.ranker = ranker;
		return () => ranker?.close();
	});

	/** Only Call shows more than the best rig: every other screen has its answer the sooner. */
	const whole = $derived(page.url.pathname.startsWith('/call'));
	$effect(() => {
		const { question } = desk;
		if (desk.live) ranker?.ask(question, whole);
	});

	$effect(() => {
		if (desk.live) keeper.keep(desk.record, desk.record.updatedAt);
	});

	$effect(() => {
		if (desk.live) standKeeper.keep(desk.stand, standMark);
	});

	const down = $derived(data.recordsDown || keeper.down || standKeeper.down);

	/** While the records are away, ask now and then whether they are back. */
	const AGAIN_MS = 3000;
	$effect(() => {
		if (!down) return;
		const timer = setInterval(async () => {
			const health = await fetch('/api/health').catch(() => null);
			if (!health?.ok) return;
			keeper.retry();
			standKeeper.retry();
			void invalidate('lucernal:records');
		}, AGAIN_MS);
		return () => clearInterval(timer);
	});
</script>

<svelte:head><title>Lucernal: {page.url.pathname.split('/')[1]}</title></svelte:head>

<a class="skip" href="#main">To the screen</a>
<div class="frame">
	<Rail />
	<div class="column">
		<Strip />
		{#if down}<p class="notice notice-fails down" role="status">{RECORDS_DOWN_SHORT}</p>{/if}
		<main id="main">{@render children()}</main>
		<BottomBar />
	</div>
</div>
<Shortcuts />

<style>
	.frame {
		display: flex;
		min-height: 100vh;
	}
	.frame :global(.rail) {
		position: sticky;
		top: 0;
		height: 100vh;
	}
	.column {
		display: flex;
		flex: 1;
		flex-direction: column;
		min-width: 0;
	}
	main {
		flex: 1;
		min-width: 0;
	}
	.down {
		margin: 6px 12px;
	}
	.skip {
		position: absolute;
		left: -999px;
	}
	.skip:focus {
		left: 8px;
		top: 8px;
		z-index: 30;
		padding: 6px 10px;
		background: var(--paper);
	}
	@media (width < 56rem) {
		.frame :global(.rail) {
			display: none;
		}
	}
	@media print {
		.frame :global(.rail),
		.frame :global(.bar) {
			display: none;
		}
	}
</style>
