<script lang="ts">
	import { onMount, tick, untrack, type Snippet } from 'svelte';
	import { afterNavigate, beforeNavigate, invalidate } from '$app/navigation';
	import { version } from '$app/environment';
	import { navigating, page } from '$app/state';
	import { provideApp } from '$lib/client/state/app.svelte';
	import { StoredDevice } from '$lib/client/sync/device';
	import BottomBar from '$lib/ui/frame/BottomBar.svelte';
	import { SCREENS, VIEWS } from '$lib/ui/frame/screens';
	import Rail from '$lib/ui/frame/Rail.svelte';
	import Shortcuts from '$lib/ui/frame/Shortcuts.svelte';
	import Strip from '$lib/ui/frame/Strip.svelte';
	import Waiting from '$lib/ui/frame/Waiting.svelte';
	import type { Work } from '$lib/client/workers/work';
	import type { LayoutData } from './$types';

	const { data, children }: { data: LayoutData; children: Snippet } = $props();
	const screen = $derived(page.url.pathname.split('/')[1] ?? '');
	// Made once from what the page opened with; afterwards it leads and the server follows.
	// svelte-ignore state_referenced_locally
	const app = provideApp(data.start, () => screen);

	onMount(() => {
		void begin();
		return () => {
			clearTimeout(quiet);
			app.close();
		};
	});

	/** Workers come after the first paint: the first view does without their code. */
	async function begin() {
		const opening = app.open(new StoredDevice(data.start.anglerId), data.start);
		const { Work } = await import('$lib/client/workers/work');
		app.work = new Work();
		await opening;
		void app.sync.pullUntilReached();
		layUpLater();
	}

	/** How long (ms) after the start pages are laid up: first the page itself, then what is there without a network. */
	const QUIET_MS = 3000;
	let quiet: ReturnType<typeof setTimeout> | undefined;
	function layUpLater() {
		if (data.start.recordsDown) return;
		const paths = [...SCREENS.map(({ path }) => path), ...VIEWS];
		quiet = setTimeout(async () => {
			// Nobody would take a page from there where the browser has no worker that stands in for the network.
			if (!(await navigator.serviceWorker?.getRegistration())) return;
			const offline = await import('$lib/client/offline/precachePages').catch(() => null);
			await offline?.precachePages(version, data.start.anglerId, paths).catch(() => undefined);
		}, QUIET_MS);
	}

	$effect(() => app.heard(data.start));
	// What was written is read again, and lists too; never while a page is being opened, which that would break off.
	let read = 0;
	$effect(() => {
		const { changes } = app.sync;
		if (changes === read || navigating.to) return;
		read = changes;
		void untrack(readAgain);
	});
	async function readAgain() {
		const [before, { start }] = [app.sync.recent, data];
		await invalidate('lucernal:records');
		// A read that a later one overtook brings nothing: what was written stays in the lists until one does.
		if (data.start !== start && !data.start.recordsDown) app.sync.listsRead(before);
	}
	// Where the records were away when the page opened, they are read once they are back.
	$effect(() => {
		if (app.live && data.start.recordsDown) return again();
	});
	beforeNavigate(() => {
		app.dragPreview.land();
		app.endPreview();
		void app.sync.flushNow();
	});

	/** A screen that was gone to begins at its heading, for a voice and for the keyboard. */
	afterNavigate(async ({ type, from, to }) => {
		if (type === 'enter' || from?.url.pathname === to?.url.pathname) return;
		await tick();
		const heading = document.querySelector<HTMLElement>('#main h1');
		if (!heading || document.activeElement?.closest('[role=dialog], #main input')) return;
		heading.tabIndex = -1;
		heading.focus({ preventScroll: true });
	});

	/** How often (ms) it is asked whether the records are back. */
	const AGAIN_MS = 3000;
	function again(): () => void {
		const timer = setInterval(async () => {
			const health = await fetch('/api/health').catch(() => null);
			if (health?.ok && !navigating.to) void invalidate('lucernal:records');
		}, AGAIN_MS);
		return () => clearInterval(timer);
	}

	/** Screens that show the answer; only Call shows more than the best rig of it. */
	const ranks = $derived(['water', 'call', 'tank', 'sight'].includes(screen));
	const whole = $derived(screen === 'call');
	async function rank(question: typeof app.question, all: boolean) {
		const answer = await app.work?.rank(question, all);
		if (answer) app.hear(answer);
	}
	$effect(() => {
		if (!app.live || !app.work || !ranks) return;
		// What the page came with need not be worked out again; the next change is answered at once all the same.
		const known = app.known(app.question, whole);
		if (known) {
			untrack(() => app.hear(known));
			return warm(app.work);
		}
		void rank(app.question, whole).catch(() => undefined);
	});

	/** How long (ms) a page is left in peace before its ranking is made ready; the first touch does so too. */
	const PEACE_MS = 1500;
	function warm(work: Work): () => void {
		const ready = () => void work.ready().catch(() => undefined);
		const timer = setTimeout(ready, PEACE_MS);
		const events = ['pointerdown', 'keydown'] as const;
		for (const event of events) window.addEventListener(event, ready, { once: true });
		return () => {
			clearTimeout(timer);
			for (const event of events) window.removeEventListener(event, ready);
		};
	}

	const look = () => void (app.live && app.sync.pullChanges());
	function onvisibilitychange() {
		if (document.visibilityState === 'visible') look();
		else void app.sync.flushNow();
	}
	const close = () => app.closeStep();
</script>

<svelte:head><title>Lucernal: {screen}</title></svelte:head>
<svelte:document {onvisibilitychange} />
<svelte:window
	ononline={look}
	onpointerup={close}
	onfocusout={close}
	onbeforeunload={() => app.leaving()}
	onpagehide={() => app.leave()}
/>

<a class="skip absolute -left-999" href="#main">Skip to content</a>
<div class="frame flex min-h-screen" data-live={app.live || undefined}>
	<Rail />
	<div class="flex min-w-0 flex-1 flex-col">
		<Strip />
		<Waiting recordsDown={data.start.recordsDown} damaged={data.start.damaged} angler={data.angler} demo={data.demo} />
		<main id="main">{@render children()}</main>
		<BottomBar />
	</div>
</div>
<Shortcuts />

<style>
	.frame :global(.rail) {
		position: sticky;
		top: 0;
		height: 100vh;
	}
	main :global(h1:focus) {
		outline: none;
	}
	main :global(h1:focus-visible) {
		outline: 2px solid var(--ink);
		outline-offset: 2px;
	}
	main {
		flex: 1;
		min-width: 0;
		/* A pointer's large target may reach over the edge: the page gets no wider by it. */
		overflow-x: clip;
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
