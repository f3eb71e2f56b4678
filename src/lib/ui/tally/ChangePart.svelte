<script lang="ts">
	import { spoken } from '$lib/core/foundation/labels/spoken';
	import type { Rig } from '$lib/core/foundation/schema/rig';
	import { FINISHES, RETRIEVES, SKIRT_COLOURS } from '$lib/core/foundation/schema/words';

	interface Props {
		rig: Rig;
		onrig: (rig: Rig) => void;
	}
	const { rig, onrig }: Props = $props();
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
</script>

<div class="grid grid-cols-[1fr_1fr] gap-8">
	<label class="grid text-s"
		>Rear blade
		<select
			class="field min-h-48 w-full"
			value={rear.finish}
			onchange={({ currentTarget }) => onrig(finished(currentTarget.value))}
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
				onrig({ ...rig, skirt: { ...rig.skirt, colour: currentTarget.value as Rig['skirt']['colour'] } })}
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
				onrig({ ...rig, retrieve: { ...rig.retrieve, style: currentTarget.value as Rig['retrieve']['style'] } })}
		>
			{#each RETRIEVES as style (style)}<option value={style}>{spoken(style)}</option>{/each}
		</select></label
	>
	<span class="pace col-span-full flex gap-8">
		<button class="button" type="button" onclick={() => onrig(wound(-STEP_MPS))}>Slower</button>
		<button class="button" type="button" onclick={() => onrig(wound(STEP_MPS))}>Faster</button>
		{#if rig.trailer && rig.family !== 'underspin'}
			<button class="button" type="button" onclick={() => onrig({ ...rig, trailer: null })}>No trailer</button>
		{/if}
	</span>
</div>

<style>
	.pace .button {
		flex: 1;
		min-height: 48px;
	}
</style>
