<script lang="ts">
	import { resolve } from '$app/paths';
	import { useApp } from '$lib/client/state/app.svelte';
	import { dequal } from 'dequal';
	import { drawRig } from '$lib/core/rig/drawing/rigDrawing';
	import { describeRig, ouncesText, rigName, skirtText } from '$lib/core/foundation/labels/describe';
	import { confidenceOf } from '$lib/ui/call/confidence';
	import Plan from '$lib/ui/call/Plan.svelte';
	import Why from '$lib/ui/call/Why.svelte';
	import { readingLines } from '$lib/ui/logbook/compared';
	import RigDrawing from '$lib/ui/rig/RigDrawing.svelte';
	import { timeText } from '$lib/ui/time';
	import type { PageData } from './$types';

	const { data }: { data: PageData } = $props();
	const app = useApp();
	const { record, today } = $derived(data);
	const { answer, chosen } = $derived(record);
	const called = $derived(answer.calls[chosen] ?? answer.calls[0] ?? null);
	const drawing = $derived(called && drawRig(called.rig));
	const place = $derived(app.spotOf(record.spotId));
	const zone = $derived(place?.water.timeZone ?? 'UTC');
	const others = $derived(answer.calls.filter((one) => one !== called));
	const lines = $derived(readingLines(record.reading, app.units));
	/** Room for the drawing, px. */
	const ROOM = { width: 420, height: 190 };
	const scale = $derived(
		drawing ? Math.min(96 / 25.4, ROOM.width / drawing.bounds.width, ROOM.height / drawing.bounds.height) : 1
	);
	const first = $derived(answer.calls[0]);
	const sameToday = $derived(first && today ? dequal(first.rig, today.rig) : null);
</script>

<svelte:head><title>{record.name}, saved · Lucernal</title></svelte:head>

<div class="screen kept-call">
	<div class="screen-title">
		<h1>{record.name}</h1>
		<p class="quiet">
			saved {timeText(record.keptAt, zone)}{place ? `, ${place.spot.name}, ${place.water.name}` : ''}
		</p>
		<span class="ml-auto flex gap-6">
			<a class="button" href={resolve('/logbook')}>Back to Logbook</a>
			{#if called}<button class="button" onclick={() => app.useRig(called.rig)}>Use this rig</button>{/if}
		</span>
	</div>
	<div class="screen-main">
		{#if called && drawing}
			<section class="passage" aria-label="The lure">
				<h2>{rigName(called.rig)}, {ouncesText(called.rig.weightOz)} oz</h2>
				<div class="lure">
					<RigDrawing {drawing} {scale} />
					<p>{describeRig(called.rig)}</p>
				</div>
				<p class="quiet">
					A {answer.verdict.blades} day for blades{chosen > 0
						? '; you chose this backup rather than the first choice'
						: ''}.
					{#if record.fromTray}It was called from your tray of that day.{/if}
					{#if sameToday === true}Today’s rules still choose it first.
					{:else if today}Today’s rules would choose {rigName(today.rig).toLowerCase()}, {ouncesText(
							today.rig.weightOz
						)} oz first.{/if}
				</p>
			</section>
			<Why {called} calls={answer.calls} close={confidenceOf(answer.calls, null).words} />
		{:else}
			<section><p>Nothing could be called: {answer.verdict.reasons.join(' ')}</p></section>
		{/if}
	</div>
	<div class="screen-side">
		<section class="passage" aria-label="The water">
			<h2>The water when it was saved</h2>
			<dl>
				{#each lines as { title, value } (title)}<div>
						<dt class="flex-[0_0_110px] text-ink-2">{title}</dt>
						<dd>{value}</dd>
					</div>{/each}
			</dl>
		</section>
		{#if others.length > 0}
			<section class="passage" aria-label="The backups">
				<h2>The backups</h2>
				<ul>
					{#each others as { rig }, at (at)}<li class="border-b border-b-rule py-4">
							{rigName(rig)}, {ouncesText(rig.weightOz)} oz, {skirtText(rig)}
						</li>{/each}
				</ul>
			</section>
		{/if}
		<section class="passage" aria-label="The cast">
			<h2>The cast</h2>
			<Plan plan={answer.plan} />
		</section>
	</div>
</div>

<style>
	.lure {
		display: flex;
		flex-wrap: wrap;
		gap: 8px 18px;
		align-items: center;
		padding: 8px 0;
	}
	.lure p {
		flex: 1 1 16rem;
	}
	dl div {
		display: flex;
		gap: 12px;
		padding: 3px 0;
		border-bottom: 1px solid var(--rule);
	}
</style>
