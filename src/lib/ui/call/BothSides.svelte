<script lang="ts">
	import { splitOf } from '$lib/core/claims/splits';
	import { bladesText, ouncesText, plainWords, rigName } from '$lib/core/naming/describe';
	import type { CalledRig, CallInput } from '$lib/core/schema/call';
	import { useApp } from '$lib/client/app.svelte';

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
		const pairs = wanted.flatMap((topic) => (splitOf(topic)?.schools ?? []).map((school) => ({ topic, school })));
		const found: Side[] = [];
		for (const { topic, school } of pairs) {
			const stances = { ...question.stances, [topic]: school };
			const answer = await app.work?.also({ ...question, stances, top: 1 });
			if (question !== app.question) return;
			found.push({ topic, school, called: answer?.calls[0] ?? null });
		}
		sides = found;
	}

	$effect(() => {
		if (app.work) void ask(app.question, topics);
	});
</script>

<section class="grid gap-4" aria-label="Both sides, beside each other">
	{#each topics as topic (topic)}
		<h3 class="font-640">{splitOf(topic)?.about}</h3>
		<ul class="flex flex-wrap gap-6">
			{#each sides.filter((side) => side.topic === topic) as { school, called } (school)}
				<li
					class="grid flex-[1_1_200px] grid-cols-[1fr_auto] gap-x-10 gap-y-0 rounded-[3px] border border-rule-2 px-8 py-6"
				>
					<strong>{school.replaceAll('-', ' ')}</strong>
					{#if called}<span
							>{rigName(called.rig)}, {ouncesText(called.rig.weightOz)} oz, {bladesText(called.rig)}, {plainWords(
								called.rig.retrieve.style
							)}</span
						>
					{:else}<span>no rig runs</span>{/if}
				</li>
			{/each}
		</ul>
	{/each}
</section>

<style>
	li strong {
		grid-column: 1 / -1;
	}
</style>
