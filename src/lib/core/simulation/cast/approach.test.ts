import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { towInputSchema } from '../../foundation/schema/tow';
import { approaches, APPROACH_DEG, castsToCover, evenBank, type ApproachInput } from './approach';
import { reachingM, throwOf } from './ground';
import { depthOutM } from './soundings';
import { runOf } from '../../ranking/gate/run';
import { startBuild } from '../../rig/build/start';
import { completeReading } from '../../water/reading/complete';
import { readingSchema } from '../../foundation/schema/reading';
import { rigSchema } from '../../foundation/schema/rig';

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
const BUILT = startBuild('spinnerbait');
/** A bank that falls by a fifth. */
const BANK: ApproachInput = {
	rig,
	soundings: evenBank(5, 25),
	bottomM: 5,
	outM: 15,
	castM: 25,
	tipM: 0.6,
	countdownS: 3,
	speedMps: 0.7,
	band: { fromM: 1, toM: 2.5 },
	wind: null
};
const at = (list: ReturnType<typeof approaches>, angleDeg: number) => list.find((one) => one.angleDeg === angleDeg)!;

describe('casts at a bank', () => {
	const still = approaches(BANK);

	it('end in water, wherever one sits and however one casts', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 8, max: 30, noNaN: true }),
				fc.double({ min: 1, max: 12, noNaN: true }),
				fc.constantFrom(...APPROACH_DEG),
				(outM, bottomM, angleDeg) => {
					const bank = { ...BANK, outM, bottomM, soundings: evenBank(bottomM, 25) };
					const sine = Math.sin((angleDeg * Math.PI) / 180);
					const castM = reachingM(bank, BANK.castM, sine);
					expect(castM).toBeLessThanOrEqual(BANK.castM);
					// Nobody casts less than six meters, be it onto the bank.
					if (castM > 6) expect(depthOutM(bank.soundings, bottomM, outM - sine * castM)).toBeGreaterThanOrEqual(0.3);
				}
			)
		));

	it('are, square to the bank from where the call sits, the very cast of the call', () => {
		const reading = completeReading(
			readingSchema.parse({ waterTemperatureC: 17, visibilityM: 1, bottomM: 5, fishFromM: 1, fishToM: 2.5, castM: 20 })
		);
		const soundings = evenBank(5, 25);
		const whole = rigSchema.parse({ ...BUILT.rig, retrieve: { style: 'steady', speedMps: 0.7 } });
		const { cast, inZone } = runOf(whole, reading, { soundings });
		const { tipOutM } = throwOf(reading, soundings);
		const ways = approaches({ ...BANK, ...cast, rig: whole, castM: reading.castM, soundings, outM: tipOutM });
		expect(at(ways, 90).castM).toBe(cast.castM);
		expect(at(ways, 90).inZone).toBe(inZone);
	});

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
		expect(at(windy, 90).lineBowM).toBeCloseTo(0, 9);
		expect(at(windy, 0).lineBowM).toBeGreaterThan(at(windy, 45).lineBowM);
		expect(at(windy, 0).lineBowM).toBeLessThan(3);
	});

	it('keep a lure in the zone of a steep bank for longer along it than square to it', () => {
		// Along the bank the bottom stays where the lure can be held near it: here a slow lure at a meter and a half.
		const soundings = evenBank(10, 25);
		const steep = approaches({
			...BANK,
			soundings,
			bottomM: 10,
			outM: 4,
			countdownS: 2,
			band: { fromM: 0.8, toM: 1.6 }
		});
		expect(at(steep, 0).zoneMPerH).toBeGreaterThan(at(steep, 90).zoneMPerH);
	});

	it('cover a stretch in fewer casts the longer they are', () => {
		expect(castsToCover(BANK, 25, 60, 2)).toBe(Math.ceil((60 * 15) / 50));
		expect(castsToCover(BANK, 12, 60, 2)).toBeGreaterThan(castsToCover(BANK, 25, 60, 2));
	});
});
