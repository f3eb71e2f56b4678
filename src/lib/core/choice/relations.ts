import { bladeSize } from '../catalogue/bladeSizes';
import { SPEEDS_MPS, WEIGHTS_OZ } from '../catalogue/parts';
import type { Relation } from '../claims/claim';
import { maxLineLb } from '../physics/wire';
import type { Reading } from '../reading/complete';
import { mainForageIn, ramp } from '../reading/words';
import type { TurningStyle } from '../schema/words';
import { MM_PER_IN } from '../units';
import { ROLL_SHARE, type Windows } from './gates';
import type { Part, Space } from './part';
import type { BandWindow } from './band';
import { usualRuns, type UsualRun } from './running';
import type { Opinion } from './tables';

/** What relations may ask of the water. */
export interface Needs {
	readonly reading: Reading;
	readonly windows: Windows;
	/** What was worked out for this water already: how each weight of a space holds the band at each speed. */
	readonly held: Map<Space, readonly Float64Array[]>;
}

/** A preference computed from the parts of one or two variables, and perhaps the water. */
export interface RelationRule {
	readonly variables: readonly [string] | readonly [string, string];
	/** Whether the reading matters; otherwise the table is made once. */
	readonly readsWater: boolean;
	readonly suits: (needs: Needs, space: Space, a: Part, b: Part) => Opinion;
}

const ALWAYS = 1;

/** Line from this share of what the wire bears fits 1, falling to -1 at the second (the craft's figures). */
const OVERPOWERED = [1, 1.4] as const;

function bearsLine(_needs: Needs, _space: Space, wire: Part, line: Part): Opinion {
	const bears = maxLineLb(wire.patch.wireIn!);
	const tied = line.patch.line!.leader?.testLb ?? line.patch.line!.testLb!;
	return { given: ALWAYS, fit: 1 - 2 * ramp(tied / bears, OVERPOWERED) };
}

/** Share of its pull that a weight must have to spare: "with a margin" (assumed a tenth). */
const MARGIN = 0.1;
/** Fit of the lightest weight that holds, and of each step above it; assumed, "one step up is nearly as good". */
const STEPS_UP = [1, 0.9, 0.6, 0.3, 0] as const;

/** How a usual lure does at some speed: 1 holds the band, 0 sinks past it, below 0 falls short or rolls. */
function holding(window: BandWindow | null, run: UsualRun, at: number): number {
	const speedMps = SPEEDS_MPS[at]!;
	if (speedMps < run.keepMps || speedMps > ROLL_SHARE * run.rollMps) return -1;
	if (!window) return speedMps < run.planeMps ? 0 : 1;
	const least = window.leastPull(at, run.lineShares[at]!);
	if (least === null) return 0;
	const pull = run.pulls[at]!;
	const spare = pull * (1 - MARGIN);
	if (spare < least) return Math.min(-1e-6, Math.max(-1, spare / Math.max(least, 1e-3) - 1));
	return window.holds(at, pull, run.lineShares[at]!) ? 1 : 0;
}

/** How each catalogue weight of a space does at each catalogue speed. */
function heldTable({ windows, held }: Needs, space: Space): readonly Float64Array[] {
	let table = held.get(space);
	if (!table) {
		const window = space.family === 'buzzbait' ? null : windows.of(space.family);
		table = usualRuns(space).map((run) => Float64Array.from(SPEEDS_MPS, (_speed, at) => holding(window, run, at)));
		held.set(space, table);
	}
	return table;
}

/** The lightest that holds fits best; where no weight holds at a speed, weight is not to blame and nothing is said. */
function holdsBand(needs: Needs, space: Space, weight: Part, speed: Part): Opinion {
	const at = SPEEDS_MPS.indexOf(speed.patch.retrieve!.speedMps!);
	const weightAt = (WEIGHTS_OZ as readonly number[]).indexOf(weight.patch.weightOz!);
	const held = heldTable(needs, space);
	const lightest = held.findIndex((row) => row[at] === 1);
	if (lightest < 0) return { given: 0, fit: 0 };
	const own = held[weightAt]![at]!;
	return { given: ALWAYS, fit: own < 0 ? own : (STEPS_UP[weightAt - lightest] ?? 0) };
}

function nearForage({ reading }: Needs, _space: Space, blades: Part): Opinion {
	const forageIn = mainForageIn(reading);
	const rear = blades.patch.blades!.find((blade) => blade.position === 'rear')!;
	if (forageIn === null || rear.style === 'colorado') return { given: 0, fit: 0 };
	const lengthIn = bladeSize(rear.style as TurningStyle, rear.size!).lengthMm / MM_PER_IN;
	// Twice or half the length no longer looks like it (assumed): one octave off is worth nothing.
	const octavesOff = Math.abs(Math.log2(lengthIn / forageIn));
	return { given: ALWAYS, fit: Math.max(-1, 1 - octavesOff) };
}

const COLOUR_GROUPS = [
	['white', 'pearl', 'shad', 'white-chartreuse'],
	['chartreuse', 'white-chartreuse', 'orange'],
	['sunfish', 'perch', 'green-pumpkin', 'watermelon', 'brown-craw'],
	['brown-craw', 'red-craw', 'orange'],
	['black', 'black-blue', 'purple']
] as const;

function matchesColour(_needs: Needs, _space: Space, skirt: Part, trailer: Part): Opinion {
	const worn = trailer.patch.trailer?.colour;
	const colour = skirt.patch.skirt!.colour!;
	if (!worn || colour === 'none') return { given: 0, fit: 0 };
	if (worn === colour) return { given: ALWAYS, fit: 1 };
	const near = COLOUR_GROUPS.some((group: readonly string[]) => group.includes(worn) && group.includes(colour));
	return { given: ALWAYS, fit: near ? 0.5 : 0 };
}

/** Every relation that a claim may name. */
export const RELATIONS: Readonly<Record<Relation, RelationRule>> = {
	'holds-band': { variables: ['weight', 'speed'], readsWater: true, suits: holdsBand },
	'bears-line': { variables: ['wire', 'line'], readsWater: false, suits: bearsLine },
	'near-forage': { variables: ['blades'], readsWater: true, suits: nearForage },
	'matches-colour': { variables: ['skirtColour', 'trailerColour'], readsWater: false, suits: matchesColour }
};
