<script lang="ts">
	import { enhance } from '$app/forms';
	import { resolve } from '$app/paths';
	import { describeRig, rigName } from '$lib/core/foundation/labels/describe';
	import Alternates from '$lib/ui/call/Alternates.svelte';
	import Families from '$lib/ui/call/Families.svelte';
	import FromTray from '$lib/ui/call/FromTray.svelte';
	import InShort from '$lib/ui/call/InShort.svelte';
	import Outfit from '$lib/ui/call/Outfit.svelte';
	import Plan from '$lib/ui/call/Plan.svelte';
	import SideChange from '$lib/ui/call/SideChange.svelte';
	import { RunningHere } from '$lib/ui/rig/running.svelte';
	import Weighed from '$lib/ui/sight/Weighed.svelte';
	import Why from '$lib/ui/call/Why.svelte';
	import { behindWords, whenBetter } from '$lib/ui/call/whenBetter';
	import BrowserOnly from '$lib/ui/controls/BrowserOnly.svelte';
	import { swiped } from '$lib/ui/controls/swipe';
	import TabBar from '$lib/ui/controls/TabBar.svelte';
	import TopCall from '$lib/ui/call/TopCall.svelte';
	import BothSides from '$lib/ui/call/BothSides.svelte';
	import { confidenceOf } from '$lib/ui/call/confidence';
	import Edges from '$lib/ui/call/Edges.svelte';
	import Flips from '$lib/ui/call/Flips.svelte';
	import WhoWins from '$lib/ui/call/WhoWins.svelte';
	import { onMount, untrack } from 'svelte';
	import type { CallInput } from '$lib/core/foundation/schema/call';
	import type { Locks } from '$lib/core/foundation/schema/rig';
	import { useApp } from '$lib/client/state/app.svelte';
	import { unpackAnswer } from '$lib/presentation/answerPack';
	import { Flipper } from '$lib/ui/call/flipper.svelte';
	import { Tried } from '$lib/ui/call/tried.svelte';
	import { newUuid } from '$lib/client/sync/uuid';
	import type { ActionData, PageData } from './$types';

	const { data, form }: { data: PageData; form: ActionData } = $props();
	const app = useApp();
	// svelte-ignore state_referenced_locally
	app.serve(data.answer && unpackAnswer(data.answer), true);
	const answer = $derived(app.shown);
	let marked = $state(0);
	const called = $derived(answer?.calls[Math.min(marked, answer.calls.length - 1)] ?? null);
	const best = $derived(answer?.calls[0] ?? null);
	/** The call that was kept last, and of what question: the same one is not kept twice. */
	let keptHere = $state.raw<{ question: CallInput; marked: number; name: string } | null>(null);
	const kept = $derived(keptHere ?? (form && 'kept' in form ? form.kept : null));
	const isKept = $derived(keptHere?.question === app.question && keptHere.marked === marked);
	let failed = $state<string | null>(null);
	/** The key of a call that is kept by a page without scripts. */
	const { newId } = $derived(data);

	async function keep() {
		if (isKept || !app.work) return;
		const { question } = app;
		const { readingId, spotId, takenAt } = app.record;
		const name = app.record.name.trim() || app.spot?.spot.name || 'Unnamed call';
		// Conditions that were only looked at are nobody's saved reading.
		const desk = { readingId: app.preview ? null : readingId, spotId, takenAt };
		const screen = { desk, question, chosen: marked, name, keptAt: new Date().toISOString() };
		keptHere = { question, marked, name };
		try {
			const whole = await app.work.whole(question);
			await app.sync.saveCall(screen, whole, newUuid());
		} catch {
			keptHere = null;
			failed = 'The call could not be worked out in full, so it was not saved. Try again.';
		}
	}
	// What went wrong for want of a connection is over once it is back.
	$effect(() => {
		if (!app.sync.away) untrack(() => (failed = null));
	});
	const tried = new Tried(app);
	const message = $derived(failed ?? tried.wrong ?? (form && 'message' in form ? form.message : null));
	const VERDICT = {
		good: 'A good day for blades.',
		fair: 'Blades are a fair choice today.',
		poor: 'A poor day for blades.'
	} as const;

	// Of another question the first choice is shown, whatever was marked before.
	$effect(() => {
		if (app.question) untrack(() => (marked = 0));
	});

	const flipper = new Flipper();
	const confidence = $derived(confidenceOf(answer?.calls ?? [], flipper.robustness));

	onMount(() => () => flipper.close());
	$effect(() => {
		if (app.work) flipper.ask(app.work, app.question);
	});

	/** How the marked rig runs: by the server's answer, or the worker's as soon as it has it, over the spot's soundings. */
	const runningHere = new RunningHere(app, 'called', () => called?.rig ?? null);
	const running = $derived(
		runningHere.now ?? (called?.window && called.run ? { window: called.window, run: called.run, better: [] } : null)
	);
	let costs = $state.raw<Partial<Record<keyof Locks, number | null>>>({});

	async function price(question: CallInput): Promise<void> {
		const found = Object.keys(question.locks ?? {}).length > 0 ? await app.work?.costs(question) : {};
		if (found && question === app.question) costs = found;
	}
	$effect(() => {
		if (app.work) void price(app.question);
	});

	const both = $derived(Object.keys(app.views.stances).filter((topic) => app.views.stances[topic] === 'both'));
	const now = $derived({
		waterTemperatureC: app.complete.waterTemperatureC,
		visibilityM: app.complete.visibilityM,
		depthM: (app.complete.fishFromM + app.complete.fishToM) / 2
	});
	const TABS = [
		['plan', 'How to fish it'],
		['short', 'In short'],
		['looks', 'How it looks here'],
		['wins', 'Who wins where'],
		['edges', 'Small edges']
	] as const;
	let tab = $state<(typeof TABS)[number][0]>('plan');

	function take() {
		if (called) app.useRig(called.rig);
	}
	/** Enter uses the marked rig, from its row or when nothing has the focus. */
	function onkeydown(event: KeyboardEvent) {
		if (event.key !== 'Enter' || event.defaultPrevented || event.repeat || !app.settings.shortcuts) return;
		const target = event.target as HTMLElement;
		const isFree =
			target === document.body || target.matches('h1') || target.closest('.alternates [aria-pressed="true"]');
		if (!isFree || document.querySelector('[role="dialog"]')) return;
		event.preventDefault();
		take();
	}

	/** To the call before or the next one, by a swipe or a button. */
	const turn = (by: 1 | -1) => (marked = Math.min((answer?.calls.length ?? 1) - 1, Math.max(0, marked + by)));
	const difference = $derived(
		called && best && called !== best
			? `${behindWords(best.score - called.score)}. ${whenBetter(best, called)}`
			: 'the first choice. Swipe for the backups.'
	);

	/** What a screen reader hears when the top call changes. */
	const spoken = $derived(best ? `First choice: ${rigName(best.rig)}, ${best.rig.weightOz} ounces` : 'No call');
	/** The strongest advice on where to throw. */
	const throwTo = $derived(answer?.plan.find(({ kind, topic }) => kind === 'plan' && topic === 'position')?.text);
	const cautions = $derived(answer?.plan.filter(({ kind }) => kind === 'caution') ?? []);
</script>

<svelte:window {onkeydown} />

<div class="screen call">
	<div
		class="screen-title gap-10 phone:sticky phone:top-0 phone:z-5 phone:flex-nowrap phone:bg-paper phone:px-10 phone:py-4"
	>
		<h1 class="phone-voiced">What to tie on</h1>
		<p class="flex-1 text-ink-2 {kept ? 'phone:hidden' : ''}">{answer ? VERDICT[answer.verdict.blades] : ''}</p>
		<form
			method="POST"
			action="?/take"
			use:enhance={({ cancel }) => {
				if (!called) return;
				take();
				cancel();
			}}
		>
			<input type="hidden" name="chosen" value={marked} />
			<button class="button button-amber" disabled={!called}>Use this rig</button>
		</form>
		<form
			method="POST"
			action="?/keep"
			use:enhance={({ cancel }) => {
				cancel();
				void keep();
			}}
		>
			<input type="hidden" name="newId" value={newId} />
			<input type="hidden" name="chosen" value={marked} />
			<input type="hidden" name="name" value={app.record.name || (app.spot?.spot.name ?? '')} />
			<input type="hidden" name="readingId" value={app.record.readingId ?? ''} />
			<input type="hidden" name="spotId" value={app.record.spotId ?? ''} />
			<input type="hidden" name="takenAt" value={app.record.takenAt} />
			<button class="button" disabled={!called}>{isKept ? 'Saved' : 'Save'}</button>
		</form>
		{#if kept}<a class="button" href={resolve('/logbook')}>Open Logbook</a>{/if}
	</div>
	<p class="sr-only" role="status" aria-live="polite">{spoken}</p>

	<div class="screen-main main">
		{#if message}<p class="notice notice-fails mx-14 my-8" role="alert">{message}</p>{/if}
		{#if kept}<p class="notice mx-14 my-8" role="status">
				Saved “{kept.name}”: reading and call together.
			</p>{/if}
		{#if tried.text}
			<p class="notice sticky top-0 z-4 mx-14 my-8 flex flex-wrap items-center gap-8 bg-amber-wash" role="status">
				<span class="flex-1"><strong>Preview: {tried.text}.</strong> Your reading is unchanged.</span>
				<button class="button" type="button" onclick={() => tried.back()}>Back to your reading</button>
				<button class="button" type="button" onclick={() => tried.use()}>Use these conditions</button>
			</p>
		{/if}
		{#if !app.ready}
			<p class="notice mx-14 my-8">
				This call is based on assumed water: {app.factsSaid.length === 0
					? 'you have not entered anything yet'
					: 'you entered fewer than three facts'}. <a href={resolve('/water')}>Enter what you see</a>
			</p>
		{/if}
		<FromTray />
		<SideChange {answer} />
		{#if answer && (answer.verdict.blades !== 'good' || !called)}
			<p class="verdict border-b border-b-rule px-14 py-4 text-s" class:poor={answer.verdict.blades === 'poor'}>
				{answer.verdict.reasons.join(' ')}{#if answer.verdict.insteadTry.length > 0}
					Better today: {answer.verdict.insteadTry.join(', ')}. If you still want blades:{/if}
			</p>
		{/if}
		{#if answer && answer.ignored.length > 0}
			<p class="verdict border-b border-b-rule px-14 py-4 text-s">
				Ignored: {answer.ignored.map(({ path, why }) => `${path}: ${why}`).join('; ')}
			</p>
		{/if}
		{#if answer}<div class="families">
				<Families families={answer.families} calls={answer.calls} {marked} onmark={(index) => (marked = index)} />
			</div>{/if}
		{#if called && answer}
			<div class="phone:-order-1" {@attach swiped(turn)}>
				<p
					class="turn phone-only phone:flex phone:items-center phone:justify-between phone:gap-10 phone:px-12 phone:pt-6 phone:pb-0"
				>
					<button
						class="button"
						type="button"
						disabled={marked === 0}
						onclick={() => turn(-1)}
						aria-label="Previous backup">‹</button
					>
					<span>{marked + 1} of {answer.calls.length}: {difference}</span>
					<button
						class="button"
						type="button"
						disabled={marked >= answer.calls.length - 1}
						onclick={() => turn(1)}
						aria-label="Next backup">›</button
					>
				</p>
				<TopCall {called} {running} units={app.units} {costs} {throwTo} />
				<nav class="phone-only flex-wrap gap-6 px-10 py-4 phone:flex" aria-label="Jump to">
					<a class="button" href="#backups">Backups</a>
					<a class="button" href="#more">More</a>
				</nav>
			</div>
			<Outfit {called} units={app.units} {costs} />
			<div class="jump" id="backups">
				<Alternates calls={answer.calls} {marked} units={app.units} onmark={(index) => (marked = index)} />
			</div>
			{#if both.length > 0}<div class="below border-t border-t-ink px-14 py-6 text-s">
					<BothSides topics={both} />
				</div>{/if}
			<section
				class="below jump border-t border-t-ink px-14 py-6 text-s"
				id="more"
				class:live={app.live}
				aria-label="More about this call"
			>
				<TabBar label="What to show" tabs={TABS} bind:value={tab}>
					{#if tab === 'wins' && app.live}<WhoWins curves={flipper.curves} {now} units={app.units} />
					{:else if tab === 'edges'}<Edges />
					{:else if tab === 'looks'}
						{#await import('$lib/ui/sight/RigHere.svelte') then { default: RigHere }}
							<RigHere
								rig={called.rig}
								box={app.sync.withWaiting('parts', data.own).map(({ record }) => record.part)}
								reading={app.complete}
								skirtWhy={called.reasons.find(({ claim, points }) => claim.startsWith('SKT') && points > 0)?.text ??
									null}
							/>
							<Weighed
								reasons={called.reasons}
								colour={called.rig.skirt.colour}
								on={app.sightWeighed}
								onswitch={(to) => app.weighSight(to)}
							/>
							<p>
								<a href={resolve('/sight')}>All colors in this water</a>, from the sight model. It never rules a lure
								out.
							</p>
						{/await}
					{:else if tab === 'short'}<InShort calls={answer.calls} {running} />
					{:else}<BrowserOnly><Plan plan={answer.plan} /></BrowserOnly>{/if}
				</TabBar>
			</section>
			{#if cautions.length > 0}
				<ul
					class="cautions flex flex-wrap gap-x-14 gap-y-0 border-t border-t-rule px-14 pt-3 pb-4 text-xs"
					aria-label="Cautions"
				>
					{#each cautions as item (item.claim)}<li>{item.text}</li>{/each}
					<li class="plain"><a class="underline" href={resolve('/safety')}>Safety cards</a></li>
				</ul>
			{/if}
		{:else if !answer}
			<p class="p-24" role="status">Working out the call …</p>
		{/if}
	</div>
	<div class="screen-side side phone:pb-[35vh]">
		<div class="why overflow-y-auto" id="why">
			{#if called}<Why {called} calls={answer?.calls} close={marked === 0 ? confidence.words : 'A backup.'} />{/if}
		</div>
		{#if app.live}<Flips
				flips={flipper.flips}
				busy={flipper.busy}
				units={app.units}
				ontry={({ patch }, text) => tried.take(patch, text)}
			/>{/if}
		{#if called}<p class="sr-only">{describeRig(called.rig)}</p>{/if}
	</div>
</div>

<style>
	.side {
		display: grid;
		grid-template-rows: minmax(0, 1fr) auto;
	}
	.verdict.poor {
		border-left: 6px solid var(--fail);
	}
	.below:not(.live) :global(.tab-bar) {
		display: none;
	}
	.cautions li:not(.plain)::before {
		content: '▲ ';
		color: var(--fail);
	}
	@media (width < 56rem) {
		/* The answer first: one screen, one lure. */
		.main {
			display: flex;
			flex-direction: column;
		}
		.turn .button {
			min-width: 48px;
		}
		.side {
			display: block;
		}
		/* Below the title, which stays. */
		.why,
		.jump {
			scroll-margin-top: 60px;
		}
	}
</style>
