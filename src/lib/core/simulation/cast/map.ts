import { without } from '../../foundation/basics/without';
import { WEIGHTS_OZ } from '../../foundation/catalogue/parts';
import type { MeasuredParts } from '../physics/measured';
import type { Tow, TowInput } from '../../foundation/schema/tow';
import { safeMps } from './speedFor';
import { tow } from './tow';

/** Speeds (m/s) of the map: forty, from the slowest that a hand winds to a burn. */
export const MAP_SPEEDS_MPS: readonly number[] = Array.from(
	{ length: 40 },
	(_, at) => Math.round((0.25 + at * 0.05) * 100) / 100
);
export const MAP_WEIGHTS_OZ: readonly number[] = WEIGHTS_OZ;

/** What becomes of a weight at a speed. */
export const OUTCOMES = ['in', 'above', 'below', 'weed', 'stalls', 'leans'] as const;
export type Outcome = (typeof OUTCOMES)[number];

export interface MapCell {
	readonly weightOz: number;
	readonly speedMps: number;
	readonly outcome: Outcome;
	/** Share of the meters wound in the band, 0 to 1. */
	readonly share: number;
	/** Mean depth over the winding, m; `null` where it does not run. */
	readonly depthM: number | null;
}

/** A coarser line and step: a map of hundreds of casts, a few centimeters off. */
const SEGMENTS = 8;
const STEP_S = 0.02;
/** It works from this share of the retrieve in the band on, and is in the weed from this share in it. */
const WORKS_SHARE = 0.5;
const WEED_SHARE = 0.1;

/** A cast over a band. */
export type MapInput = TowInput & { readonly band: NonNullable<TowInput['band']> };

/** What came of a cast: where it spent its time. */
function outcomeOf(
	{ samples, band }: Tow,
	{ fromM }: { fromM: number }
): Pick<MapCell, 'outcome' | 'share' | 'depthM'> {
	const wound = samples.filter(({ where }) => where !== 'sinking');
	const depthM = wound.reduce((sum, { zM }) => sum + zM, 0) / Math.max(1, wound.length);
	const share = band?.distanceShare ?? 0;
	const inWeed = wound.filter(({ where }) => where === 'cover').length / Math.max(1, wound.length);
	if (inWeed > WEED_SHARE) return { outcome: 'weed', share, depthM };
	if (share >= WORKS_SHARE) return { outcome: 'in', share, depthM };
	return { outcome: depthM < fromM + 1e-6 ? 'above' : 'below', share, depthM };
}

/** Indices of a row, the coarse ones first: ends and middle, then what lies between, halving. */
export function coarseFirst(count: number): number[] {
	const order: number[] = [];
	const seen = new Set<number>();
	for (let step = 2 ** Math.ceil(Math.log2(Math.max(2, count))); step >= 1; step /= 2) {
		for (let at = 0; at < count; at += step) {
			if (!seen.has(at)) order.push(at);
			seen.add(at);
		}
	}
	return order;
}

/**
 * How every weight does at every speed on one cast over one band, coarse to fine: a cell is another cast simulated. The
 * band of the input must be given.
 *
 * @param measured What the angler measured; a measured head has the weight of the rig alone.
 */
export function* mapOf(input: MapInput, measured: MeasuredParts = {}): Generator<MapCell> {
	const partsOf = (weightOz: number) => (weightOz === input.rig.weightOz ? measured : without(measured, 'head'));
	const rows = coarseFirst(MAP_WEIGHTS_OZ.length).map((at) => {
		const weightOz = MAP_WEIGHTS_OZ[at]!;
		const [keepMps, leansMps] = safeMps({ ...input.rig, weightOz }, partsOf(weightOz));
		return { weightOz, keepMps, leansMps };
	});
	const coarse = { ...input, segments: SEGMENTS, stepS: STEP_S, turnsPerS: undefined };
	for (const at of coarseFirst(MAP_SPEEDS_MPS.length)) {
		const speedMps = MAP_SPEEDS_MPS[at]!;
		for (const { weightOz, keepMps, leansMps } of rows) {
			const cell = { weightOz, speedMps, share: 0, depthM: null };
			if (speedMps < keepMps) yield { ...cell, outcome: 'stalls' };
			else if (speedMps > leansMps) yield { ...cell, outcome: 'leans' };
			else {
				const phases = input.phases?.map((phase) => ({ ...phase, speedMps: undefined }));
				const answer = tow({ ...coarse, rig: { ...input.rig, weightOz }, speedMps, phases }, partsOf(weightOz));
				yield { ...cell, ...outcomeOf(answer, input.band) };
			}
		}
	}
}
