import type { DayRecord } from './daySchema';
import { SCHEMA_VERSION } from './version';

/** A day before anything of it is chosen: from six to six with three rods, by whatever weather there is. */
export const A_DAY: DayRecord = {
	schemaVersion: SCHEMA_VERSION,
	date: null,
	from: 6,
	to: 18,
	rods: 3,
	seed: 0,
	spots: [],
	edits: {},
	station: [],
	owned: [],
	kept: false,
	record: true
};
