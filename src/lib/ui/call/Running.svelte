<script lang="ts">
	import { spokenFirst } from '$lib/core/foundation/labels/spoken';
	import type { CalledRig } from '$lib/core/foundation/schema/call';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import type { CastChange, Running } from '$lib/core/foundation/schema/run';
	import { depthRange, stateWords, tipWords, zoneWords } from '$lib/presentation/runWords';
	import { modelShare, percentText, quantity, withUnit } from '$lib/presentation/units';
	import { cadenceText } from './cadence';

	interface Props {
		called: CalledRig;
		running: Running | null;
		units: UnitSystem;
		/** Where to throw it, in a sentence. */
		throwTo?: string;
	}
	/** What the closed-form model is off by, as its document says. */
	const MODEL_OFF = 0.1;
	const { called, running, units, throwTo }: Props = $props();
	const rig = $derived(called.rig);
	const CHANGES: Readonly<Record<CastChange, string>> = {
		'tip-up': 'the rod tip up',
		'shorter-cast': 'a shorter cast',
		lighter: 'a step lighter',
		heavier: 'a step heavier'
	};
</script>

<div class="how text-s">
	{#if running}
		{@const { window, run, better } = running}
		<p>
			<strong>{spokenFirst(rig.retrieve.style)}</strong> at
			<span class="figure">{withUnit(units, 'speed', rig.retrieve.speedMps)}</span>: {cadenceText(window.turnsPerS)}.
			{#if rig.family !== 'buzzbait'}{run.cast.countdownS >= 1
					? `First let it sink for a count of ${run.cast.countdownS}.`
					: 'Start reeling as it lands.'}
				{tipWords(run)}{/if}
		</p>
		<p>
			Runs {#if rig.family !== 'buzzbait'}<strong class="figure">{depthRange(run, units)}</strong> deep,{/if}
			{zoneWords(run.inZone, rig.family)}.
			{#if run.state !== 'runs'}{stateWords(run)}{/if}
			{#if better.length > 0}More with {better
					.map(({ change, inZone }) => `${CHANGES[change]} (${modelShare(inZone)})`)
					.join(' or ')}.{/if}
		</p>
		{#if throwTo}<p>{throwTo}</p>{/if}
		<details class="text-ink-2">
			<summary class="inline-flex min-h-24 cursor-pointer items-center underline phone:min-h-48">Details</summary>
			{window.keepMps > 0 ? `Blades start at ${withUnit(units, 'speed', window.keepMps)}. ` : ''}{window.rollMps
				? `The lure rolls over at ${withUnit(units, 'speed', window.rollMps)}. `
				: ''}{window.surface ? `It stays on top from ${withUnit(units, 'speed', window.surface.planeMps)}. ` : ''}It
			sinks
			{withUnit(units, 'speed', window.sinkMps)}.{window.wire
				? ` Set the drag below ${quantity(window.wire.safeDragLb.toFixed(0), 'lb')}.`
				: ''} Estimates, ± {percentText(MODEL_OFF)}.
		</details>
	{:else}
		<p>
			<strong>{spokenFirst(rig.retrieve.style)}</strong> at
			<span class="figure">{withUnit(units, 'speed', rig.retrieve.speedMps)}</span>.
		</p>
	{/if}
</div>

<style>
	/* As high as it will be once the cast is worked out: nothing below moves. */
	.how {
		min-height: 92px;
	}
</style>
