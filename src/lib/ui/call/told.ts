import { differencesOf } from '$lib/core/choice/difference';
import type { UnitSystem } from '$lib/core/records/schemas';
import type { Rig } from '$lib/core/schema/rig';
import { retold } from '$lib/forms/units';

/** What differs between two rigs, in the angler's own words and units. */
export const toldDifferences = (units: UnitSystem, from: Rig, to: Rig): { from: string; to: string }[] =>
	differencesOf(from, to).map((pair) => ({ from: retold(units, pair.from), to: retold(units, pair.to) }));
