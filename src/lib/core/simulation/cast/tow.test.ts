import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { WEIGHTS_OZ } from '../../foundation/catalogue/parts';
import { HALF_DENSITY } from '../../foundation/constants/constants';
import { sinkMps } from '../physics/depth';
import { assembleLure, dragM2 } from '../physics/lure';
import { runningRig } from '../physics/window';
import { towInputSchema, type Tow } from '../../foundation/schema/tow';
import { lineBowM } from './lineBow';
import { speedForInputSchema } from '../../foundation/schema/tow';
import { holdOffers } from './hold';
import { answerSpeedFor, safeMps } from './speedFor';
import { answerTow, tow } from './tow';
import { refusalOf } from '../../testing/refusal';
import { cases } from './tow.cases.json';

const at = (answer: Tow, path: string): number =>
	path.split('.').reduce<unknown>((value, key) => (value as Record<string, unknown>)[key], answer) as number;

describe('casts that were worked out by a finer, second way', () => {
	it.each(cases.map((one, index) => [`${index + 1} ${one.name}`, one] as const))('%s', (_name, one) => {
		const answer = answerTow(one.input);
		for (const { path, value, rel, abs } of one.expect) {
			expect(Math.abs(at(answer, path) - value), path).toBeLessThanOrEqual(Math.max(abs, rel * Math.abs(value)));
		}
	});
});

const willow = (weightOz = 0.5, more: object = {}) => ({
	family: 'spinnerbait',
	weightOz,
	blades: [
		{ position: 'front', style: 'willow', size: 4.5 },
		{ position: 'rear', style: 'willow', size: 5 }
	],
	trailer: { kind: 'split-tail' },
	line: { type: 'fluorocarbon', testLb: 17 },
	...more
});
const cast = (rest: object = {}) => answerTow({ rig: willow(), castM: 26, speedMps: 0.9, ...rest });
const depthsOf = ({ depths }: Tow) => depths.map(({ zM }) => zM!);

describe('the published figures', () => {
	/** Mean depth (ft) at 20, 16 and 12 m of the double willow; oz, speed, ft (docs/TANK.md). */
	it.each([
		[0.375, 0.8, 6.18],
		[0.5, 1.2, 3.32],
		[0.5, 1.6, 1.52],
		[0.75, 1.2, 4.29],
		[1, 1.6, 2.9]
	])('of %s oz at %s m/s is %s ft', (weightOz, speedMps, feet) => {
		const answer = answerTow({ rig: willow(weightOz), castM: 27, countdownS: 1, speedMps, atM: [20, 16, 12] });
		const mean = depthsOf(answer).reduce((sum, depth) => sum + depth, 0) / 3;
		expect(Math.abs(mean / 0.3048 - feet)).toBeLessThan(0.06);
	});

	it('has the speed that holds 4 ft at 13 m after three seconds', () => {
		const { speedMps } = answerSpeedFor({ rig: willow(), castM: 27, countdownS: 3, holdM: 4 * 0.3048, atM: 13 });
		expect(Math.abs(speedMps! - 1.27)).toBeLessThan(0.02);
	});
});

describe('a cast', () => {
	it('ends when the line is in, after as many turns as that takes', () => {
		const answer = cast({
			speedMps: undefined,
			turnsPerS: 1.5,
			rig: willow(0.5, { reel: { ratio: 7.1, inchesPerTurn: 30, kind: 'casting' } })
		});
		expect(answer.turns).toBeCloseTo((answer.endS - 2) * 1.5, 1);
		const { endS } = cast({ castM: 23, speedMps: 1, countdownS: 4 });
		expect(endS).toBeCloseTo(4 + Math.hypot(23, 0.62) - 3, 1);
	});

	it('never goes above the surface nor under the bottom, whatever the hand does', () => {
		const phase = fc.record({
			kind: fc.constantFrom(
				'steady' as const,
				'burn-pause' as const,
				'pop' as const,
				'lift-drop' as const,
				'fall' as const
			),
			speedMps: fc.double({ min: 0.2, max: 2.5, noNaN: true }),
			forS: fc.double({ min: 0.5, max: 6, noNaN: true })
		});
		fc.assert(
			fc.property(
				fc.constantFrom(...WEIGHTS_OZ),
				fc.array(phase, { minLength: 1, maxLength: 4 }),
				fc.array(fc.tuple(fc.integer({ min: 0, max: 30 }), fc.double({ min: 0.4, max: 6, noNaN: true })), {
					minLength: 1,
					maxLength: 5
				}),
				fc.constantFrom('tight', 'free'),
				(weightOz, phases, pointsM, payout) => {
					const end = { kind: 'steady', speedMps: 1.2 };
					const answer = answerTow({
						rig: willow(weightOz),
						castM: 24,
						phases: [...phases, end],
						bottom: { pointsM },
						payout,
						segments: 12
					});
					const deepest = Math.max(...pointsM.map(([, depthM]) => depthM));
					for (const { xM, zM, tensionN } of answer.samples) {
						expect(Number.isFinite(xM) && Number.isFinite(tensionN)).toBe(true);
						expect(zM).toBeGreaterThanOrEqual(-1e-9);
						expect(zM).toBeLessThanOrEqual(deepest + 1e-9);
					}
					expect(answer.endS).toBeLessThan(300);
				}
			),
			{ numRuns: 25, seed: 4 }
		);
	});

	it('is the same cast each time, and hardly another one on a finer mesh', () => {
		expect(cast()).toEqual(cast());
		const coarse = depthsOf(cast({ atM: [18, 12, 8], segments: 12 }));
		const fine = depthsOf(cast({ atM: [18, 12, 8], segments: 40, stepS: 0.0025 }));
		for (const [index, depth] of coarse.entries()) expect(Math.abs(depth - fine[index]!)).toBeLessThan(0.03);
	});

	it('runs shallower the faster it is wound and the thicker its line, deeper the heavier it is and the longer it sinks', () => {
		const depth = (rest: object) => depthsOf(cast({ atM: [14], ...rest }))[0]!;
		const line = (testLb: number) => ({ rig: willow(0.5, { line: { type: 'fluorocarbon', testLb } }) });
		expect(depth({ speedMps: 1.3 })).toBeLessThan(depth({}));
		expect(depth(line(25))).toBeLessThan(depth(line(12)));
		expect(depth({ rig: willow(0.75) })).toBeGreaterThan(depth({}));
		expect(depth({ countdownS: 6 })).toBeGreaterThan(depth({ countdownS: 0 }));
	});

	it('falls freely faster than on a tight line, as fast as its weight and drag say', () => {
		const free = cast({ countdownS: 6, payout: 'free' }).samples.filter(({ tS }) => tS > 2 && tS < 6);
		const fall = (free.at(-1)!.zM - free[0]!.zM) / (free.at(-1)!.tS - free[0]!.tS);
		const lure = assembleLure(runningRig(towInputSchema.parse({ rig: willow(), castM: 20, speedMps: 1 }).rig));
		// The tow keeps the attitude of the retrieve, in which the drag of a fall is less (docs/TANK.md).
		const own = Math.sqrt(lure.weightN / (HALF_DENSITY * dragM2(lure, fall)));
		expect(fall).toBeGreaterThan(0.6 * sinkMps(lure));
		expect(fall).toBeLessThanOrEqual(own * 1.02);
		const tight = cast({ countdownS: 6 }).samples.find(({ tS }) => tS >= 5.9)!;
		expect(free.at(-1)!.zM).toBeGreaterThan(tight.zM);
	});

	it('says where it is: sinking, running, on the bottom, in the cover', () => {
		const answer = cast({
			countdownS: 8,
			speedMps: 0.4,
			bottom: { flatM: 1.5 },
			covers: [{ fromM: 8, toM: 12, topM: 0.2 }]
		});
		const wheres = answer.samples.map(({ where }) => where);
		expect(wheres[0]).toBe('sinking');
		expect(wheres).toContain('bottom');
		expect(answer.samples.filter(({ xM }) => xM > 8.2 && xM < 11.8).every(({ where }) => where === 'cover')).toBe(true);
		expect(answer.covers[0]!.clearM).toBe(0);
		const over = cast({ speedMps: 1.6, countdownS: 0, covers: [{ fromM: 8, toM: 12, topM: 2 }] });
		expect(over.covers[0]!.clearM).toBeGreaterThan(0.5);
	});

	it('counts what share of time and way it works in the band', () => {
		const all = cast({ band: { fromM: 0, toM: 30 } }).band!;
		expect([all.timeShare, all.distanceShare]).toEqual([1, 1]);
		expect(cast({ band: { fromM: 20, toM: 30 } }).band).toEqual({ timeShare: 0, distanceShare: 0, metres: 0 });
		const some = cast({ speedMps: 0.6, band: { fromM: 1, toM: 2 } }).band!;
		expect(some.timeShare).toBeGreaterThan(0.05);
		expect(some.timeShare).toBeLessThan(0.9);
	});
});

describe('a buzzbait', () => {
	const buzz = {
		family: 'buzzbait',
		weightOz: 0.375,
		blades: [{ position: 'rear', style: 'prop-2', size: 45 }],
		line: { type: 'braid', testLb: 50 }
	};
	const buzzed = (speedMps: number) =>
		answerTow({ rig: buzz, castM: 24, countdownS: 0, tipM: 1.8, speedMps, atM: [16] });

	it('stays on top when it is wound fast enough, and goes under when it is not', () => {
		expect(
			buzzed(1.3)
				.samples.filter(({ tS }) => tS > 2)
				.every(({ zM }) => zM < 0.05)
		).toBe(true);
		expect(depthsOf(buzzed(0.35))[0]).toBeGreaterThan(0.3);
	});
});

describe('the speed for a depth', () => {
	const ask = (rest: object) => answerSpeedFor({ rig: willow(), castM: 26, countdownS: 4, atM: 14, ...rest });

	it('is the one at which a cast is as deep, and at which the lure turns and leans no further than is fished', () => {
		fc.assert(
			fc.property(fc.double({ min: 0.5, max: 2.5, noNaN: true }), (holdM) => {
				const { speedMps, why } = ask({ holdM });
				const [from, to] = safeMps(speedForInputSchema.parse({ rig: willow(), castM: 26, holdM, atM: 14 }).rig);
				if (speedMps === null) {
					expect(why).toMatch(/stalls|leans/);
					return;
				}
				expect(speedMps).toBeGreaterThanOrEqual(from);
				expect(speedMps).toBeLessThanOrEqual(to);
				expect(Math.abs(depthsOf(cast({ countdownS: 4, speedMps, atM: [14], segments: 12 }))[0]! - holdM)).toBeLessThan(
					0.02
				);
			}),
			{ numRuns: 8, seed: 3 }
		);
	});

	it('finds one for the longest casts too', () => {
		const { speedMps } = ask({ castM: 90, countdownS: 20, holdM: 4, atM: 20 });
		expect(speedMps).toBeGreaterThan(0.5);
	});

	it('does not care how fast the cast was that it is asked of, nor for the distances after the first', () => {
		const plain = ask({ holdM: 1 });
		expect(ask({ holdM: 1, speedMps: 2, atM: [14, 10] })).toEqual(plain);
		expect(ask({ holdM: 1, turnsPerS: 1.5 })).toEqual(plain);
	});

	it('is none where it would lean over or stall, and something else is offered with which it is safe', () => {
		const light = { rig: willow(0.375), castM: 26, countdownS: 2, atM: 14, holdM: 0.8 };
		expect(answerSpeedFor(light)).toEqual({ speedMps: null, why: 'leans at that speed' });
		const offers = holdOffers(speedForInputSchema.parse(light));
		expect(offers.length).toBeGreaterThan(0);
		for (const offer of offers) {
			if (offer.kind !== 'weight') continue;
			expect(offer.speedMps).toBeLessThanOrEqual(
				safeMps({ ...willow(offer.weightOz), family: 'spinnerbait' } as never)[1]
			);
		}
	});

	it('is none where it is never that deep, or deeper even at most', () => {
		expect(ask({ holdM: 30 })).toEqual({ speedMps: null, why: 'never that deep' });
		expect(ask({ holdM: 3, bottom: { flatM: 2 } })).toEqual({ speedMps: null, why: 'never that deep' });
		const plumb = { family: 'underspin', weightOz: 1, blades: [{ position: 'rear', style: 'willow', size: 2 }] };
		expect(ask({ rig: plumb, countdownS: 20, atM: 20, holdM: 0.1 })).toEqual({
			speedMps: null,
			why: 'deeper even at most'
		});
	});
});

describe('what is no cast', () => {
	it.each([
		['no speed', { speedMps: undefined }, 'speedMps'],
		['two speeds', { turnsPerS: 1 }, 'turnsPerS'],
		['a band upside down', { band: { fromM: 2, toM: 1 } }, 'band.fromM'],
		['a cast across the lake', { castM: 1000 }, 'castM'],
		['an unknown key', { wind: 3 }, 'wind'],
		['steps that would take for ever', { stepS: 1e-6 }, 'stepS']
	])('is refused by its field: %s', (_name, rest, path) => {
		expect(refusalOf(() => cast(rest))?.path).toBe(path);
	});

	it('takes a phase’s own speed for all of it', () => {
		const input = towInputSchema.parse({ rig: willow(), castM: 26, phases: [{ kind: 'steady', speedMps: 0.9 }] });
		expect(tow(input).endS).toBeCloseTo(cast().endS, 6);
	});
});

it('a crosswind bows the line by its square, and less the tighter it is', () => {
	expect(lineBowM(5, 12, 1, 0.00035)).toBeCloseTo((0.72 * 0.00035 * 25 * 144) / 8, 9);
	expect(lineBowM(10, 12, 1, 0.00035) / lineBowM(5, 12, 1, 0.00035)).toBeCloseTo(4, 9);
	expect(lineBowM(5, 12, 2, 0.00035)).toBeLessThan(lineBowM(5, 12, 1, 0.00035));
	expect(lineBowM(0, 12, 1, 0.00035)).toBe(0);
});
