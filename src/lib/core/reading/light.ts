import type { Reading } from './complete';

/** Sun's height (degrees) below which light is low, and below which it is night (the end of civil twilight). */
const LOW_DEG = 10;
const NIGHT_DEG = -6;

/** The light of a sun's height in degrees. */
export const lightOf = (sunElevationDeg: number): Reading['light'] =>
	sunElevationDeg < NIGHT_DEG ? 'night' : sunElevationDeg < LOW_DEG ? 'low' : 'day';
