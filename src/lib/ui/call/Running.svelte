<script lang="ts">
	import { plainWords } from '$lib/core/foundation/labels/describe';
	import type { CalledRig } from '$lib/core/foundation/schema/call';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import type { CastChange, Running } from '$lib/core/foundation/schema/run';
	import { depthRange, stateWords, zoneWords } from '$lib/presentation/runWords';
	import { modelShare, withUnit } from '$lib/presentation/units';
	import { cadenceText } from './cadence';

	interface Props {
		called: CalledRig;
		running: Running | null;
		units: UnitSystem;
	}
	const { called, running, units }: Props = $props();
	const rig = $derived(called.rig);
	const CHANGES: Readonly<Record<CastChange, string>> = {
		'tip-up': 'the rod tip up',
		'shorter-cast': 'a shorter cast',
		lighter: 'a step lighter',
		heavier: 'a step heavier'
	};
</script>

<p class="min-h-34 text-s">
	<strong>{plainWords(rig.retrieve.style)}</strong> at
	<span class="figure">{withUnit(units, 'speed', rig.retrieve.speedMps)}</span>
	{#if running}
		{@const { window, run, better } = running}
		= {cadenceText(window.turnsPerS)}.
		{#if rig.family !== 'buzzbait'}{run.cast.countdownS >= 1 ? `Count ${run.cast.countdownS}.` : 'No count.'} Runs
			<strong class="figure">{depthRange(run, units)}</strong> deep,{:else}Runs{/if}
		{zoneWords(run.inZone, rig.family)}.
		{#if run.state !== 'runs'}{stateWords(run)}{/if}
		{#if better.length > 0}More with {better
				.map(({ change, inZone }) => `${CHANGES[change]} (${modelShare(inZone)})`)
				.join(' or ')}.{/if}
		<span class="text-ink-2"
			>Model: {window.keepMps > 0 ? `turns from ${withUnit(units, 'speed', window.keepMps)}, ` : ''}{window.rollMps
				? `rolls at ${withUnit(units, 'speed', window.rollMps)}, `
				: ''}{window.surface ? `up from ${withUnit(units, 'speed', window.surface.planeMps)}, ` : ''}{window.wire
				? `drag to ${window.wire.safeDragLb.toFixed(0)} lb, `
				: ''}falls {withUnit(units, 'speed', window.sinkMps)}</span
		>
	{/if}
</p>
