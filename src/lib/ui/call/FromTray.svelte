<script lang="ts">
	import wasm from 'highs/runtime?url';
	import { bladesText, ouncesText, rigName } from '$lib/core/foundation/labels/describe';
	import { partText } from '$lib/core/foundation/labels/partText';
	import type { Restock } from '$lib/core/foundation/schema/restock';
	import { useApp } from '$lib/client/state/app.svelte';
	import type { Fit } from '$lib/workers/secondary.worker';
	import { pointsText } from '../tray/pointsText';
	import TraySwitch from '../tray/TraySwitch.svelte';

	const app = useApp();
	/** Fewer points than this are no difference. */
	const LEVEL = 0.05;
	let fit = $state.raw<Fit | null>(null);
	let missing = $state.raw<Restock | null>(null);
	let busy = $state(false);
	let failed = $state(false);

	$effect(() => {
		const { question } = app;
		[fit, missing, busy, failed] = [null, null, false, false];
		if (!question.tray || !app.work) return;
		app.work.fit(question, question.tray).then(
			(found) => {
				if (found && question === app.question) fit = found;
			},
			() => (failed = true)
		);
	});

	/** The one part from a shop that would help most here. */
	async function look(): Promise<void> {
		const { question } = app;
		const { reading, tray, stances } = question;
		if (!app.work || !tray) return;
		[busy, failed] = [true, false];
		try {
			const asked = { readings: [reading], tray, stances, maxParts: 1 };
			const found = await app.work.restock(asked, wasm, () => undefined);
			if (question === app.question) missing = found;
		} catch {
			if (question === app.question) failed = true;
		}
		if (question === app.question) busy = false;
	}
</script>

<div class="flex flex-wrap items-center gap-x-14 gap-y-2 border-b border-b-rule px-14 py-4 text-s">
	<TraySwitch />
	{#if failed}<p class="wrong" role="alert">This could not be worked out. Change something, or load the page again.</p>
	{:else if fit}
		<p class="flex-1" role="status">
			{#if !fit.own}
				Nothing that your tray makes runs where these fish are.
			{:else if fit.behind === null || fit.behind < LEVEL}
				The best of yours is as good as the best of all.
			{:else}
				The best of yours is {pointsText(fit.behind)} behind the best of all{#if fit.best}: {rigName(fit.best)},
					{ouncesText(fit.best.weightOz)} oz, {bladesText(fit.best)}{/if}.
			{/if}
			{#if missing}
				{#if missing.buy.length > 0}
					<strong>{partText(missing.buy[0]!.part)}</strong>
					{fit.own ? `would close ${Math.round(100 * missing.covered)} % of that.` : 'would make one that does.'}
				{:else}No single part would help here.{/if}
			{/if}
		</p>
		{#if !missing && (fit.behind === null || fit.behind >= LEVEL)}
			<button class="button px-8 py-2" type="button" disabled={busy} onclick={look}
				>{busy ? 'Looking…' : 'Which part would help most?'}</button
			>
		{/if}
	{/if}
</div>
