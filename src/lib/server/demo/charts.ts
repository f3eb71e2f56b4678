import { seeded } from '../../core/foundation/basics/random';
import { distanceM, movedBy, planeAbout, type LonLat, type Point } from '../../core/water/places/plane';
import type { Growth } from '../../core/water/places/growth';
import { isOnWater, type Ring } from '../../core/water/places/shore';
import type { ChartRecord } from '../../core/records/chartSchema';

/** How a made-up water lies: half its length and width (m), the bearing of its length, its depth, and how crooked its shore is. */
interface Shape {
	readonly longM: number;
	readonly wideM: number;
	readonly bearingDeg: number;
	readonly deepM: number;
	readonly crooked: number;
	/** How much deeper (m) a ditch along the middle is, if there is one. */
	readonly ditchM: number;
	readonly seed: number;
}

/** Shapes of the invented waters, by their names. */
const SHAPES: Readonly<Record<string, Shape>> = {
	'Hollin Reach': { longM: 720, wideM: 170, bearingDeg: 65, deepM: 8, crooked: 0.16, ditchM: 1.8, seed: 71 },
	'Tallow Mere': { longM: 330, wideM: 240, bearingDeg: 120, deepM: 2.8, crooked: 0.09, ditchM: 0, seed: 72 },
	'Brickfield Pits': { longM: 120, wideM: 70, bearingDeg: 10, deepM: 2.6, crooked: 0.05, ditchM: 0, seed: 73 }
};
/** A bed of weed or a stand of timber: between which angles (rad), and how far out its inner edge lies from each to each. */
interface Bed {
	readonly kind: Growth['kind'];
	readonly from: number;
	readonly to: number;
	readonly inner: readonly number[];
}

/** What grows in the invented waters, by their names: its outer edge lies along the shore. */
const BEDS: Readonly<Record<string, readonly Bed[]>> = {
	'Hollin Reach': [{ kind: 'timber', from: 0.2, to: 0.75, inner: [0.86, 0.55, 0.5, 0.62, 0.84] }],
	'Tallow Mere': [
		{ kind: 'weed', from: 3.5, to: 5.2, inner: [0.86, 0.62, 0.66, 0.46, 0.64, 0.6, 0.72, 0.7, 0.86] },
		{ kind: 'weed', from: 1.2, to: 2.2, inner: [0.84, 0.7, 0.74, 0.56, 0.8] }
	]
};
const OUTER = 0.94;
const CORNERS = 120;
const SOUNDED_EVERY_M = { long: 28, short: 12 } as const;
/** A ditch is so wide (m) on either side. */
const DITCH_WIDE_M = 14;
/** It winds: a radian of its turns is so long, m. */
const DITCH_TURNS_M = 70;

const rounded = (value: number, digits: number): number => Number(value.toFixed(digits));

/** A spot gets the stretch of shore whose water lies in its bearing, no two spots the same. */
function shoreFacing(shore: Ring, bearingDeg: number, taken: readonly Point[]): Point {
	const facing = shore.map((from, at) => {
		const to = shore[(at + 1) % shore.length]!;
		const middle = { eastM: (from.eastM + to.eastM) / 2, northM: (from.northM + to.northM) / 2 };
		const along = (Math.atan2(to.eastM - from.eastM, to.northM - from.northM) * 180) / Math.PI;
		const square = [along + 90, along - 90].find((side) => isOnWater([shore], movedBy(middle, side, 6)));
		const off = Math.abs((((square ?? bearingDeg + 180) - bearingDeg + 540) % 360) - 180);
		return { middle, off };
	});
	const free = facing.filter(({ middle }) => taken.every((other) => distanceM(other, middle) > 80));
	return free.reduce((best, one) => (one.off < best.off ? one : best)).middle;
}

/** Where a made-up water lies, what was sounded of it, and where its spots are. */
export interface DemoChart extends Pick<ChartRecord, 'shores' | 'soundings' | 'growths'> {
	readonly spots: readonly LonLat[];
}

/**
 * The chart of an invented water.
 *
 * @param bearings In which one looks over the water from each of its spots, degrees.
 */
export function chartOf(name: string, middle: LonLat, bearings: readonly number[]): DemoChart {
	const { longM, wideM, bearingDeg, deepM, crooked, ditchM, seed } = SHAPES[name]!;
	const random = seeded(seed);
	const waves = [2, 3, 5, 7].map((count) => ({
		count,
		high: (crooked * random()) / Math.sqrt(count),
		at: random() * 6
	}));
	const reach = (angle: number): number =>
		1 + waves.reduce((sum, { count, high, at }) => sum + high * Math.cos(count * angle + at), 0);
	const laid = (angle: number, share: number): Point => {
		const along = movedBy({ eastM: 0, northM: 0 }, bearingDeg, longM * share * reach(angle) * Math.cos(angle));
		return movedBy(along, bearingDeg + 90, wideM * share * reach(angle) * Math.sin(angle));
	};
	const shore = Array.from({ length: CORNERS }, (_, at) => laid((2 * Math.PI * at) / CORNERS, 1));
	const plane = planeAbout(middle);
	const placed = (point: Point): [number, number] => {
		const [longitude, latitude] = plane.placeOf(point);
		return [rounded(longitude, 6), rounded(latitude, 6)];
	};
	const growths = (BEDS[name] ?? []).map(({ kind, from, to, inner }) => {
		const angleOf = (at: number): number => from + ((to - from) * at) / (inner.length - 1);
		const outline = inner.map((_, at) => laid(angleOf(at), OUTER));
		const back = inner.map((share, at) => laid(angleOf(at), share)).reverse();
		return { kind, ring: [...outline, ...back].map(placed) };
	});
	const soundings: ChartRecord['soundings'] = [];
	const step = longM > 200 ? SOUNDED_EVERY_M.long : SOUNDED_EVERY_M.short;
	for (let along = -longM; along <= longM; along += step) {
		for (let across = -wideM; across <= wideM; across += step / 2) {
			const angle = Math.atan2(across / wideM, along / longM);
			const share = Math.hypot(along / longM, across / wideM) / reach(angle);
			if (share >= 0.97) continue;
			const ditch = Math.abs(across - 0.25 * wideM * Math.sin(along / DITCH_TURNS_M)) < DITCH_WIDE_M ? ditchM : 0;
			const depth = deepM * (1 - share ** 2.4) ** 0.8 + ditch + 0.3 * (random() - 0.5);
			soundings.push([placed(laid(angle, share)), rounded(Math.max(0.2, depth), 1)]);
		}
	}
	const spots: Point[] = [];
	for (const bearing of bearings) spots.push(shoreFacing(shore, bearing, spots));
	return { shores: [shore.map(placed)], soundings, growths, spots: spots.map(placed) };
}
