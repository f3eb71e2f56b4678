import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { runningWindow } from '../../simulation/physics/window';
import { bladeQuestion, pairQuestion } from './eye';
import { paceOf } from './pace';

const anySeed = fc.integer({ min: 1, max: 1_000_000 });

describe('what the eye is asked', () => {
	it('names a blade among others, each once, the same for the same seed', () => {
		fc.assert(
			fc.property(anySeed, (seed) => {
				const { options, answer } = bladeQuestion(seed);
				expect(options).toContain(answer);
				expect(new Set(options).size).toBe(options.length);
				expect(options.length).toBeGreaterThanOrEqual(4);
				expect(bladeQuestion(seed).answer).toBe(answer);
			})
		);
	});

	it('tells two rigs apart as the model does, and only where they differ clearly', () => {
		const tell = { 'runs deeper': 'depthM', 'starts to turn first': 'startMps', 'rolls first': 'rollMps' } as const;
		fc.assert(
			fc.property(anySeed, (seed) => {
				const { asks, rigs, speedMps, answer } = pairQuestion(seed);
				const [first, second] = rigs.map((rig) => runningWindow({ rig, speedMps })[tell[asks]]!);
				const better = asks === 'runs deeper' ? first! > second! : first! < second!;
				expect(answer).toBe(better ? 0 : 1);
				expect(Math.abs(first! - second!)).toBeGreaterThan(0.1 * Math.max(first!, second!));
			}),
			{ numRuns: 60, seed: 3 }
		);
	});
});

describe('a pace that is held', () => {
	it('is all of the turns at the pace, and none at one and a half times it', () => {
		fc.assert(
			fc.property(fc.double({ min: 0.4, max: 2.5, noNaN: true }), fc.integer({ min: 2, max: 60 }), (perS, turns) => {
				const taps = (rate: number) => Array.from({ length: turns }, (_, at) => (1000 * at) / rate);
				expect(paceOf(taps(perS), perS).held).toBe(1);
				expect(paceOf(taps(1.5 * perS), perS).held).toBe(0);
				expect(paceOf(taps(perS), perS).nowPerS).toBeCloseTo(perS, 6);
			})
		);
	});

	it('is unknown before the second tap', () => {
		expect(paceOf([5], 1)).toEqual({ nowPerS: null, held: null, turns: 0 });
	});
});
