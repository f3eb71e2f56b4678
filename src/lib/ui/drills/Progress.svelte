<script lang="ts">
	import { useApp } from '$lib/client/state/app.svelte';
	import { DECISIONS } from '$lib/core/trips/drills/decisionNames';
	import { percentText } from '$lib/presentation/units';
	import LineChart from '../controls/LineChart.svelte';
	import { calibration, dueAt, progress } from './memory';
	import { NAMES, SURE_WORDS } from './words';

	const app = useApp();
	const levels = $derived(calibration(app.drills));
	const rows = $derived(progress(app.drills, DECISIONS).filter(({ of }) => of > 0));
	const due = $derived(dueAt(app.drills, new Date(app.now)));
	const wordsFor = (sure: number): string => SURE_WORDS.find(([share]) => share === sure)![1];
	const PERCENT = 100;
</script>

<section class="grid max-w-720 content-start gap-12">
	{#if app.drills.answers.length === 0}
		<h2>Nothing yet</h2>
		<p>
			Decide on a water first. Then this shows which decisions you get right, and how right you are when you are sure.
		</p>
	{:else}
		<h2>How sure against how right</h2>
		<LineChart
			height={210}
			x={{ title: 'How sure you were, %', min: 30, max: 100 }}
			left={{ title: 'Right, %', min: 0, max: 100 }}
			lines={[
				{
					label: 'You',
					points: levels.map(({ sure, share }) => ({ x: PERCENT * sure, y: share === null ? null : PERCENT * share })),
					marks: levels.map(({ of }) => (of > 0 ? 5 : 0)),
					width: 3
				},
				{ label: 'As right as sure', points: [30, 100].map((at) => ({ x: at, y: at })), dash: [5, 5] }
			]}
		/>
		<ul>
			{#each levels as { sure, of, right, share } (sure)}
				<li>
					{wordsFor(sure)}: {share === null ? 'never said' : `right ${right} of ${of} times, ${percentText(share)}`}
				</li>
			{/each}
		</ul>
		<h2>By decision</h2>
		<table class="w-full">
			<thead
				><tr class="text-left"><th scope="col">Decision</th><th scope="col">Right</th><th scope="col">Share</th></tr
				></thead
			>
			<tbody>
				{#each rows as { decision, of, right } (decision)}
					<tr class="border-t border-t-rule"
						><th scope="row" class="py-4 text-left font-450">{NAMES[decision]}</th><td>{right} of {of}</td><td
							>{percentText(right / of)}</td
						></tr
					>
				{/each}
			</tbody>
		</table>
		<p class="quiet">
			{due.length === 0
				? 'No rule that you missed is due now.'
				: `${due.length} ${due.length === 1 ? 'rule is' : 'rules are'} due now.`} Right is less than 0.3 points behind the
			call.
		</p>
	{/if}
</section>
