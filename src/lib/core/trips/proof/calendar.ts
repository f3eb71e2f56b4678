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

/** A day on one spot. */
export interface SpotDay extends Day {
	readonly spotId: string | null;
}

/** One year of the record on one water. */
export interface Band {
	readonly year: string;
	readonly water: string;
	readonly days: readonly Day[];
}

const added = <T extends Day>(held: T, { casts, strikes, landed }: Pick<Day, 'casts' | 'strikes' | 'landed'>): T => ({
	...held,
	casts: held.casts + casts,
	strikes: held.strikes + strikes,
	landed: held.landed + landed
});
const byDay = (a: Day, b: Day): number => (a.day < b.day ? -1 : 1);

/**
 * The days of the record by spot, oldest first.
 *
 * @param dayOf The day of an instant (UTC, ISO 8601) where the angler fishes.
 */
export function spotDaysOf(facts: readonly Fact[], dayOf: (instant: string) => string): SpotDay[] {
	const days = new Map<string, SpotDay>();
	for (const fact of facts) {
		const { spotId } = fact;
		const day = dayOf(fact.beganAt);
		const key = `${day} ${spotId ?? ''}`;
		days.set(key, added(days.get(key) ?? { day, spotId, casts: 0, strikes: 0, landed: 0 }, fact));
	}
	return [...days.values()].toSorted(byDay);
}

/** The same days whatever the spot, oldest first. */
export function daysOf(spotDays: readonly SpotDay[]): Day[] {
	const days = new Map<string, Day>();
	for (const one of spotDays) {
		const { day } = one;
		days.set(day, added(days.get(day) ?? { day, casts: 0, strikes: 0, landed: 0 }, one));
	}
	return [...days.values()];
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

/**
 * The record as bands, one for each water and year: the latest year first, in it the water that was fished most.
 *
 * @param waterOf Name of the water of a spot.
 */
export function bandsOf(spotDays: readonly SpotDay[], waterOf: (spotId: string | null) => string): Band[] {
	const bands = new Map<string, { year: string; water: string; days: SpotDay[] }>();
	for (const day of spotDays) {
		const [year, water] = [day.day.slice(0, 4), waterOf(day.spotId)];
		const band = bands.get(`${year} ${water}`) ?? { year, water, days: [] };
		band.days.push(day);
		bands.set(`${year} ${water}`, band);
	}
	return [...bands.values()]
		.map(({ days, ...band }) => ({ ...band, days: daysOf(days) }))
		.toSorted(
			(a, b) => b.year.localeCompare(a.year) || b.days.length - a.days.length || a.water.localeCompare(b.water)
		);
}

/** Where a day lies in its year, from 0 to 1. */
export function shareOfYear(day: string): number {
	const year = Number(day.slice(0, 4));
	const [first, after] = [Date.UTC(year, 0, 1), Date.UTC(year + 1, 0, 1)];
	return (Date.parse(day) - first) / (after - first);
}
