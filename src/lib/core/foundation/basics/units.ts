/**
 * Conversions between the units of the core (SI) and those of the trade and the screen.
 * Exact by international definition (1959 yard and pound).
 */
export const M_PER_FT = 0.3048;
export const M_PER_IN = 0.0254;
export const MM_PER_IN = 25.4;
export const KG_PER_OZ = 0.028349523125;
export const N_PER_LBF = 4.4482216152605;
/** Metres per second in one mile per hour. */
export const MPS_PER_MPH = 0.44704;

export const ftOf = (metres: number): number => metres / M_PER_FT;
export const fahrenheitOf = (celsius: number): number => celsius * 1.8 + 32;
export const celsiusOf = (fahrenheit: number): number => (fahrenheit - 32) / 1.8;

const INCHES_PER_FOOT = 12;

/** A length (in) as anglers write a rod's: 7'4". */
export const feetText = (lengthIn: number): string =>
	`${Math.floor(lengthIn / INCHES_PER_FOOT)}'${Math.round(lengthIn % INCHES_PER_FOOT)}"`;
