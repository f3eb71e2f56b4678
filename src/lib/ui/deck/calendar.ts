import type { EventAttributes } from 'ics';
import type { Stay } from './day';

type Instant = [number, number, number, number, number];

const instantOf = (iso: string): Instant => {
	const at = new Date(iso);
	return [at.getUTCFullYear(), at.getUTCMonth() + 1, at.getUTCDate(), at.getUTCHours(), at.getUTCMinutes()];
};

/** A day's stays as an iCalendar file. */
export async function calendarOf(stays: readonly Stay[], placeOf: (id: string | null) => string): Promise<string> {
	const { createEvents } = await import('ics');
	const events = stays.map(({ from, to, spot, lure, note }): EventAttributes => ({
		start: instantOf(from),
		end: instantOf(to),
		startInputType: 'utc',
		endInputType: 'utc',
		title: lure,
		...(note ? { description: note } : {}),
		location: placeOf(spot)
	}));
	const { error, value } = createEvents(events);
	if (error || !value) throw new Error(error?.message ?? 'The calendar could not be written.');
	return value;
}
