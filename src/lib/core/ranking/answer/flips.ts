import { keysOf } from '../../foundation/basics/typed';
import { READING_RANGES } from '../../foundation/schema/limits';
import type { Reading } from '../../water/reading/complete';
import type { CallInput } from '../../foundation/schema/call';
import type { ParsedReading } from '../../foundation/schema/reading';
import type { Rig } from '../../foundation/schema/rig';
import {
	BANKS,
	CURRENTS,
	GOALS,
	LIGHTS,
	MOODS,
	OTHERS,
	PHASES,
	PLACES,
	PRESSURES,
	SHADES,
	SKIES,
	SPECIES,
	STAINS,
	STANDS,
	TRENDS,
	WINDS,
	type Family
} from '../../foundation/schema/words';
import { CallVariations, type Patch } from './callVariations';

/** Steps of a scan over a figure. */
export const STEPS = 64;
/** A step in which something changed is halved until no more than this (of the figure's own unit) is left of it. */
const EXACT_TO = 0.005;

/** What may change about a call. */
export const ASPECTS = ['family', 'blades', 'weight', 'colour'] as const;
export type Aspect = (typeof ASPECTS)[number];

/** The nearest change of one field that alters some aspect of the top call. */
export interface Flip {
	readonly field: string;
	readonly from: number | string;
	readonly to: number | string;
	readonly aspect: Aspect;
	/** The rig that is called then. */
	readonly becomes: Rig;
	/** The reading's fields after it, as an angler would write them: a hundredth at most past where it flips. */
	readonly patch: Patch;
	/** How far off it is, as a share of the field's range; a word counts as half. */
	readonly distance: number;
}

/** Which family wins along one field, and every family's best score on the way. */
export interface Curve {
	readonly field: CurveField;
	readonly values: readonly number[];
	/** Best score of each family at each value; `null` where none of it runs. */
	readonly scores: Readonly<Record<Family, readonly (number | null)[]>>;
}

export type FlipEvent =
	| { readonly kind: 'flip'; readonly flip: Flip }
	| { readonly kind: 'curve'; readonly curve: Curve }
	/** How many of the neighboring classes of the reading leave the family as it is. */
	| { readonly kind: 'robustness'; readonly kept: number; readonly tried: number }
	/** Between two rankings: a place to stop. */
	| { readonly kind: 'pause' };

/** Ends of the scans; where the range of a field is wider than water that is fished, the part that is (assumed). */
const SPANS = {
	waterTemperatureC: [2, 34],
	visibilityM: [0.1, 8],
	bottomM: [0.5, 15],
	fishFromM: [0, 12],
	fishToM: [0.2, 14],
	windMps: [0, 14],
	castM: [8, 45],
	dayLengthH: READING_RANGES.dayLengthH,
	sunElevationDeg: READING_RANGES.sunElevationDeg,
	moon: READING_RANGES.moon
} as const satisfies Partial<Record<keyof ParsedReading, readonly [number, number]>>;
/** Depths (m) of the middle of the band along which the winners are told (assumed). */
const DEPTHS = [0.3, 10] as const;
type Figure = keyof typeof SPANS;
export const FIGURES = keysOf(SPANS);

const WORD_FIELDS = {
	trend: TRENDS,
	phase: PHASES,
	stain: STAINS,
	sky: SKIES,
	light: LIGHTS,
	wind: WINDS,
	pressureTrend: TRENDS,
	bank: BANKS,
	current: CURRENTS,
	level: TRENDS,
	shade: SHADES,
	species: SPECIES,
	goal: GOALS,
	mood: MOODS,
	pressure: PRESSURES,
	others: OTHERS,
	place: PLACES,
	from: STANDS
} as const satisfies Partial<Record<keyof ParsedReading, readonly string[]>>;

/** Fields along which the winner of every value is told. */
export const CURVE_FIELDS = ['waterTemperatureC', 'visibilityM', 'depthM'] as const;
export type CurveField = (typeof CURVE_FIELDS)[number];

/** How far up a figure can go on this water: no fish are below its bottom. */
const farthest = ({ bottomM }: Reading, field: Figure): number =>
	field === 'fishFromM' || field === 'fishToM' ? Math.min(SPANS[field][1], bottomM) : SPANS[field][1];

/** A patch that keeps the fish in the water when the bottom or an edge of their band moves. */
function patchOf(reading: Reading, field: Figure, value: number): Patch {
	if (field === 'bottomM') {
		return { bottomM: value, fishFromM: Math.min(reading.fishFromM, value), fishToM: Math.min(reading.fishToM, value) };
	}
	if (field === 'fishFromM') return { fishFromM: value, fishToM: Math.max(value, reading.fishToM) };
	if (field === 'fishToM') return { fishToM: value, fishFromM: Math.min(value, reading.fishFromM) };
	// A class that was chosen by hand would hide the wind's speed.
	return field === 'windMps' ? { windMps: value, wind: undefined } : { [field]: value };
}

/** The band moved to a depth of its middle, the bottom below it where it has to be. */
function atDepth(reading: Reading, middleM: number): Patch {
	const half = (reading.fishToM - reading.fishFromM) / 2;
	const fishFromM = Math.max(0, middleM - half);
	const fishToM = fishFromM + 2 * half;
	return { fishFromM, fishToM, bottomM: Math.max(reading.bottomM, fishToM) };
}

function aspectsOf(rig: Rig | null): Readonly<Record<Aspect, string>> | null {
	if (!rig) return null;
	return {
		family: rig.family,
		blades: rig.blades.map(({ style }) => style).join('+'),
		weight: String(rig.weightOz),
		colour: rig.family === 'underspin' ? (rig.trailer?.colour ?? '') : rig.skirt.colour
	};
}

function differs(a: Rig | null, b: Rig | null, aspect: Aspect): boolean {
	return aspectsOf(a)?.[aspect] !== aspectsOf(b)?.[aspect];
}

/** The value nearest to `same` at which an aspect of the top call is another, between it and `other`. */
function* halve(
	asker: CallVariations,
	field: Figure,
	aspect: Aspect,
	same: number,
	other: number
): Generator<FlipEvent, number> {
	let [near, far] = [same, other];
	while (Math.abs(far - near) > EXACT_TO) {
		const middle = (near + far) / 2;
		yield { kind: 'pause' };
		if (differs(asker.top, asker.topWith(patchOf(asker.reading, field, middle)), aspect)) far = middle;
		else near = middle;
	}
	return far;
}

/** A value to a hundredth, on the far side of where it came from. */
const past = (from: number, value: number): number =>
	(value > from ? Math.ceil(value * 100 - 1e-6) : Math.floor(value * 100 + 1e-6)) / 100;

/** Values at which a figure is looked at, low to high: what several looks have in common is asked once. */
function gridOf(field: Figure | CurveField): number[] {
	const [low, high] = field === 'depthM' ? DEPTHS : SPANS[field];
	// Clarity goes in ratios: a foot matters more in mud than in gin.
	const even = (share: number): number =>
		field === 'visibilityM' ? low * (high / low) ** share : low + share * (high - low);
	return Array.from({ length: STEPS + 1 }, (_, at) => even(at / STEPS));
}

/** Walks one way along a figure, and tells the first change of each aspect. */
function* walk(
	asker: CallVariations,
	field: Figure,
	from: number,
	values: readonly number[],
	missing: Set<Aspect>
): Generator<FlipEvent, Flip[]> {
	const [low, high] = SPANS[field];
	const found: Flip[] = [];
	let before = from;
	for (const value of values) {
		if (missing.size === 0) break;
		yield { kind: 'pause' };
		const rig = asker.topWith(patchOf(asker.reading, field, value));
		for (const aspect of [...missing]) {
			if (!rig || !differs(asker.top, rig, aspect)) continue;
			missing.delete(aspect);
			const exact = yield* halve(asker, field, aspect, before, value);
			const becomes = asker.topWith(patchOf(asker.reading, field, exact)) ?? rig;
			const most = Math.max(from, farthest(asker.reading, field));
			const patch = patchOf(asker.reading, field, Math.min(most, past(from, exact)));
			found.push({ field, from, to: exact, aspect, becomes, patch, distance: Math.abs(exact - from) / (high - low) });
		}
		before = value;
	}
	return found;
}

/** The nearest change of each aspect along a figure; over every so many steps a first look, that a thorough one may better. */
function* scanFigure(
	asker: CallVariations,
	field: Figure,
	aspects: readonly Aspect[] = ASPECTS,
	every = 1
): Generator<FlipEvent> {
	const now = asker.reading[field];
	if (now === undefined) return;
	const most = Math.max(now, farthest(asker.reading, field));
	const grid = [...gridOf(field).filter((value, at) => at % every === 0 && value < most), most];
	const below = grid.filter((value) => value < now).reverse();
	const above = grid.filter((value) => value > now);
	const found = [
		...(yield* walk(asker, field, now, below, new Set(aspects))),
		...(yield* walk(asker, field, now, above, new Set(aspects)))
	];
	for (const aspect of aspects) {
		const both = found.filter((flip) => flip.aspect === aspect);
		const nearest = both.sort((a, b) => a.distance - b.distance)[0];
		if (nearest) yield { kind: 'flip', flip: nearest };
	}
}

function* scanWords(asker: CallVariations): Generator<FlipEvent> {
	for (const [field, words] of Object.entries(WORD_FIELDS)) {
		const now = asker.reading[field as keyof typeof WORD_FIELDS];
		for (const word of words) {
			if (word === now) continue;
			yield { kind: 'pause' };
			const patch: Patch = field === 'wind' ? { wind: word as Reading['wind'], windMps: undefined } : { [field]: word };
			const becomes = asker.topWith(patch);
			const aspect = ASPECTS.find((one) => differs(asker.top, becomes, one));
			if (aspect && becomes)
				yield { kind: 'flip', flip: { field, from: now, to: word, aspect, becomes, patch, distance: 0.5 } };
		}
	}
}

function* scanCurve(asker: CallVariations, field: CurveField): Generator<FlipEvent> {
	const values = gridOf(field);
	const scores: Record<Family, (number | null)[]> = { spinnerbait: [], 'bladed-jig': [], buzzbait: [], underspin: [] };
	for (const value of values) {
		yield { kind: 'pause' };
		const patch = field === 'depthM' ? atDepth(asker.reading, value) : patchOf(asker.reading, field, value);
		const best = asker.scoresWith(patch);
		for (const family of keysOf(scores)) scores[family].push(best[family] ?? null);
	}
	yield { kind: 'curve', curve: { field, values, scores } };
}

/** One class up and down of what is easily misread: temperature by 2 C, clarity by half, wind by a class. */
function neighbours({ waterTemperatureC, visibilityM, wind }: Reading): Patch[] {
	const at = WINDS.indexOf(wind);
	const winds = [WINDS[at - 1], WINDS[at + 1]].filter((word) => word !== undefined);
	return [
		{ waterTemperatureC: Math.max(0, waterTemperatureC - 2) },
		{ waterTemperatureC: Math.min(40, waterTemperatureC + 2) },
		{ visibilityM: Math.max(0.05, visibilityM / 1.5) },
		{ visibilityM: Math.min(20, visibilityM * 1.5) },
		...winds.map((word) => ({ wind: word, windMps: undefined }))
	];
}

function* scanNeighbours(asker: CallVariations): Generator<FlipEvent> {
	let [kept, tried] = [0, 0];
	for (const patch of neighbours(asker.reading)) {
		yield { kind: 'pause' };
		tried++;
		if (asker.topWith(patch)?.family === asker.top?.family) kept++;
	}
	yield { kind: 'robustness', kept, tried };
}

/** Of the steps along a figure the first look takes one in so many: what an angler would call a different day. */
const FIRST_EVERY = 4;

/**
 * What would flip the answer: first every word and a quick look along every figure for another family, which takes about
 * a second; then for every figure a scan of at least 64 steps and bisection, and how every family's best fares along
 * temperature, clarity and depth. Told as it is found, with pauses in between so that a newer question can cut it short.
 */
export function* flipsOf(input: CallInput): Generator<FlipEvent> {
	const asker = new CallVariations(input);
	if (!asker.top) return;
	yield* scanNeighbours(asker);
	yield* scanWords(asker);
	for (const field of FIGURES) yield* scanFigure(asker, field, ['family'], FIRST_EVERY);
	yield* scanCurve(asker, 'waterTemperatureC');
	for (const field of FIGURES) yield* scanFigure(asker, field);
	yield* scanCurve(asker, 'visibilityM');
	yield* scanCurve(asker, 'depthM');
}
