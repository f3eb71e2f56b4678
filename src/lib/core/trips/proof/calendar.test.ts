import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BLANK_FACT } from '../../testing/facts';
import { bandsOf, daysOf, monthsOf, shareOfYear, spotDaysOf, type Day } from './calendar';
import type { Fact } from './facts';

const anyFact = fc
	.record({
		beganAt: fc
			.date({ min: new Date('2024-01-01T00:00:00Z'), max: new Date('2027-12-31T23:59:59Z'), noInvalidDate: true })
			.map((date) => date.toISOString()),
		casts: fc.nat(90),
		strikes: fc.nat(9),
		landed: fc.nat(4),
		spotId: fc.constantFrom('a', 'b', null)
	})
	.map((some): Fact => ({ ...BLANK_FACT, ...some }));
const utcDay = (instant: string): string => instant.slice(0, 10);
const sum = (days: readonly Day[], of: (day: Day) => number): number => days.reduce((total, day) => total + of(day), 0);

describe('the days of a record', () => {
	it('leave nothing out and count nothing twice, in their order, in months as in days', () => {
		fc.assert(
			fc.property(fc.array(anyFact, { maxLength: 40 }), (facts) => {
				const days = daysOf(spotDaysOf(facts, utcDay));
				const all = facts.reduce((total, { casts, strikes, landed }) => total + casts + strikes + landed, 0);
				expect(sum(days, ({ casts, strikes, landed }) => casts + strikes + landed)).toBe(all);
				const names = days.map(({ day }) => day);
				expect(names).toEqual([...new Set(names)].toSorted());
				const months = monthsOf(days);
				expect(months.flatMap((month) => month.days)).toEqual(days);
				for (const { month, casts, days: some } of months) {
					expect(casts).toBe(sum(some, (day) => day.casts));
					expect(some.every(({ day }) => day.startsWith(month))).toBe(true);
				}
			})
		);
	});

	it('are those of the place: an evening outing is not the next morning’s', () => {
		const [fact] = fc.sample(anyFact, 1);
		const evening = { ...fact!, beganAt: '2026-06-01T02:30:00.000Z' };
		expect(daysOf(spotDaysOf([evening], () => '2026-05-31'))[0]!.day).toBe('2026-05-31');
	});
});

describe('bands of waters and years', () => {
	const waterOf = (spotId: string | null): string => ({ a: 'Mere', b: 'Pond' })[spotId ?? ''] ?? 'No spot';

	it('hold every bite once, each on its water and in its year, the latest year first', () => {
		fc.assert(
			fc.property(fc.array(anyFact, { maxLength: 30 }), (facts) => {
				const bands = bandsOf(spotDaysOf(facts, utcDay), waterOf);
				const bites = facts.reduce((total, { strikes }) => total + strikes, 0);
				expect(bands.reduce((total, { days }) => total + sum(days, ({ strikes }) => strikes), 0)).toBe(bites);
				expect(bands.every(({ year, days }) => days.every(({ day }) => day.startsWith(year)))).toBe(true);
				const years = bands.map(({ year }) => year);
				expect(years).toEqual(years.toSorted().toReversed());
				expect(new Set(bands.map(({ year, water }) => `${year} ${water}`)).size).toBe(bands.length);
			}),
			{ numRuns: 40 }
		);
	});

	it('place a day by its share of the year, leap years too', () => {
		expect(shareOfYear('2026-01-01')).toBe(0);
		expect(shareOfYear('2026-12-31')).toBeCloseTo(364 / 365, 9);
		expect(shareOfYear('2028-12-31')).toBeCloseTo(365 / 366, 9);
	});
});
