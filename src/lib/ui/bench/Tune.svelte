<script lang="ts">
	import { spoken } from '$lib/core/foundation/labels/spoken';
	import { wornOf } from '$lib/core/rig/bench/tune/wear';
	import { lifeLeft } from '$lib/core/rig/bench/checks/wire';
	import { subjectOf } from '$lib/core/rig/bench/checks/subject';
	import { nextStep, retuneDue, sessionOf } from '$lib/core/rig/bench/tune/routine';
	import type { Reading } from '$lib/core/water/reading/complete';
	import type { Act, RigEvent, Seen } from '$lib/core/foundation/schema/rigLog';
	import { typedFigure } from '$lib/presentation/typed';
	import { isoNow } from '../time';
	import type { Bench } from '$lib/client/state/bench.svelte';

	interface Props {
		bench: Bench;
		reading: Reading;
		zone: string;
	}
	const { bench, reading, zone }: Props = $props();
	const build = $derived(bench.build!);
	const step = $derived(nextStep(build, bench.log));
	const due = $derived(retuneDue(build, bench.log));
	const worn = $derived(wornOf(bench.log));
	const left = $derived(build.rig.wireIn === undefined ? null : lifeLeft(subjectOf(build, reading, worn)));
	const session = $derived(sessionOf(bench.log));
	let hours = $state('4');
	let refused = $state(false);

	const SEEN_WORDS: Readonly<Record<Seen, string>> = {
		true: 'Runs straight',
		'leans-left': 'Leans left',
		'leans-right': 'Leans right',
		'rolls-fast': 'Rolls only when fast',
		'drifts-left': 'Runs off to the left',
		'drifts-right': 'Runs off to the right',
		'runs-high': 'Runs too high',
		'too-quiet': 'Does not squeak'
	};
	const ACT_WORDS: Readonly<Record<Act, string>> = {
		'swap-swivel': 'swapped blade or swivel',
		'straighten-trailer': 'straightened the trailer',
		'centre-skirt': 'centered the skirt',
		'bend-left': 'bent the arm left',
		'bend-right': 'bent the arm right',
		'toward-left': 'bent the blade arm to the left',
		'toward-right': 'bent the blade arm to the right',
		'twist-back': 'twisted the arm back',
		'slow-down': 'slowed down or sized up',
		'lip-down': 'bent the lip down',
		'set-rivet': 'set the rivet',
		'check-clip': 'checked clip and swing',
		'replace-wire': 'put on a new wire'
	};
	const told = (event: RigEvent): string => {
		if (event.kind === 'flick') return event.spins ? 'blades spin freely' : 'a blade does not spin';
		if (event.kind === 'run') return SEEN_WORDS[event.saw].toLowerCase();
		if (event.kind === 'act') return `${ACT_WORDS[event.act]}${event.degrees > 0 ? ` by ${event.degrees}°` : ''}`;
		if (event.kind === 'fish') return 'a good fish';
		if (event.kind === 'bent') return 'its wire bent while fishing';
		if (event.kind === 'hours') return `${event.hours} h of casting`;
		if (event.kind === 'fault') return `fault: ${spoken(event.change)}, ${event.outcome}`;
		return 'a new round';
	};
	const dated = $derived(
		new Intl.DateTimeFormat('en-GB', {
			day: 'numeric',
			month: 'short',
			hour: '2-digit',
			minute: '2-digit',
			timeZone: zone
		})
	);
	const history = $derived([...bench.log].reverse());
	/** What may be cast between two entries, h: as the record has it. */
	const HOURS = [0.1, 24] as const;
	const addHours = () => {
		const figure = typedFigure(hours);
		refused = !(figure >= HOURS[0] && figure <= HOURS[1]);
		if (!refused) bench.note({ kind: 'hours', at: isoNow(), hours: figure });
	};
</script>

<section
	class="grid grid-cols-[minmax(0,1.4fr)_minmax(0,1fr)_minmax(0,1fr)] gap-16 px-14 py-6 text-s phone:grid-cols-[1fr]"
	aria-label="Tune beside the boat"
>
	<div class="grid content-start gap-6">
		<p class="count">Step {session.length + 1} <span class="font-mono text-ink-3">{step.claim}</span></p>
		{#if step.kind === 'flick'}
			<p class="text-l font-560 phone:text-l" role="status">{step.ask}</p>
			<div class="answers">
				<button class="button" onclick={() => bench.note({ kind: 'flick', at: isoNow(), spins: true })}
					>Yes, freely</button
				>
				<button class="button" onclick={() => bench.note({ kind: 'flick', at: isoNow(), spins: false })}>No</button>
			</div>
		{:else if step.kind === 'run'}
			<p class="text-l font-560 phone:text-l" role="status">{step.ask}</p>
			<div class="answers">
				{#each step.options as saw (saw)}
					<button class="button" onclick={() => bench.note({ kind: 'run', at: isoNow(), saw })}
						>{SEEN_WORDS[saw]}</button
					>
				{/each}
			</div>
		{:else if step.kind === 'act'}
			<p class="text-l font-560 phone:text-l" role="status">{step.text}</p>
			<div class="answers">
				<button
					class="button button-amber"
					onclick={() => bench.note({ kind: 'act', at: isoNow(), act: step.act, degrees: step.degrees })}
					>Done, test again</button
				>
			</div>
		{:else}
			<p class="text-l font-560 phone:text-l" role="status">{step.text}</p>
			<div class="answers">
				<button class="button" onclick={() => bench.note({ kind: 'begin', at: isoNow() })}>Begin a new round</button>
			</div>
		{/if}
		<p class="border-l-3 border-l-ink pl-8">Wear eye protection when bending; watch the hook at the boat.</p>
	</div>
	<div class="grid content-start gap-6">
		<p class="due" class:now={due.due}><strong>{due.due ? 'Retune now.' : 'No retune due.'}</strong> {due.why}</p>
		{#if left !== null}
			<p>Wire life left <span class="figure">{Math.round(left * 100)}</span><span class="unit">%</span></p>
			<svg width="100%" height="12" role="img" aria-label="Wire life left, {Math.round(left * 100)} percent">
				<rect class="fill-none stroke-ink" x="0" y="1" width="100%" height="10" />
				<rect class="fill-ink stroke-ink" x="0" y="1" width="{left * 100}%" height="10" />
			</svg>
			<p class="quiet">
				{worn.hours} h cast, {worn.bends}
				{worn.bends === 1 ? 'bend' : 'bends'}. A rough estimate.
			</p>
		{/if}
		<div class="log">
			<label
				>Cast <input
					class="field figure w-56 phone:w-84"
					inputmode="decimal"
					autocomplete="off"
					aria-invalid={refused || undefined}
					bind:value={hours}
				/> h</label
			>
			<button class="button" onclick={addHours}>Add</button>
			{#if refused}<span class="wrong" role="alert">{HOURS[0]} to {HOURS[1]} h</span>{/if}
			<button class="button" onclick={() => bench.note({ kind: 'fish', at: isoNow() })}>A good fish</button>
		</div>
	</div>
	<div>
		<h2>History</h2>
		<ol class="max-h-180 overflow-y-auto">
			{#each history as event, at (history.length - at)}
				<li>
					<time class="font-mono text-xs text-ink-2" datetime={event.at}>{dated.format(new Date(event.at))}</time>
					{told(event)}
				</li>
			{:else}<li class="quiet">Nothing yet. Every test and bend is listed here.</li>{/each}
		</ol>
	</div>
</section>

<style>
	.answers,
	.log {
		display: flex;
		flex-wrap: wrap;
		gap: 6px;
		align-items: center;
	}
	.due.now {
		padding: 3px 8px;
		background: var(--amber-wash);
	}
	@media (width < 56rem) {
		.answers .button {
			flex: 1 1 45%;
		}
	}
</style>
