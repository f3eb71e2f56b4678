<script lang="ts">
	import { useApp } from '$lib/client/state/app.svelte';
	import { PACE_S, PACE_TOLERANCE, paceOf } from '$lib/core/trips/drills/pace';
	import { percentText } from '$lib/presentation/units';

	const app = useApp();
	const M_PER_IN = 0.0254;
	const USUAL_PER_S = 1;
	/** Turns a second that the current rig wants. */
	const wanted = $derived(app.rig ? app.rig.retrieve.speedMps / (app.rig.reel.inchesPerTurn * M_PER_IN) : USUAL_PER_S);
	let taps = $state.raw<readonly number[]>([]);
	let over = $state(false);
	const pace = $derived(paceOf(taps, wanted));
	const leftS = $derived(taps.length === 0 ? PACE_S : Math.max(0, PACE_S - (taps.at(-1)! - taps[0]!) / 1000));
	const rate = (perS: number): string => `${perS.toFixed(2)} turns a second`;
	const hint = $derived.by(() => {
		if (pace.nowPerS === null) return 'Tap once for every turn of the handle, or press Space.';
		const off = pace.nowPerS / wanted - 1;
		if (Math.abs(off) <= PACE_TOLERANCE) return 'On pace.';
		return off > 0 ? 'Too fast.' : 'Too slow.';
	});

	function tap(): void {
		if (over) return;
		taps = [...taps, performance.now()];
		if (leftS === 0) over = true;
	}
	function again(): void {
		[taps, over] = [[], false];
	}
</script>

<section class="grid max-w-720 content-start gap-12">
	<h2>Hold the pace for a minute</h2>
	<p>
		{app.rig ? 'Your current rig wants' : 'Begin with'} <strong>{rate(wanted)}</strong>: one every {(
			1 / wanted
		).toFixed(2)} seconds. A turn counts where it is within 5 % of that.
	</p>
	<button
		class="button tap"
		disabled={over}
		onpointerdown={tap}
		onkeydown={(event) => {
			if (event.key !== ' ' && event.key !== 'Enter') return;
			event.preventDefault();
			if (!event.repeat) tap();
		}}>Turn</button
	>
	<p role="status" class="min-h-22">
		<strong>{over ? 'Done.' : hint}</strong>
		{#if pace.nowPerS !== null && !over}You turn {rate(pace.nowPerS)}.{/if}
	</p>
	{#if pace.held !== null}
		<p>
			{percentText(pace.held)} of {pace.turns}
			{pace.turns === 1 ? 'turn' : 'turns'} on pace; {Math.ceil(leftS)} seconds left.
		</p>
	{/if}
	<div><button class="button" disabled={taps.length === 0} onclick={again}>Start again</button></div>
</section>

<style>
	.tap {
		min-height: 130px;
		font-size: var(--t-l, 20px);
		touch-action: manipulation;
	}
</style>
