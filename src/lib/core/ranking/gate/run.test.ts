import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkBuild } from '../../rig/bench/checks/checkBuild';
import { UNWORN } from '../../rig/bench/checks/subject';
import { buildOf } from '../../rig/build/buildOf';
import { startBuild } from '../../rig/build/start';
import { WEIGHTS_OZ } from '../../foundation/catalogue/parts';
import { completeReading } from '../../water/reading/complete';
import { readingSchema } from '../../foundation/schema/reading';
import type { Rig } from '../../foundation/schema/rig';
import { towInputSchema } from '../../foundation/schema/tow';
import { FAMILIES } from '../../foundation/schema/words';
import { anyReading } from '../../testing/arbitraries';
import { tow } from '../../simulation/cast/tow';
import { approaches } from '../../simulation/cast/approach';
import { throwOf } from '../../simulation/cast/ground';
import { type Soundings } from '../../simulation/cast/soundings';
import { call } from '../answer/call';
import { betterCasts, castOf, runningOn, runOf } from './run';

const anyRig: fc.Arbitrary<Rig> = fc
	.record({
		family: fc.constantFrom(...FAMILIES),
		weightOz: fc.constantFrom(...WEIGHTS_OZ),
		speedMps: fc.double({ min: 0.3, max: 1.8, noNaN: true })
	})
	.map(({ family, weightOz, speedMps }) => {
		const { rig } = startBuild(family);
		return { ...rig, weightOz, retrieve: { ...rig.retrieve, speedMps } };
	});
const anyWater = anyReading.map((input) => completeReading(readingSchema.parse(input)));
const anySoundings: fc.Arbitrary<Soundings | undefined> = fc.option(
	fc
		.array(fc.double({ min: 0.3, max: 9, noNaN: true }), { minLength: 2, maxLength: 5 })
		.map((depths) => [{ outM: 0, depthM: 0 }, ...depths.map((depthM, at) => ({ outM: 8 * (at + 1), depthM }))]),
	{ nil: undefined }
);

describe('one story of how a rig runs', () => {
	it('is told alike by every entry point, to the last digit', () => {
		fc.assert(
			fc.property(anyRig, anyWater, (rig, reading) => {
				const run = runOf(rig, reading);
				const cast = castOf(rig, reading);
				expect(run.cast).toEqual(cast);
				expect(tow({ rig, ...cast }).band!.distanceShare).toBe(run.inZone);
				if (rig.family === 'buzzbait') return;
				const depth = checkBuild(buildOf(rig), reading, UNWORN).find(({ id }) => id === 'depth')!;
				expect(depth.value).toBe(run.inZone);
			}),
			{ numRuns: 300, seed: 11 }
		);
	});

	it('is a cast that the simulation takes as it is, on any water', () => {
		fc.assert(
			fc.property(anyRig, anyWater, anySoundings, (rig, reading, soundings) => {
				const { error } = towInputSchema.safeParse({ rig, ...castOf(rig, reading, { soundings }) });
				expect(error?.issues ?? []).toEqual([]);
			}),
			{ numRuns: 500, seed: 7 }
		);
	});

	it('is a cast over pads for a lure that they catch, however deep under them the fish are', () => {
		const cover = [{ kind: 'pads', density: 'thick', form: 'even', topM: 0 }];
		const water = { waterTemperatureC: 9, visibilityM: 1.4, bottomM: 2.5, cover, fishFromM: 0.8, fishToM: 1.7 };
		const { rig } = startBuild('underspin');
		const run = runOf(rig, completeReading(readingSchema.parse(water)));
		expect(towInputSchema.safeParse({ rig, ...run.cast }).error).toBeUndefined();
		expect(run.inZone).toBe(0);
	});

	it('is the call’s own, and that of whoever sits where the call casts from', () => {
		fc.assert(
			fc.property(anyReading, anySoundings, (input, soundings) => {
				const [top] = call({ reading: readingSchema.parse(input), top: 1 }, { families: false }).calls;
				if (!top) return;
				const reading = completeReading(readingSchema.parse(input));
				expect(top.run).toEqual(runOf(top.rig, reading));
				if (!soundings || reading.from === 'bank') return;
				const { cast, inZone } = runOf(top.rig, reading, { soundings });
				const { tipOutM: outM } = throwOf(reading, soundings);
				const { bottomM, castM } = reading;
				const ways = approaches({ ...cast, rig: top.rig, soundings, bottomM, outM, castM, wind: null });
				const square = ways.find(({ angleDeg }) => angleDeg === 90)!;
				// What stands in the way is counted, but does not turn the lure aside.
				expect([square.castM, square.inZone]).toEqual([cast.castM, inZone]);
			}),
			{ numRuns: 20, seed: 5 }
		);
	});

	it('tells a measured depth as one, and a modeled one as a range', () => {
		const { rig } = startBuild('spinnerbait');
		const reading = completeReading(readingSchema.parse({ waterTemperatureC: 17, visibilityM: 1, bottomM: 5 }));
		const modeled = runOf(rig, reading);
		expect(modeled.fromM).toBeLessThan(modeled.toM);
		const measured = runOf(rig, reading, { measured: { factors: { dragMul: 1.2, liftMul: 1 } } });
		expect(measured.fromM).toBe(measured.toM);
	});

	it('names changes that keep it longer in the zone, the best first', () => {
		fc.assert(
			fc.property(anyRig, anyWater, (rig, reading) => {
				const run = runOf(rig, reading);
				const { better } = runningOn(rig, reading);
				expect(better).toEqual(betterCasts(rig, reading, run));
				const shares = better.map(({ inZone }) => inZone);
				expect(shares).toEqual(shares.toSorted((a, b) => b - a));
				for (const share of shares) expect(share).toBeGreaterThan(run.inZone);
			}),
			{ numRuns: 20, seed: 2 }
		);
	});
});
