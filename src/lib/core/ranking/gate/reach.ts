import QuickLRU from 'quick-lru';
import { remembered } from '../../foundation/basics/remembered';
import { upToMps } from '../../simulation/physics/roll';
import type { Mask } from '../space/locks';
import type { RigDrag, Running } from './running';

/** Share of its roll speed that a rig may be wound at: it leans no further than is fished. */
export const ROLL_SHARE = upToMps(1);

/** Sums over some parts, in this order: weight N, drag m2, lift m2, line's drag width m. */
export type Sums = Float64Array;
const FIELDS = ['weightN', 'dragM2', 'liftM2', 'lineM'] as const;
export const [WEIGHT, DRAG, LIFT, LINE] = [0, 1, 2, 3] as const;

/** The least and the most that any open part of some variables could add. */
export interface Range {
	readonly low: Sums;
	readonly high: Sums;
}

const NOTHING: Range = { low: new Float64Array(4), high: new Float64Array(4) };

function rangeOf(adds: RigDrag, open: readonly boolean[], mayBeNothing: boolean): Range {
	const low = new Float64Array(4).fill(mayBeNothing ? 0 : Infinity);
	const high = new Float64Array(4).fill(mayBeNothing ? 0 : -Infinity);
	for (let field = 0; field < FIELDS.length; field++) {
		const values = adds[FIELDS[field]!];
		for (let part = 0; part < values.length; part++) {
			if (!open[part]) continue;
			low[field] = Math.min(low[field]!, values[part]!);
			high[field] = Math.max(high[field]!, values[part]!);
		}
	}
	return { low, high };
}

function sumOf(a: Sums, b: Sums): Sums {
	const sum = new Float64Array(FIELDS.length);
	for (let field = 0; field < sum.length; field++) sum[field] = a[field]! + b[field]!;
	return sum;
}

const together = (a: Range, b: Range): Range => ({ low: sumOf(a.low, b.low), high: sumOf(a.high, b.high) });

/** What trailer, wire, line and skirt from each place on could add. */
function dressRanges({ rest, bare }: Running, mask: Mask): Range[] {
	let after = NOTHING;
	const fromLast = rest.toReversed().map((adds) => {
		const own = rangeOf(adds, mask[adds.variable]!, adds.variable === bare?.skirt);
		return (after = together(own, after));
	});
	return fromLast.reverse();
}

function fastestOf(rolls: Float64Array, open: readonly boolean[]): number {
	let fastest = 0;
	for (let part = 0; part < rolls.length; part++) if (open[part]) fastest = Math.max(fastest, rolls[part]!);
	return fastest;
}

/** How far what is open of a space reaches, whatever the water. */
export interface Reach {
	/** For each weight, what the variables from each place of the gate's order on could add at least and at most. */
	readonly ranges: readonly (readonly Range[])[];
	/** Fastest speed (m/s) at which each engine stands on each weight, in the best material that is open. */
	readonly fastest: readonly Float64Array[];
}

function reachUnder(running: Running, mask: Mask): Reach {
	const { heads, material, rollMps } = running;
	const open = mask[material]!;
	const dress = dressRanges(running, mask);
	return {
		ranges: heads.map((head) => {
			const metal = rangeOf(head, open, false);
			return [...dress.map((range) => together(range, metal)), metal, NOTHING];
		}),
		fastest: rollMps.map((engines) => Float64Array.from(engines, (rolls) => ROLL_SHARE * fastestOf(rolls, open)))
	};
}

/** What is known of a space, by the mask that leaves it open. */
const known = new WeakMap<Running, QuickLRU<string, Reach>>();
const MASKS_MAX = 8;

/** How far what a mask leaves open of a space reaches; locks and rules seldom change between two questions. */
export function reachOf(running: Running, mask: Mask): Reach {
	const rows = [...running.rest.map(({ variable }) => variable), running.material].map((at) => mask[at]!);
	const name = rows.map((open) => open.map(Number).join('')).join();
	const ofSpace = known.get(running) ?? new QuickLRU({ maxSize: MASKS_MAX });
	known.set(running, ofSpace);
	return remembered(ofSpace, name, () => reachUnder(running, mask));
}
