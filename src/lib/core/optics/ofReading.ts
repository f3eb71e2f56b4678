import type { Reading } from '../reading/complete';
import type { SkyInput } from './sky';

/** Sun's height (degrees) in low light and at night where none was read; broad day is taken as a high forenoon. */
const LOW_DEG = 4;
const NIGHT_DEG = -30;
const DAY_DEG = 35;
const CLOUD = { sun: 'clear', broken: 'clear', overcast: 'overcast', dark: 'heavy' } as const;
const SURFACE = { calm: 'calm', ripple: 'ripple', chop: 'chop', heavy: 'chop' } as const;

/** The sky of a reading as the optics take it. */
export function skyInputOf({ sunElevationDeg, light, sky, moon, wind }: Reading): SkyInput {
	const usual = { day: DAY_DEG, low: LOW_DEG, night: NIGHT_DEG }[light];
	return { sunElevationDeg: sunElevationDeg ?? usual, cloud: CLOUD[sky], moon, surface: SURFACE[wind] };
}
