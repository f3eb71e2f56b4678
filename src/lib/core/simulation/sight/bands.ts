import spectra from './spectra.json';

/** Light by wavelength: 31 bands of 10 nm from 400 to 700 nm (docs/SIGHT.md). */
export type Spectrum = readonly number[];

export const BANDS = 31;
export const BAND_NM = 10;
/** Wavelength (nm) of each band. */
export const NM: Spectrum = Array.from({ length: BANDS }, (_, at) => 400 + BAND_NM * at);

/** Room for a spectrum. A plain array: typed ones of this length cost ten times as much to make, and many are made. */
export const blank = (): number[] => new Array<number>(BANDS);

/** A spectrum by a function of band and wavelength (nm). */
export function spectrum(of: (at: number, nm: number) => number): Spectrum {
	const made = blank();
	for (let at = 0; at < BANDS; at++) made[at] = of(at, NM[at]!);
	return made;
}

/** What is left (share, per band) of something that is lost along a way (m), by its loss (1/m). */
export function leftOf(losses: Spectrum, wayM: number): number[] {
	const made = blank();
	for (let at = 0; at < BANDS; at++) made[at] = Math.exp(-losses[at]! * wayM);
	return made;
}

/** Sum over the bands of a product. */
export function sumOf(of: (at: number) => number): number {
	let sum = 0;
	for (let at = 0; at < BANDS; at++) sum += of(at);
	return sum;
}

/**
 * Base tables (docs/SIGHT.md): absorption of pure water 1/m (Pope and Fry 1997) and of algae (Prieur and
 * Sathyendranath), the D series' S0 to S2, and the CIE 1931 observer.
 */
export const BASE: Readonly<Record<keyof typeof spectra, Spectrum>> = spectra;

/** A value between points of a rising table, held at its ends. */
export function between(points: readonly (readonly [number, number])[], at: number): number {
	const after = points.findIndex(([x]) => x >= at);
	if (after < 0) return points.at(-1)![1];
	if (after === 0) return points[0]![1];
	const [[x0, y0], [x1, y1]] = [points[after - 1]!, points[after]!];
	return y0 + ((at - x0) / (x1 - x0)) * (y1 - y0);
}

/** Daylight of the CIE D series at a color temperature (K), energy in arbitrary units. */
export function daylight(kelvin: number): Spectrum {
	const inverse = 1 / kelvin;
	const x =
		kelvin <= 7000
			? 0.244063 + 99.11 * inverse + 2.9678e6 * inverse ** 2 - 4.607e9 * inverse ** 3
			: 0.23704 + 247.48 * inverse + 1.9018e6 * inverse ** 2 - 2.0064e9 * inverse ** 3;
	const y = -3 * x * x + 2.87 * x - 0.275;
	const m = 0.0241 + 0.2562 * x - 0.7341 * y;
	const m1 = (-1.3515 - 1.7703 * x + 5.9114 * y) / m;
	const m2 = (0.03 - 31.4424 * x + 30.0717 * y) / m;
	return spectrum((at) => BASE.s0[at]! + m1 * BASE.s1[at]! + m2 * BASE.s2[at]!);
}
