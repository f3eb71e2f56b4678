import type { Tow, TowSample } from '$lib/core/foundation/schema/tow';

/** Rigs that are watched: the current one, and those compared with it. */
export const SIGNS = ['A', 'B', 'C'] as const;
export type Sign = (typeof SIGNS)[number];
export const BESIDE = ['B', 'C'] as const satisfies readonly Sign[];
export type Beside = (typeof BESIDE)[number];

/** Depths (m) among which a lure is to work; `null` for one that works on top. */
export type WorkBand = { readonly fromM: number; readonly toM: number } | null;

/** A rig that is watched: its letter, its cast, and where it is to work. */
export interface Watched {
	readonly sign: Sign;
	readonly tow: Tow;
	readonly band: WorkBand;
}

/** Where a lure is at a moment (s) of its cast, between the samples; at the ends where the moment lies beyond. */
export function sampleAt(samples: readonly TowSample[], tS: number): TowSample {
	const after = samples.findIndex((sample) => sample.tS >= tS);
	if (after < 0) return samples.at(-1)!;
	const to = samples[after]!;
	const from = samples[after - 1] ?? to;
	const share = to.tS > from.tS ? (tS - from.tS) / (to.tS - from.tS) : 1;
	const between = (key: 'xM' | 'zM' | 'tensionN' | 'speedMps'): number => from[key] + share * (to[key] - from[key]);
	return {
		tS,
		xM: between('xM'),
		zM: between('zM'),
		tensionN: between('tensionN'),
		speedMps: between('speedMps'),
		where: to.where
	};
}

/** How steeply a lure rises (degrees, up positive) at a moment of its cast. */
export function riseDeg(samples: readonly TowSample[], tS: number): number {
	const STEP_S = 0.5;
	const [from, to] = [sampleAt(samples, Math.max(0, tS - STEP_S)), sampleAt(samples, tS)];
	const along = Math.abs(from.xM - to.xM);
	if (along < 1e-3 && Math.abs(from.zM - to.zM) < 1e-3) return 0;
	return (Math.atan2(from.zM - to.zM, along) * 180) / Math.PI;
}

/** Time (s) that a cast spends in each stretch of its life, in order: for a bar. */
export interface Stretch {
	readonly what: 'sinking' | 'in' | 'out' | 'cover';
	readonly fromS: number;
	readonly toS: number;
}

/** A cast's time in stretches: sinking, at work (in the band, or on top), out of it, in cover. */
export function stretchesOf(samples: readonly TowSample[], band: WorkBand): Stretch[] {
	const stretches: Stretch[] = [];
	for (const [at, { tS, zM, where }] of samples.entries()) {
		const inside = band ? zM >= band.fromM && zM <= band.toM : where === 'surface';
		const what = where === 'sinking' ? 'sinking' : where === 'cover' ? 'cover' : inside ? 'in' : 'out';
		const toS = samples[at + 1]?.tS ?? tS;
		const last = stretches.at(-1);
		if (last?.what === what) stretches[stretches.length - 1] = { ...last, toS };
		else stretches.push({ what, fromS: tS, toS });
	}
	return stretches;
}

/** Where the label of each lure stands at a moment (s): of several the shallowest over its path, the deepest under it. */
export function labelSides(watched: readonly Watched[], atS: number): ('over' | 'under' | 'beside')[] {
	const depths = watched.map(({ tow }) => sampleAt(tow.samples, atS).zM);
	const order = depths.map((_, at) => at).toSorted((a, b) => depths[a]! - depths[b]! || a - b);
	return depths.map((_, at) => {
		const place = order.indexOf(at);
		if (place === 0) return 'over';
		return place === order.length - 1 ? 'under' : 'beside';
	});
}
