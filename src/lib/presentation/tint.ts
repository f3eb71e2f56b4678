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

/**
 * Most saturation (0 to 1) of the water in a section. A person who looks down through the surface sees tea-colored water
 * brown: what the model gives for the light at depth, a pure deep red, is true below and looks like lava on paper. Sight
 * shows the model's own colors.
 */
const SATURATION_MAX = 0.5;
/** How much each channel counts for brightness (ITU-R BT.709). */
const BRIGHTNESS = [0.2126, 0.7152, 0.0722] as const;

/** A color no more saturated than that, as bright as before. */
export function lessSaturated(rgb: readonly [number, number, number]): [number, number, number] {
	const [most, least] = [Math.max(...rgb), Math.min(...rgb)];
	if (most - least <= SATURATION_MAX * most) return [...rgb];
	const gray = rgb.reduce((sum, channel, c) => sum + channel * BRIGHTNESS[c]!, 0);
	const share = (SATURATION_MAX * gray) / (most - least - SATURATION_MAX * (most - gray));
	return [gray + (rgb[0] - gray) * share, gray + (rgb[1] - gray) * share, gray + (rgb[2] - gray) * share];
}

/** All that the colors hang on. */
export type TintFacts = SkyFacts & Pick<Reading, 'stain' | 'visibilityM'>;

/** Colors of the water from the surface to the given depth (m), as a person above sees them. */
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
		colour: `rgb(${lessSaturated(rgb)
			.map((channel, c) => Math.round(channel * exposure * (lamp ? LAMP[c]! : 1)))
			.join(' ')})`
	}));
}
