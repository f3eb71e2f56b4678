<script lang="ts">
	import { resolve } from '$app/paths';
	import { useApp } from '$lib/client/state/app.svelte';
	import {
		bladesText,
		finishText,
		lineText,
		ouncesText,
		rigName,
		skirtText,
		trailerText
	} from '$lib/core/foundation/labels/describe';
	import type { Rig } from '$lib/core/foundation/schema/rig';
	import { buildOf } from '$lib/core/rig/build/buildOf';
	import type { Tray } from '$lib/core/foundation/schema/tray';
	import type { Fit } from '$lib/workers/secondary.worker';
	import SmallRig from '../rig/SmallRig.svelte';
	import { pointsText } from './pointsText';

	const { tray }: { tray: Tray } = $props();
	const app = useApp();
	/** Fewer points than this are no difference. */
	const LEVEL = 0.05;
	let fit = $state.raw<Fit | null>(null);
	let failed = $state(false);
	const asked = $derived(JSON.stringify([app.question, tray]));

	$effect(() => {
		const [question, parts] = JSON.parse(asked) as [typeof app.question, Tray];
		if (!app.work || !app.ready || parts.length === 0) return void (fit = null);
		app.work.fit(question, parts).then(
			(found) => {
				if (found) [fit, failed] = [found, false];
			},
			() => (failed = true)
		);
	});
</script>

<section class="grid content-start gap-6">
	<h2>What of mine fits now?</h2>
	{#if tray.length === 0}
		<p class="quiet">List a few parts, and the best lure they make for your current reading stands here.</p>
	{:else if !app.ready}
		<p class="quiet">
			First say what you see on <a class="underline" href={resolve('/water')}>Water</a>: temperature, how far you see
			down, and depth.
		</p>
	{:else if failed}
		<p class="notice notice-fails" role="alert">
			This could not be worked out. Change something, or load the page again.
		</p>
	{:else if !fit}
		<p class="quiet" role="status">Working it out…</p>
	{:else}
		<div class="grid grid-cols-[repeat(auto-fit,minmax(220px,1fr))] gap-x-24 gap-y-10">
			{#if fit.own}{@render lure('Best of yours', fit.own)}{/if}
			{#if fit.best && (fit.behind === null || fit.behind >= LEVEL)}{@render lure('Best of all', fit.best)}{/if}
		</div>
		<p>
			{#if !fit.own}Nothing that your tray makes runs where these fish are.{:else if fit.behind === null || fit.behind < LEVEL}No
				part from a shop would do better on this water.{:else}Yours is {pointsText(fit.behind)} behind.{/if}
		</p>
		{#if fit.own}
			<div>
				<button class="button" disabled={!app.live} onclick={() => fit?.own && app.useRig(fit.own)}
					>Use yours as current rig</button
				>
			</div>
		{/if}
	{/if}
</section>

{#snippet lure(title: string, rig: Rig)}
	<div class="grid content-start gap-4">
		<span class="quiet">{title}</span>
		<SmallRig build={buildOf(rig)} width={210} height={90} />
		<strong>{rigName(rig)}, {ouncesText(rig.weightOz)} oz</strong>
		<span>{bladesText(rig)}, {finishText(rig)}; {skirtText(rig)}; {trailerText(rig)}; {lineText(rig.line)}</span>
	</div>
{/snippet}
