<script lang="ts">
	import { M_PER_IN } from '$lib/core/base/units';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import type { Rig } from '$lib/core/schema/rig';
	import { figureText, shownIn } from '$lib/forms/units';
	import { turnText } from '../call/outfit';
	import FigureField from '../parts/FigureField.svelte';
	import Ruler from '../parts/Ruler.svelte';
	import CountField from './CountField.svelte';

	interface Props {
		rig: Rig;
		/** Line (m) that a turn takes in with half the cast out. */
		turnM: number;
		/** Seconds counted before the winding begins, and how high (m) the tip is held. */
		countdownS: number;
		tipM: number;
		units: UnitSystem;
		onspeed: (speedMps: number) => void;
	}
	let { rig, turnM, countdownS = $bindable(), tipM = $bindable(), units, onspeed }: Props = $props();
	const turns = $derived(rig.retrieve.speedMps / turnM);
	/** One press of an arrow key, turns a second. */
	const STEP = 0.05;
	/** As high as a rod holds its tip, m. */
	const TIP_MAX_M = 3;
	const depth = $derived(shownIn(units, 'depth'));
</script>

<div class="crank">
	<p>
		<span class="label">Crank</span>
		<strong class="figure big">{turns.toFixed(2)}</strong> turns a second
	</p>
	<Ruler
		scale={{ low: 0, high: 3 }}
		value={turns}
		label="Crank, turns a second"
		valueText="{turns.toFixed(2)} turns a second"
		step={STEP}
		onvalue={(perS) => onspeed(perS * turnM)}
	/>
	<p class="hold">
		<CountField bind:seconds={countdownS} />
		<label
			>Tip <FigureField
				label="Tip"
				value={figureText(units, 'depth', tipM)}
				low={0}
				high={Number(figureText(units, 'depth', TIP_MAX_M))}
				unit={depth.unit}
				onvalue={(up) => (tipM = depth.read(up))}>{depth.unit} up</FigureField
			></label
		>
		<span class="quiet">{turnText(turnM / M_PER_IN, units)}, {rig.reel.ratio}:1, half the cast out</span>
	</p>
</div>

<style>
	.crank {
		padding: 4px 10px;
		background: var(--panel);
		border-block: 1px solid var(--ink);
	}
	.label {
		display: inline-block;
		min-width: 60px;
		font-weight: 640;
	}
	.big {
		font-size: var(--t-xl);
	}
	.hold {
		display: flex;
		flex-wrap: wrap;
		gap: 4px 12px;
		align-items: center;
	}
</style>
