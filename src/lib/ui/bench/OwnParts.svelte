<script lang="ts">
	import { nearestNamed } from '$lib/core/simulation/sight/ownColour';
	import {
		COLOURED_KINDS,
		ownPartSchema,
		OWN_FORMS,
		OWN_KINDS,
		type Build,
		type OwnKind
	} from '$lib/core/foundation/schema/build';
	import { ownColourSchema, type StrandColour } from '$lib/core/foundation/schema/ownColour';
	import { SCHEMA_VERSION } from '$lib/core/records/version';
	import { withOwn } from '$lib/core/rig/build/start';
	import { useApp } from '$lib/client/state/app.svelte';
	import { newUuid } from '$lib/client/sync/uuid';
	import { spoken } from '$lib/core/foundation/labels/spoken';
	import { useOf, type OwnEntry } from './controls';
	import OwnColourField from './OwnColourField.svelte';
	import { shownIn, withUnit, type Shown } from '$lib/presentation/units';
	import { draftsOf, strandOf, type StrandDraft } from './ownDraft';
	import { slotsFor } from './rows';

	interface Props {
		build: Build;
		own: readonly OwnEntry[];
		onbuild: (build: Build, key: string) => void;
	}
	const { build, own, onbuild }: Props = $props();
	const app = useApp();
	let editing = $state<OwnEntry | null>(null);
	let draft = $state({ kind: 'blade' as OwnKind, name: '', form: 'willow', lengthMm: '', massG: '', price: '1' });
	let strands = $state<StrandDraft[]>([]);
	let countsAs = $state<StrandColour | ''>('');
	const coloured = $derived(COLOURED_KINDS.includes(draft.kind));
	let wrong = $state<Record<string, string>>({});
	let message = $state('');
	let gone = $state<OwnEntry | null>(null);
	const KIND_WORDS: Readonly<Record<OwnKind, string>> = {
		head: 'head',
		hook: 'hook',
		blade: 'turning blade',
		'jig-blade': 'bladed-jig plate',
		'buzz-blade': 'buzz blade',
		skirt: 'skirt',
		trailer: 'trailer'
	};
	const LENGTH_WORDS: Readonly<Record<OwnKind, string>> = {
		head: 'Length',
		hook: 'Shank',
		blade: 'Length',
		'jig-blade': 'Height',
		'buzz-blade': 'Diameter',
		skirt: 'Length',
		trailer: 'Length'
	};

	function edit(entry: OwnEntry) {
		const { kind, name, form, lengthMm, massG, price, colour } = entry.record.part;
		editing = entry;
		draft = { kind, name, form, lengthMm: typedOf(size, lengthMm), massG: typedOf(mass, massG), price: String(price) };
		strands = draftsOf(colour);
		countsAs = colour && colour.countsAs !== nearestNamed(colour) ? colour.countsAs : '';
		wrong = {};
	}

	const numeral = (text: string): number | undefined => {
		const trimmed = text.trim().replace(',', '.');
		return trimmed === '' ? undefined : Number(trimmed);
	};

	const size = $derived(shownIn(app.units, 'size'));
	const mass = $derived(shownIn(app.units, 'mass'));
	/** A measure as it is held, of what was typed in the angler's units. */
	const typedIn = ({ read }: Shown, text: string): number | undefined => {
		const figure = numeral(text);
		return figure === undefined ? undefined : read(figure);
	};
	/** As a part's measure is typed again. */
	const typedOf = ({ show, digits }: Shown, value: number): string => String(Number(show(value).toFixed(digits + 1)));

	/** The color that was typed: what it counts as is the nearest named one unless the angler has said. */
	function colourOf(): unknown {
		if (!coloured || strands.length === 0) return undefined;
		const typed = { strands: strands.map(strandOf), countsAs: countsAs || 'white' };
		const parsed = ownColourSchema.safeParse(typed);
		return parsed.success && countsAs === '' ? { ...parsed.data, countsAs: nearestNamed(parsed.data) } : typed;
	}

	async function keep() {
		const colour = colourOf();
		const parsed = ownPartSchema.safeParse({
			...draft,
			...(colour === undefined ? {} : { colour }),
			lengthMm: typedIn(size, draft.lengthMm),
			massG: typedIn(mass, draft.massG),
			price: Number(draft.price)
		});
		wrong = parsed.success
			? {}
			: Object.fromEntries(parsed.error.issues.map(({ path, message: text }) => [String(path[0]), text]));
		if (!parsed.success) return;
		const record = { schemaVersion: SCHEMA_VERSION, part: parsed.data } as const;
		const { name } = parsed.data;
		await app.sync.put('parts', editing?.id ?? newUuid(), editing?.version ?? 0, record, name);
		message = `“${name}” is in the list. Choose it in the part’s menu.`;
		leave();
	}
	/** An empty form for the next one of its kind. */
	function leave() {
		editing = null;
		wrong = {};
		draft = { ...draft, name: '', lengthMm: '', massG: '' };
		[strands, countsAs] = [[], ''];
	}

	async function drop(entry: OwnEntry) {
		await app.sync.remove('parts', entry.id, entry.version, entry.record.part.name);
		const kept = entry.usedBy.length > 0 ? ` ${entry.usedBy.join(', ')} still have it.` : '';
		message = `Deleted “${entry.record.part.name}”.${kept}`;
		gone = entry;
	}

	async function bringBack() {
		if (!gone) return;
		await app.sync.bringBack();
		message = `“${gone.record.part.name}” is back.`;
		gone = null;
	}
</script>

<section aria-labelledby="own-parts">
	<h2 class="border-b border-b-ink py-2" id="own-parts">My own parts</h2>
	{#if message}
		<p class="notice mx-0 my-4 flex items-center gap-10" role="status">
			{message}
			{#if gone}<button class="button" onclick={bringBack}>Undo</button>{/if}
		</p>
	{/if}
	<ul>
		{#each own as entry (entry.id)}
			{@const { part } = entry.record}
			<li class="flex min-h-32 flex-wrap items-center gap-6 border-b border-b-rule">
				<span class="flex-[1_1_180px]"
					><strong>{part.name}</strong>
					{KIND_WORDS[part.kind]} like {spoken(part.form)}, {withUnit(app.units, 'size', part.lengthMm)}, {withUnit(
						app.units,
						'mass',
						part.massG
					)}{part.colour ? `, treated as ${spoken(part.colour.countsAs)}` : ''}{entry.usedBy.length > 0
						? `; in ${entry.usedBy.join(', ')}`
						: ''}</span
				>
				{#each slotsFor(build, part.kind) as slot (slot)}
					<button
						class="button"
						aria-label="Use {part.name} as {slot}"
						onclick={() => onbuild(withOwn(build, slot, useOf(entry)), '')}
						>{slot === 'front' || slot === 'rear' ? `Use, ${slot}` : 'Use'}</button
					>
				{/each}
				<button class="button" aria-label="Change {part.name}" onclick={() => edit(entry)}>Change</button>
				<button class="button" aria-label="Delete {part.name}" onclick={() => drop(entry)}>Delete</button>
			</li>
		{:else}<li class="quiet flex min-h-32 flex-wrap items-center gap-6 border-b border-b-rule">
				None yet. Weigh and measure a part, and the model uses your numbers.
			</li>{/each}
	</ul>
	<form
		class="flex flex-wrap items-end gap-x-10 gap-y-6 pt-8"
		novalidate
		onsubmit={(event) => {
			event.preventDefault();
			void keep();
		}}
	>
		<label
			>Kind
			<select
				class="field"
				bind:value={draft.kind}
				onchange={() => (draft.form = OWN_FORMS[draft.kind][0])}
				disabled={editing !== null}
			>
				{#each OWN_KINDS as kind (kind)}<option value={kind}>{KIND_WORDS[kind]}</option>{/each}
			</select></label
		>
		<label
			>Like a
			<select class="field" bind:value={draft.form}>
				{#each OWN_FORMS[draft.kind] as form (form)}<option value={form}>{spoken(form)}</option>{/each}
			</select></label
		>
		<label class="flex-[1_1_150px]"
			>Name <input class="field" bind:value={draft.name} aria-invalid={'name' in wrong} maxlength="80" />
			{#if wrong.name}<span class="wrong">{wrong.name}</span>{/if}</label
		>
		<label
			>{LENGTH_WORDS[draft.kind]}, {size.unit}
			<input class="field figure" inputmode="decimal" bind:value={draft.lengthMm} aria-invalid={'lengthMm' in wrong} />
			{#if wrong.lengthMm}<span class="wrong">{wrong.lengthMm}</span>{/if}</label
		>
		<label
			>Weight, {mass.unit}
			<input class="field figure" inputmode="decimal" bind:value={draft.massG} aria-invalid={'massG' in wrong} />
			{#if wrong.massG}<span class="wrong">{wrong.massG}</span>{/if}</label
		>
		<label
			>Price
			<select class="field" bind:value={draft.price}>
				<option value="1">low</option><option value="2">middle</option><option value="3">high</option>
			</select></label
		>
		{#if coloured}<OwnColourField bind:strands bind:countsAs wrong={wrong.colour} />{/if}
		<button class="button">{editing ? 'Save the change' : 'Add the part'}</button>
		{#if editing}<button class="button" type="button" onclick={leave}>Cancel</button>{/if}
	</form>
</section>

<style>
	label {
		display: grid;
		gap: 1px;
	}
	input.figure {
		width: 76px;
	}
</style>
