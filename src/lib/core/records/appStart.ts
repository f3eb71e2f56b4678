import type { DayRecord } from './daySchema';
import type { RecordKindName } from './kinds';
import type { BenchRecord } from './rigSchemas';
import type { DeskRecord, SettingsRecord, SpotRecord, ViewsRecord, WaterRecord } from './schemas';

/** A spot, and a water with its spots, as the screens see them. */
export interface ListedSpot extends SpotRecord {
	readonly id: string;
	readonly version: number;
}
export interface ListedWater extends WaterRecord {
	readonly id: string;
	readonly version: number;
	readonly spots: readonly ListedSpot[];
	/** The time zone that is stored where no clock knows it; `timeZone` is UTC then. */
	readonly unknownZone?: string;
}

/** A record that is stored and cannot be read: it is shown, to be exported or deleted. */
export interface DamagedRecord {
	readonly kind: RecordKindName;
	readonly what: string;
	readonly id: string;
	readonly why: string;
}

/** A record with the version that the server has of it. */
export interface Versioned<T> {
	readonly version: number;
	readonly record: T;
}

/** What the server knows when a page opens; nothing of it where the records were out of reach. */
export interface AppStart {
	readonly anglerId: string;
	readonly documents: {
		readonly desk: Versioned<DeskRecord> | null;
		readonly bench: Versioned<BenchRecord | null> | null;
		readonly stand: Versioned<ViewsRecord> | null;
		readonly settings: Versioned<SettingsRecord> | null;
		readonly day: Versioned<DayRecord> | null;
	};
	readonly waters: readonly ListedWater[];
	/** Documents, waters and spots that cannot be read. */
	readonly damaged: readonly DamagedRecord[];
	readonly recordsDown: boolean;
	/** The number of the angler's latest write. */
	readonly sequence: number;
	readonly now: string;
}
