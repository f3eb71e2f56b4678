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

<section class="both" aria-label="Both sides, beside each other">
	{#each topics as topic (topic)}
		<h3>{splitOf(topic)?.about}</h3>
		<ul>
			{#each sides.filter((side) => side.topic === topic) as { school, called } (school)}
				<li>
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
	.both {
		display: grid;
		gap: 4px;
	}
	h3 {
		font-weight: 640;
	}
	ul {
		display: flex;
		flex-wrap: wrap;
		gap: 6px;
	}
	li {
		display: grid;
		grid-template-columns: 1fr auto;
		gap: 0 10px;
		flex: 1 1 200px;
		padding: 6px 8px;
		border: 1px solid var(--rule-2);
		border-radius: 3px;
	}
	li strong {
		grid-column: 1 / -1;
	}
</style>
