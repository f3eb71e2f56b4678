import { EDITED_HOURS_MAX } from '$lib/core/foundation/schema/limits';
import { tz } from '@date-fns/tz';
import type { ListedSpot, ListedWater } from '$lib/core/records/appStart';
import { without } from '$lib/core/foundation/basics/without';
import { readingIn, type Weather } from '$lib/core/water/weather/weather';
import type { DayRecord } from '$lib/core/records/daySchema';
import type { SpotConditions } from '$lib/core/water/places/rank';
import type { ParsedReading } from '$lib/core/foundation/schema/reading';
import type { Worth } from '$lib/workers/deck.worker';
import { withAlmanac } from '$lib/presentation/almanac';

const HOUR_MS = 3_600_000;

/** What the angler chooses for a day: the day itself is always one. */
export type DayPlan = Omit<DayRecord, 'schemaVersion' | 'date'> & { readonly date: string };
/** An hour of weather from a file: what it does not say is made up. */
export type StationHour = DayPlan['station'][number];
/** An hour as it was changed by hand. */
export type HourEdit = DayPlan['edits'][string];

/** Full hours of a day, UTC: by the water's own clock, so that a day on which the clock is changed has the hours it has. */
export function hoursOf({ date, from, to }: Pick<DayPlan, 'date' | 'from' | 'to'>, zone: string): string[] {
	const [year = 2026, month = 1, day = 1] = date.split('-').map(Number);
	const inZone = tz(zone);
	const instant = (hour: number): number => {
		const local = inZone(Date.UTC(year, month - 1, day, 12));
		local.setHours(hour, 0, 0, 0);
		return local.getTime();
	};
	// Hours go by whatever the clock says of them: in autumn one of them comes twice, in spring one never.
	const found: string[] = [];
	for (let at = instant(from); at < instant(to); at += HOUR_MS) found.push(new Date(at).toISOString());
	return found;
}

/** The day that is planned until another is chosen: tomorrow from noon on, else today, by the water's own clock. */
export function usualDay(now: string, zone: string): string {
	const local = tz(zone)(Date.parse(now));
	if (local.getHours() >= 12) local.setDate(local.getDate() + 1);
	const two = (value: number): string => String(value).padStart(2, '0');
	return `${local.getFullYear()}-${two(local.getMonth() + 1)}-${two(local.getDate())}`;
}

/** A reading stands for its season on days as near as this; on others, season and mood are those of the day itself. */
const SAME_SEASON_DAYS = 14;

/**
 * The water of another day: as it was read, at the temperature that it will have; what hangs on the day of the year is left
 * for the day itself to say.
 */
export function readOn(read: ParsedReading, takenAt: string, date: string, waterTemperatureC: number): ParsedReading {
	const apart = Math.abs(Date.parse(date) - Date.parse(takenAt.slice(0, 10))) / (24 * HOUR_MS);
	const there = { ...read, waterTemperatureC };
	return apart <= SAME_SEASON_DAYS ? there : without(there, 'phase', 'dayLength', 'dayLengthH', 'trend');
}

/** A weather with what was changed by hand. */
export const edited = (weather: Weather, edit: HourEdit = {}): Weather => ({
	...weather,
	...(edit.sky ? { sky: edit.sky } : {}),
	...(edit.windMps === undefined ? {} : { windMps: edit.windMps })
});

/** Hours as they were changed by hand, with some changed again; of too many the earliest are let go. */
export function withEdits(edits: DayPlan['edits'], more: DayPlan['edits']): DayPlan['edits'] {
	const hours = Object.keys({ ...edits, ...more }).toSorted();
	return Object.fromEntries(hours.slice(-EDITED_HOURS_MAX).map((at) => [at, { ...edits[at], ...more[at] }]));
}

/** The water of an hour at a spot: as it was read last, in that hour's weather, as the spot lies in it, over its own bottom and cover. */
export function readingAt(
	read: ParsedReading,
	weather: Weather,
	{ water, spot }: { readonly water: ListedWater; readonly spot: ListedSpot },
	lie: Pick<SpotConditions, 'bank' | 'wind'>
): ParsedReading {
	const bottomM = spot.profile.at(-1)?.depthM ?? read.bottomM;
	const share = bottomM / read.bottomM;
	const band = {
		...(read.fishFromM === undefined ? {} : { fishFromM: Math.min(bottomM, read.fishFromM * share) }),
		...(read.fishToM === undefined ? {} : { fishToM: Math.min(bottomM, read.fishToM * share) })
	};
	const there: ParsedReading = {
		...readingIn(read, weather),
		bottomM,
		...band,
		cover: [...spot.cover],
		bank: lie.bank,
		wind: lie.wind,
		place: water.place
	};
	return withAlmanac(there, water, weather.at);
}

/** A move to another place must be worth so many points: lines are reeled in, and fish do not wait. */
const MOVE_POINTS = 0.4;
/** A point of the rules about places against one of the verdict: as a lure's against a family's (assumed). */
const PLACE_SHARE = 0.25;
/** What a boat makes between spots, m/s, a brisk walk being slower; and the points that an hour on the way gives up (assumed). */
const BOAT_MPS = 4;
const HOUR_POINTS = 4;

/** Minutes from one spot to another over a distance, m. */
export const travelMin = (metres: number): number => metres / BOAT_MPS / 60;

/** A place in an hour, with all that speaks for it. */
export interface PlacedWorth extends Worth {
	/** Points of the rules about places. */
	readonly place: number;
}

/** What the rules about places add to what hours are worth. */
export const placedWorths = (
	placed: readonly { readonly at: string; readonly spot: string; readonly place: number }[],
	worths: readonly Worth[]
): PlacedWorth[] =>
	worths.flatMap((worth) => {
		const one = placed.find(({ at, spot }) => at === worth.at && spot === worth.spot);
		return one ? [{ ...worth, place: one.place }] : [];
	});

/** Spots that were fixed by hand, by their hours. */
export const fixedSpots = (edits: Readonly<Record<string, HourEdit>>): Record<string, string | undefined> =>
	Object.fromEntries(Object.entries(edits).map(([at, { spot }]) => [at, spot]));

/** What an hour at a place is worth, in points of the verdict. */
export const worthOf = ({ points, place }: Pick<PlacedWorth, 'points' | 'place'>): number =>
	points + PLACE_SHARE * place;

/**
 * Where each hour is fished: the best place, unless the one before is nearly as good for what the way costs.
 *
 * @param fixed Places that were chosen by hand, by their hour.
 * @param awayM Distance (m) between two spots, as far as it is known.
 */
export function placesFor(
	worths: readonly PlacedWorth[],
	fixed: Readonly<Record<string, string | undefined>>,
	awayM: (from: string, to: string) => number | null = () => null
): Map<string, PlacedWorth> {
	const found = new Map<string, PlacedWorth>();
	let before: string | null = null;
	for (const at of [...new Set(worths.map((worth) => worth.at))]) {
		const here = worths.filter((worth) => worth.at === at);
		const net = (worth: PlacedWorth): number => {
			if (before === null || worth.spot === before) return worthOf(worth);
			const way = travelMin(awayM(before, worth.spot) ?? 0) / 60;
			return worthOf(worth) - MOVE_POINTS - HOUR_POINTS * way;
		};
		const best = here.reduce((top, worth) => (net(worth) > net(top) ? worth : top));
		const taken = here.find(({ spot }) => spot === fixed[at]) ?? best;
		found.set(at, taken);
		before = taken.spot;
	}
	return found;
}

/** A stretch of the day that is fished at one place with one lure, for a calendar. */
export interface Stay {
	readonly from: string;
	readonly to: string;
	readonly spot: string | null;
	readonly lure: string;
	/** Which rod, and how it is fished. */
	readonly note?: string;
}

export const hourAfter = (at: string): string => new Date(Date.parse(at) + HOUR_MS).toISOString();

/** Hours within so many points of the verdict of the best one are as good. */
const AS_GOOD = 0.5;

/** The longest run of hours that are as good as any, the first of equals; `null` for no hours. */
export function bestHours(
	hours: readonly { readonly at: string; readonly points: number }[]
): { readonly from: string; readonly to: string } | null {
	const most = Math.max(...hours.map(({ points }) => points));
	const runs: { from: string; to: string; count: number }[] = [];
	for (const { at, points } of hours) {
		if (points < most - AS_GOOD) continue;
		const last = runs.at(-1);
		if (last?.to === at) runs[runs.length - 1] = { ...last, to: hourAfter(at), count: last.count + 1 };
		else runs.push({ from: at, to: hourAfter(at), count: 1 });
	}
	const longest = runs.toSorted((a, b) => b.count - a.count)[0];
	return longest ? { from: longest.from, to: longest.to } : null;
}

/** What is cast in the day's first hour, whichever rod carries it. */
export function firstCast<R>(
	rods: readonly { readonly hours: readonly { readonly at: string; readonly rig: R }[] }[]
): R | null {
	const hours = rods.flatMap((rod) => rod.hours);
	return hours.toSorted((a, b) => (a.at < b.at ? -1 : 1))[0]?.rig ?? null;
}

/** Hours in a row at one place with one lure as one. */
export function staysOf(hours: readonly ({ readonly at: string } & Pick<Stay, 'spot' | 'lure' | 'note'>)[]): Stay[] {
	const found: Stay[] = [];
	for (const { at, ...rest } of hours.toSorted((a, b) => (a.at < b.at ? -1 : 1))) {
		const last = found.at(-1);
		const to = hourAfter(at);
		if (last && last.spot === rest.spot && last.lure === rest.lure && last.note === rest.note && last.to === at)
			found[found.length - 1] = { ...last, to };
		else found.push({ from: at, to, ...rest });
	}
	return found;
}
