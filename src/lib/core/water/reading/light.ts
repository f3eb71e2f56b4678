import type { Reading } from './complete';

/** Sun's height (degrees) below which light is low, and below which it is night (the end of civil twilight). */
const LOW_DEG = 10;
const NIGHT_DEG = -6;

/** The light of a sun's height in degrees. */
export const lightOf = (sunElevationDeg: number): Reading['light'] =>
	sunElevationDeg < NIGHT_DEG ? 'night' : sunElevationDeg < LOW_DEG ? 'low' : 'day';

/** Height of the sun (degrees) where only the class of light is known: a high forenoon, close to the horizon, night. */
const USUAL_DEG = { day: 35, low: 4, night: -30 } as const;

/** Height of the sun in degrees, as it was read or as its light says. */
export const sunDegOf = ({ sunElevationDeg, light }: Pick<Reading, 'sunElevationDeg' | 'light'>): number =>
	sunElevationDeg ?? USUAL_DEG[light];
