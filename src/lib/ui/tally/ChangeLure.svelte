<script lang="ts">
	import { drawRig } from '$lib/core/rig/drawing/rigDrawing';
	import { bladesText, finishText, ouncesText, rigName, skirtText } from '$lib/core/foundation/labels/describe';
	import { spoken } from '$lib/core/foundation/labels/spoken';
	import type { Rig } from '$lib/core/foundation/schema/rig';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import { withUnit } from '$lib/presentation/units';
	import RigDrawing from '../rig/RigDrawing.svelte';
	import ChangePart from './ChangePart.svelte';
	import type { LureGroup } from './lureGroups';

	interface Props {
		rig: Rig;
		/** Lures that may be tied on, in the order in which an angler looks for them. */
		groups: readonly LureGroup[];
		units: UnitSystem;
		onrig: (rig: Rig) => void;
	}
	const { rig, groups, units, onrig }: Props = $props();
</script>

<div class="grid gap-8 border-y border-y-ink bg-panel px-12 py-8" role="group" aria-label="Change lure">
	{#each groups as { title, lures } (title)}
		<section class="grid gap-4" aria-label={title}>
			<h3 class="text-s text-ink-2">{title}</h3>
			<ul class="grid gap-4">
				{#each lures as { name, rig: lure, note } (JSON.stringify(lure))}
					{@const drawing = drawRig(lure, true)}
					<li>
						<button
							class="lure grid w-full cursor-pointer grid-cols-[72px_1fr] items-center gap-8 rounded-[4px] border border-ink bg-paper px-8 py-4 text-left"
							type="button"
							onclick={() => onrig(lure)}
						>
							<RigDrawing
								{drawing}
								scale={Math.min(68 / drawing.bounds.width, 38 / drawing.bounds.height)}
								decorative
							/>
							<span class="min-w-0 text-s leading-[1.25]">
								<strong class="text-m">{name || `${rigName(lure)}, ${ouncesText(lure.weightOz)} oz`}</strong>
								<span class="block"
									>{bladesText(lure)}, {finishText(lure)}; {skirtText(lure)}; {spoken(lure.retrieve.style)}, {withUnit(
										units,
										'speed',
										lure.retrieve.speedMps
									)}</span
								>
								{#if note}<span class="block text-ink-2">{note}</span>{/if}
							</span>
						</button>
					</li>
				{/each}
			</ul>
		</section>
	{/each}
	<details>
		<summary class="flex min-h-48 cursor-pointer items-center font-640">Change one part</summary>
		<ChangePart {rig} {onrig} />
	</details>
</div>

<style>
	.lure {
		min-height: 56px;
	}
</style>
