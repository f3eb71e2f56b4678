<script lang="ts">
	import { withRig } from '$lib/core/rig/build/start';
	import { changedRig } from '$lib/core/ranking/space/assemble';
	import { ownsChange } from '$lib/core/ranking/space/tray';
	import TraySwitch from '../tray/TraySwitch.svelte';
	import { differencesInUnits } from '../call/differencesInUnits';
	import type { Build } from '$lib/core/foundation/schema/build';
	import type { CallInput } from '$lib/core/foundation/schema/call';
	import type { Rig } from '$lib/core/foundation/schema/rig';
	import type { ScoreAnswer } from '$lib/core/foundation/schema/score';
	import { behindWords } from '../call/whenBetter';
	import { useApp } from '$lib/client/state/app.svelte';

	interface Props {
		build: Build;
		onbuild: (build: Build, key: string) => void;
	}
	const { build, onbuild }: Props = $props();
	const app = useApp();
	const GIVEN_UP = 2;
	const PLACES = {
		level: 'As good as the first choice.',
		close: 'Close behind the first choice.',
		behind: 'Behind the first choice.',
		'far behind': 'Far behind the first choice.'
	} as const;
	let found = $state.raw<{ rig: Rig; answer: ScoreAnswer } | null>(null);
	const answer = $derived(found?.answer ?? null);

	async function ask(rig: Rig, question: CallInput): Promise<void> {
		const told = await app.work?.score(rig, question);
		if (told && rig === build.rig && question === app.question) found = { rig, answer: told };
	}
	$effect(() => {
		if (app.work) void ask(build.rig, app.question);
	});

	const place = $derived.by(() => {
		if (!answer) return 'Comparing it with the first choice …';
		if (answer.barred) return `It doesn’t work here. ${answer.barred}`;
		if (answer.behind === null) return 'No lure works here.';
		return PLACES[behindWords(answer.behind)];
	});
	const given = $derived(
		(answer?.reasons ?? [])
			.filter(({ tier, counts }) => tier !== 'outfit' && counts < 0)
			.sort((a, b) => a.counts - b.counts)
			.slice(0, GIVEN_UP)
	);
	const better = $derived(
		found
			? found.answer.better.flatMap(({ change }) => {
					const rig = changedRig(found!.rig, change);
					if (app.ownParts && !ownsChange(app.ownParts, rig, change)) return [];
					const [first] = differencesInUnits(app.units, found!.rig, rig);
					return first ? [{ rig, text: `${first.from} → ${first.to}` }] : [];
				})
			: []
	);
</script>

<section class="grid gap-4 border-t border-t-ink px-12 py-6 text-s" aria-labelledby="on-this-water" aria-live="polite">
	<h2 class="font-640" id="on-this-water">In this water <span>{place}</span></h2>
	{#if better.length > 0}
		<ul class="flex flex-wrap gap-4" aria-label="The single changes that help most">
			{#each better as { rig, text } (text)}
				<li>
					<button
						class="button px-8 py-2 text-s phone:min-h-48"
						type="button"
						onclick={() => onbuild(withRig(build, rig), `gain:${text}`)}>{text}</button
					>
				</li>
			{/each}
		</ul>
	{/if}
	{#if app.live}<TraySwitch />{/if}
	{#if given.length > 0}
		<p>Trade-offs: {given.map(({ text }) => text).join(' ')}</p>
	{/if}
	{#if answer && answer.nearest.length > 0}
		<p class="quiet">Scored as the nearest catalog part: {answer.nearest.join(', ')}.</p>
	{/if}
</section>

<style>
	h2 span,
	.quiet {
		font-weight: 450;
		color: var(--ink-2);
	}
</style>
