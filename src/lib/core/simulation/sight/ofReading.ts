import type { Reading } from '../../water/reading/complete';
import { sunDegOf } from '../../water/reading/light';
import type { SkyInput } from './sky';

const CLOUD = { sun: 'clear', broken: 'clear', overcast: 'overcast', dark: 'heavy' } as const;
const SURFACE = { calm: 'calm', ripple: 'ripple', chop: 'chop', heavy: 'chop' } as const;

/** What the optics take of the sky and the surface. */
export type SkyFacts = Pick<Reading, 'sunElevationDeg' | 'light' | 'sky' | 'moon' | 'wind'>;

/** The sky of a reading as the optics take it. */
export const skyInputOf = (reading: SkyFacts): SkyInput => ({
	sunElevationDeg: sunDegOf(reading),
	cloud: CLOUD[reading.sky],
	moon: reading.moon,
	surface: SURFACE[reading.wind]
});
