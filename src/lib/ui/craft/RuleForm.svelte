<script lang="ts">
	import { facetValues } from '$lib/core/ranking/answer/houseRules';
	import { spoken } from '$lib/core/foundation/labels/spoken';
	import type { Facet } from '$lib/core/claims/claim';
	import { FAMILIES } from '$lib/core/foundation/schema/words';
	import { blankDraft, CONDITIONS, FACET_OPTIONS, FITS, STRENGTHS, type RuleDraft } from './ruleDraft';

	interface Props {
		draft: RuleDraft;
		refused: { readonly path: string; readonly message: string } | null;
		onsay: (draft: RuleDraft) => void;
		oncancel: () => void;
	}
	let { draft = $bindable(blankDraft()), refused, onsay, oncancel }: Props = $props();
	const values = facetValues();

	const refuses = (...paths: string[]): boolean => refused !== null && paths.includes(refused.path);
	function choose(at: number, facet: Facet | '') {
		draft.wishes[at] = { ...draft.wishes[at]!, facet, value: facet === '' ? '' : values[facet][0]! };
	}
</script>

<form
	class="grid gap-8 border-t border-t-ink pt-10"
	onsubmit={(event) => {
		event.preventDefault();
		onsay(draft);
	}}
	novalidate
>
	<h2>{draft.id ? `Changing ${draft.id}` : 'A new rule'}</h2>
	<p class="sentence">
		When
		<select class="field" aria-label="Condition" bind:value={draft.first}>
			{#each CONDITIONS as [word, text] (word)}<option value={word}>{text}</option>{/each}
		</select>
		<select class="field" aria-label="Joined by" bind:value={draft.join}>
			<option value="all">and</option><option value="any">or</option>
		</select>
		<select class="field" aria-label="Second condition" bind:value={draft.second}>
			<option value="">nothing more</option>
			{#each CONDITIONS as [word, text] (word)}<option value={word}>{text}</option>{/each}
		</select>,
		<select class="field" aria-label="About" bind:value={draft.family}>
			<option value="">every lure</option>
			{#each FAMILIES as one (one)}<option value={one}>a {spoken(one)}</option>{/each}
		</select>
		{#each draft.wishes as wish, at (at)}
			{#if at > 0 && draft.wishes[0]?.facet}and{/if}
			{#if at === 0 || draft.wishes[0]?.facet}
				<select class="field" aria-label="Pull {at + 1}" bind:value={wish.fit}>
					{#each FITS as [fit, text] (fit)}<option value={fit}>{text} have</option>{/each}
				</select>
				<select
					class="field"
					aria-label="Part {at + 1}"
					aria-invalid={at === 0 && refuses('prefers')}
					value={wish.facet}
					onchange={({ currentTarget }) => choose(at, currentTarget.value as Facet | '')}
				>
					<option value="">{at === 0 ? 'choose a part' : 'nothing more'}</option>
					{#each FACET_OPTIONS as [facet, text] (facet)}<option value={facet}>{text}</option>{/each}
				</select>
				{#if wish.facet}
					<select class="field" aria-label="Value {at + 1}" bind:value={wish.value}>
						{#each values[wish.facet] as value (value)}<option {value}>{spoken(value)}</option>{/each}
					</select>
				{/if}
			{/if}
		{/each},
	</p>
	{#if refuses('when', 'prefers', 'scope')}<p class="font-560 text-fail" role="alert">{refused?.message}</p>{/if}
	<p class="sentence">
		<label class="because flex flex-[1_1_24rem] items-center gap-8"
			>because
			<input class="field" maxlength="200" aria-invalid={refuses('because')} bind:value={draft.because} /></label
		>
		<label
			>It
			<select class="field" aria-label="Strength" bind:value={draft.strength}>
				{#each STRENGTHS as [strength, text] (strength)}<option value={strength}>{text}</option>{/each}
			</select></label
		>
	</p>
	{#if refuses('because', 'id', '')}<p class="font-560 text-fail" role="alert">{refused?.message}</p>{/if}
	<p class="sentence">
		<button class="button button-amber">{draft.id ? 'Save the change' : 'Add the rule'}</button>
		{#if draft.id}<button class="button" type="button" onclick={oncancel}>Cancel</button>{/if}
	</p>
</form>

<style>
	.sentence {
		display: flex;
		flex-wrap: wrap;
		gap: 6px 8px;
		align-items: center;
		line-height: 2.2;
	}
	.because input {
		flex: 1;
		min-width: 0;
	}
	@media (width < 56rem) {
		.sentence :is(select, input) {
			min-height: 48px;
		}
	}
</style>
