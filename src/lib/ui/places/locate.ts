/** How long (ms) the device may take to find where it is. */
const FIND_MS = 15_000;
/** A fifth of a second of arc is a few meters: more digits would say more than the device knows. */
const DIGITS = 5;

/** Where the device is, degrees; or why it does not say. */
export type Located = { readonly latitude: number; readonly longitude: number } | { readonly why: string };

const WHY: Readonly<Record<number, string>> = {
	1: 'This device may not share its location. Type the position instead.',
	2: 'This device can’t tell where it is right now.',
	3: 'This device took too long to find where it is. Try again under open sky.'
};

/** Asks the device where it is; the browser asks the angler first. */
export function locate(): Promise<Located> {
	if (!('geolocation' in navigator)) return Promise.resolve({ why: 'This device can’t tell where it is.' });
	return new Promise((resolve) => {
		navigator.geolocation.getCurrentPosition(
			({ coords }) =>
				resolve({
					latitude: Number(coords.latitude.toFixed(DIGITS)),
					longitude: Number(coords.longitude.toFixed(DIGITS))
				}),
			({ code }) => resolve({ why: WHY[code] ?? WHY[2]! }),
			{ enableHighAccuracy: true, timeout: FIND_MS, maximumAge: 60_000 }
		);
	});
}
