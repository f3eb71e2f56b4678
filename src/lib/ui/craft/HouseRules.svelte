<script lang="ts">
	import { checkHouseRule, facetValues } from '$lib/core/choice/houseRules';
	import { FACETS, type Facet } from '$lib/core/claims/claim';
	import { WORDS, type Word } from '$lib/core/reading/conditions';
	import { InputFailure } from '$lib/core/schema/failure';
	import { houseRuleSchema, houseRulesSchema, type HouseRule } from '$lib/core/claims/house';
	import { FAMILIES, type Family } from '$lib/core/schema/words';
	import { useApp } from '$lib/client/app.svelte';
	import Strength from '../parts/Strength.svelte';
	import { spokenFirst } from '$lib/core/naming/spoken';

	const app = useApp();
	const values = facetValues();
	const words = (Object.keys(WORDS) as Word[]).sort();
	const BLANK = { strength: 2, family: '', join: 'all', first: 'always', second: '', because: '' };
	let draft = $state({ ...BLANK });
	interface Wish {
		facet: Facet | '';
		value: string;
		fit: number;
	}
	const noWish = (): Wish => ({ facet: '', value: '', fit: 1 });
	let wishes = $state<Wish[]>([noWish(), noWish()]);
	let refused = $state<{ path: string; message: string } | null>(null);
	let deleted = $state.raw<readonly HouseRule[] | null>(null);

	function nextId(): string {
		const taken = new Set(app.stand.houseRules.map(({ id }) => id));
		for (let at = 1; at < 100; at++) {
			const id = `MY-${String(at).padStart(2, '0')}`;
			if (!taken.has(id)) return id;
		}
		return 'MY-99';
	}

	function drafted(): unknown {
		const prefers: Record<string, Record<string, number>> = {};
		for (const { facet, value, fit } of wishes) if (facet) prefers[facet] = { ...prefers[facet], [value]: fit };
		return {
			id: nextId(),
			strength: draft.strength,
			...(draft.family ? { scope: [draft.family as Family] } : {}),
			when: { join: draft.join, words: [draft.first, draft.second].filter(Boolean) },
			prefers,
			because: draft.because
		};
	}

	function add(event: SubmitEvent) {
		event.preventDefault();
		refused = null;
		const parsed = houseRuleSchema.safeParse(drafted());
		if (!parsed.success) {
			const issue = parsed.error.issues[0]!;
			refused = { path: String(issue.path[0] ?? ''), message: issue.message };
			return;
		}
		try {
			checkHouseRule(parsed.data, 'rule');
			app.setRules(houseRulesSchema.parse([...app.stand.houseRules, parsed.data]));
		} catch (error) {
			const message = error instanceof InputFailure ? error.message : 'At most fifty rules can be weighed together.';
			refused = { path: 'prefers', message };
			return;
		}
		draft = { ...BLANK };
		wishes = [noWish(), noWish()];
		deleted = null;
	}

	function remove(id: string) {
		deleted = app.stand.houseRules;
		app.setRules(app.stand.houseRules.filter((rule) => rule.id !== id));
	}

	const wants = ({ prefers }: HouseRule): string =>
		Object.entries(prefers)
			.map(
				([facet, fits]) =>
					`${facet}: ${Object.entries(fits)
						.map(([value, fit]) => (fit < 0 ? `not ${value}` : value))
						.join(', ')}`
			)
			.join('; ');
</script>

{#snippet refusal(path: string)}
	{#if refused?.path === path}<p class="refused" role="alert">{refused.message}</p>{/if}
{/snippet}

<div class="own">
	<p class="quiet">Weighed beside the craft’s rules at their strength, and marked as yours in every ledger.</p>
	<ul>
		{#each app.stand.houseRules as rule (rule.id)}
			<li>
				<Strength of={rule.strength} />
				<span class="id">{rule.id}</span>
				<span
					>{rule.because}
					<small>When {rule.when.words.join(rule.when.join === 'all' ? ' and ' : ' or ')} → {wants(rule)}</small></span
				>
				<button class="button" type="button" onclick={() => remove(rule.id)} aria-label="Delete {rule.id}"
					>Delete</button
				>
			</li>
		{:else}
			<li class="none">No rules of your own yet.</li>
		{/each}
	</ul>
	{#if deleted}
		<p class="notice" role="status">
			Deleted. <button
				class="button"
				type="button"
				onclick={() => {
					app.setRules([...deleted!]);
					deleted = null;
				}}>Undo</button
			>
		</p>
	{/if}
	<form onsubmit={add} novalidate>
		<h2>A new rule</h2>
		<div class="row">
			<label
				>When <select class="field" bind:value={draft.first}
					>{#each words as word (word)}<option>{word}</option>{/each}</select
				></label
			>
			<label
				>joined by <select class="field" bind:value={draft.join}
					><option value="all">and</option><option value="any">or</option></select
				></label
			>
			<label
				>second condition <select class="field" bind:value={draft.second}
					><option value="">none</option>{#each words as word (word)}<option>{word}</option>{/each}</select
				></label
			>
			<label
				>about <select class="field" bind:value={draft.family}
					><option value="">every family</option>{#each FAMILIES as one (one)}<option value={one}
							>{spokenFirst(one)}</option
						>{/each}</select
				></label
			>
			<label
				>strength <select class="field" bind:value={draft.strength}
					><option value={3}>3, decides</option><option value={2}>2, habit</option><option value={1}>1, nudge</option
					></select
				></label
			>
		</div>
		{@render refusal('when')}
		{#each wishes as wish, at (at)}
			<div class="row">
				<label
					>{at === 0 ? 'prefers' : 'and'}
					<select
						class="field"
						bind:value={wish.facet}
						onchange={() => (wish.value = values[wish.facet as Facet]?.[0] ?? '')}
						><option value="">{at === 0 ? 'choose a part' : 'nothing more'}</option
						>{#each FACETS as facet (facet)}<option>{facet}</option>{/each}</select
					></label
				>
				{#if wish.facet}
					<label
						>being <select class="field" bind:value={wish.value}
							>{#each values[wish.facet] as value (value)}<option>{value}</option>{/each}</select
						></label
					>
					<label
						>pull <select class="field" bind:value={wish.fit}
							><option value={1}>for it</option><option value={0.5}>rather</option><option value={-1}>against it</option
							></select
						></label
					>
				{/if}
			</div>
		{/each}
		{@render refusal('prefers')}
		<label class="because"
			>Because <input
				class="field"
				bind:value={draft.because}
				maxlength="200"
				aria-invalid={refused?.path === 'because'}
			/></label
		>
		{@render refusal('because')}
		{@render refusal('id')}
		<button class="button button-amber">Add the rule</button>
	</form>
</div>

<style>
	.own {
		display: grid;
		gap: 10px;
		max-width: 62rem;
		padding: 10px 16px;
	}
	.quiet,
	small {
		color: var(--ink-2);
	}
	small {
		display: block;
		font-size: var(--t-s);
	}
	li {
		display: grid;
		grid-template-columns: 25px 66px 1fr auto;
		align-items: center;
		gap: 10px;
		padding: 6px 0;
		border-top: 1px solid var(--rule);
	}
	li.none {
		display: block;
	}
	.id {
		font: var(--t-xs) var(--font-mono);
	}
	form {
		display: grid;
		gap: 8px;
		justify-items: start;
		padding-top: 10px;
		border-top: 1px solid var(--ink);
	}
	.row {
		display: flex;
		flex-wrap: wrap;
		gap: 8px 12px;
	}
	label {
		display: grid;
		gap: 2px;
		font-size: var(--t-xs);
		color: var(--ink-2);
	}
	.because {
		width: 100%;
	}
	.refused {
		color: var(--fails);
		font-weight: 560;
	}
	@media (width < 56rem) {
		label {
			flex: 1 1 100%;
		}
		form :is(select, input) {
			width: 100%;
			min-height: 48px;
		}
		form {
			justify-items: stretch;
		}
	}
</style>
