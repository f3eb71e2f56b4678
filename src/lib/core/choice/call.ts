import { CLAIM_BASE_VERSION } from '../claims/claim';
import { splitOf } from '../claims/splits';
import { completeReading } from '../reading/complete';
import { callInputSchema, type CallAnswer, type CalledRig, type CallInput } from '../schema/call';
import { InputFailure, parseWith } from '../schema/failure';
import type { LocalRules } from '../schema/reading';
import type { Locks } from '../schema/rig';
import { assemble } from './assemble';
import { planFor, reasonsFor } from './explain';
import { Judgements } from './judge';
import { maskOf } from './locks';
import { countRigs, searchSpace, type Find } from './search';
import { SPACES } from './spaces';
import { MILLI } from './tables';
import { verdictOf } from './verdict';

const DEFAULT_TOP = 5;
/** Most rigs of one family among the calls of an answer. */
const PER_FAMILY = 2;
/** Heads (oz) up to which a weight belongs to a class; two rigs of one class are not told apart by weight. */
const WEIGHT_CLASSES_OZ = [0.25, 0.5, 0.75, Infinity] as const;

function refuseUnknownStances(stances: Readonly<Record<string, string>>): void {
	for (const [topic, school] of Object.entries(stances)) {
		const split = splitOf(topic);
		const path = `stances.${topic}`;
		if (!split) throw new InputFailure({ code: 'unknown-topic', path, message: `There is no split ${topic}.` });
		if (school === 'auto' || school === 'both' || split.schools.includes(school)) continue;
		const known = [...split.schools, 'auto', 'both'].join(', ');
		throw new InputFailure({ code: 'unknown-school', path, message: `${topic} knows ${known}, saw ${school}.` });
	}
}

/** What tells two calls apart: family, layout, weight class and style of retrieve. */
function kindOf(find: Find): string {
	const weightClass = WEIGHT_CLASSES_OZ.findIndex((upTo) => find.weightOz <= upTo);
	return [find.space.family, find.space.layout, weightClass, find.retrieve].join();
}

function pick(finds: Find[], top: number): Find[] {
	const picked: Find[] = [];
	const kinds = new Set<string>();
	for (const find of finds.sort((a, b) => b.rank - a.rank)) {
		const same = picked.filter(({ space }) => space.family === find.space.family).length;
		if (same >= PER_FAMILY || kinds.has(kindOf(find))) continue;
		picked.push(find);
		kinds.add(kindOf(find));
		if (picked.length === top) break;
	}
	return picked;
}

function called(find: Find, judgements: Judgements, locks: Locks): CalledRig {
	const assignment = find.assignment;
	const reasons = reasonsFor(judgements.about(find.space), find.space, assignment);
	const sum = reasons.reduce((total, { counts }) => total + Math.round(counts * MILLI), 0);
	return { rig: assemble(find.space, assignment, locks), score: sum / MILLI, reasons, window: null };
}

const words = (values: readonly string[]): string => values.join(', ');

/** Names of the locks and rules without any one of which something would be left; all of them when none alone is it. */
function collisions(locks: Locks, rules: LocalRules): string[] {
	const opens = (less: Locks, fewer: LocalRules): boolean =>
		SPACES.some((space) => maskOf(space, less, fewer) !== null);
	const lockKeys = Object.keys(locks) as (keyof Locks)[];
	const ruleKeys = Object.keys(rules) as (keyof LocalRules)[];
	const found = [
		...lockKeys.filter((key) => opens({ ...locks, [key]: undefined }, rules)).map((key) => `the lock on ${key}`),
		...ruleKeys.filter((key) => opens(locks, { ...rules, [key]: undefined })).map((key) => `the local rule ${key}`)
	];
	return found.length > 0 ? found : [...lockKeys.map((key) => `the lock on ${key}`), ...ruleKeys];
}

/**
 * Ranks every rig of the catalogue for a reading and explains the best.
 *
 * The top call comes first; the others differ from it and from each other in family, layout, weight class or style of
 * retrieve, at most two of one family. Scores are exact sums of thousandths; the same input gives the same answer.
 *
 * @throws {InputFailure} When a stance names no split or school, or a tray is given.
 */
export function call({ reading: given, stances = {}, locks = {}, tray, top = DEFAULT_TOP }: CallInput): CallAnswer {
	if (tray) {
		const message = 'A tray cannot bound the choice yet; leave it out.';
		throw new InputFailure({ code: 'tray-not-supported', path: 'tray', message });
	}
	refuseUnknownStances(stances);
	const reading = completeReading(given);
	const judgements = new Judgements(reading, stances);
	const open = SPACES.flatMap((space) => {
		const mask = maskOf(space, locks, reading.rules);
		return mask ? [{ space, mask }] : [];
	});
	const finds = open.flatMap(({ space, mask }) => searchSpace(space, mask, judgements));
	const calls = pick(finds, top).map((find) => called(find, judgements, locks));
	const verdict = verdictOf(judgements.spoken);
	if (calls.length === 0) {
		verdict.reasons.unshift(`Nothing is left: ${words(collisions(locks, reading.rules))} exclude each other.`);
	}
	return {
		verdict,
		calls,
		plan: planFor(judgements.spoken, calls[0]?.rig ?? null),
		exact: false,
		candidates: open.reduce((total, { space, mask }) => total + countRigs(space, mask), 0),
		claimBase: CLAIM_BASE_VERSION
	};
}

/** `call` on raw input: checks it, then answers. */
export const answerCall = (input: unknown): CallAnswer => call(parseWith(callInputSchema, input));
