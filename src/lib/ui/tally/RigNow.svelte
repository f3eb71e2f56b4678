<script lang="ts">
	import { drawRig } from '$lib/core/rig/drawing/rigDrawing';
	import {
		bladesText,
		finishText,
		ouncesText,
		rigName,
		skirtText,
		trailerText
	} from '$lib/core/foundation/labels/describe';
	import { spoken } from '$lib/core/foundation/labels/spoken';
	import type { Rig } from '$lib/core/foundation/schema/rig';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import { withUnit } from '$lib/presentation/units';
	import RigDrawing from '../rig/RigDrawing.svelte';

	interface Props {
		rig: Rig;
		/** Whether it may be changed: not in the middle of a trial's turn. */
		fixed: boolean;
		units: UnitSystem;
		/** Whether the lures to change to are shown. */
		open: boolean;
		onopen: (open: boolean) => void;
	}
	const { rig, fixed, units, open, onopen }: Props = $props();
	const drawing = $derived(drawRig(rig, true));
	const scale = $derived(Math.min(140 / drawing.bounds.width, 74 / drawing.bounds.height));
</script>

<div
	class="rig grid min-h-84 grid-cols-[150px_1fr_auto] items-center gap-10 border-l-5 border-l-amber px-12 py-4 phone:grid-cols-[84px_minmax(0,1fr)_76px] phone:gap-6"
>
	<RigDrawing {drawing} {scale} decorative />
	<p class="grid text-s leading-[1.3]">
		<strong class="text-m">{rigName(rig)}, {ouncesText(rig.weightOz)} oz</strong>
		<span class="phone:truncate">{bladesText(rig)}, {finishText(rig)}; {skirtText(rig)}</span>
		<span class="phone:truncate"
			>{trailerText(rig)}; {spoken(rig.retrieve.style)}, {withUnit(units, 'speed', rig.retrieve.speedMps)}</span
		>
	</p>
	<button
		class="button phone:px-4 phone:leading-[1.15] phone:whitespace-normal"
		type="button"
		disabled={fixed}
		aria-expanded={open}
		onclick={() => onopen(!open)}>{open ? 'Back' : 'Change lure'}</button
	>
</div>

<style>
	@media (width < 56rem) {
		.rig :global(svg) {
			max-width: 84px;
		}
	}
</style>
