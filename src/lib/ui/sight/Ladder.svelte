<script lang="ts">
	import { css } from './seen';
	import { swatchRgb, waterRgb } from '$lib/core/simulation/sight/swatch';
	import type { Scene } from '$lib/core/simulation/sight/scene';
	import type { Named } from '$lib/core/simulation/sight/sight';
	import { spoken } from '$lib/core/foundation/labels/spoken';

	interface Props {
		scenes: readonly Scene[];
		named: readonly Named[];
		depth: (metres: number) => string;
	}
	const { scenes, named, depth }: Props = $props();
</script>

<table>
	<caption class="py-4 text-left font-660">How colors fade with depth</caption>
	<thead>
		<tr>
			<th scope="col"><span class="sr-only">Depth</span></th>
			{#each named as one (one.colour)}<th scope="col">{spoken(one.colour)}</th>{/each}
		</tr>
	</thead>
	<tbody>
		{#each scenes as scene (scene.depthM)}
			<tr>
				<th scope="row">{depth(scene.depthM)}</th>
				{#each named as one (one.colour)}
					<td class="p-3 text-center" style:background={css(waterRgb(scene))}
						><span
							class="inline-block h-15 w-[74%] rounded-[8px] align-middle"
							style:background={css(swatchRgb(one.target, scene))}
						></span></td
					>
				{/each}
			</tr>
		{/each}
	</tbody>
</table>

<style>
	table {
		width: 100%;
		table-layout: fixed;
		font-size: var(--t-s);
	}
	th {
		overflow: hidden;
		padding: 1px 4px;
		font-weight: 450;
		text-align: left;
		text-overflow: ellipsis;
		white-space: nowrap;
	}
</style>
