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
		return 'Warm for so early in the year: days are still short, and fish may still act like winter. Choose winter if they do.';
	}
	if (dayLengthH < SHORT_H && dayLength !== 'growing' && LATE.includes(phase)) {
		return 'Warm for so late in the year: days are already short, and fish may be moving deeper. Choose late fall if they are.';
	}
	if (dayLengthH < SHORT_H && phase === 'late-fall' && waterTemperatureC >= WARM_C) {
		return 'Warm for so late in the year: fish may still act like fall. Choose fall if they do.';
	}
	if (dayLengthH > LONG_H && COLD.includes(phase)) {
		return 'Cold for the date: days are long, and fish may be further along than the water suggests.';
	}
	return null;
}
