<script lang="ts">
	import { DAMAGES } from '$lib/core/foundation/schema/words';
	import { useApp } from '$lib/client/state/app.svelte';
	import type { EntryInput } from '$lib/core/foundation/schema/tally';
	import type { ParsedReading } from '$lib/core/foundation/schema/reading';
	import { strikesOf, type Story } from '$lib/core/trips/tally/story';
	import type { OnDeck } from './deck.svelte';
	import FigureField from '../controls/FigureField.svelte';
	import Log from './Log.svelte';
	import NewReading from './NewReading.svelte';
	import { castsOf } from './words';

	interface Props {
		story: Story;
		reading: ParsedReading;
		onDeck: OnDeck;
		/** Whether casts are counted by the clock, and every how many seconds. */
		byClock: boolean;
		clockS: number;
		spotName: (id: string | null) => string;
		onadd: (what: EntryInput) => void;
		onread: (patch: Partial<ParsedReading>) => void;
		onundo: (id: string) => void;
	}
	let {
		story,
		reading,
		onDeck,
		byClock = $bindable(),
		clockS = $bindable(),
		spotName,
		onadd,
		onread,
		onundo
	}: Props = $props();
	const app = useApp();
	const spots = $derived(app.waters.flatMap((water) => water.spots.map((spot) => ({ ...spot, water: water.name }))));
	/** From the quickest casts one after the other to one that lies on the bottom for long, s. */
	const CLOCK_S = [10, 600] as const;
	let reReading = $state(false);
	let note = $state('');
	let noteKind = $state<'note' | 'sonar'>('note');
	function write(event: SubmitEvent) {
		event.preventDefault();
		if (note.trim() === '') return;
		void onadd({ kind: noteKind, text: note });
		note = '';
	}
	const struck = $derived(story.stretches.reduce((sum, one) => sum + strikesOf(one), 0));
	const landed = $derived(story.stretches.reduce((sum, one) => sum + one.landed, 0));
</script>

<section aria-label="The water and the place">
	{#if reReading}
		<NewReading {reading} units={app.units} {onread} onclose={() => (reReading = false)} />
	{:else}
		<button class="button min-h-40" onclick={() => (reReading = true)}>New water reading</button>
	{/if}
	<label
		>At
		<select
			class="field"
			value={story.now.spotId ?? ''}
			onchange={({ currentTarget }) => onadd({ kind: 'spot', spotId: currentTarget.value || null })}
		>
			<option value="">no named spot</option>
			{#each spots as spot (spot.id)}<option value={spot.id}>{spot.name}, {spot.water}</option>{/each}
		</select></label
	>
</section>
<section aria-label="Notes">
	<form class="row flex flex-wrap items-center gap-6" onsubmit={write}>
		<select class="field" aria-label="Kind of note" bind:value={noteKind}>
			<option value="note">a word</option><option value="sonar">sonar</option>
		</select>
		<input class="field" aria-label="What it says" maxlength="200" placeholder="typed or spoken" bind:value={note} />
		<button class="button min-h-40">Save note</button>
	</form>
	<p class="row flex flex-wrap items-center gap-6">
		<button class="button min-h-40" onclick={() => onadd({ kind: 'lure-lost' })}>Lure lost</button>
		Damaged:
		{#each DAMAGES as part (part)}
			<button class="button min-h-40" onclick={() => onadd({ kind: 'damage', part })}>{part}</button>
		{/each}
	</p>
</section>
<section aria-label="Screen and location">
	<label class="tick"
		><input
			type="checkbox"
			checked={onDeck.awake}
			onchange={({ currentTarget }) => onDeck.stay(currentTarget.checked)}
		/>
		Keep the screen on</label
	>
	<label class="tick"><input type="checkbox" bind:checked={onDeck.marking} /> Save where fish bite (location)</label>
	<span class="tick"
		><label class="tick"><input type="checkbox" bind:checked={byClock} /> Count a cast every</label>
		<FigureField
			label="Seconds from cast to cast"
			value={clockS}
			low={CLOCK_S[0]}
			high={CLOCK_S[1]}
			unit="s"
			onvalue={(seconds) => (clockS = seconds)}>s</FigureField
		></span
	>
	{#if onDeck.refused}<p class="notice">{onDeck.refused}</p>{/if}
</section>
<section aria-label="What happened">
	<h2>{castsOf(story)} casts, {struck} {struck === 1 ? 'bite' : 'bites'}, {landed} landed</h2>
	<Log {story} units={app.units} zone={app.zone} {spotName} {onundo} />
</section>

<style>
	section {
		display: grid;
		gap: 8px;
		padding: 8px 14px;
		border-bottom: 1px solid var(--rule);
	}
	.row input {
		flex: 1;
		min-width: 8rem;
	}
	section > label:not(.tick) {
		display: grid;
	}
	@media (width < 56rem) {
		.button,
		select,
		input:not([type='checkbox']) {
			min-height: 48px;
		}
	}
</style>
