<script lang="ts">
	import type { UnitSystem } from '$lib/core/records/schemas';
	import { withUnit } from '$lib/presentation/units';

	interface Props {
		/** Slowest speed (m/s) at which the model has it on top. */
		planeMps: number;
		units: UnitSystem;
		turnsOf: (speedMps: number) => number;
		onspeed: (speedMps: number) => void;
	}
	const { planeMps, units, turnsOf, onspeed }: Props = $props();
	/** The model is good to a tenth: so much over its least. */
	const SURE = 1.1;
	const speedMps = $derived(planeMps * SURE);
</script>

<h2>To stay on top</h2>
<p>
	<button class="button" type="button" onclick={() => onspeed(speedMps)}
		>reel at {turnsOf(speedMps).toFixed(2)} turns a second ({withUnit(units, 'speed', speedMps)})</button
	>
	at the slowest: 10 % more than the model’s minimum.
</p>
