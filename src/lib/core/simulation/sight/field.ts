import { spectrum, type Spectrum } from './bands';
import levels from './levelField.json';
import type { Sky } from './sky';
import type { Water } from './water';

/** How light comes to a place: from the whole sky, from a high sun, from a low one. */
export type Source = keyof typeof levels;
export type Rows = readonly (readonly number[])[];
/** Logs of a ratio's table for each source. */
export type Logs = Readonly<Record<Source, Rows>>;

/** Nodes of the tables: depth in lengths of loss, and log of backscatter over absorption. */
const ZETAS = [0, 0.3, 0.8, 2, 4] as const;
const FIRST_LOG = Math.log(0.001);
const LOG_STEP = Math.log(10) / 2;
const COLUMNS = 8;
/** Cosines of the high and the low beam that were worked out. */
const HIGH_COSINE = 0.928;
const LOW_SPAN = 0.228;

const logged = (rows: Rows): Rows => rows.map((row) => row.map(Math.log));

/** A ratio's tables, as logs. */
export const logsOf = <R extends string>(
	table: Readonly<Record<Source, Readonly<Record<R, Rows>>>>,
	ratio: R
): Logs => ({
	diffuse: logged(table.diffuse[ratio]),
	beamHigh: logged(table.beamHigh[ratio]),
	beamLow: logged(table.beamLow[ratio])
});

/** Where in the tables a band is looked up. */
export interface Place {
	readonly row: number;
	readonly down: number;
	readonly column: number;
	readonly along: number;
}

function gridPlaceOf(zeta: number, x: number): Place {
	const deep = Math.min(ZETAS.at(-1)!, Math.max(0, zeta));
	const row = Math.min(
		ZETAS.length - 2,
		ZETAS.findLastIndex((one) => one <= deep)
	);
	const column = Math.min(COLUMNS - 1, Math.max(0, (Math.log(x) - FIRST_LOG) / LOG_STEP));
	const whole = Math.min(COLUMNS - 2, Math.floor(column));
	return { row, down: (deep - ZETAS[row]!) / (ZETAS[row + 1]! - ZETAS[row]!), column: whole, along: column - whole };
}

/** Where in the tables each band is at a depth (m): they depend on backscatter over absorption and on depth alone. */
export const placesAt = ({ absorbs, backscatters }: Water, loss: Spectrum, depthM: number): Place[] =>
	Array.from(loss, (kd, at) => gridPlaceOf(kd * depthM, backscatters[at]! / absorbs[at]!));

function looked(rows: Rows, { row, down, column, along }: Place): number {
	const [upper, lower] = [rows[row]!, rows[row + 1]!];
	const above = upper[column]! + along * (upper[column + 1]! - upper[column]!);
	const below = lower[column]! + along * (lower[column + 1]! - lower[column]!);
	return Math.exp(above + down * (below - above));
}

/** How much of a sky's light is a beam, and how steep that goes in the water. */
type Beam = Pick<Sky, 'beam' | 'beamCosine'>;

/** A ratio per band, mixed from its sources as the sky mixes them. */
export function mixedRatio(logs: Logs, sky: Beam, places: readonly Place[]): Spectrum {
	const low = Math.min(1, Math.max(0, (HIGH_COSINE - sky.beamCosine) / LOW_SPAN));
	return spectrum((at) => {
		const place = places[at]!;
		const beam = sky.beam === 0 ? 0 : (1 - low) * looked(logs.beamHigh, place) + low * looked(logs.beamLow, place);
		return (1 - sky.beam) * looked(logs.diffuse, place) + sky.beam * beam;
	});
}

/** What the water itself and a dull ball in it show of the light that comes down there, looked at level. */
export interface LevelField {
	readonly lh: Spectrum;
	readonly es: Spectrum;
}

const LEVEL = { lh: logsOf(levels, 'lh'), es: logsOf(levels, 'es') } as const;

export const levelAt = (sky: Beam, places: readonly Place[]): LevelField => ({
	lh: mixedRatio(LEVEL.lh, sky, places),
	es: mixedRatio(LEVEL.es, sky, places)
});
