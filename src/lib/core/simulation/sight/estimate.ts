import { mapThree } from '../../foundation/basics/typed';
import { BASE, daylight, NM, spectrum, sumOf, type Spectrum } from './bands';
import { SRGB } from './srgb';

type Three = [number, number, number];
type Rows = readonly [Three, Three, Three];

/** Nothing that a picker says is blacker or whiter than a lure can be, linear. */
const [DARKEST, WHITEST] = [0.01, 0.92];
/** Middle and half width (nm) of the visible, to which the curve's argument is scaled. */
const [MIDDLE_NM, HALF_NM] = [550, 150];
const ROUNDS = 60;
const NEAR = 1e-7;

/** What a reflectance weighs in each linear channel by day: rows of sRGB over XYZ over the bands, white 1. */
const CHANNELS: readonly [Spectrum, Spectrum, Spectrum] = (() => {
	const day = daylight(6504);
	const white = sumOf((at) => BASE.y[at]! * day[at]!);
	return mapThree(SRGB, (row) =>
		spectrum((at) => ((row[0] * BASE.x[at]! + row[1] * BASE.y[at]! + row[2] * BASE.z[at]!) * day[at]!) / white)
	);
})();

const linear = (value: number): number => (value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4);

/** Channels (0 to 1, linear) of a color written like #c5d62f. */
export function linearOf(rgb: string): Three {
	const channel = (from: number): number => linear(Number.parseInt(rgb.slice(from, from + 2), 16) / 255);
	return [channel(1), channel(3), channel(5)];
}

const x = (nm: number): number => (nm - MIDDLE_NM) / HALF_NM;
const risen = ([a, b, c]: Three, nm: number): number => a + b * x(nm) + c * x(nm) ** 2;
const curve = (at: number): number => 0.5 + at / (2 * Math.sqrt(1 + at * at));
const slope = (at: number): number => 0.5 / (1 + at * at) ** 1.5;

/** The solution of three equations in three unknowns by Cramer's rule; nought where there is none. */
function solved(rows: Rows, right: Three): Three {
	const det = ([a, b, c]: Rows): number =>
		a[0] * (b[1] * c[2] - b[2] * c[1]) - a[1] * (b[0] * c[2] - b[2] * c[0]) + a[2] * (b[0] * c[1] - b[1] * c[0]);
	const whole = det(rows);
	if (Math.abs(whole) < 1e-14) return [0, 0, 0];
	const solution = (column: number): number =>
		det(mapThree(rows, (row, at) => mapThree(row, (value, i) => (i === column ? right[at] : value)))) / whole;
	return mapThree([0, 1, 2], solution);
}

const missing = (coefficients: Three, wanted: Three): Three =>
	mapThree(wanted, (value, at) => value - sumOf((band) => CHANNELS[at][band]! * curve(risen(coefficients, NM[band]!))));

const size = (three: Three): number => Math.hypot(...three);

/**
 * A smooth reflectance that looks by daylight like a color (sRGB, like #c5d62f): one of the many that do. The curve is a
 * sigmoid of a quadratic in the wavelength (Jakob and Hanika 2019), fitted by Newton's method with halved steps where a
 * whole one would lead away.
 */
export function estimated(rgb: string): Spectrum {
	const wanted = mapThree(linearOf(rgb), (value) => Math.min(WHITEST, Math.max(DARKEST, value)));
	const grey = (wanted[0] + wanted[1] + wanted[2]) / 3;
	// A gray as light as the color is to begin with: the curve turned round.
	const even = 2 * grey - 1;
	let now: Three = [even / Math.sqrt(1 - even * even), 0, 0];
	for (let round = 0; round < ROUNDS; round++) {
		const left = missing(now, wanted);
		if (size(left) < NEAR) break;
		const rows = mapThree(CHANNELS, (channel) =>
			mapThree([0, 1, 2], (power) => sumOf((at) => channel[at]! * slope(risen(now, NM[at]!)) * x(NM[at]!) ** power))
		);
		const step = solved(rows, left);
		let share = 1;
		const at = (far: number): Three => mapThree(now, (value, i) => value + far * step[i]);
		while (share > 1e-4 && size(missing(at(share), wanted)) > size(left)) share /= 2;
		now = at(share);
	}
	return spectrum((_, nm) => curve(risen(now, nm)));
}
