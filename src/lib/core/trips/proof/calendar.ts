import type { Fact } from './facts';

/** A day on the water. */
export interface Day {
	/** As the place counts its days: 2026-05-09. */
	readonly day: string;
	readonly casts: number;
	readonly strikes: number;
	readonly landed: number;
}

/** A month of the record. */
export interface Month {
	/** As 2026-05. */
	readonly month: string;
	readonly casts: number;
	readonly strikes: number;
	readonly days: readonly Day[];
}

/** A year in weeks from Monday, as a calendar shows it: `null` where a week begins before the year, or ends after it. */
export interface Year {
	readonly year: string;
	readonly weeks: readonly (readonly (CalendarDay | null)[])[];
}

export interface CalendarDay {
	readonly day: string;
	/** `null` for a day that was not fished, or not tallied. */
	readonly fished: Day | null;
}

/**
 * The days of the record, oldest first.
 *
 * @param dayOf The day of an instant (UTC, ISO 8601) where the angler fishes.
 */
export function daysOf(facts: readonly Fact[], dayOf: (instant: string) => string): Day[] {
	const days = new Map<string, Day>();
	for (const { beganAt, casts, strikes, landed } of facts) {
		const day = dayOf(beganAt);
		const held = days.get(day) ?? { day, casts: 0, strikes: 0, landed: 0 };
		days.set(day, {
			day,
			casts: held.casts + casts,
			strikes: held.strikes + strikes,
			landed: held.landed + landed
		});
	}
	return [...days.values()].toSorted((a, b) => (a.day < b.day ? -1 : 1));
}

/** Days month by month, oldest first; months without one are left out. */
export function monthsOf(days: readonly Day[]): Month[] {
	const months = new Map<string, Month>();
	for (const day of days) {
		const month = day.day.slice(0, 7);
		const held = months.get(month) ?? { month, casts: 0, strikes: 0, days: [] };
		months.set(month, {
			month,
			casts: held.casts + day.casts,
			strikes: held.strikes + day.strikes,
			days: [...held.days, day]
		});
	}
	return [...months.values()];
}

const DAY_MS = 24 * 60 * 60 * 1000;
const DAYS_A_WEEK = 7;
/** Monday is 0; the first of January 1970 was a Thursday. */
const weekday = (ms: number): number => (Math.floor(ms / DAY_MS) + 3) % DAYS_A_WEEK;

function yearOf(year: string, fished: ReadonlyMap<string, Day>): Year {
	const [first, after] = [Date.UTC(Number(year), 0, 1), Date.UTC(Number(year) + 1, 0, 1)];
	const weeks: (CalendarDay | null)[][] = [];
	for (let monday = first - weekday(first) * DAY_MS; monday < after; monday += DAYS_A_WEEK * DAY_MS) {
		weeks.push(
			Array.from({ length: DAYS_A_WEEK }, (_, at) => {
				const ms = monday + at * DAY_MS;
				if (ms < first || ms >= after) return null;
				const day = new Date(ms).toISOString().slice(0, 10);
				return { day, fished: fished.get(day) ?? null };
			})
		);
	}
	return { year, weeks };
}

/** The years of the record as calendars, the latest first. */
export function yearsOf(days: readonly Day[]): Year[] {
	const fished = new Map(days.map((day) => [day.day, day]));
	const years = [...new Set(days.map(({ day }) => day.slice(0, 4)))].toSorted().toReversed();
	return years.map((year) => yearOf(year, fished));
}
