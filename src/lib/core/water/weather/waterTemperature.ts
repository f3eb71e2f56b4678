/** A temperature of the water (°C) that was read, and when (ISO 8601). */
export interface WaterRead {
	readonly at: string;
	readonly waterTemperatureC: number;
}

const DAY_MS = 86_400_000;
const YEAR_DAYS = 365.25;
/** Day of the northern year on which surface water is warmest: late July lags the sun by five weeks (assumed). */
const WARMEST_DAY = 208;
/** Yearly mean (°C) at the equator and its fall per degree of latitude; swing (°C) and its rise per degree (assumed). */
const [MEAN_C, MEAN_FALL] = [28, 0.35] as const;
const [SWING_C, SWING_RISE] = [0.5, 0.24] as const;
/** Water is liquid, and seldom warmer than this, °C. */
const [COLDEST_C, WARMEST_C] = [0.5, 34] as const;
/** Where nobody said where the water is, degrees. */
const USUAL_LATITUDE = 38;
/** What was read counts by how near it is in the season (days), and by how long ago it was (days). */
const SEASON_DAYS = 30;
const AGO_DAYS = 250;

const dayOf = (at: string): number => Date.parse(at) / DAY_MS;

/** Temperature (°C) that surface water usually has on a day at a latitude; the south is half a year behind. */
export function seasonalC(at: string, latitude: number | null): number {
	const degrees = latitude ?? USUAL_LATITUDE;
	const year = new Date(at).getUTCFullYear();
	const day = (Date.parse(at) - Date.UTC(year, 0, 1)) / DAY_MS;
	const phase = (2 * Math.PI * (day - WARMEST_DAY)) / YEAR_DAYS + (degrees < 0 ? Math.PI : 0);
	const away = Math.abs(degrees);
	return MEAN_C - MEAN_FALL * away + (SWING_C + SWING_RISE * away) * Math.cos(phase);
}

/** Days between two days of the year, whichever year they are of. */
function seasonApart(a: number, b: number): number {
	const apart = Math.abs(a - b) % YEAR_DAYS;
	return Math.min(apart, YEAR_DAYS - apart);
}

/**
 * Temperature (°C) of a water on a day, estimated: the seasonal curve, moved by how far the water's own readings lie off it,
 * those of the same season and the newest counting most.
 *
 * @param reads What was read of this water; none for the curve alone.
 * @returns To half a degree; `reads` says how many readings it stands on.
 */
export function estimatedC(
	at: string,
	latitude: number | null,
	reads: readonly WaterRead[]
): { readonly waterTemperatureC: number; readonly reads: number } {
	let [sum, weights] = [0, 0];
	for (const read of reads) {
		const apart = seasonApart(dayOf(at), dayOf(read.at));
		const ago = Math.abs(dayOf(at) - dayOf(read.at));
		const weight = Math.exp(-apart / SEASON_DAYS - ago / AGO_DAYS);
		sum += weight * (read.waterTemperatureC - seasonalC(read.at, latitude));
		weights += weight;
	}
	const off = weights > 0 ? sum / weights : 0;
	const estimate = Math.min(WARMEST_C, Math.max(COLDEST_C, seasonalC(at, latitude) + off));
	return { waterTemperatureC: Math.round(2 * estimate) / 2, reads: reads.length };
}
