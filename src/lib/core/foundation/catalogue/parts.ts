import type { Line, Reel, Rod } from '../schema/rig';
import type { Finish, Retrieve } from '../schema/words';

/** Head weights on sale, in trade ounces. */
export const WEIGHTS_OZ = [0.125, 0.1875, 0.25, 0.375, 0.5, 0.625, 0.75, 1, 1.25, 1.5] as const;

/** Spinnerbait and buzzbait wire on sale, inches. */
export const WIRES_IN = [0.026, 0.03, 0.033, 0.035, 0.04, 0.045, 0.051] as const;

const plainLine = (type: Line['type'], ...tests: number[]): Line[] =>
	tests.map((testLb) => ({ type, testLb, leader: null }));

/** Lines that a shop carries, the usual first. */
export const LINES: readonly Line[] = [
	...plainLine('fluorocarbon', 17, 15, 20, 14, 12, 10, 25, 8),
	...plainLine('mono', 17, 15, 14, 12, 20, 10),
	...plainLine('braid', 40, 50, 30, 65, 20),
	{ type: 'braid', testLb: 40, leader: { type: 'mono', testLb: 15, lengthIn: 36 } }
];

/** The line that rigs are compared on when none is in question. */
export const USUAL_LINE = LINES[0]!;

/** Rods that cover the work, the usual first: short and long in each power that the craft asks for. */
export const RODS: readonly Rod[] = [
	{ lengthIn: 86, power: 'medium-heavy', action: 'moderate', material: 'composite' },
	{ lengthIn: 82, power: 'medium-heavy', action: 'moderate', material: 'graphite' },
	{ lengthIn: 88, power: 'medium-heavy', action: 'moderate', material: 'graphite' },
	{ lengthIn: 82, power: 'medium', action: 'moderate', material: 'composite' },
	{ lengthIn: 88, power: 'heavy', action: 'moderate', material: 'graphite' },
	{ lengthIn: 88, power: 'medium', action: 'fast', material: 'graphite' }
];

/** Reels, the all-round one first. Length per turn is that of a full spool. */
export const REELS: readonly Reel[] = [
	{ ratio: 7.1, inchesPerTurn: 30, kind: 'casting' },
	{ ratio: 6.1, inchesPerTurn: 25, kind: 'casting' },
	{ ratio: 8.1, inchesPerTurn: 34, kind: 'casting' },
	{ ratio: 6.2, inchesPerTurn: 33, kind: 'spinning' }
];

/** Retrieve speeds (m/s) that are told apart. */
export const SPEEDS_MPS: readonly number[] = Array.from({ length: 20 }, (_, step) => (3 + step) / 10);

/** Speeds (m/s) between which a style of retrieve is still that style; assumed from what the words mean. */
export const STYLE_SPEEDS: Readonly<Record<Retrieve, readonly [number, number]>> = {
	steady: [0.5, 1.6],
	'slow-roll': [0.3, 0.7],
	burn: [1.3, 2.2],
	'burn-pause': [1.3, 2.2],
	'lift-drop': [0.4, 1],
	deflect: [0.5, 1.3],
	wake: [0.6, 1.4],
	surface: [0.6, 1.5]
};

/** Finishes of a metal blade, the usual first. */
export const METAL_FINISHES: readonly Exclude<Finish, 'clear'>[] = [
	'nickel',
	'gold',
	'white',
	'black',
	'copper',
	'green-pumpkin',
	'chartreuse'
];

/** Diameters of buzz blades, mm. */
export const BUZZ_DIAMETERS_MM = [45, 38, 52, 60] as const;

/** Underspin blade sizes by trade number. */
export const UNDERSPIN_SIZES = [3, 2, 3.5] as const;

/** Lengths of soft bodies, inches, the usual first. */
export const TRAILER_LENGTHS_IN = [3, 2.5, 4] as const;
