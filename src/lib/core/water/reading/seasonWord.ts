import type { Phase } from '../../foundation/schema/words';
import type { Reading } from './complete';

/** Days shorter than this (h) belong to winter, longer ones to summer, whatever the water says. Assumed round figures. */
const SHORT_H = 11;
const LONG_H = 14;

const EARLY: readonly Phase[] = ['pre-spawn', 'spawn', 'post-spawn', 'summer'];
const COLD: readonly Phase[] = ['winter', 'pre-spawn', 'late-fall'];
const LATE: readonly Phase[] = ['summer', 'late-summer', 'fall'];

type Facts = Pick<Reading, 'phase' | 'waterTemperatureC' | 'dayLengthH' | 'dayLength'>;

/** Water this warm (°C) in short days is out of season. */
const WARM_C = 16;

/**
 * What is odd about water and date together, since fish live by both: the water's temperature suggests one season and the
 * length of the day (h) another. `null` where they agree or the date is not known.
 */
export function seasonWord({ phase, waterTemperatureC, dayLengthH, dayLength }: Facts): string | null {
	if (dayLengthH === undefined) return null;
	if (dayLengthH < SHORT_H && dayLength !== 'shrinking' && EARLY.includes(phase)) {
		return 'Warm for so early a date: the days are short still, and fish may hold to winter. Choose it if they do.';
	}
	if (dayLengthH < SHORT_H && dayLength !== 'growing' && LATE.includes(phase)) {
		return 'Warm for so late a date: the days are short already, and fish may be on their way down. Choose late fall if so.';
	}
	if (dayLengthH < SHORT_H && phase === 'late-fall' && waterTemperatureC >= WARM_C) {
		return 'Warm for so late a date: fish may still be where they were in fall. Choose fall if so.';
	}
	if (dayLengthH > LONG_H && COLD.includes(phase)) {
		return 'Cold for the date: the days are long, and fish may be further on than the water says.';
	}
	return null;
}
