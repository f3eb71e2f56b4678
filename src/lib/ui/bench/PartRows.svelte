<script lang="ts">
	import { partsOf } from '$lib/core/rig/build/partsOf';
	import type { Build } from '$lib/core/foundation/schema/build';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import { figureText, shownIn } from '$lib/presentation/units';
	import ControlField from './ControlField.svelte';
	import type { OwnEntry } from './controls';
	import { rowsOf } from './rows';

	interface Props {
		build: Build;
		own: readonly OwnEntry[];
		units: UnitSystem;
		/** Parts that a failing check points at. */
		marked: ReadonlySet<string>;
		onbuild: (build: Build, key: string) => void;
	}
	const { build, own, units, marked, onbuild }: Props = $props();
	const rows = $derived(rowsOf(build, own));
	/** Rows whose finer figures are shown. */
	let unfolded = $state<Record<string, boolean>>({});
	const placed = $derived(
		new Map(partsOf(build).map((part, at) => [part.slot as string, { ...part, number: at + 1 }]))
	);
	/** Rows that stand for several small parts: their numbers in the exploded view. */
	const WITH: Readonly<Record<string, readonly string[]>> = {
		front: ['clevis', 'beads', 'front'],
		rear: ['swivel', 'rear', 'clip', 'rivet', 'clacker'],
		wire: ['keeper', 'wire'],
		extras: ['trailerHook', 'tubing', 'array', 'arrayStop'],
		line: ['line', 'leader']
	};
	const numbersOf = (slot: string): string =>
		(WITH[slot] ?? [slot]).flatMap((one) => placed.get(one)?.number ?? []).join(' ');
	const gramsOf = (slot: string): number =>
		(WITH[slot] ?? [slot]).reduce((sum, one) => {
			const part = placed.get(one);
			return sum + (part ? part.count * (part.part.figures.massG?.value ?? 0) : 0);
		}, 0);
</script>

<ol class="rows" aria-label="Parts in assembly order">
	{#each rows as { slot, title, controls, finer } (slot)}
		{@const grams = gramsOf(slot)}
		<li class:marked={marked.has(slot)}>
			<span class="numbers figure" aria-hidden="true">{numbersOf(slot)}</span>
			<span class="title">{title}</span>
			<span class="controls">
				{#each controls as control (control.label)}<ControlField {control} of={title} {units} {onbuild} />{/each}
			</span>
			<span class="grams figure"
				>{#if grams > 0}{figureText(units, 'mass', grams)}<span class="unit">{shownIn(units, 'mass').unit}</span
					>{/if}</span
			>
			{#if finer.length > 0}
				<button
					class="more"
					type="button"
					aria-expanded={unfolded[slot] ?? false}
					aria-label="More about the {title.toLowerCase()}"
					onclick={() => (unfolded = { ...unfolded, [slot]: !unfolded[slot] })}>{unfolded[slot] ? '−' : '+'}</button
				>
				{#if unfolded[slot]}
					<span class="controls finer">
						{#each finer as control (control.label)}
							{#if control.kind === 'choice'}<span class="what">{control.label}</span>{/if}
							<ControlField {control} of={title} {units} {onbuild} />
						{/each}
					</span>
				{/if}
			{/if}
		</li>
	{/each}
</ol>

<style>
	li {
		display: grid;
		grid-template-columns: 22px 52px minmax(0, 1fr) 42px 20px;
		align-items: center;
		gap: 2px 6px;
		padding: 5px 12px 4px 8px;
		border-bottom: 1px solid var(--rule);
	}
	li.marked {
		border-left: 4px solid var(--fail);
		padding-left: 4px;
	}
	.numbers {
		font-size: var(--t-xs);
		color: var(--amber-ink);
		text-align: right;
	}
	.title {
		font-weight: 620;
		font-size: var(--t-s);
	}
	.controls {
		display: flex;
		flex-wrap: wrap;
		gap: 4px;
		min-width: 0;
		align-items: center;
	}
	.grams {
		text-align: right;
		font-size: var(--t-s);
	}
	.more {
		min-height: 24px;
		border: 1px solid var(--rule-2);
		border-radius: 3px;
		cursor: pointer;
	}
	.more:hover {
		border-color: var(--ink);
	}
	.finer {
		grid-column: 3 / -1;
		font-size: var(--t-s);
	}
	.what {
		color: var(--ink-2);
	}
	@media (width < 56rem) {
		li {
			grid-template-columns: 24px minmax(0, 1fr) 60px 52px;
			padding: 8px 12px;
		}
		.controls {
			grid-column: 1 / -1;
			order: 5;
		}
		.finer {
			order: 6;
		}
		.more {
			min-height: 48px;
			font-size: var(--t-xl);
		}
	}
</style>
