import { parseWith } from '../../foundation/schema/failure';
import {
	gapInputSchema,
	restockInputSchema,
	type Gap,
	type GapInput,
	type Restock,
	type RestockInput
} from '../../foundation/schema/restock';
import type { PartKind, Tray, TrayPart } from '../../foundation/schema/tray';
import { callInBrief, callQuestionOf, type Question } from '../../ranking/answer/call';
import { MILLI } from '../../ranking/scoring/opinion';
import { solver } from '../plan/solver';
import { NOTHING_RUNS, Season, type Made } from './season';
import { PurchaseSearch, type Effort, type Purchase } from './search';
import { shopParts } from './shop';
import type { Limits } from './cover';

/** Most searches for a rig on the command line: a few minutes. */
const EFFORT: Effort = { searches: 20_000 };
/** Smallest difference of two prices. */
const CENT = 0.01;

/** Kinds of parts that a tray bounds: buying the first part of another kind would only narrow the choice. */
function boundKinds(tray: Tray): Set<PartKind> {
	const kinds = new Set<PartKind>(tray.filter(({ count }) => count !== 0).map(({ part }) => part));
	if (kinds.has('lure')) kinds.add('head');
	else if (kinds.has('head')) kinds.add('lure');
	return kinds;
}

const costIn =
	(prices: RestockInput['prices']) =>
	({ part, price }: TrayPart): number =>
		price ?? prices?.[part] ?? 0;

const costOf = (parts: Iterable<number>, costs: readonly number[]): number =>
	[...parts].reduce((sum, item) => sum + costs[item]!, 0);

/** Takes off parts without which a purchase is worth as much. */
function stripped(search: PurchaseSearch, { parts, value }: Purchase): Purchase {
	let left = new Set(parts);
	for (const item of parts) {
		const fewer = new Set(left);
		fewer.delete(item);
		if (search.valueWith(fewer) >= value) left = fewer;
	}
	return { parts: left, value };
}

/** The purchase of fewest parts, then the cheapest, worth at least a value; then the best of these. */
function leanest(search: PurchaseSearch, limits: Limits, found: Purchase, value: number): Purchase {
	let best = found;
	while (best.parts.size > 0) {
		const fewer = search.best({ ...limits, parts: best.parts.size - 1 }, value, true);
		if (!fewer) break;
		best = stripped(search, fewer);
	}
	const fit: Limits = { ...limits, parts: best.parts.size };
	for (;;) {
		const cost = costOf(best.parts, limits.costs);
		const cheaper = cost > 0 ? search.best({ ...fit, budget: cost - CENT }, value, true) : null;
		if (!cheaper) return search.best({ ...fit, budget: cost }, best.value) ?? best;
		best = cheaper;
	}
}

/** The best purchase, or with a share wanted the leanest that reaches it. */
function purchaseOf(search: PurchaseSearch, limits: Limits, before: number, wanted: number | undefined): Purchase {
	const most = search.best(limits)!;
	const target = wanted === undefined ? most.value : Math.min(most.value, Math.ceil(before * (1 - wanted)));
	return leanest(search, limits, stripped(search, most), target);
}

const servedBy = (made: readonly (Made | null)[], carries: (one: Made) => boolean): number[] =>
	made.flatMap((one, reading) => (one && carries(one) ? [reading] : []));

/**
 * What to buy for a season: the parts that leave it least behind the whole catalog, or the fewest for a wanted share.
 *
 * @param effort How many rigs may be searched for; what is found by then is answered as not exact.
 */
export function restock(input: RestockInput, effort: Effort = EFFORT): Restock {
	const { tray, budget = Infinity, maxParts, wanted, prices } = input;
	const kinds = boundKinds(tray);
	const candidates = (input.candidates ?? shopParts()).filter(({ part, count }) => kinds.has(part) && count !== 0);
	const costs = candidates.map(costIn(prices));
	const season = new Season(input, candidates);
	const search = new PurchaseSearch(season, candidates.length, solver(), effort);
	const before = search.valueWith(new Set());
	const places = candidates.map(({ part }) => (part === 'blade' ? 2 : 1));
	const limits = { parts: Math.min(maxParts ?? Infinity, candidates.length), budget, costs, places };
	const { parts, value } = purchaseOf(search, limits, before, wanted);
	const made = season.made(parts);
	const owned = new Set(made.flatMap((one) => one?.owned ?? []));
	const all = season.made(new Set(candidates.keys()));
	const ceiling = all.reduce((sum, one) => sum + Math.max(NOTHING_RUNS, one?.value ?? NOTHING_RUNS), 0);
	return {
		covered: before === 0 ? 1 : (before - value) / before,
		buy: [...parts]
			.sort((a, b) => a - b)
			.map((item) => ({
				part: candidates[item]!,
				serves: servedBy(made, ({ uses }) => uses.some((use) => use.item === item)),
				cost: costs[item]!
			})),
		idle: tray.filter((_, item) => !owned.has(item)),
		before: before / MILLI,
		value: value / MILLI,
		bound: (search.exact ? value : Math.min(ceiling, search.bound)) / MILLI,
		exact: search.exact
	};
}

/** What each reading is behind the whole catalog with a tray, thousandths of a point, for one tray after another. */
function behindFor({ readings, stances }: GapInput): (tray: Tray) => number[] {
	const best = (question: Question, from?: Tray): number =>
		Math.max(-Infinity, ...Object.values(callInBrief(question, from ? { tray: from } : {}).scores));
	const asked = readings.map((reading) => {
		const question = callQuestionOf({ reading, ...(stances && { stances }) });
		return { question, most: best(question) };
	});
	return (tray) =>
		asked.map(({ question, most }) => {
			const own = best(question, tray);
			return own === -Infinity ? NOTHING_RUNS : Math.round((own - most) * MILLI);
		});
}

/** What one part would do for a season: where it gains, what it repeats, and by how much the season gains. */
export function gap(input: GapInput): Gap {
	const { tray, part } = input;
	const behind = behindFor(input);
	const total = (list: readonly number[]): number => list.reduce((sum, one) => sum + one, 0);
	const without = behind(tray);
	const withIt = behind([...tray, part]);
	const repeats = tray.flatMap((own, at) => {
		if (own.part !== part.part || own.count === 0) return [];
		const instead = behind([...tray.filter((_, other) => other !== at), part]);
		return total(instead) >= total(without) ? [at] : [];
	});
	const fills = withIt.flatMap((value, at) => (value > without[at]! ? [at] : []));
	return { fills, repeats, points: (total(withIt) - total(without)) / MILLI };
}

/** `restock` on raw input: checks it, then answers. */
export const answerRestock = (input: unknown, effort?: Effort): Restock =>
	restock(parseWith(restockInputSchema, input), effort);

/** `gap` on raw input: checks it, then answers. */
export const answerGap = (input: unknown): Gap => gap(parseWith(gapInputSchema, input));
