import type { Reading } from '$lib/core/reading/complete';

type Rgb = readonly [number, number, number];

/** Light from the surface (A), the water's own colour (D) and how fast one gives way to the other (K, per m). */
interface Tint {
	readonly near: Rgb;
	readonly deep: Rgb;
	readonly k: Rgb;
	/** Visibility (m) at which K is as given; thicker water goes over sooner in proportion. */
	readonly atM: number;
}

/** Section tints by stain (visual direction, section 4; the reference visibilities are assumed). */
const TINTS: Readonly<Record<Reading['stain'], Tint>> = {
	clear: { near: [190, 214, 205], deep: [16, 54, 66], k: [0.4, 0.16, 0.14], atM: 3.5 },
	green: { near: [186, 200, 132], deep: [26, 48, 26], k: [0.66, 0.46, 0.86], atM: 1.4 },
	tannic: { near: [222, 198, 136], deep: [52, 33, 14], k: [0.42, 0.66, 1.25], atM: 1.1 },
	mud: { near: [200, 178, 140], deep: [96, 76, 50], k: [1.1, 1.3, 1.9], atM: 0.45 },
	mixed: { near: [200, 186, 132], deep: [60, 52, 32], k: [0.8, 0.85, 1.4], atM: 0.9 }
};

/** Exposure by lamplight: all channels, then green and blue again. */
const LAMP: Rgb = [0.5, 0.5 * 0.94, 0.5 * 0.78];
const PATH = 1.15;
const STOPS = 13;
/** How much of the day is left by low light and at night. */
const LIGHT = { day: 1, low: 0.72, night: 0.34 } as const;

/** A stop of the water's gradient. */
export interface Stop {
	readonly offset: number;
	readonly colour: string;
}

/** Colours of the water from the surface to the given depth (m). */
export function waterStops(reading: Reading, depthM: number, lamp: boolean): Stop[] {
	const { near, deep, k, atM } = TINTS[reading.stain];
	const murk = Math.min(4, Math.max(0.3, atM / reading.visibilityM));
	const exposure = LIGHT[reading.light];
	return Array.from({ length: STOPS }, (_, at) => {
		const offset = at / (STOPS - 1);
		const channel = (c: 0 | 1 | 2): number => {
			const left = Math.exp(-PATH * k[c] * murk * offset * depthM);
			return Math.round((near[c] * left + deep[c] * (1 - left)) * exposure * (lamp ? LAMP[c] : 1));
		};
		return { offset, colour: `rgb(${channel(0)} ${channel(1)} ${channel(2)})` };
	});
}
