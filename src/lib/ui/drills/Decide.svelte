<script lang="ts">
	import { tick, untrack } from 'svelte';
	import { without } from '$lib/core/foundation/basics/without';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { replaceState } from '$app/navigation';
	import { useApp } from '$lib/client/state/app.svelte';
	import { disputeOf } from '$lib/core/claims/disputes';
	import { bladesText, ouncesText, rigName } from '$lib/core/foundation/labels/describe';
	import type { Rig } from '$lib/core/foundation/schema/rig';
	import type { DrillCard } from '$lib/core/records/drillsRecord';
	import { SURE } from '$lib/core/records/drillsLimits';
	import { buildOf } from '$lib/core/rig/build/buildOf';
	import { DECISIONS } from '$lib/core/trips/drills/decisionNames';
	import { drillWater, LEVELS, SEED_MAX, type DrillWater, type Level } from '$lib/core/trips/drills/water';
	import { completeReading } from '$lib/core/water/reading/complete';
	import SmallRig from '../rig/SmallRig.svelte';
	import Section from '../section/Section.svelte';
	import { pointsText } from '../tray/pointsText';
	import { dueAt, learned, MISSED_POINTS } from './memory';
	import { Round } from './round.svelte';
	import { ASKS, choiceText, choiceWords, factsOf, givenUpWords, NAMES, SURE_WORDS } from './words';

	interface Props {
		seed: number;
		level: Level;
		/** Whether the screen is dark. */
		lamp: boolean;
	}
	const given: Props = $props();
	const app = useApp();

	const addressOf = ({ seed, level }: DrillWater): string => `/drills?water=${seed}&level=${LEVELS.indexOf(level)}`;
	const roundOn = (water: DrillWater, card: DrillCard | null = null): Round =>
		new Round(water, card, { ...without(app.question, 'locks', 'tray'), reading: water.reading });
	// svelte-ignore state_referenced_locally
	let round = $state.raw(roundOn(drillWater(given.seed, given.level)));
	let picked = $state<string | null>(null);
	let copied = $state(false);
	/** When it was last looked which rules are due. */
	let clock = $state.raw(new Date(app.now));
	let heading = $state<HTMLElement | null>(null);

	const { water, best, choices, judged, step } = $derived(round);
	const due = $derived(dueAt(app.drills, clock));
	/** The decision that gave up most. */
	const lesson = $derived(judged?.steps.toSorted((a, b) => b.givesUp - a.givesUp)[0] ?? null);

	$effect(() => {
		const { work } = app;
		const now = round;
		if (work) untrack(() => void now.begin(work));
	});

	const focusHeading = () => tick().then(() => heading?.focus());

	/** Another water: one that brings back a rule that is due, where there is one. */
	async function another(level: Level = water.level): Promise<void> {
		clock = new Date();
		const seed = 1 + (crypto.getRandomValues(new Uint32Array(1))[0]! % SEED_MAX);
		const [card] = due;
		const found = card && app.work ? await app.work.drills((api) => api.waterFor(card.claim, seed, level)) : null;
		[round, picked, copied] = [roundOn(found ?? drillWater(seed, level), found ? card : null), null, false];
		replaceState(resolve(addressOf(round.water) as '/drills'), {});
		await focusHeading();
	}

	async function take(share: number): Promise<void> {
		const { work } = app;
		if (picked === null || !work) return;
		const value = picked;
		picked = null;
		const decided = round;
		const found = await decided.take(work, value, share);
		if (found) {
			clock = new Date();
			app.changeDrills((record) => learned(record, found.steps, decided.sure, clock, decided.asked));
			void decided.askSchools(work);
		}
		await focusHeading();
	}

	function back(): void {
		round.back();
		picked = null;
	}

	async function copy(): Promise<void> {
		copied = await navigator.clipboard.writeText(page.url.origin + resolve(addressOf(water) as '/drills')).then(
			() => true,
			() => false
		);
	}
</script>

<div class="grid grid-cols-[minmax(0,1.1fr)_minmax(0,1fr)] gap-x-28 gap-y-14 phone:grid-cols-1">
	<section class="grid content-start gap-10" aria-label="The water">
		<Section
			reading={completeReading(water.reading)}
			units={app.units}
			height={250}
			narrowHeight={170}
			bare
			lamp={given.lamp}
		/>
		<dl class="grid grid-cols-[max-content_1fr] gap-x-14 gap-y-2">
			{#each factsOf(water.reading, app.units) as [name, value] (name)}<dt class="quiet">{name}</dt>
				<dd>{value}</dd>{/each}
		</dl>
	</section>

	<section class="row-span-2 grid content-start gap-10 phone:row-span-1" aria-label="Your decision">
		{#if round.failed}
			<p class="notice notice-fails" role="alert">This could not be worked out. Try another water.</p>
		{:else if best === null}
			<p class="notice">No lure with blades runs on this water. Try another one.</p>
		{:else if judged}
			<h2 bind:this={heading} tabindex="-1">{givenUpWords(judged.givesUp)}</h2>
			<table class="w-full">
				<thead
					><tr class="text-left"
						><th scope="col">Decision</th><th scope="col">You</th><th scope="col">The call</th><th scope="col"
							>Gives up</th
						></tr
					></thead
				>
				<tbody>
					{#each judged.steps as { decision, chosen, called, givesUp } (decision)}
						<tr class="border-t border-t-rule">
							<th scope="row" class="py-4 text-left font-450">{NAMES[decision]}</th>
							<td>{choiceWords(decision, chosen, app.units)}</td>
							<td>{chosen === called ? 'the same' : choiceWords(decision, called, app.units)}</td>
							<td class:font-640={givesUp >= MISSED_POINTS}
								>{givesUp < 0.05 ? 'nothing' : givesUp >= 15 ? 'everything' : pointsText(givesUp)}</td
							>
						</tr>
					{/each}
				</tbody>
			</table>
			{#if lesson && judged.rules.length > 0}
				<div>
					<h3 class="font-640">What decides here</h3>
					<ul class="grid gap-2">
						{#each judged.rules as { claim, text } (claim)}<li>{text} <span class="quiet">{claim}</span></li>{/each}
					</ul>
				</div>
				<p class="notice">
					<strong>Remember:</strong>
					{choiceText(lesson.decision, lesson.called, app.units)} here, not {choiceText(
						lesson.decision,
						lesson.chosen,
						app.units
					)}. {(lesson.rule ?? judged.rules[0]!).text}
				</p>
			{/if}
			{#if round.schools.length > 0}
				<p>
					Some anglers would choose as you did: {round.schools
						.map(({ topic, school }) => `${disputeOf(topic)?.about ?? topic}, ${school.replaceAll('-', ' ')}`)
						.join('; ')}.
				</p>
			{/if}
			<div class="grid grid-cols-2 gap-14">
				{#if judged.own}{@render lure('Yours', judged.own)}{/if}
				{@render lure('The call', judged.best)}
			</div>
			<div><button class="button button-amber" onclick={() => void another()}>Next water</button></div>
		{:else if best === undefined || !step}
			<p class="quiet" role="status">Working it out…</p>
		{:else}
			<h2 bind:this={heading} tabindex="-1">
				{ASKS[step]} <span class="quiet font-450">{DECISIONS.indexOf(step) + 1} of {DECISIONS.length}</span>
			</h2>
			<fieldset class="grid grid-cols-[repeat(auto-fill,minmax(150px,1fr))] gap-6">
				<legend class="sr-only">{ASKS[step]}</legend>
				{#each round.options as option (option)}
					<label class="button option" class:on={picked === option}
						><input class="sr-only" type="radio" name="drill" value={option} bind:group={picked} />{choiceWords(
							step,
							option,
							app.units
						)}</label
					>
				{/each}
			</fieldset>
			<div class="flex flex-wrap items-center gap-8" role="group" aria-label="How sure are you?">
				<span>How sure are you?</span>
				{#each SURE_WORDS as [share, words] (share)}
					<button
						class="button"
						class:button-amber={share === SURE[2]}
						disabled={picked === null}
						onclick={() => void take(share)}>{words}</button
					>
				{/each}
			</div>
			{#if choices.family !== undefined}
				<p class="quiet">
					So far: {DECISIONS.flatMap((decision) =>
						choices[decision] === undefined ? [] : [choiceText(decision, choices[decision], app.units)]
					).join(', ')}. <button class="underline" onclick={back}>Take the last one back</button>
				</p>
			{/if}
		{/if}
	</section>
	<section class="grid content-start gap-10" aria-label="Other waters">
		<div class="flex flex-wrap items-end gap-8">
			<label class="grid gap-2"
				>You are told<select
					class="field"
					value={water.level}
					onchange={(event) => void another(LEVELS.find((one) => one === event.currentTarget.value))}
				>
					{#each LEVELS as level (level)}<option value={level}>{level}</option>{/each}
				</select></label
			>
			<button class="button" disabled={!app.live} onclick={() => void another()}>Another water</button>
			<button class="button" disabled={!app.live} onclick={() => void copy()}
				>{copied ? 'Copied' : 'Copy its link'}</button
			>
		</div>
		<p class="quiet">
			A made-up water, number {water.seed}. Whoever opens its link decides on the same one.
			{#if due.length > 0}{due.length}
				{due.length === 1 ? 'rule that you missed comes' : 'rules that you missed come'} back with the next waters.{/if}
		</p>
	</section>
</div>

{#snippet lure(title: string, rig: Rig)}
	<div class="grid content-start gap-2">
		<span class="quiet">{title}</span>
		<SmallRig build={buildOf(rig)} width={190} height={88} />
		<span>{rigName(rig)}, {ouncesText(rig.weightOz)} oz, {bladesText(rig)}</span>
	</div>
{/snippet}

<style>
	.option {
		display: grid;
		place-items: center;
		min-height: 44px;
		text-align: center;
	}
	.option.on {
		background: var(--ink);
		color: var(--paper);
	}
	.option:focus-within {
		outline: 3px solid var(--focus, var(--ink));
		outline-offset: 2px;
	}
	td,
	th {
		padding-right: 8px;
	}
</style>
