import { CLAIM_BASE_VERSION } from '../claims/claim';
import { stancesKnown, type Stances } from '../claims/splits';
import { completeReading, type Reading } from '../reading/complete';
import { callInputSchema, type CallAnswer, type CalledRig, type CallInput } from '../schema/call';
import { InputFailure, parseWith, type SetAside } from '../schema/failure';
import { FAMILIES } from '../schema/words';
import type { LocalRules } from '../schema/reading';
import type { Locks } from '../schema/rig';
import { assemble } from './assemble';
import { calledWindow } from './calledWindow';
import { countRigs } from './count';
import { planFor, reasonsFor } from './explain';
import { familiesOf } from './families';
import { Judgements } from './judgements';
import { houseClaims } from './houseRules';
import { limitOf, senseOf } from './limits';
import { openingOf, type Mask, type Rows } from './locks';
import { decideOutfit } from './outfit';
import type { Space } from './part';
import { rank } from './ranking';
import { scoreOf } from './scoreOf';
import { SpaceSearch, type Find, type Tally } from './search';
import { sightClaims } from './sightClaims';
import { SharedWork } from './sharedWork';
import { SPACES } from './spaces';
import { verdictOf } from './verdict';

const DEFAULT_TOP = 5;

/** Opening, claims and gate of a reading: everything that a rig is judged by. */
export interface Question {
	readonly reading: Reading;
	readonly stances: Stances;
	readonly judgements: Judgements;
	readonly ignored: readonly SetAside[];
}

/** Works out what rigs are judged by on a reading. */
export function questionOf({ reading: given, stances = {}, houseRules = [], record, sight }: CallInput): Question {
	const reading = completeReading(given);
	const sides = stancesKnown(stances);
	const house = houseClaims(houseRules);
	const added = sight ? [...house.claims, ...sightClaims(reading)] : house.claims;
	const judgements = new Judgements(reading, sides.stances, added, record);
	return { reading, stances: sides.stances, judgements, ignored: [...sides.ignored, ...house.ignored] };
}

function called(find: Find, mask: Mask, { judgements, reading }: Question, locks: Locks, windows: boolean): CalledRig {
	const about = judgements.about(find.space);
	decideOutfit(find.space, mask, about, find.assignment);
	const reasons = reasonsFor(about, find.space, find.assignment);
	const rig = assemble(find.space, find.assignment, locks);
	return { rig, score: scoreOf(reasons), reasons, window: windows ? calledWindow(rig, reading) : null };
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

/** How much of an answer is worked out. */
export interface Extent {
	/** Running windows of the called rigs. @default true */
	readonly windows?: boolean;
	/** How all four families stand. @default true */
	readonly families?: boolean;
	/** Whether a family may be called twice, the second time fished another way. @default true */
	readonly seconds?: boolean;
}

/** The searches of everything that locks, local rules and the craft's own limits leave. */
export function searchesOf({ reading, stances, judgements }: Question, locks: Locks) {
	const limits = { ...reading.rules, ...senseOf(reading, stances) };
	const rows: Rows = new Map();
	const open = SPACES.flatMap((space) => {
		const opening = openingOf(space, locks, limits, rows);
		return opening ? [{ space, ...opening }] : [];
	});
	const shared = new Map(FAMILIES.map((family) => [family, new SharedWork()]));
	const searches = open.map(({ space, mask }) => {
		const gate = judgements.windows.gate(space, mask);
		return new SpaceSearch(space, mask, judgements.about(space), gate, shared.get(space.family));
	});
	const runnable = searches.filter(({ space }) => limitOf(space.family, reading) === null);
	return { open, searches, runnable };
}

/**
 * Ranks every rig of the catalogue for a reading and explains the best.
 *
 * The top call comes first; the others are of another family, or of the same family fished another way, at most two of
 * one family. No rig is called that cannot run where the fish are. Scores are exact sums of thousandths; the same input
 * gives the same answer. Stances and rules that are none are set aside and named.
 *
 * @throws {InputFailure} When a tray is given.
 */
export function call(input: CallInput, { windows = true, families = true, seconds = true }: Extent = {}) {
	const { locks = {}, tray, top = DEFAULT_TOP } = input;
	if (tray) {
		const message = 'A tray cannot bound the choice yet; leave it out.';
		throw new InputFailure({ code: 'tray-not-supported', path: 'tray', message });
	}
	const question = questionOf(input);
	const { reading, stances, judgements, ignored } = question;
	const { open, searches, runnable } = searchesOf(question, locks);
	const tally: Tally = { nodes: 0, bound: 0, gate: 0 };
	const found = rank(runnable, { top, seconds, everyFamily: families }, tally);
	const maskOf = new Map(searches.map(({ space, mask }) => [space, mask]));
	const calls = found.called.map((find) => called(find, maskOf.get(find.space)!, question, locks, windows));
	const best = calls[0]?.rig ?? null;
	const spoken = judgements.hearing.spoken;
	const verdict = verdictOf(spoken, reading, stances, best?.family ?? null);
	if (open.length === 0) {
		verdict.reasons.unshift(`Nothing is left: ${words(collisions(locks, reading.rules))} exclude each other.`);
	} else if (!best) verdict.reasons.unshift(whyNothing(reading, runnable, locks));
	const answer: CallAnswer = {
		verdict,
		calls,
		families: families ? familiesOf(reading, judgements, searches, found.called, found.bests) : [],
		plan: planFor(spoken, best),
		exact: true,
		candidates: candidatesOf(open, JSON.stringify([locks, reading.rules, senseOf(reading, stances)])),
		search: {
			...tally,
			lock: open.reduce((total, { locked }) => total + locked, SPACES.length - open.length),
			limit: open.reduce((total, { forbidden }) => total + forbidden, searches.length - runnable.length)
		},
		ignored: [...ignored],
		claimBase: CLAIM_BASE_VERSION
	};
	return answer;
}

let counted: { readonly key: string; readonly rigs: number } | null = null;

/** How many rigs are open; the last count is kept, since locks and limits seldom change between two questions. */
function candidatesOf(open: readonly { space: Space; mask: Mask }[], key: string): number {
	if (counted?.key !== key) {
		counted = { key, rigs: open.reduce((total, { space, mask }) => total + countRigs(space, mask), 0) };
	}
	return counted.rigs;
}

/** Said when every rig that the locks and rules leave runs too deep, too shallow, or not at all. */
const NOTHING_RUNS = 'No rig that is left runs where these fish are: widen the band, or free a lock.';

/** Why a locked family that the craft rules out on this water leaves no call. */
function whyNothing(reading: Reading, runnable: readonly SpaceSearch[], { family }: Locks): string {
	const limit = family && runnable.length === 0 ? limitOf(family, reading) : null;
	return limit ? `${limit} Free the lock on family.` : NOTHING_RUNS;
}

/** `call` on raw input: checks it, then answers. */
export const answerCall = (input: unknown): CallAnswer => call(parseWith(callInputSchema, input));
