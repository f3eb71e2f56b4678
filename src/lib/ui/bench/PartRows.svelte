<script lang="ts">
	import { partsOf } from '$lib/core/build/partsOf';
	import type { Build } from '$lib/core/schema/build';
	import type { UnitSystem } from '$lib/core/records/schemas';
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

<ol class="rows" aria-label="Parts in the order in which they go on">
	{#each rows as { slot, title, controls, finer } (slot)}
		{@const grams = gramsOf(slot)}
		<li
			class="grid grid-cols-[22px_52px_minmax(0,1fr)_42px_20px] items-center gap-x-6 gap-y-2 border-b border-b-rule pt-5 pr-12 pb-4 pl-8 phone:grid-cols-[24px_minmax(0,1fr)_60px_52px] phone:px-12 phone:py-8"
			class:marked={marked.has(slot)}
		>
			<span class="figure text-right text-xs text-amber-ink" aria-hidden="true">{numbersOf(slot)}</span>
			<span class="text-s font-620">{title}</span>
			<span class="controls flex min-w-0 flex-wrap items-center gap-4">
				{#each controls as control (control.label)}<ControlField {control} of={title} {units} {onbuild} />{/each}
			</span>
			<span class="figure text-right text-s"
				>{grams > 0 ? grams.toFixed(1) : ''}{#if grams > 0}<span class="unit">g</span>{/if}</span
			>
			{#if finer.length > 0}
				<button
					class="more min-h-24 cursor-pointer rounded-[3px] border border-rule-2 phone:min-h-48 phone:text-xl"
					type="button"
					aria-expanded={unfolded[slot] ?? false}
					aria-label="More about the {title.toLowerCase()}"
					onclick={() => (unfolded = { ...unfolded, [slot]: !unfolded[slot] })}>{unfolded[slot] ? '−' : '+'}</button
				>
				{#if unfolded[slot]}
					<span class="controls finer flex min-w-0 flex-wrap items-center gap-4">
						{#each finer as control (control.label)}
							{#if control.kind === 'choice'}<span class="text-ink-2">{control.label}</span>{/if}
							<ControlField {control} of={title} {units} {onbuild} />
						{/each}
					</span>
				{/if}
			{/if}
		</li>
	{/each}
</ol>

<style>
	li.marked {
		border-left: 4px solid var(--fails);
		padding-left: 4px;
	}
	.more:hover {
		border-color: var(--ink);
	}
	.finer {
		grid-column: 3 / -1;
		font-size: var(--t-s);
	}
	@media (width < 56rem) {
		.controls {
			grid-column: 1 / -1;
			order: 5;
		}
		.finer {
			order: 6;
		}
	}
</style>
