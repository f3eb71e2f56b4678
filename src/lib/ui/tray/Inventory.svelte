<script lang="ts">
	import { useApp } from '$lib/client/state/app.svelte';
	import { newUuid } from '$lib/client/sync/uuid';
	import { PART_TITLES, partSearchText, partText } from '$lib/core/foundation/labels/partText';
	import { PART_KINDS, type TrayPart } from '$lib/core/foundation/schema/tray';
	import { withItem, withoutItem } from '$lib/core/records/ownedParts';
	import { ITEMS_MAX } from '$lib/core/records/trayLimits';
	import type { TrayItem, TrayRecord } from '$lib/core/records/trayRecord';
	import { narrowed } from '$lib/ui/controls/listing';
	import { lureOf, partsIn } from './fromRig';
	import PartForm from './PartForm.svelte';
	import TraySheet from './TraySheet.svelte';
	import { kindOfPart } from './partForm';

	const { tray }: { tray: TrayRecord } = $props();
	const app = useApp();
	let find = $state('');
	let place = $state('');
	let price = $state('');
	let said = $state<string | null>(null);

	const shown = $derived(narrowed(tray.items, find, ({ part, place: at = '' }) => `${partSearchText(part)} ${at}`));
	const groups = $derived(
		PART_KINDS.map((kind) => ({
			kind,
			items: shown.filter(({ part }) => part.part === kind).sort((a, b) => inOrder(a.part, b.part))
		})).filter(({ items }) => items.length > 0)
	);
	const ounces = (part: TrayPart): number => (part.part === 'head' ? (part.weightOz ?? 0) : 0);
	const inOrder = (a: TrayPart, b: TrayPart): number =>
		ounces(a) - ounces(b) || partText(a).localeCompare(partText(b), 'en', { numeric: true });
	/** What is used up or worn. */
	const replace = $derived(tray.items.filter((item) => item.condition === 'worn' || countOf(item) === 0));
	const full = $derived(tray.items.length >= ITEMS_MAX);
	const wrongPrice = $derived(
		price.trim() === '' || (Number(price) >= 0 && Number(price) <= 100_000) ? null : 'A price is a number from 0 up.'
	);
	const countOf = ({ part }: TrayItem): number => part.count ?? 1;

	/** Adds parts: more of what is there already, or new entries. */
	function add(parts: readonly TrayPart[], at = '', cost?: number): void {
		app.changeTray((before) =>
			parts.reduce((held, part) => {
				const same = held.items.find(
					(item) => kindOfPart(item.part) === kindOfPart(part) && (at === '' || (item.place ?? '') === at)
				);
				if (same) return withItem(held, { ...same, part: { ...same.part, count: countOf(same) + 1 } });
				if (held.items.length >= ITEMS_MAX) return held;
				const priced = cost === undefined ? {} : { price: cost };
				return withItem(held, { id: newUuid(), part: { ...part, count: 1, ...priced }, ...(at && { place: at }) });
			}, before)
		);
		said = `Added ${parts.length === 1 ? partText(parts[0]!) : `${parts.length} parts`}.`;
	}

	function addOne(part: TrayPart): void {
		if (wrongPrice === null) add([part], place.trim(), price.trim() === '' ? undefined : Number(price));
	}

	const set = (item: TrayItem, more: Partial<TrayItem>, step = ''): void =>
		app.changeTray((before) => withItem(before, { ...item, ...more }), step);

	function count(item: TrayItem, by: number): void {
		set(item, { part: { ...item.part, count: Math.min(999, Math.max(0, countOf(item) + by)) } });
	}

	function remove(item: TrayItem): void {
		app.changeTray((before) => withoutItem(before, item.id));
		said = `Deleted ${partText(item.part)}. Undo brings it back.`;
	}
</script>

<section class="grid content-start gap-8">
	<h2>Add a part</h2>
	<PartForm name="add">
		{#snippet children(part)}
			<label class="grid gap-2"
				>Place in the box<input class="field w-120" maxlength="40" placeholder="top left" bind:value={place} /></label
			>
			<label class="grid gap-2"
				>Price{app.settings.currency ? `, ${app.settings.currency}` : ''}<input
					class="field w-80"
					inputmode="decimal"
					aria-invalid={wrongPrice !== null}
					aria-describedby={wrongPrice ? 'price-wrong' : undefined}
					bind:value={price}
				/></label
			>
			<button class="button button-amber" disabled={!app.live || full} onclick={() => addOne(part)}>Add</button>
		{/snippet}
	</PartForm>
	{#if wrongPrice}<p class="wrong" id="price-wrong">{wrongPrice}</p>{/if}
	{#if app.rig}
		{@const rig = app.rig}
		<div class="flex flex-wrap items-center gap-8">
			<span>Your current rig:</span>
			<button class="button" disabled={!app.live || full} onclick={() => add([lureOf(rig)])}>Add it as a lure</button>
			<button class="button" disabled={!app.live || full} onclick={() => add(partsIn(rig))}>Add its parts</button>
		</div>
	{/if}
	<TraySheet {tray} />
	{#if full}<p class="notice">Your tray is full: it can have {ITEMS_MAX} entries.</p>{/if}
	<p class="quiet min-h-22" role="status">{said ?? ''}</p>
</section>

<section class="grid content-start gap-6">
	<div class="flex flex-wrap items-center justify-between gap-8">
		<h2>What you own</h2>
		<input
			class="field w-220 phone:w-full"
			type="search"
			placeholder="gold 4 1/2"
			aria-label="Find a part"
			bind:value={find}
		/>
	</div>
	{#if replace.length > 0 && find === ''}
		<div class="notice grid gap-2">
			<strong>Replace before the next outing</strong>
			<ul>
				{#each replace as item (item.id)}<li>
						{partText(item.part)}: {countOf(item) === 0 ? 'none left' : 'worn'}
					</li>{/each}
			</ul>
		</div>
	{/if}
	{#each groups as { kind, items } (kind)}
		<h3 class="border-b border-b-ink pt-8">{PART_TITLES[kind]}</h3>
		<ul>
			{#each items as item (item.id)}
				{@const name = partText(item.part)}
				<li class="flex min-h-44 flex-wrap items-center gap-x-10 gap-y-4 border-b border-b-rule py-2">
					<span class="flex-[1_1_190px]" class:opacity-60={countOf(item) === 0}
						>{name}{#if item.place}<span class="quiet">, {item.place}</span>{/if}{#if countOf(item) === 0}<span
								class="quiet">, none left</span
							>{/if}</span
					>
					<span class="flex items-center gap-4">
						<button
							class="button min-w-44"
							aria-label="One less: {name}"
							disabled={!app.live || countOf(item) === 0}
							onclick={() => count(item, -1)}>−</button
						>
						<span class="min-w-28 text-center tabular-nums" aria-label="Count of {name}">{countOf(item)}</span>
						<button
							class="button min-w-44"
							aria-label="One more: {name}"
							disabled={!app.live}
							onclick={() => count(item, 1)}>+</button
						>
					</span>
					<label class="flex items-center gap-4"
						><input
							type="checkbox"
							checked={item.condition === 'worn'}
							aria-label="Worn: {name}"
							disabled={!app.live}
							onchange={(event) => set(item, { condition: event.currentTarget.checked ? 'worn' : 'good' })}
						/>worn</label
					>
					<button class="button" aria-label="Delete {name}" disabled={!app.live} onclick={() => remove(item)}
						>Delete</button
					>
				</li>
			{/each}
		</ul>
	{:else}
		<p class="quiet">
			{#if tray.items.length > 0}Nothing in your tray matches “{find}”.{:else}Nothing yet. List your heads and blades
				first, then wires, skirts and trailers. A kind of part of which you list nothing counts as free to choose.{/if}
		</p>
	{/each}
</section>
