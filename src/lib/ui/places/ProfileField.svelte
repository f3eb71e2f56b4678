<script lang="ts">
	import type { SpotRecord, UnitSystem } from '$lib/core/records/schemas';
	import { figureText, shownIn } from '$lib/presentation/units';
	import FigureField from '../controls/FigureField.svelte';
	import { withNextPoint, withPoint } from './fields';

	interface Props {
		profile: SpotRecord['profile'];
		/** Depth (m) that a first point is given. */
		bottomM: number;
		units: UnitSystem;
		onvalue: (profile: SpotRecord['profile']) => void;
	}
	const { profile, bottomM, units, onvalue }: Props = $props();
	const depth = $derived(shownIn(units, 'depth'));
	const distance = $derived(shownIn(units, 'distance'));
	/** Most points that are edited by hand, and the scales' ends. */
	const POINTS_MAX = 12;
	const [FARTHEST_M, DEEPEST_M] = [300, 60];

	const [WIDE, HIGH, EDGE] = [340, 130, 12];
	const farM = $derived(Math.max(20, ...profile.map(({ outM }) => outM)) * 1.15);
	const deepM = $derived(Math.max(2, ...profile.map(({ depthM }) => depthM)) * 1.25);
	const x = (outM: number): number => EDGE + (outM / farM) * (WIDE - 2 * EDGE);
	const y = (depthM: number): number => EDGE + (depthM / deepM) * (HIGH - 2 * EDGE);
	const line = $derived(profile.map(({ outM, depthM }) => `${x(outM).toFixed(1)},${y(depthM).toFixed(1)}`).join('L'));
	/** The point that is being dragged, and the scales as they were when it was taken hold of. */
	let held = $state<{ at: number; farM: number; deepM: number } | null>(null);
	let drawing: SVGSVGElement | undefined = $state();

	const halves = (value: number): number => Math.round(value * 2) / 2;
	const tenths = (value: number): number => Math.round(value * 10) / 10;
	function drag(event: PointerEvent) {
		if (!held || !drawing) return;
		const box = drawing.getBoundingClientRect();
		const [px, py] = [((event.clientX - box.left) / box.width) * WIDE, ((event.clientY - box.top) / box.height) * HIGH];
		const [before, after] = [profile[held.at - 1], profile[held.at + 1]];
		const outM = halves(((px - EDGE) / (WIDE - 2 * EDGE)) * held.farM);
		const depthM = tenths(((py - EDGE) / (HIGH - 2 * EDGE)) * held.deepM);
		const lowM = before ? before.outM + 0.5 : 0;
		const highM = after ? after.outM - 0.5 : FARTHEST_M;
		onvalue(
			withPoint(profile, held.at, {
				outM: held.at === 0 ? 0 : Math.min(highM, Math.max(lowM, outM)),
				depthM: Math.min(DEEPEST_M, Math.max(0, depthM))
			})
		);
	}
</script>

<svelte:window onpointermove={drag} onpointerup={() => (held = null)} />

<fieldset class="grid gap-6 border-0 p-0">
	<legend>Depth profile <span class="quiet">(optional: drag the points, or type)</span></legend>
	{#if profile.length > 1}
		<svg
			bind:this={drawing}
			class="block w-full max-w-[26rem] touch-none border border-rule"
			viewBox="0 0 {WIDE} {HIGH}"
			role="img"
			aria-label="Depths out from the bank"
		>
			<path class="water" d="M{x(0)},{y(0)}L{line}L{x(farM)},{y(profile.at(-1)!.depthM)}L{x(farM)},{y(0)}Z" />
			<path class="bed" d="M{line}L{x(farM)},{y(profile.at(-1)!.depthM)}" />
			{#each profile as { outM, depthM }, at (at)}
				<!-- The fields below do the same for the keyboard. -->
				<!-- svelte-ignore a11y_no_static_element_interactions -->
				<g onpointerdown={() => (held = { at, farM, deepM })} class="cursor-grab">
					<circle cx={x(outM)} cy={y(depthM)} r="16" class="fill-transparent" />
					<circle cx={x(outM)} cy={y(depthM)} r="6" class="fill-paper stroke-ink stroke-[1.6]" />
				</g>
			{/each}
		</svg>
		<ul class="grid gap-4">
			{#each profile as { outM, depthM }, at (at)}
				<li class="flex flex-wrap items-center gap-6">
					<FigureField
						label="Point {at + 1}, from the bank"
						value={figureText(units, 'distance', outM)}
						low={0}
						high={distance.show(FARTHEST_M)}
						unit={distance.unit}
						onvalue={(figure) => onvalue(withPoint(profile, at, { outM: distance.read(figure) }))}
						>{distance.unit} out,</FigureField
					>
					<FigureField
						label="Point {at + 1}, depth"
						value={figureText(units, 'depth', depthM)}
						low={0}
						high={depth.show(DEEPEST_M)}
						unit={depth.unit}
						onvalue={(figure) => onvalue(withPoint(profile, at, { depthM: depth.read(figure) }))}
						>{depth.unit} deep</FigureField
					>
					<button
						class="remove button"
						type="button"
						aria-label="Remove point {at + 1}"
						onclick={() => onvalue(profile.length > 2 ? withPoint(profile, at, null) : [])}>×</button
					>
				</li>
			{/each}
		</ul>
	{/if}
	{#if profile.length < POINTS_MAX}
		<p>
			<button class="button" type="button" onclick={() => onvalue(withNextPoint(profile, bottomM))}
				>{profile.length > 1 ? 'Add a point' : 'Add a depth profile'}</button
			>
		</p>
	{/if}
</fieldset>

<style>
	.water {
		fill: color-mix(in srgb, var(--cool) 16%, var(--paper));
	}
	.bed {
		fill: none;
		stroke: var(--ink);
		stroke-width: 2px;
	}
</style>
