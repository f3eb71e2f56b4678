<script lang="ts">
	import type { UnitSystem } from '$lib/core/records/schemas';
	import { compared } from './compared';
	import type { Entry } from './entries';

	const { entries, units }: { entries: readonly Entry[]; units: UnitSystem } = $props();
	const lines = $derived(compared(entries, units));
</script>

<div class="scroll">
	<table class="listed">
		<thead>
			<tr>
				<td></td>
				{#each entries as entry (entry.id)}<th scope="col">{entry.name}</th>{/each}
			</tr>
		</thead>
		<tbody>
			{#each lines as { title, values, differs } (title)}
				<tr class:differs>
					<th scope="row">{title}</th>
					{#each values as value, at (at)}<td>{value ?? '–'}</td>{/each}
				</tr>
			{/each}
		</tbody>
	</table>
</div>
<p class="quiet">What differs is bold.</p>

<style>
	.scroll {
		overflow-x: auto;
	}
	table {
		font-size: var(--t-s);
	}
	th,
	td {
		vertical-align: top;
	}
	th[scope='row'] {
		color: var(--ink-2);
		font-weight: 450;
		white-space: nowrap;
	}
	.differs td {
		font-weight: 640;
	}
	.quiet {
		padding-top: 4px;
		color: var(--ink-2);
	}
</style>
