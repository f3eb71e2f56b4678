import type { CheckId } from '$lib/core/bench/checks/thresholds';

/** What a check's figure means; `figure` is it in the angler's units, without its sign. */
type Said = (value: number, figure: string) => string;

const percent = (share: number): string => `${Math.round(Math.abs(share) * 100)}\u2009%`;

/** So much over or under what it is held against. */
const beside =
	(over: string, under: string): Said =>
	(value) =>
		value >= 1 ? `${percent(value - 1)} ${over}` : `${percent(1 - value)} ${under}`;
const gap: Said = (value, figure) => (value >= 0 ? `${figure} free` : `${figure} into it`);
const limit: Said = (value) => (value > 0 ? `${value} more than allowed` : 'allowed');
const roll = beside('past where it rolls', 'short of rolling');

/** Each check in words: what is true of this rig, not what the figure is called. */
export const SAID: Readonly<Record<CheckId, Said>> = {
	start: beside('over its start', 'under its start'),
	plane: beside('over the slowest on top', 'too slow to stay on top'),
	roll,
	depth: (value, figure) => (value > 0 ? `${figure} off the fish` : 'among the fish'),
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
