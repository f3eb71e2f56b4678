import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readingSchema } from '../../foundation/schema/reading';
import { PHASES } from '../../foundation/schema/words';
import { anyReading } from '../../testing/arbitraries';
import { completeReading, windClass } from './complete';
import { mainForageIn } from './forage';
import { suggestPhase } from './phase';
import { all, any, holds, not, RAMPS, ramp, WORDS, type Word } from './conditions';

const complete = (reading: object) =>
	completeReading(readingSchema.parse({ waterTemperatureC: 18, visibilityM: 1.3, bottomM: 3, ...reading }));

describe('a soft word', () => {
	it.each(Object.entries(RAMPS))(
		'%s is nothing at its first figure, all at its second, half between',
		(_word, ends) => {
			const [from, to] = ends;
			expect([ramp(from, ends), ramp(to, ends)]).toEqual([0, 1]);
			expect(ramp((from + to) / 2, ends)).toBeCloseTo(0.5, 9);
		}
	);

	it('is a share of any reading, never more than the whole', () => {
		fc.assert(
			fc.property(anyReading, (reading) => {
				const whole = completeReading(readingSchema.parse(reading));
				for (const word of Object.keys(WORDS) as Word[]) {
					const share = holds(word, whole);
					expect(share >= 0 && share <= 1).toBe(true);
				}
			})
		);
	});

	it('calls no pockets open beside an even wall of pads or stems, however deep the fish', () => {
		const pockets = { kind: 'stems', density: 'sparse', form: 'pockets', topM: 0 };
		for (const kind of ['pads', 'stems']) {
			for (const topM of [0, 2.9]) {
				const beside = (density: string, form: string) =>
					holds(
						'open pockets',
						complete({ fishFromM: 0.8, fishToM: 1.7, cover: [pockets, { kind, density, form, topM }] })
					);
				expect([beside('thick', 'even'), beside('thick', 'edge'), beside('sparse', 'even')]).toEqual([0, 1, 1]);
			}
		}
	});

	it('joins by the least, lists by the most', () => {
		const reading = complete({ waterTemperatureC: 10, visibilityM: 2 });
		expect(holds(all('cold', 'clear'), reading)).toBe(0.5);
		expect(holds(any('cold', 'hot'), reading)).toBe(0.5);
		expect(holds(not('hot'), reading)).toBe(1);
	});

	it('about the sun is silent at night', () => {
		const night = complete({ light: 'night', sky: 'sun' });
		for (const word of ['sun', 'bright'] as const) expect(holds(word, night)).toBe(0);
	});

	it('about bait or cover that is not listed counts it as absent', () => {
		expect(holds('no silver bait', complete({}))).toBe(1);
		expect(holds('weed', complete({}))).toBe(0);
	});

	it('about what was not read is silent, though the reading has a default', () => {
		expect(holds('neutral', complete({}))).toBe(0);
		expect(holds('neutral', complete({ mood: 'neutral' }))).toBe(1);
		expect(holds('wind', complete({}))).toBe(0);
		expect(holds('wind', complete({ windMps: 6 }))).toBe(1);
	});
});

describe('the defaults of a reading', () => {
	it('leave what was given as it was, and completing again changes nothing', () => {
		fc.assert(
			fc.property(anyReading, (reading) => {
				const given = readingSchema.parse(reading);
				const once = completeReading(given);
				expect(once).toMatchObject(given);
				const { unread, ...rest } = once;
				expect({ ...completeReading(readingSchema.parse(rest)), unread }).toEqual(once);
			})
		);
	});

	it('fill a field that was emptied', () => {
		expect(complete({ mood: undefined, phase: undefined, fishToM: undefined })).toEqual(complete({}));
	});

	it('name the surface by the wind', () => {
		expect([0.9, 1, 3.9, 4, 7.9, 8].map(windClass)).toEqual(['calm', 'ripple', 'ripple', 'chop', 'chop', 'heavy']);
	});

	it('call water clear from 1.8 m, green below', () => {
		expect([complete({ visibilityM: 1.8 }).stain, complete({ visibilityM: 1.79 }).stain]).toEqual(['clear', 'green']);
	});
});

describe('the suggested phase', () => {
	it.each([
		[{ waterTemperatureC: 6 }, 'winter'],
		[{ waterTemperatureC: 13, trend: 'rising' }, 'pre-spawn'],
		[{ waterTemperatureC: 13, trend: 'falling' }, 'late-fall'],
		[{ waterTemperatureC: 18, dayLength: 'growing' }, 'spawn'],
		[{ waterTemperatureC: 18, dayLength: 'shrinking' }, 'fall'],
		[{ waterTemperatureC: 16.1, dayLength: 'shrinking', dayLengthH: 9.6 }, 'late-fall'],
		[{ waterTemperatureC: 16.1, dayLength: 'growing', dayLengthH: 9.8 }, 'pre-spawn'],
		[{ waterTemperatureC: 18, dayLength: 'growing', fishFromM: 12 }, 'pre-spawn'],
		[{ waterTemperatureC: 20, dayLength: 'growing', fishFromM: 12 }, 'post-spawn'],
		[{ waterTemperatureC: 28 }, 'summer'],
		[{ waterTemperatureC: 25, dayLength: 'shrinking' }, 'late-summer']
	] as const)('of %o is %s', (reading, phase) => {
		expect(suggestPhase(reading)).toBe(phase);
	});

	it('never goes back in the year as spring water warms', () => {
		fc.assert(
			fc.property(fc.double({ min: 0, max: 40, noNaN: true }), fc.double({ min: 0, max: 40, noNaN: true }), (a, b) => {
				const at = (t: number) => PHASES.indexOf(suggestPhase({ waterTemperatureC: t, dayLength: 'growing' }));
				const [cooler, warmer] = [Math.min(a, b), Math.max(a, b)];
				expect(at(cooler)).toBeLessThanOrEqual(at(warmer));
			})
		);
	});
});

it('the forage that matters is the most plentiful, the first of equals', () => {
	const reading = complete({
		forage: [
			{ kind: 'fry', lengthIn: 1, amount: 'some' },
			{ kind: 'perch', lengthIn: 3, amount: 'plenty' },
			{ kind: 'sunfish', lengthIn: 5, amount: 'plenty' }
		]
	});
	expect(mainForageIn(reading)).toBe(3);
	expect(mainForageIn(complete({ forage: [{ kind: 'fry', lengthIn: 1, amount: 'none' }] }))).toBeNull();
});
