<script lang="ts">
	import { onMount } from 'svelte';
	import { MediaQuery } from 'svelte/reactivity';
	import { resolve } from '$app/paths';
	import { useApp } from '$lib/client/state/app.svelte';
	import { measuredOf } from '$lib/core/rig/build/fit';
	import { ouncesText, rigName } from '$lib/core/foundation/labels/describe';
	import { lineDiameterM, perTurnM } from '$lib/core/simulation/physics/line';
	import { runningWindow } from '$lib/core/simulation/physics/window';
	import Segment from '$lib/ui/controls/Segment.svelte';
	import { beatOf } from '$lib/ui/tank/beat';
	import { answered, drilled, drillFrom, FEEL_WORDS, FEELS, middleS, type Drill, type Feel } from '$lib/ui/tank/feel';
	import { Sounder } from '$lib/ui/tank/sounder.svelte';
	import Views from '$lib/ui/tank/Views.svelte';

	const app = useApp();
	const build = $derived(app.bench.build);
	const rig = $derived(build?.rig ?? null);
	const figures = $derived(
		build && runningWindow({ rig: build.rig, speedMps: build.rig.retrieve.speedMps }, measuredOf(build))
	);
	const turnsPerS = $derived(
		rig ? rig.retrieve.speedMps / perTurnM(rig.reel.inchesPerTurn, app.complete.castM / 2, lineDiameterM(rig.line)) : 0
	);
	const beatHz = $derived(beatOf(figures));

	const sounder = new Sounder();
	const reduced = new MediaQuery('(prefers-reduced-motion: reduce)', false);
	let crank = $state(false);
	let blades = $state(false);
	let feel = $state<Feel>('clean');
	let muted = $state(false);
	let dim = $state(false);
	let drill = $state.raw<Drill | null>(null);
	const felt = $derived(drill?.feel ?? feel);

	$effect(() => {
		if (!crank && !blades && !drill) return sounder.stop();
		const beating = blades || drill !== null;
		sounder.beat({ turnsPerS: crank ? turnsPerS : 0, beatHz: beating ? beatHz : 0, feel: felt, muted });
	});
	onMount(() => () => sounder.stop());

	/** How often (ms) it is looked whether the beat is to change. */
	const STEP_MS = 40;
	const drilling = $derived(drill !== null);
	$effect(() => {
		if (!drilling) return;
		const timer = setInterval(() => {
			if (drill) drill = drilled(drill, sounder.nowS, Math.random());
		}, STEP_MS);
		return () => clearInterval(timer);
	});
	function toggleDrill() {
		drill = drill ? null : drillFrom(sounder.nowS, Math.random());
	}
	const answer = () => drill && (drill = answered(drill, sounder.nowS, Math.random()));
	const middle = $derived(drill ? middleS(drill) : null);
</script>

<svelte:head><title>By feel · Lucernal</title></svelte:head>

<div class="screen feel" class:dim>
	<div class="screen-title">
		<h1 class="sr-only">What you feel</h1>
		<Views />
	</div>
	{#if !rig}
		<p class="empty p-16">You have no rig yet. Pick one on <a href={resolve('/call')}>Call</a> first.</p>
	{:else}
		<div class="screen-main">
			<section class="passage" aria-label="The crank">
				<h2>The crank of {rigName(rig).toLowerCase()}, {ouncesText(rig.weightOz)} oz</h2>
				<p class="row">
					<span
						class="h-44 w-44 rounded-[50%] border-2 border-ink"
						class:lit={crank && sounder.lit && !reduced.current}
						aria-hidden="true"
					></span>
					<strong class="figure text-xxl">{turnsPerS.toFixed(2)}</strong> turns a second
					<button class="button button-amber" aria-pressed={crank} onclick={() => (crank = !crank)}
						>{crank ? 'Stop' : 'Beat of the handle'}</button
					>
				</p>
				<p class="quiet">
					A click, a light and, if your device can, a buzz for each turn of the handle. Reel along until your hand keeps
					the pace by itself.
				</p>
			</section>
			<section class="passage" aria-label="The blades">
				<h2>The blades</h2>
				<p class="row">
					<strong class="figure text-xxl">{beatHz.toFixed(1)}</strong> beats a second, ± a quarter
					<button class="button button-amber" aria-pressed={blades} onclick={() => (blades = !blades)}
						>{blades ? 'Stop' : 'Beat of the blades'}</button
					>
				</p>
				<Segment
					name="feel"
					legend="What is felt"
					options={FEELS}
					value={feel}
					onvalue={(value) => (feel = value as Feel)}
				/>
				<p class="quiet">
					{feel === 'clean'
						? 'An even thump, as long as the blades turn freely.'
						: feel === 'fouled'
							? 'Weed on a blade: the beat gets dull and slow. Snap the rod, or reel in and clear it.'
							: 'The beat is gone and the line goes light: a fish has it and swims toward you. Reel fast until you feel it, then set the hook.'}
				</p>
			</section>
			<section class="passage" aria-label="Drill">
				<h2>Drill</h2>
				<p class="row">
					<button class="button" aria-pressed={drill !== null} onclick={toggleDrill}
						>{drill ? 'End the drill' : 'Begin a drill'}</button
					>
					{#if drill}<button class="button button-amber min-h-64 min-w-[12rem]" onclick={answer}>It changed</button
						>{/if}
				</p>
				<p class="quiet" role="status">
					{#if drill}
						{drill.answersS.length} caught{middle === null ? '' : `, usually in ${middle.toFixed(2)} s`}; {drill.missed} missed,
						{drill.tooSoon} too early.
					{:else}The beat stops or fouls when you do not expect it: press as soon as you hear it.{/if}
				</p>
			</section>
		</div>
		<div class="screen-side">
			<section class="passage" aria-label="Sound and light">
				<h2>Sound and light</h2>
				<label class="tick"><input type="checkbox" bind:checked={muted} /> No sound: only light and buzz</label>
				<label class="tick"><input type="checkbox" bind:checked={dim} /> Screen dimmed</label>
				<p class="quiet">
					Rates are the model’s for your current rig at its own speed with half the cast out. You feel now: {FEEL_WORDS[
						felt
					]}.
				</p>
			</section>
		</div>
	{/if}
</div>

<style>
	.row {
		display: flex;
		flex-wrap: wrap;
		gap: 8px 14px;
		align-items: center;
		padding: 10px 0;
	}
	.lit {
		background: var(--amber);
	}
	.dim {
		background: #000;
		color: #8d8d8d;
	}
	.empty a {
		text-decoration: underline;
	}
</style>
