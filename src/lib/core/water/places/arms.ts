import type { Depths } from './depths';
import type { Found } from './features';
import { distanceM, movedBy, type Point } from './plane';
import { ARM_M, ARM_SHAPE } from './rank';
import { isOnWater, toShoreM, widthM } from './shore';

/** Bearings that an arm may run in are looked at so many degrees apart; it is no arm that is wider than this, m (assumed). */
const LOOK_DEG = 15;
const WIDEST_M = 250;
/** Of so many points of a water at most each is looked at from all sides. */
const LOOKS_MAX = 700;

/** An arm by its middle. */
interface Arm extends Point {
	readonly bearing: number;
	readonly longM: number;
	readonly wideM: number;
}

/** An arm ends where it is so many times as wide as where one stands, or at its shore. */
const MOUTH = 1.7;
/** Least step (m) in which it is followed. */
const STEP_M = 12;

/** How far (m) an arm goes on from a point along a bearing, and its widths on the way. */
function followed({ shores }: Depths, from: Point, bearing: number, wideM: number) {
	const stepM = Math.max(STEP_M, wideM / 3);
	const widths: number[] = [];
	for (let goneM = stepM; ; goneM += stepM) {
		const at = movedBy(from, bearing, goneM);
		const width = isOnWater(shores, at) ? widthM(shores, at, bearing) : null;
		if (width === null || width > MOUTH * wideM) return { goneM: goneM - stepM, widths };
		widths.push(width);
	}
}

/** The water through a point along a bearing, as far as it stays narrow, where that is an arm. */
function armAlong(depths: Depths, point: Point, bearing: number): Arm | null {
	const hereM = widthM(depths.shores, point, bearing);
	if (hereM === null || hereM > WIDEST_M) return null;
	const reachM = [bearing, bearing + 180].map((way) => toShoreM(depths.shores, point, way) ?? 0);
	if (reachM[0]! + reachM[1]! < Math.max(ARM_M, ARM_SHAPE * hereM)) return null;
	const ahead = followed(depths, point, bearing, hereM);
	const behind = followed(depths, point, bearing + 180, hereM);
	const longM = ahead.goneM + behind.goneM;
	const widths = [hereM, ...ahead.widths, ...behind.widths];
	const wideM = widths.reduce((sum, width) => sum + width, 0) / widths.length;
	if (longM < ARM_M || longM < ARM_SHAPE * wideM) return null;
	return { ...movedBy(point, bearing, (ahead.goneM - behind.goneM) / 2), bearing, longM, wideM };
}

const slimmer = (a: Arm, b: Arm): number => b.longM / b.wideM - a.longM / a.wideM;

/** Tens of meters are as fine as an outline lets one say it. */
const tens = (metres: number): number => 10 * Math.round(metres / 10);

/** Long narrow arms of a water, each once: they are for a wind that blows down their length (POS-09). */
export function armsIn(depths: Depths, searched: readonly Point[]): Found[] {
	const every = Math.ceil(searched.length / LOOKS_MAX);
	const bearings = Array.from({ length: 180 / LOOK_DEG }, (_, at) => at * LOOK_DEG);
	const arms = searched
		.filter((_, at) => at % every === 0)
		.flatMap((point) => bearings.map((bearing) => armAlong(depths, point, bearing)).filter((arm) => arm !== null))
		.toSorted(slimmer);
	const kept: Arm[] = [];
	for (const arm of arms) {
		if (kept.every((other) => distanceM(arm, other) > Math.max(arm.longM, other.longM) / 2)) kept.push(arm);
	}
	return kept.map(({ eastM, northM, bearing, longM, wideM }) => ({
		eastM,
		northM,
		kind: 'arm',
		claim: 'POS-09',
		because: `An arm ${tens(longM)} m long and ${tens(wideM)} m wide: good when the wind blows down it, from ${bearing}° or ${bearing + 180}°.`,
		depthM: depths.at({ eastM, northM }),
		worth: Math.min(1, longM / wideM / (2 * ARM_SHAPE))
	}));
}
