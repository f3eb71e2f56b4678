import { keysOf } from '../../foundation/basics/typed';
import { without } from '../../foundation/basics/without';
import { LINES, SPEEDS_MPS, WEIGHTS_OZ } from '../../foundation/catalogue/parts';
import { TRAILERS, USUAL_COUNTDOWN_S, USUAL_TIP_M } from '../../foundation/constants/constants';
import type { MeasuredParts } from '../physics/measured';
import { USUAL_LINE } from '../physics/window';
import type { TowInput } from '../../foundation/schema/tow';
import { safeMps } from './speedFor';
import { tow } from './tow';

type TrailerKind = Exclude<keyof typeof TRAILERS, 'none'>;

/** One thing done differently, the lightest to do first. */
export type Change =
	| { readonly kind: 'count'; readonly countdownS: number; readonly share: number }
	| { readonly kind: 'tip'; readonly tipM: number; readonly share: number }
	| { readonly kind: 'speed'; readonly speedMps: number; readonly share: number }
	| { readonly kind: 'weight'; readonly weightOz: number; readonly share: number }
	| { readonly kind: 'line'; readonly testLb: number; readonly share: number }
	| { readonly kind: 'trailer'; readonly trailer: TrailerKind; readonly share: number };

/** What a cast gives as it is, and single changes that keep the lure in the band for longer. */
export interface Changes {
	/** Share of the meters wound in the band, 0 to 1. */
	readonly own: number;
	readonly changes: readonly Change[];
}

const SEGMENTS = 10;
const STEP_S = 0.015;
/** A change is worth telling from this much of the retrieve on, and of two as good as this the nearer one is told. */
const WORTH = 0.05;
const AS_GOOD = 0.02;
/** Longest count (s) and tips (m) that are tried. */
const COUNT_MAX_S = 20;
const TIPS_M = [0.3, 0.6, 1.2, 2] as const;

/** A cast with one thing changed; `lost` is the measured part that goes with it. */
interface Try {
	readonly patch: Partial<TowInput>;
	readonly lost?: 'head' | 'trailer';
	readonly off: number;
	readonly as: (share: number) => Change;
}
type Trying = (input: TowInput, measured: MeasuredParts) => Try[];

function counts({ countdownS = USUAL_COUNTDOWN_S }: TowInput): Try[] {
	return Array.from({ length: COUNT_MAX_S + 1 }, (_, seconds) => ({
		patch: { countdownS: seconds },
		off: Math.abs(seconds - countdownS),
		as: (share): Change => ({ kind: 'count', countdownS: seconds, share })
	}));
}

const tips = ({ tipM = USUAL_TIP_M }: TowInput): Try[] =>
	TIPS_M.map((tip) => ({
		patch: { tipM: tip },
		off: Math.abs(tip - tipM),
		as: (share): Change => ({ kind: 'tip', tipM: tip, share })
	}));

function speeds({ rig, speedMps = 1 }: TowInput, measured: MeasuredParts): Try[] {
	const [slowest, fastest] = safeMps(rig, measured);
	return SPEEDS_MPS.filter((speed) => speed >= slowest && speed <= fastest).map((speed) => ({
		patch: { speedMps: speed },
		off: Math.abs(speed - speedMps),
		as: (share): Change => ({ kind: 'speed', speedMps: speed, share })
	}));
}

/** Other heads, as far as they stand at this speed. */
const weights: Trying = ({ rig, speedMps = 1 }, measured) =>
	WEIGHTS_OZ.filter((weightOz) => {
		const [slowest, fastest] = safeMps({ ...rig, weightOz }, without(measured, 'head'));
		return speedMps >= slowest && speedMps <= fastest;
	}).map((weightOz) => ({
		patch: { rig: { ...rig, weightOz } },
		lost: 'head' as const,
		off: Math.abs(WEIGHTS_OZ.indexOf(weightOz) - WEIGHTS_OZ.findIndex((one) => one >= rig.weightOz)),
		as: (share): Change => ({ kind: 'weight', weightOz, share })
	}));

function lines({ rig }: TowInput): Try[] {
	const { type, testLb } = { ...USUAL_LINE, ...rig.line };
	return [...new Set(LINES.filter((line) => line.type === type).map((line) => line.testLb))].map((test) => ({
		patch: { rig: { ...rig, line: { ...rig.line, type, testLb: test } } },
		off: Math.abs(test - testLb),
		as: (share): Change => ({ kind: 'line', testLb: test, share })
	}));
}

const trailers = ({ rig }: TowInput): Try[] =>
	keysOf(TRAILERS)
		.filter((kind): kind is TrailerKind => kind !== 'none' && kind !== rig.trailer?.kind)
		.map((kind, off) => ({
			patch: { rig: { ...rig, trailer: { ...rig.trailer, kind } } },
			lost: 'trailer' as const,
			off: off + 1,
			as: (share): Change => ({ kind: 'trailer', trailer: kind, share })
		}));

const KINDS: readonly Trying[] = [counts, tips, speeds, weights, lines, trailers];

/** Share of the meters wound in the band. */
const shareOf = (input: TowInput, measured: MeasuredParts): number => tow(input, measured).band?.distanceShare ?? 0;

/**
 * Which single change keeps a lure longest in its band: the best of each kind, the lightest kind first, one after the other
 * as they are found. Of two that are as good the one nearer to what is done now.
 *
 * @param input A steady speed and a band; phases keep their form.
 * @param measured What the angler measured: another head or trailer is not the measured one.
 */
export function* changesOf(
	input: TowInput,
	measured: MeasuredParts = {}
): Generator<Change | { readonly kind: 'own'; readonly share: number }> {
	const coarse: TowInput = { ...input, segments: SEGMENTS, stepS: STEP_S, sampleS: 5, atM: undefined };
	const own = shareOf(coarse, measured);
	yield { kind: 'own', share: own };
	for (const kind of KINDS) {
		let best: { share: number; off: number; change: Change } | null = null;
		for (const { patch, lost, off, as } of kind(input, measured)) {
			const share = shareOf({ ...coarse, ...patch }, lost ? without(measured, lost) : measured);
			const isBetter = !best || share > best.share + AS_GOOD || (share > best.share - AS_GOOD && off < best.off);
			if (isBetter) best = { share, off, change: as(share) };
		}
		if (best && best.share >= own + WORTH) yield best.change;
	}
}

/** All changes of a cast at once; see `changesOf`. */
export function changesFor(input: TowInput): Changes {
	const [first, ...rest] = [...changesOf(input)];
	return { own: first!.share, changes: rest as Change[] };
}
