<script lang="ts">
	import wasm from 'highs/runtime?url';
	import { useApp } from '$lib/client/state/app.svelte';
	import { partText } from '$lib/core/foundation/labels/partText';
	import type { ParsedReading } from '$lib/core/foundation/schema/reading';
	import type { Gap, Restock } from '$lib/core/foundation/schema/restock';
	import type { Tray, TrayPart } from '$lib/core/foundation/schema/tray';
	import { moneyText } from '$lib/presentation/units';
	import PartForm from './PartForm.svelte';
	import { pointsText } from './pointsText';
	import { spread, usualPrices } from './season';

	interface Props {
		tray: Tray;
		/** The readings that were saved, newest first. */
		saved: readonly ParsedReading[];
	}
	const { tray, saved }: Props = $props();
	const app = useApp();

	let most = $state(3);
	let budget = $state('');
	/** What is worked out: nothing, what to buy, or whether a part fills a gap. */
	let busy = $state<'buy' | 'gap' | null>(null);
	let covered = $state(0);
	let found = $state.raw<Restock | null>(null);
	let gap = $state.raw<{ readonly part: TrayPart; readonly answer: Gap } | null>(null);
	let failed = $state<string | null>(null);
	/** Counts what was begun, so that what was canceled is not heard. */
	let turn = 0;

	const season = $derived(saved.length > 0 ? spread(saved) : [app.dated]);
	const prices = $derived(usualPrices(tray));
	const priced = $derived(Object.keys(prices).length > 0);
	const wrongBudget = $derived(
		budget.trim() === '' || (Number(budget) >= 0 && Number(budget) <= 100_000)
			? null
			: 'A budget is a number from 0 up.'
	);
	const cost = $derived(found?.buy.reduce((sum, one) => sum + one.cost, 0) ?? 0);
	const styleOf = (part: TrayPart): unknown => (part.part === 'blade' ? part.style : part.part);
	/** What of the tray a part could stand in for, of the same make: a blade that is never tied on stands for nothing. */
	const twinsOf = (part: TrayPart, at: readonly number[]): string =>
		at
			.map((place) => tray[place]!)
			.filter((own) => styleOf(own) === styleOf(part))
			.map(partText)
			.join('; ');
	const percent = (share: number): string => `${Math.round(share * 100)} %`;
	const shared = () => ({ readings: [...season], tray, stances: app.views.stances });

	async function run<T>(what: 'buy' | 'gap', ask: () => Promise<T>, hear: (answer: T) => void): Promise<void> {
		const own = ++turn;
		[busy, failed, covered] = [what, null, 0];
		try {
			const answer = await ask();
			if (own === turn) hear(answer);
		} catch {
			if (own === turn) failed = 'This could not be worked out. Try fewer parts, or load the page again.';
		}
		if (own === turn) busy = null;
	}

	function buy(): void {
		const { work } = app;
		if (!work || wrongBudget !== null) return;
		const limit = budget.trim() === '' ? {} : { budget: Number(budget) };
		const question = { ...shared(), maxParts: most, prices, ...limit };
		let before: number | null = null;
		void run(
			'buy',
			() =>
				work.restock(question, wasm, ({ value }) => {
					before ??= value;
					covered = before < 0 ? Math.max(0, 1 - value / before) : 0;
				}),
			(answer) => (found = answer)
		);
	}

	function ask(part: TrayPart): void {
		const { work } = app;
		if (work)
			void run(
				'gap',
				() => work.gap({ ...shared(), part }),
				(answer) => (gap = { part, answer })
			);
	}

	function cancel(): void {
		turn++;
		busy = null;
		app.work?.stopTray();
	}
</script>

<section class="grid content-start gap-8">
	<h2>What few parts should I buy?</h2>
	{#if tray.length === 0}
		<p class="quiet">List what you own first: then this finds the parts that help most over your season.</p>
	{:else}
		<p class="quiet">
			{saved.length > 0
				? `Weighed over ${season.length} of your ${saved.length} saved readings.`
				: 'Weighed over your current reading. Save readings through the year, and it weighs them all.'}
			Kinds of parts that you list nothing of count as free and are not bought.
		</p>
		<div class="flex flex-wrap items-end gap-8">
			<label class="grid gap-2"
				>At most<select class="field" bind:value={most}>
					{#each [1, 2, 3, 4, 5, 6] as parts (parts)}<option value={parts}
							>{parts} {parts === 1 ? 'part' : 'parts'}</option
						>{/each}
				</select></label
			>
			{#if priced}
				<label class="grid gap-2"
					>Budget{app.settings.currency ? `, ${app.settings.currency}` : ''}<input
						class="field w-80"
						inputmode="decimal"
						placeholder="any"
						aria-invalid={wrongBudget !== null}
						aria-describedby={wrongBudget ? 'budget-wrong' : undefined}
						bind:value={budget}
					/></label
				>
			{/if}
			<button class="button button-amber" disabled={!app.live || busy !== null} onclick={buy}>Work it out</button>
			{#if busy}<button class="button" onclick={cancel}>Cancel</button>{/if}
		</div>
		{#if wrongBudget}<p class="wrong" id="budget-wrong">{wrongBudget}</p>{/if}
		<p role="status" class="min-h-22">
			{#if busy === 'buy'}Looking: the best so far closes {percent(covered)} of what your tray lacks.{:else if busy}Looking…{/if}
		</p>
		{#if failed}<p class="notice notice-fails" role="alert">{failed}</p>{/if}
		{#if found}
			{#if found.buy.length === 0}
				<p>
					<strong>Nothing.</strong> No {most === 1 ? 'part' : `${most} parts`} would make your tray better over these readings.
				</p>
			{:else}
				<p>
					{found.buy.length === 1 ? 'This part closes' : 'These parts close'}
					<strong>{percent(found.covered)}</strong> of what your tray lacks against a full shop{#if cost > 0}, for about {moneyText(
							app.settings.currency,
							cost
						)} at what yours cost{/if}.
					{#if !found.exact}There was no time to prove that nothing is better.{/if}
				</p>
				<ol class="grid gap-2">
					{#each found.buy as { part, serves } (partText(part))}
						<li class="border-b border-b-rule py-4">
							<strong>{partText(part)}</strong>: tied on in {serves.length} of {season.length}
							{season.length === 1 ? 'reading' : 'readings'}
						</li>
					{/each}
				</ol>
			{/if}
			{#if found.idle.length > 0}
				<details>
					<summary
						>{found.idle.length} of your own {found.idle.length === 1 ? 'is' : 'are'} tied on in none of them</summary
					>
					<ul>
						{#each found.idle as part, at (at)}<li>{partText(part)}</li>{/each}
					</ul>
				</details>
			{/if}
		{/if}
		<h3 class="pt-8">In the shop: does this part fill a gap?</h3>
		<PartForm name="shop">
			{#snippet children(part)}
				<button class="button" disabled={!app.live || busy !== null} onclick={() => ask(part)}>Does it?</button>
			{/snippet}
		</PartForm>
		{#if gap}
			{@const { part, answer } = gap}
			{@const twins = twinsOf(part, answer.repeats)}
			<p role="status">
				<strong>{partText(part)}:</strong>
				{#if answer.fills.length > 0}yes. It gains {pointsText(answer.points)} in all, in {answer.fills.length} of {season.length}
					{season.length === 1 ? 'reading' : 'readings'}.{:else if answer.points < 0}no. You list no part of this kind,
					so any counts as yours already.{:else}no. It gains nothing over these readings.{/if}
				{#if twins}It can stand in for your {twins}.{/if}
			</p>
		{/if}
	{/if}
</section>
