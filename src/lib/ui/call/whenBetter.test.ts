import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { call } from '$lib/core/ranking/answer/call';
import { callInputSchema } from '$lib/core/foundation/schema/call';
import { likelyReading } from '$lib/core/testing/waters';
import { behindWords, whenBetter } from './whenBetter';

describe('when another call would be the better choice', () => {
	it('is one sentence for each, and not the same for two ways of one family', () => {
		fc.assert(
			fc.property(likelyReading, (reading) => {
				const { calls } = call(callInputSchema.parse({ reading }), { windows: false, families: false });
				const [top, ...others] = calls;
				for (const other of others) expect(whenBetter(top!, other)).toMatch(/^(Better|As good)[^.]+\.$/);
				const own = others.filter(({ rig }) => rig.family === top!.rig.family).map((one) => whenBetter(top!, one));
				expect(new Set(own).size).toBe(own.length);
			}),
			{ numRuns: 60, seed: 8 }
		);
	});

	it('speaks of the pace and of the beat that differ', () => {
		const reading = { waterTemperatureC: 20, visibilityM: 1.5, bottomM: 3 };
		const [top] = call(callInputSchema.parse({ reading, locks: { family: 'spinnerbait' } })).calls;
		const quick = { ...top!, rig: { ...top!.rig, retrieve: { style: 'steady' as const, speedMps: 2 } } };
		const slow = { ...top!, rig: { ...top!.rig, retrieve: { style: 'steady' as const, speedMps: 0.4 } } };
		expect(whenBetter(slow, quick)).toContain('chasing');
		expect(whenBetter(quick, slow)).toContain('slow down');
	});

	it.each([
		[0, 'level'],
		[0.24, 'level'],
		[0.5, 'close'],
		[1.5, 'behind'],
		[3, 'far behind']
	])('%d points behind is %s', (points, words) => {
		expect(behindWords(points)).toBe(words);
	});
});
