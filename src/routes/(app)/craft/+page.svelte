<script lang="ts">
	import { percentText } from '$lib/presentation/units';
	import { onMount } from 'svelte';
	import { page } from '$app/state';
	import { CLAIM_BASE } from '$lib/core/claims/claimBase';
	import { DISPUTES } from '$lib/core/claims/disputes';
	import { claimOf } from '$lib/core/ranking/answer/houseRules';
	import { ActiveClaims } from '$lib/core/ranking/scoring/activeClaims';
	import { FAMILIES } from '$lib/core/foundation/schema/words';
	import { DECISIONS, filtered, type Heard } from '$lib/ui/craft/filter';
	import HouseRules from '$lib/ui/craft/HouseRules.svelte';
	import { useApp } from '$lib/client/state/app.svelte';
	import Dispute from '$lib/ui/controls/Dispute.svelte';
	import YourView from '$lib/ui/controls/YourView.svelte';
	import Strength from '$lib/ui/controls/Strength.svelte';
	import { spokenFirst } from '$lib/core/foundation/labels/spoken';

	const app = useApp();
	let find = $state(page.url.searchParams.get('find') ?? '');
	let family = $state('');
	let decision = $state('');
	let strength = $state('');
	let split = $state('');
	/** On a phone the filters come when they are asked for: rules are what the page is for. */
	let narrowing = $state(false);
	const setCount = $derived([family, decision, strength, split].filter((one) => one !== '').length);
	let onlySpeaking = $state(false);
	const VIEWS = { rules: 'Rules', sides: 'Disagreements', own: 'My own rules' } as const;
	let view = $state<keyof typeof VIEWS>('rules');

	const claims = $derived([...CLAIM_BASE, ...app.views.houseRules.map(claimOf)]);
	const heard = $derived.by((): Heard[] => {
		const { spoken } = new ActiveClaims(app.complete, app.views.stances, claims);
		const shares = new Map(spoken.map(({ claim, share }) => [claim.id, share]));
		return claims.map((claim) => ({ claim, share: shares.get(claim.id) ?? 0 }));
	});
	const shown = $derived(filtered(heard, { find, family, decision, strength, split, speaking: onlySpeaking }));
	/** The page comes with the first rules, so that it is light; the others follow once it is there. */
	const FIRST = 40;
	let most = $state(FIRST);
	onMount(() => {
		const more = () => {
			most += FIRST;
			if (most < claims.length) frame = requestAnimationFrame(more);
		};
		let frame = requestAnimationFrame(more);
		return () => cancelAnimationFrame(frame);
	});
	/** The first rule of each decision, for the jump links of a phone. */
	const firsts = $derived(
		DECISIONS.flatMap(([key, name]) => {
			const first = shown.find(({ claim }) => claim.id.startsWith(key));
			return first ? [[first.claim.id, name] as const] : [];
		})
	);
	const loud = $derived(heard.filter(({ share }) => share > 0).length);
	const KINDS = { score: 'counts', plan: 'plan', advice: 'tip', limit: 'limit', caution: 'caution' } as const;
</script>

<div class="pb-24">
	<div
		class="flex min-h-40 flex-wrap items-center gap-x-10 gap-y-4 border-b border-ink pr-14 pl-16 phone:px-10 phone:py-6"
	>
		<h1>The rules, and your view</h1>
		<p class="flex-1 text-ink-2 phone:basis-full">
			<span class="figure">{loud}</span> of {heard.length} rules apply to this reading.
		</p>
		<div class="pick-one phone:w-full" role="group" aria-label="What to show">
			{#each Object.entries(VIEWS) as [key, name] (key)}
				<button
					class="phone:flex-1"
					type="button"
					aria-pressed={view === key}
					onclick={() => (view = key as keyof typeof VIEWS)}>{name}</button
				>
			{/each}
		</div>
	</div>
	{#if view === 'rules'}
		<form
			class="filters flex flex-wrap items-end gap-x-14 gap-y-8 px-16 py-10"
			role="search"
			onsubmit={(event) => event.preventDefault()}
		>
			<label
				>Find <input class="field w-220" type="search" bind:value={find} placeholder="willow, clear, SKT-04" /></label
			>
			<button
				class="button phone-only"
				type="button"
				aria-expanded={narrowing}
				aria-controls="narrower"
				onclick={() => (narrowing = !narrowing)}>{setCount > 0 ? `Filters: ${setCount} set` : 'Filters'}</button
			>
			<div id="narrower" class="contents {narrowing ? '' : 'phone:hidden'}">
				<label
					>Family <select class="field" bind:value={family}
						><option value="">all</option>{#each FAMILIES as one (one)}<option value={one}>{spokenFirst(one)}</option
							>{/each}</select
					></label
				>
				<label
					>Decision <select class="field" bind:value={decision}
						><option value="">all</option>{#each DECISIONS as [key, name] (key)}<option value={key}>{name}</option
							>{/each}</select
					></label
				>
				<label
					>Strength <select class="field" bind:value={strength}
						><option value="">all</option><option value="3">decides</option><option value="2">good habit</option><option
							value="1">nudge</option
						></select
					></label
				>
				<label
					>Disagreement <select class="field" bind:value={split}
						><option value="">all</option><option value="any">any disagreement</option
						>{#each DISPUTES as { topic, about } (topic)}<option value={topic}>{about}</option>{/each}</select
					></label
				>
			</div>
			<label class="flex min-h-28 items-center gap-6 phone:flex-[1_1_40%]"
				><input type="checkbox" bind:checked={onlySpeaking} /> only rules that apply now</label
			>
		</form>
		<p class="px-16 pt-0 pb-4 text-ink-2" role="status">{shown.length} {shown.length === 1 ? 'rule' : 'rules'}</p>
		<nav class="phone-only mb-8 gap-6 overflow-x-auto px-12 phone:flex" aria-label="Jump to">
			{#each firsts as [id, name] (id)}<a class="button" href="#rule-{id}">{name}</a>{/each}
		</nav>
		<ul class="rules">
			{#each shown.slice(0, most) as { claim, share } (claim.id)}
				<li class:silent={share === 0} id="rule-{claim.id}">
					<Strength of={claim.strength} />
					<span class="id">{claim.id}</span>
					<span class="text"
						>{claim.because}{#if claim.split}<Dispute side={claim.split} />{/if}</span
					>
					<span class="kind text-xs text-ink-2">{KINDS[claim.kind]}</span>
					<span
						class="share h-9 border border-rule-2"
						role="img"
						aria-label={share === 0 ? 'does not apply' : `applies ${percentText(share)}`}
					>
						<span class="block h-full bg-ink" style:width="{share * 100}%"></span>
					</span>
					<span class="figure">{share === 0 ? '–' : percentText(share)}</span>
				</li>
			{:else}
				<li class="none block p-16">No rule matches. Remove a filter.</li>
			{/each}
		</ul>
	{:else if view === 'sides'}
		<div class="grid grid-cols-[repeat(auto-fill,minmax(340px,1fr))] gap-x-24 px-16 phone:grid-cols-[1fr]">
			{#each DISPUTES as { topic, about } (topic)}
				<section class="border-b border-rule py-10 text-s">
					<h2 class="mb-4">{about}</h2>
					<YourView {topic} />
					{#if topic === 'DIRTY-COLOUR'}
						{#await import('$lib/ui/sight/DirtyOpinion.svelte') then { default: DirtyOpinion }}
							<DirtyOpinion reading={app.complete} />
						{/await}
					{/if}
				</section>
			{/each}
		</div>
	{:else}
		<HouseRules />
	{/if}
</div>

<style>
	.filters label:has(.field) {
		display: grid;
		gap: 2px;
		font-size: var(--t-xs);
		color: var(--ink-2);
	}
	.filters select {
		max-width: 26ch;
	}
	.rules li:not(.none) {
		display: grid;
		grid-template-columns: 25px 66px 1fr 60px 90px 52px;
		align-items: center;
		gap: 10px;
		min-height: 30px;
		padding: 3px 16px;
		content-visibility: auto;
		contain-intrinsic-size: auto 30px;
	}
	.rules li {
		border-top: 1px solid var(--rule);
	}
	.id {
		font: var(--t-xs) var(--font-mono);
		color: var(--ink-3);
	}
	.silent .text {
		color: var(--ink-2);
	}
	.rules .figure {
		text-align: right;
		font-size: var(--t-s);
	}
	@media (width < 56rem) {
		.filters label:has(.field) {
			flex: 1 1 40%;
		}
		.filters .field {
			width: 100%;
			max-width: none;
			min-height: 48px;
		}
		.rules li:not(.none) {
			grid-template-columns: 25px 1fr 52px;
		}
		.rules :is(.id, .kind, .share) {
			display: none;
		}
	}
</style>
