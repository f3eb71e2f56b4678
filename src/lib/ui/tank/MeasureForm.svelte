<script lang="ts">
	import type { Measure, MeasureKind } from '$lib/core/schema/calibration';
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

<form onsubmit={add} novalidate>
	<label
		>What was measured
		<select class="field" bind:value={kind}>
			{#each Object.entries(MEASURE_KINDS) as [key, { name }] (key)}<option value={key}>{name}</option>{/each}
		</select></label
	>
	<div class="fields">
		{#each MEASURE_KINDS[kind].fields as field (field.key)}
			<label
				>{field.label}, {unitOf(field, units)}
				<input
					class="field figure"
					inputmode="decimal"
					autocomplete="off"
					aria-invalid={field.key in wrong}
					aria-describedby={field.key in wrong ? `${id}-${field.key}` : undefined}
					bind:value={typed[field.key]}
				/>
				{#if wrong[field.key]}<span class="refused" id="{id}-{field.key}">{wrong[field.key]}</span>{/if}
			</label>
		{/each}
	</div>
	<button class="button button-amber">Add it</button>
</form>

<style>
	form {
		display: grid;
		gap: 8px;
		justify-items: start;
		padding-top: 8px;
	}
	.fields {
		display: flex;
		flex-wrap: wrap;
		gap: 8px 14px;
	}
	label {
		display: grid;
		gap: 2px;
		font-size: var(--t-s);
	}
	input {
		width: 7rem;
	}
	.refused {
		color: var(--fails);
		font-weight: 560;
	}
	@media (width < 56rem) {
		form :is(input, select) {
			min-height: 48px;
		}
	}
</style>
