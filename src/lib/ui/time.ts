import { tzOffset } from '@date-fns/tz/tzOffset';

const MINUTE_MS = 60_000;
const DAY_MS = 24 * 60 * MINUTE_MS;

const PARTS: Intl.DateTimeFormatOptions = {
	year: 'numeric',
	month: '2-digit',
	day: '2-digit',
	hour: '2-digit',
	minute: '2-digit',
	hourCycle: 'h23'
};

function partsIn(instant: Date, timeZone: string): Record<string, string> {
	const parts = new Intl.DateTimeFormat('en-GB', { ...PARTS, timeZone }).formatToParts(instant);
	return Object.fromEntries(parts.map(({ type, value }) => [type, value]));
}

/** An instant as a water's own clock shows it, for a date field: "2026-05-09T08:40". */
export function localTime(utc: string, timeZone: string): string {
	const { year, month, day, hour, minute } = partsIn(new Date(utc), timeZone);
	return `${year}-${month}-${day}T${hour}:${minute}`;
}

/**
 * The instant at which a water's own clock shows a time; `null` for what is no time.
 *
 * Where the clock goes back and shows a time twice, the earlier of the two is meant.
 */
export function utcTime(local: string, timeZone: string): string | null {
	const asUtc = new Date(`${local}:00.000Z`).getTime();
	if (Number.isNaN(asUtc)) return null;
	// A day to either side lie the offsets before and after any change of the clock: the larger is the earlier instant.
	const offsets = [-DAY_MS, DAY_MS].map((off) => tzOffset(timeZone, new Date(asUtc + off)) * MINUTE_MS);
	const instants = offsets.map((offset) => new Date(asUtc - offset).toISOString()).sort();
	// A time that the clock skips in spring is shown by neither; then the offset before the change counts.
	return instants.find((utc) => localTime(utc, timeZone) === local) ?? new Date(asUtc - offsets[0]!).toISOString();
}

/** An instant in words, by a water's own clock. */
export function timeText(utc: string, timeZone: string): string {
	return new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short', timeZone }).format(new Date(utc));
}

/** This moment in UTC, as records write it. */
export const isoNow = (): string => new Date().toISOString();
