<script lang="ts">
	import { enhance } from '$app/forms';
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { useApp } from '$lib/client/state/app.svelte';
	import type { DamagedRecord } from '$lib/core/records/appStart';
	import type { Listed } from '$lib/client/sync/lists';
	import { deskFrom } from '$lib/client/state/currentReading';
	import { pageOf, recordAt } from '$lib/client/sync/server';
	import { inShort } from '$lib/client/state/shortCall';
	import { newUuid } from '$lib/client/sync/uuid';
	import type { SavedCallRecord, ReadingRecord } from '$lib/core/records/schemas';
	import type { ImportPlan } from '$lib/core/records/transfer';
	import Compared from '$lib/ui/logbook/Compared.svelte';
	import {
		callEntry,
		KEPT_KINDS,
		ordered,
		ORDERS,
		readingEntry,
		rigEntry,
		searchText,
		type Entry,
		type KeptKind,
		type Order
	} from '$lib/ui/logbook/entries';
	import ImportSays from '$lib/ui/logbook/ImportResult.svelte';
	import Row from '$lib/ui/logbook/Row.svelte';
	import Damaged from '$lib/ui/logbook/Damaged.svelte';
	import Transfer from '$lib/ui/logbook/Transfer.svelte';
	import BrowserOnly from '$lib/ui/controls/BrowserOnly.svelte';
	import { grouped, narrowed } from '$lib/ui/controls/listing';
	import type { ActionData, PageData } from './$types';

	const { data, form }: { data: PageData; form: ActionData } = $props();
	const app = useApp();
	type CallPage = Omit<PageData['calls'], 'items'> & { readonly items: readonly Listed<SavedCallRecord>[] };
	let failed = $state<string | null>(null);
	/** Pages that were read after the first ones. */
	let olderReadings = $state.raw<PageData['readings'] | null>(null);
	let olderCalls = $state.raw<PageData['calls'] | null>(null);
	const message = $derived(failed ?? (form && 'message' in form ? form.message : null));
	const nextReading = $derived(olderReadings ? olderReadings.next : data.readings.next);
	const nextCall = $derived(olderCalls ? olderCalls.next : data.calls.next);
	const waits = (id: string): boolean => app.sync.outbox?.writes.some((write) => write.id === id) ?? false;

	const readings = $derived(
		app.sync.withWaiting('readings', [...data.readings.items, ...(olderReadings?.items ?? [])])
	);
	const calls = $derived.by(() => {
		const read = [...data.calls.items, ...(olderCalls?.items ?? [])];
		const fresh = app.sync
			.since('kept-calls')
			.filter(({ id, action }) => action === 'put' && !read.some((call) => call.id === id))
			.map(({ id, base, record }) => inShort(id, base, record as SavedCallRecord));
		return [...fresh, ...read.filter(({ id }) => !app.sync.isRemoved('kept-calls', id))];
	});
	const rigs = $derived(app.sync.withWaiting('rigs', data.rigs));
	const spotOf = (id: string | null) => app.spotOf(id);
	const entries = $derived([
		...readings.map((one) => readingEntry(one, spotOf, app.units)),
		...calls.map((one) => callEntry(one, spotOf)),
		...rigs.map(rigEntry)
	]);

	let find = $state('');
	let kind = $state<KeptKind | ''>('');
	let order = $state<Order>('newest');
	let by = $state<'' | 'water' | 'season' | 'kind'>('');
	/** As many as the first window shows and a page without scripts lists; the drawings of others come when they are near. */
	const FIRST_ROWS = 9;
	const KINDS = { reading: 'readings', call: 'calls', rig: 'rigs' } as const;
	const ORDER_WORDS = { newest: 'newest first', oldest: 'oldest first', name: 'by name' } as const;
	const shown = $derived(
		ordered(narrowed(kind === '' ? entries : entries.filter((one) => one.kind === kind), find, searchText), order)
	);
	const TITLES = { reading: 'Readings', call: 'Calls', rig: 'Rigs' } as const;
	const titleOf = (entry: Entry): string => (by === '' ? '' : by === 'kind' ? TITLES[entry.kind] : entry[by]);
	const stretches = $derived(grouped(shown, titleOf));

	let chosenIds = $state<readonly string[]>([]);
	const chosen = $derived(entries.filter(({ id }) => chosenIds.includes(id)));
	/** As many things as stand beside each other and can still be read. */
	const COMPARED_MAX = 3;
	const choose = (id: string, on: boolean) =>
		(chosenIds = on ? [...chosenIds, id] : chosenIds.filter((one) => one !== id));

	const removed = $derived(
		form && 'removed' in form ? (form.removed as { id: string; kind: string; name: string }) : null
	);
	const deleted = $derived(app.sync.deletionOn('logbook'));
	const restored = $derived(form && 'restored' in form ? String(form.restored) : null);
	let back = $state<string | null>(null);
	const preview = $derived(form && 'preview' in form ? (form.preview as ImportPlan) : null);
	/** What this page's own lists found, beside what every page reads. */
	const damaged = $derived<DamagedRecord[]>([
		...data.start.damaged,
		...data.readings.unreadable.map((one) => ({ kind: 'readings' as const, what: 'reading', ...one })),
		...data.calls.unreadable.map((one) => ({ kind: 'kept-calls' as const, what: 'saved call', ...one }))
	]);
	const imported = $derived(form && 'imported' in form ? (form.imported as ImportPlan) : null);

	async function showOlder() {
		failed = null;
		if (nextReading !== null) {
			const page = await pageOf<PageData['readings']>('readings', nextReading);
			if (!page) return void (failed = 'The older ones can’t be loaded right now.');
			olderReadings = { ...page, items: [...(olderReadings?.items ?? []), ...page.items] };
		}
		if (nextCall === null) return;
		const page = await pageOf<CallPage>('kept-calls', nextCall);
		if (!page) return void (failed = 'The older calls can’t be loaded right now.');
		const items = page.items.map(({ id, version, record }) => inShort(id, version, record));
		olderCalls = { ...page, items: [...(olderCalls?.items ?? []), ...items] };
	}

	const readingOf = (id: string): Listed<ReadingRecord> | undefined => readings.find((one) => one.id === id);

	async function open({ kind: what, id }: Entry) {
		if (what === 'call') return openCall(id);
		if (what === 'rig') {
			const rig = rigs.find((one) => one.id === id);
			if (!rig) return;
			const { build, name, log } = rig.record;
			app.bench.open(build, { name, rigId: id, rigVersion: rig.version, log });
			return goto(resolve('/bench'));
		}
		const reading = readingOf(id);
		if (reading) app.openReading(deskFrom(id, reading.version, reading.record));
		return goto(resolve('/water'));
	}

	function duplicate({ id: from }: Entry) {
		const reading = readingOf(from);
		if (!reading) return;
		const copy = { ...reading.record, name: `${reading.record.name}, again`.slice(0, 120) };
		const id = newUuid();
		void app.sync.put('readings', id, 0, copy, copy.name);
		app.openReading(deskFrom(id, 0, copy));
		void goto(resolve('/water'));
	}

	async function openCall(id: string) {
		const stored = await recordAt<SavedCallRecord>('kept-calls', id);
		if (!stored) return void (failed = 'This call can’t be loaded right now.');
		const { name, spotId, takenAt, reading, locks, answer, chosen: at } = stored.record;
		app.openReading({ ...app.record, name, spotId, takenAt, reading, locks, readingId: null, readingVersion: 0 });
		const called = answer.calls[at];
		if (called) app.useRig(called.rig);
		void goto(resolve('/water'));
	}

	async function bringBack() {
		if (!deleted) return;
		back = deleted.title;
		await app.sync.bringBack();
	}

	/** Does a thing of the list; what was said before is over. */
	const done = (act: () => unknown) => () => {
		failed = null;
		back = null;
		void act();
	};

	const RECORD_KINDS = { reading: 'readings', call: 'kept-calls', rig: 'rigs' } as const;
	const remove = ({ kind: what, id, version, name }: Entry) => {
		choose(id, false);
		return app.sync.remove(RECORD_KINDS[what], id, version, name);
	};
	async function removeChosen() {
		for (const entry of chosen) await remove(entry);
	}
</script>

<div class="px-16 pt-8 pb-24">
	<header class="flex flex-wrap items-center justify-between gap-8 pb-6">
		<h1>What you saved</h1>
		<div class="tools flex flex-wrap items-center gap-8 phone:w-full">
			<input
				class="field w-250 phone:w-full"
				type="search"
				placeholder="water, season, lure or word"
				aria-label="Find"
				bind:value={find}
			/>
			<select class="field" aria-label="Kind" bind:value={kind}>
				<option value="">everything</option>
				{#each KEPT_KINDS as one (one)}<option value={one}>{KINDS[one]}</option>{/each}
			</select>
			<select class="field" aria-label="Group" bind:value={by}>
				<option value="">one list</option>
				<option value="water">by water</option>
				<option value="season">by season</option>
				<option value="kind">by kind</option>
			</select>
			<select class="field" aria-label="Order" bind:value={order}>
				{#each ORDERS as one (one)}<option value={one}>{ORDER_WORDS[one]}</option>{/each}
			</select>
		</div>
	</header>
	{#if message}<p class="notice notice-fails" role="alert">{message}</p>{/if}
	{#if data.unreachable}<p class="notice notice-fails" role="alert">Your lists can’t be loaded right now.</p>{/if}
	{#if deleted}
		<p class="notice">
			<span role="status">Deleted “{deleted.title}”.</span>
			<button class="button" type="button" onclick={bringBack}>Undo</button>
		</p>
	{:else if removed}
		<form class="notice" method="POST" action="?/restore" use:enhance>
			<input type="hidden" name="id" value={removed.id} />
			<input type="hidden" name="kind" value={removed.kind} />
			<input type="hidden" name="name" value={removed.name} />
			<span role="status">Deleted “{removed.name}”.</span>
			<button class="button">Undo</button>
		</form>
	{/if}
	{#if back ?? restored}<p class="notice" role="status">“{back ?? restored}” is back.</p>{/if}
	{#if imported}<p class="notice" role="status">Imported. <ImportSays plan={imported} /></p>{/if}

	<div class="grid grid-cols-[minmax(0,1.55fr)_minmax(0,1fr)] gap-28 phone:grid-cols-[1fr]">
		<section aria-label="Saved items">
			<p class="quiet font-450 text-ink-2" role="status">
				{shown.length} of {entries.length}{nextReading === null && nextCall === null ? '' : ' and older ones'}
			</p>
			{#each stretches as { title, items } (title)}
				{#if by !== ''}<h2 class="flex items-center gap-8 border-b border-b-ink py-6">
						{title || 'Elsewhere'} <span class="quiet font-450 text-ink-2">{items.length}</span>
					</h2>{/if}
				<ul class="border-t border-t-rule">
					{#each items as entry, at (entry.id)}
						<BrowserOnly sent={at < FIRST_ROWS}>
							<Row
								{entry}
								waits={waits(entry.id)}
								later={at >= FIRST_ROWS}
								chosen={chosenIds.includes(entry.id)}
								onchoose={(on) => choose(entry.id, on)}
								onopen={done(() => open(entry))}
								onduplicate={done(() => duplicate(entry))}
								onremove={done(() => remove(entry))}
							/>
						</BrowserOnly>
					{/each}
				</ul>
			{:else}
				<p class="font-450 text-ink-2">
					{entries.length > 0
						? 'Nothing found. Try another word, or show everything.'
						: 'Nothing saved yet. Press “Save” on Water, Call or Bench.'}
				</p>
			{/each}
			{#if nextReading !== null || nextCall !== null}
				<button class="button" type="button" onclick={showOlder}>Show older ones</button>
			{/if}
		</section>
		<aside>
			{#if chosen.length > 0}
				<section aria-label="Chosen">
					<h2 class="flex items-center gap-8 border-b border-b-ink py-6">
						{chosen.length} chosen
						<button class="button" type="button" onclick={done(removeChosen)}>Delete selected</button>
						<button class="button" type="button" onclick={() => (chosenIds = [])}>Clear selection</button>
					</h2>
					{#if chosen.length > COMPARED_MAX}
						<p class="quiet font-450 text-ink-2">The first {COMPARED_MAX} side by side.</p>
					{/if}
					<Compared entries={chosen.slice(0, COMPARED_MAX)} units={app.units} />
				</section>
			{:else}
				<p class="quiet pb-10 font-450 text-ink-2">Tick two or three to compare them.</p>
			{/if}
			<Transfer {preview} parts={data.exportParts} />
			<BrowserOnly><Damaged found={damaged} /></BrowserOnly>
		</aside>
	</div>
</div>

<style>
	aside section {
		margin-bottom: 14px;
	}
	.notice {
		display: flex;
		align-items: center;
		gap: 12px;
		margin-bottom: 8px;
	}
	@media (width < 56rem) {
		.tools select {
			flex: 1;
			min-width: 0;
		}
	}
</style>
