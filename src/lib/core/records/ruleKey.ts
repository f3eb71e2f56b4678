import type { HouseRule } from '../claims/house';

/** Most keys of deleted rules that are remembered; the oldest go first. */
export const GONE_RULES_MAX = 100;

/** Offset and prime of the 32-bit FNV-1a hash (RFC 9923). */
const [OFFSET, PRIME] = [0x811c9dc5, 0x01000193];

function fnv(text: string, seed: number): string {
	let hash = seed;
	for (let at = 0; at < text.length; at++) hash = Math.imul(hash ^ text.charCodeAt(at), PRIME);
	return (hash >>> 0).toString(16).padStart(8, '0');
}

/**
 * A short key of what a rule says, whatever its id: by it a rule that was deleted on one device is known on another. Two
 * hashes of 32 bits, so that among a hundred rules two alike are one in 10^15.
 */
export function ruleKey({ strength, scope, when, prefers, because }: HouseRule): string {
	const sorted = Object.fromEntries(Object.entries(prefers ?? {}).sort(([a], [b]) => (a < b ? -1 : 1)));
	const text = JSON.stringify([strength, scope ?? null, when, sorted, because]);
	return fnv(text, OFFSET) + fnv(`${text}.`, PRIME);
}

/** Keys of deleted rules after the rules were changed: those that went are added, those that came back are taken out. */
export function goneAfter(
	gone: readonly string[],
	before: readonly HouseRule[],
	after: readonly HouseRule[]
): string[] {
	const present = new Set(after.map(ruleKey));
	const went = before.map(ruleKey).filter((key) => !present.has(key));
	return [...new Set([...gone, ...went])].filter((key) => !present.has(key)).slice(-GONE_RULES_MAX);
}
