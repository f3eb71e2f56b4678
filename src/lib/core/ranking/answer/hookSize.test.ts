import { describe, expect, it } from 'vitest';
import { completeReading } from '../../water/reading/complete';
import { readingSchema } from '../../foundation/schema/reading';
import { call } from './call';
import { hookSizeFor } from './hookSize';

const water = (more: object = {}) =>
	readingSchema.parse({ waterTemperatureC: 18, visibilityM: 1, bottomM: 2, ...more });
const bait = (lengthIn: number) => ({ forage: [{ kind: 'silver-baitfish', lengthIn, amount: 'plenty' }] });
const bare = { family: 'spinnerbait', body: 'full', trailer: null } as const;
const size = (rig: Parameters<typeof hookSizeFor>[0], more?: object) => hookSizeFor(rig, completeReading(water(more)));

describe('the hook’s size', () => {
	it('is the trade’s usual one where nothing is small or big', () => {
		expect([size(bare), size({ ...bare, family: 'underspin' })]).toEqual(['5/0', '4/0']);
	});

	it('goes down with body, bait and species, never more than two sizes', () => {
		expect(size({ ...bare, body: 'compact' })).toBe('4/0');
		expect(size(bare, bait(2))).toBe('4/0');
		expect(size({ ...bare, body: 'compact' }, { ...bait(2), species: 'smallmouth' })).toBe('3/0');
	});

	it('goes up for big bait', () => {
		expect(size(bare, bait(5))).toBe('6/0');
	});

	it('is what a call ties on, unless another is locked', () => {
		const small = { ...water(bait(2)), species: 'smallmouth' as const };
		const [free] = call({ reading: small, top: 1 }).calls;
		expect(free!.rig.hook.size).toBe(hookSizeFor(free!.rig, completeReading(small)));
		const [locked] = call({ reading: small, top: 1, locks: { hook: { size: '6/0' } } }).calls;
		expect(locked!.rig.hook.size).toBe('6/0');
	});
});

describe('hooks with three points', () => {
	it('are kept from a second hook where the local rule says so', () => {
		const rule = (pointsMax: number) =>
			call({
				reading: { ...water({ answers: ['short-strikes'] }), rules: { pointsMax } },
				locks: { hook: { style: 'treble' } },
				top: 1
			}).calls;
		expect(rule(3)[0]!.rig).toMatchObject({ hook: { style: 'treble' }, trailerHook: 'none' });
		expect(rule(2)).toEqual([]);
	});
});
