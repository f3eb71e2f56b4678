import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { completeReading } from '../../water/reading/complete';
import { callInputSchema } from '../../foundation/schema/call';
import { readingSchema, type ReadingInput } from '../../foundation/schema/reading';
import type { Rig } from '../../foundation/schema/rig';
import { likelyReading } from '../../testing/waters';
import { recommendedOunces, recommendedPace } from '../scoring/recommended';
import { call } from './call';

/** Waters that every rule below is tried on; no case was chosen by hand. */
const WATERS = 1500;
const SEED = 20261;

const complete = (reading: ReadingInput) => completeReading(readingSchema.parse(reading));

function topOf(reading: ReadingInput, stances: Record<string, string> = {}): Rig {
	const input = callInputSchema.parse({ reading, top: 1, stances });
	return call(input, { windows: false, families: false }).calls[0]!.rig;
}

const called = fc
	.sample(likelyReading, { numRuns: WATERS, seed: SEED })
	.map((given) => ({ given, reading: complete(given), rig: topOf(given) }));
type Called = (typeof called)[number];

const middleM = ({ reading }: Called): number => (reading.fishFromM + reading.fishToM) / 2;
const told = ({ given, rig }: Called): string => JSON.stringify([given, rig]);

/** Calls to which a rule applies and that break it; the rule must apply to some, or it would prove nothing. */
function broken(applies: (one: Called) => boolean, keeps: (one: Called) => boolean): string[] {
	const about = called.filter(applies);
	expect(about.length).toBeGreaterThan(20);
	return about.filter((one) => !keeps(one)).map(told);
}

describe('common sense, whatever the water', () => {
	it('no buzzbait in cool water, nor over fish that would not see it', () => {
		const cool = ({ reading }: Called) => reading.waterTemperatureC < 14;
		const under = ({ reading }: Called) => reading.fishFromM > Math.max(1.2, reading.visibilityM);
		const isBuzz = ({ rig }: Called) => rig.family === 'buzzbait';
		expect(
			broken(
				(one) => cool(one) || under(one),
				(one) => !isBuzz(one)
			)
		).toEqual([]);
		expect(called.some(isBuzz)).toBe(true);
	});

	it('nothing faster than 0.75 m/s for sluggish fish in 12 C or less', () => {
		const slow = ({ reading }: Called) => reading.mood === 'sluggish' && reading.waterTemperatureC <= 12;
		expect(broken(slow, ({ rig }) => rig.retrieve.speedMps <= 0.75)).toEqual([]);
	});

	it('nothing under 1/2 oz beyond 4.5 m', () => {
		expect(
			broken(
				(one) => middleM(one) > 4.5,
				({ rig }) => rig.weightOz >= 0.5
			)
		).toEqual([]);
	});

	it('nothing over 1/2 oz for a high band over thin water', () => {
		const thin = ({ reading }: Called) => reading.fishToM <= 1.5 && reading.bottomM < 2;
		expect(broken(thin, ({ rig }) => rig.weightOz <= 0.5)).toEqual([]);
	});

	it('a spinnerbait wears a Colorado at night', () => {
		const atNight = ({ reading, rig }: Called) => reading.light === 'night' && rig.family === 'spinnerbait';
		expect(broken(atNight, ({ rig }) => rig.blades.some(({ style }) => style === 'colorado'))).toEqual([]);
	});

	it('no black skirt where silver bait is seen by day', () => {
		const silver = ({ reading }: Called) =>
			reading.visibilityM > 1 &&
			reading.light === 'day' &&
			reading.forage.some(({ kind, amount }) => kind === 'silver-baitfish' && amount !== 'none');
		expect(broken(silver, ({ rig }) => !['black', 'black-blue'].includes(rig.skirt.colour))).toEqual([]);
	});

	it('the rear of two blades is the larger', () => {
		const two = ({ rig }: Called) => rig.blades.length === 2;
		const larger = ({ rig }: Called) => {
			const [front, rear] = ['front', 'rear'].map((place) => rig.blades.find(({ position }) => position === place)!);
			return front!.style !== rear!.style || rear!.size > front!.size;
		};
		expect(broken(two, larger)).toEqual([]);
	});
});

describe('the water changes, the pace and the ounces follow', () => {
	const waters = fc.sample(likelyReading, { numRuns: 400, seed: SEED + 1 });
	const paceOf = (reading: ReadingInput) => recommendedPace(complete(reading), {});
	const moved = (reading: ReadingInput, byM: number): ReadingInput => ({
		...reading,
		bottomM: reading.bottomM + byM,
		fishFromM: reading.fishFromM! + byM,
		fishToM: reading.fishToM! + byM
	});

	it('colder is never quicker', () => {
		for (const reading of waters) {
			for (const colder of [1, 3, 6]) {
				const cold = paceOf({ ...reading, waterTemperatureC: Math.max(0, reading.waterTemperatureC - colder) });
				expect(cold.fastestMps).toBeLessThanOrEqual(paceOf(reading).fastestMps + 1e-9);
				expect(cold.slowestMps).toBeLessThanOrEqual(paceOf(reading).slowestMps + 1e-9);
			}
		}
	});

	it('deeper is never quicker nor lighter', () => {
		for (const reading of waters) {
			for (const byM of [0.5, 1.5, 4]) {
				expect(paceOf(moved(reading, byM)).fastestMps).toBeLessThanOrEqual(paceOf(reading).fastestMps + 1e-9);
				const [now, then] = [reading, moved(reading, byM)].map((one) => recommendedOunces(complete(one)));
				expect(then![0]).toBeGreaterThanOrEqual(now![0] - 1e-9);
				expect(then![1]).toBeGreaterThanOrEqual(now![1] - 1e-9);
			}
		}
	});

	it('darker and dirtier are never quicker, and a worse mood never is', () => {
		for (const reading of waters) {
			const { fastestMps } = paceOf(reading);
			const worse: ReadingInput[] = [
				{ ...reading, light: 'night' },
				{ ...reading, visibilityM: reading.visibilityM / 2 },
				{ ...reading, mood: 'sluggish' },
				{ ...reading, events: ['front-passed'] }
			];
			for (const one of worse) expect(paceOf(one).fastestMps).toBeLessThanOrEqual(fastestMps + 1e-9);
		}
	});

	it('no window is empty or upside down', () => {
		for (const reading of waters) {
			const { slowestMps, fastestMps } = paceOf(reading);
			expect(slowestMps).toBeGreaterThanOrEqual(0.3);
			expect(fastestMps).toBeGreaterThan(slowestMps);
		}
	});
});

describe('what a lure hangs on', () => {
	const lure = ({ rod, reel, headShape, hook, screwIn, ...rest }: Rig) => {
		expect([rod, reel, headShape, hook, screwIn]).toBeDefined();
		return rest;
	};

	it('is decided last: a lock on rod, reel or head form changes neither family nor lure', () => {
		const locks = fc.constantFrom(
			{ rod: { power: 'heavy' as const } },
			{ rod: { lengthIn: 82 } },
			{ reel: { kind: 'spinning' as const } },
			{ reel: { ratio: 6.1 } },
			{ headShape: 'deflect' as const },
			{ headShape: 'grass' as const }
		);
		fc.assert(
			fc.property(likelyReading, locks, (reading, lock) => {
				const input = { reading, top: 4 };
				const free = call(callInputSchema.parse(input), { windows: false });
				const locked = call(callInputSchema.parse({ ...input, locks: lock }), { windows: false });
				expect(locked.calls.map(({ rig }) => lure(rig))).toEqual(free.calls.map(({ rig }) => lure(rig)));
				expect(locked.calls.map(({ score }) => score)).toEqual(free.calls.map(({ score }) => score));
				for (const { rig } of locked.calls) expect(rig).toMatchObject(lock);
			}),
			{ numRuns: 80, seed: SEED }
		);
	});
});

describe('what the angler takes or locks himself', () => {
	const stiff: ReadingInput = {
		waterTemperatureC: 7,
		visibilityM: 0.3,
		stain: 'mud',
		bottomM: 2.5,
		fishFromM: 0,
		fishToM: 1,
		mood: 'sluggish'
	};

	it('may be faster than common sense', () => {
		expect(topOf(stiff).retrieve.speedMps).toBeLessThanOrEqual(0.75);
		const locked = call(callInputSchema.parse({ reading: stiff, locks: { retrieve: { speedMps: 1.3 } } }));
		expect(locked.calls[0]!.rig.retrieve.speedMps).toBe(1.3);
		expect(topOf(stiff, { 'MUD-BLADE': 'knock' }).retrieve.style).toMatch(/burn/);
	});
});
