<script lang="ts">
	import { dequal } from 'dequal';
	import { drawRig } from '$lib/core/rig/drawing/rigDrawing';
	import { finishText, ouncesText, rigName, skirtText } from '$lib/core/foundation/labels/describe';
	import { spoken } from '$lib/core/foundation/labels/spoken';
	import type { ScenarioKind } from '$lib/core/trips/plan/scenarios';
	import type { Outfit } from '$lib/core/foundation/schema/outfit';
	import type { Plan } from '$lib/core/foundation/schema/plan';
	import type { Rig } from '$lib/core/foundation/schema/rig';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import { withUnit } from '$lib/presentation/units';
	import RigDrawing from '../rig/RigDrawing.svelte';
	import { luresOf, outfitText, spansText, likeliestOf } from './lures';
	import { rodAdds, rodFor } from './rodWords';

	interface Props {
		rods: Plan['rods'];
		/** Which way of turning out a scenario of an hour is. */
		kindAt: (at: string, scenario: number) => ScenarioKind | null;
		zone: string;
		units: UnitSystem;
		/** Rods that the angler has: the plan keeps to them. */
		owned: readonly Outfit[];
		/** The current rig, whose rod may be one of them. */
		inHand: Rig | null;
		/** How many rods are taken along. */
		most: number;
		onown: (outfit: Outfit, isOwned: boolean) => void;
	}
	const { rods, kindAt, zone, units, owned, inHand, most, onown }: Props = $props();
	const isOwned = (outfit: Outfit): boolean => owned.some((one) => dequal(one, outfit));
	const full = $derived(owned.length >= most);
	const handy = $derived(inHand && { rod: inHand.rod, reel: inHand.reel, line: inHand.line });
	const another = $derived(handy && !isOwned(handy) ? handy : null);
	const time = $derived(new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: zone }));
	const clock = (at: string): string => time.format(Date.parse(at));
</script>

<ol>
	{#each rods as rod, at (at)}
		{@const { outfit } = rod}
		<li class="break-inside-avoid border-b border-b-ink py-5">
			<p class="outfit font-560">
				<strong class="figure">{at + 1}</strong>
				{outfitText(outfit)}
			</p>
			{#if rod.for.length > 0}<p class="text-s">{rodFor(rod, rods, kindAt)} {rodAdds(rod.adds)}</p>{/if}
			<label class="tick own min-h-28 text-s phone:min-h-48"
				><input
					type="checkbox"
					checked={isOwned(outfit)}
					disabled={full && !isOwned(outfit)}
					onchange={({ currentTarget }) => onown(outfit, currentTarget.checked)}
				/> I own this one: use it</label
			>
			{#each luresOf(rod) as { rig, stays } (stays[0]!.from)}
				{@const drawing = drawRig(rig, true)}
				<div class="grid grid-cols-[90px_1fr] items-center gap-8 py-4 text-s">
					<RigDrawing {drawing} scale={Math.min(84 / drawing.bounds.width, 42 / drawing.bounds.height)} decorative />
					<span
						>{rigName(rig)}, {ouncesText(rig.weightOz)} oz, {finishText(rig)}, {skirtText(rig)}
						<small class="block text-ink-2"
							>{spoken(rig.retrieve.style)} at {withUnit(units, 'speed', rig.retrieve.speedMps)}: {spansText(
								stays,
								clock
							)}</small
						></span
					>
				</div>
			{:else}
				{@const ready = likeliestOf(rod)}
				{#if ready}
					<p class="py-4 text-s">
						Tie on a {rigName(ready).toLowerCase()}, {ouncesText(ready.weightOz)} oz, {finishText(ready)}, {skirtText(
							ready
						)}.
					</p>
				{:else}<p class="quiet">Not needed that day.</p>{/if}
			{/each}
		</li>
	{/each}
</ol>
{#if another && !full}
	<p class="another px-0 py-6">
		<button class="button" type="button" onclick={() => onown(another, true)}>Plan with your current rod</button>
		<small class="block text-ink-2">{outfitText(another)}</small>
	</p>
{/if}

<style>
	.outfit strong {
		display: inline-grid;
		place-items: center;
		width: 22px;
		height: 22px;
		margin-right: 4px;
		border: 1px solid var(--ink);
		border-radius: 50%;
	}
	@media print {
		.own,
		.another {
			display: none;
		}
	}
</style>
