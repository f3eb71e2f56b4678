import { isOneOf } from '../basics/typed';
import { TURNING_STYLES, type TurningStyle } from '../schema/words';

/** Outline of a blade in millimeters: length along the hinge axis and greatest width. */
export interface BladeSize {
	readonly size: number;
	readonly lengthMm: number;
	readonly widthMm: number;
}

const rows = (...table: [number, number, number][]): readonly BladeSize[] =>
	table.map(([size, lengthMm, widthMm]) => ({ size, lengthMm, widthMm }));

/**
 * Generic blade sizes by trade number (the running model's own size table, within about 10 % of what is sold).
 * Columns: size, length mm, width mm.
 */
export const BLADE_SIZES: Readonly<Record<TurningStyle, readonly BladeSize[]>> = {
	colorado: rows(
		[2, 22, 17],
		[3, 27, 21],
		[3.5, 29, 23],
		[4, 32, 25],
		[4.5, 35, 27],
		[5, 38, 30],
		[6, 45, 36],
		[7, 54, 42]
	),
	indiana: rows([2, 24, 15], [3, 30, 19], [3.5, 33, 21], [4, 36, 23], [4.5, 40, 25], [5, 44, 27], [6, 52, 32]),
	willow: rows(
		[2, 31, 11],
		[3, 40, 13],
		[3.5, 45, 14.5],
		[4, 50, 16],
		[4.5, 57, 18],
		[5, 65, 20],
		[6, 76, 24],
		[7, 89, 28]
	)
};

const within = (value: number, low: number, high: number): number => Math.min(high, Math.max(low, value));

/**
 * Length and width of a turning blade, linear between the rows of the table and held at its ends.
 *
 * @param style Blade style.
 * @param size Trade number, 2 to 7 (Indiana 2 to 6).
 */
export function bladeSize(style: TurningStyle, size: number): BladeSize {
	const table = BLADE_SIZES[style];
	const held = within(size, table[0]!.size, table[table.length - 1]!.size);
	const above = table.findIndex((row) => row.size >= held);
	const high = table[above]!;
	const low = table[Math.max(0, above - 1)]!;
	const share = high.size === low.size ? 0 : (held - low.size) / (high.size - low.size);
	const between = (a: number, b: number): number => a + share * (b - a);
	return {
		size,
		lengthMm: between(low.lengthMm, high.lengthMm),
		widthMm: between(low.widthMm, high.widthMm)
	};
}

/**
 * The style of a blade that turns about an arm.
 *
 * @throws {RangeError} For a plate of a bladed jig or a propeller of a buzzbait.
 */
export function turningStyle({ style }: { readonly style?: string | undefined }): TurningStyle {
	if (!isOneOf(TURNING_STYLES, style)) throw new RangeError(`A ${style} blade does not turn about an arm.`);
	return style;
}

/** Outline of a blade, a measured length (mm) standing over the table's: the width follows in proportion. */
export function bladeOutline(style: TurningStyle, size: number, measuredMm?: number): BladeSize {
	const table = bladeSize(style, size);
	if (measuredMm === undefined) return table;
	return { size, lengthMm: measuredMm, widthMm: (table.widthMm * measuredMm) / table.lengthMm };
}
