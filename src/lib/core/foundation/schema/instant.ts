import * as z from 'zod/mini';

/** Years that a record may speak of: what lies outside is a slip of the pen, and no database keeps it alike. */
const FIRST_YEAR = 1900;
const LAST_YEAR = 2199;

const inRange = (text: string): boolean => {
	const year = Number(text.slice(0, 4));
	return year >= FIRST_YEAR && year <= LAST_YEAR;
};

/** An instant in UTC, as ISO 8601 writes it. */
export const instant = z.iso
	.datetime({ offset: false, error: 'Write times in UTC, like 2026-05-09T06:40:00Z.' })
	.check(z.refine(inRange, `Times must be between ${FIRST_YEAR} and ${LAST_YEAR}.`));
