import { spectrum, type Spectrum } from './bands';
import table from './lightField.json';
import type { Sky } from './sky';
import type { Water } from './water';

/**
 * Light at a place in the water, per band over the light that comes down there: looking level (`lh`), straight down
 * (`lu`), straight up (`lz`), in the window overhead (`lw`), all around (`l0`), and on a dull ball as seen from its side
 * (`es`), from above (`ea`) and from below (`eb`). Steradians and shares as in the optics model, section 3.
 */
export const RATIOS = ['lh', 'lu', 'lz', 'lw', 'l0', 'es', 'ea', 'eb'] as const;
export type Ratio = (typeof RATIOS)[number];
export type Field = Readonly<Record<Ratio, Spectrum>>;

type Source = keyof typeof table;

/** Nodes of the tables: depth in lengths of loss, and log of backscatter over absorption. */
const ZETAS = [0, 0.3, 0.8, 2, 4] as const;
const FIRST_LOG = Math.log(0.001);
const LOG_STEP = Math.log(10) / 2;
const COLUMNS = 8;
/** Cosines of the high and the low beam that were worked out. */
const HIGH_COSINE = 0.928;
const LOW_SPAN = 0.228;

type Rows = readonly (readonly number[])[];
const logsOf = (source: Source): Record<Ratio, Rows> =>
	Object.fromEntries(
		RATIOS.map((ratio) => [ratio, table[source][ratio].map((row) => row.map(Math.log))])
	) as unknown as Record<Ratio, Rows>;
const LOGS: Readonly<Record<Source, Readonly<Record<Ratio, Rows>>>> = {
	diffuse: logsOf('diffuse'),
	beamHigh: logsOf('beamHigh'),
	beamLow: logsOf('beamLow')
};

interface Place {
	readonly row: number;
	readonly down: number;
	readonly column: number;
	readonly along: number;
}

function placeOf(zeta: number, x: number): Place {
	const deep = Math.min(ZETAS.at(-1)!, Math.max(0, zeta));
	const row = Math.min(
		ZETAS.length - 2,
		ZETAS.findLastIndex((one) => one <= deep)
	);
	const column = Math.min(COLUMNS - 1, Math.max(0, (Math.log(x) - FIRST_LOG) / LOG_STEP));
	const whole = Math.min(COLUMNS - 2, Math.floor(column));
	return {
		row,
		down: (deep - ZETAS[row]!) / (ZETAS[row + 1]! - ZETAS[row]!),
		column: whole,
		along: column - whole
	};
}

function looked(source: Source, ratio: Ratio, { row, down, column, along }: Place): number {
	const rows = LOGS[source][ratio];
	const [upper, lower] = [rows[row]!, rows[row + 1]!];
	const above = upper[column]! + along * (upper[column + 1]! - upper[column]!);
	const below = lower[column]! + along * (lower[column + 1]! - lower[column]!);
	return Math.exp(above + down * (below - above));
}

/** The light field at a depth (m), from tables that depend on backscatter over absorption, depth and sky alone. */
export function fieldAt({ absorbs, backscatters }: Water, sky: Sky, loss: Spectrum, depthM: number): Field {
	const low = Math.min(1, Math.max(0, (HIGH_COSINE - sky.beamCosine) / LOW_SPAN));
	const places = Array.from(loss, (kd, at) => placeOf(kd * depthM, backscatters[at]! / absorbs[at]!));
	const mixed = (ratio: Ratio): Spectrum =>
		spectrum((at) => {
			const place = places[at]!;
			const beam =
				sky.beam === 0 ? 0 : (1 - low) * looked('beamHigh', ratio, place) + low * looked('beamLow', ratio, place);
			return (1 - sky.beam) * looked('diffuse', ratio, place) + sky.beam * beam;
		});
	return Object.fromEntries(RATIOS.map((ratio) => [ratio, mixed(ratio)])) as Field;
}
