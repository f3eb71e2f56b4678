import { isOneOf } from '../../foundation/basics/typed';
import { without } from '../../foundation/basics/without';
import { BLADE_SIZES } from '../../foundation/catalogue/bladeSizes';
import { LINES, WEIGHTS_OZ } from '../../foundation/catalogue/parts';
import { USUAL_TIP_M } from '../../foundation/constants/constants';
import type { MeasuredParts } from '../physics/measured';
import { USUAL_LINE } from '../physics/window';
import type { SpeedForInput } from '../../foundation/schema/tow';
import { TURNING_STYLES } from '../../foundation/schema/words';
import { speedFor } from './speedFor';

/** One thing that is otherwise, with which a safe speed holds the depth that was asked for. */
export type HoldOffer = { readonly speedMps: number } & (
	| { readonly kind: 'tip'; readonly tipM: number }
	| { readonly kind: 'weight'; readonly weightOz: number }
	| { readonly kind: 'line'; readonly testLb: number }
	| { readonly kind: 'blades'; readonly size: number }
);
type Offer = HoldOffer extends infer One ? (One extends unknown ? Omit<One, 'speedMps'> : never) : never;

/** Tips (m) that are tried, and how many steps of the catalog up and down. */
const TIPS_M = [0.1, 1.2, 2] as const;
const STEPS = 2;

interface Try {
	readonly offer: Offer;
	readonly input: SpeedForInput;
	readonly measured: MeasuredParts;
}

const rearOf = <B extends { readonly position: string }>({
	blades
}: {
	readonly blades: readonly B[];
}): B | undefined => blades.find(({ position }) => position === 'rear') ?? blades[0];

/** A rig's blades with the rear one of another size. */
export const withRearSize = <B extends { readonly position: string; readonly size?: number }>(
	rig: { readonly blades: readonly B[] },
	size: number
): B[] => rig.blades.map((blade) => (blade === rearOf(rig) ? { ...blade, size } : blade));

/** Values of a list within some steps of one, nearest first, without the one itself. */
function around(values: readonly number[], own: number): number[] {
	const sorted = [...values].sort((a, b) => a - b);
	const at = sorted.reduce(
		(best, value, index) => (Math.abs(value - own) < Math.abs(sorted[best]! - own) ? index : best),
		0
	);
	const offsets = Array.from({ length: STEPS }, (_, index) => [index + 1, -index - 1]).flat();
	return offsets.flatMap((offset) => sorted[at + offset] ?? []);
}

function tries(input: SpeedForInput, measured: MeasuredParts): Try[] {
	const { rig, tipM = USUAL_TIP_M } = input;
	const line = { ...USUAL_LINE, ...rig.line };
	const rear = rearOf(rig);
	const sizes = rear && isOneOf(TURNING_STYLES, rear.style) ? BLADE_SIZES[rear.style].map(({ size }) => size) : [];
	const heads = around(WEIGHTS_OZ, rig.weightOz).map((weightOz): Try => ({
		offer: { kind: 'weight', weightOz },
		input: { ...input, rig: { ...rig, weightOz } },
		measured: without(measured, 'head')
	}));
	const tips = TIPS_M.filter((tip) => Math.abs(tip - tipM) > 0.2).map((tip): Try => ({
		offer: { kind: 'tip', tipM: tip },
		input: { ...input, tipM: tip },
		measured
	}));
	const tests = LINES.filter(({ type }) => type === line.type).map(({ testLb }) => testLb);
	const lines = around([...new Set(tests)], line.testLb).map((testLb): Try => ({
		offer: { kind: 'line', testLb },
		input: { ...input, rig: { ...rig, line: { ...rig.line, type: line.type, testLb } } },
		measured
	}));
	const blades = around(sizes, rear?.size ?? 0).map((size): Try => ({
		offer: { kind: 'blades', size },
		input: { ...input, rig: { ...rig, blades: withRearSize(rig, size) } },
		measured
	}));
	return [...tips, ...heads, ...blades, ...lines];
}

/**
 * What else could be done where no safe speed holds a depth: of each kind (rod tip, weight, blades, line) the nearest
 * change with which one does, in that order.
 *
 * @param measured What the angler measured; another head is not the measured one.
 */
export function holdOffers(input: SpeedForInput, measured: MeasuredParts = {}): HoldOffer[] {
	const offers: HoldOffer[] = [];
	for (const one of tries(input, measured)) {
		if (offers.some(({ kind }) => kind === one.offer.kind)) continue;
		const { speedMps } = speedFor(one.input, one.measured);
		if (speedMps !== null) offers.push({ ...one.offer, speedMps });
	}
	return offers;
}
