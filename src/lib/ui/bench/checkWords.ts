import type { CheckId } from '$lib/core/rig/bench/checks/thresholds';
import { modelShare, percentText } from '$lib/presentation/units';

/** What a check's figure means; `figure` is it in the angler's units, without its sign. */
type Said = (value: number, figure: string) => string;

const percent = (share: number): string => percentText(Math.abs(share));

/** A figure so many times what it is held against is told in words. */
const FAR = 2;
/** Less than this share of what it is held against is as good as none of it. */
const NONE = 0.01;

/** So much over or under what it is held against; in words where a percentage would say nothing, or never comes about. */
const beside =
	(over: string, under: string, never = `far ${under}`): Said =>
	(value) => {
		if (!Number.isFinite(value)) return value > 0 ? `far ${over}` : never;
		if (value < NONE) return never;
		if (value >= FAR) return `far ${over}`;
		return value >= 1 ? `${percent(value - 1)} ${over}` : `${percent(1 - value)} ${under}`;
	};
const gap: Said = (value, figure) => (value >= 0 ? `${figure} free` : `${figure} into it`);
const limit: Said = (value) => (value > 0 ? `${value} more than allowed` : 'allowed');
/** Lean (degrees) from which it has rolled over. */
const OVER_DEG = 59.9;
const roll: Said = (value, figure) => (value >= OVER_DEG ? 'rolls over' : `leans ${figure}`);

/** Each check in words: what is true of this rig, not what the figure is called. */
export const SAID: Readonly<Record<CheckId, Said>> = {
	start: beside('over its start', 'under its start', 'this blade can’t turn on this head'),
	plane: beside('over the slowest on top', 'too slow to stay on top', 'it can’t stay on top at any speed'),
	roll,
	depth: (value) => `for ${modelShare(Math.min(1, Math.max(0, value)))} of the retrieve`,
	frontRear: gap,
	frontTie: gap,
	rearHook: gap,
	droop: (_value, figure) => figure,
	life: (_value, figure) => `${figure} of casting when new`,
	fatigue: (value) => `${percent(value)} of its life`,
	lineWire: beside('too strong for the wire', 'to spare'),
	drag: beside('over what is safe', 'to spare'),
	beat: (value) => (value > 1 ? `${value.toFixed(1)} times the blade’s` : 'no more than the blade’s'),
	trailerHook: (_value, figure) => `${figure} behind the bend`,
	trailerSkirt: (value, figure) => `${figure} ${value >= 0 ? 'past' : 'short of'} the strands`,
	kink: (_value, figure) => `${figure} crooked`,
	kinkRoll: roll,
	hooks: limit,
	points: limit,
	lead: (value) => (value > 0 ? 'against the local rule' : 'allowed'),
	join: (value) => (value > 0 ? `${value} ${value === 1 ? 'joint' : 'joints'} too many` : 'tied as it should be'),
	weight: (value) => `${value.toFixed(1)} times the head`,
	fall: (value) => (value >= 0 ? 'head first' : 'tail first'),
	rod: (value) => (value > 1 ? `${percent(value - 1)} outside its rating` : 'within its rating'),
	rodHook: (value) => (value > 0 ? `${value} ${value === 1 ? 'step' : 'steps'} too soft` : 'stiff enough'),
	coverLine: (value) => (value >= 1 ? 'strong enough' : `${percent(1 - value)} too weak for this cover`)
};
