import { seeded } from '../../foundation/basics/random';
import { without } from '../../foundation/basics/without';
import { windClass } from '../reading/complete';
import type { ParsedReading } from '../../foundation/schema/reading';

/** One hour of weather, as the station tells it. */
export interface Weather {
	/** UTC, at the full hour. */
	readonly at: string;
	readonly sky: NonNullable<ParsedReading['sky']>;
	readonly windMps: number;
	/** Where the wind comes from, degrees of the compass. */
	readonly windFromDeg: number;
	readonly pressureTrend: NonNullable<ParsedReading['pressureTrend']>;
	/** How much warmer (C) the water is than at the day's coldest hour. */
	readonly warmerC: number;
	/** Whether thunder is about. */
	readonly thunder: boolean;
}

/** The water lags behind the sun: coldest at six, warmest at four in the afternoon (assumed), by so much (C) under a clear sky. */
const COLDEST_H = 6;
const WARMEST_H = 16;
const SWING_C = 1.6;
const SWING_SHARE = { sun: 1, broken: 0.7, overcast: 0.3, dark: 0.15 } as const;
/** A front comes on one day in so many; it takes so long from the first cloud to the turn of the wind, h. */
const FRONT_CHANCE = 0.35;
const FRONT_H = 5;
/** A day's wind at its height, m/s, and the gusty share of it; thunder comes with fronts over warm days. */
const WIND_MPS = [1.5, 7] as const;
const THUNDER_CHANCE = 0.4;

/** Behind a front the wind has turned by so much. */
const VEER_DEG = 90;

const HOUR_MS = 3_600_000;

/** Share of the day's warmth at an hour of the sun's own clock. */
function warmth(hour: number): number {
	const since = (hour - COLDEST_H + 24) % 24;
	const rise = WARMEST_H - COLDEST_H;
	return since <= rise
		? (1 - Math.cos((Math.PI * since) / rise)) / 2
		: (1 + Math.cos((Math.PI * (since - rise)) / (24 - rise))) / 2;
}

/**
 * A made-up day of weather from a seed: a breeze that gets up with the sun, cloud that comes and goes, now and then a front
 * with falling pressure, dark sky and a wind that drops behind it. It is no forecast.
 *
 * @param hours Full hours, UTC, in their order.
 * @param solarOffsetH Hours by which the sun's clock is ahead of UTC: degrees east over fifteen.
 */
export function weatherOf(seed: number, hours: readonly string[], solarOffsetH: number): Weather[] {
	const random = seeded(seed);
	const cloudy = random();
	const [calmest, strongest] = WIND_MPS;
	const height = calmest + random() * (strongest - calmest);
	const front = random() < FRONT_CHANCE ? 9 + random() * 9 : null;
	const from = random() * 360;
	const thunders = front !== null && random() < THUNDER_CHANCE;
	return hours.map((at) => {
		const hour = (new Date(Date.parse(at) + solarOffsetH * HOUR_MS).getTime() / HOUR_MS) % 24;
		const until = front === null ? Infinity : front - hour;
		const isNear = until <= FRONT_H && until > 0;
		const isOver = until <= 0;
		const cloud = cloudy + 0.35 * (random() - 0.5) + (isNear ? 0.5 * (1 - until / FRONT_H) : isOver ? -0.3 : 0);
		const sky = cloud > 1.05 ? 'dark' : cloud > 0.7 ? 'overcast' : cloud > 0.35 ? 'broken' : 'sun';
		const breeze = Math.max(0.2, Math.sin((Math.PI * Math.min(20, Math.max(4, hour)) - 4 * Math.PI) / 16));
		const windMps = height * breeze * (0.8 + 0.4 * random()) * (isNear ? 1.3 : isOver ? 0.5 : 1);
		return {
			at,
			sky,
			windMps: Math.round(windMps * 2) / 2,
			windFromDeg: Math.round(from + (isOver ? VEER_DEG : 0)) % 360,
			pressureTrend: isNear ? 'falling' : isOver ? 'rising' : 'steady',
			warmerC: Math.round(SWING_C * SWING_SHARE[sky] * warmth(hour) * 10) / 10,
			thunder: thunders && until <= 2 && until > -1
		};
	});
}

/** Within so much of straight onto (or off) a bank a wind counts as that, degrees. */
const ONTO_DEG = 60;

/**
 * What a wind does to a bank.
 *
 * @param bankBearingDeg Bearing in which one looks from the bank over the water.
 */
export function bankIn(windFromDeg: number, bankBearingDeg: number): NonNullable<ParsedReading['bank']> {
	const off = Math.abs(((windFromDeg - bankBearingDeg + 540) % 360) - 180);
	return off <= ONTO_DEG ? 'windblown' : off >= 180 - ONTO_DEG ? 'sheltered' : 'cross';
}

/** A reading as it will be in an hour of such weather: what is not weather stays as it was read. */
export function readingIn(reading: ParsedReading, { sky, windMps, pressureTrend, warmerC }: Weather): ParsedReading {
	// What the desk says of sun and light is of its own hour.
	const rest = without(without(reading, 'sunElevationDeg'), 'light');
	return {
		...rest,
		sky,
		windMps,
		wind: windClass(windMps),
		pressureTrend,
		waterTemperatureC: Math.round((reading.waterTemperatureC + warmerC) * 10) / 10
	};
}
