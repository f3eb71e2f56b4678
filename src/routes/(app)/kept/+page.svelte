<script lang="ts">
	import { enhance } from '$app/forms';
	import { resolve } from '$app/paths';
	import { ouncesText, rigName } from '$lib/core/drawing/describe';
	import { drawRig } from '$lib/core/drawing/rigDrawing';
	import { useDesk } from '$lib/ui/desk/desk.svelte';
	import RigDrawing from '$lib/ui/rig/RigDrawing.svelte';
	import { timeText } from '$lib/ui/time';
	import { withUnit } from '$lib/ui/units';
	import { spoken } from '$lib/ui/words';
	import type { SubmitFunction } from '@sveltejs/kit';
	import type { ActionData, PageData } from './$types';

	const { data, form }: { data: PageData; form: ActionData } = $props();
	const desk = useDesk();
	const message = $derived(form && 'message' in form ? form.message : null);
	const removed = $derived(
		form && 'removed' in form ? (form.removed as { id: string; kind: string; name: string }) : null
	);
	const restored = $derived(form && 'restored' in form ? String(form.restored) : null);
	interface Change {
		added: number;
		changed: number;
		same: number;
	}
	interface Plan {
		readings: Change;
		keptCalls: Change;
		rigs: Change;
		parts: Change;
		stand: boolean;
	}
	const preview = $derived(form && 'preview' in form ? (form.preview as Plan) : null);
	const held = $derived(form && 'held' in form ? String(form.held) : '');
	const imported = $derived(form && 'imported' in form ? (form.imported as Plan) : null);
	const told = ({ added, changed, same }: Change): string => `${added} new, ${changed} changed, ${same} the same`;

	const spotOf = (id: string | null) => {
		for (const water of desk.waters) {
			const spot = water.spots.find((one) => one.id === id);
			if (spot) return { zone: water.timeZone, text: `${spot.name}, ${water.name}` };
		}
		return { zone: 'UTC', text: '' };
	};
	/** What is opened lies on the server's desk; a fresh page takes it from there. */
	const reopen: SubmitFunction =
		() =>
		async ({ update, result }) => {
			if (result.type === 'redirect') location.assign(result.location);
			else await update();
		};
	const zoneAnywhere = $derived(desk.waters[0]?.timeZone ?? 'UTC');
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
	{#if removed}
		<form class="notice" method="POST" action="?/restore" use:enhance>
			<input type="hidden" name="id" value={removed.id} />
			<input type="hidden" name="kind" value={removed.kind} />
			<input type="hidden" name="name" value={removed.name} />
			<span role="status">Deleted “{removed.name}”.</span>
			<button class="button">Undo</button>
		</form>
	{/if}
	{#if restored}<p class="notice" role="status">“{restored}” is back.</p>{/if}
	{#if imported}<p class="notice" role="status">
			Imported. Readings: {told(imported.readings)}. Calls: {told(imported.keptCalls)}. Rigs: {told(imported.rigs)}. Own
			parts: {told(imported.parts)}.
		</p>{/if}

	<div class="lists">
		<section aria-labelledby="readings">
			<h2 id="readings">Readings <span class="quiet">{data.readings.length}</span></h2>
			<ul>
				{#each data.readings as item (item.id)}
					{@const place = spotOf(item.spotId)}
					<li>
						<div class="what">
							<strong>{item.name}</strong>
							<span class="quiet">{timeText(item.takenAt, place.zone)}{place.text ? `, ${place.text}` : ''}</span>
							<span class="quiet"
								>{withUnit(desk.units, 'temperature', item.reading.waterTemperatureC)}, seen to {withUnit(
									desk.units,
									'depth',
									item.reading.visibilityM
								)}{item.reading.sky ? `, ${spoken(item.reading.sky)}` : ''}{item.reading.wind
									? `, ${spoken(item.reading.wind)}`
									: ''}</span
							>
						</div>
						<form method="POST" use:enhance={reopen}>
							<input type="hidden" name="id" value={item.id} />
							<input type="hidden" name="kind" value="reading" />
							<input type="hidden" name="name" value={item.name} />
							<button class="button" formaction="?/open" aria-label="Open {item.name}">Open</button>
							<button class="button" formaction="?/duplicate" aria-label="Duplicate {item.name}">Duplicate</button>
							<button class="button" formaction="?/remove" aria-label="Delete {item.name}">Delete</button>
						</form>
					</li>
				{:else}
					<li class="empty">No reading kept yet. Name one on Water and press “Keep”.</li>
				{/each}
			</ul>
		</section>
		<section aria-labelledby="calls">
			<h2 id="calls">Calls <span class="quiet">{data.calls.length}</span></h2>
			<ul>
				{#each data.calls as item (item.id)}
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
							<span class="quiet">{timeText(item.keptAt, zoneAnywhere)}</span>
							<span
								>{item.rig ? `${rigName(item.rig)}, ${ouncesText(item.rig.weightOz)} oz` : 'No call'}; a {item.verdict} day
								for blades</span
							>
						</div>
						<form method="POST" use:enhance={reopen}>
							<input type="hidden" name="id" value={item.id} />
							<input type="hidden" name="kind" value="call" />
							<input type="hidden" name="name" value={item.name} />
							<button class="button" formaction="?/openCall" aria-label="Open {item.name}, reading and rig">Open</button
							>
							<button class="button" formaction="?/remove" aria-label="Delete the call {item.name}">Delete</button>
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
					<p>
						This file brings readings: {told(preview.readings)}. Calls: {told(preview.keptCalls)}. Rigs: {told(
							preview.rigs
						)}. Own parts: {told(preview.parts)}. {preview.stand ? 'Your sides and own rules would be replaced.' : ''} Nothing
						is changed yet.
					</p>
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
