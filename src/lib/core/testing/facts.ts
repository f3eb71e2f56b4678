import { startBuild } from '../rig/build/start';
import type { Fact } from '../trips/proof/facts';
import { completeReading } from '../water/reading/complete';
import { readingSchema } from '../foundation/schema/reading';

/** A stretch of fishing in which nothing happened, for tests that say what did. */
export const BLANK_FACT: Fact = {
	outingId: 'one',
	beganAt: '2026-05-09T06:40:00.000Z',
	spotId: null,
	rig: startBuild('spinnerbait').rig,
	reading: completeReading(readingSchema.parse({ waterTemperatureC: 16, visibilityM: 1, bottomM: 2 })),
	casts: 0,
	activeS: 600,
	strikes: 0,
	follows: 0,
	landed: 0,
	lost: 0,
	fouled: 0,
	fouledS: 0,
	hooks: [],
	pair: null,
	arm: null
};
