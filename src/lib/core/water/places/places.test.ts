import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { completeReading } from '../reading/complete';
import { readingSchema, type ReadingInput } from '../../foundation/schema/reading';
import { ashore, bankNear, lookingFrom, profileFrom } from './bank';
import { Depths, type Sounding } from './depths';
import { edgesOf, type Growth } from './growth';
import { distanceM, movedBy, planeAbout, type Point } from './plane';
import { dropM, soundedM } from './profile';
import { cornersOf, proposalsIn, searchedIn } from './propose';
import { spotConditionsOf, placeReasons, type SpotPlace } from './rank';
import { shadeM } from './shade';
import { fetchM, isOnWater, openness, widthM, type Ring } from './shore';
import { twinsOf, type TwinPlace } from './twins';
import { surfaceAt, waveM } from './waves';

const at = (eastM: number, northM: number): Point => ({ eastM, northM });
const box = (west: number, south: number, east: number, north: number): Ring => [
	at(west, south),
	at(east, south),
	at(east, north),
	at(west, north)
];
/** A water of 1000 by 400 m with an island of 100 by 100 m in its middle. */
const LAKE = [box(0, 0, 1000, 400), box(450, 150, 550, 250)];
const read = (more: Partial<ReadingInput> = {}) =>
	completeReading(readingSchema.parse({ waterTemperatureC: 18, visibilityM: 1.4, bottomM: 4, ...more }));

describe('the plane of a water', () => {
	it('is true to a thousandth, and leads back', () => {
		const plane = planeAbout([0.6, 44.1]);
		// A hundredth of a degree of latitude is 1111.95 m on a globe of the mean radius.
		expect(plane.pointOf([0.6, 44.11]).northM).toBeCloseTo(1111.95, 1);
		expect(plane.pointOf([0.61, 44.1]).eastM).toBeCloseTo(1111.95 * Math.cos((44.1 * Math.PI) / 180), 1);
		fc.assert(
			fc.property(
				fc.double({ min: 0.55, max: 0.65, noNaN: true }),
				fc.double({ min: 44.05, max: 44.15, noNaN: true }),
				(lon, lat) => {
					const [back, up] = plane.placeOf(plane.pointOf([lon, lat]));
					expect(Math.abs(back - lon) + Math.abs(up - lat)).toBeLessThan(1e-9);
				}
			)
		);
	});
});

describe('fetch', () => {
	// Worked by hand on the rectangle: 5 m off the bank, then straight into the wind.
	it.each([
		['over the whole length', at(0, 100), 90, 90, 995],
		['square across', at(200, 0), 0, 0, 395],
		['to the island', at(0, 200), 90, 90, 445],
		['at thirty degrees to the bank', at(200, 0), 0, 30, 395 / Math.cos(Math.PI / 6)],
		['from over the own bank', at(200, 0), 0, 180, 5]
	] as const)('%s', (_, spot, bank, from, metres) => {
		const fetch = fetchM(LAKE, spot, bank, from)!;
		expect(Math.abs(fetch / metres - 1)).toBeLessThan(0.01);
	});

	it('is unknown without a shore, and nothing where the spot is not on the water', () => {
		expect(fetchM([], at(0, 0), 0, 0)).toBeNull();
		expect(fetchM(LAKE, at(500, 200), 0, 0)).toBe(0);
	});

	it('is never longer than the water, whatever the wind', () => {
		fc.assert(
			fc.property(fc.integer({ min: 0, max: 359 }), fc.integer({ min: 10, max: 990 }), (from, east) => {
				const fetch = fetchM(LAKE, at(east, 0), 0, from);
				expect(fetch).not.toBeNull();
				expect(fetch!).toBeGreaterThanOrEqual(0);
				expect(fetch!).toBeLessThanOrEqual(Math.hypot(1000, 400));
			})
		);
	});

	it('raises no more than the wind on open water, and more the farther it comes', () => {
		// 10 m/s over 10 km: the chart of the manual gives about 0.6 m.
		expect(waveM(10, 10_000)).toBeCloseTo(0.61, 1);
		expect(surfaceAt(8, 20)).toBe('ripple');
		expect(surfaceAt(8, null)).toBe(surfaceAt(8, 1e6));
		expect(surfaceAt(0, 1000)).toBe('calm');
		fc.assert(
			fc.property(
				fc.double({ min: 0.1, max: 15, noNaN: true }),
				fc.double({ min: 1, max: 20_000, noNaN: true }),
				(wind, fetch) => {
					expect(waveM(wind, fetch * 1.5)).toBeGreaterThan(waveM(wind, fetch));
					expect(waveM(wind * 1.5, fetch)).toBeGreaterThan(waveM(wind, fetch));
				}
			)
		);
	});
});

describe('shores', () => {
	it('tell water from land and islands, width, and points from pockets', () => {
		expect([at(10, 10), at(500, 200), at(-5, 10)].map((point) => isOnWater(LAKE, point))).toEqual([true, false, false]);
		expect(widthM(LAKE, at(200, 100), 90)).toBeCloseTo(400, 6);
		const [straight, pocket, point] = [at(200, 0), at(0, 0), at(450, 150)].map((where) => openness(LAKE, where, 40));
		expect(straight).toBeCloseTo(0.5, 1);
		expect(pocket).toBeCloseTo(0.25, 1);
		expect(point).toBeCloseTo(0.75, 1);
	});
});

describe('shade', () => {
	it.each([
		['a high bank in the south under a noon sun', 10, 0, 180, 45, 10],
		['a low sun', 10, 0, 180, 30, 17.32],
		['a sun off to the side', 10, 0, 240, 30, 8.66],
		['a sun over the water', 10, 0, 0, 30, 0],
		['no trees', 0, 0, 180, 30, 0],
		['night', 5, 0, 180, -3, Infinity]
	])('%s', (_, height, bank, azimuthDeg, elevationDeg, metres) => {
		expect(shadeM(height, bank, { azimuthDeg, elevationDeg })).toBeCloseTo(metres, 1);
	});
});

const STEEP = [
	{ outM: 0, depthM: 0 },
	{ outM: 8, depthM: 2 },
	{ outM: 20, depthM: 6.5 },
	{ outM: 32, depthM: 8 }
];
const FLAT = [
	{ outM: 0, depthM: 0 },
	{ outM: 30, depthM: 1.2 }
];

describe('a spot in an hour', () => {
	const spot: SpotPlace = { bankBearingDeg: 90, profile: STEEP, bankHeightM: 10, at: at(0, 100) };
	const sun = { azimuthDeg: 270, elevationDeg: 30 };
	const blown = { weather: { windMps: 6, windFromDeg: 90 }, sun, shores: LAKE };

	it('knows its wind, waves, shade and arm', () => {
		expect(spotConditionsOf(spot, blown)).toMatchObject({ bank: 'windblown', fetchM: 995, wind: 'chop', isArm: false });
		expect(spotConditionsOf(spot, blown).shadeM).toBeCloseTo(17.32, 1);
		const arm = { ...blown, shores: [box(0, 0, 1000, 200)] };
		expect(spotConditionsOf(spot, arm).isArm).toBe(true);
		const lee = spotConditionsOf(spot, { ...blown, weather: { windMps: 6, windFromDeg: 270 } });
		expect([lee.bank, lee.wind]).toEqual(['sheltered', 'calm']);
		expect(spotConditionsOf({ ...spot, at: null }, blown)).toMatchObject({ fetchM: null, isArm: false });
	});

	it('is spoken for by the craft’s own rules, each with its strength', () => {
		const reasons = placeReasons(spotConditionsOf(spot, blown), read(), spot);
		expect(reasons.map(({ claim, points }) => [claim, points])).toEqual([
			['POS-01', 3],
			['POS-02', 2]
		]);
		const summer = read({ phase: 'summer', sky: 'sun', cover: [{ kind: 'rock', density: 'sparse', topM: 3 }] });
		const said = placeReasons(spotConditionsOf(spot, blown), summer, spot).map(({ claim }) => claim);
		expect(said.filter((claim) => claim === 'POS-07')).toHaveLength(2);
		const winter = read({ phase: 'winter', dayLength: 'growing', sky: 'sun', bottomM: 1.2 });
		const shallow = { ...spot, profile: FLAT, bankHeightM: 0 };
		expect(placeReasons(spotConditionsOf(shallow, blown), winter, shallow).map(({ claim }) => claim)).toContain(
			'POS-06'
		);
	});

	it('is worth nothing less for more wind on its bank, up to chop', () => {
		const points = [0, 2, 4, 6].map((windMps) => {
			const lie = spotConditionsOf(spot, { ...blown, weather: { windMps, windFromDeg: 90 } });
			return placeReasons(lie, read(), spot).reduce((sum, one) => sum + one.points, 0);
		});
		expect(points).toEqual(points.toSorted((a, b) => a - b));
		expect(points[0]).toBeLessThan(points[3]!);
	});
});

describe('depths', () => {
	it('of a profile hold at its ends and between', () => {
		expect([0, 4, 8, 14, 50].map((outM) => soundedM(STEEP, outM))).toEqual([0, 1, 2, 4.25, 8]);
		expect(dropM(STEEP)).toBeCloseTo(soundedM(STEEP, 26) - 1.5, 9);
		expect(dropM(FLAT)).toBe(0);
	});

	it('by soundings are those that were measured, never beyond them, and unknown on land or far from any', () => {
		const soundings: Sounding[] = [1, 2, 3, 4].map((depthM, index) => ({ ...at(200 + 20 * index, 200), depthM }));
		const depths = new Depths(LAKE, soundings);
		for (const one of soundings) expect(depths.at(one)).toBeCloseTo(one.depthM, 9);
		expect(depths.at(at(500, 200))).toBeNull();
		expect(depths.at(at(800, 200))).toBeNull();
		fc.assert(
			fc.property(fc.integer({ min: 190, max: 270 }), fc.integer({ min: 150, max: 250 }), (east, north) => {
				const depth = depths.at(at(east, north));
				expect(depth).not.toBeNull();
				expect(depth!).toBeGreaterThanOrEqual(1);
				expect(depth!).toBeLessThanOrEqual(4);
			})
		);
	});
});

describe('a bank', () => {
	it.each([
		['south', at(300, 30), at(300, 0), 0],
		['north', at(300, 380), at(300, 400), 180],
		['west', at(20, 200), at(0, 200), 90],
		['the island’s east', at(560, 200), at(550, 200), 90]
	])('in the %s looks over the water', (_, point, where, bearingDeg) => {
		const bank = bankNear(LAKE, point)!;
		expect(bank.at).toEqual(where);
		expect(bank.bearingDeg).toBe(bearingDeg);
		expect(bank.awayM).toBeCloseTo(distanceM(point, where), 9);
	});

	it('looks to the water from wherever it is asked for', () => {
		expect(bankNear([], at(0, 0))).toBeNull();
		fc.assert(
			fc.property(fc.integer({ min: -50, max: 1050 }), fc.integer({ min: -50, max: 450 }), (east, north) => {
				const bank = bankNear(LAKE, at(east, north))!;
				// A corner has two sides; a step along it to either is enough to be over water.
				const ahead = [0, -20, 20].map((turn) => isOnWater(LAKE, movedBy(bank.at, bank.bearingDeg + turn, 4)));
				expect(ahead).toContain(true);
			})
		);
	});

	it('has its profile by the soundings, from the shore out, or from a place far from any', () => {
		const soundings = Array.from({ length: 40 }, (_, step) => ({
			...at(300, 2 + 5 * step),
			depthM: 0.1 * (2 + 5 * step)
		}));
		const depths = new Depths(LAKE, soundings);
		expect(ashore(LAKE, at(300, 20))).toEqual(at(300, 0));
		expect(ashore(LAKE, at(300, 120))).toEqual(at(300, 120));
		const near = lookingFrom(depths, at(300, 0));
		expect(near.bearingDeg).toBe(0);
		const depthsOut = near.profile!.map(({ depthM }) => depthM);
		expect(depthsOut).toEqual(depthsOut.toSorted((a, b) => a - b));
		expect(near.profile!.at(-1)).toMatchObject({ outM: 30 });
		expect(lookingFrom(depths, at(300, 120)).profile![0]!.depthM).toBeCloseTo(depths.at(at(300, 120))!, 1);
		expect(profileFrom(new Depths([], []), at(0, 0), 0)).toBeNull();
		expect(lookingFrom(new Depths([], []), at(5, 5))).toEqual({ bearingDeg: 0, profile: null });
	});
});

describe('places proposed', () => {
	/** Soundings every 15 m of a bottom that is given by a function. */
	const sounded = (depthOf: (point: Point) => number): Sounding[] => {
		const found: Sounding[] = [];
		for (let east = 10; east < 1000; east += 15) {
			for (let north = 10; north < 400; north += 15) {
				const point = at(east, north);
				if (isOnWater(LAKE, point)) found.push({ ...point, depthM: depthOf(point) });
			}
		}
		return found;
	};

	it('are ditches where a ditch was dug, and nothing on a level bottom but its points', () => {
		const dug = sounded(({ northM }) => (Math.abs(northM - 100) <= 8 ? 4.5 : 2.5));
		const ditches = proposalsIn(new Depths(LAKE, dug)).filter(({ kind }) => kind === 'ditch');
		expect(ditches.length).toBeGreaterThan(0);
		for (const one of ditches) {
			expect(Math.abs(one.northM - 100)).toBeLessThan(25);
			expect([one.claim, one.sure]).toEqual(['POS-10', 'many soundings nearby']);
		}
		const level = proposalsIn(
			new Depths(
				LAKE,
				sounded(() => 2)
			)
		);
		expect(new Set(level.map(({ kind }) => kind))).toEqual(new Set(['point']));
		// The corners of the island are points of land; the corners of the water are pockets.
		for (const one of level) expect(distanceM(one, at(500, 200))).toBeLessThan(80);
	});

	it('are drops where shallows end over deep water', () => {
		const ledge = sounded(({ northM }) => (northM < 60 ? 1.2 : 6));
		const drops = proposalsIn(new Depths(LAKE, ledge)).filter(({ kind }) => kind === 'drop');
		expect(drops.length).toBeGreaterThan(0);
		for (const one of drops) expect(one.because).toMatch(/^\d\.\d m with \d\.\d m within 20 m/);
	});

	it('are the outside of a bend, where a channel turns, not its inside nor its straight legs', () => {
		// A channel from the west that turns north at 300 east, 5 m deep in 2.5 m.
		const inChannel = ({ eastM, northM }: Point): boolean =>
			(Math.abs(northM - 100) <= 12 && eastM <= 312) || (Math.abs(eastM - 300) <= 12 && northM >= 88);
		const dug = sounded((point) => (inChannel(point) ? 5 : 2.5));
		const bends = proposalsIn(new Depths(LAKE, dug)).filter(({ kind }) => kind === 'bend');
		expect(bends.length).toBeGreaterThan(0);
		for (const one of bends) {
			expect(one.claim).toBe('POS-07');
			expect(one.because).toMatch(/turns by (75|90|105|60)°/);
			// South-east of the corner: away from where it turns to.
			expect(distanceM(one, at(300, 100))).toBeLessThan(60);
			expect(one.eastM - 300 + (100 - one.northM)).toBeGreaterThan(0);
		}
		const straight = sounded(({ northM }) => (Math.abs(northM - 100) <= 12 ? 5 : 2.5));
		expect(proposalsIn(new Depths(LAKE, straight)).filter(({ kind }) => kind === 'bend')).toEqual([]);
	});

	it('are long narrow arms, each once, with the winds that blow down them', () => {
		// A round water with an arm of 500 by 60 m to the east of it.
		const round = Array.from({ length: 40 }, (_, corner) => movedBy(at(0, 0), (360 * corner) / 40, 300)).filter(
			({ eastM, northM }) => eastM < 280 || Math.abs(northM) > 60
		);
		const [upper, lower] = [round.filter(({ northM }) => northM > 0), round.filter(({ northM }) => northM <= 0)];
		const east = upper.toSorted((a, b) => a.eastM - b.eastM);
		const west = lower.toSorted((a, b) => b.eastM - a.eastM);
		const shore = [...east, at(290, 30), at(800, 30), at(800, -30), at(290, -30), ...west];
		const arms = proposalsIn(new Depths([shore], [])).filter(({ kind }) => kind === 'arm');
		expect(arms).toHaveLength(1);
		expect(arms[0]).toMatchObject({ claim: 'POS-09', sure: 'from the shoreline only' });
		expect(arms[0]!.eastM).toBeGreaterThan(250);
		expect(arms[0]!.because).toMatch(/from 90° or 270°/);
	});

	describe('at the edges of what grows', () => {
		const LEVEL = new Depths(
			LAKE,
			sounded(() => 2.5)
		);
		const kinds = (growths: readonly Growth[], depths = LEVEL) => edgesOf(depths, growths);

		it('are proposed with the others, and how well they are sounded', () => {
			const ring = [at(150, 50), at(250, 50), at(250, 150), at(150, 150)];
			const found = proposalsIn(LEVEL, [{ kind: 'weed', ring }]).filter(({ kind }) => kind === 'turn');
			expect(found.length).toBeGreaterThan(0);
			expect(new Set(found.map(({ sure }) => sure))).toEqual(new Set(['many soundings nearby']));
		});

		it('are the turns of weed that look out on open water', () => {
			const ring = [at(150, 50), at(250, 50), at(250, 150), at(150, 150)];
			const found = kinds([{ kind: 'weed', ring }]);
			expect(found.map(({ claim, because }) => [claim, because])).toEqual(
				found.map(() => ['POS-07', 'A point in the weed in 2.5 m: a sharp bend in its edge (90°).'])
			);
			expect(found).toHaveLength(4);
			for (const one of found) expect(Math.min(...ring.map((corner) => distanceM(one, corner)))).toBeLessThan(6);
		});

		it('are pockets where the edge turns inwards', () => {
			const ring = [
				at(100, 60),
				at(300, 60),
				at(300, 160),
				at(250, 160),
				at(250, 110),
				at(150, 110),
				at(150, 160),
				at(100, 160)
			];
			const found = kinds([{ kind: 'weed', ring }]).filter(({ because }) => because.startsWith('A pocket'));
			expect(found).toHaveLength(2);
			for (const { northM, eastM } of found) {
				expect(Math.abs(northM - 110)).toBeLessThan(6);
				expect(Math.min(Math.abs(eastM - 150), Math.abs(eastM - 250))).toBeLessThan(6);
			}
		});

		it('are none along a round bed, nor where weed meets the bank', () => {
			const round = Array.from({ length: 60 }, (_, step) => movedBy(at(200, 100), step * 6, 80));
			expect(kinds([{ kind: 'weed', ring: round }])).toEqual([]);
			// A bed along the southern shore: its two landward corners are no places.
			const bank = [at(100, 1), at(300, 1), at(300, 90), at(100, 90)];
			expect(kinds([{ kind: 'weed', ring: bank }]).map(({ northM }) => Math.round(northM / 10))).toEqual([9, 9]);
		});

		it('are where timber comes nearest to the deep, and none where its edge is level', () => {
			const ring = [at(100, 60), at(200, 60), at(200, 140), at(100, 140)];
			const slope = new Depths(
				LAKE,
				sounded(({ eastM }) => 1 + eastM / 50)
			);
			const [edge, ...more] = kinds([{ kind: 'timber', ring }], slope);
			expect(more).toEqual([]);
			expect(edge).toMatchObject({ kind: 'timber', claim: 'POS-05' });
			expect(edge!.eastM).toBeGreaterThan(190);
			expect(edge!.depthM).toBeGreaterThan(4);
			expect(kinds([{ kind: 'timber', ring }])).toEqual([]);
			expect(kinds([{ kind: 'timber', ring }], new Depths(LAKE, []))).toEqual([]);
		});
	});

	it('are looked for in so many places at most, however large the water', () => {
		for (const metres of [200, 3_000, 30_000]) {
			const round = Array.from({ length: 4000 }, (_, corner) =>
				movedBy(at(0, 0), (360 * corner) / 4000, metres * (1 + 0.1 * Math.sin(corner / 40)))
			);
			const nodes = searchedIn([round]);
			expect(nodes.length).toBeGreaterThan(100);
			expect(nodes.length).toBeLessThanOrEqual(5000);
			expect(cornersOf([round]).length).toBeLessThanOrEqual(400);
		}
		expect(cornersOf(LAKE)).toEqual(LAKE.flat());
	});

	it('keep apart, are eight at most, and lie on the water or its shore', () => {
		const rough = sounded(({ eastM, northM }) => 3 + 2 * Math.sin(eastM / 30) * Math.cos(northM / 25));
		const found = proposalsIn(new Depths(LAKE, rough));
		expect(found.length).toBeGreaterThan(3);
		expect(found.length).toBeLessThanOrEqual(8);
		found.forEach((one, index) => {
			for (const other of found.slice(index + 1)) expect(distanceM(one, other)).toBeGreaterThanOrEqual(60);
			expect(openness(LAKE, movedBy(one, 0, 0), 5)).toBeGreaterThan(0);
		});
		expect(proposalsIn(new Depths([], []))).toEqual([]);
	});
});

describe('twins', () => {
	const place = (id: string, more: Partial<TwinPlace> = {}): TwinPlace => ({
		id,
		profile: STEEP,
		cover: [{ kind: 'rock', density: 'sparse', form: 'even', topM: 3 }],
		bank: 'windblown',
		...more
	});

	it('are the more alike the more they share, and say in what', () => {
		const found = twinsOf(place('here'), [
			place('here'),
			place('flat', { profile: FLAT, cover: [], bank: 'sheltered' }),
			place('same'),
			place('lee', { bank: 'sheltered' })
		]);
		expect(found.map(({ id }) => id)).toEqual(['same', 'lee', 'flat']);
		expect(found[0]).toMatchObject({ likeness: 1, alike: ['depths', 'cover', 'wind'] });
		expect(found[1]!.other).toEqual(['it is sheltered']);
		expect(found[2]!.alike).toEqual([]);
	});
});
