<script lang="ts">
	import type { Check } from '$lib/core/rig/bench/checks/check';
	import { THRESHOLDS } from '$lib/core/rig/bench/checks/thresholds';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import { checkText } from './checkText';
	import State from './State.svelte';

	interface Props {
		checks: readonly Check[];
		units: UnitSystem;
	}
	const { checks, units }: Props = $props();
	const ORDER = { fail: 0, marginal: 1, pass: 2 } as const;
	const open = $derived(checks.filter(({ state }) => state !== 'pass').sort((a, b) => ORDER[a.state] - ORDER[b.state]));
	const held = $derived(checks.filter(({ state }) => state === 'pass'));
</script>

{#if open.length > 0}
	<ul class="open border-b border-b-ink" aria-label="Checks that fail or are close to the limit">
		{#each open as check (check.id)}
			{@const text = checkText(units, check)}
			<li>
				<State state={check.state} />
				<p>
					<strong>{text.title}: {text.said}.</strong>
					{check.reason}
					<span class="text-ink-2">By {text.basis}: {text.figure} {text.what}, {text.limit}</span>
				</p>
			</li>
		{/each}
	</ul>
{/if}
<details class="held px-14 py-2 text-s">
	<summary class="flex min-h-28 cursor-pointer list-none items-center gap-7 phone:min-h-48">
		<State state="pass" />
		<strong>{open.length === 0 ? `All ${held.length} checks pass` : `${held.length} checks pass`}</strong>
		<span class="names overflow-hidden text-ellipsis whitespace-nowrap text-ink-2"
			>{held.map(({ id }) => THRESHOLDS[id].title.toLowerCase()).join(', ')}</span
		>
	</summary>
	<ul aria-label="Checks that pass">
		{#each held as check (check.id)}
			{@const text = checkText(units, check)}
			<li>
				<strong>{text.title}: {text.said}.</strong>
				{check.reason}
				<span class="text-ink-2">By {text.basis}: {text.figure} {text.what}, {text.limit}</span>
			</li>
		{/each}
	</ul>
</details>

<style>
	.open li {
		display: flex;
		gap: 8px;
		padding: 3px 14px;
		font-size: var(--t-s);
	}
	.held li {
		padding: 3px 0 3px 20px;
		border-bottom: 1px solid var(--rule);
	}
	summary::-webkit-details-marker {
		display: none;
	}
	summary strong {
		white-space: nowrap;
	}
	details[open] .names {
		display: none;
	}
</style>
