<script lang="ts">
	import type { Build } from '$lib/core/foundation/schema/build';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import { shownIn, type Measure } from '$lib/presentation/units';
	import type { Control } from './controls';

	interface Props {
		control: Control;
		/** What the control belongs to, for a voice. */
		of: string;
		units: UnitSystem;
		onbuild: (build: Build, key: string) => void;
	}
	const { control, of, units, onbuild }: Props = $props();
	const name = $derived(`${of}: ${control.label}`);
	const UNITS = { mm: '', deg: '°', lb: 'lb', in: 'in', count: '', mps: '' } as const;
	/** Measures that stand in the angler's own units. */
	const MEASURES: Readonly<Partial<Record<keyof typeof UNITS, Measure>>> = { mm: 'size', mps: 'speed' };
	const shown = $derived.by(() => {
		const measure = control.kind === 'figure' ? MEASURES[control.unit] : undefined;
		return measure ? shownIn(units, measure) : null;
	});
	const show = (value: number): number => Math.round((shown ? shown.show(value) : value) * 100) / 100;
	/** What the closed choice shows: it takes the room that this needs. */
	const chosen = $derived(
		control.kind === 'choice' ? (control.options.find(({ value }) => value === control.value)?.text ?? '') : ''
	);
	let wrong = $state('');

	function take(field: HTMLInputElement) {
		if (control.kind !== 'figure') return;
		const typed = field.value.trim().replace(',', '.');
		const value = shown ? shown.read(Number(typed)) : Number(typed);
		const { low, high } = control;
		if (typed === '' || Number.isNaN(value)) wrong = 'Enter a number.';
		else if (Number(typed) < show(low) - 1e-9 || Number(typed) > show(high) + 1e-9)
			wrong = `Between ${show(low)} and ${show(high)}.`;
		else {
			wrong = '';
			const held = Math.min(high, Math.max(low, value));
			onbuild(control.set(control.unit === 'count' ? Math.round(held) : held), name);
		}
	}
</script>

{#if control.kind === 'choice'}
	<select
		class="field"
		style:--letters={chosen.length}
		aria-label={name}
		value={control.value}
		onchange={({ currentTarget }) => onbuild(control.set(currentTarget.value), name)}
	>
		{#each control.options as { value, text } (value)}<option {value}>{text}</option>{/each}
	</select>
{:else}
	<label class="inline-flex flex-[1_1_72px] flex-nowrap items-center gap-3 text-s phone:basis-132">
		<span class="whitespace-nowrap text-ink-2">{control.label}</span>
		<input
			class="field figure w-40 px-4 phone:w-72"
			type="text"
			inputmode="decimal"
			aria-label={name}
			aria-invalid={wrong !== ''}
			value={show(control.value)}
			onchange={({ currentTarget }) => take(currentTarget)}
			onkeydown={(event) => {
				if (event.key !== 'ArrowUp' && event.key !== 'ArrowDown') return;
				event.preventDefault();
				const by = event.key === 'ArrowUp' ? control.step : -control.step;
				const next = Math.min(control.high, Math.max(control.low, control.value + by));
				onbuild(control.set(Math.round(next * 1000) / 1000), name);
			}}
		/>
		<span class="unit">{shown ? shown.unit : UNITS[control.unit]}</span>
	</label>
	{#if wrong}<span class="wrong" role="alert">{wrong}</span>{/if}
{/if}

<style>
	select {
		flex: 1 1 calc(var(--letters) * 6.3px + 22px);
		min-width: 0;
		padding: 1px 15px 1px 5px;
		appearance: none;
		background:
			linear-gradient(45deg, transparent 50%, var(--ink-2) 50%) no-repeat right 8px center / 5px 5px,
			linear-gradient(-45deg, transparent 50%, var(--ink-2) 50%) no-repeat right 4px center / 5px 5px,
			var(--paper);
		font-size: var(--t-s);
	}
	@media (width < 56rem) {
		select {
			flex-basis: max(132px, calc(var(--letters) * 8.2px + 30px));
		}
	}
</style>
