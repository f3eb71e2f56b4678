import { DISPUTES } from '../../claims/disputes';
import type { CalledRig, CallInput, Reason } from '../../foundation/schema/call';
import type { Rig } from '../../foundation/schema/rig';
import { call } from '../../ranking/answer/call';
import { DECISIONS, type Decision } from './decisionNames';
import { choicesIn, fixedBy, type Choices } from './options';

/** Score of choices of which nothing runs: under that of any rig that does (the least seen is about -16). */
export const NOTHING_RUNS = -30;
/** Points that two rigs must differ by to differ at all. */
const LEVEL_POINTS = 0.05;

/** What is asked of the call: a water, and the learner's own views. */
export type DrillQuestion = Pick<CallInput, 'reading' | 'stances' | 'houseRules' | 'record' | 'sight'>;

/** The best rig that keeps to some choices; `null` where nothing of it runs. */
export function bestWith(question: DrillQuestion, choices: Choices): CalledRig | null {
	const { lure, retrieve } = fixedBy(choices);
	const tray = [{ part: 'lure' as const, rig: lure }];
	const asked: CallInput = { ...question, locks: retrieve, top: 1, ...(Object.keys(lure).length > 0 ? { tray } : {}) };
	return call(asked, { windows: false, families: false, seconds: false }).calls[0] ?? null;
}

const scoreOf = (found: CalledRig | null): number => found?.score ?? NOTHING_RUNS;

/** A rule of the craft, as it is told. */
export type Rule = Pick<Reason, 'claim' | 'text'>;

/** One decision of a learner, judged. */
export interface Judged {
	readonly decision: Decision;
	readonly chosen: string;
	/** What the call would have, given what was decided before. */
	readonly called: string;
	/** Points that it gives up, given what was decided before. */
	readonly givesUp: number;
	/** The rule that says most against it; `null` where none does. */
	readonly rule: Rule | null;
}

/** A learner's choices beside the call. */
export interface Judgement {
	readonly steps: readonly Judged[];
	/** Points that all of them give up together; 0 where they are as good as the call. */
	readonly givesUp: number;
	readonly best: Rig;
	/** The best rig that keeps to the choices; `null` where nothing of it runs. */
	readonly own: Rig | null;
	/** The rules that the call keeps and the choices do not, the weightiest first. */
	readonly rules: readonly Rule[];
}

const RULES_MAX = 3;

function rulesBetween(best: CalledRig, own: CalledRig | null): Judgement['rules'] {
	const kept = new Map(own?.reasons.map(({ claim, counts }) => [claim, counts]));
	return best.reasons
		.map(({ claim, text, counts }) => ({ claim, text, more: counts - (kept.get(claim) ?? 0) }))
		.filter(({ more }) => more > LEVEL_POINTS)
		.sort((a, b) => b.more - a.more)
		.slice(0, RULES_MAX)
		.map(({ claim, text }) => ({ claim, text }));
}

/** A side of what anglers disagree about. */
export interface School {
	readonly topic: string;
	readonly school: string;
}

/** Whether choices are as good as the call by the side of a school. */
function standsFor(question: DrillQuestion, choices: Choices, topic: string, school: string): boolean {
	const asked = { ...question, stances: { ...question.stances, [topic]: school } };
	return scoreOf(bestWith(asked, {})) - scoreOf(bestWith(asked, choices)) < LEVEL_POINTS;
}

/** Schools whose side makes the choices as good as the call: right by one of them is not wrong. */
export function schoolsFor(question: DrillQuestion, choices: Choices): readonly School[] {
	return DISPUTES.flatMap(({ topic, schools }) =>
		schools
			.filter((school) => question.stances?.[topic] !== school && standsFor(question, choices, topic, school))
			.map((school) => ({ topic, school }))
	);
}

/**
 * What a learner's choices give up against the call, decision by decision.
 *
 * @returns `null` where nothing at all runs on the water.
 */
export function judge(question: DrillQuestion, choices: Required<Choices>): Judgement | null {
	const best = bestWith(question, {});
	if (!best) return null;
	let before: CalledRig | null = best;
	let taken: Choices = {};
	const steps = DECISIONS.map((decision): Judged => {
		taken = { ...taken, [decision]: choices[decision] };
		const after = bestWith(question, taken);
		const called = choicesIn(before?.rig ?? best.rig)[decision];
		const givesUp = Math.max(0, scoreOf(before) - scoreOf(after));
		const [rule = null] = before ? rulesBetween(before, after) : [];
		before = after;
		return { decision, chosen: choices[decision], called, givesUp, rule };
	});
	const givesUp = Math.max(0, best.score - scoreOf(before));
	return {
		steps,
		givesUp,
		best: best.rig,
		own: (before as CalledRig | null)?.rig ?? null,
		rules: rulesBetween(best, before)
	};
}
