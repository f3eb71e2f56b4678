import { between, BASE, daylight, spectrum, sumOf, type Spectrum } from './bands';

export const CLOUDS = ['clear', 'overcast', 'heavy'] as const;
export const SURFACES = ['calm', 'ripple', 'chop'] as const;

/** What shines on a water. */
export interface SkyInput {
	/** Height of the sun over the horizon, degrees. */
	readonly sunElevationDeg: number;
	readonly cloud: (typeof CLOUDS)[number];
	/** Lit share of the moon, 0 to 1. */
	readonly moon?: number | undefined;
	readonly surface: (typeof SURFACES)[number];
}

/** Light on a water and how it goes into it. */
export interface Sky {
	/** Above the water, lux, and its photons per band. */
	readonly lux: number;
	readonly photons: Spectrum;
	/** Share that comes in, share of that which is the sun's own beam, and the beam's cosine in the water. */
	readonly through: number;
	readonly beam: number;
	readonly beamCosine: number;
	/** One over the mean cosine of the light in the water. */
	readonly perCosine: number;
}

/** Refractive index of water. */
export const WATER_INDEX = 1.34;
/** Log of the light (lux) by the sun's height, degrees: typical figures. */
const LIGHT = [
	[-18, -3.2],
	[-12, -2.1],
	[-6, 0.53],
	[-3, 1.75],
	[0, 2.8],
	[5, 3.63],
	[10, 4.04],
	[20, 4.45],
	[30, 4.67],
	[45, 4.87],
	[60, 5],
	[90, 5.1]
] as const;
/** What clouds leave of it (assumed), and their color temperature, K. */
const CLOUD_SHARE = { clear: 1, overcast: 0.15, heavy: 0.04 } as const;
const CLOUD_K = { overcast: 6500, heavy: 6800 } as const;
const NIGHT_K = 4100;
const CLEAR_K = [
	[-12, 15000],
	[-6, 14000],
	[-3, 11000],
	[0, 6500],
	[5, 4500],
	[10, 4500],
	[20, 5100],
	[40, 5500],
	[90, 5700]
] as const;
/** Share of a clear sky's light that is the sun's own, by its height (assumed). */
const BEAM = [
	[0, 0],
	[5, 0.3],
	[10, 0.5],
	[20, 0.68],
	[30, 0.76],
	[60, 0.86],
	[90, 0.88]
] as const;
/** From here down (degrees) it is night; the moon then shines from here (degrees), its beam this share of its light. */
const NIGHT_DEG = -12;
const MOON_DEG = 45;
const MOON_BEAM = 0.6;
/** A beam lower than this (degrees) is taken as this. */
const LOWEST_DEG = 3;
/** How a rough surface lets a low beam in, degrees squared (assumed). */
const ROUGH = { calm: 0, ripple: 36, chop: 144 } as const;
/** Share of the sky's own light that comes through the surface. */
const SKY_THROUGH = 0.934;
const SKY_COSINE = 0.86;

const radians = (degrees: number): number => (degrees * Math.PI) / 180;

/** Share of a beam that the surface throws back, by its height over the horizon in degrees (Fresnel, unpolarised). */
function mirrored(elevationDeg: number): number {
	const cosine = Math.sin(radians(elevationDeg));
	const within = Math.sqrt(1 - (1 - cosine * cosine) / WATER_INDEX / WATER_INDEX);
	const across = (cosine - WATER_INDEX * within) / (cosine + WATER_INDEX * within);
	const along = (within - WATER_INDEX * cosine) / (within + WATER_INDEX * cosine);
	return (across * across + along * along) / 2;
}

/** The light on a water (docs/SIGHT.md). */
export function skyOf({ sunElevationDeg, cloud, moon = 0, surface }: SkyInput): Sky {
	const share = CLOUD_SHARE[cloud];
	const isNight = sunElevationDeg < NIGHT_DEG;
	const moonLux = sunElevationDeg < 0 ? (0.25 * moon ** 2.2 + 0.0008) * share : 0;
	const lux = 10 ** between(LIGHT, sunElevationDeg) * share + moonLux;
	const kelvin = isNight ? NIGHT_K : cloud === 'clear' ? between(CLEAR_K, sunElevationDeg) : CLOUD_K[cloud];
	const energy = daylight(kelvin);
	const whole = sumOf((at) => BASE.y[at]! * energy[at]! * 10);
	const night = isNight && moon > 0 ? (MOON_BEAM * moonLux) / lux : 0;
	const inAir = cloud !== 'clear' ? 0 : isNight ? night : between(BEAM, sunElevationDeg);
	const elevation = isNight ? MOON_DEG : Math.max(LOWEST_DEG, sunElevationDeg);
	const back = mirrored(Math.min(90, Math.sqrt(elevation ** 2 + ROUGH[surface])));
	const through = inAir * (1 - back) + (1 - inAir) * SKY_THROUGH;
	const beam = (inAir * (1 - back)) / through;
	const beamCosine = Math.sqrt(1 - (Math.cos(radians(elevation)) / WATER_INDEX) ** 2);
	return {
		lux,
		photons: spectrum((at, nm) => ((lux * energy[at]!) / whole) * (nm / 555)),
		through,
		beam,
		beamCosine,
		perCosine: beam / beamCosine + (1 - beam) / SKY_COSINE
	};
}
