<script lang="ts">
	import { onMount, untrack } from 'svelte';
	import { resolve } from '$app/paths';
	import { useApp } from '$lib/client/state/app.svelte';
	import { PROOF_FACETS, proofFacetOf } from '$lib/core/trips/proof/facets';
	import { movesFor } from '$lib/core/trips/proof/moves';
	import Costs from '$lib/ui/proof/Costs.svelte';
	import Landed from '$lib/ui/proof/Landed.svelte';
	import Trials from '$lib/ui/proof/Trials.svelte';
	import TabBar from '$lib/ui/controls/TabBar.svelte';
	import { ProofLog } from '$lib/ui/proof/proofLog.svelte';
	import Rates from '$lib/ui/proof/Rates.svelte';
	import Rules from '$lib/ui/proof/Rules.svelte';
	import Verdict from '$lib/ui/proof/Verdict.svelte';
	import Year from '$lib/ui/proof/Year.svelte';

	const app = useApp();
	let facet = $state('finish');
	const FILTERS = ['phase', 'sky', 'sight', 'temperature', 'family'] as const;
	let filter = $state<Record<string, string>>({ spot: '' });
	let pair = $state.raw<readonly string[]>([]);
	const log = new ProofLog(
		() => app.work,
		() => app.tally,
		() => app.zone
	);
	const { look, shown, evidence, moved, source, alone } = $derived(log);
	// The device's own outing is there once the page has opened it.
	$effect(() => {
		if (app.live && app.work) untrack(() => void log.open());
	});
	onMount(() => () => app.work?.closeLog());

	async function bring(input: HTMLInputElement) {
		const [file] = input.files ?? [];
		if (!file) return;
		const came = await log.bring(file);
		input.value = '';
		if (came) void log.see(facet, { ...filter });
	}
	$effect(() => {
		const [of, narrowed] = [facet, { ...filter }];
		if (source === 'there') void log.see(of, narrowed).catch(() => undefined);
	});
	$effect(() => {
		const [a, b] = pair;
		const [of, narrowed] = [facet, { ...filter }];
		untrack(() => (log.evidence = null));
		if (source === 'there' && a && b) void log.compare(of, narrowed, a, b).catch(() => undefined);
	});
	$effect(() => {
		const narrowed = { ...filter };
		if (source === 'there') void log.weigh(narrowed).catch(() => undefined);
	});

	const pick = (value: string) =>
		(pair = pair.includes(value) ? pair.filter((one) => one !== value) : [...pair, value].slice(-2));
	const spots = $derived(app.waters.flatMap((water) => water.spots.map((spot) => ({ ...spot, water: water.name }))));
	const TABS = [
		['year', 'The year'],
		['hooked', 'Hooked and lost'],
		['costs', 'Weed and cost'],
		['trials', 'Trials']
	] as const;
	let tab = $state<(typeof TABS)[number][0]>('year');
	const nameOf = (id: string): string => log.names.find((one) => one.id === id)?.name ?? 'An outing';
	const on = $derived(app.views.record !== undefined);
	const left = $derived(look?.left ?? null);
	/** On a phone the filters would fill the screen: they come when they are asked for. */
	let narrowing = $state(false);
	const narrowedBy = $derived(Object.values(filter).filter((value) => value !== '').length);
	const waterOf = (spotId: string | null): string => app.spotOf(spotId)?.water.name ?? 'No spot';
</script>

<svelte:head><title>Proof · Lucernal</title></svelte:head>

<div class="screen proof">
	<div class="screen-title">
		<h1 class="phone-voiced">What your log shows</h1>
		{#if left}
			<p class="flex-1 phone:basis-full" role="status">
				<strong class="figure">{left.outings}</strong> outings, <strong class="figure">{left.casts}</strong> casts,
				<strong class="figure">{left.strikes}</strong> bites, <strong class="figure">{left.landed}</strong> landed; {left.hours.toFixed(
					0
				)} h, {left.lostHours.toFixed(1)} h lost to weed
			</p>
		{/if}
		<a class="button" href={resolve('/api/v1/tally.csv')} download>Export CSV</a>
		<label class="button bring"
			>Import CSV
			<input
				class="sr-only"
				type="file"
				accept=".csv,text/csv"
				onchange={({ currentTarget }) => bring(currentTarget)}
			/></label
		>
	</div>
	<div class="screen-main">
		<noscript><p class="notice mx-14 my-10">This is worked out in your browser: turn on JavaScript.</p></noscript>
		{#if log.brought}<p class="notice mx-14 my-10" role="status">{log.brought}</p>{/if}
		<div class="filters flex flex-wrap gap-x-12 gap-y-4 border-b border-b-rule px-14 py-6">
			<label
				>Compare by
				<select class="field" bind:value={facet} onchange={() => (pair = [])}>
					{#each PROOF_FACETS as { id, title } (id)}<option value={id}>{title}</option>{/each}
				</select></label
			>
			<button
				class="button hidden phone:block phone:min-h-48 phone:self-end"
				type="button"
				aria-expanded={narrowing}
				onclick={() => (narrowing = !narrowing)}>Filter{narrowedBy > 0 ? `: ${narrowedBy}` : ''}</button
			>
			<label class:narrowing
				>Spot
				<select class="field" bind:value={filter.spot}>
					<option value="">all</option>
					{#each spots as spot (spot.id)}<option value={spot.id}>{spot.name}, {spot.water}</option>{/each}
				</select></label
			>
			{#each FILTERS as id (id)}
				<label class:narrowing
					>{proofFacetOf(id).title}
					<select class="field" bind:value={() => filter[id] ?? '', (value) => (filter[id] = value)}>
						<option value="">all</option>
						{#each look?.values[id] ?? [] as value (value)}<option {value}>{value}</option>{/each}
					</select></label
				>
			{/each}
		</div>
		{#if alone && source === 'there'}
			<p class="notice mx-14 my-10" role="status">
				No connection: only the outing on this device is shown. The rest comes back when you are online.
			</p>
		{/if}
		{#if source === 'away'}
			<p class="notice notice-fails mx-14 my-10">
				Your log can’t be loaded right now. What you tap on Tally is safe on this device.
			</p>
		{:else if !look}<p class="pad px-14 py-8" role="status">Loading your log …</p>
		{:else if look.left.casts === 0 && Object.values(filter).every((value) => value === '')}
			<p class="pad px-14 py-8">
				Nothing logged yet. Start an outing on <a href={resolve('/tally')}>Tally</a>; after a few hundred casts this
				starts to mean something.
			</p>
		{:else}
			<div class="pad px-14 py-8">
				<Rates grouped={look.grouped} title={proofFacetOf(shown).title} {pair} onpick={pick} />
				{#if pair.length < 2}<p class="quiet pt-4 text-ink-2">Choose two to compare them.</p>{/if}
			</div>
			{#if pair.length === 2}
				<Verdict a={pair[0]!} b={pair[1]!} {evidence} onclear={() => (pair = [])} />
			{/if}
			<div class="pad px-14 py-8">
				<TabBar label="More from your log" tabs={TABS} bind:value={tab}>
					{#if tab === 'year'}<Year days={look.spotDays} {waterOf} />
					{:else if tab === 'hooked'}<Landed hooked={look.hooked} kept={look.kept} advice={look.advice} />
					{:else if tab === 'costs'}<Costs
							weeded={look.weeded}
							left={look.left}
							cost={app.settings.outingCost}
							currency={app.settings.currency}
							oncost={(outingCost) => app.set({ outingCost })}
						/>
					{:else}<Trials trials={look.trials} {nameOf} />{/if}
				</TabBar>
			</div>
		{/if}
	</div>
	<div class="screen-side">
		<Rules {moved} {on} onswitch={(to) => app.moveBy(to && moved ? movesFor(moved) : undefined)} />
	</div>
</div>

<style>
	.proof {
		--beside: 400px;
	}
	.filters label {
		display: grid;
		font-size: var(--t-xs);
		color: var(--ink-2);
	}
	.filters select {
		max-width: 130px;
	}
	.pad a {
		text-decoration: underline;
	}
	@media (width < 56rem) {
		.filters label {
			flex: 1 1 40%;
		}
		.filters label:not(.narrowing, :first-child) {
			display: none;
		}
		.filters select {
			max-width: none;
			width: 100%;
			min-height: 48px;
		}
	}
</style>
