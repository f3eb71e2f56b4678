<script lang="ts">
	import { onMount, type Snippet } from 'svelte';
	import { READING_RANGES } from '$lib/core/foundation/schema/limits';
	import type { ParsedReading } from '$lib/core/foundation/schema/reading';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import type { Provenance } from '$lib/presentation/provenance';
	import Mark from './Mark.svelte';
	import Ruler from '../controls/Ruler.svelte';
	import { figureText, shownIn, spokenFigure } from '$lib/presentation/units';
	import type { FigureField } from '$lib/presentation/fields';
	import type { OtherUnit } from '$lib/presentation/otherUnit';
	import { rangeMessage } from '$lib/presentation/ranges';

	interface Props {
		field: FigureField;
		/** In SI; `undefined` when it was not read. */
		value: number | undefined;
		as: Provenance;
		/** What stands for it while it is not read, in SI. */
		assumed?: number | undefined;
		units: UnitSystem;
		/** What was typed and refused, and why. */
		typed?: string | undefined;
		error?: string | undefined;
		aside?: Snippet;
		/** Whether `value` stays behind what a hand is moving. */
		moving?: boolean;
		/** Takes a figure in SI; says what is wrong with it, or `null`. */
		onvalue: (patch: Partial<ParsedReading>, key: string) => string | null;
		/** The same, of a pointer that has not come to rest. */
		onmove?: (patch: Partial<ParsedReading>, key: string) => string | null;
	}
	const {
		field,
		value,
		as,
		assumed,
		units,
		typed,
		error,
		aside,
		moving = false,
		onvalue,
		onmove = onvalue
	}: Props = $props();

	const shown = $derived(shownIn(units, field.measure));
	/** Where the pointer was moved to, until the reading says so too. */
	let slid = $state<number | null>(null);
	$effect(() => {
		void value;
		if (!moving) slid = null;
	});
	const now = $derived(slid ?? value);
	const text = $derived(now === undefined ? '' : figureText(units, field.measure, now));
	/** What is being typed, until it is a figure that holds; a page without scripts may have brought one that did not. */
	// svelte-ignore state_referenced_locally
	let draft = $state<string | null>(typed ?? null);
	// svelte-ignore state_referenced_locally
	let told = $state<string | null>(error ?? null);
	const scale = $derived({
		low: shown.show(field.scale[0]),
		high: shown.show(Math.max(field.scale[1], now ?? 0)),
		log: field.log
	});
	const zones = $derived(field.zones?.map(({ name, to }) => ({ name, to: shown.show(to) })) ?? []);

	function give(si: number, take = onvalue) {
		const [low, high] = READING_RANGES[field.key];
		if (!(si >= low - 1e-9 && si <= high + 1e-9)) return rangeMessage(field.key, field.measure, units);
		return take({ [field.key]: Math.round(si * 1e6) / 1e6 }, field.key);
	}

	/** What was typed, where it is a figure in the other units: it is offered, never taken by itself. */
	let offered = $state.raw<OtherUnit | null>(null);
	/** Comes when it is wanted: the page does not wait for it. */
	async function offer(figure: number) {
		const { otherUnit } = await import('$lib/presentation/otherUnit');
		if (told) offered = otherUnit(field.key, field.measure, units, figure);
	}
	function take({ si }: OtherUnit) {
		[draft, offered] = [null, null];
		told = give(si);
	}

	function type(next: string) {
		offered = null;
		draft = next;
		slid = null;
		const bare = next.trim().replace(',', '.');
		if (bare === '') {
			told = field.required ? 'Fill this in.' : null;
			if (!field.required) onvalue({ [field.key]: undefined }, field.key);
			return;
		}
		const figure = Number(bare);
		told = Number.isFinite(figure) ? give(shown.read(figure)) : 'Enter a number.';
		if (told && field.measure === 'temperature') void offer(figure);
	}

	function slide(figure: number) {
		draft = null;
		const grain = 10 ** -shown.digits;
		const si = shown.read(Math.round(figure / grain) * grain);
		told = give(si, onmove);
		slid = told === null ? si : null;
	}

	// What a page without scripts brought back is typed once more, now that it can be taken.
	onMount(() => {
		if (typed === undefined) return;
		type(typed);
		leave();
	});

	function leave() {
		if (told === null) draft = null;
	}
</script>

<div class="row" id="field-{field.key}">
	<div class="head">
		<label for="figure-{field.key}">{field.label}</label><Mark {as} id="as-{field.key}" />
		<span class="value"
			><span class="box"
				><input
					id="figure-{field.key}"
					class="field figure"
					name={field.key}
					inputmode="decimal"
					autocomplete="off"
					aria-required={field.required}
					value={draft ?? text}
					placeholder={assumed === undefined ? '' : figureText(units, field.measure, assumed)}
					aria-invalid={told ? 'true' : undefined}
					aria-describedby={told ? `wrong-${field.key}` : `as-${field.key}`}
					oninput={(event) => type(event.currentTarget.value)}
					onblur={leave}
				/></span
			><span class="unit">{shown.unit}</span>
		</span>
		<span class="aside">{@render aside?.()}</span>
	</div>
	{#if told}<p class="wrong" id="wrong-{field.key}" role="alert">{told}</p>{/if}
	{#if told && offered}
		{@const other = offered}
		<button class="button my-4" type="button" onclick={() => take(other)}>{other.text}</button>
	{/if}
	<Ruler
		{scale}
		{zones}
		value={now === undefined ? null : shown.show(now)}
		label="{field.label}, on its scale"
		valueText={now === undefined ? 'not entered yet' : spokenFigure(units, field.measure, now)}
		step={shown.digits > 1 ? 0.1 : shown.digits > 0 ? 0.5 : 1}
		onvalue={slide}
	/>
</div>

<style>
	.row {
		padding: 3px 0 0;
		border-bottom: 1px solid var(--rule);
	}
	.head {
		display: flex;
		align-items: center;
		gap: 8px;
		min-height: 28px;
	}
	label {
		min-width: 84px;
		font-weight: 640;
	}
	.value {
		display: block;
		white-space: nowrap;
	}
	/* Of its own size: a figure that changes under the hand lays out nothing but its field. */
	.box {
		display: inline-block;
		contain: size layout style;
		width: 4.75rem;
		height: 2.15rem;
		vertical-align: middle;
	}
	input {
		width: 100%;
		height: 100%;
		font-size: var(--t-l);
	}
	.unit {
		margin-left: 4px;
		font-size: var(--t-s);
	}
	.aside :global(.segment) {
		flex-wrap: nowrap;
		font-size: var(--t-s);
	}
	.aside :global(.segment span) {
		padding-inline: 4px;
	}
	.aside {
		display: flex;
		flex: 1;
		justify-content: flex-end;
	}
	/* What was opened beside a figure has the whole width under it. */
	.head:has(:global([aria-expanded='true'])) {
		flex-wrap: wrap;
	}
	.aside:has(:global([aria-expanded='true'])) {
		flex-basis: 100%;
	}
	.wrong {
		margin: 2px 0 4px;
		font-weight: 560;
		color: var(--fail);
	}
	@media (width < 56rem) {
		.head {
			flex-wrap: wrap;
		}
		.box {
			width: 6rem;
			height: 3.1rem;
		}
		input {
			font-size: var(--t-xl);
		}
		.aside {
			justify-content: flex-start;
			flex-basis: 100%;
		}
	}
</style>
