<script lang="ts">
	import { disputeOf } from '$lib/core/claims/disputes';
	import { dequal } from 'dequal';
	import type { CalledRig, CallInput } from '$lib/core/foundation/schema/call';
	import type { Rig } from '$lib/core/foundation/schema/rig';
	import { differencesInUnits } from './differencesInUnits';
	import { useApp } from '$lib/client/state/app.svelte';

	/** Topics of which the angler wants to see all sides. */
	const { topics }: { topics: readonly string[] } = $props();
	const app = useApp();

	interface Side {
		readonly topic: string;
		readonly school: string;
		readonly called: CalledRig | null;
	}
	let sides = $state.raw<readonly Side[]>([]);

	async function ask(question: CallInput, wanted: readonly string[]): Promise<void> {
		const pairs = wanted.flatMap((topic) => (disputeOf(topic)?.schools ?? []).map((school) => ({ topic, school })));
		const found: Side[] = [];
		for (const { topic, school } of pairs) {
			const stances = { ...question.stances, [topic]: school };
			const answer = await app.work?.also({ ...question, stances, top: 1 });
			if (question !== app.question) return;
			found.push({ topic, school, called: answer?.calls[0] ?? null });
		}
		sides = found;
	}

	const isLevel = (found: readonly Side[]): boolean =>
		found.every(({ called }) => called && found[0]!.called && dequal(called.rig, found[0]!.called.rig));
	/** What a side calls that another does not. */
	function ownOf(rig: Rig, found: readonly Side[]): string {
		const others = found.flatMap(({ called }) => (called && !dequal(called.rig, rig) ? [called.rig] : []));
		const own = others.flatMap((other) => differencesInUnits(app.units, other, rig).map(({ to }) => to));
		return [...new Set(own)].join(', ');
	}
	$effect(() => {
		if (app.work) void ask(app.question, topics);
	});
</script>

<section class="grid gap-4" aria-label="Both views side by side">
	{#each topics as topic (topic)}
		{@const found = sides.filter((side) => side.topic === topic)}
		<h3 class="font-640">{disputeOf(topic)?.about}</h3>
		{#if found.length > 1 && isLevel(found)}
			<p>Both views choose the same rig here.</p>
		{:else}
			<ul class="flex flex-wrap gap-6">
				{#each found as { school, called } (school)}
					<li class="flex-[1_1_200px] rounded-[3px] border border-rule-2 px-8 py-6">
						<strong class="block">{school.replaceAll('-', ' ')}</strong>
						{called ? ownOf(called.rig, found) : 'No rig works.'}
					</li>
				{/each}
			</ul>
		{/if}
	{/each}
</section>
