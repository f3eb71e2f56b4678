import { SPEEDS_MPS, WEIGHTS_OZ } from '../catalogue/parts';

/**
 * Depth that a double willow 4.5/5 spinnerbait on 17 lb fluorocarbon holds in mid-retrieve, and the speed at which it
 * rolls: the running model's own results table (27 m cast, 1 s countdown). It stands for all spinnerbaits here.
 */
const COLUMNS_MPS = [0.8, 1.2, 1.6, 1.93] as const;
interface Row {
	readonly weightOz: number;
	readonly rollMps: number;
	readonly depthM: readonly [number, number, number, number];
}
const FT = 0.3048;
const row = (weightOz: number, rollMps: number, ...feet: [number, number, number, number]): Row => ({
	weightOz,
	rollMps,
	depthM: feet.map((ft) => ft * FT) as [number, number, number, number]
});
const ROWS: readonly Row[] = [
	row(0.25, 0.48, 5.32, 2.2, 0.71, 0.17),
	row(0.375, 1.52, 6.18, 2.78, 1.13, 0.37),
	row(0.5, 2.1, 6.96, 3.32, 1.52, 0.65),
	row(0.625, 2.55, 7.68, 3.82, 1.89, 0.95),
	row(0.75, 2.93, 8.36, 4.29, 2.24, 1.23),
	row(1, 3.57, 9.59, 5.18, 2.9, 1.77)
];

/** Between two points on straight lines in log-log, the shape of drag; beyond them the same line goes on. */
function powerLaw(x: number, [x1, y1]: readonly [number, number], [x2, y2]: readonly [number, number]): number {
	const slope = Math.log(y2 / y1) / Math.log(x2 / x1);
	return y1 * (x / x1) ** slope;
}

function atSpeed(line: Row, speedMps: number): number {
	const next = COLUMNS_MPS.findIndex((column) => column >= speedMps);
	const high = next < 0 ? COLUMNS_MPS.length - 1 : Math.max(1, next);
	const point = (at: number): [number, number] => [COLUMNS_MPS[at]!, line.depthM[at]!];
	return powerLaw(speedMps, point(high - 1), point(high));
}

function rowsAround(weightOz: number): readonly [Row, Row] {
	const next = ROWS.findIndex((line) => line.weightOz >= weightOz);
	const high = next < 0 ? ROWS.length - 1 : Math.max(1, next);
	return [ROWS[high - 1]!, ROWS[high]!];
}

function heldDepth(weightOz: number, speedMps: number): number {
	const [low, high] = rowsAround(weightOz);
	return powerLaw(weightOz, [low.weightOz, atSpeed(low, speedMps)], [high.weightOz, atSpeed(high, speedMps)]);
}

const HELD = new Map(
	WEIGHTS_OZ.map((weightOz) => [weightOz as number, SPEEDS_MPS.map((speedMps) => heldDepth(weightOz, speedMps))])
);

/** Depth in m that a catalogue spinnerbait of this weight (oz) holds at a catalogue speed (m/s). */
export function heldDepthM(weightOz: number, speedMps: number): number {
	return HELD.get(weightOz)![SPEEDS_MPS.indexOf(speedMps)]!;
}

/** Speed in m/s at which a spinnerbait of this weight (oz) rolls over; 0 below a quarter ounce. */
export function spinnerbaitRollMps(weightOz: number): number {
	if (weightOz < ROWS[0]!.weightOz) return 0;
	const [low, high] = rowsAround(weightOz);
	return powerLaw(weightOz, [low.weightOz, low.rollMps], [high.weightOz, high.rollMps]);
}

/** Roll speed (m/s) of a buzzbait with the usual 45 mm blade, by head weight (oz): the running model's section 5. */
const BUZZ_ROLL: readonly (readonly [number, number])[] = [
	[0.125, 0.73],
	[0.25, 0.97],
	[0.375, 1.16],
	[0.5, 1.32],
	[0.75, 1.6],
	[1.5, 2.22]
];

/** Speed in m/s at which a buzzbait of this weight (oz) rolls over. */
export function buzzbaitRollMps(weightOz: number): number {
	const next = BUZZ_ROLL.findIndex(([oz]) => oz >= weightOz);
	const high = next < 0 ? BUZZ_ROLL.length - 1 : Math.max(1, next);
	return powerLaw(weightOz, BUZZ_ROLL[high - 1]!, BUZZ_ROLL[high]!);
}
