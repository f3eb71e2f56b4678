import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyReading } from '../../testing/arbitraries';
import { answerCall } from './call';
import { decidingReasons } from './deciding';

describe('the reasons that decide', () => {
	it('are reasons of the call itself, at most three, none of them a trade-off', () => {
		fc.assert(
			fc.property(anyReading, (reading) => {
				const { calls } = answerCall({ reading, top: 5 });
				for (const call of calls) {
					const deciding = decidingReasons(call, calls);
					expect(deciding.length).toBeLessThanOrEqual(3);
					for (const reason of deciding) {
						expect(call.reasons).toContain(reason);
						expect(reason.points).toBeGreaterThan(0);
						expect(reason.counts).toBeGreaterThanOrEqual(0);
					}
				}
			}),
			{ numRuns: 8 }
		);
	});

	it('name the rule that the best of another family fails, before one that both meet', () => {
		const reading = { waterTemperatureC: 22, visibilityM: 0.4, bottomM: 3, light: 'night' as const };
		const { calls } = answerCall({ reading, top: 5 });
		const [first] = calls;
		expect(first!.rig.family).toBe('spinnerbait');
		expect(decidingReasons(first!, calls).map(({ claim }) => claim)).toContain('FAM-08');
	});

	it('are none where there is nothing to be told apart from', () => {
		const { calls } = answerCall({ reading: { waterTemperatureC: 18, visibilityM: 1.4, bottomM: 3 }, top: 1 });
		expect(decidingReasons(calls[0]!, calls)).toEqual([]);
	});
});
