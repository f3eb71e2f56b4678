<script lang="ts">
	import { FISH, HITS, HOOK_PLACES, HOOKSETS } from '$lib/core/foundation/schema/words';
	import { typedFigure } from '$lib/presentation/typed';
	import { dequal } from 'dequal';
	import type { Entry, EntryInput } from '$lib/core/foundation/schema/tally';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import { HIT_WORDS, HOOK_WORDS, SET_WORDS, SPECIES_WORDS } from './words';

	type Struck = Extract<Entry, { kind: 'bite' | 'short' | 'landed' | 'lost' }>;
	interface Props {
		what: Struck;
		/** Whether a bite shortly before could be, and is taken for, the same fish. */
		joined: boolean;
		units: UnitSystem;
		/** Something that is to be said, with what was not said of it, or what is wrong with it. */
		whole: (what: EntryInput) => Entry | string;
		onsay: (what: EntryInput) => void;
		onclose: () => void;
	}
	const { what, joined, units, whole, onsay, onclose }: Props = $props();
	const CM_PER_IN = 2.54;
	const KG_PER_LB = 0.45359237;
	const imperial = $derived(units === 'imperial');
	let wrong = $state<Record<string, string>>({});

	/** Says one thing more; what cannot be is told at its field and changes nothing. */
	function say(more: Record<string, unknown>) {
		const [key] = Object.keys(more);
		const next = whole({ ...what, ...more } as EntryInput);
		wrong = typeof next === 'string' ? { [key!]: next } : {};
		if (typeof next !== 'string' && !dequal(next, what)) onsay(next);
	}
	function figure(text: string, by: number): number | null {
		return text.trim() === '' ? null : typedFigure(text) * by;
	}
	const shown = (value: number | null, by: number, digits: number): string =>
		value === null ? '' : String(Number((value / by).toFixed(digits)));
</script>

{#snippet one<Value extends string>(
	legend: string,
	key: 'hit' | 'hook' | 'set' | 'species',
	values: readonly Value[],
	words: Readonly<Record<Value, string>>,
	present: Value | null
)}
	<fieldset class="flex flex-wrap gap-6">
		<legend class="text-s text-ink-2">{legend}</legend>
		{#each values as value (value)}
			<button
				type="button"
				class="chip min-h-48 cursor-pointer rounded-[4px] border border-ink bg-paper px-12 py-0"
				aria-pressed={present === value}
				onclick={() => say({ [key]: present === value ? undefined : value })}>{words[value]}</button
			>
		{/each}
	</fieldset>
{/snippet}

<section class="grid gap-8 border-y border-y-ink bg-panel px-12 py-8" aria-label="More about it">
	<header class="sticky top-0 z-1 flex items-center justify-between gap-8 bg-panel">
		<h2>
			{{ bite: 'Bite', short: 'Short strike', landed: 'Landed', lost: 'Fish lost' }[what.kind]}: saved. More, if you
			like
		</h2>
		<button class="button" type="button" onclick={onclose}>Done</button>
	</header>
	{#if (what.kind === 'landed' || what.kind === 'lost') && (joined || what.after === null)}
		<button
			type="button"
			class="chip min-h-48 cursor-pointer justify-self-start rounded-[4px] border border-ink bg-paper px-12 py-0"
			aria-pressed={joined}
			onclick={() => say({ after: joined ? null : undefined })}>Same fish as the last bite</button
		>
	{/if}
	{@render one('How it bit', 'hit', HITS, HIT_WORDS, what.hit)}
	{#if what.kind === 'landed' || what.kind === 'lost'}
		{@render one('Hooked in the', 'hook', HOOK_PLACES, HOOK_WORDS, what.hook)}
		{@render one('Species', 'species', FISH, SPECIES_WORDS, what.species ?? null)}
		{@render one('Hookset', 'set', HOOKSETS, SET_WORDS, what.set ?? null)}
	{/if}
	{#if what.kind === 'landed'}
		<fieldset class="flex flex-wrap gap-6">
			<legend class="text-s text-ink-2">Released or kept</legend>
			{#each [[false, 'released'], [true, 'kept']] as const as [kept, word] (word)}
				<button
					type="button"
					class="chip min-h-48 cursor-pointer rounded-[4px] border border-ink bg-paper px-12 py-0"
					aria-pressed={what.kept === kept}
					onclick={() => say({ kept: what.kept === kept ? undefined : kept })}>{word}</button
				>
			{/each}
		</fieldset>
		<div class="figures flex flex-wrap gap-6">
			<label
				>Length, {imperial ? 'in' : 'cm'}
				<input
					class="field figure"
					inputmode="decimal"
					value={shown(what.lengthCm, imperial ? CM_PER_IN : 1, 1)}
					aria-invalid={'lengthCm' in wrong}
					onchange={({ currentTarget }) => say({ lengthCm: figure(currentTarget.value, imperial ? CM_PER_IN : 1) })}
				/></label
			>
			<label
				>Weight, {imperial ? 'lb' : 'kg'}
				<input
					class="field figure"
					inputmode="decimal"
					value={shown(what.massKg, imperial ? KG_PER_LB : 1, 2)}
					aria-invalid={'massKg' in wrong}
					onchange={({ currentTarget }) => say({ massKg: figure(currentTarget.value, imperial ? KG_PER_LB : 1) })}
				/></label
			>
		</div>
		{#each Object.values(wrong) as message (message)}<p class="font-560 text-fail" role="alert">{message}</p>{/each}
	{/if}
</section>

<style>
	.chip[aria-pressed='true'] {
		background: var(--ink);
		color: var(--paper);
	}
	.figures label {
		display: grid;
		font-size: var(--t-s);
	}
	.figures input {
		width: 7rem;
		min-height: 48px;
	}
</style>
