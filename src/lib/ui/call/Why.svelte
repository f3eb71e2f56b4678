<script lang="ts">
	import { resolve } from '$app/paths';
	import type { CalledRig, Reason } from '$lib/core/foundation/schema/call';
	import { decidingReasons } from '$lib/core/ranking/answer/deciding';
	import Dispute from '../controls/Dispute.svelte';
	import BrowserOnly from '../controls/BrowserOnly.svelte';
	import { counted } from '$lib/core/foundation/labels/counted';
	import Strength from '../controls/Strength.svelte';

	interface Props {
		called: CalledRig;
		/** All calls of the answer: what decided is what it has over them. */
		calls?: readonly CalledRig[];
		/** How close it was, in words. */
		close: string;
	}
	const { called, calls = [], close }: Props = $props();
	/** Reasons and trade-offs that are shown at once; the rest comes when it is asked for. */
	const SHOWN = 3;
	const MET_SHOWN = 6;
	/** Points given up that fill the bar, and from which a conflict is large and middling. */
	const FULL = 0.75;
	const LARGE = 0.5;
	const MIDDLING = 0.2;

	const deciding = $derived(decidingReasons(called, calls));
	const decided = $derived(
		deciding.length > 0 ? deciding : called.reasons.filter(({ tier, counts }) => tier === 'family' && counts > 0)
	);
	const against = $derived(called.reasons.filter(({ tier, counts }) => tier === 'family' && counts < 0));
	/** What the model of sight adds is explained where it is drawn. */
	const bySight = ({ claim }: Reason): boolean => claim.startsWith('SEE-');
	const isOwn = ({ claim }: Reason): boolean => claim.startsWith('MY-');
	/** Rules of the angler's own come first, or a short list would hide them. */
	const ownFirst = (a: Reason, b: Reason): number => Number(isOwn(b)) - Number(isOwn(a));
	const given = $derived(
		called.reasons
			.filter(({ tier, counts }) => tier === 'lure' && counts < 0)
			.sort((a, b) => ownFirst(a, b) || a.counts - b.counts)
	);
	const kept = $derived(
		called.reasons.filter(
			(reason) => reason.tier !== 'family' && reason.counts === 0 && reason.points > 0 && !decided.includes(reason)
		)
	);
	/** Rules of the angler's own are never behind Details. */
	const own = $derived(kept.filter(isOwn));
	const met = $derived(kept.filter((reason) => !isOwn(reason)));
	const size = ({ counts }: Reason): string => (-counts >= LARGE ? 'much' : -counts >= MIDDLING ? 'some' : 'a little');
	let all = $state(false);
	let more = $state(false);
</script>

{#snippet rule(reason: Reason)}
	<Strength of={reason.strength} />
	<span class="text"
		>{reason.text}{#if reason.split}
			<Dispute side={reason.split} />{/if}{#if isOwn(reason)}
			<em class="rounded-[3px] border border-ink-2 px-4 text-xs not-italic">your rule</em>{/if}</span
	>
	{#if bySight(reason)}<a class="id phone:hidden" href={resolve('/sight')}>{reason.claim}</a>
	{:else}<a class="id phone:hidden" href="{resolve('/craft')}?find={reason.claim}">{reason.claim}</a>{/if}
{/snippet}

<section class="why px-14 py-8" aria-labelledby="why-title">
	<header class="border-b border-b-ink pb-4">
		<h2 id="why-title">Why</h2>
		<p class="quiet">{close}</p>
	</header>
	<h3>Decided by</h3>
	<ul>
		{#each decided.slice(0, SHOWN) as reason (reason.claim)}<li class:own={isOwn(reason)}>{@render rule(reason)}</li>
		{:else}<li class="none">No rule favors a family here: this one has the smallest trade-offs.</li>{/each}
		{#each own as reason (reason.claim)}<li class="own">{@render rule(reason)}</li>{/each}
		{#each against.slice(0, SHOWN) as reason (reason.claim)}<li class="against">{@render rule(reason)}</li>{/each}
	</ul>
	<h3>Trade-offs</h3>
	<ul>
		<BrowserOnly>
			{#each more ? given : given.slice(0, SHOWN) as reason (reason.claim)}
				<li class="conflict">
					{@render rule(reason)}
					<span class="bar block h-9 border border-rule-2" role="img" aria-label="costs {size(reason)}"
						><span style:width="{Math.min(100, (100 * -reason.counts) / FULL)}%"></span></span
					>
				</li>
			{:else}<li class="none">None: it meets every rule that applies.</li>{/each}
		</BrowserOnly>
	</ul>
	{#if given.length > SHOWN}
		<button
			class="mt-4 cursor-pointer underline phone:min-h-48"
			type="button"
			aria-expanded={more}
			onclick={() => (more = !more)}>{more ? 'Show fewer' : `${given.length - SHOWN} smaller`}</button
		>
	{/if}
	<details>
		<summary class="flex min-h-32 cursor-pointer items-center phone:min-h-48">
			<h3>
				Details <span class="quiet">{counted(met.length + Math.max(0, decided.length - SHOWN), 'more rule')}</span>
			</h3>
		</summary>
		<ul>
			{#each [...decided.slice(SHOWN), ...against.slice(SHOWN)] as reason (reason.claim)}
				<li class:against={reason.counts < 0}>{@render rule(reason)}</li>
			{/each}
			<BrowserOnly>
				{#each all ? met : met.slice(0, MET_SHOWN) as reason (reason.claim)}
					<li>{@render rule(reason)}</li>
				{/each}
			</BrowserOnly>
		</ul>
		{#if met.length > MET_SHOWN}
			<button
				class="mt-4 min-h-24 cursor-pointer underline phone:min-h-48"
				type="button"
				aria-expanded={all}
				onclick={() => (all = !all)}>{all ? 'Show fewer' : `${met.length - MET_SHOWN} more`}</button
			>
		{/if}
	</details>
</section>

<style>
	.quiet,
	.none {
		font-weight: 450;
		font-size: var(--t-s);
		color: var(--ink-2);
	}
	h3 {
		margin-top: 8px;
		padding-bottom: 3px;
		border-bottom: 1px solid var(--rule);
		font-weight: 640;
	}
	h3 .quiet {
		margin-left: 6px;
	}
	li {
		display: grid;
		grid-template-columns: 25px 1fr 58px;
		gap: 8px;
		align-items: center;
		min-height: 25px;
		padding: 2px 0;
		border-bottom: 1px solid var(--rule);
		font-size: var(--t-s);
	}
	.none {
		display: block;
	}
	.conflict {
		grid-template-columns: 25px 1fr 58px 48px;
	}
	.against .text::before {
		content: 'Against: ';
		font-weight: 640;
	}
	.id {
		font: var(--t-xs) var(--font-mono);
		color: var(--ink-3);
	}
	.bar > span {
		display: block;
		height: 100%;
		background: repeating-linear-gradient(-45deg, var(--ink) 0 1.5px, transparent 1.5px 4px);
	}
	@media (width < 56rem) {
		li,
		.conflict {
			grid-template-columns: 25px 1fr 48px;
		}
	}
</style>
