/** Strikes that a group of casts brought. */
export interface Count {
	readonly casts: number;
	readonly strikes: number;
}

/** A group's rate, strikes a cast, drawn toward what the angler's groups have in common as far as it is small. */
export interface Rate extends Count {
	readonly rate: number;
	readonly from: number;
	readonly to: number;
}

/** The middle of all rates before anything was counted: strikes a cast, and how far it may be off (log); assumed. */
const USUAL_RATE = 0.03;
const MIDDLE_OFF = 0.7;
/** Rates that are looked at, strikes a cast. */
const LOWEST = 0.0004;
const HIGHEST = 0.8;
const POINTS = 480;
const LOG_STEP = Math.log(HIGHEST / LOWEST) / (POINTS - 1);
const LOGS = Float64Array.from({ length: POINTS }, (_, at) => Math.log(LOWEST) + at * LOG_STEP);

/** A world that the groups may come from: the middle of the log rates, and their spread. */
interface World {
	/** How likely it is before anything was counted. */
	readonly log: number;
	/** How likely each log rate is there. */
	readonly density: Float64Array;
}

const normalLog = (x: number, off: number): number => -0.5 * (x / off) ** 2;

function worldOf(middle: number, { spread, width }: (typeof SPREADS)[number]): World {
	const density = LOGS.map((log) => Math.exp(normalLog(log - middle, spread)));
	const all = density.reduce((sum, one) => sum + one, 0);
	const beforehand = width / (1 + (spread / USUAL_SPREAD) ** 2);
	const log = normalLog(middle - Math.log(USUAL_RATE), MIDDLE_OFF) + Math.log(beforehand);
	return { log, density: density.map((one) => one / all) };
}

const STEPS = 25;
const MIDDLE_WIDTH = 2.4;
/**
 * How much groups may differ (log), and how wide a range each stands for. Beforehand they follow half a Cauchy curve, usual for
 * the spread of a few groups; its scale is the one with which intervals hold as often where groups differ little as where
 * they differ much, by `npm run honesty`.
 */
const SPREADS = [
	...[0.05, 0.15, 0.25, 0.35, 0.45, 0.55].map((spread) => ({ spread, width: 0.1 })),
	...[0.7, 0.9, 1.1, 1.3, 1.5].map((spread) => ({ spread, width: 0.2 }))
];
const USUAL_SPREAD = 0.9;
let worlds: World[] | null = null;

/** Every world that is reckoned with; made once. */
const everyWorld = (): World[] =>
	(worlds ??= SPREADS.flatMap((range) =>
		Array.from({ length: STEPS }, (_, at) => {
			const off = -MIDDLE_WIDTH + (2 * MIDDLE_WIDTH * at) / (STEPS - 1);
			return worldOf(Math.log(USUAL_RATE) + off, range);
		})
	));

/** How likely a group's strikes are at each rate, its largest being 1. */
function likelihoodOf({ casts, strikes }: Count): Float64Array {
	const logs = LOGS.map((log) => strikes * log - casts * Math.exp(log));
	const top = logs.reduce((most, one) => Math.max(most, one), -Infinity);
	return logs.map((log) => Math.exp(log - top));
}

const dot = (a: Float64Array, b: Float64Array): number => {
	let sum = 0;
	for (let at = 0; at < POINTS; at++) sum += a[at]! * b[at]!;
	return sum;
};

/** Where a share of a density (not normed) lies at or under. */
function quantileOf(density: Float64Array, share: number): number {
	const all = density.reduce((sum, one) => sum + one, 0);
	let below = 0;
	for (let at = 0; at < POINTS; at++) {
		const here = density[at]! / all;
		if (below + here >= share) return LOGS[at]! + LOG_STEP * ((share - below) / here - 0.5);
		below += here;
	}
	return LOGS[POINTS - 1]!;
}

/**
 * Rates of groups, each drawn toward what the groups have in common as far as it is small: how much they differ, and around
 * what, is not known but reckoned with in every way that it may be, so that the intervals hold what they say.
 *
 * @param groups Those of one look at the record, such as all finishes.
 * @param level Share of the interval, 0 to 1.
 */
export function ratesOf(groups: readonly Count[], level = 0.9): Rate[] {
	const likelihoods = groups.map(likelihoodOf);
	const fits = everyWorld().map(({ log, density }) => ({
		density,
		each: likelihoods.map((likelihood) => dot(density, likelihood)),
		log
	}));
	const logs = fits.map(({ log, each }) => each.reduce((sum, one) => sum + Math.log(one), log));
	const top = Math.max(...logs);
	return groups.map((group, at) => {
		const posterior = new Float64Array(POINTS);
		fits.forEach(({ density, each }, world) => {
			const weight = Math.exp(logs[world]! - top) / each[at]!;
			if (!(weight > 0) || weight === Infinity) return;
			for (let point = 0; point < POINTS; point++) posterior[point]! += weight * density[point]!;
		});
		for (let point = 0; point < POINTS; point++) posterior[point]! *= likelihoods[at]![point]!;
		const rate = (share: number): number => Math.exp(quantileOf(posterior, share));
		return { ...group, rate: rate(0.5), from: rate((1 - level) / 2), to: rate((1 + level) / 2) };
	});
}
