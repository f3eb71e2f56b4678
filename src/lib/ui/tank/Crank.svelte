<script lang="ts">
	import { M_PER_IN } from '$lib/core/foundation/basics/units';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import type { Rig } from '$lib/core/foundation/schema/rig';
	import { figureText, shownIn } from '$lib/presentation/units';
	import { turnText } from '../call/outfit';
	import FigureField from '../controls/FigureField.svelte';
	import Ruler from '../controls/Ruler.svelte';
	import CountField from './CountField.svelte';

	interface Props {
		rig: Rig;
		/** Line (m) that a turn takes in with half the cast out. */
		turnM: number;
		/** Seconds counted before the winding begins, and how high (m) the tip is held. */
		countdownS: number;
		tipM: number;
		units: UnitSystem;
		oncount: (seconds: number) => void;
		onspeed: (speedMps: number) => void;
	}
	let { rig, turnM, countdownS, tipM = $bindable(), units, oncount, onspeed }: Props = $props();
	const turns = $derived(rig.retrieve.speedMps / turnM);
	/** One press of an arrow key, turns a second. */
	const STEP = 0.05;
	/** As high as a rod holds its tip, m. */
	const TIP_MAX_M = 3;
	const depth = $derived(shownIn(units, 'depth'));
</script>

<div class="crank border-y border-y-ink bg-panel px-10 py-4">
	<p>
		<span class="inline-block min-w-60 font-640">Crank</span>
		<strong class="figure text-xl">{turns.toFixed(2)}</strong> turns a second
	</p>
	<Ruler
		scale={{ low: 0, high: 3 }}
		value={turns}
		label="Crank, turns a second"
		valueText="{turns.toFixed(2)} turns a second"
		step={STEP}
		onvalue={(perS) => onspeed(perS * turnM)}
	/>
	<p class="flex flex-wrap items-center gap-x-12 gap-y-4">
		<CountField seconds={countdownS} {oncount} />
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
