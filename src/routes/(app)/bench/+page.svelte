<script lang="ts">
	import { onMount } from 'svelte';
	import { resolve } from '$app/paths';
	import { checkBuild, worstOf } from '$lib/core/rig/bench/checks/checkBuild';
	import { wornOf } from '$lib/core/rig/bench/tune/wear';
	import { rigRecordOf, usersOf } from '$lib/core/records/rigRecord';
	import { measuredOf } from '$lib/core/rig/build/fit';
	import { startBuild } from '$lib/core/rig/build/start';
	import { rigName } from '$lib/core/foundation/labels/describe';
	import type { Build } from '$lib/core/foundation/schema/build';
	import type { BenchRecord } from '$lib/core/records/rigSchemas';
	import { FAMILIES } from '$lib/core/foundation/schema/words';
	import type { SavedAs } from '$lib/client/state/bench.svelte';
	import Board from '$lib/ui/bench/Board.svelte';
	import Checks from '$lib/ui/bench/Checks.svelte';
	import Compare from '$lib/ui/bench/Compare.svelte';
	import Faults from '$lib/ui/bench/Faults.svelte';
	import Figures from '$lib/ui/bench/Figures.svelte';
	import OnThisWater from '$lib/ui/bench/OnThisWater.svelte';
	import Mods from '$lib/ui/bench/Mods.svelte';
	import OwnParts from '$lib/ui/bench/OwnParts.svelte';
	import Rigs from '$lib/ui/bench/Rigs.svelte';
	import Side from '$lib/ui/bench/Side.svelte';
	import { benchVerdict } from '$lib/ui/bench/checkText';
	import State from '$lib/ui/bench/State.svelte';
	import TabBar from '$lib/ui/controls/TabBar.svelte';
	import { RunningHere } from '$lib/ui/rig/running.svelte';
	import Tune from '$lib/ui/bench/Tune.svelte';
	import WhatIf from '$lib/ui/bench/WhatIf.svelte';
	import { useApp } from '$lib/client/state/app.svelte';
	import { spokenFirst } from '$lib/core/foundation/labels/spoken';
	import type { PageData } from './$types';

	const { data }: { data: PageData } = $props();
	const app = useApp();
	const { bench } = app;
	const rigs = $derived(app.sync.withWaiting('rigs', data.rigs));
	/** Own parts, each with the names of the kept rigs that are built with it. */
	const own = $derived(
		app.sync.withWaiting('parts', data.own).map((part) => ({ ...part, usedBy: usersOf(part.id, rigs) }))
	);

	onMount(() => {
		if (matchMedia('(width < 56rem)').matches) tab = 'parts';
	});

	const build = $derived(bench.build);
	const runningHere = new RunningHere(
		app,
		'bench',
		() => build?.rig ?? null,
		() => (build ? measuredOf(build) : {})
	);
	const checks = $derived(
		build ? checkBuild(build, app.complete, wornOf(bench.log), runningHere.last?.run ?? null) : []
	);
	const worst = $derived(worstOf(checks));
	const verdict = $derived(benchVerdict(checks));
	const marked = $derived(
		new Set(checks.filter(({ state }) => state === 'fail').map(({ slots }) => slots[0] as string))
	);
	const onbuild = (next: Build, key: string) => bench.change(next, key);

	const TABS = [
		['parts', 'Parts'],
		['checks', 'Checks'],
		['what-if', 'What if'],
		['modify', 'Modify'],
		['tune', 'Tune'],
		['faults', 'Fault finder'],
		['figures', 'Figures'],
		['looks', 'How it looks here'],
		['rigs', 'Rigs and own parts'],
		['notes', 'Notes']
	] as const;
	/** On a phone the parts are a tab of their own; on a laptop they always stand beside. */
	let tab = $state<(typeof TABS)[number][0]>('checks');

	/** Another build held beside the one on the bench, with what it is kept as. */
	let other = $state.raw<{ name: string; build: Build; as: SavedAs } | null>(null);
	let message = $state('');

	async function keep() {
		const { record } = bench;
		if (!record) return;
		const name = record.name.trim() || rigName(record.build.rig);
		await app.sync.put('rigs', record.rigId, record.rigVersion, rigRecordOf(name, record.build, record.log), name);
		message = `Saved as “${name}”.`;
	}

	const asKept = ({ name, rigId, rigVersion, log }: BenchRecord): SavedAs => ({ name, rigId, rigVersion, log });

	function swap() {
		if (!other || !bench.record) return;
		const before = bench.record;
		bench.open(other.build, other.as);
		other = { name: before.name || 'as it was', build: before.build, as: asKept(before) };
	}
</script>

<div class="screen bench">
	<div class="screen-title gap-16 phone:px-12 phone:py-8">
		<h1>Do these parts work together?</h1>
		{#if build}
			<p class="flex flex-1 items-center gap-7 phone:basis-full phone:flex-wrap" role="status">
				<State state={worst} /><strong>{verdict.text}</strong>
				<span class="text-ink-2">{verdict.counts}</span>
			</p>
			<span class="doing flex gap-6 phone:w-full phone:flex-wrap">
				<button class="button" disabled={!app.canUndo} onclick={() => app.undo()}>Undo</button>
				<button class="button" disabled={!app.canRedo} onclick={() => app.redo()}>Redo</button>
				<a class="button" href={resolve('/bench/sheet')}>Build sheet</a>
				<button class="button button-amber" onclick={keep}>Save</button>
			</span>
		{/if}
	</div>

	{#if !build}
		<div class="col-span-full grid content-start gap-12 p-16">
			<p>You have no rig yet. Pick one on <a href={resolve('/call')}>Call</a>, or start from scratch:</p>
			<p class="flex flex-wrap gap-8">
				{#each FAMILIES as family (family)}
					<button class="button" onclick={() => bench.open(startBuild(family))}>{spokenFirst(family)}</button>
				{/each}
			</p>
			<Rigs {bench} {rigs} oncompare={() => undefined} />
		</div>
	{:else}
		<div class="screen-main">
			<noscript
				><p class="notice mx-14 mt-6 mb-0">
					This shows your current rig. To change it here, turn on JavaScript.
				</p></noscript
			>
			{#if message}<p class="notice mx-14 mt-6 mb-0" role="status">{message}</p>{/if}
			{#if data.unreachable}<p class="notice notice-fails mx-14 mt-6 mb-0" role="alert">
					Your saved rigs and own parts can’t be loaded right now. You can go on here; nothing is lost.
				</p>{/if}
			{#if other}
				<Compare
					{build}
					{other}
					reading={app.complete}
					units={app.units}
					onclose={() => (other = null)}
					onswap={swap}
				/>
			{:else}
				<Board {build} units={app.units} currency={app.settings.currency} />
				<div class="bar">
					<TabBar label="What to show" tabs={TABS} bind:value={tab} phoneOnly="parts" listed>
						<div class="pt-2 pb-10" class:phone-hidden={tab === 'parts'}>
							{#if tab === 'checks' || tab === 'parts'}<Checks {checks} units={app.units} />
							{:else if tab === 'what-if'}<WhatIf {build} reading={app.complete} units={app.units} />
							{:else if tab === 'modify'}<Mods {build} {onbuild} />
							{:else if tab === 'tune'}<Tune {bench} reading={app.complete} zone={app.zone} />
							{:else if tab === 'faults'}<Faults {bench} reading={app.complete} stances={app.views.stances} />
							{:else if tab === 'figures'}<Figures {build} units={app.units} />
							{:else if tab === 'looks'}
								<div class="px-14 py-6">
									{#await import('$lib/ui/sight/RigHere.svelte') then { default: RigHere }}
										<RigHere
											rig={build.rig}
											own={build.own}
											box={own.map(({ record }) => record.part)}
											reading={app.complete}
										/>
									{/await}
								</div>
							{:else if tab === 'rigs'}
								<div class="grid gap-14 px-14 py-4 text-s">
									<Rigs
										{bench}
										{rigs}
										oncompare={({ id, version, record }) => {
											const { name, build: held, log } = record;
											other = { name, build: held, as: { name, rigId: id, rigVersion: version, log } };
										}}
									/>
									<OwnParts {build} {own} {onbuild} />
								</div>
							{:else}
								<label class="grid gap-4 px-14 py-6"
									>Notes on this rig
									<textarea
										class="field"
										rows="6"
										maxlength="4000"
										value={build.notes}
										oninput={({ currentTarget }) => build && onbuild({ ...build, notes: currentTarget.value }, 'notes')}
									></textarea></label
								>
							{/if}
						</div>
					</TabBar>
				</div>
			{/if}
		</div>
		<div class="screen-side phone:border-t-0" class:phone-hidden={tab !== 'parts' || other !== null}>
			<Side
				{bench}
				{build}
				{own}
				units={app.units}
				{marked}
				{onbuild}
				onhold={() => {
					if (bench.record) other = { name: 'compared', build, as: asKept(bench.record) };
				}}
			/>
			<OnThisWater {build} {onbuild} />
		</div>
	{/if}
</div>

<style>
	.bench {
		--beside: 430px;
	}
	.bar :global(.tab-bar) {
		padding: 3px 14px;
		border-block: 1px solid var(--ink);
	}
	@media (width < 56rem) {
		.doing .button {
			flex: 1 1 40%;
		}
		.phone-hidden {
			display: none;
		}
	}
</style>
