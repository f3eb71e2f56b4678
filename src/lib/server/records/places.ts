import { knownZone } from '../../core/foundation/basics/zone';
import type { SpotRecord, WaterRecord } from '../../core/records/schemas';
import { everyRecord } from './every';
import { storeOf } from './store';

/** A spot as the screens see it. */
export interface SpotView extends SpotRecord {
	readonly id: string;
	readonly version: number;
}

/** A water with its spots. */
export interface WaterView extends WaterRecord {
	readonly id: string;
	readonly version: number;
	readonly spots: readonly SpotView[];
	/** The time zone that is stored where no clock knows it; its times are shown in UTC then. */
	readonly unknownZone?: string;
}

/** A water whose time zone every clock takes. */
function withKnownZone(record: WaterRecord): WaterRecord & { readonly unknownZone?: string } {
	const timeZone = knownZone(record.timeZone);
	return timeZone === record.timeZone ? record : { ...record, timeZone, unknownZone: record.timeZone };
}

const byName = (a: { name: string }, b: { name: string }): number => a.name.localeCompare(b.name, 'en');

/** An angler's waters and spots, by name. */
export async function listWaters(anglerId: string): Promise<WaterView[]> {
	const [waters, spots] = await Promise.all([
		everyRecord(storeOf('waters').all(anglerId)),
		everyRecord(storeOf('spots').all(anglerId))
	]);
	const placed = spots.map(({ id, version, record }) => ({ id, version, ...record })).sort(byName);
	return waters
		.map(({ id, version, record }) => ({
			id,
			version,
			...withKnownZone(record),
			spots: placed.filter(({ waterId }) => waterId === id)
		}))
		.sort(byName);
}
