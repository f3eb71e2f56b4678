import fc from 'fast-check';
import { describe, expect, it, vi } from 'vitest';
import type { Work } from '$lib/client/workers/work';
import { startBuild } from '$lib/core/rig/build/start';
import type { Approach } from '$lib/core/simulation/cast/approach';
import { groundOf, outOf, throwOf } from '$lib/core/simulation/cast/ground';
import { depthOutM, levelWater, reachM } from '$lib/core/simulation/cast/soundings';
import type { MapCell, MapInput } from '$lib/core/simulation/cast/map';
import { completeReading } from '$lib/core/water/reading/complete';
import { readingSchema } from '$lib/core/foundation/schema/reading';
import { towInputSchema, type TowSample } from '$lib/core/foundation/schema/tow';
import { anyReading } from '$lib/core/testing/arbitraries';
import { bedM, shareAt } from '../section/geometry';
import { soundedM } from '$lib/core/water/places/profile';
import { angleOf, bearingOf, bestWay, pointOf, sunText, wayText } from './bank';
import { rigWith } from './changed';
import { HANDS, PHASES } from './hands';
import { labelSides, riseDeg, sampleAt, SIGNS, stretchesOf, type Watched } from './moments';
import { measureText, readMeasure } from './measureDraft';
import { Player } from './player.svelte';
import { Searches } from './searches.svelte';

const profile = [
	{ outM: 0, depthM: 0 },
	{ outM: 8, depthM: 1 },
	{ outM: 25, depthM: 4 }
];
const beds = fc.constantFrom(levelWater(3), profile, [
	{ outM: 0, depthM: 0 },
	{ outM: 5, depthM: 2 }
]);
const RIG = { family: 'underspin', weightOz: 0.375, blades: [{ position: 'rear', style: 'willow', size: 3 }] };

describe('a cast over the drawn water', () => {
	it('stays on the water, and is one that the tow takes, whatever is read', () => {
		fc.assert(
			fc.property(anyReading, beds, fc.constantFrom('boat' as const, 'bank' as const), (input, bed, from) => {
				const reading = { ...completeReading(readingSchema.parse(input)), from };
				const thrown = throwOf(reading, bed);
				for (const xM of [0, thrown.castM]) {
					if (reachM(bed) > 9) expect(outOf(thrown, xM)).toBeGreaterThanOrEqual(0);
					if (reachM(bed) > 9) expect(outOf(thrown, xM)).toBeLessThanOrEqual(reachM(bed));
				}
				const ground = groundOf(thrown, bed, reading.bottomM, reading.cover);
				expect(towInputSchema.safeParse({ rig: RIG, castM: thrown.castM, speedMps: 1, ...ground }).success).toBe(true);
			})
		);
	});

	it('lies over the very bed that is drawn, deep at the boat, and lands in water', () => {
		const bed = { bottomM: 4, ditch: false, profile };
		const thrown = throwOf({ from: 'boat', castM: 20, bottomM: 4 }, profile);
		const { bottom } = groundOf(thrown, profile, 4, []);
		const points = 'pointsM' in bottom ? bottom.pointsM : [];
		expect(points[5]![1]).toBeCloseTo(bedM(bed, shareAt(bed, outOf(thrown, 5))), 9);
		expect(points[0]![1]).toBeGreaterThan(points[16]![1]);
		expect(depthOutM(profile, 4, outOf(thrown, thrown.castM))).toBeGreaterThanOrEqual(0.3);
		const bank = throwOf({ from: 'bank', castM: 20, bottomM: 4 }, profile);
		expect([outOf(bank, 0), outOf(bank, 20)]).toEqual([0, 20]);
	});

	it('meets what stands in its way', () => {
		const cover = { kind: 'grass-tops', density: 'medium', form: 'even', topM: 1 } as const;
		const water = levelWater(4);
		const thrown = throwOf({ from: 'boat', castM: 30, bottomM: 4 }, water);
		const { covers } = groundOf(thrown, water, 4, [cover]);
		expect(covers).toHaveLength(1);
		expect(covers[0]!.toM).toBeGreaterThan(covers[0]!.fromM);
		expect(covers[0]!.topM).toBe(1);
	});
});

it('every hand is one that the tow takes', () => {
	for (const hand of HANDS) {
		expect(towInputSchema.safeParse({ rig: RIG, castM: 20, speedMps: 1, phases: PHASES[hand] }).success).toBe(true);
	}
});

describe('a moment of a cast', () => {
	const sample = (tS: number, xM: number, zM: number, where: TowSample['where'] = 'running'): TowSample => ({
		tS,
		xM,
		zM,
		tensionN: 1,
		speedMps: 1,
		where
	});
	const samples = [
		sample(0, 20, 0, 'sinking'),
		sample(2, 20, 1, 'sinking'),
		sample(4, 18, 1.5),
		sample(6, 16, 0.5, 'cover'),
		sample(8, 14, 0.5)
	];

	it('lies between its samples, and at their ends beyond them', () => {
		expect(sampleAt(samples, 3)).toMatchObject({ xM: 19, zM: 1.25, where: 'running' });
		expect(sampleAt(samples, -1)).toMatchObject({ xM: 20, zM: 0 });
		expect(sampleAt(samples, 99)).toMatchObject({ xM: 14, zM: 0.5 });
	});

	it('rises where it becomes shallower, sinks where it becomes deeper, and is level between', () => {
		expect(riseDeg(samples, 5)).toBeCloseTo(26.57, 1);
		expect(riseDeg(samples, 3)).toBeLessThan(0);
		expect(riseDeg(samples, 7.6)).toBe(0);
	});

	it('has each label on its own side of the paths: none of several rigs covers another', () => {
		fc.assert(
			fc.property(fc.array(fc.double({ min: 0, max: 9, noNaN: true }), { minLength: 1, maxLength: 3 }), (depths) => {
				const watched = depths.map((zM, at): Watched => ({
					band: null,
					sign: SIGNS[at]!,
					tow: {
						endS: 2,
						turns: 1,
						depths: [],
						covers: [],
						peakTensionN: 1,
						samples: [sample(0, 9, zM), sample(2, 1, zM)]
					}
				}));
				const sides = labelSides(watched, 1);
				expect(new Set(sides).size).toBe(depths.length);
				if (depths.length < 2) return;
				expect(depths[sides.indexOf('over')]).toBe(Math.min(...depths));
				expect(depths[sides.indexOf('under')]).toBe(Math.max(...depths));
			})
		);
	});

	it('belongs to one stretch, and the stretches are the whole cast', () => {
		const stretches = stretchesOf(samples, { fromM: 1, toM: 2 });
		expect(stretches.map(({ what }) => what)).toEqual(['sinking', 'in', 'cover', 'out']);
		expect([stretches[0]!.fromS, stretches.at(-1)!.toS]).toEqual([0, 8]);
		for (const [at, { toS }] of stretches.slice(0, -1).entries()) expect(stretches[at + 1]!.fromS).toBe(toS);
	});

	it('of a lure that has no band is at work on top, for as long as it stays there', () => {
		const on = (tS: number, where: TowSample['where']): TowSample => ({ ...sample(tS, 10 - tS, 0), where });
		const cast = [on(0, 'sinking'), on(1, 'surface'), on(4, 'running'), on(5, 'surface'), on(6, 'surface')];
		expect(stretchesOf(cast, null).map(({ what }) => what)).toEqual(['sinking', 'in', 'out', 'in']);
	});
});

describe('a rig with one thing changed', () => {
	const { rig } = startBuild('spinnerbait');

	it('is the same rig but for that, and the hand’s own doing is no part of it', () => {
		expect(rigWith(rig, { kind: 'speed', speedMps: 0.7, share: 1 })).toEqual({
			...rig,
			retrieve: { ...rig.retrieve, speedMps: 0.7 }
		});
		expect(rigWith(rig, { kind: 'weight', weightOz: 1, share: 1 })).toEqual({ ...rig, weightOz: 1 });
		expect(rigWith(rig, { kind: 'line', testLb: 12, share: 1 })!.line).toEqual({ ...rig.line, testLb: 12 });
		expect(rigWith(rig, { kind: 'count', countdownS: 4, share: 1 })).toBeNull();
		expect(rigWith(rig, { kind: 'tip', tipM: 1, share: 1 })).toBeNull();
	});

	it('gets a trailer that it can wear, in its skirt’s color', () => {
		const bare = { ...rig, trailer: null };
		const dressed = rigWith(bare, { kind: 'trailer', trailer: 'grub', share: 1 })!;
		expect(dressed.trailer).toMatchObject({ kind: 'grub', colour: rig.skirt.colour });
		const nude = { ...bare, skirt: { ...rig.skirt, colour: 'none' as const } };
		expect(rigWith(nude, { kind: 'trailer', trailer: 'grub', share: 1 })!.trailer!.colour).toBe('white');
	});
});

describe('the moment that is looked at', () => {
	it('is the middle of a new cast until one was chosen, plays to the end, and begins again from there', () => {
		const player = new Player();
		player.show(20);
		expect(player.atS).toBeCloseTo(11, 9);
		player.scrub(4);
		player.show(30);
		expect(player.atS).toBe(4);
		player.toggle(30);
		expect(player.tick(1, 30)).toBe(true);
		expect(player.atS).toBe(7);
		expect(player.tick(99, 30)).toBe(false);
		expect([player.atS, player.playing]).toEqual([30, false]);
		player.toggle(30);
		expect([player.atS, player.playing]).toEqual([0, true]);
		player.toggle(30);
		expect(player.playing).toBe(false);
	});
});

describe('maps and searches', () => {
	const input = towInputSchema.parse({ rig: RIG, castM: 20, speedMps: 1, band: { fromM: 0, toM: 1 } }) as MapInput;
	const cell = (speedMps: number) => ({ weightOz: 0.5, speedMps, outcome: 'in', share: 1, depthM: 1 }) as MapCell;

	it('begin once the hand rests, fill as they are told, and one that was left fills nothing', async () => {
		vi.useFakeTimers();
		const tells: ((cells: MapCell[]) => void)[] = [];
		const map = vi.fn((_input: MapInput, _measured: object, tell: (cells: MapCell[]) => void) => {
			tells.push(tell);
			return Promise.resolve(true);
		});
		const searches = new Searches();
		const work = { map } as unknown as Work;
		searches.map(work, input, {})();
		await vi.advanceTimersByTimeAsync(1000);
		expect(map).not.toHaveBeenCalled();
		const leave = searches.map(work, input, {});
		await vi.advanceTimersByTimeAsync(1000);
		tells[0]!([cell(1)]);
		tells[0]!([cell(2)]);
		expect(searches.cells.map(({ speedMps }) => speedMps)).toEqual([1, 2]);
		expect(searches.done).toBeCloseTo(2 / 400, 9);
		leave();
		tells[0]!([cell(3)]);
		expect(searches.cells).toHaveLength(2);
		vi.useRealTimers();
	});

	it('say what works as it is and what would be better, and when they have looked at all', async () => {
		vi.useFakeTimers();
		const changes = (_input: object, _measured: object, tell: (found: object[]) => void) => {
			tell([{ kind: 'own', share: 0.3 }]);
			tell([{ kind: 'count', countdownS: 5, share: 0.8 }]);
			return Promise.resolve(true);
		};
		const searches = new Searches();
		searches.look({ changes } as unknown as Work, input, {});
		expect(searches.busy).toBe(true);
		await vi.advanceTimersByTimeAsync(1000);
		expect([searches.own, searches.busy]).toEqual([0.3, false]);
		expect(searches.changes).toEqual([{ kind: 'count', countdownS: 5, share: 0.8 }]);
		vi.useRealTimers();
	});
});

describe('the bank', () => {
	const profile = [
		{ outM: 0, depthM: 0 },
		{ outM: 8, depthM: 2 },
		{ outM: 20, depthM: 6.5 }
	];

	it('is as deep as it was sounded, between the soundings too, and level beyond them', () => {
		expect([0, 4, 8, 14, 30].map((outM) => soundedM(profile, outM))).toEqual([0, 1, 2, 4.25, 6.5]);
	});

	it('turns bearings into angles of a cast and back', () => {
		fc.assert(
			fc.property(fc.integer({ min: 0, max: 359 }), fc.integer({ min: 0, max: 359 }), (angle, bank) => {
				expect(angleOf(bearingOf(angle, bank), bank)).toBe(angle);
			})
		);
		// Whoever looks from the bank to the south casts northwards when square to it, and has the east on the right.
		expect([pointOf(bearingOf(90, 180)), pointOf(bearingOf(180, 180))]).toEqual(['north', 'east']);
	});

	it('says on which side the sun stands and where the shadow falls', () => {
		expect(sunText(270, 30)).toContain('behind you');
		expect(sunText(90, 30)).toContain('over the bank');
		expect(sunText(0, 30)).toContain('on your left');
		expect(sunText(180, 30)).toContain('falls to the left');
		expect(sunText(180, -2)).toContain('no shadow');
	});

	it('names every way of casting', () => {
		expect([0, 30, 90, 150, 180].map(wayText)).toEqual([
			'along the bank, left',
			'30° off the bank, left',
			'square to the bank',
			'30° off the bank, right',
			'along the bank, right'
		]);
	});
});

describe('a measurement', () => {
	it('is read in the units of the angler, and told where it is none', () => {
		const read = readMeasure('fall', { toM: '10', seconds: '6,5' }, 'imperial', 0.7);
		expect(read).toEqual({ measure: { kind: 'fall', toM: expect.closeTo(3.048, 6) as number, seconds: 6.5 } });
		const wrong = readMeasure('fall', { toM: 'deep', seconds: '0' }, 'metric', 0.7);
		expect(wrong).toEqual({ wrong: { toM: 'Enter a number.', seconds: 'At least .2 s.' } });
	});

	it('takes turns of the handle for the speed they are', () => {
		const typed = { castM: '22', tipM: '0.6', countdownS: '3', speedMps: '1.5', atM: '14', toM: '2' };
		const read = readMeasure('tick', typed, 'metric', 0.6);
		expect('measure' in read && read.measure).toMatchObject({
			kind: 'tick',
			speedMps: expect.closeTo(0.9, 9) as number
		});
		if ('measure' in read)
			expect(measureText(read.measure, 'metric')).toBe(
				'touches bottom in 2\u202fm at 14\u202fm of 22\u202fm, reeled at 0.9\u202fm/s'
			);
	});
});

describe('the way to cast at a bank', () => {
	const way = (angleDeg: number, zoneMPerH: number): Approach => ({
		angleDeg,
		castM: 24,
		castS: 25,
		castsPerH: 140,
		zoneM: 10,
		inZone: 0.5,
		zoneMPerH,
		lineBowM: 0
	});
	const ways = [way(0, 0), way(45, 2200), way(90, 1600), way(135, 2100), way(180, 0)];

	it('is the one that keeps the lure in the zone longest, and names the lane that the wind opens', () => {
		expect(bestWay(ways, 90)).toMatchObject({ way: { angleDeg: 45 }, lane: { angleDeg: 90 } });
		expect(bestWay(ways, 50)).toMatchObject({ way: { angleDeg: 45 }, lane: { angleDeg: 45 } });
		expect(bestWay(ways, 270)).toMatchObject({ way: { angleDeg: 45 }, lane: null });
		expect(bestWay(ways, null)).toMatchObject({ way: { angleDeg: 45 }, lane: null });
		expect(bestWay([], 90)).toBeNull();
	});

	it('is the best row of its own table, whatever the wind', () => {
		const some = fc.array(fc.tuple(fc.integer({ min: 0, max: 12 }), fc.nat(3000)), { minLength: 1, maxLength: 13 });
		fc.assert(
			fc.property(some, fc.integer({ min: 0, max: 359 }), (cells, wind) => {
				const all = cells.map(([step, zone]) => way(15 * step, zone));
				const most = Math.max(...all.map(({ zoneMPerH }) => zoneMPerH));
				expect(bestWay(all, wind)!.way.zoneMPerH).toBe(most);
			})
		);
	});
});
