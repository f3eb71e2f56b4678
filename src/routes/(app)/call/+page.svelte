<script lang="ts">
	import { enhance } from '$app/forms';
	import { resolve } from '$app/paths';
	import { describeRig, rigName } from '$lib/core/drawing/describe';
	import Alternates from '$lib/ui/call/Alternates.svelte';
	import Ledger from '$lib/ui/call/Ledger.svelte';
	import TopCall from '$lib/ui/call/TopCall.svelte';
	import { useDesk } from '$lib/ui/desk/desk.svelte';
	import type { ActionData, PageData } from './$types';

	const { data, form }: { data: PageData; form: ActionData } = $props();
	const desk = useDesk();
	const answer = $derived(desk.answer ?? data.answer);
	let marked = $state(0);
	const called = $derived(answer?.calls[Math.min(marked, answer.calls.length - 1)] ?? null);
	const best = $derived(answer?.calls[0] ?? null);
	const kept = $derived(form && 'kept' in form ? form.kept : null);
	const message = $derived(form && 'message' in form ? form.message : null);
	const VERDICT = {
		good: 'A day for blades.',
		fair: 'Blades are a fair choice today.',
		poor: 'Not a day for blades.'
	} as const;

	/** How far the top call leads the best rig of another family. */
	const lead = $derived.by(() => {
		const other = answer?.calls.find(({ rig }) => rig.family !== best?.rig.family);
		return best && other ? best.score - other.score : null;
	});
	const leadText = $derived(
		lead === null
			? ''
			: lead < 0.3
				? 'Level with the next family: either will do.'
				: `Ahead of the next family by ${lead.toFixed(1)}. ${lead < 1 ? 'A narrow lead.' : lead < 3 ? 'A fair lead, not a sure one.' : 'A clear lead.'}`
	);

	/** What a screen reader hears when the top call changes. */
	const spoken = $derived(best ? `Top call: ${rigName(best.rig)}, ${best.rig.weightOz} ounces` : 'No call');
	const plan = $derived(answer?.plan.filter(({ kind }) => kind === 'plan') ?? []);
	const cautions = $derived(answer?.plan.filter(({ kind }) => kind === 'caution') ?? []);
	const TOPICS = ['position', 'cast', 'retrieve', 'hookset'] as const;
	const perTopic = $derived(
		TOPICS.map((topic) => ({ topic, items: plan.filter((item) => item.topic === topic) })).filter(
			({ items }) => items.length > 0
		)
	);
</script>

<div class="call">
	<div class="title">
		<h1>What should I tie on?</h1>
		<p class="lead">{leadText}</p>
		<form
			method="POST"
			action="?/take"
			use:enhance={({ cancel }) => {
				if (!called) return;
				desk.take(called.rig);
				cancel();
			}}
		>
			<input type="hidden" name="chosen" value={marked} />
			<input type="hidden" name="reading" value={JSON.stringify(desk.reading)} />
			<button class="button button-amber" disabled={!called}>Take in hand</button>
		</form>
		<form
			method="POST"
			action="?/keep"
			use:enhance={() =>
				({ update }) =>
					update({ reset: false, invalidateAll: false })}
		>
			<input type="hidden" name="chosen" value={marked} />
			<input type="hidden" name="name" value={desk.record.name || (desk.spot?.spot.name ?? '')} />
			<input type="hidden" name="readingId" value={desk.record.readingId ?? ''} />
			<input type="hidden" name="reading" value={JSON.stringify(desk.reading)} />
			<button class="button" disabled={!called}>Keep</button>
		</form>
	</div>
	<p class="sr-only" role="status" aria-live="polite">{spoken}</p>

	<div class="main">
		{#if message}<p class="notice notice-fails" role="alert">{message}</p>{/if}
		{#if kept}<p class="notice" role="status">
				Kept “{kept.name}”: reading and call together. <a href={resolve('/kept')}>See what is kept</a>
			</p>{/if}
		{#if answer && (answer.verdict.blades !== 'good' || !called)}
			<div class="verdict" class:poor={answer.verdict.blades === 'poor'}>
				<strong>{VERDICT[answer.verdict.blades]}</strong>
				<span
					>{answer.verdict.reasons.join(' ')}{#if answer.verdict.insteadTry.length > 0}
						Rather: {answer.verdict.insteadTry.join(', ')}. The best of the four all the same:{/if}</span
				>
			</div>
		{/if}
		{#if called && answer}
			<TopCall {called} units={desk.units} />
			<Alternates calls={answer.calls} {marked} onmark={(index) => (marked = index)} />
			<section class="plan" aria-label="The plan of the cast">
				{#each perTopic as { topic, items } (topic)}
					<div>
						<h2>{topic}</h2>
						<ul>
							{#each items.slice(0, 2) as item (item.claim)}<li>{item.text}</li>{/each}
						</ul>
					</div>
				{/each}
			</section>
			{#if cautions.length > 0}
				<ul class="cautions" aria-label="Cautions">
					{#each cautions as item (item.claim)}<li>{item.text}</li>{/each}
				</ul>
			{/if}
		{:else if !answer}
			<p class="wait" role="status">Weighing the rules.</p>
		{/if}
	</div>
	<div class="side">
		{#if called}<Ledger {called} />{/if}
		{#if called}<p class="sr-only">{describeRig(called.rig)}</p>{/if}
	</div>
</div>

<style>
	.call {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 404px;
		grid-template-rows: 40px 1fr;
		height: calc(100vh - 66px);
	}
	.title {
		grid-column: 1 / -1;
		display: flex;
		align-items: center;
		gap: 10px;
		padding: 0 14px 0 16px;
		border-bottom: 1px solid var(--ink);
	}
	.lead {
		flex: 1;
		color: var(--ink-2);
	}
	.main {
		min-width: 0;
		overflow-y: auto;
	}
	.side {
		border-left: 1px solid var(--ink);
		overflow-y: auto;
	}
	.notice {
		margin: 8px 14px;
	}
	.verdict {
		display: flex;
		gap: 10px;
		padding: 6px 14px;
		border-bottom: 1px solid var(--rule);
	}
	.verdict.poor {
		border-left: 6px solid var(--fails);
	}
	.verdict strong {
		white-space: nowrap;
	}
	.plan {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(170px, 1fr));
		gap: 6px 14px;
		padding: 8px 14px;
		border-top: 1px solid var(--ink);
		font-size: 12px;
		line-height: 15px;
	}
	.plan h2::first-letter {
		text-transform: uppercase;
	}
	.plan ul {
		display: grid;
		gap: 3px;
	}
	.cautions {
		padding: 6px 14px 10px;
		border-top: 1px solid var(--rule);
		font-size: 12px;
		line-height: 16px;
	}
	.cautions li::before {
		content: '▲ ';
		color: var(--fails);
	}
	.wait {
		padding: 24px;
	}
	@media (width < 56rem) {
		.call {
			display: block;
			height: auto;
		}
		.title {
			position: sticky;
			top: 0;
			z-index: 5;
			flex-wrap: wrap;
			padding: 8px 12px;
			background: var(--paper);
		}
		.lead {
			order: 3;
			flex-basis: 100%;
		}
		.title h1 {
			flex: 1;
		}
		.side {
			border-left: 0;
			border-top: 1px solid var(--ink);
		}
		.plan,
		.cautions {
			font-size: 14px;
			line-height: 19px;
		}
		.verdict {
			flex-direction: column;
			gap: 2px;
		}
	}
</style>
