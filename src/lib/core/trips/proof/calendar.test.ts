import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BLANK_FACT } from '../../testing/facts';
import { daysOf, monthsOf, yearsOf, type Day } from './calendar';
import type { Fact } from './facts';

const anyFact = fc
	.record({
		beganAt: fc
			.date({ min: new Date('2024-01-01T00:00:00Z'), max: new Date('2027-12-31T23:59:59Z'), noInvalidDate: true })
			.map((date) => date.toISOString()),
		casts: fc.nat(90),
		strikes: fc.nat(9),
		landed: fc.nat(4)
	})
	.map((some): Fact => ({ ...BLANK_FACT, ...some }));
const utcDay = (instant: string): string => instant.slice(0, 10);
const sum = (days: readonly Day[], of: (day: Day) => number): number => days.reduce((total, day) => total + of(day), 0);

describe('the days of a record', () => {
	it('leave nothing out and count nothing twice, in their order, in months as in days', () => {
		fc.assert(
			fc.property(fc.array(anyFact, { maxLength: 40 }), (facts) => {
				const days = daysOf(facts, utcDay);
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
		expect(daysOf([evening], () => '2026-05-31')[0]!.day).toBe('2026-05-31');
	});
});

describe('a year as a calendar', () => {
	it('has each of its days once, weeks from Monday, and the fished ones where they were', () => {
		fc.assert(
			fc.property(fc.array(anyFact, { minLength: 1, maxLength: 20 }), (facts) => {
				const days = daysOf(facts, utcDay);
				const years = yearsOf(days);
				for (const { year, weeks } of years) {
					const all = weeks.flat().filter((one) => one !== null);
					const length = new Date(Date.UTC(Number(year), 1, 29)).getUTCMonth() === 1 ? 366 : 365;
					expect(new Set(all.map(({ day }) => day)).size).toBe(length);
					for (const week of weeks) {
						week.forEach((one, at) => one && expect((new Date(one.day).getUTCDay() + 6) % 7).toBe(at));
					}
				}
				const fished = years.flatMap(({ weeks }) => weeks.flat().flatMap((one) => one?.fished ?? []));
				expect(fished.toSorted((a, b) => (a.day < b.day ? -1 : 1))).toEqual(days);
			}),
			{ numRuns: 25 }
		);
	});

	it('is there for none that was not fished', () => {
		expect(yearsOf([])).toEqual([]);
	});
});
