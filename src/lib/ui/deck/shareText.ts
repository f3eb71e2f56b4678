import { finishText, ouncesText, plainWords, rigName, skirtText } from '$lib/core/foundation/labels/describe';
import { packingOf } from '$lib/core/trips/plan/packing';
import type { UnitSystem } from '$lib/core/records/schemas';
import type { Plan } from '$lib/core/foundation/schema/plan';
import { withUnit } from '$lib/presentation/units';
import { luresOf, outfitText, placesText, spansText } from './lures';

/** What a deck is told with besides its rods. */
export interface Told {
	readonly title: string;
	readonly best: string;
	readonly clock: (at: string) => string;
	readonly spotName: (id: string) => string;
	readonly units: UnitSystem;
	readonly cautions: readonly string[];
}

/** The deck as plain text, to be handed on: rods, what each casts when and where, what to take along, cautions. */
export function deckText(rods: Plan['rods'], { title, best, clock, spotName, units, cautions }: Told): string {
	const lines = rods.flatMap((rod, at) => [
		`Rod ${at + 1}: ${outfitText(rod.outfit)}`,
		...luresOf(rod).flatMap(({ rig, stays }) => {
			const places = placesText(stays, spotName);
			const pace = `${plainWords(rig.retrieve.style)} at ${withUnit(units, 'speed', rig.retrieve.speedMps)}`;
			return [
				`  ${spansText(stays, clock)}${places ? `, ${places}` : ''}`,
				`  ${rigName(rig)}, ${ouncesText(rig.weightOz)} oz, ${finishText(rig)}, ${skirtText(rig)}; ${pace}`
			];
		}),
		''
	]);
	const packing = packingOf({ rods }).map(({ title: what, items }) => `${what}: ${items.join('; ')}`);
	return [title, best, '', ...lines, 'To take along', ...packing, '', ...cautions, ''].join('\n');
}
