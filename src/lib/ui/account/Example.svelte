<script lang="ts">
	import { page } from '$app/state';
	import { drawRig } from '$lib/core/rig/drawing/rigDrawing';
	import { bladesText, ouncesText, rigName } from '$lib/core/foundation/labels/describe';
	import { completeReading } from '$lib/core/water/reading/complete';
	import type { ParsedReading } from '$lib/core/foundation/schema/reading';
	import type { Stop } from '$lib/presentation/drawn';
	import type { Rig } from '$lib/core/foundation/schema/rig';
	import RigDrawing from '../rig/RigDrawing.svelte';
	import Section from '../section/Section.svelte';

	interface Props {
		reading: ParsedReading;
		rig: Rig | null;
		tint: readonly Stop[];
	}
	const { reading, rig, tint }: Props = $props();
	const complete = $derived(completeReading(reading));
	const drawing = $derived(rig && drawRig(rig, true));
</script>

<figure class="w-full border border-ink">
	<Section reading={complete} units="metric" height={210} bare {tint} lamp={page.data.theme === 'lamp'} />
	<figcaption class="flex min-h-96 items-center gap-16 border-t border-t-ink px-14 py-6">
		{#if rig && drawing}
			<RigDrawing {drawing} scale={Math.min(190 / drawing.bounds.width, 84 / drawing.bounds.height)} decorative />
			<span>
				A cool October dawn over grass: a
				<strong>{rigName(rig).toLowerCase()}</strong>, {ouncesText(rig.weightOz)} oz,
				{bladesText(rig)}.
			</span>
		{/if}
	</figcaption>
</figure>
