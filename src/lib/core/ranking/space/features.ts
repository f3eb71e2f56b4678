import type { BladeSet } from '../../foundation/catalogue/layouts';
import { ramp } from '../../water/reading/conditions';
import type { Line, Reel, Rod } from '../../foundation/schema/rig';
import type { TurningStyle } from '../../foundation/schema/words';
import { word, type Features, type Part } from './part';

/** Retrieve: slow to 0.6 m/s, fast from 1.3, burn from 1.4 (the craft's words); between them each fades to the next. */
const SLOW_MPS = [0.95, 0.6] as const;
const FAST_MPS = [0.95, 1.3] as const;
const BURN_MPS = [1.15, 1.4] as const;

/** Trade sizes at which a blade is wholly small and wholly big (the craft's words), with the midpoint between. */
const SMALL_BIG = { colorado: [3, 5], indiana: [3, 5], willow: [3.5, 5] } as const;
/** Buzz blade diameters (mm) at which a blade is wholly small and wholly big; assumed about the usual 45. */
const BUZZ_SMALL_BIG = [38, 52] as const;

/** Wire (in) by word: thin to .033 and fading to .040, heavy from .040 (the running model calls .030-.035 thin). */
const THIN_WIRE_IN = [0.04, 0.033] as const;
const HEAVY_WIRE_IN = [0.035, 0.04] as const;

function mean(parts: readonly Readonly<Record<string, number>>[]): Features {
	const words: Record<string, number> = {};
	for (const part of parts) {
		for (const key of Object.keys(part)) words[key] = (words[key] ?? 0) + part[key]! / parts.length;
	}
	return { words };
}

function smallToBig(size: number, [small, big]: readonly [number, number]): Record<string, number> {
	const middle = (small + big) / 2;
	const words = { small: ramp(size, [middle, small]), big: ramp(size, [middle, big]) };
	return { ...words, ordinary: 1 - words.small - words.big };
}

const between = (size: number, low: number, high: number): number => (size >= low && size <= high ? 1 : 0);

function sizeWords(style: TurningStyle, size: number): Record<string, number> {
	return {
		...smallToBig(size, SMALL_BIG[style]),
		'3-4': between(size, 3, 4),
		'5-6': between(size, 5, 6),
		'5-7': between(size, 5, 7)
	};
}

const bladesOf = (set: BladeSet) => (set.front ? [set.front, set.rear] : [set.rear]);

/** Styles of a set of blades, each blade an equal share. */
export const styleFeatures = (set: BladeSet): Features => mean(bladesOf(set).map((blade) => ({ [blade.style]: 1 })));

/** Front and rear sizes that a pair of two styles is usually sold with (the craft's figures). */
const USUAL_FRONT = [3, 3.5] as const;
const USUAL_REAR = [4, 5] as const;

/** Whether a tandem has the usual proportions; a 4.5 behind a 3 most of all. */
function usualPair({ front, rear }: BladeSet): number {
	if (!front || between(front.size, ...USUAL_FRONT) * between(rear.size, ...USUAL_REAR) === 0) return 0;
	return rear.size === 4.5 && front.size === 3 ? 1 : 0.8;
}

/** Words about the rear blade alone, which decides how a set looks and how deep it runs. */
function rearWords({ style, size }: BladeSet['rear']): Record<string, number> {
	const oneDown = style === 'willow' ? [4, 4] : [3.5, 4];
	return {
		'rear 3-4': between(size, 3, 4),
		'rear 4.5-5': between(size, 4.5, 5),
		'rear 5-7': between(size, 5, 7),
		'rear over 4.5': size > 4.5 ? 1 : 0,
		'up to 5': size <= 5 ? 1 : 0,
		'colorado 6-7': style !== 'willow' ? between(size, 6, 7) : 0,
		'willow 7': style === 'willow' && size === 7 ? 1 : 0,
		'willow 6-7': style === 'willow' ? between(size, 6, 7) : 0,
		'one size down': between(size, oneDown[0]!, oneDown[1]!)
	};
}

/** Size words of a set of blades: those of size each blade an equal share, and those of the rear blade alone. */
export const sizeFeatures = (set: BladeSet): Features => ({
	words: {
		...mean(bladesOf(set).map((blade) => sizeWords(blade.style, blade.size))).words,
		...rearWords(set.rear),
		'usual pair': usualPair(set)
	}
});

/** Size words of a buzz blade by diameter in mm. */
export const buzzSizeFeatures = (diameterMm: number): Features => ({ words: smallToBig(diameterMm, BUZZ_SMALL_BIG) });

/** Finishes of the blades, each an equal share; `mixed` when silver and gold are worn together. */
export function finishFeatures(finishes: readonly string[]): Features {
	const shares = mean(finishes.map((finish) => ({ [finish]: 1 })));
	const mixed = finishes.includes('nickel') && finishes.includes('gold') ? 1 : 0;
	return { words: { ...shares.words, mixed } };
}

/** Words of a retrieve speed in m/s. */
export function paceFeatures(speedMps: number): Features {
	const slow = ramp(speedMps, SLOW_MPS);
	const fast = ramp(speedMps, FAST_MPS);
	return {
		words: { slow, fast, middle: 1 - slow - fast, burn: ramp(speedMps, BURN_MPS) },
		figure: speedMps
	};
}

/** Words of a wire diameter in inches. */
export function wireFeatures(wireIn: number): Features {
	const thin = ramp(wireIn, THIN_WIRE_IN);
	const heavy = ramp(wireIn, HEAVY_WIRE_IN);
	return { words: { thin, heavy, middle: Math.max(0, 1 - thin - heavy) }, figure: wireIn };
}

/** Kind and test of a line; a leader is named too. */
export function lineFeatures(line: Line): Features {
	return {
		words: { [line.type]: 1, ...(line.leader ? { leader: 1 } : {}) },
		figure: line.testLb,
		kind: line.type
	};
}

/** Length (in, with words: short to 83, long from 87), power, action and material of a rod. */
export function rodFeatures({ lengthIn, power, action, material }: Rod): Part['features'] {
	const short = lengthIn <= 83 ? 1 : 0;
	const long = lengthIn >= 87 ? 1 : lengthIn >= 86 ? 0.5 : 0;
	const moderate = action === 'moderate' || action === 'slow' ? 1 : 0;
	const fast = action === 'fast' ? 1 : action === 'moderate-fast' ? 0.5 : 0;
	return {
		'rod.length': { words: { short, long }, figure: lengthIn },
		'rod.power': word(power),
		'rod.action': { words: { moderate, fast } },
		'rod.material': word(material)
	};
}

/** A reel's kind, and for casting reels what it winds per turn: slow under 28 in, quick from 33. */
export function reelFeatures({ kind, inchesPerTurn }: Reel): Part['features'] {
	const speed = inchesPerTurn < 28 ? 'slow' : inchesPerTurn < 33 ? 'middle' : 'quick';
	return { 'reel.kind': word(kind), 'reel.speed': word(speed) };
}

/** Trailer kind, with `any` for whatever is worn. */
export const trailerFeatures = (kind: string | null): Features =>
	kind === null ? word('none') : { words: { [kind]: 1, any: 1 } };

/** A trailer's length in words; no trailer is as short as can be. */
export const trailerLengthFeatures = (lengthIn: number | null): Features =>
	word(lengthIn === null || lengthIn < 3 ? 'short' : lengthIn > 3 ? 'long' : 'standard');
