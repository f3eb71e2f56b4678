import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BLADE_SIZES } from '../../foundation/catalogue/bladeSizes';
import { KG_PER_OZ } from '../../foundation/basics/units';
import { DENSITY_KGM3, GRAVITY_MPS2, LINES } from '../../foundation/constants/constants';
import type { TurningStyle } from '../../foundation/schema/words';
import { bladeDragM2, bladeLiftM2, bladeModel, KEEP_SHARE, thumpN, turnHz, wakeRatio } from './blade';
import { dragWidthM, inchesPerTurnAt, inchesPerTurnOf, lineDiameterM, perTurnM } from './line';
import { assembleLure, buoyancy, dragM2, liftM2, startMps, trailerLump, type RunningRig } from './lure';
import { leanDeg, rollMps } from './roll';
import { maxLineLb, safeDragLb, wireWear, wireWindow } from './wire';

const STYLES = Object.keys(BLADE_SIZES) as TurningStyle[];
const anyStyle = fc.constantFrom(...STYLES);
const anySpeed = fc.double({ min: 0.2, max: 2.5, noNaN: true });
/** Two sizes of a style in the table, the smaller first. */
const twoSizes = anyStyle.chain((style) =>
	fc
		.tuple(...[0, 1].map(() => fc.constantFrom(...BLADE_SIZES[style].map(({ size }) => size))))
		.map((sizes) => [style, ...sizes.toSorted((a, b) => a - b)] as const)
		.filter(([, small, large]) => small! < large!)
);

describe('a turning blade', () => {
	it('of a larger size is longer, heavier, pulls harder and turns slower', () => {
		fc.assert(
			fc.property(twoSizes, anySpeed, ([style, few, many], speedMps) => {
				const [small, large] = [bladeModel(style, few!, 'rear'), bladeModel(style, many!, 'rear')];
				for (const key of ['lengthM', 'areaM2', 'massKg', 'tipRadiusM', 'fullDragM2'] as const) {
					expect([key, large[key] > small[key]]).toEqual([key, true]);
				}
				fc.pre(speedMps > Math.max(small.startMps, large.startMps));
				expect(turnHz(large, speedMps)).toBeLessThan(turnHz(small, speedMps));
				expect(bladeDragM2(large, speedMps)).toBeGreaterThan(bladeDragM2(small, speedMps));
			})
		);
	});

	it('hangs still below the speed at which it stops, and turns faster the faster it is wound', () => {
		fc.assert(
			fc.property(
				twoSizes,
				anySpeed,
				fc.double({ min: 1.01, max: 2, noNaN: true }),
				([style, size], speedMps, times) => {
					const blade = bladeModel(style, size!, 'rear');
					const still = KEEP_SHARE * blade.startMps * 0.999;
					expect([turnHz(blade, still), bladeLiftM2(blade, still)]).toEqual([0, 0]);
					expect(thumpN(blade, still)).toBe(0);
					fc.pre(speedMps > blade.startMps);
					expect(turnHz(blade, speedMps * times)).toBeGreaterThan(turnHz(blade, speedMps));
					expect(thumpN(blade, speedMps * times)).toBeGreaterThan(thumpN(blade, speedMps));
				}
			)
		);
	});

	it('starts later on a clevis than on a swivel, and later the heavier it was weighed', () => {
		for (const style of STYLES) {
			const [rear, front] = [bladeModel(style, 4, 'rear'), bladeModel(style, 4, 'front')];
			expect(front.startMps).toBeGreaterThan(rear.startMps);
			const heavy = bladeModel(style, 4, 'rear', { massG: rear.massKg * 1000 * 1.5 });
			expect(heavy.startMps).toBeGreaterThan(rear.startMps);
			expect(heavy.massKg / rear.massKg).toBeCloseTo(1.5, 9);
			expect(heavy.areaM2).toBe(rear.areaM2);
		}
	});

	it('that was measured has the length it has, in the form of its style', () => {
		const [table, own] = [bladeModel('willow', 4, 'rear'), bladeModel('willow', 4, 'rear', { lengthMm: 80 })];
		expect(own.lengthM).toBeCloseTo(0.08, 9);
		expect(own.widthM / own.lengthM).toBeCloseTo(table.widthM / table.lengthM, 9);
	});

	it('behind another runs in slower water, the more so the smaller it is', () => {
		for (const style of STYLES) {
			const front = bladeModel(style, 3, 'front');
			const wakes = [3, 4, 5].map((size) => wakeRatio(front, bladeModel(style, size, 'rear')));
			expect(wakes).toEqual(wakes.toSorted((a, b) => a - b));
			for (const wake of wakes) expect([style, wake > 0.3 && wake < 1]).toEqual([style, true]);
		}
	});
});

describe('a blade arm of wire', () => {
	const blade = bladeModel('colorado', 4, 'rear');
	const anyWire = fc.double({ min: 0.025, max: 0.055, noNaN: true });
	const anyArm = fc.double({ min: 0.04, max: 0.1, noNaN: true });

	it('is stiffer with the fourth power of its diameter and the third of its shortness', () => {
		fc.assert(
			fc.property(anyWire, anyArm, anySpeed, (wireIn, armM, speedMps) => {
				const { stiffnessNPerM } = wireWindow(wireIn, blade, speedMps, armM);
				expect(wireWindow(wireIn * 1.1, blade, speedMps, armM).stiffnessNPerM / stiffnessNPerM).toBeCloseTo(
					1.1 ** 4,
					6
				);
				expect(wireWindow(wireIn, blade, speedMps, armM * 1.1).stiffnessNPerM / stiffnessNPerM).toBeCloseTo(
					1.1 ** -3,
					6
				);
			})
		);
	});

	it('bears a steady drag of two thirds of what opens it, and more line the thicker it is', () => {
		fc.assert(
			fc.property(anyWire, anyArm, anySpeed, (wireIn, armM, speedMps) => {
				const window = wireWindow(wireIn, blade, speedMps, armM);
				expect(window.safeDragLb).toBeCloseTo(safeDragLb(wireIn), 9);
				expect(window.opensLb).toBeCloseTo(1.5 * window.safeDragLb, 9);
				expect(window.maxLineLb).toBeCloseTo(maxLineLb(wireIn), 9);
				expect(maxLineLb(wireIn * 1.05)).toBeGreaterThan(maxLineLb(wireIn));
			})
		);
	});

	it('droops more and wears faster the faster it is pulled, where its beat is far from its own', () => {
		const at = (speedMps: number) => wireWindow(0.035, blade, speedMps, 0.07);
		expect(at(1.2).droopMm).toBeGreaterThan(at(0.6).droopMm);
		expect(wireWear(0.035, blade, 1.2, 0.07).perHour).toBeGreaterThan(wireWear(0.035, blade, 0.6, 0.07).perHour);
		expect(at(1.2).lifeH).toBeLessThan(at(0.6).lifeH);
	});

	it('swings the most where the blade beats at its own frequency', () => {
		const { naturalHz } = wireWindow(0.035, blade, 1, 0.07);
		const speeds = Array.from({ length: 400 }, (_, at) => 0.4 + at * 0.02);
		const most = speeds.reduce((best, speed) =>
			wireWindow(0.035, blade, speed, 0.07).amplification > wireWindow(0.035, blade, best, 0.07).amplification
				? speed
				: best
		);
		// A damped arm answers best a little below its own: sqrt(1 - 2 zeta^2), zeta a quarter.
		expect(turnHz(blade, most) / naturalHz).toBeCloseTo(Math.sqrt(1 - 2 * 0.25 ** 2), 1);
		expect(wireWindow(0.035, blade, KEEP_SHARE * blade.startMps * 0.9, 0.07).amplification).toBeCloseTo(1, 6);
	});

	it('suffers more from a bend the thicker it is', () => {
		expect(wireWear(0.045, blade, 1, 0.07).perBend).toBeGreaterThan(wireWear(0.03, blade, 1, 0.07).perBend);
	});
});

const rig = (more: Partial<RunningRig> = {}): RunningRig => ({
	family: 'spinnerbait',
	weightOz: 0.5,
	headMaterial: 'lead',
	blades: [{ position: 'rear', style: 'colorado', size: 4 }],
	wireIn: 0.035,
	skirt: 'full',
	trailer: 'none',
	...more
});
const anyWeight = fc.double({ min: 0.125, max: 1.5, noNaN: true });

describe('a lure put together', () => {
	it('weighs in water what its parts weigh there', () => {
		fc.assert(
			fc.property(anyWeight, (weightOz) => {
				const [bare, dressed] = [assembleLure(rig({ weightOz })), assembleLure(rig({ weightOz, trailer: 'craw' }))];
				const craw = trailerLump('craw');
				expect(dressed.weightN - bare.weightN).toBeCloseTo(craw.weightN, 9);
				expect(dressed.massKg - bare.massKg).toBeCloseTo(craw.massKg, 9);
				const heavier = assembleLure(rig({ weightOz: weightOz + 0.25 }));
				const lead = 0.25 * KG_PER_OZ * GRAVITY_MPS2 * buoyancy(DENSITY_KGM3.lead);
				expect(heavier.weightN - bare.weightN).toBeCloseTo(lead, 9);
			})
		);
	});

	it('sinks harder the denser its head, ounce for ounce', () => {
		const weights = (['bismuth', 'lead', 'tungsten'] as const).map(
			(headMaterial) => assembleLure(rig({ headMaterial })).weightN
		);
		expect(weights).toEqual(weights.toSorted((a, b) => a - b));
		expect(new Set(weights).size).toBe(3);
	});

	it('has started once its slowest part turns', () => {
		const blades = [
			{ position: 'front', style: 'colorado', size: 3 },
			{ position: 'rear', style: 'willow', size: 5 }
		] as const;
		const tandem = startMps(assembleLure(rig({ blades })));
		expect(tandem).toBeGreaterThanOrEqual(bladeModel('colorado', 3, 'front').startMps);
		expect(tandem).toBeGreaterThanOrEqual(bladeModel('willow', 5, 'rear').startMps);
		expect(
			startMps(assembleLure(rig({ family: 'buzzbait', blades: [{ position: 'rear', style: 'delta', size: 45 }] })))
		).toBe(0);
	});

	it('pulls and lifts by what was measured of the whole of it', () => {
		fc.assert(
			fc.property(anySpeed, (speedMps) => {
				const [plain, fitted] = [
					assembleLure(rig()),
					assembleLure(rig({ measured: { factors: { dragMul: 1.2, liftMul: 0.8 } } }))
				];
				expect(dragM2(fitted, speedMps)).toBeCloseTo(1.2 * dragM2(plain, speedMps), 12);
				expect(liftM2(fitted, speedMps)).toBeCloseTo(0.8 * liftM2(plain, speedMps), 12);
			})
		);
	});
});

describe('rolling', () => {
	const roll = (more: Partial<RunningRig> = {}, armM = 0.07, kinkRad = 0) =>
		rollMps(assembleLure(rig(more)), armM, kinkRad)!;

	it('comes later with a heavier head, sooner with a longer arm or a trailer that sits askew', () => {
		fc.assert(
			fc.property(anyWeight, (weightOz) => {
				const here = roll({ weightOz, trailer: 'paddle-tail' });
				expect(roll({ weightOz: weightOz + 0.2, trailer: 'paddle-tail' })).toBeGreaterThan(here);
				expect(roll({ weightOz, trailer: 'paddle-tail' }, 0.09)).toBeLessThan(here);
				expect(roll({ weightOz, trailer: 'paddle-tail' }, 0.07, 0.3)).toBeLessThan(here);
			})
		);
	});

	it('is a lean of sixty degrees, and no more beyond it', () => {
		fc.assert(
			fc.property(anySpeed, fc.double({ min: 0, max: 3, noNaN: true }), (rollsMps, share) => {
				const lean = leanDeg(rollsMps, share * rollsMps);
				expect(lean).toBeLessThanOrEqual(60 + 1e-9);
				expect(lean).toBeGreaterThanOrEqual(0);
				if (share >= 1) expect(lean).toBeCloseTo(60, 9);
				expect(leanDeg(rollsMps, 0)).toBe(0);
			})
		);
		expect(leanDeg(0, 0.5)).toBeCloseTo(60, 9);
	});
});

describe('a line', () => {
	it('is thicker with the root of its test, and drags more the thicker it is', () => {
		fc.assert(
			fc.property(
				fc.constantFrom(...(Object.keys(LINES) as (keyof typeof LINES)[])),
				fc.integer({ min: 6, max: 40 }),
				anySpeed,
				(type, testLb, speedMps) => {
					const [thin, thick] = [testLb, 4 * testLb].map((lb) => lineDiameterM({ type, testLb: lb }));
					expect(thick! / thin!).toBeCloseTo(2, 9);
					expect(dragWidthM(thick!, speedMps)).toBeGreaterThan(dragWidthM(thin!, speedMps));
					expect(dragWidthM(thin!, speedMps)).toBe(dragWidthM(thin!, -speedMps));
				}
			)
		);
	});

	it('comes in by less a turn the more of it is out, never by less than a spool that is all but empty gives', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 5, max: 8.5, noNaN: true }),
				fc.double({ min: 0, max: 60, noNaN: true }),
				fc.double({ min: 0.0002, max: 0.0005, noNaN: true }),
				(ratio, outM, lineM) => {
					const full = inchesPerTurnOf(ratio);
					const now = inchesPerTurnAt(full, outM, lineM);
					expect(now).toBeLessThanOrEqual(full);
					expect(now).toBeGreaterThanOrEqual(full * Math.sqrt(0.3) - 1e-9);
					expect(inchesPerTurnAt(full, outM + 5, lineM)).toBeLessThanOrEqual(now);
					expect(perTurnM(full, outM, lineM)).toBeCloseTo(now * 0.0254, 12);
				}
			)
		);
		expect(inchesPerTurnAt(30, 0, 0.0003)).toBe(30);
	});
});
