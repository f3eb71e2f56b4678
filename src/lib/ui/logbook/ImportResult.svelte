<script lang="ts">
	import { keysOf } from '$lib/core/foundation/basics/typed';
	import type { ListedKindName } from '$lib/core/records/kinds';
	import type { Change, ImportPlan } from '$lib/core/records/transfer';

	const { plan }: { plan: ImportPlan } = $props();
	const DOCUMENTS: Readonly<Record<string, string>> = {
		stand: 'your views and own rules',
		settings: 'your settings',
		tray: 'your tray',
		drills: 'your drills'
	};
	/** What each kind of record is called in a list. */
	const NAMES: Readonly<Partial<Record<ListedKindName, string>>> = {
		'kept-calls': 'saved calls',
		happenings: 'entries',
		charts: 'maps'
	};
	const kinds = $derived(keysOf(plan.records));
	const told = ({ added, changed, same }: Change): string => `${added} new, ${changed} changed, ${same} the same`;
	const there = $derived(kinds.filter((kind) => Object.values(plan.records[kind]).some((count) => count > 0)));
</script>

{there.length === 0
	? 'no records'
	: there.map((kind) => `${NAMES[kind] ?? kind}: ${told(plan.records[kind])}`).join('; ')}.
{#if plan.replaced.length > 0}It replaces {plan.replaced.map((name) => DOCUMENTS[name] ?? name).join(' and ')}.{/if}
{#if plan.aside.length > 0}Left out because it is not known here: {plan.aside
		.map(({ path, why }) => `${path} (${why})`)
		.join('; ')}{/if}
