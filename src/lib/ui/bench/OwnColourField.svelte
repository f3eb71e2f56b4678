<script lang="ts">
	import { spoken } from '$lib/core/foundation/labels/spoken';
	import { inHandRgb } from '$lib/core/simulation/sight/colour';
	import { nearestNamed, ownTarget } from '$lib/core/simulation/sight/ownColour';
	import {
		ownColourSchema,
		STRAND_COLOURS,
		STRANDS_MAX,
		type StrandColour
	} from '$lib/core/foundation/schema/ownColour';
	import { newStrand, strandOf, WAYS, type StrandDraft, type Way } from './ownDraft';

	interface Props {
		strands: StrandDraft[];
		/** What the angler says it counts as; the nearest named color unless said. */
		countsAs: StrandColour | '';
		/** What is wrong with it, once it was to be kept. */
		wrong: string | undefined;
	}
	let { strands = $bindable(), countsAs = $bindable(), wrong }: Props = $props();

	const WAY_WORDS: Readonly<Record<Way, string>> = { named: 'by name', picked: 'by eye', measured: 'measured' };
	const parsed = $derived(ownColourSchema.safeParse({ strands: strands.map(strandOf), countsAs: countsAs || 'white' }));
	const nearest = $derived(parsed.success ? nearestNamed(parsed.data) : null);
	const shown = $derived(parsed.success ? inHandRgb(ownTarget(parsed.data).reflects) : null);
	const add = () => (strands = [...strands, newStrand()]);
</script>

<fieldset class="grid flex-[1_1_100%] justify-items-start gap-4">
	<legend>Own color</legend>
	{#each strands as strand, at (at)}
		<div class="flex flex-wrap items-center gap-6">
			<select class="field" aria-label="Strand {at + 1}, how you give its color" bind:value={strand.way}>
				{#each WAYS as way (way)}<option value={way}>{WAY_WORDS[way]}</option>{/each}
			</select>
			{#if strand.way === 'named'}
				<select class="field" aria-label="Strand {at + 1}, color" bind:value={strand.colour}>
					{#each STRAND_COLOURS as colour (colour)}<option value={colour}>{spoken(colour)}</option>{/each}
				</select>
			{:else if strand.way === 'picked'}
				<input type="color" aria-label="Strand {at + 1}, color as it looks by day" bind:value={strand.rgb} />
			{:else}
				<input
					class="field w-220"
					aria-label="Strand {at + 1}, reflectance: 31 numbers from 400 to 700 nm"
					placeholder="31 numbers, 400 to 700 nm"
					autocomplete="off"
					bind:value={strand.measured}
				/>
			{/if}
			<label class="share"
				><input
					class="field figure"
					inputmode="decimal"
					aria-label="Strand {at + 1}, share in percent"
					bind:value={strand.percent}
				/> %</label
			>
			<button
				class="button"
				type="button"
				aria-label="Remove strand {at + 1}"
				onclick={() => (strands = strands.toSpliced(at, 1))}>×</button
			>
		</div>
	{/each}
	{#if strands.length < STRANDS_MAX}
		<button class="button" type="button" onclick={add}>{strands.length === 0 ? '+ a color' : '+ a strand'}</button>
	{/if}
	{#if shown && nearest}
		<p class="flex flex-wrap items-center gap-6">
			<span class="chip h-26 w-44 border border-ink" style:background="rgb({shown.join(' ')})"></span>
			<label
				>The rules treat it as
				<select class="field" bind:value={countsAs}>
					<option value="">{spoken(nearest)}, the nearest</option>
					{#each STRAND_COLOURS as colour (colour)}<option value={colour}>{spoken(colour)}</option>{/each}
				</select></label
			>
		</p>
	{/if}
	{#if strands.some(({ way }) => way === 'picked')}
		<p class="quiet">Picked by eye: the smoothest of many spectra that look like this by day. An estimate.</p>
	{/if}
	{#if wrong}<p class="wrong" role="alert">{wrong}</p>{/if}
</fieldset>

<style>
	input[type='color'] {
		width: 56px;
		height: 30px;
		padding: 2px;
		border: 1px solid var(--ink);
		background: var(--paper);
	}
	.share .figure {
		width: 60px;
	}
	@media (width < 56rem) {
		input[type='color'] {
			height: 48px;
		}
	}
</style>
