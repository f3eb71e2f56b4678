<script lang="ts">
	import { resolve } from '$app/paths';
	import type { CalledRig } from '$lib/core/schema/call';
	import Split from '../parts/Split.svelte';
	import Strength from '../parts/Strength.svelte';

	const { called }: { called: CalledRig } = $props();
	const PX_PER_POINT = 19;
	const fixed = (points: number): string => points.toFixed(1);
	const signed = (points: number): string => `${points > 0 ? '+' : points < 0 ? '−' : ''}${fixed(Math.abs(points))}`;

	const family = $derived(called.reasons.filter(({ counts, points }) => counts > 0 && points > 0));
	const against = $derived(called.reasons.filter(({ counts }) => counts < 0).sort((a, b) => a.counts - b.counts));
	const content = $derived(called.reasons.filter(({ counts, points }) => counts === 0 && points > 0));
	const sum = (list: readonly { counts: number }[]): number => list.reduce((total, { counts }) => total + counts, 0);
	let all = $state(false);
	const SHOWN = 5;
</script>

<section class="ledger" aria-labelledby="why">
	<header>
		<h2 id="why">Why <span class="quiet">each rule, its strength, its pull</span></h2>
		<p class="figure sum" title="For the family, less what this rig gives up">
			{signed(sum(family))}
			{signed(sum(against))} = {signed(called.score)}
		</p>
		<p class="sides" aria-hidden="true"><span>given up</span><span>for</span></p>
	</header>
	<ul>
		{#each [...family, ...against] as reason (reason.claim)}
			<li class:own={reason.claim.startsWith('MY-')}>
				<Strength of={reason.strength} />
				<span class="text"
					>{reason.text}{#if reason.split}
						<Split side={reason.split} />{/if}{#if reason.claim.startsWith('MY-')}
						<em>your rule</em>{/if}</span
				>
				<a class="id" href="{resolve('/craft')}?find={reason.claim}">{reason.claim}</a>
				<span class="bars" role="img" aria-label="{signed(reason.counts)} points">
					<span
						class={reason.counts > 0 ? 'for' : 'against'}
						style:width="{Math.min(60, Math.abs(reason.counts) * PX_PER_POINT)}px"
					></span>
				</span>
			</li>
		{/each}
	</ul>
	<h3>Met in full <span class="quiet">costs nothing, decides within the family</span></h3>
	<ul class="met">
		{#each all ? content : content.slice(0, SHOWN) as reason (reason.claim)}
			<li class:own={reason.claim.startsWith('MY-')}>
				<Strength of={reason.strength} />
				<span class="text"
					>{reason.text}{#if reason.split}
						<Split side={reason.split} />{/if}{#if reason.claim.startsWith('MY-')}
						<em>your rule</em>{/if}</span
				>
				<a class="id" href="{resolve('/craft')}?find={reason.claim}">{reason.claim}</a>
				<span class="figure">{signed(reason.points)}</span>
			</li>
		{/each}
	</ul>
	{#if content.length > SHOWN}
		<button class="more" type="button" aria-expanded={all} onclick={() => (all = !all)}
			>{all ? 'Show fewer' : `${content.length - SHOWN} more`}</button
		>
	{/if}
</section>

<style>
	.ledger {
		padding: 10px 14px;
	}
	header {
		display: grid;
		grid-template-columns: 1fr auto;
		align-items: baseline;
		padding-bottom: 4px;
		border-bottom: 1px solid var(--ink);
	}
	.quiet {
		margin-left: 6px;
		font-weight: 450;
		font-size: 12px;
		color: var(--ink-2);
	}
	.sum {
		font-size: 15px;
	}
	.sides {
		grid-column: 2;
		display: flex;
		justify-content: space-between;
		width: 120px;
		margin-left: auto;
		font-size: 11.5px;
		color: var(--ink-2);
	}
	h3 {
		margin-top: 10px;
		padding-bottom: 3px;
		border-bottom: 1px solid var(--rule);
		font-weight: 640;
	}
	li {
		display: grid;
		grid-template-columns: 25px 1fr 58px 120px;
		gap: 8px;
		align-items: center;
		min-height: 28px;
		padding: 2px 0;
		border-bottom: 1px solid var(--rule);
		font-size: 12px;
		line-height: 15px;
	}
	.met li {
		grid-template-columns: 25px 1fr 58px 40px;
		min-height: 26px;
	}
	.met .figure {
		text-align: right;
	}
	.id {
		font: 11.5px var(--font-mono);
		color: var(--ink-3);
	}
	.bars {
		position: relative;
		display: block;
		height: 13px;
		background: linear-gradient(var(--ink), var(--ink)) 50% 0 / 1px 100% no-repeat;
	}
	.for,
	.against {
		position: absolute;
		top: 0;
		height: 13px;
	}
	.for {
		left: 50%;
		background: var(--ink);
	}
	.against {
		right: 50%;
		border: 1px solid var(--ink);
		background: repeating-linear-gradient(-45deg, var(--ink) 0 1.5px, transparent 1.5px 5px);
	}
	em {
		padding: 0 4px;
		border: 1px solid var(--amber-ink);
		border-radius: 3px;
		font-size: 11.5px;
		font-style: normal;
	}
	.more {
		margin-top: 6px;
		text-decoration: underline;
		cursor: pointer;
	}
	@media (width < 56rem) {
		li {
			grid-template-columns: 25px 1fr 120px;
			font-size: 14px;
			line-height: 18px;
		}
		.id {
			display: none;
		}
		.met li {
			grid-template-columns: 25px 1fr 44px;
		}
		.more {
			min-height: 48px;
		}
	}
	@media (forced-colors: active) {
		.for {
			background: CanvasText;
			forced-color-adjust: none;
		}
	}
</style>
