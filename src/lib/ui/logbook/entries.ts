import type { ListedSpot, ListedWater } from '$lib/core/records/appStart';
import type { Listed } from '$lib/client/sync/lists';
import type { ShortCall } from '$lib/client/state/shortCall';
import { completeReading } from '$lib/core/water/reading/complete';
import { ouncesText, rigName } from '$lib/core/foundation/labels/describe';
import { spoken, spokenFirst } from '$lib/core/foundation/labels/spoken';
import type { ReadingRecord, UnitSystem } from '$lib/core/records/schemas';
import type { RigRecord } from '$lib/core/records/rigSchemas';
import type { ParsedReading } from '$lib/core/foundation/schema/reading';
import type { Rig } from '$lib/core/foundation/schema/rig';
import { withAlmanac } from '$lib/presentation/almanac';
import { withUnit } from '$lib/presentation/units';
import { timeText } from '../time';

export const KEPT_KINDS = ['reading', 'call', 'rig'] as const;
export type KeptKind = (typeof KEPT_KINDS)[number];

/** Something kept, whatever it is, as the list shows it. */
export interface Entry {
	readonly kind: KeptKind;
	readonly id: string;
	readonly version: number;
	readonly name: string;
	/** When the reading was taken, ISO; empty for a rig, which has no hour. */
	readonly takenAt: string;
	/** When and where, in words. */
	readonly when: string;
	readonly water: string;
	readonly season: string;
	/** What it says, in a line. */
	readonly text: string;
	readonly reading: ParsedReading | null;
	readonly rig: Rig | null;
	readonly verdict: ShortCall['verdict'] | null;
}

type SpotOf = (id: string | null) => { readonly water: ListedWater; readonly spot: ListedSpot } | null;

interface Taken {
	readonly spotId: string | null;
	readonly takenAt: string;
	readonly reading: ParsedReading;
}

/** Where, when and in which season a reading was taken. */
function placed({ spotId, takenAt, reading }: Taken, spotOf: SpotOf) {
	const found = spotOf(spotId);
	const when = timeText(takenAt, found?.water.timeZone ?? 'UTC');
	const { phase } = completeReading(withAlmanac(reading, found?.water ?? null, takenAt));
	return {
		takenAt,
		when: found ? `${when}, ${found.spot.name}, ${found.water.name}` : when,
		water: found?.water.name ?? '',
		season: spokenFirst(phase),
		reading
	};
}

function waterText({ waterTemperatureC, visibilityM, sky, wind }: ParsedReading, units: UnitSystem): string {
	const words = [sky && spoken(sky), wind && spoken(wind)].filter(Boolean);
	return [
		withUnit(units, 'temperature', waterTemperatureC),
		`seen to ${withUnit(units, 'depth', visibilityM)}`,
		...words
	].join(', ');
}

const rigText = (rig: Rig): string => `${rigName(rig)}, ${ouncesText(rig.weightOz)} oz`;

export function readingEntry({ id, version, record }: Listed<ReadingRecord>, spotOf: SpotOf, units: UnitSystem): Entry {
	const text = waterText(record.reading, units);
	return { kind: 'reading', id, version, name: record.name, ...placed(record, spotOf), text, rig: null, verdict: null };
}

export function callEntry(call: ShortCall, spotOf: SpotOf): Entry {
	const { id, version, name, rig, verdict } = call;
	const text = `${rig ? rigText(rig) : 'No call'}; a ${verdict} day for blades`;
	return { kind: 'call', id, version, name, ...placed(call, spotOf), text, rig, verdict };
}

export function rigEntry({ id, version, record }: Listed<RigRecord>): Entry {
	const { rig } = record.build;
	const none = { takenAt: '', when: '', water: '', season: '', reading: null, verdict: null };
	return { kind: 'rig', id, version, name: record.name, ...none, text: rigText(rig), rig };
}

/** Everything that a search looks through. */
export const searchText = ({ kind, name, when, season, text }: Entry): string =>
	`${kind} ${name} ${when} ${season} ${text}`;

export const ORDERS = ['newest', 'oldest', 'name'] as const;
export type Order = (typeof ORDERS)[number];

/** Newest first, oldest first (what has no hour last in both), or by name. */
export function ordered(entries: readonly Entry[], order: Order): Entry[] {
	if (order === 'name') return entries.toSorted((a, b) => a.name.localeCompare(b.name, 'en'));
	const sign = order === 'newest' ? -1 : 1;
	return entries.toSorted((a, b) => {
		if (a.takenAt === '' || b.takenAt === '') return Number(a.takenAt === '') - Number(b.takenAt === '');
		return sign * (Date.parse(a.takenAt) - Date.parse(b.takenAt));
	});
}
