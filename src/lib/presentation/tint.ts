import { waterColours } from '$lib/core/simulation/sight/colour';
import { skyInputOf, type SkyFacts } from '$lib/core/simulation/sight/ofReading';
import { waterOf } from '$lib/core/simulation/sight/water';
import type { Stop } from './drawn';
import type { Reading } from '$lib/core/water/reading/complete';

/** Exposure by lamplight: all channels, then green and blue again. */
const LAMP = [0.5, 0.5 * 0.94, 0.5 * 0.78] as const;
const STOPS = 9;
/** How much of the day is left in the picture by low light and at night: it must still be read. */
const LIGHT = { day: 1, low: 0.8, night: 0.42 } as const;

/** All that the colours hang on. */
export type TintFacts = SkyFacts & Pick<Reading, 'stain' | 'visibilityM'>;

/** Colours of the water from the surface to the given depth (m), as a person down there would see them. */
export function waterStops(reading: TintFacts, depthM: number, lamp: boolean): Stop[] {
	const water = waterOf(reading.stain, reading.visibilityM, 'lure');
	const offsets = Array.from({ length: STOPS }, (_, at) => at / (STOPS - 1));
	const colours = waterColours(
		water,
		skyInputOf(reading),
		offsets.map((offset) => offset * depthM)
	);
	const exposure = LIGHT[reading.light];
	return colours.map((rgb, at) => ({
		offset: offsets[at]!,
		colour: `rgb(${rgb.map((channel, c) => Math.round(channel * exposure * (lamp ? LAMP[c]! : 1))).join(' ')})`
	}));
}
