import { keysOf } from '../../foundation/basics/typed';
import { withinHookRule } from '../../foundation/catalogue/hooks';
import { CLAIM_BASE_VERSION, type Claim } from '../../claims/claim';
import { knownPositions, type Positions } from '../../claims/disputes';
import { completeReading, type Reading } from '../../water/reading/complete';
import { callInputSchema, type CallAnswer, type CalledRig, type CallInput } from '../../foundation/schema/call';
import { parseWith, type SetAside } from '../../foundation/schema/failure';
import type { LocalRules } from '../../foundation/schema/reading';
import type { Locks, Rig } from '../../foundation/schema/rig';
import type { Tray } from '../../foundation/schema/tray';
import { FAMILIES, type Family } from '../../foundation/schema/words';
import { assemble } from '../space/assemble';
import { countRigs } from '../space/count';
import { planFor, reasonsFor } from '../scoring/explain';
import { familiesOf } from './families';
import { Judgements } from '../scoring/judgements';
import { hookSizeFor } from './hookSize';
import { houseClaims } from './houseRules';
import { limitOf, senseOf } from '../space/limits';
import { openingOf, type Opening, type Rows } from '../space/locks';
import { decideOutfit } from '../search/outfit';
import type { Space } from '../space/part';
import { rank } from '../search/ranking';
import { calledWindow, runOf } from '../gate/run';
import { scoreInRank, scoreOf } from '../search/scoreOf';
import { SpaceSearch, type Find, type SearchCounts } from '../search/search';
import { sightClaims } from './sightClaims';
import { SharedWork } from '../search/sharedWork';
import { SPACES } from '../space/spaces';
import { Ties, type Fee, type Use } from '../space/choice';
import { boundsOf, stockOf, type Bound, type Stock } from '../space/tray';
import { verdictOf } from '../scoring/verdict';

const DEFAULT_TOP = 5;

/** Opening, claims and gate of a reading: everything that a rig is judged by. */
export interface Question {
	readonly reading: Reading;
	readonly stances: Positions;
	readonly judgements: Judgements;
	/** What the model of sight adds to the claims, where it was asked for. */
	readonly seen: readonly Claim[];
	readonly ignored: readonly SetAside[];
}

/** Works out what rigs are judged by on a reading. */
export function callQuestionOf({ reading: given, stances = {}, houseRules = [], record, sight }: CallInput): Question {
	const reading = completeReading(given);
	const sides = knownPositions(stances);
	const house = houseClaims(houseRules);
	const seen = sight ? sightClaims(reading) : [];
	const judgements = new Judgements(reading, sides.stances, [...house.claims, ...seen], record);
	return { reading, stances: sides.stances, judgements, seen, ignored: [...sides.ignored, ...house.ignored] };
}

/** What stands in a rig to the letter: what is owned where a tray bounds it, and what is locked. */
type Fixed = (find: Find) => readonly Locks[];

/** The rig of a find, with what it hangs on. */
function rigOf(find: Find, { judgements, reading }: Question, fixed: Fixed): Rig {
	decideOutfit(find.search, judgements.about(find.space), find.assignment);
	const rig = assemble(find.space, find.assignment, ...fixed(find));
	// The size is missing where nothing owned or locked says it: no claim compares hook sizes, so that it needs no search.
	return { ...rig, hook: { ...rig.hook, size: rig.hook.size ?? hookSizeFor(rig, reading) } };
}

function called(find: Find, question: Question, fixed: Fixed, windows: boolean): CalledRig {
	const rig = rigOf(find, question, fixed);
	const reasons = reasonsFor(question.judgements.about(find.space), find.space, find.assignment);
	const { reading } = question;
	const runs = windows ? { window: calledWindow(rig, reading), run: runOf(rig, reading) } : { window: null, run: null };
	return { rig, score: scoreOf(reasons), reasons, ...runs };
}

const words = (values: readonly string[]): string => values.join(', ');

/** Names of the locks and rules without any one of which something would be left; all of them when none alone is it. */
function collisions(locks: Locks, rules: LocalRules): string[] {
	const opens = (less: Locks, fewer: LocalRules): boolean =>
		SPACES.some((space) => openingOf(space, less, fewer) !== null);
	const lockKeys = keysOf(locks);
	const ruleKeys = keysOf(rules);
	const found = [
		...lockKeys.filter((key) => opens({ ...locks, [key]: undefined }, rules)).map((key) => `the lock on ${key}`),
		...ruleKeys.filter((key) => opens(locks, { ...rules, [key]: undefined })).map((key) => `the local rule ${key}`)
	];
	return found.length > 0 ? found : [...lockKeys.map((key) => `the lock on ${key}`), ...ruleKeys];
}

/** How much of an answer is worked out. */
export interface Extent {
	/** How the called rigs run: their windows, and one cast of each simulated; `top` for the first choice alone. @default true */
	readonly windows?: boolean | 'top';
	/** How all four families stand. @default true */
	readonly families?: boolean;
	/** Whether a family may be called twice, the second time fished another way. @default true */
	readonly seconds?: boolean;
}

/** Part of a space that is open: by locks and rules, and by one lure of a tray or its loose parts. */
interface Open extends Bound {
	readonly space: Space;
	readonly opening: Opening;
}

const everything = ({ mask }: Opening): Bound[] => [{ mask, ties: [], owned: () => [], uses: () => [], base: 0 }];

/**
 * The searches of everything that locks, local rules and the craft's own limits leave.
 *
 * @param stock Parts owned, which bound the choice.
 * @param feeOf What using one of them costs.
 */
export function searchesOf({ reading, stances, judgements }: Question, locks: Locks, stock?: Stock, feeOf?: Fee) {
	const { rules } = reading;
	// Where a treble is owned and allowed, a second hook must be within the rule beside it, whichever head is chosen.
	const owned = stock && withinHookRule({ hook: { style: stock.hookStyle } }, rules) ? stock.hookStyle : undefined;
	const limits = { ...rules, ...senseOf(reading, stances), hookStyle: owned };
	const rows: Rows = new Map();
	const ties = new Ties();
	const open = SPACES.flatMap((space): Open[] => {
		const opening = openingOf(space, locks, limits, rows);
		if (!opening) return [];
		const bounds = stock ? boundsOf(space, opening.mask, locks, stock, rules, feeOf, ties) : everything(opening);
		return bounds.map((bound) => ({ space, opening, ...bound }));
	});
	// What is opened alike shares work: the spaces of a family, by each lure for itself.
	const shared = new Map<string, SharedWork>();
	const sharedBy = ({ space, base }: Open): SharedWork => {
		const key = `${space.family} ${base}`;
		if (!shared.has(key)) shared.set(key, new SharedWork());
		return shared.get(key)!;
	};
	const searches = open.map((one) => {
		const { space, mask, ties } = one;
		const gate = judgements.windows.gate(space, mask);
		return new SpaceSearch(space, mask, judgements.about(space), gate, sharedBy(one), ties);
	});
	const runnable = searches.filter(({ space }) => limitOf(space.family, reading) === null);
	const openBy = new Map(searches.map((search, at) => [search, open[at]!]));
	const fixed: Fixed = ({ search, assignment }) => [...openBy.get(search)!.owned(assignment), locks];
	const uses = ({ search, assignment }: Find): Use[] => openBy.get(search)!.uses(assignment);
	return { open, searches, runnable, fixed, uses };
}

const searchesIn = (question: Question, locks: Locks, tray: Tray | undefined) =>
	searchesOf(question, locks, tray && stockOf(tray));

/**
 * The best rig of each family from a stock, best first: its score less what its parts cost (points), and what of the stock
 * it is made of.
 *
 * @param top Most families that are wanted.
 */
export function bestFrom(question: Question, stock: Stock, feeOf: Fee, top: number) {
	const { runnable, uses } = searchesOf(question, {}, stock, feeOf);
	const wanted = { top, seconds: false, everyFamily: false };
	const { called } = rank(runnable, wanted, { nodes: 0, bound: 0, gate: 0 });
	return called.map((find) => ({ net: scoreInRank(find.rank), uses: uses(find) }));
}

/** The rig that is called on a question, and every family's best score: all of an answer that is compared with others. */
export function callInBrief(question: Question, { locks = {}, tray }: Pick<CallInput, 'locks' | 'tray'>) {
	const { runnable, fixed } = searchesIn(question, locks, tray);
	const all = { top: FAMILIES.length, seconds: false, everyFamily: false };
	const finds = rank(runnable, all, { nodes: 0, bound: 0, gate: 0 }).called;
	const [best] = finds;
	const scores: Partial<Record<Family, number>> = Object.fromEntries(
		finds.map((find) => [find.space.family, scoreInRank(find.rank)])
	);
	return { top: best ? rigOf(best, question, fixed) : null, scores };
}

/**
 * Ranks every rig of the catalog for a reading and explains the best.
 *
 * The top call comes first; the others are of another family, or of the same family fished another way, at most two of
 * one family. No rig is called that cannot run where the fish are. Scores are exact sums of thousandths; the same input
 * gives the same answer. Positions and rules that are none are set aside and named.
 */
export function call(input: CallInput, { windows = true, families = true, seconds = true }: Extent = {}) {
	const { locks = {}, tray, top = DEFAULT_TOP } = input;
	const question = callQuestionOf(input);
	const { reading, stances, judgements, ignored } = question;
	const { open, searches, runnable, fixed } = searchesIn(question, locks, tray);
	const tally: SearchCounts = { nodes: 0, bound: 0, gate: 0 };
	const found = rank(runnable, { top, seconds, everyFamily: families }, tally);
	const calls = found.called.map((find, at) => called(find, question, fixed, windows === 'top' ? at === 0 : windows));
	const best = calls[0]?.rig ?? null;
	const spoken = judgements.activeClaims.spoken;
	const verdict = verdictOf(spoken, reading, stances, best?.family ?? null);
	if (open.length === 0) {
		verdict.reasons.unshift(nothingLeft(question, locks, tray));
	} else if (!best) verdict.reasons.unshift(whyNothing(reading, runnable, locks));
	const answer: CallAnswer = {
		verdict,
		calls,
		families: families ? familiesOf(reading, judgements, searches, found, tray !== undefined) : [],
		plan: planFor(spoken, best),
		exact: true,
		candidates: candidatesOf(open, JSON.stringify([locks, tray, reading.rules, senseOf(reading, stances)])),
		search: {
			...tally,
			lock: open.reduce(
				(total, { opening }) => total + opening.locked,
				SPACES.length - new Set(open.map(({ space }) => space)).size
			),
			limit: open.reduce((total, { opening }) => total + opening.forbidden, searches.length - runnable.length)
		},
		ignored: [...ignored],
		claimBase: CLAIM_BASE_VERSION
	};
	return answer;
}

let counted: { readonly key: string; readonly rigs: number } | null = null;

/** Why locks, local rules and a tray leave nothing. */
function nothingLeft(question: Question, locks: Locks, tray: Tray | undefined): string {
	const less = tray && searchesOf(question, locks).open.length > 0;
	if (less) return 'Nothing left: with these locks and local rules, no lure can be built from the parts in your tray.';
	return `Nothing left: ${words(collisions(locks, question.reading.rules))} exclude each other.`;
}

/** How many rigs are open; the last count is kept, since locks and limits seldom change between two questions. */
function candidatesOf(open: readonly Open[], key: string): number {
	if (counted?.key !== key) {
		counted = { key, rigs: open.reduce((total, { space, mask, ties }) => total + countRigs(space, mask, ties), 0) };
	}
	return counted.rigs;
}

/** Said when every rig that the locks and rules leave runs too deep, too shallow, or not at all. */
const NOTHING_RUNS = 'Nothing left reaches these fish: widen their depth range or remove a lock.';

/** Why a locked family that the craft rules out on this water leaves no call. */
function whyNothing(reading: Reading, runnable: readonly SpaceSearch[], { family }: Locks): string {
	const limit = family && runnable.length === 0 ? limitOf(family, reading) : null;
	return limit ? `${limit} Remove the lock on family.` : NOTHING_RUNS;
}

/** `call` for a page, which shows how the first choice runs: the others run once they are looked at. */
export const answerPageCall = (input: unknown): CallAnswer =>
	call(parseWith(callInputSchema, input), { windows: 'top' });

/** `call` on raw input: checks it, then answers. */
export const answerCall = (input: unknown): CallAnswer => call(parseWith(callInputSchema, input));
