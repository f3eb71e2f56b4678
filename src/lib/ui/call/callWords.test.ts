import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { answerCall } from '$lib/core/ranking/answer/call';
import { startBuild } from '$lib/core/rig/build/start';
import type { CalledRig } from '$lib/core/foundation/schema/call';
import { lockSchema, type Locks } from '$lib/core/foundation/schema/rig';
import { FAMILIES } from '$lib/core/foundation/schema/words';
import { cadenceWords } from './cadence';
import { confidenceOf } from './confidence';
import { compound } from './edges';
import { fieldName, flipText, valueText } from './fieldWords';
import { labelsOf } from './labels';
import { costText, lockKeys, lockValue } from './lockable';

const READING = { waterTemperatureC: 17, visibilityM: 1.2, bottomM: 2.5, sky: 'overcast', wind: 'chop' };
const { calls } = answerCall({ reading: READING });

const COUNTS = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'];
/** What a count in words comes to, turns a second. */
function rateOf(words: string): number {
	const [, turns, , seconds] = /^(\w+) turns? (a|in) ?(\w+)? ?seconds?$/.exec(words)!;
	const number = (word: string | undefined): number => COUNTS.indexOf(word ?? '') + 1;
	return number(turns) / (words.endsWith('a second') ? 1 : number(seconds));
}

describe('a cadence', () => {
	it('is told as people count', () => {
		expect(cadenceWords(1)).toBe('one turn a second');
		expect(cadenceWords(1.5)).toBe('three turns in two seconds');
		expect(cadenceWords(2)).toBe('two turns a second');
		expect(cadenceWords(0.75)).toBe('three turns in four seconds');
	});

	it('comes within a sixth of a turn a second to what is wound', () => {
		fc.assert(
			fc.property(fc.double({ min: 0.5, max: 2.2, noNaN: true }), (turnsPerS) => {
				const words = cadenceWords(turnsPerS);
				expect(Math.abs(rateOf(words) - turnsPerS), `${turnsPerS}: ${words}`).toBeLessThan(0.17);
			})
		);
	});
});

describe('how sure a call is', () => {
	const other = (score: number): CalledRig => {
		const family = FAMILIES.find((one) => one !== calls[0]!.rig.family)!;
		return { ...calls[0]!, rig: startBuild(family).rig, score };
	};
	const words = (lead: number): string => confidenceOf([calls[0]!, other(calls[0]!.score - lead)], null).words;

	it('goes by the lead over the next family, not over the next call of the same', () => {
		expect(words(0.1)).toMatch(/^As good as the next family/);
		expect(words(0.6)).toMatch(/^Narrowly ahead/);
		expect(words(2)).toMatch(/^Fairly ahead/);
		expect(words(3)).toMatch(/^Clearly ahead/);
		const twin = { ...calls[0]!, score: calls[0]!.score - 0.1 };
		expect(confidenceOf([calls[0]!, twin], null)).toMatchObject({
			lead: null,
			words: expect.stringMatching(/^The only family that works here/)
		});
	});

	it('tells how many readings a class away it outlasts, and nothing of no call', () => {
		expect(confidenceOf(calls, { kept: 18, tried: 20 }).words).toContain(
			'stays first if conditions shift a little (18 of 20 checked)'
		);
		expect(confidenceOf([], null)).toEqual({ lead: null, words: '' });
	});
});

describe('small edges', () => {
	it('compound, and beside a day’s luck are little', () => {
		const { gain, luck } = compound(1.05, 6, 9);
		expect(gain).toBeCloseTo(1.34, 2);
		expect(luck).toBeCloseTo(1 / 3, 9);
		expect(compound(1.05, 0, 9).gain).toBe(1);
		expect(compound(1.05, 6, 0).luck).toBe(Infinity);
	});
});

describe('words for a change of the reading', () => {
	it('are those of the screen, in the angler’s own units', () => {
		const warmer = { field: 'waterTemperatureC', from: 17, to: 26, becomes: 'buzzbait' } as never;
		expect(flipText('metric', warmer)).toBe('Water above 26\u202f°C');
		expect(flipText('imperial', warmer)).toBe('Water above 79\u202f°F');
		const hardly = { field: 'waterTemperatureC', from: 10, to: 10.04 } as never;
		expect(flipText('metric', hardly)).toBe('Water just above 10\u202f°C');
		expect(flipText('metric', { field: 'bottomM', from: 2, to: 1.998 } as never)).toBe('Bottom just below 2\u202fm');
		expect(flipText('metric', { field: 'sky', from: 'overcast', to: 'sun' } as never)).toMatch(/^Sky: /);
		expect(fieldName('mood')).toBe('Mood');
		expect(valueText('metric', 'windMps', 4)).toBe('4\u202fm/s');
	});
});

describe('labels of a rig', () => {
	it('name every part once, and what is not there as not there', () => {
		for (const family of FAMILIES) {
			const { rig } = startBuild(family);
			const labels = labelsOf({ ...calls[0]!, rig, reasons: [] }, 'metric');
			expect(new Set(labels.map(({ key }) => key)).size).toBe(labels.length);
			expect(labels.some(({ key }) => key === 'wire')).toBe(rig.wireIn !== undefined);
			const titleOf = (key: string) => labels.find((one) => one.key === key)!.title;
			expect(titleOf('trailer') === 'No trailer').toBe(rig.trailer === null);
			expect(titleOf('skirt') === 'No skirt').toBe(rig.skirt.colour === 'none');
			for (const { why } of labels) expect(why).toBe('');
		}
	});

	it('give a part a reason that is about it', () => {
		const told = labelsOf(calls[0]!, 'metric').filter(({ why }) => why !== '');
		expect(told.length).toBeGreaterThan(2);
		const texts = new Set(calls[0]!.reasons.map(({ text }) => text));
		for (const { why } of told) expect(texts.has(why)).toBe(true);
	});
});

describe('a lock', () => {
	it('fixes what is meant by a part, and stands in the answer', () => {
		const { rig } = calls[0]!;
		for (const label of ['family', 'rear', 'line', 'head', 'skirt', 'trailer', 'hook', 'retrieve']) {
			const locks = Object.fromEntries(lockKeys(label).map((key) => [key, lockValue(rig, key)])) as Locks;
			expect(Object.keys(locks).length, label).toBeGreaterThan(0);
			expect(lockSchema.safeParse(locks).success, label).toBe(true);
			const [best] = answerCall({ reading: READING, locks, top: 1 }).calls;
			expect(best!.score).toBe(calls[0]!.score);
		}
		expect(lockKeys('nothing')).toEqual([]);
	});

	it('costs in words what it costs in points', () => {
		expect([undefined, null, 0, 0.2, 1, 4].map(costText)).toEqual([
			'locked',
			'nothing works',
			'costs no points',
			'costs few points',
			'costs some points',
			'costs many points'
		]);
	});
});
