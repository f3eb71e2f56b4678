<script lang="ts">
	import { N_PER_LBF } from '$lib/core/foundation/basics/units';
	import { lineDiameterM } from '$lib/core/simulation/physics/line';
	import { leanDeg, LEANS_DEG, upToMps } from '$lib/core/simulation/physics/roll';
	import type { Reading } from '$lib/core/water/reading/complete';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import type { Rig } from '$lib/core/foundation/schema/rig';
	import type { TowSample } from '$lib/core/foundation/schema/tow';
	import type { RunningWindow } from '$lib/core/foundation/schema/window';
	import { lineBowM } from '$lib/core/simulation/cast/lineBow';
	import { drawnM } from '$lib/presentation/drawn';
	import { shownIn, withUnit } from '$lib/presentation/units';
	import { beatOf } from './beat';
	import TankGauge from './TankGauge.svelte';

	interface Props {
		/** The current rig and the one beside it, with what the closed form says of them. */
		rig: Rig;
		figures: RunningWindow | null;
		other: Rig | null;
		figuresB: RunningWindow | null;
		/** Where both are at the moment that is looked at. */
		now: TowSample | null;
		nowB: TowSample | null;
		/** Most tension of this cast, N. */
		peakN: number;
		reading: Reading;
		units: UnitSystem;
	}
	const { rig, figures, other, figuresB, now, nowB, peakN, reading, units }: Props = $props();

	const speed = $derived(shownIn(units, 'speed'));
	const depthShown = $derived(shownIn(units, 'depth'));
	const depth = (metres: number): string => withUnit(units, 'depth', metres);
	/** Ends of the scales: m/s, beats a second, times the slowest speed, N. */
	const SPAN = { speed: 2.4, thumps: 30, margin: 4, tension: 4 } as const;
	/** Times the slowest speed under which turning is a near thing. */
	const THIN = 1.15;
	const marginOf = (one: Rig | null, own: RunningWindow | null): number | null =>
		one && own && own.keepMps > 0 ? one.retrieve.speedMps / own.keepMps : null;
	const margin = $derived(marginOf(rig, figures));
	const marginB = $derived(marginOf(other, figuresB));
	const stalls = $derived(figures !== null && rig.retrieve.speedMps < figures.keepMps);
	const leans = $derived(figures?.rollMps != null ? leanDeg(figures.rollMps, rig.retrieve.speedMps) : 0);
	const rolls = $derived(figures?.rollMps != null && rig.retrieve.speedMps >= figures.rollMps);
	const leansMps = $derived(upToMps(figures?.rollMps ?? null));
	const maxM = $derived(drawnM(reading.bottomM));
	/** Bow (m) of the line in the air in a crosswind: half of the way to the lure is in the air at a usual tip (assumed). */
	const IN_AIR = 0.5;
	const bow = $derived(
		now && reading.windMps !== undefined && now.tensionN > 0
			? lineBowM(reading.windMps, IN_AIR * now.xM, now.tensionN, lineDiameterM(rig.line))
			: null
	);
</script>

<div class="readings">
	{#if figures}
		<TankGauge
			label="Lure speed"
			text={withUnit(units, 'speed', rig.retrieve.speedMps)}
			low={0}
			high={speed.show(SPAN.speed)}
			a={speed.show(rig.retrieve.speedMps)}
			b={other ? speed.show(other.retrieve.speedMps) : null}
			forbidden={[
				{ from: 0, to: speed.show(figures.keepMps), word: 'stalls' },
				...(leansMps < SPAN.speed ? [{ from: speed.show(leansMps), to: speed.show(SPAN.speed), word: 'leans' }] : [])
			]}
			note={stalls
				? 'blades don’t turn'
				: rolls
					? 'rolls over'
					: leans > LEANS_DEG
						? `leans ${Math.round(leans)}°`
						: 'runs upright'}
			fails={stalls || leans > LEANS_DEG}
		/>
		<TankGauge
			label="Beat"
			text="{beatOf(figures).toFixed(1)} a second"
			low={0}
			high={SPAN.thumps}
			a={beatOf(figures)}
			b={figuresB ? beatOf(figuresB) : null}
			note={figuresB ? `B ${beatOf(figuresB).toFixed(1)}` : ''}
		/>
		{#if margin !== null}
			<TankGauge
				label="Speed over stalling"
				text="× {margin.toFixed(1)}"
				low={0.5}
				high={SPAN.margin}
				a={margin}
				b={marginB}
				forbidden={[{ from: 0.5, to: 1, word: 'stalls' }]}
				note={margin < THIN ? 'close' : ''}
			/>
		{/if}
		{#if figures.surface}
			<TankGauge
				label="Stays up from"
				text={withUnit(units, 'speed', figures.surface.planeMps)}
				low={0}
				high={speed.show(SPAN.speed)}
				a={speed.show(figures.surface.planeMps)}
				note={rig.retrieve.speedMps < figures.surface.planeMps ? 'sinks at this speed' : 'planes'}
				fails={rig.retrieve.speedMps < figures.surface.planeMps}
			/>
		{/if}
		{#if now}
			<TankGauge
				label="Depth now"
				text={depth(now.zM)}
				low={0}
				high={depthShown.show(maxM)}
				a={depthShown.show(now.zM)}
				b={nowB ? depthShown.show(nowB.zM) : null}
				forbidden={[{ from: depthShown.show(reading.bottomM), to: depthShown.show(maxM), word: 'bottom' }]}
				note={now.where === 'running'
					? `${withUnit(units, 'distance', now.xM)} from the tip`
					: now.where === 'cover'
						? 'in the cover'
						: now.where}
				fails={now.where === 'cover'}
			/>
			<TankGauge
				label="Line tension"
				text="{(now.tensionN / N_PER_LBF).toFixed(2)} lb"
				low={0}
				high={SPAN.tension / N_PER_LBF}
				a={now.tensionN / N_PER_LBF}
				b={nowB ? nowB.tensionN / N_PER_LBF : null}
				note="most {(peakN / N_PER_LBF).toFixed(2)} lb"
			/>
		{/if}
		<p class="quiet pt-6 text-xs text-ink-2">
			Model: still water, no line vibration.
			{#if bow !== null}
				A wind of {withUnit(units, 'wind', reading.windMps ?? 0)} across the cast bows the line by about {depth(bow)};
				the path shown leaves that out.
			{/if}
		</p>
	{/if}
</div>
