import { LEANS_DEG } from '../../../simulation/physics/roll';

/** Unit of a check's figure; the screen turns SI into the angler's own. */
export type CheckUnit = 'share' | 'mps' | 'm' | 'mm' | 'h' | 'lb' | 'deg' | 'ratio' | 'count';

/** What a check stands on: the running model, the drawn geometry, or a stated rule of thumb. */
export type CheckBasis = 'model' | 'geometry' | 'rule';

export interface Threshold {
	readonly title: string;
	/** Whether more or less of the figure is safer. */
	readonly better: 'more' | 'less';
	/** From here (or up to here) it passes; from (or up to) the next it is close to the limit; beyond, it fails. */
	readonly pass: number;
	readonly marginal: number;
	readonly unit: CheckUnit;
	readonly basis: CheckBasis;
	/** What the figure is. */
	readonly figure: string;
}

const row = (
	title: string,
	basis: CheckBasis,
	figure: string,
	better: Threshold['better'],
	pass: number,
	marginal: number,
	unit: CheckUnit
): Threshold => ({ title, basis, figure, better, pass, marginal, unit });

/** Where the running model calls it rolled over, degrees; a hair less, so that a lure at the limit is told to roll. */
const ROLLS_DEG = 59.9;

/**
 * Every check with its threshold. Those of the model follow the running model (keep speed .8 of the start, roll at 60
 * degrees, wire opening and a season of 150 casting hours); those of the geometry leave some mm; the rest are rules of
 * thumb, assumed and stated as such.
 */
export const THRESHOLDS = {
	start: row('Blades start', 'model', 'planned speed over start speed', 'more', 1.1, 0.8, 'share'),
	plane: row('Stays on top', 'model', 'planned speed over slowest on top', 'more', 1.1, 1, 'share'),
	roll: row('Stays upright', 'model', 'lean at the planned speed', 'less', LEANS_DEG, ROLLS_DEG, 'deg'),
	depth: row('In the strike zone', 'model', 'share of the retrieve', 'more', 0.5, 0.2, 'share'),
	frontRear: row('Front clears rear blade', 'geometry', 'gap', 'more', 3, 0, 'mm'),
	frontTie: row('Front clears line tie', 'geometry', 'gap', 'more', 3, 0, 'mm'),
	rearHook: row('Rear blade clears hook', 'geometry', 'gap', 'more', 3, 0, 'mm'),
	droop: row('Arm droops', 'rule', 'droop under the blade', 'less', 5, 9, 'mm'),
	life: row('Wire life', 'model', 'casting hours when new', 'more', 150, 40, 'h'),
	fatigue: row('Fatigue left', 'model', 'of its life left', 'more', 0.5, 0.2, 'share'),
	lineWire: row('Wire bears the line', 'model', 'line over what the wire bears', 'less', 1, 1.4, 'share'),
	drag: row('Drag is safe', 'model', 'drag over safe drag', 'less', 1, 1.5, 'share'),
	beat: row('Trailer beat', 'model', 'faster or wider than the blade', 'less', 1.25, 1.5, 'ratio'),
	trailerHook: row('Trailer past hook', 'rule', 'behind the bend', 'less', 55, 75, 'mm'),
	trailerSkirt: row('Trailer past skirt', 'rule', 'past the strands', 'more', 5, -10, 'mm'),
	kink: row('Trailer straight', 'rule', 'crooked', 'less', 3, 8, 'deg'),
	kinkRoll: row('Upright though crooked', 'model', 'lean at the planned speed', 'less', LEANS_DEG, ROLLS_DEG, 'deg'),
	hooks: row('Hooks', 'rule', 'over the local limit', 'less', 0, 0, 'count'),
	points: row('Points', 'rule', 'over the local limit', 'less', 0, 0, 'count'),
	lead: row('Lead', 'rule', 'against the local rule', 'less', 0, 0, 'count'),
	join: row('Knot to lure', 'rule', 'joints too many', 'less', 0, 1, 'count'),
	weight: row('Whole over nominal', 'rule', 'whole lure over head', 'less', 2.5, 3.5, 'ratio'),
	fall: row('Falls', 'geometry', 'weight ahead of drag', 'more', -0.05, -0.085, 'share'),
	rod: row('Rod and weight', 'rule', 'of what its rating bears', 'less', 1, 1.25, 'ratio'),
	rodHook: row('Rod and hook', 'rule', 'steps too soft', 'less', 0, 1, 'count'),
	coverLine: row('Line through cover', 'rule', 'line over what cover asks', 'more', 1, 0.8, 'share')
} as const satisfies Record<string, Threshold>;

export type CheckId = keyof typeof THRESHOLDS;
