<script lang="ts">
	import { enhance } from '$app/forms';
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { rigName, bladesText, ouncesText } from '$lib/core/foundation/labels/describe';
	import { buildOf } from '$lib/core/rig/build/buildOf';
	import { useApp } from '$lib/client/state/app.svelte';
	import { soundedProfile } from '$lib/client/state/places';
	import Gauge from '$lib/ui/controls/Gauge.svelte';
	import Strength from '$lib/ui/controls/Strength.svelte';
	import PastReadings from '$lib/ui/reading/PastReadings.svelte';
	import ReadingFields from '$lib/ui/reading/ReadingFields.svelte';
	import SmallRig from '$lib/ui/rig/SmallRig.svelte';
	import Section from '$lib/ui/section/Section.svelte';
	import { isLamp } from '$lib/ui/frame/theme';
	import { localTime, utcTime } from '$lib/ui/time';
	import type { ActionData, PageData } from './$types';

	const { data, form }: { data: PageData; form: ActionData } = $props();
	const app = useApp();
	/** Whether the hand is on the section. */
	let held = false;
	let keptName = $state<string | null>(null);
	let nameless = $state<string | null>(null);
	let unfinished = $state(false);
	let sheet: HTMLFormElement;
	/** Stands in the list of spots for saving this one. */
	const SAVE_SPOT = 'save';
	let savingSpot = $state(false);
	const errors = $derived((form && 'errors' in form && form.errors) || {});
	const typed = $derived((form && 'typed' in form && form.typed) || {});
	const message = $derived(form && 'message' in form ? form.message : null);
	const kept = $derived(keptName ?? (form && 'kept' in form ? (form.kept?.name ?? null) : null));
	const wrongName = $derived(nameless ?? errors.name);
	const { zone } = $derived(app);
	const takenHere = $derived(localTime(app.takenAt, zone));
	// svelte-ignore state_referenced_locally
	app.serve(data.answer, false);
	const answer = $derived(app.shown);
	const call = $derived(answer?.calls[0]);
	// A rig that is called again is the very same object: it is not drawn anew.
	const rig = $derived(call?.rig);
	const build = $derived(rig && buildOf(rig));
	const verdict = $derived(answer?.verdict);
	const SAID = { good: 'Yes.', fair: 'Fair.', poor: 'Hardly.' } as const;
	const plan = $derived(
		answer?.plan.filter(({ kind, topic }) => kind === 'plan' && topic === 'position').slice(0, 3) ?? []
	);
	const cautions = $derived(answer?.plan.filter(({ kind }) => kind === 'caution').slice(0, 1) ?? []);

	/** Keeps the reading from here; a field that holds no figure yet is looked at first. */
	function keep(asNew: boolean) {
		const wrong = sheet.querySelector<HTMLElement>('[aria-invalid="true"]:not([name="name"])');
		unfinished = wrong !== null;
		keptName = null;
		if (wrong) {
			wrong.closest('details')?.setAttribute('open', '');
			return wrong.focus();
		}
		nameless = app.saveReading(asNew);
		if (nameless === null) keptName = app.record.name;
	}
</script>

<form
	class="grid h-[calc(100vh-66px)] grid-cols-[minmax(0,1fr)_420px] grid-rows-[auto_auto_1fr] phone:block phone:h-auto phone:pb-64"
	method="POST"
	action="?/keep"
	novalidate
	bind:this={sheet}
	use:enhance={({ cancel }) => {
		cancel();
		keep(false);
	}}
>
	<input type="hidden" name="units" value={app.units} />
	<input type="hidden" name="newId" value={data.newId} />
	<input type="hidden" name="readingId" value={app.record.readingId ?? ''} />
	<input type="hidden" name="readingVersion" value={app.record.readingVersion} />
	<input type="hidden" name="takenAt" value={app.takenAt} />

	<div
		class="col-1 grid grid-cols-[1fr_auto] items-center gap-x-8 gap-y-4 py-4 pr-10 pl-16 phone:grid-cols-[1fr] phone:px-10 phone:py-6"
	>
		<h1>Your reading</h1>
		<span class="doing flex items-center gap-8">
			<button class="button" type="button" disabled={!app.canUndo} onclick={() => app.undo()}>Undo</button>
			<button class="button" type="button" onclick={() => app.begin(new Date().toISOString())}>New</button>
			{#if app.record.readingId !== null}
				<button class="button" type="button" onclick={() => keep(true)}>Save as new</button>
			{/if}
			<button class="button">Save</button>
		</span>
		<span
			class="place col-span-full flex items-center gap-8 phone:grid phone:grid-cols-[minmax(0,0.64fr)_minmax(0,1fr)]"
		>
			<label class="inline">
				<span class="sr-only">Spot</span>
				<select
					class="field w-164"
					name="spotId"
					value={app.record.spotId ?? ''}
					onchange={(event) => {
						const { value } = event.currentTarget;
						if (value !== SAVE_SPOT) return app.moveTo(value || null);
						event.currentTarget.value = app.record.spotId ?? '';
						savingSpot = true;
					}}
				>
					<option value="">no spot</option>
					{#each app.waters as water (water.id)}
						<optgroup label={water.name}>
							{#each water.spots as spot (spot.id)}<option value={spot.id} selected={spot.id === app.record.spotId}
									>{spot.name}</option
								>{/each}
						</optgroup>
					{/each}
					{#if app.live}<option value={SAVE_SPOT}>Save as a spot…</option>{/if}
				</select>
			</label>
			{#if app.spot === null}
				<button class="button" type="button" disabled={!app.live} onclick={() => (savingSpot = true)}
					>Save as a spot</button
				>
			{/if}
			<label class="inline">
				<span class="sr-only">Time of the reading, at the water</span>
				<input
					class="field w-190"
					type="datetime-local"
					value={takenHere}
					onchange={(event) => app.put({ takenAt: utcTime(event.currentTarget.value, zone) ?? app.takenAt })}
				/>
			</label>
			<PastReadings />
			<label class={['inline min-w-60 flex-1', app.spot === null && 'phone:col-span-full']}>
				<span class="sr-only">Name of the reading</span>
				<input
					class="field w-full"
					name="name"
					placeholder={app.usualName || 'name this reading'}
					maxlength="120"
					value={app.record.name}
					aria-invalid={wrongName ? 'true' : undefined}
					oninput={(event) => app.put({ name: event.currentTarget.value }, 'name')}
				/>
			</label>
		</span>
	</div>

	{#if message}<p class="notice notice-fails" role="alert">{message}</p>{/if}
	{#if wrongName}<p class="notice notice-fails" role="alert">{wrongName}</p>{/if}
	{#if unfinished || Object.keys(errors).length > (errors.name ? 1 : 0)}
		<p class="notice notice-fails" role="alert">
			The reading was not saved: see the marked fields. What you typed is still there.
		</p>
	{/if}
	{#if kept}<p class="notice" role="status">Saved as “{kept}”.</p>{/if}
	{#if app.said}<p class="notice" role="status">{app.said}</p>{/if}

	<div class="col-1 min-w-0 overflow-auto phone:flex phone:flex-col phone:overflow-visible">
		<Section
			reading={app.readingWhileDragged.complete}
			profile={soundedProfile(app.spot?.spot)}
			units={app.units}
			height={424}
			narrowHeight={352}
			tint={data.tint}
			lamp={isLamp(page.data.theme)}
			onchange={(patch, key) => (held ? app.move(patch, key) : app.change(patch, key))}
			onheld={(on) => (held = on)}
		/>
		<div
			class={[
				'below grid grid-cols-[1fr_1.25fr_0.85fr] border-t border-ink phone:grid-cols-[1fr]',
				!app.ready && 'phone:-order-1 phone:border-t-0'
			]}
		>
			{#if app.ready}
				<section aria-labelledby="day">
					<h2 id="day">A day for blades?</h2>
					{#if verdict}
						<p class="text-xxl font-680">{SAID[verdict.blades]}</p>
						<Gauge
							low={-3}
							high={6}
							value={verdict.points}
							label="Verdict {verdict.points}: {verdict.blades}"
							zones={[
								{ word: 'poor', to: -1, forbidden: true },
								{ word: 'fair', to: 1 },
								{ word: 'good', to: 6 }
							]}
						/>
						<ul class="grid gap-4 pt-4">
							{#each verdict.reasons.slice(0, 2) as reason (reason)}<li>{reason}</li>{/each}
						</ul>
						{#if verdict.insteadTry.length > 0}<p>Better today: {verdict.insteadTry.join(', ')}.</p>{/if}
					{:else}
						<p class="text-ink-2">Press “What to tie on” for the answer.</p>
					{/if}
				</section>
				<section aria-labelledby="means">
					<h2 id="means">What it means on the water</h2>
					<ul class="grid gap-4 pt-4">
						{#each plan as item (item.claim)}<li class="item grid grid-cols-[28px_1fr] gap-8">
								<Strength of={item.strength} /><span>{item.text}</span>
							</li>{/each}
						{#each cautions as item (item.claim)}<li class="item grid grid-cols-[28px_1fr] gap-8 text-fail">
								<span aria-hidden="true">▲</span><span>{item.text}</span>
							</li>{/each}
					</ul>
				</section>
			{:else}
				<div class="col-[1/-1]">
					{#await import('$lib/ui/reading/FirstFacts.svelte') then { default: FirstFacts }}<FirstFacts />{/await}
				</div>
			{/if}
			{#if app.ready}
				<section class="grid content-start justify-items-start gap-8" aria-labelledby="tie">
					<h2 id="tie">Tie on</h2>
					{#if call && build}
						<SmallRig {build} width={150} height={62} />
						<p><strong>{rigName(call.rig)}</strong><br />{ouncesText(call.rig.weightOz)} oz, {bladesText(call.rig)}</p>
					{/if}
					<button
						class="button button-amber"
						formaction="?/call"
						onclick={(event) => {
							event.preventDefault();
							void goto(resolve('/call'));
						}}
					>
						What to tie on
					</button>
				</section>
			{/if}
		</div>
	</div>
	<div
		class="fields col-2 row-[1/-1] overflow-y-auto border-l border-ink px-16 pt-6 pb-16 phone:overflow-visible phone:border-t phone:border-l-0"
	>
		<ReadingFields {errors} {typed} />
	</div>
</form>

{#if savingSpot}
	{#await import('$lib/ui/places/SaveSpot.svelte') then { default: SaveSpot }}
		<SaveSpot bind:open={savingSpot} />
	{/await}
{/if}

<style>
	.notice {
		grid-column: 1;
		margin: 0 16px 6px;
	}
	.below {
		contain: layout style;
	}
	.below :global(section) {
		padding: 10px 14px;
	}
	.below section + section {
		border-left: 1px solid var(--rule);
	}
	.item :global(svg) {
		margin-top: 4px;
	}
	.fields {
		contain: layout paint style;
		scrollbar-gutter: stable;
	}
	@media (width < 56rem) {
		.place :global(.field) {
			width: 100%;
			min-width: 0;
			max-width: none;
		}
		/* What the thumb needs at any moment stays within its reach, over the bar of screens. */
		.doing {
			position: fixed;
			inset: auto 0 calc(60px + env(safe-area-inset-bottom)) 0;
			z-index: 5;
			padding: 6px 10px;
			border-top: 1px solid var(--ink);
			background: var(--paper);
		}
		.doing :global(.button) {
			flex: auto;
			padding-inline: 6px;
		}
		.below section {
			padding-block: 4px;
		}
		.below section + section {
			border-top: 1px solid var(--rule);
			border-left: 0;
		}
	}
</style>
