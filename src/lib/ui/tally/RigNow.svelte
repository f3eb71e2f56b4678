<script lang="ts">
	import { drawRig } from '$lib/core/drawing/rigDrawing';
	import { bladesText, finishText, ouncesText, rigName, skirtText, trailerText } from '$lib/core/naming/describe';
	import { spoken } from '$lib/core/naming/spoken';
	import type { Rig } from '$lib/core/schema/rig';
	import { FINISHES, RETRIEVES, SKIRT_COLOURS } from '$lib/core/schema/words';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import { withUnit } from '$lib/forms/units';
	import RigDrawing from '../rig/RigDrawing.svelte';

	interface Props {
		rig: Rig;
		/** What else lies on the deck. */
		deck: readonly { readonly name: string; readonly rig: Rig }[];
		/** Whether it may be changed: not in the middle of a trial's turn. */
		fixed: boolean;
		units: UnitSystem;
		onrig: (rig: Rig) => void;
	}
	const { rig, deck, fixed, units, onrig }: Props = $props();
	const drawing = $derived(drawRig(rig, true));
	const scale = $derived(Math.min(140 / drawing.bounds.width, 74 / drawing.bounds.height));
	let open = $state(false);
	const rear = $derived(rig.blades.find(({ position }) => position === 'rear')!);
	/** One step of the hand, m/s. */
	const STEP_MPS = 0.1;

	const finished = (finish: string): Rig => ({
		...rig,
		blades: rig.blades.map((blade) => (blade === rear ? { ...blade, finish: finish as typeof blade.finish } : blade))
	});
	const wound = (by: number): Rig => ({
		...rig,
		retrieve: {
			...rig.retrieve,
			speedMps: Math.round(Math.min(2.4, Math.max(0.2, rig.retrieve.speedMps + by)) * 100) / 100
		}
	});
	const take = (next: Rig) => {
		onrig(next);
		open = false;
	};
</script>

<div class="rig">
	<RigDrawing {drawing} {scale} decorative />
	<p>
		<strong>{rigName(rig)}, {ouncesText(rig.weightOz)} oz</strong>
		<span>{bladesText(rig)}, {finishText(rig)}; {skirtText(rig)}</span>
		<span>{trailerText(rig)}; {spoken(rig.retrieve.style)}, {withUnit(units, 'speed', rig.retrieve.speedMps)}</span>
	</p>
	<button class="button" type="button" disabled={fixed} aria-expanded={open} onclick={() => (open = !open)}
		>Change</button
	>
</div>
{#if open && !fixed}
	<div class="sheet" role="group" aria-label="Change one thing">
		<label
			>Another from the deck
			<select class="field" value="" onchange={({ currentTarget }) => take(deck[Number(currentTarget.value)]!.rig)}>
				<option value="" disabled>choose</option>
				{#each deck as { name }, at (at)}<option value={at}>{name}</option>{/each}
			</select></label
		>
		<label
			>Rear blade
			<select class="field" value={rear.finish} onchange={({ currentTarget }) => take(finished(currentTarget.value))}>
				{#each FINISHES as finish (finish)}<option value={finish}>{spoken(finish)}</option>{/each}
			</select></label
		>
		<label
			>Skirt
			<select
				class="field"
				value={rig.skirt.colour}
				onchange={({ currentTarget }) =>
					take({ ...rig, skirt: { ...rig.skirt, colour: currentTarget.value as Rig['skirt']['colour'] } })}
			>
				{#each SKIRT_COLOURS as colour (colour)}<option value={colour}>{spoken(colour)}</option>{/each}
			</select></label
		>
		<label
			>Retrieve
			<select
				class="field"
				value={rig.retrieve.style}
				onchange={({ currentTarget }) =>
					take({ ...rig, retrieve: { ...rig.retrieve, style: currentTarget.value as Rig['retrieve']['style'] } })}
			>
				{#each RETRIEVES as style (style)}<option value={style}>{spoken(style)}</option>{/each}
			</select></label
		>
		<span class="pace">
			<button class="button" type="button" onclick={() => take(wound(-STEP_MPS))}>Slower</button>
			<button class="button" type="button" onclick={() => take(wound(STEP_MPS))}>Faster</button>
			{#if rig.trailer && rig.family !== 'underspin'}
				<button class="button" type="button" onclick={() => take({ ...rig, trailer: null })}>No trailer</button>
			{/if}
		</span>
	</div>
{/if}

<style>
	.rig {
		display: grid;
		grid-template-columns: 150px 1fr auto;
		gap: 10px;
		align-items: center;
		min-height: 84px;
		padding: 4px 12px;
		border-left: 5px solid var(--amber);
	}
	p {
		display: grid;
		font-size: var(--t-s);
		line-height: 1.3;
	}
	strong {
		font-size: var(--t-m);
	}
	.sheet {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 8px;
		padding: 8px 12px;
		background: var(--panel);
		border-block: 1px solid var(--ink);
	}
	label {
		display: grid;
		font-size: var(--t-s);
	}
	select {
		width: 100%;
		min-height: 48px;
	}
	.pace {
		grid-column: 1 / -1;
		display: flex;
		gap: 8px;
	}
	.pace .button {
		flex: 1;
		min-height: 48px;
	}
	@media (width < 56rem) {
		.rig {
			grid-template-columns: 104px 1fr auto;
		}
		.rig :global(svg) {
			max-width: 104px;
		}
	}
</style>
