<script lang="ts">
	import type { IconNode } from 'lucide';
	import ChevronsRight from 'lucide/dist/esm/icons/chevrons-right.mjs';
	import Crosshair from 'lucide/dist/esm/icons/crosshair.mjs';
	import Fish from 'lucide/dist/esm/icons/fish.mjs';
	import FishOff from 'lucide/dist/esm/icons/fish-off.mjs';
	import Scissors from 'lucide/dist/esm/icons/scissors.mjs';
	import Sprout from 'lucide/dist/esm/icons/sprout.mjs';
	import Undo from 'lucide/dist/esm/icons/undo-2.mjs';
	import { swiped } from '../controls/swipe';
	import { ANSWERS, countOf, type Answer, type Counts } from './words';
	import Icon from '../controls/Icon.svelte';

	interface Props {
		/** What was counted with the lure that is cast. */
		now: Counts;
		/** What undo would take back, in words; `null` for nothing. */
		last: string | null;
		disabled: boolean;
		onanswer: (answer: Answer) => void;
		oncast: () => void;
		onundo: () => void;
	}
	const { now, last, disabled, onanswer, oncast, onundo }: Props = $props();
	/** A stroke over the buttons, for cold or wet thumbs that miss them: to the right a cast, to the left the last one back. */
	function stroke(by: 1 | -1) {
		if (disabled) return;
		if (by === -1) oncast();
		else if (last !== null) onundo();
	}
	const ICONS: Readonly<Record<Answer, IconNode>> = {
		bite: Crosshair,
		follow: ChevronsRight,
		short: Scissors,
		landed: Fish,
		lost: FishOff,
		fouled: Sprout
	};
</script>

<div class="answers grid grid-cols-[repeat(3,1fr)] gap-7 px-12 py-7" {@attach swiped(stroke)}>
	{#each ANSWERS as [answer, name] (answer)}
		<button type="button" {disabled} onclick={() => onanswer(answer)} aria-label="{name}, {countOf(now, answer)}">
			<span class="figure absolute top-6 right-10 text-l" aria-hidden="true">{countOf(now, answer)}</span>
			<Icon icon={ICONS[answer]} size={30} line={1.8} />
			{name}
		</button>
	{/each}
	<button type="button" class="undo px-4" disabled={disabled || last === null} onclick={onundo}>
		<Icon icon={Undo} size={26} line={1.8} />
		Undo
		<small>{last ?? 'nothing yet'}</small>
	</button>
	<button type="button" class="cast" {disabled} onclick={oncast} aria-label="Cast, {now.casts}">
		<span>Cast<small>tap, or swipe right</small></span>
		<strong class="figure" aria-hidden="true">{now.casts}</strong>
	</button>
</div>

<style>
	small {
		display: block;
		max-width: 100%;
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
		font-size: var(--t-s);
		font-weight: 450;
	}
	button {
		position: relative;
		display: grid;
		place-items: center;
		align-content: center;
		gap: 4px;
		min-height: 88px;
		border: 1px solid var(--ink);
		border-radius: 6px;
		background: var(--panel);
		font-size: var(--t-l);
		font-weight: 640;
		cursor: pointer;
		touch-action: manipulation;
		user-select: none;
	}
	button:active:not([disabled]) {
		background: var(--ink);
		color: var(--paper);
	}
	button[disabled] {
		color: var(--ink-3);
		cursor: default;
	}
	.cast {
		grid-column: span 2;
		display: flex;
		justify-content: space-between;
		padding: 8px 18px;
		border-color: var(--amber);
		background: var(--amber);
		color: var(--on-amber);
		text-align: left;
		font-size: 1.7rem;
	}
	.cast[disabled] {
		border-color: var(--rule);
		background: var(--panel);
	}
	.cast strong {
		font-size: 3.2rem;
		line-height: 1;
	}
	/* A small phone: all of them whole over the bar. */
	@media (width < 56rem) and (30rem <= height < 46rem) {
		button {
			justify-items: start;
			min-height: 58px;
			padding-left: 12px;
			font-size: var(--t-m);
			text-align: left;
		}
		button :global(svg) {
			display: none;
		}
		.cast {
			min-height: 66px;
			font-size: 1.4rem;
		}
		.cast strong {
			font-size: 2.4rem;
		}
		.cast small,
		.undo small {
			display: none;
		}
	}
	/* A phone held across: one row, so that nothing lies under the bar. */
	@media (height < 30rem) {
		.answers {
			grid-template-columns: repeat(9, 1fr);
		}
		button {
			min-height: 84px;
			font-size: var(--t-s);
		}
		.cast {
			font-size: var(--t-l);
			padding-inline: 10px;
		}
		.cast small,
		.undo small {
			display: none;
		}
	}
</style>
