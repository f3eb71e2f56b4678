import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { answerCall } from '../../../ranking/answer/call';
import { completeReading } from '../../../water/reading/complete';
import { readingSchema } from '../../../foundation/schema/reading';
import type { Build, FitChoice } from '../../../foundation/schema/build';
import type { Rig } from '../../../foundation/schema/rig';
import { FAMILIES, type Family } from '../../../foundation/schema/words';
import { anyReading } from '../../../testing/arbitraries';
import { buildOf } from '../../build/buildOf';
import { startBuild } from '../../build/start';
import { checkBuild, worstOf } from './checkBuild';
import { stateOf, type CheckState } from './check';
import { THRESHOLDS, type CheckId } from './thresholds';
import type { Worn } from './subject';

const WATER = { waterTemperatureC: 18, visibilityM: 1.3, bottomM: 3 };
const reading = (more: object = {}) => completeReading(readingSchema.parse({ ...WATER, ...more }));

interface Case {
	readonly family?: Family;
	readonly rig?: Partial<Rig>;
	readonly fit?: FitChoice;
	readonly reading?: object;
	readonly worn?: Worn;
}

function buildFor({ family = 'spinnerbait', rig = {}, fit = {} }: Case): Build {
	const start = startBuild(family);
	return { ...start, rig: { ...start.rig, ...rig }, fit };
}

function stateIn(id: CheckId, given: Case): CheckState | 'absent' {
	const checks = checkBuild(buildFor(given), reading(given.reading), given.worn);
	return checks.find((check) => check.id === id)?.state ?? 'absent';
}

const at = (speedMps: number) => ({ retrieve: { style: 'steady' as const, speedMps } });
const trailer = (kind: NonNullable<Rig['trailer']>['kind'], lengthIn: number) =>
	({ trailer: { kind, lengthIn, colour: 'white', mount: 'upright' } }) as const;
type Turning = 'colorado' | 'willow';
const [FRONT, REAR] = startBuild('spinnerbait').rig.blades;
const tandem = (front: Turning, frontSize: number, rear: Turning, rearSize: number) => ({
	blades: [
		{ ...FRONT!, style: front, size: frontSize },
		{ ...REAR!, style: rear, size: rearSize }
	]
});
const single = (style: Turning, size: number) => ({ blades: [{ ...REAR!, style, size }] });
const rod = (power: Rig['rod']['power']) => ({ rod: { ...startBuild('spinnerbait').rig.rod, power } });
const line = (testLb: number) => ({ line: { type: 'fluorocarbon', testLb, leader: null } as const });
const braid = (testLb: number) => ({ line: { type: 'braid', testLb, leader: null } as const });
const heavyHook = { size: '5/0', gauge: 'heavy', shank: 'standard' } as const;
const bare = { skirt: { ...startBuild('bladed-jig').rig.skirt, colour: 'none' } } as const;
const wood = { cover: [{ kind: 'wood', density: 'medium', form: 'even', topM: 1 }] };

/** Each check on both sides of its thresholds: a build, and how it stands. */
const SIDES: readonly (readonly [CheckId, CheckState, Case])[] = [
	['start', 'pass', { rig: at(0.7) }],
	['start', 'marginal', { rig: at(0.6) }],
	['start', 'marginal', { rig: at(0.5) }],
	['start', 'fail', { rig: at(0.3) }],
	['plane', 'pass', { family: 'buzzbait', rig: at(0.7) }],
	['plane', 'marginal', { family: 'buzzbait', rig: at(0.6) }],
	['plane', 'fail', { family: 'buzzbait', rig: at(0.5) }],
	['roll', 'pass', { rig: { ...at(1.3), weightOz: 0.375 } }],
	['roll', 'marginal', { rig: { ...at(1.7), weightOz: 0.375 } }],
	['roll', 'fail', { rig: { ...at(2), weightOz: 0.375 } }],
	['depth', 'pass', { rig: at(0.8) }],
	['depth', 'marginal', { rig: at(1.8), reading: { fishFromM: 4, fishToM: 6, bottomM: 8 } }],
	['depth', 'fail', { rig: at(1.8), reading: { fishFromM: 6, fishToM: 8, bottomM: 8 } }],
	['frontRear', 'pass', { rig: tandem('willow', 4, 'willow', 5) }],
	['frontRear', 'fail', { rig: tandem('willow', 5, 'willow', 6), fit: { clevisMm: 34 } }],
	['frontTie', 'pass', { rig: tandem('colorado', 4, 'willow', 7) }],
	['frontTie', 'marginal', { rig: tandem('colorado', 4, 'willow', 7), fit: { clevisMm: 14, riseDeg: 5 } }],
	['frontTie', 'fail', { rig: tandem('colorado', 4, 'willow', 7), fit: { clevisMm: 10, riseDeg: 5 } }],
	['rearHook', 'pass', { rig: single('colorado', 7) }],
	['rearHook', 'fail', { rig: { ...single('colorado', 7), trailerHook: 'free' } }],
	['lineWire', 'pass', { rig: line(17) }],
	['lineWire', 'marginal', { rig: line(18) }],
	['lineWire', 'marginal', { rig: line(24) }],
	['lineWire', 'fail', { rig: line(25) }],
	['lineWire', 'marginal', { rig: { ...line(17), ...rod('heavy') } }],
	['lineWire', 'pass', { rig: braid(27) }],
	['lineWire', 'marginal', { rig: braid(30) }],
	['lineWire', 'fail', { rig: braid(40) }],
	['drag', 'pass', { fit: { dragLb: 7 } }],
	['drag', 'marginal', { fit: { dragLb: 8 } }],
	['drag', 'marginal', { fit: { dragLb: 10 } }],
	['drag', 'fail', { fit: { dragLb: 11 } }],
	['droop', 'pass', { rig: { ...single('colorado', 4), wireIn: 0.033 } }],
	['droop', 'marginal', { rig: { ...single('colorado', 4), wireIn: 0.03 } }],
	['droop', 'fail', { rig: { ...single('colorado', 4), wireIn: 0.026 } }],
	['life', 'pass', { rig: { ...single('colorado', 4), wireIn: 0.035 } }],
	['life', 'marginal', { rig: { ...single('colorado', 4), wireIn: 0.033 } }],
	['life', 'fail', { rig: { ...single('colorado', 4), wireIn: 0.03 } }],
	['fatigue', 'pass', { worn: { hours: 250, bends: 0 } }],
	['fatigue', 'marginal', { worn: { hours: 400, bends: 0 } }],
	['fatigue', 'marginal', { worn: { hours: 0, bends: 200 } }],
	['fatigue', 'fail', { worn: { hours: 400, bends: 100 } }],
	['beat', 'pass', { family: 'bladed-jig', rig: trailer('split-tail', 4) }],
	['beat', 'pass', { family: 'bladed-jig', rig: trailer('craw', 3) }],
	['beat', 'marginal', { family: 'bladed-jig', rig: trailer('craw', 4) }],
	['beat', 'fail', { family: 'bladed-jig', rig: trailer('craw', 5) }],
	['trailerHook', 'pass', { family: 'bladed-jig', rig: trailer('split-tail', 3) }],
	['trailerHook', 'marginal', { family: 'bladed-jig', rig: trailer('split-tail', 3.5) }],
	['trailerHook', 'fail', { family: 'bladed-jig', rig: trailer('split-tail', 4.5) }],
	['trailerSkirt', 'pass', { family: 'bladed-jig', rig: trailer('split-tail', 2.5) }],
	['trailerSkirt', 'marginal', { family: 'bladed-jig', rig: trailer('split-tail', 2) }],
	['trailerSkirt', 'fail', { family: 'bladed-jig', rig: trailer('split-tail', 1.5) }],
	['kink', 'pass', { family: 'bladed-jig', fit: { kinkDeg: 3 } }],
	['kink', 'marginal', { family: 'bladed-jig', fit: { kinkDeg: 4 } }],
	['kink', 'marginal', { family: 'bladed-jig', fit: { kinkDeg: 8 } }],
	['kink', 'fail', { family: 'bladed-jig', fit: { kinkDeg: 9 } }],
	['kinkRoll', 'pass', { rig: { ...trailer('split-tail', 3), ...at(0.9) }, fit: { kinkDeg: 2 } }],
	['kinkRoll', 'fail', { rig: { ...trailer('craw', 3), ...at(1.2) }, fit: { kinkDeg: 30 } }],
	['hooks', 'pass', { reading: { rules: { hooksMax: 2 } }, rig: { trailerHook: 'free' } }],
	['hooks', 'fail', { reading: { rules: { hooksMax: 1 } }, rig: { trailerHook: 'free' } }],
	['points', 'pass', { reading: { rules: { pointsMax: 2 } }, rig: { trailerHook: 'free' } }],
	['points', 'fail', { reading: { rules: { pointsMax: 1 } }, rig: { trailerHook: 'free' } }],
	['points', 'fail', { reading: { rules: { pointsMax: 2 } }, rig: { hook: { ...heavyHook, style: 'treble' } } }],
	['lead', 'pass', { reading: { rules: { leadAllowed: true } } }],
	['lead', 'fail', { reading: { rules: { leadAllowed: false } } }],
	['lead', 'pass', { reading: { rules: { leadAllowed: false } }, rig: { headMaterial: 'tungsten' } }],
	['join', 'pass', { fit: { join: 'direct' } }],
	['join', 'marginal', { fit: { join: 'snap' } }],
	['join', 'fail', { family: 'bladed-jig', fit: { join: 'snap' } }],
	['weight', 'pass', { rig: { weightOz: 0.5 } }],
	['weight', 'marginal', { rig: { weightOz: 0.25 } }],
	['weight', 'fail', { rig: { weightOz: 0.125 } }],
	['fall', 'pass', { family: 'bladed-jig' }],
	['fall', 'marginal', { family: 'bladed-jig', rig: { ...bare, ...trailer('craw', 5), weightOz: 0.125 } }],
	['fall', 'fail', { family: 'bladed-jig', rig: { ...bare, ...trailer('swimbait', 5), weightOz: 0.125 } }],
	['rod', 'pass', { rig: rod('medium-heavy') }],
	['rod', 'marginal', { rig: rod('medium') }],
	['rod', 'fail', { rig: { ...rod('medium'), weightOz: 1 } }],
	['rodHook', 'pass', { rig: { ...rod('medium-heavy'), hook: heavyHook } }],
	['rodHook', 'marginal', { rig: { ...rod('medium'), hook: heavyHook } }],
	['coverLine', 'pass', { reading: wood, rig: line(16) }],
	['coverLine', 'marginal', { reading: wood, rig: line(14) }],
	['coverLine', 'fail', { reading: wood, rig: line(12) }]
];

describe('a check', () => {
	it.each(SIDES)('%s %s', (id, state, given) => {
		expect(stateIn(id, given)).toBe(state);
	});

	it('is met on both sides of its threshold by the cases above', () => {
		for (const id of Object.keys(THRESHOLDS) as CheckId[]) {
			const states = new Set(SIDES.filter(([which]) => which === id).map(([, state]) => state));
			expect([id, states.has('pass'), states.size > 1]).toEqual([id, true, true]);
		}
	});

	it.each(Object.entries(THRESHOLDS))('%s changes exactly at its figures', (_id, threshold) => {
		const worse = threshold.better === 'more' ? -1e-6 : 1e-6;
		expect(stateOf(threshold, threshold.pass)).toBe('pass');
		expect(stateOf(threshold, threshold.pass + worse)).not.toBe('pass');
		expect(stateOf(threshold, threshold.marginal + worse)).toBe('fail');
	});

	it('is asked only where the rig has the part', () => {
		expect(stateIn('droop', { family: 'bladed-jig' })).toBe('absent');
		expect(stateIn('depth', { family: 'buzzbait' })).toBe('absent');
		expect(stateIn('frontRear', { rig: single('willow', 4) })).toBe('absent');
		expect(stateIn('coverLine', {})).toBe('absent');
	});
});

describe('all checks together', () => {
	it('find nothing failing in the rig that each family starts from, on ordinary water', () => {
		for (const family of FAMILIES) {
			expect([family, worstOf(checkBuild(startBuild(family), reading()))]).not.toEqual([family, 'fail']);
		}
	});

	it('give finite figures and a reason for any rig that is called, and the worst of them is the verdict', () => {
		fc.assert(
			fc.property(anyReading, (water) => {
				for (const { rig } of answerCall({ reading: water }).calls) {
					const checks = checkBuild(buildOf(rig), completeReading(readingSchema.parse(water)));
					for (const { value, reason } of checks) {
						expect(Number.isFinite(value)).toBe(true);
						expect(reason).toMatch(/\.$/);
					}
					expect(checks.map(({ state }) => state)).toContain(worstOf(checks));
				}
			}),
			{ numRuns: 10, seed: 3 }
		);
	});

	it('use the measured length and mass of an own part', () => {
		const start = startBuild('spinnerbait');
		const part = { kind: 'blade', name: 'Big spoon', form: 'willow', lengthMm: 80, massG: 14, price: 1 } as const;
		const own = { ...start, own: { rear: { id: '11111111-1111-4111-8111-111111111111', version: 1, part } } };
		const value = (build: Build, id: CheckId) => checkBuild(build, reading()).find((check) => check.id === id)!.value;
		expect(value(own, 'start')).toBeLessThan(value(start, 'start'));
		expect(value(own, 'weight')).toBeGreaterThan(value(start, 'weight'));
		expect(value(own, 'roll')).toBeGreaterThan(value(start, 'roll'));
	});
});
