<script lang="ts">
	import { onMount } from 'svelte';
	import type { Reading } from '$lib/core/water/reading/complete';
	import type { ParsedReading } from '$lib/core/foundation/schema/reading';
	import { useApp } from '$lib/client/state/app.svelte';
	import Ruler from '../controls/Ruler.svelte';
	import { figureText, shownIn } from '$lib/presentation/units';

	interface Props {
		complete: Reading;
		errors: Readonly<Record<string, string>>;
		typed: Readonly<Record<string, readonly string[]>>;
		onvalue: (patch: Partial<ParsedReading>, key: string) => string | null;
	}
	const { complete, errors, typed, onvalue }: Props = $props();
	const app = useApp();
	const shown = $derived(shownIn(app.units, 'depth'));
	const band = $derived({ fishFromM: complete.fishFromM, fishToM: complete.fishToM });
	type End = keyof typeof band;
	const NAMES: Readonly<Record<End, string>> = { fishFromM: 'Fish from', fishToM: 'Fish to' };
	const ENDS = ['fishFromM', 'fishToM'] as const;
	/** What is being typed; a page without scripts brings back what was refused, and it is typed once more when it can be. */
	// svelte-ignore state_referenced_locally
	let draft = $state<Partial<Record<End, string | undefined>>>({
		fishFromM: typed.fishFromM?.[0],
		fishToM: typed.fishToM?.[0]
	});
	// svelte-ignore state_referenced_locally
	let told = $state<Partial<Record<End, string | null>>>({ fishFromM: errors.fishFromM, fishToM: errors.fishToM });
	onMount(() => {
		for (const end of ENDS) {
			const text = typed[end]?.[0];
			if (text === undefined) continue;
			type(end, text);
			leave(end);
		}
	});
	const wrong = $derived(told.fishFromM ?? told.fishToM);

	function type(end: End, text: string) {
		draft[end] = text;
		const figure = Number(text.replace(',', '.'));
		if (text.trim() === '' || !Number.isFinite(figure) || figure < 0) {
			told[end] = 'Enter a depth below the surface.';
			return;
		}
		const refused = onvalue({ [end]: Math.round(shown.read(figure) * 1e6) / 1e6 }, end);
		told = refused ? { [end]: refused } : {};
	}

	function leave(end: End) {
		if (!told[end]) draft[end] = undefined;
	}
</script>

<div class="row" id="field-fishFromM">
	<div class="head">
		<span class="label" aria-hidden="true">Fish</span>
		{#each ENDS as end (end)}
			<input
				class="field figure"
				name={end}
				inputmode="decimal"
				autocomplete="off"
				aria-label={NAMES[end]}
				value={draft[end] ?? figureText(app.units, 'depth', band[end])}
				aria-invalid={told[end] ? 'true' : undefined}
				oninput={(event) => type(end, event.currentTarget.value)}
				onblur={() => leave(end)}
			/>
			<span class="unit">{end === 'fishFromM' ? 'to' : shown.unit}</span>
		{/each}
	</div>
	{#if wrong}<p class="wrong" role="alert">{wrong}</p>{/if}
	<Ruler
		scale={{ low: 0, high: shown.show(Math.max(4, complete.bottomM)) }}
		value={shown.show(band.fishFromM)}
		to={shown.show(band.fishToM)}
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
		gap: 6px;
		min-height: 36px;
	}
	.label {
		min-width: 98px;
		font-weight: 640;
	}
	input {
		width: 62px;
		font-size: var(--t-l);
	}
	.unit {
		font-size: var(--t-s);
	}
	@media (width < 56rem) {
		input {
			width: 84px;
			font-size: var(--t-xl);
		}
	}
</style>
