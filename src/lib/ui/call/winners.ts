import { keysOf } from '$lib/core/foundation/basics/typed';
import type { Curve } from '$lib/core/ranking/answer/flips';
import type { Family } from '$lib/core/foundation/schema/words';

/** A stretch of a field along which one family wins. */
export interface Stretch {
	readonly family: Family;
	readonly from: number;
	readonly to: number;
}

/** Which family wins at each value, `null` where nothing runs. */
export function winnerAt({ scores }: Curve, at: number): Family | null {
	let best: Family | null = null;
	for (const family of keysOf(scores)) {
		const score = scores[family][at] ?? null;
		if (score !== null && (best === null || score > scores[best][at]!)) best = family;
	}
	return best;
}

/** The curve's stretches in order, each from half a step before its first value to half a step behind its last. */
export function stretchesOf(curve: Curve): Stretch[] {
	const found: Stretch[] = [];
	const { values } = curve;
	const edge = (at: number): number =>
		at <= 0 ? values[0]! : at >= values.length ? values[values.length - 1]! : (values[at - 1]! + values[at]!) / 2;
	values.forEach((_value, at) => {
		const family = winnerAt(curve, at);
		const last = found[found.length - 1];
		if (family === null) return;
		if (last && last.family === family && last.to === edge(at)) found[found.length - 1] = { ...last, to: edge(at + 1) };
		else found.push({ family, from: edge(at), to: edge(at + 1) });
	});
	return found;
}
