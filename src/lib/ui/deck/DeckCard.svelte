<script lang="ts">
	import { drawRig } from '$lib/core/rig/drawing/rigDrawing';
	import {
		bladesText,
		finishText,
		ouncesText,
		plainWords,
		rigName,
		skirtText
	} from '$lib/core/foundation/labels/describe';
	import { spoken } from '$lib/core/foundation/labels/spoken';
	import { packingOf } from '$lib/core/trips/plan/packing';
	import type { CallInput } from '$lib/core/foundation/schema/call';
	import type { Plan } from '$lib/core/foundation/schema/plan';
	import type { Rig } from '$lib/core/foundation/schema/rig';
	import type { UnitSystem } from '$lib/core/records/schemas';
	import type { Running } from '$lib/core/foundation/schema/run';
	import { depthRange, tipWords, zoneWords } from '$lib/presentation/runWords';
	import { percentText, withUnit } from '$lib/presentation/units';
	import { cadenceWords } from '../call/cadence';
	import RigDrawing from '../rig/RigDrawing.svelte';
	import { luresOf, outfitText, placesText, printedShare, spansText, type Carried } from './lures';

	interface Props {
		/** Water and day, and the best hours of it. */
		title: string;
		best: string;
		rods: Plan['rods'];
		clock: (at: string) => string;
		spotName: (id: string) => string;
		units: UnitSystem;
		cautions: readonly string[];
		/** The question that a lure answers in an hour; `null` where nothing was read. */
		questionAt: (at: string, spot: string | null) => CallInput | null;
		measure: (rig: Rig, question: CallInput, spot: string | null) => Promise<Running | null | undefined>;
	}
	const { title, best, rods, clock, spotName, units, cautions, questionAt, measure }: Props = $props();

	/** Pixels of a page (1/96 in) for a mm. */
	const PX_PER_MM = 96 / 25.4;
	const size = $derived(printedShare(rods.flatMap(luresOf).map(({ rig }) => drawRig(rig).bounds.height)));
	let runs = $state.raw<ReadonlyMap<Rig, Running>>(new Map());

	async function look(carried: readonly Carried[]): Promise<void> {
		const found: [Rig, Running][] = [];
		for (const { rig, stays } of carried) {
			const question = questionAt(stays[0]!.from, stays[0]!.spot);
			const running = question && (await measure(rig, question, stays[0]!.spot));
			if (running) found.push([rig, running]);
		}
		runs = new Map(found);
	}
	$effect(() => void look(rods.flatMap(luresOf)).catch(() => undefined));

	function castText(rig: Rig): string {
		const way = `${plainWords(rig.retrieve.style)} at ${withUnit(units, 'speed', rig.retrieve.speedMps)}`;
		const running = runs.get(rig);
		if (!running) return `${way}.`;
		const { window, run } = running;
		const seconds = run.cast.countdownS;
		const count = rig.family === 'buzzbait' ? '' : seconds >= 1 ? `Count ${seconds}. ` : 'Start reeling as it lands. ';
		const tip = tipWords(run) && `${tipWords(run)} `;
		const deep = rig.family === 'buzzbait' ? '' : `${depthRange(run, units)} deep, `;
		return `${way}: ${cadenceWords(window.turnsPerS)}. ${count}${tip}Runs ${deep}${zoneWords(run.inZone, rig.family)}.`;
	}
</script>

<article class="card hidden" aria-hidden="true">
	<h2>{title}</h2>
	<p>
		{best} Lures {size === 1 ? 'life-size' : `at ${percentText(size)} of life size`}. From a model; follow your local
		rules.
	</p>
	{#each rods as rod, at (at)}
		{@const { outfit } = rod}
		{@const carried = luresOf(rod)}
		{#if carried.length > 0}
			<section>
				<h3>
					Rod {at + 1}: {outfitText(outfit)}
				</h3>
				{#each carried as one (one.stays[0]!.from)}
					{@const { rig } = one}
					<div class="lure flex break-inside-avoid items-center gap-14 px-0 py-4">
						<RigDrawing drawing={drawRig(rig)} scale={size * PX_PER_MM} decorative />
						<p>
							<strong>{rigName(rig)}, {ouncesText(rig.weightOz)} oz</strong><br />
							{bladesText(rig)}, {finishText(rig)}; {skirtText(rig)}{rig.trailer
								? `; ${spoken(rig.trailer.kind)} ${rig.trailer.lengthIn} in`
								: ''}<br />
							<strong>{spansText(one.stays, clock)}</strong>
							{placesText(one.stays, spotName)}<br />
							{castText(rig)}
						</p>
					</div>
				{/each}
			</section>
		{/if}
	{/each}
	<section class="along">
		{#each packingOf({ rods }) as { title: of, items } (of)}
			<p><strong>{of}:</strong> {items.join('; ')}</p>
		{/each}
	</section>
	{#each cautions as caution (caution)}<p><strong>▲</strong> {caution}</p>{/each}
</article>

<style>
	@media print {
		.card {
			display: grid;
			gap: 6px;
			padding: 6mm;
			font-size: 10pt;
			color: #000;
		}
	}
	h2 {
		font-size: 15pt;
	}
	section {
		padding-top: 4px;
		border-top: 1px solid #000;
	}
	.lure :global(svg) {
		flex: none;
		print-color-adjust: exact;
	}
	.along {
		display: grid;
		gap: 2px;
		font-size: 9pt;
	}
</style>
