import type { ParsedReading } from '../../foundation/schema/reading';

/** A new reading before anything was read: the middle of things, so that the picture has something to show. */
export const BLANK_READING: ParsedReading = {
	waterTemperatureC: 15,
	visibilityM: 1.2,
	bottomM: 3,
	fishFromM: 0.6,
	fishToM: 2
};
