<script lang="ts">
	import { checkHouseRule } from '$lib/core/ranking/answer/houseRules';
	import { InputFailure } from '$lib/core/foundation/schema/failure';
	import { houseRuleSchema, houseRulesSchema, type HouseRule } from '$lib/core/claims/house';
	import { freeRuleId } from '$lib/client/sync/merge';
	import { useApp } from '$lib/client/state/app.svelte';
	import Strength from '../controls/Strength.svelte';
	import { blankDraft, drafted, draftOf, isWritable, sentenceOf, type RuleDraft } from './ruleDraft';
	import RuleForm from './RuleForm.svelte';

	const app = useApp();
	let draft = $state(blankDraft());
	let refused = $state.raw<{ path: string; message: string } | null>(null);
	let deleted = $state.raw<readonly HouseRule[] | null>(null);

	/** A free id; the last one stands for none, and is refused where a rule has it. */
	const idFor = (rules: readonly HouseRule[]): string => freeRuleId(new Set(rules.map(({ id }) => id))) ?? 'MY-99';

	function start(next: RuleDraft) {
		draft = next;
		refused = null;
	}

	function say(said: RuleDraft) {
		const { houseRules } = app.views;
		const parsed = houseRuleSchema.safeParse(drafted(said, said.id || idFor(houseRules)));
		if (!parsed.success) {
			const issue = parsed.error.issues[0]!;
			refused = { path: String(issue.path[0] ?? ''), message: issue.message };
			return;
		}
		const rule = parsed.data;
		const isKnown = houseRules.some(({ id }) => id === rule.id);
		try {
			checkHouseRule(rule, 'rule');
			const next = isKnown ? houseRules.map((one) => (one.id === rule.id ? rule : one)) : [...houseRules, rule];
			app.setRules(houseRulesSchema.parse(next));
		} catch (error) {
			const message = error instanceof InputFailure ? error.message : 'You can have at most 50 rules.';
			refused = { path: 'prefers', message };
			return;
		}
		start(blankDraft());
		deleted = null;
	}

	function remove(id: string) {
		deleted = app.views.houseRules;
		app.setRules(app.views.houseRules.filter((rule) => rule.id !== id));
		if (draft.id === id) start(blankDraft());
	}
</script>

<div class="own grid max-w-[62rem] gap-10 px-16 py-10">
	<p class="quiet text-ink-2">Your rules count like the others, by their strength, and are marked as yours.</p>
	<ul>
		{#each app.views.houseRules as rule (rule.id)}
			<li class="grid grid-cols-[25px_66px_1fr_auto] items-center gap-10 border-t border-t-rule py-6">
				<Strength of={rule.strength} />
				<span class="id">{rule.id}</span>
				<span>{rule.because} <small class="block text-s text-ink-2">{sentenceOf(rule)}</small></span>
				<span class="flex gap-6">
					{#if isWritable(rule)}
						<button class="button" type="button" onclick={() => start(draftOf(rule))} aria-label="Change {rule.id}"
							>Change</button
						>
					{/if}
					<button class="button" type="button" onclick={() => remove(rule.id)} aria-label="Delete {rule.id}"
						>Delete</button
					>
				</span>
			</li>
		{:else}
			<li class="none grid grid-cols-[25px_66px_1fr_auto] items-center gap-10 border-t border-t-rule px-0 py-6">
				No rules of your own yet.
			</li>
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
	<RuleForm bind:draft {refused} onsay={say} oncancel={() => start(blankDraft())} />
</div>

<style>
	li.none {
		display: block;
	}
	.id {
		font: var(--t-xs) var(--font-mono);
	}
</style>
