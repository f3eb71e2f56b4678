<script lang="ts">
	import { disputeOf } from '$lib/core/claims/disputes';
	import type { CallAnswer } from '$lib/core/foundation/schema/call';
	import { useApp } from '$lib/client/state/app.svelte';
	import { differencesInUnits } from './differencesInUnits';

	const { answer }: { answer: CallAnswer | null } = $props();
	const app = useApp();
	const SHOWN = 3;

	/** The last sides for which an answer was seen, and that answer; plain values, so that watching them asks nothing anew. */
	let before: { stances: Readonly<Record<string, string>>; answer: CallAnswer } | null = null;
	let said = $state<string | null>(null);

	function told(from: CallAnswer, to: CallAnswer, topic: string): string {
		const name = disputeOf(topic)?.about ?? topic;
		const [a, b] = [from.calls[0]?.rig, to.calls[0]?.rig];
		if (!a || !b) return `${name}: ${b ? 'now something works.' : 'now nothing works.'}`;
		const changes = differencesInUnits(app.units, a, b).slice(0, SHOWN);
		if (changes.length === 0) return `${name}: your view doesn’t change this call.`;
		return `${name}: ${changes.map((change) => `${change.from} becomes ${change.to}`).join('; ')}.`;
	}

	$effect(() => {
		const { stances } = app.views;
		if (!answer || app.answer !== answer) return;
		if (before && before.stances !== stances) {
			const known = before.stances;
			const topics = [...new Set([...Object.keys(stances), ...Object.keys(known)])];
			const topic = topics.find((one) => stances[one] !== known[one]);
			// The answer that is there may still be that to the old sides.
			if (answer === before.answer) return;
			if (topic) said = told(before.answer, answer, topic);
		}
		before = { stances, answer };
	});
</script>

{#if said}
	<p class="border-b border-b-rule bg-amber-wash px-14 py-4 text-s" role="status">
		<strong>With that view:</strong>
		{said}
		<button class="ml-6 cursor-pointer underline phone:min-h-48" type="button" onclick={() => (said = null)}
			>Close</button
		>
	</p>
{/if}
