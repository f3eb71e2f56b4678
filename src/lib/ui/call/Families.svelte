<script lang="ts">
	import type { CalledRig, FamilyAnswer } from '$lib/core/foundation/schema/call';
	import Strength from '../controls/Strength.svelte';
	import { spokenFirst } from '$lib/core/foundation/labels/spoken';
	import { behindWords } from './whenBetter';

	interface Props {
		families: readonly FamilyAnswer[];
		calls: readonly CalledRig[];
		marked: number;
		onmark: (index: number) => void;
	}
	const { families, calls, marked, onmark }: Props = $props();
	const score = ({ points, conflicts }: FamilyAnswer): number => points + conflicts;
	const running = $derived(families.filter(({ barred }) => barred === null));
	const best = $derived(running[0] ? score(running[0]) : 0);
	/** Width of the common scale, from the worst that runs (or nothing) to the best. */
	const low = $derived(Math.min(0, ...running.map(score)) - 0.5);
	const share = (family: FamilyAnswer): number => Math.max(4, (100 * (score(family) - low)) / (best - low || 1));
	/** Two reasons for the family that is called, one for the others: what decides, not all that is said. */
	const deciding = ({ reasons }: FamilyAnswer, place: number) =>
		[...reasons].sort((a, b) => Math.abs(b.counts) - Math.abs(a.counts)).slice(0, place === 0 ? 2 : 1);
</script>

<section class="families" aria-label="The four families compared">
	<ul>
		{#each families as family, place (family.family)}
			<li class:barred={family.barred !== null} class:marked={family.best !== null && family.best === marked}>
				{#if family.best !== null}
					<button type="button" aria-pressed={family.best === marked} onclick={() => onmark(family.best!)}
						>{spokenFirst(family.family)}</button
					>
				{:else}<span class="name">{spokenFirst(family.family)}</span>{/if}
				{#if family.barred === null}
					<span class="bar" aria-hidden="true"><span style:width="{share(family)}%"></span></span>
					<span class="how">{place === 0 ? 'first' : behindWords(best - score(family))}</span>
					<span class="why"
						>{#each deciding(family, place) as reason (reason.claim)}<span class:against={reason.counts < 0}
								><Strength of={reason.strength} /><span>{reason.counts < 0 ? 'Against: ' : ''}{reason.text}</span></span
							>{:else}<span class="quiet">No rule favors it here, but it works with few trade-offs.</span>{/each}</span
					>
				{:else}
					<span class="cross" aria-hidden="true">×</span>
					<span class="how">not here</span>
					<span class="why">{family.barred}</span>
				{/if}
			</li>
		{/each}
	</ul>
	{#if calls.length === 0}<p class="quiet">Nothing that is left works here.</p>{/if}
</section>

<style>
	.families {
		padding: 4px 14px;
		border-bottom: 1px solid var(--ink);
	}
	li {
		display: grid;
		grid-template-columns: 92px 84px 66px 1fr;
		gap: 8px;
		align-items: center;
		min-height: 23px;
		font-size: 13px;
		line-height: 15px;
	}
	li + li {
		border-top: 1px solid var(--rule);
	}
	button,
	.name {
		padding: 2px 0;
		font-size: 13px;
		font-weight: 640;
		text-align: left;
	}
	button {
		cursor: pointer;
	}
	button:hover {
		text-decoration: underline;
	}
	.marked {
		box-shadow: inset 3px 0 0 var(--amber);
		padding-left: 8px;
		margin-left: -8px;
	}
	.bar {
		height: 11px;
		border: 1px solid var(--rule-2);
	}
	.bar > span {
		display: block;
		height: 100%;
		background: var(--ink);
	}
	.cross {
		font-size: 16px;
		line-height: 11px;
		color: var(--fail);
	}
	.why {
		display: grid;
	}
	.why > span {
		display: grid;
		grid-template-columns: 25px 1fr;
		gap: 6px;
		align-items: baseline;
	}
	.why > .quiet {
		display: block;
	}
	.barred,
	.quiet,
	.against {
		color: var(--ink-2);
	}
	@media (width < 56rem) {
		li {
			grid-template-columns: 1fr 84px auto;
			padding: 0;
			font-size: 14px;
			line-height: 18px;
		}
		button,
		.name {
			min-height: 48px;
			font-size: 15.5px;
		}
		.why {
			grid-column: 1 / -1;
		}
		/* The others' reasons come with their own call, a tap away: the answer stays on one screen. */
		li:not(:first-child, .barred) .why,
		.why > span + span {
			display: none;
		}
	}
</style>
