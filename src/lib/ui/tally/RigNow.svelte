<script lang="ts">
	import { drawRig } from '$lib/core/drawing/rigDrawing';
	import { bladesText, finishText, ouncesText, rigName, skirtText, trailerText } from '$lib/core/naming/describe';
	import { spoken } from '$lib/core/naming/spoken';
	import type { Rig } from '$lib/core/schema/rig';
	import { FINISHES, RETRIEVES, SKIRT_COLOURS } from '$lib/core/schema/words';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import { withUnit } from '$lib/forms/units';
	import RigDrawing from '../rig/RigDrawing.svelte';

	interface Props {
		rig: Rig;
		/** What else lies on the deck. */
		deck: readonly { readonly name: string; readonly rig: Rig }[];
		/** Whether it may be changed: not in the middle of a trial's turn. */
		fixed: boolean;
		units: UnitSystem;
		onrig: (rig: Rig) => void;
	}
	const { rig, deck, fixed, units, onrig }: Props = $props();
	const drawing = $derived(drawRig(rig, true));
	const scale = $derived(Math.min(140 / drawing.bounds.width, 74 / drawing.bounds.height));
	let open = $state(false);
	const rear = $derived(rig.blades.find(({ position }) => position === 'rear')!);
	/** One step of the hand, m/s. */
	const STEP_MPS = 0.1;

	const finished = (finish: string): Rig => ({
		...rig,
		blades: rig.blades.map((blade) => (blade === rear ? { ...blade, finish: finish as typeof blade.finish } : blade))
	});
	const wound = (by: number): Rig => ({
		...rig,
		retrieve: {
			...rig.retrieve,
			speedMps: Math.round(Math.min(2.4, Math.max(0.2, rig.retrieve.speedMps + by)) * 100) / 100
		}
	});
	const take = (next: Rig) => {
		onrig(next);
		open = false;
	};
</script>

<div
	class="rig grid min-h-84 grid-cols-[150px_1fr_auto] items-center gap-10 border-l-5 border-l-amber px-12 py-4 phone:grid-cols-[104px_1fr_auto]"
>
	<RigDrawing {drawing} {scale} decorative />
	<p class="grid text-s leading-[1.3]">
		<strong class="text-m">{rigName(rig)}, {ouncesText(rig.weightOz)} oz</strong>
		<span>{bladesText(rig)}, {finishText(rig)}; {skirtText(rig)}</span>
		<span>{trailerText(rig)}; {spoken(rig.retrieve.style)}, {withUnit(units, 'speed', rig.retrieve.speedMps)}</span>
	</p>
	<button class="button" type="button" disabled={fixed} aria-expanded={open} onclick={() => (open = !open)}
		>Change</button
	>
</div>
{#if open && !fixed}
	<div
		class="sheet grid grid-cols-[1fr_1fr] gap-8 border-y border-y-ink bg-panel px-12 py-8"
		role="group"
		aria-label="Change one thing"
	>
		<label class="grid text-s"
			>Another from the deck
			<select
				class="field min-h-48 w-full"
				value=""
				onchange={({ currentTarget }) => take(deck[Number(currentTarget.value)]!.rig)}
			>
				<option value="" disabled>choose</option>
				{#each deck as { name }, at (at)}<option value={at}>{name}</option>{/each}
			</select></label
		>
		<label class="grid text-s"
			>Rear blade
			<select
				class="field min-h-48 w-full"
				value={rear.finish}
				onchange={({ currentTarget }) => take(finished(currentTarget.value))}
			>
				{#each FINISHES as finish (finish)}<option value={finish}>{spoken(finish)}</option>{/each}
			</select></label
		>
		<label class="grid text-s"
			>Skirt
			<select
				class="field min-h-48 w-full"
				value={rig.skirt.colour}
				onchange={({ currentTarget }) =>
					take({ ...rig, skirt: { ...rig.skirt, colour: currentTarget.value as Rig['skirt']['colour'] } })}
			>
				{#each SKIRT_COLOURS as colour (colour)}<option value={colour}>{spoken(colour)}</option>{/each}
			</select></label
		>
		<label class="grid text-s"
			>Retrieve
			<select
				class="field min-h-48 w-full"
				value={rig.retrieve.style}
				onchange={({ currentTarget }) =>
					take({ ...rig, retrieve: { ...rig.retrieve, style: currentTarget.value as Rig['retrieve']['style'] } })}
			>
				{#each RETRIEVES as style (style)}<option value={style}>{spoken(style)}</option>{/each}
			</select></label
		>
		<span class="pace col-span-full flex gap-8">
			<button class="button" type="button" onclick={() => take(wound(-STEP_MPS))}>Slower</button>
			<button class="button" type="button" onclick={() => take(wound(STEP_MPS))}>Faster</button>
			{#if rig.trailer && rig.family !== 'underspin'}
				<button class="button" type="button" onclick={() => take({ ...rig, trailer: null })}>No trailer</button>
			{/if}
		</span>
	</div>
{/if}

<style>
	.pace .button {
		flex: 1;
		min-height: 48px;
	}
	@media (width < 56rem) {
		.rig :global(svg) {
			max-width: 104px;
		}
	}
</style>
