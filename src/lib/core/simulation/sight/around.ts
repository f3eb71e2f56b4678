import { tableOf } from '../../foundation/basics/typed';
import { levelAt, logsOf, mixedRatio, type LevelField, type Place } from './field';
import table from './lightField.json';
import type { Spectrum } from './bands';
import type { Sky } from './sky';

/** Looking straight down and up, the window overhead, all around, and a dull ball seen from above and from below. */
const RATIOS = ['lu', 'lz', 'lw', 'l0', 'ea', 'eb'] as const;
type Ratio = (typeof RATIOS)[number];

/**
 * Light at a place in the water, per band over the light that comes down there: looking level (`lh`), straight down
 * (`lu`), straight up (`lz`), in the window overhead (`lw`), all around (`l0`), and on a dull ball as seen from its side
 * (`es`), from above (`ea`) and from below (`eb`). Steradians and shares as in docs/SIGHT.md.
 */
export type Field = LevelField & Readonly<Record<Ratio, Spectrum>>;

const LOGS = tableOf(RATIOS, (ratio) => logsOf(table, ratio));

/** The whole light field at a place. */
export function fieldAt(sky: Sky, places: readonly Place[]): Field {
	const around = Object.fromEntries(RATIOS.map((ratio) => [ratio, mixedRatio(LOGS[ratio], sky, places)]));
	return { ...levelAt(sky, places), ...(around as Record<Ratio, Spectrum>) };
}
