import { differencesOf } from '$lib/core/ranking/answer/difference';
import type { UnitSystem } from '$lib/core/records/schemas';
import type { Rig } from '$lib/core/foundation/schema/rig';
import { convertUnitsInText } from '$lib/presentation/units';

/** What differs between two rigs, in the angler's own words and units. */
export const differencesInUnits = (units: UnitSystem, from: Rig, to: Rig): { from: string; to: string }[] =>
	differencesOf(from, to).map((pair) => ({
		from: convertUnitsInText(units, pair.from),
		to: convertUnitsInText(units, pair.to)
	}));
