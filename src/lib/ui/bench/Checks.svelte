<script lang="ts">
	import type { Check } from '$lib/core/bench/checks/check';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import { checkText } from './checkText';
	import State from './State.svelte';

	interface Props {
		checks: readonly Check[];
		units: UnitSystem;
	}
	const { checks, units }: Props = $props();
	const ORDER = { fails: 0, thin: 1, holds: 2 } as const;
	const open = $derived(
		checks.filter(({ state }) => state !== 'holds').sort((a, b) => ORDER[a.state] - ORDER[b.state])
	);
	const held = $derived(checks.filter(({ state }) => state === 'holds'));
</script>

{#if open.length > 0}
	<ul class="open" aria-label="What does not hold">
		{#each open as check (check.id)}
			{@const text = checkText(units, check)}
			<li>
				<State state={check.state} />
				<p>
					<strong>{text.title}: {check.state}.</strong>
					<span class="figure">{text.figure}</span>
					{text.what}, {text.limit}. {check.reason} <span class="basis">{text.basis}</span>
				</p>
			</li>
		{/each}
	</ul>
{/if}
<ul class="held" aria-label="What holds">
	{#each held as check (check.id)}
		{@const text = checkText(units, check)}
		<li>
			<details>
				<summary>
					<State state="holds" />
					<span class="name">{text.title}</span>
					<span class="figure">{text.figure}</span>
				</summary>
				<p>{text.figure} {text.what}, {text.limit}. {check.reason} <span class="basis">{text.basis}</span></p>
			</details>
		</li>
	{/each}
</ul>

<style>
	.open {
		border-bottom: 1px solid var(--ink);
	}
	.open li {
		display: flex;
		gap: 8px;
		padding: 3px 14px;
		font-size: var(--t-s);
	}
	.basis {
		color: var(--ink-2);
		border-bottom: 1px dotted var(--rule-2);
	}
	.held {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(226px, 1fr));
		padding: 2px 14px;
		column-gap: 18px;
	}
	.held li {
		border-bottom: 1px solid var(--rule);
		font-size: var(--t-s);
	}
	summary {
		display: flex;
		align-items: center;
		gap: 7px;
		min-height: 24px;
		cursor: pointer;
		list-style: none;
	}
	summary::-webkit-details-marker {
		display: none;
	}
	.name {
		flex: 1;
		font-weight: 520;
	}
	details p {
		padding: 0 0 4px 20px;
		color: var(--ink-2);
	}
	@media (width < 56rem) {
		summary {
			min-height: 48px;
		}
	}
</style>
