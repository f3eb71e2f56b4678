import type { CallAnswer, CalledRig, FamilyAnswer, Reason } from '../core/foundation/schema/call';

/** What a reason says, wherever it stands; the rest of it is by how much. */
type Said = readonly [
	claim: string,
	tier: Reason['tier'],
	strength: number,
	split: string | null,
	text: string,
	record?: number
];
/** Which of what is said, its points, how many were possible, and what it adds to the score: all of them, and nothing, unless said. */
type Counted = readonly [said: number, points: number, possible?: number, counts?: number];
type Listed<T extends { reasons: Reason[] }> = Omit<T, 'reasons'> & { readonly reasons: readonly Counted[] };

/** An answer as a page is sent with it: what is said for several rigs is written once. */
export interface PackedAnswer extends Omit<CallAnswer, 'calls' | 'families'> {
	readonly said: readonly Said[];
	readonly calls: readonly Listed<CalledRig>[];
	readonly families: readonly Listed<FamilyAnswer>[];
}

/** Writes what several calls say once. */
export function packAnswer({ calls, families, ...rest }: CallAnswer): PackedAnswer {
	const places = new Map<string, number>();
	const all: Said[] = [];
	const indexOfText = (said: Said): number => {
		const key = JSON.stringify(said);
		const known = places.get(key) ?? all.push(said) - 1;
		places.set(key, known);
		return known;
	};
	const counted = ({ claim, tier, strength, split, text, record, points, possible, counts }: Reason): Counted => {
		const moved: [number] | [] = record === undefined ? [] : [record];
		const said = indexOfText([claim, tier, strength, split, text, ...moved]);
		return possible === points && counts === 0 ? [said, points] : [said, points, possible, counts];
	};
	const listed = <T extends { reasons: Reason[] }>(one: T): Listed<T> => ({
		...one,
		reasons: one.reasons.map(counted)
	});
	return { ...rest, calls: calls.map(listed), families: families.map(listed), said: all };
}

/** The answer as it was. */
export function unpackAnswer({ calls, families, said, ...rest }: PackedAnswer): CallAnswer {
	const reason = ([at, points, possible = points, counts = 0]: Counted): Reason => {
		const [claim, tier, strength, split, text, record] = said[at]!;
		const moved = record === undefined ? {} : { record };
		return { claim, tier, points, possible, counts, strength, split, ...moved, text };
	};
	const whole = <T>(one: T & { readonly reasons: readonly Counted[] }) => ({
		...one,
		reasons: one.reasons.map(reason)
	});
	return { ...rest, calls: calls.map(whole), families: families.map(whole) };
}
