import { bladeSize } from '../catalogue/bladeSizes';
import { WEIGHTS_OZ } from '../catalogue/parts';
import type { Relation } from '../claims/claim';
import { maxLineLb } from '../physics/wire';
import type { Reading } from '../reading/complete';
import { mainForageIn, ramp } from '../reading/words';
import type { Family, TurningStyle } from '../schema/words';
import { MM_PER_IN } from '../units';
import { buzzbaitRollMps, heldDepthM, spinnerbaitRollMps } from './depthTable';
import type { Part } from './part';

/** How far a relation is about these parts, 0 to 1, and how well they suit, -1 to 1. */
export interface Suits {
	readonly given: number;
	readonly fit: number;
}

/** A preference computed from the parts of one or two variables, and perhaps the reading. */
export interface RelationRule {
	readonly variables: readonly [string] | readonly [string, string];
	/** Whether the reading matters; otherwise the table is made once. */
	readonly readsWater: boolean;
	readonly suits: (reading: Reading, family: Family, a: Part, b: Part) => Suits;
}

const ALWAYS = 1;

/** Line from this share of what the wire bears fits 1, falling to -1 at the second (the craft's figures). */
const OVERPOWERED = [1, 1.4] as const;

function bearsLine(_reading: Reading, _family: Family, wire: Part, line: Part): Suits {
	const bears = maxLineLb(wire.patch.wireIn!);
	const tied = line.patch.line!.leader?.testLb ?? line.patch.line!.testLb!;
	return { given: ALWAYS, fit: 1 - 2 * ramp(tied / bears, OVERPOWERED) };
}

/** Share of the roll speed that a retrieve may use, and of the band that the lure must be inside (the craft's margin). */
const ROLL_SHARE = 0.9;
const BAND_MARGIN = 0.1;
/** Fit of the lightest weight that holds, and of each step above it; assumed, "one step up is nearly as good". */
const STEPS_UP = [1, 0.9, 0.6, 0.3, 0] as const;

function rollsAt(family: Family, weightOz: number): number {
	return family === 'buzzbait' ? buzzbaitRollMps(weightOz) : spinnerbaitRollMps(weightOz);
}

/** Depth (m) that must be held: a margin inside the upper edge of the band; none for a surface lure. */
function neededDepthM(reading: Reading, family: Family): number {
	if (family === 'buzzbait') return 0;
	return reading.fishFromM + BAND_MARGIN * (reading.fishToM - reading.fishFromM);
}

function holdsAt(reading: Reading, family: Family, weightOz: number, speedMps: number): boolean {
	if (speedMps > ROLL_SHARE * rollsAt(family, weightOz)) return false;
	return family === 'buzzbait' || heldDepthM(weightOz, speedMps) >= neededDepthM(reading, family);
}

/** A weight that does not hold: the less of the needed depth it reaches, the worse; rolling is worst. */
function shortfall(reading: Reading, family: Family, weightOz: number, speedMps: number): number {
	if (speedMps > ROLL_SHARE * rollsAt(family, weightOz)) return -1;
	return Math.max(-1, heldDepthM(weightOz, speedMps) / neededDepthM(reading, family) - 1);
}

function holdsBand(reading: Reading, family: Family, weight: Part, speed: Part): Suits {
	const weightOz = weight.patch.weightOz!;
	const speedMps = speed.patch.retrieve!.speedMps!;
	if (!holdsAt(reading, family, weightOz, speedMps)) {
		return { given: ALWAYS, fit: shortfall(reading, family, weightOz, speedMps) };
	}
	const lighter = WEIGHTS_OZ.filter((oz) => oz < weightOz && holdsAt(reading, family, oz, speedMps));
	const steps = lighter.length;
	return { given: ALWAYS, fit: STEPS_UP[steps] ?? 0 };
}

function nearForage(reading: Reading, _family: Family, blades: Part): Suits {
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

function matchesColour(_reading: Reading, _family: Family, skirt: Part, trailer: Part): Suits {
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
