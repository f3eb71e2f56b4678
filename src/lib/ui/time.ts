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
	const asUtc = new Date(`${local}:00.000Z`);
	if (Number.isNaN(asUtc.getTime())) return null;
	let guess = asUtc;
	// The offset at the guess may differ from that at the answer near a change of the clock; twice settles it.
	for (let round = 0; round < 2; round++) {
		const shown = new Date(`${localTime(guess.toISOString(), timeZone)}:00.000Z`);
		guess = new Date(guess.getTime() + (asUtc.getTime() - shown.getTime()));
	}
	return guess.toISOString();
}

/** An instant in words, by a water's own clock. */
export function timeText(utc: string, timeZone: string): string {
	return new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short', timeZone }).format(new Date(utc));
}

/** This moment in UTC, as records write it. */
export const isoNow = (): string => new Date().toISOString();
