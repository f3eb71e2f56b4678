<script lang="ts">
	import { enhance } from '$app/forms';
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { useApp } from '$lib/client/app.svelte';
	import type { Listed } from '$lib/client/lists';
	import { laid } from '$lib/client/readingInHand';
	import { pageOf, recordAt } from '$lib/client/server';
	import { newUuid } from '$lib/client/uuid';
	import { ouncesText, rigName } from '$lib/core/naming/describe';
	import { drawRig } from '$lib/core/drawing/rigDrawing';
	import type { KeptCallRecord, ReadingRecord } from '$lib/core/records/schemas';
	import type { ImportPlan } from '$lib/core/records/transfer';
	import ImportSays from '$lib/ui/kept/ImportSays.svelte';
	import RigDrawing from '$lib/ui/rig/RigDrawing.svelte';
	import { timeText } from '$lib/ui/time';
	import { withUnit } from '$lib/forms/units';
	import { spoken } from '$lib/core/naming/spoken';
	import type { ActionData, PageData } from './$types';

	const { data, form }: { data: PageData; form: ActionData } = $props();
	const app = useApp();
	let failed = $state<string | null>(null);
	let older = $state.raw<{ items: readonly Listed<ReadingRecord>[]; next: string | null } | null>(null);
	const message = $derived(failed ?? (form && 'message' in form ? form.message : null));
	const readings = $derived(app.keeping.withWaiting('readings', [...data.readings.items, ...(older?.items ?? [])]));
	const next = $derived(older ? older.next : data.readings.next);
	const waits = (id: string): boolean => app.keeping.outbox?.writes.some((write) => write.id === id) ?? false;
	const calls = $derived(data.calls.filter(({ id }) => !app.keeping.isRemoved('kept-calls', id)));
	/** Calls that the list does not have yet. */
	const callsWaiting = $derived(
		app.keeping
			.since('kept-calls')
			.filter(({ id, action }) => action === 'put' && !data.calls.some((call) => call.id === id))
	);
	const removed = $derived(
		form && 'removed' in form ? (form.removed as { id: string; kind: string; name: string }) : null
	);
	const deleted = $derived(app.keeping.deletionOn('kept'));
	const restored = $derived(form && 'restored' in form ? String(form.restored) : null);
	let back = $state<string | null>(null);
	const preview = $derived(form && 'preview' in form ? (form.preview as ImportPlan) : null);
	const held = $derived(form && 'held' in form ? String(form.held) : '');
	const imported = $derived(form && 'imported' in form ? (form.imported as ImportPlan) : null);

	async function showOlder() {
		const page =
			next === null ? null : await pageOf<{ items: Listed<ReadingRecord>[]; next: string | null }>('readings', next);
		failed = page ? null : 'The older ones cannot be read just now.';
		if (page) older = { items: [...(older?.items ?? []), ...page.items], next: page.next };
	}

	function open({ id, version, record }: Listed<ReadingRecord>) {
		app.lay(laid(id, version, record));
		void goto(resolve('/water'));
	}

	function duplicate({ record }: Listed<ReadingRecord>) {
		const copy = { ...record, name: `${record.name}, again`.slice(0, 120) };
		const id = newUuid();
		void app.keeping.put('readings', id, 0, copy, copy.name);
		app.lay(laid(id, 0, copy));
		void goto(resolve('/water'));
	}

	async function openCall(id: string) {
		const stored = await recordAt<KeptCallRecord>('kept-calls', id);
		if (!stored) return void (failed = 'This call cannot be read just now.');
		const { name, spotId, takenAt, reading, locks, answer, chosen } = stored.record;
		app.lay({ ...app.record, name, spotId, takenAt, reading, locks, readingId: null, readingVersion: 0 });
		const called = answer.calls[chosen];
		if (called) app.bench.take(called.rig);
		void goto(resolve('/water'));
	}

	async function bringBack() {
		if (!deleted) return;
		back = deleted.title;
		await app.keeping.bringBack();
	}

	/** Does a thing of the list here and now; without scripts the form does it. */
	const here = (act: () => unknown) => (event: MouseEvent) => {
		event.preventDefault();
		failed = null;
		back = null;
		void act();
	};
	const remove = ({ id, version, record }: Listed<ReadingRecord>) =>
		app.keeping.remove('readings', id, version, record.name);
	const removeCall = ({ id, version, name }: (typeof calls)[number]) =>
		app.keeping.remove('kept-calls', id, version, name);

	const placeOf = (id: string | null) => {
		const found = app.spotOf(id);
		return { zone: found?.water.timeZone ?? 'UTC', text: found ? `${found.spot.name}, ${found.water.name}` : '' };
	};
</script>

<div class="kept">
	<header>
		<h1>What have I kept?</h1>
		<a class="button" href={resolve('/api/v1/records')} download>Export all as JSON</a>
	</header>

	{#if message}<p class="notice notice-fails" role="alert">{message}</p>{/if}
	{#if data.unreachable}<p class="notice notice-fails" role="alert">
			The lists cannot be read while the records are out of reach.
		</p>{/if}
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

	<div class="lists">
		<section aria-labelledby="readings">
			<h2 id="readings">
				Readings <span class="quiet">{readings.length}{next === null ? '' : ' and older ones'}</span>
			</h2>
			<ul>
				{#each readings as item (item.id)}
					{@const { name, spotId, takenAt, reading } = item.record}
					{@const place = placeOf(spotId)}
					<li>
						<div class="what">
							<strong>{name}</strong>{#if waits(item.id)}<span class="quiet">waits on this device</span>{/if}
							<span class="quiet">{timeText(takenAt, place.zone)}{place.text ? `, ${place.text}` : ''}</span>
							<span class="quiet"
								>{withUnit(app.units, 'temperature', reading.waterTemperatureC)}, seen to {withUnit(
									app.units,
									'depth',
									reading.visibilityM
								)}{reading.sky ? `, ${spoken(reading.sky)}` : ''}{reading.wind ? `, ${spoken(reading.wind)}` : ''}</span
							>
						</div>
						<form method="POST">
							<input type="hidden" name="id" value={item.id} />
							<input type="hidden" name="kind" value="reading" />
							<input type="hidden" name="name" value={name} />
							<button class="button" formaction="?/open" aria-label="Open {name}" onclick={here(() => open(item))}
								>Open</button
							>
							<button
								class="button"
								formaction="?/duplicate"
								aria-label="Duplicate {name}"
								onclick={here(() => duplicate(item))}>Duplicate</button
							>
							<button class="button" formaction="?/remove" aria-label="Delete {name}" onclick={here(() => remove(item))}
								>Delete</button
							>
						</form>
					</li>
				{:else}
					<li class="empty">No reading kept yet. Name one on Water and press “Keep”.</li>
				{/each}
			</ul>
			{#if next !== null}<button class="button" type="button" onclick={showOlder}>Show older ones</button>{/if}
			{#each data.readings.unreadable as { id, why } (id)}
				<p class="notice notice-fails">One reading cannot be read: {why}</p>
			{/each}
		</section>
		<section aria-labelledby="calls">
			<h2 id="calls">Calls <span class="quiet">{calls.length + callsWaiting.length}</span></h2>
			<ul>
				{#each callsWaiting as { id, title } (id)}
					<li>
						<div class="what">
							<strong>{title}</strong>{#if waits(id)}<span class="quiet">waits on this device</span>{/if}
						</div>
					</li>
				{/each}
				{#each calls as item (item.id)}
					<li>
						<div class="mini">
							{#if item.rig}
								{@const drawing = drawRig(item.rig, true)}
								<RigDrawing
									{drawing}
									scale={Math.min(92 / drawing.bounds.width, 44 / drawing.bounds.height)}
									decorative
								/>
							{/if}
						</div>
						<div class="what">
							<strong>{item.name}</strong>
							<span class="quiet">{timeText(item.keptAt, app.zone)}</span>
							<span
								>{item.rig ? `${rigName(item.rig)}, ${ouncesText(item.rig.weightOz)} oz` : 'No call'}; a {item.verdict} day
								for blades</span
							>
						</div>
						<form method="POST">
							<input type="hidden" name="id" value={item.id} />
							<input type="hidden" name="kind" value="call" />
							<input type="hidden" name="name" value={item.name} />
							<button
								class="button"
								formaction="?/openCall"
								aria-label="Open {item.name}, reading and rig"
								onclick={here(() => openCall(item.id))}>Open</button
							>
							<button
								class="button"
								formaction="?/remove"
								aria-label="Delete the call {item.name}"
								onclick={here(() => removeCall(item))}>Delete</button
							>
						</form>
					</li>
				{:else}
					<li class="empty">No call kept yet. Press “Keep” on Call.</li>
				{/each}
			</ul>
			<h2 class="import">Import</h2>
			{#if preview}
				<form class="notice" method="POST" action="?/import" use:enhance>
					<input type="hidden" name="held" value={held} />
					<p>This file brings <ImportSays plan={preview} /> Nothing is changed yet.</p>
					<button class="button button-amber">Bring it in</button>
				</form>
			{/if}
			<form class="file" method="POST" action="?/preview" enctype="multipart/form-data" use:enhance>
				<label>A file exported here <input type="file" name="file" accept="application/json,.json" /></label>
				<button class="button">See what it would change</button>
			</form>
		</section>
	</div>
</div>

<style>
	.kept {
		padding: 8px 16px 24px;
	}
	header {
		display: flex;
		align-items: center;
		justify-content: space-between;
		gap: 12px;
		padding-bottom: 8px;
	}
	.lists {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 28px;
	}
	h2 {
		padding: 6px 0;
		border-bottom: 1px solid var(--ink);
		font-size: 15px;
	}
	.import {
		margin-top: 20px;
	}
	.quiet {
		color: var(--ink-2);
		font-weight: 450;
	}
	li {
		display: flex;
		align-items: center;
		gap: 12px;
		min-height: 58px;
		padding: 4px 0;
		border-bottom: 1px solid var(--rule);
	}
	li form {
		display: flex;
		gap: 6px;
	}
	.what {
		display: grid;
		flex: 1;
		min-width: 0;
		font-size: 12px;
		line-height: 16px;
	}
	.what strong {
		font-size: 13px;
	}
	.mini {
		flex: 0 0 92px;
		display: grid;
		place-items: center;
	}
	.empty {
		color: var(--ink-2);
	}
	form.notice {
		display: flex;
		align-items: center;
		gap: 12px;
		margin-bottom: 8px;
	}
	.file {
		display: flex;
		flex-wrap: wrap;
		gap: 12px;
		align-items: center;
		padding-top: 8px;
	}
	p.notice {
		margin-bottom: 8px;
	}
	@media (width < 56rem) {
		.lists {
			grid-template-columns: 1fr;
		}
		li {
			flex-wrap: wrap;
		}
		.what {
			flex-basis: 60%;
			font-size: 14px;
			line-height: 19px;
		}
		li form {
			flex-basis: 100%;
		}
		li form .button {
			flex: 1;
			padding-inline: 6px;
		}
	}
</style>
