<script lang="ts">
	import { spoken } from '$lib/core/foundation/labels/spoken';
	import { changedFacets, learned } from '$lib/core/rig/bench/faults/changed';
	import { faultSteps, oneChange, SYMPTOMS, type Symptom } from '$lib/core/rig/bench/faults/finder';
	import type { Reading } from '$lib/core/water/reading/complete';
	import type { FaultEvent } from '$lib/core/foundation/schema/rigLog';
	import { isoNow } from '../time';
	import type { Bench } from '$lib/client/state/bench.svelte';

	interface Props {
		bench: Bench;
		reading: Reading;
		stances: Readonly<Record<string, string>>;
	}
	const { bench, reading, stances }: Props = $props();
	const build = $derived(bench.build!);
	let symptom = $state<Symptom>('short');
	const steps = $derived(faultSteps(symptom, { build, reading, stances, log: bench.log }));
	const now = $derived(oneChange(steps));
	const openAt = $derived(bench.log.findLastIndex((event) => event.kind === 'fault' && event.outcome === 'open'));
	const open = $derived(openAt < 0 ? null : (bench.log[openAt] as FaultEvent));
	const changed = $derived(open ? changedFacets(open.before, build.rig) : []);
	let lesson = $state('');
	const TRIED = { better: 'helped', same: 'no change', worse: 'worse', open: 'trying' } as const;

	function begin(change: string) {
		lesson = '';
		const at = isoNow();
		const before = build.rig;
		const apply = steps.find(({ id }) => id === change)?.apply ?? null;
		bench.note({ kind: 'fault', at, symptom, change, before, outcome: 'open', changed: [] });
		if (apply) bench.change(apply(build));
	}

	function close(outcome: 'better' | 'same' | 'worse') {
		if (!open) return;
		lesson = learned(changed);
		bench.setLog(bench.log.map((event, at) => (at === openAt ? { ...open, outcome, changed } : event)));
	}
</script>

<section
	class="grid grid-cols-[minmax(0,1fr)_minmax(0,1.2fr)] gap-18 px-14 py-6 text-s phone:grid-cols-[1fr]"
	aria-label="Fault finder"
>
	<div class="grid content-start justify-items-start gap-8">
		<label class="grid gap-2 phone:w-full"
			>What is wrong?
			<select class="field max-w-full phone:w-full" bind:value={symptom}>
				{#each Object.entries(SYMPTOMS) as [id, text] (id)}<option value={id}>{text}</option>{/each}
			</select></label
		>
		{#if open}
			<div class="grid gap-5 border-l-3 border-l-amber bg-panel px-10 py-6" role="status">
				<p>
					<strong>Trying: {spoken(open.change)}.</strong> Fish it as long as you fished without it. Then:
				</p>
				<p class:warn={changed.length > 1}>
					{changed.length > 1
						? `Careful: ${changed.join(' and ')} are different from before. Two changes at once teach you nothing.`
						: changed.length === 1
							? `Changed: ${changed[0]}.`
							: 'You haven’t changed anything on the rig yet.'}
				</p>
				<div class="flex flex-wrap gap-6">
					<button class="button" onclick={() => close('better')}>Better</button>
					<button class="button" onclick={() => close('same')}>No change</button>
					<button class="button" onclick={() => close('worse')}>Worse</button>
				</div>
			</div>
		{:else if lesson}<p class="text-l font-560" role="status">{lesson}</p>
		{:else if now}
			<p class="text-l font-560" role="status">
				Change one thing: {now.change.charAt(0).toLowerCase() + now.change.slice(1)}.
			</p>
			<button class="button button-amber" onclick={() => begin(now.id)}
				>{now.apply ? 'Change it on Bench and try it' : 'Try it'}</button
			>
		{:else}<p role="status">You tried everything on the list. Try another place or another hour.</p>{/if}
		{#if lesson && !open && now}<button class="button" onclick={() => (lesson = '')}>Go on: {now.change}</button>{/if}
	</div>
	<ol aria-label="Checks in order">
		{#each steps as step (step.id)}
			<li
				class="grid grid-cols-[104px_minmax(0,1fr)_minmax(0,0.8fr)] gap-8 border-b border-b-rule px-6 py-3 phone:grid-cols-[1fr] phone:gap-0"
				class:now={step === now}
				class:skipped={step.skipped !== null}
			>
				<strong>{step.look}</strong>
				<span>{step.change}</span>
				<em class="text-ink-2 not-italic">{step.skipped ?? (step.tried ? TRIED[step.tried] : '')}</em>
			</li>
		{/each}
	</ol>
</section>

<style>
	.warn {
		font-weight: 620;
		color: var(--fail);
	}
	li.now {
		background: var(--amber-wash);
	}
	li.skipped {
		color: var(--ink-3);
	}
</style>
