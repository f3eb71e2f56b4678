<script lang="ts">
	import { spoken } from '$lib/core/naming/spoken';

	interface Props {
		name: string;
		/** Spoken name of the group; shown beside it by whoever lays it out. */
		legend: string;
		options: readonly string[];
		value: string | undefined;
		/** An option that is proposed while none is chosen. */
		suggested?: string | undefined;
		/** Shorter words where room is short; the full ones are still spoken. */
		short?: Readonly<Record<string, string>>;
		onvalue?: (value: string) => void;
	}
	const { name, legend, options, value, suggested, short = {}, onvalue }: Props = $props();
</script>

<fieldset class="segment inline-flex min-w-0 flex-wrap overflow-clip rounded-[3px] border border-ink">
	<legend class="sr-only">{legend}</legend>
	{#each options as option (option)}
		<label
			class="relative flex flex-[1_0_auto] cursor-pointer"
			class:suggested={value === undefined && option === suggested}
		>
			<input
				class="absolute inset-0 h-full w-full cursor-pointer opacity-0"
				type="radio"
				{name}
				value={option}
				checked={value === option}
				onchange={() => onvalue?.(option)}
			/>
			<span
				class="flex-1 px-8 py-2 text-center whitespace-nowrap phone:flex phone:min-h-46 phone:items-center phone:justify-center phone:px-12 phone:py-4"
				title={short[option] && spoken(option, name)}>{short[option] ?? spoken(option, name)}</span
			>
		</label>
	{/each}
</fieldset>

<style>
	label + label {
		border-left: 1px solid var(--rule-2);
	}
	.suggested span {
		text-decoration: underline dotted;
		text-underline-offset: 3px;
	}
	label:hover span {
		background: var(--panel);
	}
	input:checked + span {
		background: var(--ink);
		color: var(--paper);
		font-weight: 620;
	}
	input:focus-visible + span {
		outline: 2px solid var(--ink);
		outline-offset: -4px;
	}
	input:checked:focus-visible + span {
		outline-color: var(--paper);
	}
	@media (forced-colors: active) {
		input:checked + span {
			background: Highlight;
			color: HighlightText;
			forced-color-adjust: none;
		}
	}
</style>
