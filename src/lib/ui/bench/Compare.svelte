<script lang="ts">
	import { checkBuild } from '$lib/core/rig/bench/checks/checkBuild';
	import { changedFacets } from '$lib/core/rig/bench/faults/changed';
	import { drawGeometry } from '$lib/core/rig/drawing/rigDrawing';
	import { rigGeometryOf } from '$lib/core/rig/geometry/rigGeometry';
	import { partsOf, type Slot } from '$lib/core/rig/build/partsOf';
	import { partWords, slotWord } from '$lib/core/rig/build/partNames';
	import type { Reading } from '$lib/core/water/reading/complete';
	import type { Build } from '$lib/core/foundation/schema/build';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import RigDrawing from '../rig/RigDrawing.svelte';
	import { checkText } from './checkText';
	import State from './State.svelte';

	interface Props {
		build: Build;
		/** The other build, and what it is called. */
		other: { readonly name: string; readonly build: Build };
		reading: Reading;
		units: UnitSystem;
		onclose: () => void;
		onswap: () => void;
	}
	const { build, other, reading, units, onclose, onswap }: Props = $props();
	const drawings = $derived([drawGeometry(rigGeometryOf(build), true), drawGeometry(rigGeometryOf(other.build), true)]);
	/** One scale for both, so that what looks larger is larger. */
	const scale = $derived(Math.min(...drawings.map(({ bounds }) => Math.min(300 / bounds.width, 150 / bounds.height))));
	const words = (from: Build): Map<Slot, string> =>
		new Map(partsOf(from).map((placed) => [placed.slot, partWords(placed, from)]));
	const rows = $derived.by(() => {
		const [a, b] = [words(build), words(other.build)];
		return [...new Set([...a.keys(), ...b.keys()])]
			.map((slot) => ({ slot, name: slotWord(slot, build), a: a.get(slot) ?? 'none', b: b.get(slot) ?? 'none' }))
			.filter((row) => row.a !== row.b);
	});
	const facets = $derived(changedFacets(build.rig, other.build.rig));
	const checks = $derived.by(() => {
		const [a, b] = [checkBuild(build, reading), checkBuild(other.build, reading)];
		return a.flatMap((check) => {
			const against = b.find(({ id }) => id === check.id);
			if (!against) return [];
			const [mine, theirs] = [checkText(units, check), checkText(units, against)];
			return mine.figure === theirs.figure && check.state === against.state ? [] : [{ check, against, mine, theirs }];
		});
	});
</script>

<section class="px-14 py-4 text-s" aria-label="Compared with {other.name}">
	<header class="flex items-center gap-8">
		<p>
			{facets.length === 0 ? 'The rigs are the same.' : `They differ in ${facets.join(', ')}.`}
			{facets.length === 1 ? 'Only one thing differs, so a trial will tell you something.' : ''}
		</p>
		<button class="button" onclick={onswap}>Swap</button>
		<button class="button" onclick={onclose}>Close</button>
	</header>
	<div class="grid grid-cols-[1fr_1fr] gap-12 py-6 phone:grid-cols-[1fr]">
		{#each drawings as drawing, at (at)}
			<figure class="grid content-end justify-items-center gap-4">
				<RigDrawing {drawing} {scale} />
				<figcaption>{at === 0 ? 'A: current rig' : `B: ${other.name}`}</figcaption>
			</figure>
		{/each}
	</div>
	<table class="w-full border-collapse">
		<thead><tr><th scope="col">What differs</th><th scope="col">A</th><th scope="col">B</th></tr></thead>
		<tbody>
			{#each rows as { slot, name, a, b } (slot)}<tr><th scope="row">{name}</th><td>{a}</td><td>{b}</td></tr>{/each}
			{#each checks as { check, against, mine, theirs } (check.id)}
				<tr>
					<th scope="row">{mine.title}</th>
					<td><State state={check.state} /> <span class="figure">{mine.figure}</span></td>
					<td><State state={against.state} /> <span class="figure">{theirs.figure}</span></td>
				</tr>
			{/each}
		</tbody>
	</table>
</section>

<style>
	header p {
		flex: 1;
	}
	th {
		text-align: left;
		font-weight: 560;
	}
	td,
	th {
		padding: 2px 6px;
		border-bottom: 1px solid var(--rule);
	}
	td :global(svg) {
		display: inline;
		vertical-align: -2px;
	}
</style>
