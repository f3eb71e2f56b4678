import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { answered, drilled, drillFrom, middleS, type Drill } from './feel';
import { atRate, pulsesBetween, rowFrom } from './pulses';

const rate = fc.double({ min: 0.2, max: 30, noNaN: true });

describe('a row of pulses', () => {
	it('is the same however it is cut, and not off by a microsecond after ten minutes', () =>
		fc.assert(
			fc.property(rate, fc.array(fc.double({ min: 0.01, max: 2, noNaN: true }), { maxLength: 30 }), (perS, steps) => {
				const row = rowFrom(3, perS);
				const cut: number[] = [];
				let atS = 3;
				for (const step of steps) {
					cut.push(...pulsesBetween(row, atS, atS + step));
					atS += step;
				}
				expect(cut).toEqual(pulsesBetween(row, 3, atS));
				const late = pulsesBetween(row, 603, 603 + 1.01 / perS)[0]!;
				const turns = (late - 3) * perS;
				expect(Math.abs(turns - Math.round(turns)) / perS).toBeLessThan(1e-6);
			})
		));

	it('goes on at another rate without a pulse too many or one left out', () =>
		fc.assert(
			fc.property(rate, rate, fc.double({ min: 0, max: 5, noNaN: true }), (before, after, nowS) => {
				const next = atRate(rowFrom(0, before), nowS, after);
				const wait = next.originS - nowS;
				expect(wait).toBeGreaterThanOrEqual(0);
				expect(wait).toBeLessThanOrEqual(1 / after + 1e-9);
				expect(next.periodS).toBeCloseTo(1 / after, 12);
			})
		));
});

describe('the drill', () => {
	const quick = (drill: Drill): Drill => drilled(drill, drill.changesAtS!, 0.2);

	it('changes between two and eight seconds, and measures how soon it is answered', () => {
		const begun = drillFrom(10, 0.5);
		expect(begun.changesAtS).toBe(15);
		expect(drilled(begun, 14.9, 0).feel).toBe('clean');
		const changed = quick(begun);
		expect(changed.feel).toBe('fouled');
		const after = answered(changed, 15.4, 0);
		expect(after.answersS[0]).toBeCloseTo(0.4, 9);
		expect([after.feel, after.changesAtS]).toEqual(['clean', 17.4]);
		expect(middleS(after)).toBeCloseTo(0.4, 9);
	});

	it('counts an answer to nothing, and a change that nobody answered', () => {
		const begun = drillFrom(0, 0);
		expect(answered(begun, 1, 0)).toEqual({ ...begun, tooSoon: 1 });
		const changed = drilled(begun, 2, 0.9);
		expect(changed.feel).toBe('slack');
		expect(drilled(changed, 4.9, 0)).toBe(changed);
		expect(drilled(changed, 5.1, 0)).toMatchObject({ feel: 'clean', missed: 1, answersS: [] });
		expect(middleS(begun)).toBeNull();
	});

	it('adds up: every change is answered or missed', () =>
		fc.assert(
			fc.property(
				fc.array(fc.tuple(fc.double({ min: 0, max: 1, noNaN: true }), fc.boolean()), { maxLength: 60 }),
				(acts) => {
					let [drill, nowS, changes] = [drillFrom(0, 0.1), 0, 0];
					for (const [chance, answers] of acts) {
						nowS += 1.5;
						const before = drill.changedAtS;
						drill = drilled(drill, nowS, chance);
						if (before === null && drill.changedAtS !== null) changes++;
						if (answers) drill = answered(drill, nowS, chance);
					}
					const open = drill.changedAtS === null ? 0 : 1;
					expect(drill.answersS.length + drill.missed + open).toBe(changes);
				}
			)
		));
});
