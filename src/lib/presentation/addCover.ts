import { LIST_MAX } from '../core/foundation/schema/limits';
import type { Cover, Forage, ParsedReading } from '../core/foundation/schema/reading';

type CoverKind = Cover['kind'];
type ForageKind = Forage['kind'];

/** Cover that lies on the surface, and cover whose top is the bottom itself wherever it was pointed at. */
const AFLOAT: readonly CoverKind[] = ['pads', 'stems', 'dock'];
const ON_THE_BOTTOM: readonly CoverKind[] = ['rock', 'shell', 'ditch'];
/** How far (m) stones and shells stand up from the bottom: assumed, for what is put in with one tap. */
const STANDS_UP_M = 0.3;
/** A baitfish of the length (in) that most readings give. */
const USUAL_BAIT_IN = 2.5;

const toCm = (metres: number): number => Math.round(metres * 100) / 100;

/** Depth (m) of the top of cover that was put where somebody pointed, m down. */
export function topFor(kind: CoverKind, pointedM: number, bottomM: number): number {
	if (AFLOAT.includes(kind)) return 0;
	return toCm(Math.max(0, ON_THE_BOTTOM.includes(kind) ? bottomM - STANDS_UP_M : Math.min(pointedM, bottomM)));
}

/** Cover of a kind as it is put in, its top (m) under the surface. */
export const coverOf = (kind: CoverKind, topM: number): Cover => ({ kind, density: 'medium', form: 'even', topM });
/** Bait of a kind as it is put in. */
export const baitOf = (kind: ForageKind): Forage => ({ kind, lengthIn: USUAL_BAIT_IN, amount: 'some' });

type Lists = Pick<ParsedReading, 'cover' | 'forage'>;

/** Cover with one more of a kind, its top where it was pointed at; `null` where the list is full. */
export function coverWith({ cover = [] }: Lists, kind: CoverKind, pointedM: number, bottomM: number): Cover[] | null {
	if (cover.length >= LIST_MAX) return null;
	return [...cover, coverOf(kind, topFor(kind, pointedM, bottomM))];
}

/** Forage with one more kind in it; `null` where the list is full. */
export function forageWith({ forage = [] }: Lists, kind: ForageKind): Forage[] | null {
	return forage.length >= LIST_MAX ? null : [...forage, baitOf(kind)];
}

/** A list without every entry of a kind. */
export const withoutKind = <Kind, Entry extends { readonly kind: Kind }>(list: readonly Entry[], kind: Kind): Entry[] =>
	list.filter((entry) => entry.kind !== kind);
