<script lang="ts">
	import { onMount } from 'svelte';
	import { lureMassG, partsOf } from '$lib/core/rig/build/partsOf';
	import { costOf } from '$lib/core/rig/bench/sheet';
	import type { Pose } from '$lib/core/rig/geometry/rigGeometry';
	import type { Build } from '$lib/core/foundation/schema/build';
	import { KG_PER_OZ } from '$lib/core/foundation/basics/units';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import { moneyText } from '$lib/presentation/units';
	import Segment from '../controls/Segment.svelte';
	import CalibrateScreen from '../controls/CalibrateScreen.svelte';
	import { heldScale, keepScale, USUAL_PX_PER_MM } from '../controls/screenScale';
	import Picture from './Picture.svelte';

	interface Props {
		build: Build;
		units: UnitSystem;
		/** The angler's currency, before a sum. */
		currency: string | undefined;
	}
	const { build, units, currency }: Props = $props();
	let view = $state<'assembled' | 'exploded'>('assembled');
	let pose = $state<Pose>('running');
	let life = $state(false);
	let calibrating = $state(false);
	const HEIGHT_PX = 346;
	let pxPerMm = $state(USUAL_PX_PER_MM);
	onMount(() => (pxPerMm = heldScale()));
	function rescale(next: number) {
		pxPerMm = next;
		keepScale(next);
	}
	const cost = $derived(costOf(partsOf(build)));
	const grams = $derived(lureMassG(build));
</script>

<div class="views flex flex-wrap items-center gap-x-12 gap-y-6 px-14 pt-6 pb-0 text-s">
	<Segment
		name="view"
		legend="View"
		options={['assembled', 'exploded']}
		value={view}
		onvalue={(next) => (view = next as typeof view)}
	/>
	<Segment
		name="pose"
		legend="Blades"
		options={['running', 'resting']}
		value={pose}
		onvalue={(next) => (pose = next as Pose)}
	/>
	<label class="life inline-flex items-center gap-5 phone:min-h-48"
		><input type="checkbox" bind:checked={life} /> Life-size</label
	>
	{#if life}
		<button class="button" aria-pressed={calibrating} onclick={() => (calibrating = !calibrating)}>Calibrate</button>
	{/if}
	<span class="ml-auto phone:ml-0">
		{#if units === 'metric'}<span class="figure">{grams.toFixed(1)}</span><span class="unit">g</span>,{/if}
		<span class="figure">{(grams / 1000 / KG_PER_OZ).toFixed(2)}</span><span class="unit">oz whole</span>, parts cost
		about {moneyText(currency, cost[0], 0)} to {moneyText(currency, cost[1], 0)}
	</span>
</div>
{#if life && calibrating}<CalibrateScreen {pxPerMm} onscale={rescale} />{/if}
<Picture {build} {view} {pose} lifeSize={life ? pxPerMm : null} height={HEIGHT_PX} />

<style>
	@media (width < 56rem) {
		.life input {
			width: 22px;
			height: 22px;
		}
	}
</style>
