<script lang="ts">
	import { READING_RANGES } from '$lib/core/foundation/schema/limits';
	import { typedFigure } from '$lib/presentation/typed';
	import { spoken } from '$lib/core/foundation/labels/spoken';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import type { ParsedReading } from '$lib/core/foundation/schema/reading';
	import { LIGHTS, SKIES, WINDS } from '$lib/core/foundation/schema/words';
	import { figureText, shownIn, type Measure } from '$lib/presentation/units';
	import { rangeMessage } from '$lib/presentation/ranges';

	interface Props {
		reading: ParsedReading;
		units: UnitSystem;
		onread: (patch: Partial<ParsedReading>) => void;
		onclose: () => void;
	}
	const { reading, units, onread, onclose }: Props = $props();
	const FIGURES = [
		['waterTemperatureC', 'Water', 'temperature'],
		['visibilityM', 'See down to', 'depth']
	] as const satisfies readonly (readonly [keyof ParsedReading, string, Measure])[];
	let typed = $state<Record<string, string>>(
		Object.fromEntries(FIGURES.map(([key, , measure]) => [key, figureText(units, measure, reading[key])]))
	);
	// svelte-ignore state_referenced_locally
	let chosen = $state({ sky: reading.sky, light: reading.light, wind: reading.wind });
	let wrong = $state<Record<string, string>>({});

	function read(event: SubmitEvent) {
		event.preventDefault();
		wrong = {};
		const patch: Partial<ParsedReading> = {};
		for (const [key, , measure] of FIGURES) {
			const figure = shownIn(units, measure).read(typedFigure(typed[key]!));
			const [low, high] = READING_RANGES[key];
			if (!(figure >= low && figure <= high)) wrong[key] = rangeMessage(key, measure, units);
			else patch[key] = Math.round(figure * 1e6) / 1e6;
		}
		if (Object.keys(wrong).length > 0) return;
		onread({ ...patch, ...chosen });
		onclose();
	}
</script>

<form class="grid grid-cols-[1fr_1fr] items-end gap-8 py-8" onsubmit={read} novalidate aria-label="New water reading">
	{#each FIGURES as [key, label, measure] (key)}
		<label class="grid text-s"
			>{label}, {shownIn(units, measure).unit}
			<input class="field figure" inputmode="decimal" aria-invalid={key in wrong} bind:value={typed[key]} />
			{#if wrong[key]}<span class="text-fail" role="alert">{wrong[key]}</span>{/if}</label
		>
	{/each}
	{#each [['Sky', 'sky', SKIES], ['Light', 'light', LIGHTS], ['Wind', 'wind', WINDS]] as const as [label, key, options] (key)}
		<label class="grid text-s"
			>{label}
			<select class="field" bind:value={chosen[key]}>
				<option value={undefined}>not read</option>
				{#each options as option (option)}<option value={option}>{spoken(option, key)}</option>{/each}
			</select></label
		>
	{/each}
	<button class="button button-amber">Use it</button>
	<button class="button" type="button" onclick={onclose}>Cancel</button>
</form>

<style>
	:is(input, select, .button) {
		min-height: 48px;
	}
</style>
