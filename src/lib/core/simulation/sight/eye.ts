import { spectrum, sumOf, type Spectrum } from './bands';

/** Peaks (nm) of a bass's eye: green and red cones and the rod (Mitchem and others 2019). */
const PEAKS_NM = { green: 535, red: 614, rod: 528 } as const;

/** An A2 visual pigment through the lens (Govardovskii and others 2000; the lens is assumed), largest band 1. */
function pigment(peakNm: number): Spectrum {
	const steep = 62.7 + 1.834 * Math.exp((peakNm - 625) / 54.2);
	const place = 0.875 + 0.0268 * Math.exp((peakNm - 665) / 40.7);
	const betaNm = 216.7 + 0.287 * peakNm;
	const betaWidth = 317 - 1.149 * peakNm + 0.00124 * peakNm ** 2;
	const raw = spectrum((_, nm) => {
		const x = peakNm / nm;
		const alpha =
			1 / (Math.exp(steep * (place - x)) + Math.exp(20.85 * (0.9101 - x)) + Math.exp(-10.37 * (1.1123 - x)) + 0.5343);
		const beta = 0.37 * Math.exp(-(((nm - betaNm) / betaWidth) ** 2));
		return (alpha + beta) / (1 + Math.exp(-(nm - 405) / 8));
	});
	const most = Math.max(...raw);
	return raw.map((value) => value / most);
}

/** What each receptor of a bass takes of each band, and what it sees brightness by: red cones count double (assumed). */
export const EYE = {
	green: pigment(PEAKS_NM.green),
	red: pigment(PEAKS_NM.red),
	rod: pigment(PEAKS_NM.rod)
} as const;
export const BRIGHTNESS: Spectrum = spectrum((at) => (EYE.green[at]! + 2 * EYE.red[at]!) / 3);

/** How a bass's eye is set for the light at its depth. */
export interface EyeState {
	/** Light at the depth as its eye weighs it, lux, and as a share of that above the water. */
	readonly lux: number;
	readonly share: number;
	/** How far it sees by cones, 0 to 1: the rest by rods. */
	readonly cones: number;
	/** Least contrast of brightness, and least step of hue, that it tells (assumed). */
	readonly leastContrast: number;
	readonly leastHue: number;
}

/** Half of what it sees is by cones at this light, lux. */
const CONES_LUX = 0.5;

export function eyeAt(aboveLux: number, above: Spectrum, atDepth: Spectrum): EyeState {
	const share = sumOf((at) => BRIGHTNESS[at]! * atDepth[at]!) / sumOf((at) => BRIGHTNESS[at]! * above[at]!);
	const lux = aboveLux * share;
	const noise = 1 + Math.sqrt(2 / lux);
	return {
		lux,
		share,
		cones: 1 / (1 + (CONES_LUX / lux) ** 1.2),
		leastContrast: 0.02 * noise,
		leastHue: 0.05 * Math.sqrt(3) * noise
	};
}
