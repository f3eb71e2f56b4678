<script lang="ts">
	import { plainWords } from '$lib/core/naming/describe';
	import type { CalledRig } from '$lib/core/schema/call';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import type { CalledWindow, WorkChange } from '$lib/core/schema/window';
	import { modelShare, withUnit } from '$lib/forms/units';
	import { cadenceText } from './cadence';

	interface Props {
		called: CalledRig;
		window: CalledWindow | null;
		units: UnitSystem;
	}
	const { called, window, units }: Props = $props();
	const rig = $derived(called.rig);
	const band = $derived(window?.band ?? null);
	const turns = $derived(window?.turnsPerS ?? null);
	/** What holding the tip up wins is told already. */
	const more = $derived((band?.more ?? []).filter(({ change }) => change !== 'tip-up'));
	const CHANGES: Readonly<Record<WorkChange, string>> = {
		'tip-up': 'the tip up',
		'shorter-cast': 'a shorter cast',
		lighter: 'a step lighter',
		heavier: 'a step heavier'
	};
	const tip = (metres: number): string => withUnit(units, 'depth', metres);
</script>

<p class="min-h-34 text-s">
	<strong>{plainWords(rig.retrieve.style)}</strong> at
	<span class="figure">{withUnit(units, 'speed', rig.retrieve.speedMps)}</span>
	{#if turns !== null}= {cadenceText(turns)}.{/if}
	{#if band}
		{#if band.countdownS >= 1}Count <span class="figure">{Math.round(band.countdownS)}</span>:{:else}No count:{/if} it works
		among the fish for
		<strong class="figure">{modelShare(band.share)}</strong> of the cast with the tip at {tip(0.6)},
		<span class="figure">{modelShare(band.shareTipUp)}</span> at {tip(2)}.
		{#if more.length > 0}More with {more
				.map(({ change, share }) => `${CHANGES[change]} (${modelShare(share)})`)
				.join(' or ')}.{/if}
	{/if}
	{#if window}
		<span class="text-ink-2"
			>Model: {window.keepMps > 0 ? `turns from ${withUnit(units, 'speed', window.keepMps)}, ` : ''}{window.rollMps
				? `rolls at ${withUnit(units, 'speed', window.rollMps)}, `
				: ''}{window.surface ? `up from ${withUnit(units, 'speed', window.surface.planeMps)}, ` : ''}{window.wire
				? `drag to ${window.wire.safeDragLb.toFixed(0)} lb, `
				: ''}falls {withUnit(units, 'speed', window.sinkMps)}; ± 10 %</span
		>
	{/if}
</p>
