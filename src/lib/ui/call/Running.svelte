<script lang="ts">
	import { plainWords } from '$lib/core/drawing/describe';
	import type { CalledRig } from '$lib/core/schema/call';
	import type { UnitSystem } from '$lib/core/schema/records';
	import type { CalledWindow } from '$lib/core/schema/window';
	import { figureText, shownIn, withUnit } from '../units';
	import { cadenceWords } from './cadence';

	interface Props {
		called: CalledRig;
		window: CalledWindow | null;
		units: UnitSystem;
	}
	const { called, window, units }: Props = $props();
	const rig = $derived(called.rig);
	const band = $derived(window?.band ?? null);
	/** The called pace, or the nearest that holds the band. */
	const speed = $derived(band?.speedMps ?? rig.retrieve.speedMps);
	const turns = $derived(window ? (window.turnsPerS * speed) / rig.retrieve.speedMps : null);
	const depths = $derived(
		band?.depthsM.map((depth) => (depth === null ? '–' : figureText(units, 'depth', Math.max(0, depth)))).join(' · ')
	);
	const off = $derived(band !== null && Math.abs(band.speedMps - rig.retrieve.speedMps) > 0.05);
</script>

<p class="running">
	<strong>{plainWords(rig.retrieve.style)}</strong> at <span class="figure">{withUnit(units, 'speed', speed)}</span>
	{#if turns !== null}= <span class="figure">{turns.toFixed(1)}</span> turns a second, {cadenceWords(turns)}.{/if}
	{#if band}
		Count down <span class="figure">{Math.round(band.countdownS)}</span> s: it runs
		<span class="figure">{depths}</span>
		{shownIn(units, 'depth').unit} deep at 18, 14 and 10 m.
		{#if off}<em
				>The rules ask for {withUnit(units, 'speed', rig.retrieve.speedMps)}; this is the nearest that stays with the
				fish.</em
			>{/if}
	{/if}
	{#if window}
		<span class="limits"
			>Model: {window.keepMps > 0 ? `turns from ${withUnit(units, 'speed', window.keepMps)}, ` : ''}{window.rollMps
				? `rolls at ${withUnit(units, 'speed', window.rollMps)}, `
				: ''}{#if window.surface}up from {withUnit(units, 'speed', window.surface.planeMps)},
			{/if}{#if window.wire}drag to {window.wire.safeDragLb.toFixed(0)} lb,
			{/if}falls {withUnit(units, 'speed', window.sinkMps)}; ± 10 %</span
		>
	{/if}
</p>

<style>
	.running {
		min-height: 34px;
		font-size: 12.5px;
		line-height: 17px;
	}
	.limits {
		color: var(--ink-2);
	}
	em {
		color: var(--amber-ink);
		font-style: normal;
	}
	@media (width < 56rem) {
		.running {
			font-size: 15px;
			line-height: 21px;
		}
	}
</style>
