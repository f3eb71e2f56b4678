<script lang="ts">
	import { rigName } from '$lib/core/drawing/describe';
	import { drawRig } from '$lib/core/drawing/rigDrawing';
	import type { CalledRig } from '$lib/core/schema/call';
	import RigDrawing from '../rig/RigDrawing.svelte';
	import { cellsOf, type AltCells } from './labels';

	interface Props {
		calls: readonly CalledRig[];
		/** Index of the call that is shown above. */
		marked: number;
		onmark: (index: number) => void;
	}
	const { calls, marked, onmark }: Props = $props();
	const COLUMNS = ['blades', 'weight', 'skirt', 'trailer', 'line', 'retrieve'] as const;
	const first = $derived(cellsOf(calls[0]!));
	const rows = $derived(
		calls.map((called, index) => ({ called, index, cells: cellsOf(called), drawing: drawRig(called.rig, true) }))
	);
	const same = (cells: AltCells, column: keyof AltCells, index: number): boolean =>
		index > 0 && cells[column] === first[column];
	const behind = (score: number): string => {
		const by = calls[0]!.score - score;
		return by < 0.05 ? 'level' : `−${by.toFixed(1)}`;
	};
	let list: HTMLElement;

	function onkeydown(event: KeyboardEvent) {
		const by = { ArrowDown: 1, ArrowUp: -1 }[event.key];
		if (by === undefined) return;
		event.preventDefault();
		const next = Math.min(calls.length - 1, Math.max(0, marked + by));
		onmark(next);
		list.querySelectorAll<HTMLElement>('button')[next]?.focus();
	}
</script>

<div class="alternates">
	<table bind:this={list}>
		<thead>
			<tr
				><th scope="col" colspan="3" class="order">In order: only what differs</th>{#each COLUMNS as column (column)}<th
						scope="col">{column}</th
					>{/each}<th scope="col" class="right">behind by</th></tr
			>
		</thead>
		<tbody>
			{#each rows as { called, index, cells, drawing } (index)}
				<tr class:marked={index === marked}>
					<td class="rank">{index + 1}</td>
					<td class="mini"
						><RigDrawing
							{drawing}
							scale={Math.min(78 / drawing.bounds.width, 32 / drawing.bounds.height)}
							decorative
						/></td
					>
					<th scope="row"
						><button type="button" aria-pressed={index === marked} onclick={() => onmark(index)} {onkeydown}
							>{rigName(called.rig)}</button
						></th
					>
					{#each COLUMNS as column (column)}
						<td class="cell" class:alike={same(cells, column, index)}
							>{#if same(cells, column, index)}<span aria-label="the same">–</span>{:else}<span
									class:differs={index > 0}>{cells[column]}</span
								>{/if}</td
						>
					{/each}
					<td class="right figure">{index === 0 ? called.score.toFixed(1) : behind(called.score)}</td>
				</tr>
			{/each}
		</tbody>
	</table>
</div>

<style>
	table {
		width: 100%;
		border-collapse: collapse;
		font-size: 12.5px;
	}
	.order {
		padding-left: 14px;
	}
	th {
		text-align: left;
		font-weight: 450;
		color: var(--ink-2);
	}
	thead th {
		padding: 0 6px 3px;
		font-size: 11.5px;
	}
	tbody tr {
		height: 36px;
		border-top: 1px solid var(--rule);
	}
	td,
	tbody th {
		padding: 0 6px;
	}
	.rank {
		padding-left: 14px;
		font: 13px var(--font-mono);
	}
	.mini {
		width: 84px;
	}
	.right {
		padding-right: 14px;
		text-align: right;
		white-space: nowrap;
	}
	button {
		padding: 4px 0;
		font-weight: 660;
		color: var(--ink);
		text-align: left;
		cursor: pointer;
	}
	button:hover {
		text-decoration: underline;
	}
	.marked {
		background: var(--amber-wash);
		box-shadow: inset 4px 0 0 var(--amber);
	}
	.differs {
		text-decoration: underline 2px var(--amber);
		text-underline-offset: 4px;
	}
	@media (width < 56rem) {
		thead {
			display: none;
		}
		tbody tr {
			display: grid;
			grid-template-columns: 26px 90px 1fr auto;
			align-items: center;
			height: auto;
			min-height: 64px;
			padding: 6px 0;
		}
		tbody th button {
			min-height: 48px;
		}
		.cell {
			grid-column: 3 / -1;
		}
		.cell.alike {
			display: none;
		}
		.rank,
		.mini,
		tbody th,
		.right {
			grid-row: 1;
		}
	}
</style>
