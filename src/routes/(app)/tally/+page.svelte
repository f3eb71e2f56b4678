<script lang="ts">
	import { plainCopy } from '$lib/client/state/plainCopy.svelte';
	import { dequal } from 'dequal';
	import Pause from 'lucide/dist/esm/icons/pause.mjs';
	import LifeBuoy from 'lucide/dist/esm/icons/life-buoy.mjs';
	import Play from 'lucide/dist/esm/icons/play.mjs';
	import { onMount, untrack } from 'svelte';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { useApp } from '$lib/client/state/app.svelte';
	import { soundedProfile } from '$lib/client/state/places';
	import { counted } from '$lib/core/foundation/labels/counted';
	import { completeReading } from '$lib/core/water/reading/complete';
	import { withAlmanac } from '$lib/presentation/almanac';
	import type { CalledRig } from '$lib/core/foundation/schema/call';
	import type { ParsedReading } from '$lib/core/foundation/schema/reading';
	import type { Rig } from '$lib/core/foundation/schema/rig';
	import type { EntryInput, Trial } from '$lib/core/foundation/schema/tally';
	import { nextOf } from '$lib/core/trips/tally/next';
	import { strikesOf } from '$lib/core/trips/tally/story';
	import { turnsOf } from '$lib/core/trips/tally/trial';
	import { isLamp } from '$lib/ui/frame/theme';
	import Section from '$lib/ui/section/Section.svelte';
	import Answers from '$lib/ui/tally/Answers.svelte';
	import Begin from '$lib/ui/tally/Begin.svelte';
	import Beside from '$lib/ui/tally/Beside.svelte';
	import Correct from '$lib/ui/tally/Correct.svelte';
	import Log from '$lib/ui/tally/Log.svelte';
	import PastOutings from '$lib/ui/tally/PastOutings.svelte';
	import { entriesOf, join } from '$lib/client/state/joinOutings';
	import type { OpenOuting } from '$lib/client/state/tally.svelte';
	import type { OutingRecord } from '$lib/core/records/tallySchemas';
	import { OnDeck } from '$lib/ui/tally/deck.svelte';
	import ChangeLure from '$lib/ui/tally/ChangeLure.svelte';
	import FishSheet from '$lib/ui/tally/FishSheet.svelte';
	import Histories from '$lib/ui/tally/Histories.svelte';
	import Twins from '$lib/ui/tally/Twins.svelte';
	import RigNow from '$lib/ui/tally/RigNow.svelte';
	import { lureGroups } from '$lib/ui/tally/lureGroups';
	import { castsOf, clockText, countsWith, happeningText, type Answer } from '$lib/ui/tally/words';
	import type { PageData } from './$types';
	import Icon from '$lib/ui/controls/Icon.svelte';

	const { data }: { data: PageData } = $props();
	const app = useApp();
	const { tally } = app;
	// svelte-ignore state_referenced_locally
	app.serve(data.answer, false);

	// What the server has is put together with what this device has, once the device was read.
	$effect(() => {
		if (!tally.ready) return;
		const { outing, happenings, start } = data;
		untrack(() => void tally.heard(outing, happenings, start.sequence).then(() => app.sync.pullChanges()));
	});

	const story = $derived(tally.story);
	const under = $derived(story && !story.ended ? story : null);
	const outing = $derived(tally.outing);
	const called = $derived(app.shown?.calls[0]?.rig ?? null);
	const kept = $derived(app.sync.withWaiting('rigs', data.rigs));
	/** Everything that could be cast: the current rig, the call's, what was kept; each once. */
	const rigs = $derived.by(() => {
		const all: { name: string; rig: Rig }[] = [
			...(app.rig ? [{ name: 'In hand', rig: app.rig }] : []),
			...(called ? [{ name: 'First choice', rig: called }] : []),
			...kept.map(({ record }) => ({ name: record.name, rig: record.build.rig }))
		];
		return all.filter(({ rig }, at) => all.findIndex((one) => dequal(one.rig, rig)) === at);
	});
	const place = $derived(app.spot ? `${app.spot.spot.name}, ${app.spot.water.name}` : 'No spot chosen');
	const spotName = (id: string | null): string => app.spotOf(id)?.spot.name ?? 'no spot name';

	function begin({ name, rig, trial }: { name: string; rig: Rig; trial: Trial | null }) {
		const { spotId } = app.record;
		const deck = rigs.slice(0, 12).map((one) => one.rig);
		const first = trial ? trial[turnsOf(trial)[0]!] : rig;
		void tally
			.begin({ name, spotId, reading: app.reading, rig: first, deck, trial })
			.then(() => trial && tally.add({ kind: 'turn', turn: 0 }));
	}

	/** A correction of an outing that is over, with how it is taken back. */
	let takenBack = $state.raw<{ readonly text: string; readonly undo: () => Promise<void> } | null>(null);
	const spots = $derived(
		app.waters.flatMap((water) => water.spots.map(({ id, name }) => ({ id, name, water: water.name })))
	);
	async function takeBack(id: string) {
		const one = tally.happened.find((happened) => happened.id === id);
		if (!one) return;
		await tally.undo(id);
		takenBack = {
			text: `Undone: ${happeningText(one.what, app.units, spotName)}.`,
			undo: () => tally.putBack(one)
		};
	}
	async function correct(patch: Partial<OutingRecord>) {
		const before = outing?.record;
		if (!before) return;
		await tally.correct(patch);
		const back = Object.fromEntries(Object.keys(patch).map((key) => [key, before[key as keyof OutingRecord]]));
		takenBack = { text: 'Corrected.', undo: () => tally.correct(back) };
	}
	const others = $derived([...(data.outing ? [data.outing] : []), ...data.past].filter(({ id }) => id !== outing?.id));
	const later = $derived(others.filter(({ record }) => outing && record.startedAt > outing.record.startedAt));
	async function joinWith(one: OpenOuting) {
		const happenings = await entriesOf(one.id);
		if (!happenings) return;
		takenBack = { text: `Joined with “${one.record.name}”.`, undo: await join(tally, one, happenings) };
	}
	async function openPast(past: OpenOuting) {
		takenBack = null;
		const happenings = await entriesOf(past.id);
		if (happenings) await tally.openPast(past, happenings);
	}

	let nowMs = $state(Date.now());
	onMount(() => {
		const timer = setInterval(() => (nowMs = Date.now()), 1000);
		return () => clearInterval(timer);
	});
	const clock = $derived(
		under
			? under.activeS + (under.runningSince ? Math.max(0, (nowMs - Date.parse(under.runningSince)) / 1000) : 0)
			: (story?.activeS ?? 0)
	);

	const onDeck = new OnDeck();
	onMount(() => () => onDeck.close());
	let more = $state<string | null>(null);
	const fish = $derived.by(() => {
		const found = under?.now.happened.find(({ id }) => id === more) ?? null;
		return found && ['bite', 'short', 'landed', 'lost'].includes(found.what.kind) ? found : null;
	});

	const buzz = () => navigator.vibrate?.(12);
	const add = (what: EntryInput) => tally.add(plainCopy(what));
	async function answer(kind: Answer) {
		buzz();
		const what: EntryInput = kind === 'fouled' ? { kind, seconds: 30 } : { kind };
		const id = await add(what);
		if (kind === 'fouled' || kind === 'follow') return;
		more = id;
		const struck = id && (await onDeck.where());
		// What was told of it meanwhile stays: only the place is added.
		const told = tally.happened.find((one) => one.id === id)?.what ?? what;
		if (struck) void tally.say(id, { ...told, place: struck } as EntryInput);
	}
	function cast() {
		buzz();
		more = null;
		void add({ kind: 'cast', count: 1 });
	}

	/** Seconds that a cast takes by the clock, where casts are counted so. */
	let clockS = $state(40);
	let byClock = $state(false);
	$effect(() => {
		if (!byClock || !under || under.paused) return;
		const timer = setInterval(() => void add({ kind: 'cast', count: 1 }), clockS * 1000);
		return () => clearInterval(timer);
	});

	// A tap tells the story anew; what did not change by it is neither worked out nor drawn again.
	const rigNow = $derived(under?.now.rig ?? null);
	const beganAt = $derived(under?.now.beganAt ?? null);
	const reading = $derived(under?.now.reading ?? app.reading);
	const spotIdNow = $derived(under?.now.spotId ?? null);
	const spotNow = $derived(app.spotOf(spotIdNow));
	const complete = $derived(
		completeReading(withAlmanac(reading, spotNow?.water ?? null, beganAt ?? new Date(nowMs).toISOString()))
	);
	/** Whether the lures to change to stand where the advice does. */
	let changing = $state(false);
	/** What is called for the water as it is now, asked for when a lure is to be changed. */
	let calledNow = $state.raw<readonly CalledRig[]>([]);
	const CALLED_MAX = 3;
	async function change(open: boolean) {
		changing = open;
		if (!open || !app.work) return;
		const asked = withAlmanac(reading, spotNow?.water ?? null, new Date(nowMs).toISOString());
		const question = plainCopy({ ...app.question, reading: asked, locks: {}, top: CALLED_MAX });
		calledNow = (await app.work.also(question).catch(() => null))?.calls ?? [];
	}
	const saved = $derived(kept.map(({ record }) => ({ name: record.name, rig: record.build.rig })));
	const counts = $derived(under && countsWith(under, under.now.rig));
	/** What other outings came to: what is proposed next waits for it. */
	let totals = $state.raw<Awaited<PageData['totals']> | null>(null);
	$effect(() => {
		const asked = data.totals;
		void asked.then((told) => asked === data.totals && (totals = told));
	});
	const next = $derived(under && totals && nextOf(under, totals, complete, app.views.stances));
	let notYet = $state('');
	/** The turn of a trial that is cast now, and what is left of it. */
	const trial = $derived.by(() => {
		const set = outing?.record.trial;
		if (!set || !under || under.now.turn === null) return null;
		const order = turnsOf(set);
		const { turn } = under.now;
		const cast = under.turns.find((one) => one.turn === turn)?.casts ?? 0;
		return {
			turn,
			of: order.length,
			left: Math.max(0, set.casts - cast),
			arm: order[turn]!,
			last: turn + 1 >= order.length
		};
	});

	function readAnew(patch: Partial<ParsedReading>) {
		const anew = { ...reading, ...patch };
		void add({ kind: 'reading', reading: anew });
		// The desk is the same water: what is called follows.
		app.change(patch, 'tally');
	}
	const last = $derived(under?.last ? happeningText(under.last.what, app.units, spotName) : null);
	const struck = $derived(story ? story.stretches.reduce((sum, one) => sum + strikesOf(one), 0) : 0);
	const landed = $derived(story ? story.stretches.reduce((sum, one) => sum + one.landed, 0) : 0);
	const isFull = $derived(app.full || tally.full || (app.sync.outbox?.full ?? false));
	const waiting = $derived(
		app.sync.outbox?.writes.filter(({ kind }) => kind === 'happenings' || kind === 'outings').length ?? 0
	);

	function onkeydown(event: KeyboardEvent) {
		const typing = event.target instanceof HTMLElement && event.target.closest('input, select, textarea, button, a');
		if (!under || typing || event.ctrlKey || event.metaKey || event.altKey) return;
		if (event.key !== ' ') return;
		event.preventDefault();
		cast();
	}
</script>

<svelte:head><title>Tally · Lucernal</title></svelte:head>
<svelte:window {onkeydown} />
<svelte:document onvisibilitychange={() => document.visibilityState === 'visible' && void onDeck.hold()} />

<div class="screen tally">
	<div class="screen-title phone:flex-nowrap phone:gap-x-10 phone:gap-y-6">
		<h1 class={{ 'phone-voiced': under }}>What just happened, and what next</h1>
		{#if under && outing}
			<strong class="overflow-hidden text-ellipsis whitespace-nowrap">{outing.record.name}</strong>
			<span class="figure text-xl" role="timer" aria-label="Fished for">{clockText(clock)}</span>
			<span class="quiet kept flex-1 whitespace-nowrap phone:text-s" role="status">
				{#if waiting > 0 && isFull}{waiting} in this page only
				{:else if app.forgetful}Lost when you close this page.
				{:else if waiting > 0}{waiting} to send{:else}saved{/if}
			</span>
			<span class="doing flex gap-8">
				<button
					class="button"
					aria-label={under.paused ? 'Go on' : 'Pause'}
					onclick={() => add({ kind: under.paused ? 'resume' : 'pause' })}
					><Icon icon={under.paused ? Play : Pause} size={18} /></button
				>
				<button class="button" onclick={() => add({ kind: 'end' })}>End</button>
			</span>
		{/if}
		<a class="button" href={resolve('/safety')} aria-label="Safety cards"><Icon icon={LifeBuoy} size={18} /></a>
	</div>
	{#if under && next}
		<div class="screen-main flex flex-col">
			{#if fish}
				<FishSheet
					what={fish.what as never}
					joined={under.joins.has(fish.id)}
					units={app.units}
					whole={(what) => tally.whole(what)}
					onsay={(what) => tally.say(fish.id, what)}
					onclose={() => (more = null)}
				/>
			{:else}
				<div class="water border-b border-b-ink" class:spare={next.kind === 'change'} aria-hidden="true">
					<Section
						reading={complete}
						profile={soundedProfile(spotNow?.spot)}
						units={app.units}
						lamp={isLamp(page.data.theme)}
						height={64}
					/>
				</div>
				<RigNow
					rig={rigNow ?? under.now.rig}
					fixed={trial !== null}
					units={app.units}
					open={changing}
					onopen={(open) => void change(open)}
				/>
				{#if changing && !trial}
					<ChangeLure
						rig={under.now.rig}
						groups={lureGroups(under, { calls: calledNow, saved, deck: outing?.record.deck ?? [] })}
						units={app.units}
						onrig={(rig) => {
							changing = false;
							void add({ kind: 'rig', rig });
						}}
					/>
				{:else if trial}
					<div class="next grid gap-2 border-y border-y-ink bg-amber-wash px-12 py-8" role="status">
						<p class="quiet">Trial, turn {trial.turn + 1} of {trial.of}: {trial.arm.toUpperCase()}</p>
						<p class="title text-l font-680">
							{trial.left > 0 ? `${trial.left} casts left` : 'This turn is done'}
						</p>
						<p class="doing flex gap-8">
							{#if trial.left === 0 && !trial.last}
								<button class="button bg-ink text-paper" onclick={() => add({ kind: 'turn', turn: trial.turn + 1 })}
									>Next turn</button
								>
							{:else if trial.left === 0}<span>The trial is over. Proof shows the result.</span>
							{:else}<button class="button" onclick={() => add({ kind: 'broken' })}>Stop this turn</button>{/if}
						</p>
					</div>
				{:else if next.title !== notYet}
					<div
						class="next grid gap-2 border-y border-y-ink bg-amber-wash px-12 py-8"
						class:calm={next.kind === 'wait'}
						role="status"
					>
						<p class="quiet kind">
							{{ change: 'Next: change one thing', advice: 'Look at this', wait: 'Next', 'learned-nothing': 'Careful' }[
								next.kind
							]}
						</p>
						<p class="title text-l font-680">{next.title}</p>
						<p>{next.because}</p>
						{#if next.kind === 'change'}
							<p class="doing flex gap-8">
								{#if next.rig}
									{@const rig = next.rig}
									<button class="button bg-ink text-paper" onclick={() => add({ kind: 'rig', rig })}
										>Done, changed</button
									>
								{/if}
								<button class="button" onclick={() => (notYet = next.title)}>Not yet</button>
							</p>
						{/if}
					</div>
				{/if}
			{/if}
			<Answers
				now={counts ?? under.now}
				{last}
				disabled={under.paused}
				onanswer={answer}
				oncast={cast}
				onundo={() => void tally.undo()}
			/>
		</div>
		<div class="screen-side side">
			{#if spotNow && strikesOf(under.now) > 0}
				<Twins
					spot={spotNow.spot}
					water={spotNow.water}
					bank={complete.bank}
					onmove={(spotId) => void add({ kind: 'spot', spotId })}
				/>
			{/if}
			<Beside
				story={under}
				{reading}
				{onDeck}
				bind:byClock
				bind:clockS
				{spotName}
				onadd={add}
				onread={readAnew}
				onundo={(id) => void tally.undo(id)}
			/>
		</div>
	{:else}
		<div class="screen-main">
			{#if story?.ended && outing}
				<p class="notice mx-16 mt-12 mb-0 flex flex-wrap items-center gap-8">
					“{outing.record.name}” is over: {clockText(story.activeS)} fished, {counted(castsOf(story), 'cast')},
					{counted(struck, 'bite')}, {landed} landed.
					<button class="button" onclick={() => void tally.undo()}>Resume it</button>
					<a class="button" href={resolve('/proof')}>See it on Proof</a>
				</p>
				<Correct
					record={outing.record}
					{spots}
					zone={app.zone}
					{later}
					onjoin={(one) => void joinWith(one)}
					oncorrect={(patch) => void correct(patch)}
				/>
				{#if takenBack}
					<p class="notice mx-16 my-4 flex flex-wrap items-center gap-8" role="status">
						{takenBack.text}
						<button class="button" onclick={() => void takenBack?.undo().then(() => (takenBack = null))}>Undo</button>
					</p>
				{/if}
				<section class="px-16 py-8" aria-label="What happened">
					<h2>What happened</h2>
					<Log {story} units={app.units} zone={app.zone} {spotName} onundo={(id) => void takeBack(id)} />
				</section>
				<Histories {story} rigs={kept} startedAt={outing.record.startedAt} />
			{/if}
			{#if tally.ready}
				<Begin usualName={app.usualName || 'Outing'} {rigs} {place} onbegin={begin} />
				<PastOutings outings={others} zone={app.zone} onopen={(past) => void openPast(past)} />
			{:else}<p class="quiet mx-16 mt-12 mb-0 flex flex-wrap items-center gap-8">Loading from this device …</p>{/if}
		</div>
	{/if}
</div>

<style>
	.tally {
		--beside: 420px;
	}
	.next.calm {
		background: none;
	}
	.next.calm :is(.kind, .title) {
		display: none;
	}
	.next .button {
		flex: 1;
		min-height: 48px;
	}
	@media (width < 56rem) {
		.screen-title .doing {
			margin-left: auto;
		}
		.water.spare {
			display: none;
		}
	}
	/* A small phone: what is tapped is whole on the first screen. */
	@media (width < 56rem) and (height < 46rem) {
		.water {
			display: none;
		}
	}
	/* A phone held across: what is tapped stands before what is read. */
	@media (height < 30rem) {
		.water {
			display: none;
		}
		.next {
			order: 1;
		}
	}
</style>
