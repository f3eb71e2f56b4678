import type { Reading } from '../../water/reading/complete';

/** Soundings out from a bank: distances and depths in m, the nearest first, at least two. */
export type Soundings = readonly { readonly outM: number; readonly depthM: number }[];

/** The water goes on this much further out than the soundings do, as deep as the last of them. */
const BEYOND = 1.6;
/** How far out (m) level water is told: a long cast from the bank, once it goes on as far as soundings do. Assumed. */
const LEVEL_M = 25;
/** Water that nobody sounded: as deep everywhere as the reading says. */
export const levelWater = (bottomM: number): Soundings => [
	{ outM: 0, depthM: bottomM },
	{ outM: LEVEL_M, depthM: bottomM }
];

/** How far out from the bank (m) the water of some soundings is known. */
export const reachM = (soundings: Soundings): number => soundings.at(-1)!.outM * BEYOND;

/** Depth (m) at a distance (m) from the bank: eased from one sounding to the next, as deep at the end as the reading says. */
export function depthOutM(soundings: Soundings, bottomM: number, outM: number): number {
	const last = soundings.at(-1)!;
	const scale = last.depthM > 0 ? bottomM / last.depthM : 1;
	const at = soundings.findIndex((point) => point.outM >= outM);
	if (at < 0) return last.depthM * scale;
	const to = soundings[at]!;
	const from = soundings[at - 1] ?? to;
	const along = to.outM > from.outM ? (outM - from.outM) / (to.outM - from.outM) : 0;
	return (from.depthM + (to.depthM - from.depthM) * along * along * (3 - 2 * along)) * scale;
}

/** Share of the way from the end of the known water to the bank at which the water ends. */
export const BANK_AT = 0.965;

/** Between which shares of the way from the end of the known water to the bank each kind of cover stands (assumed). */
export const COVER_AT: Readonly<Record<Reading['cover'][number]['kind'], readonly [number, number]>> = {
	'grass-tops': [0.3, 0.58],
	'leafy-weed': [0.04, 0.28],
	pads: [0.5, 0.78],
	stems: [0.8, 0.9],
	wood: [0.6, 0.9],
	timber: [0.1, 0.56],
	rock: [0.34, 0.72],
	dock: [0.7, 0.97],
	shell: [0.42, 0.62],
	ditch: [0.14, 0.26],
	open: [0.3, 0.5]
};
