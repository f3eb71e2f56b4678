import { knownZone } from '$lib/core/foundation/basics/zone';
import type { SpotRecord, WaterRecord } from '$lib/core/records/schemas';
import type { ListedSpot, ListedWater } from '$lib/core/records/appStart';
import { listWithWaiting, type Listed } from '../sync/lists';
import type { Write } from '../sync/outbox.svelte';

const byName = (a: { readonly name: string }, b: { readonly name: string }): number =>
	a.name.localeCompare(b.name, 'en');

/** A water as it is stored, of one that a screen holds. */
export const waterRecordOf = (water: ListedWater): WaterRecord => {
	const { schemaVersion, name, timeZone, place, latitude, longitude } = water;
	return { schemaVersion, name, timeZone: water.unknownZone ?? timeZone, place, latitude, longitude };
};

/** A spot as it is stored, of one that a screen holds. */
export const spotRecordOf = (spot: ListedSpot): SpotRecord => {
	const { schemaVersion, waterId, name, bankBearingDeg, at, bankHeightM, profile, cover } = spot;
	return {
		schemaVersion,
		waterId,
		name,
		bankBearingDeg,
		profile,
		cover,
		...(at === undefined ? {} : { at }),
		...(bankHeightM === undefined ? {} : { bankHeightM })
	};
};

/** The depth profile of a spot; nothing where nobody sounded it. */
export const soundedProfile = (
	spot: Pick<ListedSpot, 'profile'> | null | undefined
): ListedSpot['profile'] | undefined => (spot && spot.profile.length > 1 ? spot.profile : undefined);

const held = <T extends { readonly id: string; readonly version: number }, R>(
	listed: T,
	record: (listed: T) => R
): Listed<R> => ({ id: listed.id, version: listed.version, record: record(listed) });

function shownZone(record: WaterRecord): WaterRecord & { unknownZone?: string } {
	const timeZone = knownZone(record.timeZone);
	return timeZone === record.timeZone ? record : { ...record, timeZone, unknownZone: record.timeZone };
}

/**
 * Waters with their spots as they were last read, with what was written since, by name. A spot whose water is gone is not
 * shown; it is back with its water.
 */
export function watersWith(
	read: readonly ListedWater[],
	waters: readonly Write[],
	spots: readonly Write[]
): readonly ListedWater[] {
	if (waters.length === 0 && spots.length === 0) return read;
	const records = listWithWaiting<WaterRecord>(
		read.map((water) => held(water, waterRecordOf)),
		waters
	);
	const places = listWithWaiting<SpotRecord>(
		read.flatMap((water) => water.spots.map((spot) => held(spot, spotRecordOf))),
		spots
	)
		.map(({ id, version, record }): ListedSpot => ({ ...record, id, version }))
		.sort(byName);
	return records
		.map(({ id, version, record }): ListedWater => ({
			...shownZone(record),
			id,
			version,
			spots: places.filter(({ waterId }) => waterId === id)
		}))
		.sort(byName);
}

/** The device's own time zone. */
export const deviceZone = (): string => knownZone(Intl.DateTimeFormat().resolvedOptions().timeZone);
