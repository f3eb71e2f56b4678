import { mapThree } from '../../foundation/basics/typed';
import type { Reading } from '../../water/reading/complete';
import { BASE, BANDS, daylight, spectrum, sumOf, type Spectrum } from './bands';

/** A water as light finds it, per band: absorption, backscatter and beam attenuation, 1/m. */
export interface Water {
	readonly absorbs: Spectrum;
	readonly backscatters: Spectrum;
	readonly attenuates: Spectrum;
	/** Depth (m) at which a white disc is lost from above. */
	readonly discM: number;
	/** Whether no water of this stain is as clear, or as thick, as was read: the nearest one was taken. */
	readonly clamped: boolean;
}

type Stain = Reading['stain'];

/** What is in a water: algae (chlorophyll mg/m3), dissolved tea (absorption at 440 nm, 1/m), mineral (g/m3). */
type Contents = readonly [chl: number, tea: number, mineral: number];

/** Contents of each stain: what is always in it, and what comes with its amount (assumed compositions). */
const STAINS: Readonly<Record<Stain, readonly [base: Contents, per: Contents]>> = {
	clear: [
		[0.15, 0.02, 0.03],
		[1, 0.05, 0.2]
	],
	green: [
		[0.3, 0.05, 0.1],
		[1, 0.006, 0.03]
	],
	tannic: [
		[0.3, 0.05, 0.05],
		[0.8, 1, 0.4]
	],
	mud: [
		[0.3, 0.05, 0.05],
		[0.05, 0.02, 1]
	],
	mixed: [
		[0.3, 0.05, 0.05],
		[0.8, 0.12, 0.5]
	]
};

/** Share of particle scattering that goes back, of algae and of mineral, and that of the phase function of Kirk's law. */
const ALGAL_BACK = 0.01;
const MINERAL_BACK = 0.02;
const KIRK_BACK = 0.0185;

type Optics = Pick<Water, 'absorbs' | 'backscatters' | 'attenuates'>;

function opticsOf(stain: Stain, amount: number): Optics {
	const [base, per] = STAINS[stain];
	const [chl, tea, mineral] = mapThree(base, (value, at) => value + per[at] * amount);
	const algae = chl ** 0.65;
	const absorbs = spectrum(
		(at, nm) =>
			BASE.absorptionOfWater[at]! +
			0.06 * algae * BASE.absorptionOfAlgae[at]! +
			tea * Math.exp(-0.017 * (nm - 440)) +
			0.05 * mineral * Math.exp(-0.011 * (nm - 440))
	);
	const pure = spectrum((_, nm) => 0.00222 * (500 / nm) ** 4.32);
	const algal = spectrum((_, nm) => (0.3 * chl ** 0.62 * 550) / nm);
	const grit = spectrum((_, nm) => 0.5 * mineral * Math.sqrt(550 / nm));
	return {
		absorbs,
		backscatters: spectrum((at) => 0.5 * pure[at]! + ALGAL_BACK * algal[at]! + MINERAL_BACK * grit[at]!),
		attenuates: spectrum((at) => absorbs[at]! + pure[at]! + algal[at]! + grit[at]!)
	};
}

/**
 * How fast light from above is lost with depth (1/m), by Kirk's law rewritten for other phase functions.
 *
 * @param perCosine One over the mean cosine of the light in the water.
 */
export function diffuseLoss({ absorbs, backscatters }: Optics, perCosine: number): Spectrum {
	const cosine = 1 / perCosine;
	const g = 0.425 * cosine - 0.19;
	return spectrum((at) => {
		const a = absorbs[at]!;
		return perCosine * Math.sqrt(a * a + (g * a * backscatters[at]!) / KIRK_BACK);
	});
}

/** What is lowered until it is lost: how bright it is, and the contrast at which it is (Tyler 1968; the lure's assumed). */
export const LOWERED = { disc: { white: 0.85, lost: 0.0066 }, lure: { white: 0.8, lost: 0.02 } } as const;
export type Lowered = keyof typeof LOWERED;

/** One over the mean cosine of skylight in the water. */
export const SKYLIGHT_PER_COSINE = 1 / 0.86;
/** Two ways through the surface, and the sky's mirror image in it (1/sr; assumed). */
const THROUGH = 0.52;
const GLARE = 0.002;
const DAY = daylight(6504);
/** How much a person makes of each band by day: what is lowered or held out is looked for so. */
export const SEEN_BY_DAY: Spectrum = spectrum((at) => BASE.y[at]! * DAY[at]!);

/** Depth (m) at which something white is lost from above, by Newton on the log of its contrast, which is convex. */
function lostM(optics: Optics, { white, lost }: { white: number; lost: number }): number {
	const { absorbs, backscatters, attenuates } = optics;
	const kd = diffuseLoss(optics, SKYLIGHT_PER_COSINE);
	const rate = spectrum((at) => attenuates[at]! + kd[at]!);
	const back = spectrum((at) => {
		const u = backscatters[at]! / (absorbs[at]! + backscatters[at]!);
		return (0.089 + 0.1245 * u) * u;
	});
	const under = sumOf((at) => SEEN_BY_DAY[at]! * (THROUGH * back[at]! + GLARE));
	const over = spectrum((at) => SEEN_BY_DAY[at]! * THROUGH * (white / Math.PI - back[at]!));
	let depthM = 0;
	for (let round = 0; round < 60; round++) {
		let [sum, slope] = [0, 0];
		for (let at = 0; at < BANDS; at++) {
			const left = over[at]! * Math.exp(-rate[at]! * depthM);
			sum += left;
			slope -= rate[at]! * left;
		}
		if (sum <= 0) return depthM;
		const step = (Math.log(sum / under) - Math.log(lost)) / (slope / sum);
		depthM = Math.max(0, depthM - step);
		if (Math.abs(step) < 1e-9 * (1 + depthM)) break;
	}
	return depthM;
}

/** Amounts of a stain between which a water is looked for. */
const LEAST = 1e-4;
const MOST = 3000;
const FINE = 1e-6;

/** The amount of a stain in which something is lost at a depth (m), by false position on logs (Illinois). */
function amountFor(stain: Stain, targetM: number, lowered: Lowered): { amount: number; clamped: boolean } {
	const off = (amount: number): number => Math.log(lostM(opticsOf(stain, amount), LOWERED[lowered]) / targetM);
	let [low, high] = [Math.log(LEAST), Math.log(MOST)];
	let [atLow, atHigh] = [off(LEAST), off(MOST)];
	if (atLow <= 0) return { amount: LEAST, clamped: atLow < -FINE };
	if (atHigh >= 0) return { amount: MOST, clamped: atHigh > FINE };
	let side = 0;
	for (let round = 0; round < 100; round++) {
		const middle = (low * atHigh - high * atLow) / (atHigh - atLow);
		const value = off(Math.exp(middle));
		if (Math.abs(value) < FINE) return { amount: Math.exp(middle), clamped: false };
		if (value > 0) {
			[low, atLow] = [middle, value];
			if (side === 1) atHigh /= 2;
			side = 1;
		} else {
			[high, atHigh] = [middle, value];
			if (side === -1) atLow /= 2;
			side = -1;
		}
	}
	return { amount: Math.exp((low + high) / 2), clamped: false };
}

const known = new Map<string, Water>();
/** Waters that are remembered: a sliding hand asks for many. */
const KNOWN_MAX = 60;

/**
 * The water in which a white lure, or a white disc, is lost from sight at a depth.
 *
 * @param visibilityM Depth (m) at which it is lost.
 */
export function waterOf(stain: Stain, visibilityM: number, lowered: Lowered): Water {
	const key = `${stain} ${visibilityM} ${lowered}`;
	const before = known.get(key);
	if (before) return before;
	const { amount, clamped } = amountFor(stain, visibilityM, lowered);
	const optics = opticsOf(stain, amount);
	const water = { ...optics, discM: lostM(optics, LOWERED.disc), clamped };
	if (known.size >= KNOWN_MAX) known.clear();
	known.set(key, water);
	return water;
}
