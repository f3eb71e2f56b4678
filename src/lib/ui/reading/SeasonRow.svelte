<script lang="ts">
	import type { Reading } from '$lib/core/water/reading/complete';
	import { suggestPhase } from '$lib/core/water/reading/phase';
	import { spoken } from '$lib/core/foundation/labels/spoken';
	import type { ParsedReading } from '$lib/core/foundation/schema/reading';
	import { PHASES } from '$lib/core/foundation/schema/words';
	import { useApp } from '$lib/client/state/app.svelte';
	import Mark from './Mark.svelte';

	interface Props {
		/** The reading, with what place and hour say of it, and with its defaults. */
		reading: ParsedReading;
		dated: ParsedReading;
		complete: Reading;
	}
	const { reading, dated, complete }: Props = $props();
	const app = useApp();
	const given = $derived(reading.phase);
	const suggested = $derived(suggestPhase(dated));
	const choose = (value: string) =>
		app.change({ phase: value === '' ? undefined : (value as ParsedReading['phase']) }, 'phase');
</script>

<div class="flex items-center gap-8 py-3" id="field-phase">
	<label class="min-w-98 font-640" for="phase">Season<Mark as={given ? 'read' : 'assumed'} /></label>
	<select
		id="phase"
		class="field flex-1"
		name="phase"
		value={given ?? ''}
		onchange={(event) => choose(event.currentTarget.value)}
	>
		<option value="" selected={given === undefined}>{spoken(suggested)}, by water and date</option>
		{#each PHASES as phase (phase)}<option value={phase} selected={given === phase}>{spoken(phase)}</option>{/each}
	</select>
</div>
<!-- Seldom said, so it comes after the page. -->
{#await import('$lib/core/water/reading/seasonWord') then { seasonWord }}
	{@const word = seasonWord(complete)}
	{#if word}<p class="pb-4 text-amber-ink">{word}</p>{/if}
{/await}
