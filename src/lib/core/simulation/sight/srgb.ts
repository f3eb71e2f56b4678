/** Three figures of a color, and what turns one into another. */
export type Three = readonly [number, number, number];
export type Matrix = readonly [Three, Three, Three];

/** Linear sRGB from XYZ (IEC 61966-2-1; docs/SIGHT.md). */
export const SRGB: Matrix = [
	[3.2404542, -1.5371385, -0.4985314],
	[-0.969266, 1.8760108, 0.041556],
	[0.0556434, -0.2040259, 1.0572252]
];
