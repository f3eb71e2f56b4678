import { startBuild } from '$lib/core/rig/build/start';
import { readingSchema } from '$lib/core/foundation/schema/reading';

/** An outing's record to begin a test with. */
export const OUTING = {
	name: 'Alder Bank, dawn',
	spotId: null,
	reading: readingSchema.parse({ waterTemperatureC: 16, visibilityM: 1, bottomM: 2 }),
	rig: startBuild('spinnerbait').rig,
	deck: [],
	trial: null
};
