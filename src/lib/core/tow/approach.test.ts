import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { towInputSchema } from '../schema/tow';
import { approaches, APPROACH_DEG, bankDepthM, castsToCover, reachingM, type ApproachInput } from './approach';

const { rig } = towInputSchema.parse({
	rig: {
		family: 'spinnerbait',
		weightOz: 0.5,
		blades: [{ position: 'rear', style: 'colorado', size: 4 }],
		line: { type: 'fluorocarbon', testLb: 17 }
	},
	castM: 24,
	speedMps: 0.7
});
const BANK: ApproachInput = {
	rig,
	boatM: 3,
	slope: 0.2,
	castM: 25,
	tipM: 0.6,
	countdownS: 3,
	speedMps: 0.7,
	overM: 0.8,
	wind: null
};
const at = (list: ReturnType<typeof approaches>, angleDeg: number) => list.find((one) => one.angleDeg === angleDeg)!;

describe('casts at a bank', () => {
	const still = approaches(BANK);

	it('end in water, wherever one sits and however one casts', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 1, max: 8, noNaN: true }),
				fc.double({ min: 0.02, max: 0.6, noNaN: true }),
				fc.constantFrom(...APPROACH_DEG),
				(boatM, slope, angleDeg) => {
					const bank = { ...BANK, boatM, slope };
					const castM = reachingM(bank, angleDeg);
					expect(castM).toBeLessThanOrEqual(BANK.castM);
					expect(bankDepthM(bank, angleDeg, castM)).toBeGreaterThanOrEqual(0.3);
					// By the model's own words: d0 - s sin(a) x, and no shallower than .3 m.
					const sine = Math.sin((angleDeg * Math.PI) / 180);
					expect(bankDepthM(bank, angleDeg, 2)).toBeCloseTo(Math.max(0.3, boatM - slope * sine * 2), 9);
				}
			)
		));

	it('are the same to either side in a calm', () => {
		for (const one of still) expect(at(still, 180 - one.angleDeg)).toEqual({ ...one, angleDeg: 180 - one.angleDeg });
	});

	it('take throw, count, winding and seven seconds', () => {
		const square = at(still, 90);
		expect(square.castM).toBeCloseTo(13.5, 9);
		const winding = square.castS - 13.5 / 16 - 7 - BANK.countdownS;
		expect(winding).toBeGreaterThan((13.5 - 3) / 0.7 - 2);
		expect(winding).toBeLessThan(13.5 / 0.7 + 2);
		expect(square.castsPerH).toBeCloseTo(3600 / square.castS, 9);
	});

	it('bow in a wind across them, not in one along them', () => {
		const windy = approaches({ ...BANK, wind: { mps: 6, fromDeg: 90 } });
		expect(at(windy, 90).bowM).toBeCloseTo(0, 9);
		expect(at(windy, 0).bowM).toBeGreaterThan(at(windy, 45).bowM);
		expect(at(windy, 0).bowM).toBeLessThan(3);
	});

	it('keep a lure in the zone of a steep bank for longer along it than square to it', () => {
		// Along the bank the bottom stays where the lure can be held near it: here a slow lure at a metre and a half.
		const steep = approaches({ ...BANK, boatM: 1.5, slope: 0.4, countdownS: 2 });
		expect(at(steep, 0).zoneMPerH).toBeGreaterThan(at(steep, 90).zoneMPerH);
	});

	it('cover a stretch in fewer casts the longer they are', () => {
		expect(castsToCover(BANK, 25, 60, 2)).toBe(Math.ceil((60 * 13.5) / 50));
		expect(castsToCover(BANK, 12, 60, 2)).toBeGreaterThan(castsToCover(BANK, 25, 60, 2));
	});
});
