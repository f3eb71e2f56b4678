import { getMoonIllumination, getPosition, getTimes } from 'suncalc';
import { lightOf } from '$lib/core/water/reading/light';
import type { ParsedReading } from '$lib/core/foundation/schema/reading';

/** Where a reading is taken, degrees north and east; `null` where its water does not say. */
export interface Where {
	readonly latitude: number | null;
	readonly longitude: number | null;
	/** Its time zone (IANA), which tells the half of the earth where nothing else does. */
	readonly timeZone?: string;
}

interface Known {
	readonly latitude: number;
	readonly longitude: number;
}

/** A place on earth, where both figures are known. */
export function positionOf(where: Where | null): Known | null {
	const { latitude = null, longitude = null } = where ?? {};
	return latitude === null || longitude === null ? null : { latitude, longitude };
}

const HOUR_MS = 3_600_000;
const DAY_MS = 24 * HOUR_MS;
/** Days nearer to a turning point than this many minutes of change a day are neither growing nor shrinking. */
const STEADY_MIN = 0.5;

/** Hours from sunrise to sunset; none, or all, where the sun does not cross the horizon on that day. */
function dayLengthH(at: Date, { latitude, longitude }: Known): number {
	const { sunrise, sunset } = getTimes(at, latitude, longitude);
	if (sunrise && sunset) return (sunset.getTime() - sunrise.getTime()) / HOUR_MS;
	return getPosition(at, latitude, longitude).altitude > 0 ? 24 : 0;
}

/** Where the sun stands, degrees: compass bearing, and height over the horizon; `null` for a place nobody named. */
export function sunAt(where: Where, takenAt: string): { azimuthDeg: number; elevationDeg: number } | null {
	const position = positionOf(where);
	if (!position) return null;
	const { latitude, longitude } = position;
	const { azimuth, altitude } = getPosition(new Date(takenAt), latitude, longitude);
	return { azimuthDeg: azimuth, elevationDeg: altitude };
}

function directionOf(at: Date, where: Known): 'growing' | 'shrinking' | undefined {
	const change = (dayLengthH(new Date(at.getTime() + DAY_MS), where) - dayLengthH(at, where)) * 60;
	return Math.abs(change) < STEADY_MIN ? undefined : change > 0 ? 'growing' : 'shrinking';
}

const rounded = (value: number, digits: number): number => Number(value.toFixed(digits));

/** Time zones of the half of the earth where it is winter in July. */
const SOUTHERN =
	/^(Australia|Antarctica)\/|^Pacific\/(Auckland|Chatham|Fiji|Tongatapu|Noumea)|^Africa\/(Johannesburg|Maseru|Mbabane|Harare|Lusaka|Maputo|Gaborone|Windhoek)|^America\/(Sao_Paulo|Montevideo|Asuncion|Santiago|La_Paz|Lima|Buenos_Aires|Argentina|Punta_Arenas)/;
/** Latitude (degrees) of a water that does not say where it is: the middle of where bass are fished for. */
const USUAL_LATITUDE = 38;
const usualLatitude = (timeZone = ''): number => (SOUTHERN.test(timeZone) ? -USUAL_LATITUDE : USUAL_LATITUDE);

/** With the length of the day, and where it goes. */
const dated = (given: ParsedReading, at: Date, where: Known): ParsedReading => ({
	...given,
	dayLengthH: given.dayLengthH ?? rounded(dayLengthH(at, where), 1),
	dayLength: given.dayLength ?? directionOf(at, where)
});

/** With the light of a sun whose height was read. */
const lit = (given: ParsedReading): ParsedReading =>
	given.sunElevationDeg === undefined || given.light !== undefined
		? given
		: { ...given, light: lightOf(given.sunElevationDeg) };

/**
 * A reading with what place and hour say of sun, moon and season, wherever nobody said it: height of the sun, light, moon,
 * length of the day and where it goes. What was read stays. By astronomy alone, so that the same reading is always the
 * same.
 *
 * @param place `null` where no spot was chosen: then, and where its water does not say where it is, only the season is added, and the light of a sun whose height was read.
 * @param takenAt ISO time.
 */
export function withAlmanac(given: ParsedReading, place: Where | null, takenAt: string): ParsedReading {
	const where = positionOf(place);
	const read = given.sunElevationDeg;
	const at = new Date(takenAt);
	if (Number.isNaN(at.getTime())) return lit(given);
	// Where nobody said where the water is, its half of the earth still tells the season.
	if (!where) return dated(lit(given), at, { latitude: usualLatitude(place?.timeZone), longitude: 0 });
	const sunDeg = Math.round(getPosition(at, where.latitude, where.longitude).altitude);
	const light = given.light ?? lightOf(read ?? sunDeg);
	// A light that was chosen against the clock says that the clock is not to be believed about the sun.
	const sunElevationDeg = read ?? (lightOf(sunDeg) === light ? sunDeg : undefined);
	const moon = given.moon ?? rounded(getMoonIllumination(at).fraction, 2);
	const added: ParsedReading = { ...dated(given, at, where), light, moon };
	return sunElevationDeg === undefined ? added : { ...added, sunElevationDeg };
}
