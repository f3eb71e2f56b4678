<script lang="ts">
	import { spoken } from '$lib/core/foundation/labels/spoken';

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

<fieldset class="segment">
	<legend class="sr-only">{legend}</legend>
	{#each options as option (option)}
		<label class:suggested={value === undefined && option === suggested}>
			<input type="radio" {name} value={option} checked={value === option} onchange={() => onvalue?.(option)} />
			<span title={short[option] && spoken(option, name)}>{short[option] ?? spoken(option, name)}</span>
		</label>
	{/each}
</fieldset>

<style>
	.segment {
		display: inline-flex;
		flex-wrap: wrap;
		min-width: 0;
		border: 1px solid var(--ink);
		border-radius: 3px;
		overflow: clip;
	}
	label {
		position: relative;
		display: flex;
		flex: 1 0 auto;
		cursor: pointer;
	}
	label + label {
		border-left: 1px solid var(--rule-2);
	}
	input {
		position: absolute;
		opacity: 0;
		inset: 0;
		width: 100%;
		height: 100%;
		margin: 0;
		cursor: pointer;
	}
	span {
		flex: 1;
		padding: 2px 8px;
		text-align: center;
		white-space: nowrap;
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
	@media (width < 56rem) {
		span {
			display: flex;
			align-items: center;
			justify-content: center;
			min-height: 46px;
			padding: 4px 12px;
		}
	}
	@media (forced-colors: active) {
		input:checked + span {
			background: Highlight;
			color: HighlightText;
			forced-color-adjust: none;
		}
	}
</style>
