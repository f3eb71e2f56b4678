import { CLAIM_BASE_VERSION } from '../claims/claim';
import { splitOf } from '../claims/splits';
import { completeReading, type Reading } from '../reading/complete';
import { callInputSchema, type CallAnswer, type CalledRig, type CallInput, type Reason } from '../schema/call';
import { InputFailure, parseWith } from '../schema/failure';
import type { LocalRules } from '../schema/reading';
import type { Locks } from '../schema/rig';
import { assemble } from './assemble';
import { calledWindow } from './calledWindow';
import { countRigs } from './count';
import { planFor, reasonsFor } from './explain';
import { Judgements } from './judge';
import { checkHouseRule } from './houseRules';
import { openingOf } from './locks';
import { rank } from './ranking';
import { SpaceSearch, type Find, type Tally } from './search';
import { SPACES } from './spaces';
import { MILLI } from './tables';
import { verdictOf } from './verdict';

const DEFAULT_TOP = 5;
/** Most rigs of one family among the calls of an answer. */
const PER_FAMILY = 2;
/** Most rigs that are named for reading better than they run. */
const BARRED_MAX = 2;

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

const sumOf = (reasons: readonly Reason[]): number =>
	reasons.reduce((total, { counts }) => total + Math.round(counts * MILLI), 0) / MILLI;

function called(find: Find, judgements: Judgements, locks: Locks, reading: Reading, windows: boolean): CalledRig {
	const reasons = reasonsFor(judgements.about(find.space), find.space, find.assignment);
	const rig = assemble(find.space, find.assignment, locks);
	const window = windows ? calledWindow(rig, judgements.windows, reading.castM) : null;
	return { rig, score: sumOf(reasons), reasons, window };
}

const words = (values: readonly string[]): string => values.join(', ');

/** Names of the locks and rules without any one of which something would be left; all of them when none alone is it. */
function collisions(locks: Locks, rules: LocalRules): string[] {
	const opens = (less: Locks, fewer: LocalRules): boolean =>
		SPACES.some((space) => openingOf(space, less, fewer) !== null);
	const lockKeys = Object.keys(locks) as (keyof Locks)[];
	const ruleKeys = Object.keys(rules) as (keyof LocalRules)[];
	const found = [
		...lockKeys.filter((key) => opens({ ...locks, [key]: undefined }, rules)).map((key) => `the lock on ${key}`),
		...ruleKeys.filter((key) => opens(locks, { ...rules, [key]: undefined })).map((key) => `the local rule ${key}`)
	];
	return found.length > 0 ? found : [...lockKeys.map((key) => `the lock on ${key}`), ...ruleKeys];
}

/** Rigs that read better than the best that runs, each of another family, and what they lack. */
function barredRigs(searches: readonly SpaceSearch[], best: Find | null, judgements: Judgements, locks: Locks) {
	const papers = searches
		.map((search) => ({ search, find: search.bestOnPaper() }))
		.filter((paper): paper is { search: SpaceSearch; find: Find } => paper.find !== null)
		.filter(({ search, find }) => find.rank > (best?.rank ?? -Infinity) && !search.runs(find.assignment))
		.sort((a, b) => b.find.rank - a.find.rank);
	const families = new Set<string>();
	const first = papers.filter(({ find: { space } }) => !families.has(space.family) && families.add(space.family));
	return first.slice(0, BARRED_MAX).map(({ search, find }) => ({
		rig: assemble(find.space, find.assignment, locks),
		score: sumOf(reasonsFor(judgements.about(find.space), find.space, find.assignment)),
		because: search.lacks(find.assignment)
	}));
}

/** How much of an answer is worked out. */
export interface Extent {
	/** Running windows of the called rigs. @default true */
	readonly windows?: boolean;
	/** Rigs that read better than they run. @default true */
	readonly barred?: boolean;
	/** Most rigs of one family. @default 2 */
	readonly perFamily?: number;
}

/**
 * Ranks every rig of the catalogue for a reading and explains the best.
 *
 * The top call comes first; the others differ from it and from each other in family, layout, weight class or style of
 * retrieve, at most two of one family. No rig is called that cannot run where the fish are. Scores are exact sums of
 * thousandths; the same input gives the same answer.
 *
 * @throws {InputFailure} When a stance names no split or school, or a tray is given.
 */
export function call(input: CallInput, { windows = true, barred = true, perFamily = PER_FAMILY }: Extent = {}) {
	const { reading: given, stances = {}, locks = {}, tray, top = DEFAULT_TOP, houseRules = [] } = input;
	if (tray) {
		const message = 'A tray cannot bound the choice yet; leave it out.';
		throw new InputFailure({ code: 'tray-not-supported', path: 'tray', message });
	}
	refuseUnknownStances(stances);
	const reading = completeReading(given);
	const judgements = new Judgements(
		reading,
		stances,
		houseRules.map((rule, at) => checkHouseRule(rule, `houseRules.${at}`))
	);
	const open = SPACES.flatMap((space) => {
		const opening = openingOf(space, locks, reading.rules);
		return opening ? [{ space, ...opening }] : [];
	});
	const searches = open.map(
		({ space, mask }) => new SpaceSearch(space, mask, judgements.about(space), judgements.windows.gate(space, mask))
	);
	const tally: Tally = { nodes: 0, bound: 0, gate: 0 };
	const finds = rank(searches, top, perFamily, tally);
	const calls = finds.map((find) => called(find, judgements, locks, reading, windows));
	const verdict = verdictOf(judgements.spoken);
	if (open.length === 0) {
		verdict.reasons.unshift(`Nothing is left: ${words(collisions(locks, reading.rules))} exclude each other.`);
	} else if (calls.length === 0) verdict.reasons.unshift(NOTHING_RUNS);
	const answer: CallAnswer = {
		verdict,
		calls,
		barred: barred ? barredRigs(searches, finds[0] ?? null, judgements, locks) : [],
		plan: planFor(judgements.spoken, calls[0]?.rig ?? null),
		exact: true,
		candidates: open.reduce((total, { space, mask }) => total + countRigs(space, mask), 0),
		search: {
			...tally,
			lock: open.reduce((total, { locked }) => total + locked, SPACES.length - open.length),
			limit: open.reduce((total, { forbidden }) => total + forbidden, 0)
		},
		claimBase: CLAIM_BASE_VERSION
	};
	return answer;
}

/** Said when every rig that the locks and rules leave runs too deep, too shallow, or not at all. */
const NOTHING_RUNS = 'No rig that is left runs where these fish are: widen the band, or free a lock.';

/** `call` on raw input: checks it, then answers. */
export const answerCall = (input: unknown): CallAnswer => call(parseWith(callInputSchema, input));
