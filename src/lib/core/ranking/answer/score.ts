import { withinHookRule } from '../../foundation/catalogue/hooks';
import { InputFailure, parseWith } from '../../foundation/schema/failure';
import type { Reason } from '../../foundation/schema/call';
import { BETTER_MAX, scoreInputSchema, type ScoreAnswer, type ScoreInput } from '../../foundation/schema/score';
import type { Rig } from '../../foundation/schema/rig';
import { call, callQuestionOf, searchesOf, type Question } from './call';
import { reasonsFor } from '../scoring/explain';
import { limitOf } from '../space/limits';
import { nearestTo, type Judged } from '../space/nearest';
import type { Link, Space } from '../space/part';
import { scoreOf } from '../search/scoreOf';
import type { SpaceSearch } from '../search/search';
import { MILLI } from '../scoring/opinion';
import { opinionAt } from '../scoring/tables';
import { countsFor } from '../scoring/worth';

const indexOf = (space: Space, id: string): number => space.variables.findIndex((variable) => variable.id === id);

/** Makes linked variables follow a changed one: what cannot stand beside it becomes the first that can. */
function mended(space: Space, assignment: Int32Array, changed: number): Int32Array | null {
	const next = assignment.slice();
	const id = space.variables[changed]!.id;
	for (const link of space.links) {
		if (link.a !== id && link.b !== id) continue;
		if (!follows(space, link, next, changed)) return null;
	}
	return next;
}

function follows(space: Space, link: Link, next: Int32Array, changed: number): boolean {
	const [a, b] = [indexOf(space, link.a), indexOf(space, link.b)];
	const part = (at: number, value: number) => space.variables[at]!.parts[value]!;
	if (link.allows(part(a, next[a]!), part(b, next[b]!))) return true;
	// Only what a change brings with it follows: a length for a body put on, nothing for one taken off.
	if (changed !== a || link.a !== 'trailerKind') return false;
	const value = space.variables[b]!.parts.findIndex((other) => link.allows(part(a, next[a]!), other));
	if (value < 0) return false;
	next[b] = value;
	return true;
}

const AGAINST_RULE = 'Against the local rule on hooks or lead.';

function whyBarred({ reading }: Question, search: SpaceSearch, { space, assignment }: Judged, rig: Rig): string | null {
	const limit = limitOf(space.family, reading);
	if (limit) return limit;
	if (!withinHookRule(rig, reading.rules)) return AGAINST_RULE;
	const forbidden = [...search.mask.keys()].find((at) => !search.mask[at]![assignment[at]!]);
	if (forbidden !== undefined) {
		const { id } = space.variables[forbidden]!;
		return ['weight', 'speed'].includes(id) ? 'Too fast, too light or too heavy for these fish.' : AGAINST_RULE;
	}
	return search.runs(assignment) ? null : search.lacks(assignment);
}

/** The best change of each variable that gains something and runs, the best first. */
function betterThan(question: Question, search: SpaceSearch, judged: Judged): ScoreAnswer['better'] {
	const { space, assignment } = judged;
	const about = question.judgements.about(space);
	const sizes = space.variables.map(({ parts }) => parts.length);
	/** What a rig gains over the judged one; only claims about what was changed can tell them apart. */
	const gain = (rig: Int32Array): number => {
		const changed = new Set([...rig.keys()].filter((at) => rig[at] !== assignment[at]));
		let milli = 0;
		for (const judgement of about) {
			const { table } = judgement;
			if (judgement.tier === 'outfit' || !table.variables.some((at) => changed.has(at))) continue;
			milli += countsFor(judgement, opinionAt(table, sizes, rig));
			milli -= countsFor(judgement, opinionAt(table, sizes, assignment));
		}
		return milli / MILLI;
	};
	const found = space.variables.flatMap(({ parts }, at) => {
		const changes = parts.flatMap(({ patch }, value) => {
			if (value === assignment[at] || !search.mask[at]![value]) return [];
			const next = assignment.slice();
			next[at] = value;
			const whole = mended(space, next, at);
			if (!whole) return [];
			const points = gain(whole);
			return points > 0 && search.runs(whole) ? [{ change: patch, points }] : [];
		});
		return changes.sort((a, b) => b.points - a.points).slice(0, 1);
	});
	return found.sort((a, b) => b.points - a.points).slice(0, BETTER_MAX);
}

/** What the claims say of a rig on a reading: the ledger alone. */
export function ledgerOf(input: Pick<ScoreInput, 'reading' | 'rig' | 'stances'>): Reason[] {
	const { space, assignment } = nearestTo(input.rig);
	return reasonsFor(callQuestionOf(input).judgements.about(space), space, assignment);
}

/**
 * What the call thinks of any rig on a reading: the very sum that `call` gives the same rig, what it gives up, and the
 * single changes that gain most. A part that the catalog does not carry is judged as its nearest.
 */
export function score(input: ScoreInput): ScoreAnswer {
	const question = callQuestionOf(input);
	const judged = nearestTo(input.rig);
	const { space, assignment } = judged;
	const reasons = reasonsFor(question.judgements.about(space), space, assignment);
	const own = scoreOf(reasons);
	const { searches } = searchesOf(question, {});
	const search = searches.find((one) => one.space === space);
	if (!search)
		throw new InputFailure({ code: 'invalid', path: 'reading.rules', message: 'The local rules rule out every rig.' });
	const { reading, stances, houseRules, record, sight } = input;
	const best = call({ reading, stances, houseRules, record, sight, top: 1 }, { windows: false, families: false })
		.calls[0];
	return {
		score: own,
		behind: best ? Math.round((best.score - own) * MILLI) / MILLI : null,
		reasons,
		barred: whyBarred(question, search, judged, input.rig),
		nearest: [...judged.nearest],
		better: betterThan(question, search, judged),
		ignored: [...question.ignored]
	};
}

/** `score` on raw input: checks it, then answers. */
export const answerScore = (input: unknown): ScoreAnswer => score(parseWith(scoreInputSchema, input));
