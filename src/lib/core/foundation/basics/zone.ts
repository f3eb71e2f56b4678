/** Whether this platform knows a time zone by its IANA name. */
export function isTimeZone(name: string): boolean {
	try {
		new Intl.DateTimeFormat('en', { timeZone: name });
		return true;
	} catch {
		return false;
	}
}

/** A time zone that every clock on this platform takes: the one that is named, or UTC where it is not known. */
export const knownZone = (name: string): string => (isTimeZone(name) ? name : 'UTC');
