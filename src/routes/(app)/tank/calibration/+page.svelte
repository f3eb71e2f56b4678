<script lang="ts">
	import { plainCopy } from '$lib/client/state/plainCopy.svelte';
	import { percentText } from '$lib/presentation/units';
	import { resolve } from '$app/paths';
	import { useApp } from '$lib/client/state/app.svelte';
	import { bladesKey, measuredOf } from '$lib/core/rig/build/fit';
	import { without } from '$lib/core/foundation/basics/without';
	import { lineDiameterM, perTurnM } from '$lib/core/simulation/physics/line';
	import { ouncesText, rigName } from '$lib/core/foundation/labels/describe';
	import type { Calibration, Measure } from '$lib/core/foundation/schema/calibration';
	import type { Calibrated } from '$lib/core/simulation/cast/calibrate';
	import MeasureForm from '$lib/ui/tank/MeasureForm.svelte';
	import { measureText, saidText } from '$lib/ui/tank/measureDraft';
	import Views from '$lib/ui/tank/Views.svelte';

	const app = useApp();
	const build = $derived(app.bench.build);
	const rig = $derived(build?.rig ?? null);
	const kept = $derived(build?.calibration ?? null);
	const others = $derived(rig !== null && kept !== null && kept.blades !== bladesKey(rig));
	const measures = $derived(others ? [] : (kept?.measures ?? []));
	const turnM = $derived(rig ? perTurnM(rig.reel.inchesPerTurn, app.complete.castM / 2, lineDiameterM(rig.line)) : 1);
	let found = $state.raw<Calibrated | null>(null);
	let refused = $state('');
	let busy = $state(false);

	/** What is measured of the parts alone: the factors are what is asked for. */
	const parts = $derived(build ? without(measuredOf(build), 'factors') : {});

	async function fit(next: readonly Measure[]): Promise<Calibrated | null> {
		if (!rig || !app.work) return null;
		busy = true;
		try {
			return await app.work.calibrated(plainCopy(rig), parts, plainCopy(next));
		} finally {
			busy = false;
		}
	}

	/** Takes a set of measurements over, or says which of them cannot be. */
	async function take(next: Measure[]): Promise<void> {
		if (!build || !rig) return;
		refused = '';
		if (next.length === 0) {
			found = null;
			return app.bench.change(without(build, 'calibration'));
		}
		const fitted = await fit(next);
		if (!fitted) return;
		if (fitted.refused[0]) return void (refused = fitted.refused[0].why);
		if (!fitted.fitted) return void (refused = 'These measurements don’t fit together: look for one that is wrong.');
		found = fitted;
		const { dragMul, liftMul } = fitted.fitted;
		const calibration: Calibration = { blades: bladesKey(rig), on: true, measures: next, dragMul, liftMul };
		app.bench.change({ ...build, calibration });
	}

	$effect(() => {
		// What was kept is fitted again for its plus-minus, which is not kept.
		if (!app.work || found || measures.length === 0 || !kept) return;
		void fit(measures).then((fitted) => (found = fitted));
	});

	const fitted = $derived(measures.length > 0 ? (found?.fitted ?? null) : null);
</script>

<svelte:head><title>Measured · Lucernal</title></svelte:head>

<div class="screen">
	<div class="screen-title">
		<h1 class="sr-only">How it really runs</h1>
		<Views />
		<span class="ml-auto">
			<button class="button" disabled={!app.canUndo} onclick={() => app.undo()}>Undo</button>
		</span>
	</div>
	{#if !rig || !build}
		<p class="empty p-16">You have no rig yet. Pick one on <a href={resolve('/call')}>Call</a> first.</p>
	{:else}
		<div class="screen-main">
			<section class="passage" aria-label="Measurements">
				<h2>{rigName(rig)}, {ouncesText(rig.weightOz)} oz: your measurements</h2>
				{#if others}<p class="notice">
						This rig was measured with other blades ({kept?.blades}). With these blades the model’s figures apply until
						you measure again.
					</p>{/if}
				<table class="listed">
					<thead><tr><th scope="col">Measured</th><th scope="col">The fitted model says</th><td></td></tr></thead>
					<tbody>
						{#each measures as measure, at (at)}
							<tr>
								<td>{measureText(measure, app.units)}</td>
								<td class="figure"
									>{fitted?.says[at] === undefined ? '…' : saidText(measure, fitted.says[at], app.units)}</td
								>
								<td
									><button
										class="button"
										aria-label="Remove: {measureText(measure, app.units)}"
										onclick={() => take(measures.filter((_, one) => one !== at))}>Remove</button
									></td
								>
							</tr>
						{:else}
							<tr><td colspan="3" class="quiet">Nothing yet: the model’s figures apply, ± 25 %.</td></tr>
						{/each}
					</tbody>
				</table>
				<MeasureForm units={app.units} {turnM} onadd={(measure) => take([...measures, measure])} />
				{#if refused}<p class="notice notice-fails" role="alert">{refused}</p>{/if}
			</section>
		</div>
		<div class="screen-side" aria-live="polite">
			<section class="passage" aria-label="What it says">
				<h2>What it says</h2>
				{#if busy}<p class="quiet">Fitting …</p>
				{:else if fitted}
					<p>
						Drag <strong class="figure">{fitted.dragMul.toFixed(2)}</strong> times the model’s, ± {percentText(
							fitted.dragOff
						)}:
						{fitted.dragMul > 1 + fitted.dragOff
							? 'it runs shallower and sinks slower.'
							: fitted.dragMul < 1 - fitted.dragOff
								? 'it runs deeper and sinks faster.'
								: 'as the model says.'}
					</p>
					{#if fitted.liftOff !== null}
						<p>
							Lift <strong class="figure">{fitted.liftMul.toFixed(2)}</strong> times, ± {percentText(fitted.liftOff)};
							correlation with drag {(fitted.correlation ?? 0).toFixed(2)}.
						</p>
					{:else}
						<p class="quiet">
							Lift is left as it is: to separate it from drag you need two bottom contacts at clearly different speeds,
							one of them fast.
						</p>
					{/if}
					<label class="tick">
						<input
							type="checkbox"
							checked={kept?.on ?? false}
							onchange={({ currentTarget }) =>
								kept && app.bench.change({ ...build, calibration: { ...kept, on: currentTarget.checked } })}
						/>
						Use it on Tank and Bench
					</label>
				{:else}
					<p class="quiet">
						One timed fall beside the boat is enough to start: lower the tip to the water, let it fall on slack line,
						and count until it reaches a bottom whose depth you know.
					</p>
				{/if}
			</section>
			<section class="passage" aria-label="How to measure">
				<h2>How to measure well</h2>
				<ul>
					<li>Three falls tell you more than one; use a depth of 2 m or more.</li>
					<li>A count on tight line depends mostly on the line, so it says less about the lure.</li>
					<li>
						For lift, reel one cast slowly and one fast over the same bottom, and note where each first touches it.
					</li>
				</ul>
			</section>
		</div>
	{/if}
</div>

<style>
	li {
		border-bottom: 1px solid var(--rule);
	}
	.empty a {
		text-decoration: underline;
	}
	.screen-side p,
	li {
		padding: 5px 0;
	}
</style>
