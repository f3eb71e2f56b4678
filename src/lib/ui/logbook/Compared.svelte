<script lang="ts">
	import type { UnitSystem } from '$lib/core/records/schemas';
	import { compared } from './compared';
	import type { Entry } from './entries';

	const { entries, units }: { entries: readonly Entry[]; units: UnitSystem } = $props();
	const lines = $derived(compared(entries, units));
</script>

<div class="overflow-x-auto">
	<table class="listed text-s">
		<thead>
			<tr>
				<td class="align-top"></td>
				{#each entries as entry (entry.id)}<th class="align-top" scope="col">{entry.name}</th>{/each}
			</tr>
		</thead>
		<tbody>
			{#each lines as { title, values, differs } (title)}
				<tr class:differs>
					<th class="align-top" scope="row">{title}</th>
					{#each values as value, at (at)}<td class="align-top">{value ?? '–'}</td>{/each}
				</tr>
			{/each}
		</tbody>
	</table>
</div>
<p class="quiet pt-4 text-ink-2">What differs is bold.</p>

<style>
	th[scope='row'] {
		color: var(--ink-2);
		font-weight: 450;
		white-space: nowrap;
	}
	.differs td {
		font-weight: 640;
	}
</style>
