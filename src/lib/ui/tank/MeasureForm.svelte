<script lang="ts">
	import type { Measure, MeasureKind } from '$lib/core/foundation/schema/calibration';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import { MEASURE_KINDS, readMeasure, unitOf } from './measureDraft';

	interface Props {
		units: UnitSystem;
		/** Line wound by a turn of the handle, m. */
		turnM: number;
		onadd: (measure: Measure) => void;
	}
	const { units, turnM, onadd }: Props = $props();
	let kind = $state<MeasureKind>('fall');
	let typed = $state<Record<string, string>>({});
	let wrong = $state.raw<Readonly<Record<string, string>>>({});
	const id = $props.id();

	function add(event: SubmitEvent) {
		event.preventDefault();
		const read = readMeasure(kind, typed, units, turnM);
		wrong = 'wrong' in read ? read.wrong : {};
		if (!('measure' in read)) return;
		onadd(read.measure);
		typed = { ...typed, seconds: '', atM: '' };
	}
</script>

<form class="grid justify-items-start gap-8 pt-8" onsubmit={add} novalidate>
	<label class="grid gap-2 text-s"
		>What was measured
		<select class="field" bind:value={kind}>
			{#each Object.entries(MEASURE_KINDS) as [key, { name }] (key)}<option value={key}>{name}</option>{/each}
		</select></label
	>
	<div class="flex flex-wrap gap-x-14 gap-y-8">
		{#each MEASURE_KINDS[kind].fields as field (field.key)}
			<label class="grid gap-2 text-s"
				>{field.label}, {unitOf(field, units)}
				<input
					class="field figure w-[7rem]"
					inputmode="decimal"
					autocomplete="off"
					aria-invalid={field.key in wrong}
					aria-describedby={field.key in wrong ? `${id}-${field.key}` : undefined}
					bind:value={typed[field.key]}
				/>
				{#if wrong[field.key]}<span class="font-560 text-fail" id="{id}-{field.key}">{wrong[field.key]}</span>{/if}
			</label>
		{/each}
	</div>
	<button class="button button-amber">Add it</button>
</form>

<style>
	@media (width < 56rem) {
		form :is(input, select) {
			min-height: 48px;
		}
	}
</style>
