<script lang="ts">
	import { tipWords } from '$lib/presentation/runWords';
	import {
		bladesText,
		finishText,
		ouncesText,
		rigName,
		skirtText,
		trailerText
	} from '$lib/core/foundation/labels/describe';
	import { WEIGHTS_OZ } from '$lib/core/foundation/catalogue/parts';
	import type { CalledRig } from '$lib/core/foundation/schema/call';
	import type { Running } from '$lib/core/foundation/schema/run';
	import { cadenceWords } from './cadence';

	interface Props {
		calls: readonly CalledRig[];
		running: Running | null;
	}
	const { calls, running }: Props = $props();
	const top = $derived(calls[0] ?? null);
	/** What else is tied on when that brings nothing: the best of another family, if one is called. */
	const other = $derived(calls.find(({ rig }) => rig.family !== top?.rig.family) ?? null);
	const heavier = $derived(top ? WEIGHTS_OZ.find((oz) => oz > top.rig.weightOz) : undefined);
</script>

{#if top}
	{@const { rig } = top}
	<div class="grid max-w-[64ch] gap-4 text-m">
		<p>
			<strong>Tie on:</strong>
			{rigName(rig).toLowerCase()}, {ouncesText(rig.weightOz)} oz, {bladesText(rig)} in {finishText(rig)}, {skirtText(
				rig
			)}, {trailerText(rig)}.
		</p>
		<p>
			<strong>Cast and reel:</strong>
			{#if running && running.run.cast.countdownS >= 1}let it sink for a count of {running.run.cast.countdownS}, then{/if}
			{running ? cadenceWords(running.window.turnsPerS) : 'steadily'}, all the way in. {running
				? tipWords(running.run)
				: ''}
		</p>
		<p>
			<strong>If you get no bites:</strong> change one thing.
			{#if heavier}{ouncesText(heavier)} oz runs deeper or casts farther{other ? ';' : '.'}{/if}
			{#if other}a {rigName(other.rig).toLowerCase()} is the other way to fish this water.{/if}
		</p>
	</div>
{/if}
