import { createEmptyCard, fsrs, Rating, type Card, type Grade } from 'ts-fsrs';
import { isOneOf } from '$lib/core/foundation/basics/typed';
import type { DrillCard, DrillsRecord } from '$lib/core/records/drillsRecord';
import { ANSWERS_MAX, CARDS_MAX, SURE } from '$lib/core/records/drillsLimits';
import type { Judged } from '$lib/core/trips/drills/judge';

/** Points from which a decision was missed. */
export const MISSED_POINTS = 0.3;

/** No chance in it: the same answers give the same dates on every device. */
const scheduler = fsrs({ enable_fuzz: false });

const asCard = (card: DrillCard): Card => ({
	due: new Date(card.due),
	last_review: new Date(card.lastReview),
	stability: card.stability,
	difficulty: card.difficulty,
	elapsed_days: card.elapsedDays,
	scheduled_days: card.scheduledDays,
	learning_steps: card.learningSteps,
	reps: card.reps,
	lapses: card.lapses,
	state: card.state
});

/** How a decision is graded: missed, or right and how sure. */
export function gradeOf({ givesUp }: Pick<Judged, 'givesUp'>, sure: number): Grade {
	if (givesUp >= MISSED_POINTS) return Rating.Again;
	if (sure >= SURE[2]) return Rating.Easy;
	return sure >= SURE[1] ? Rating.Good : Rating.Hard;
}

/** A rule after it was asked: when it comes back. */
export function reviewed(
	card: DrillCard | undefined,
	of: Pick<DrillCard, 'claim' | 'decision'>,
	grade: Grade,
	now: Date
): DrillCard {
	const next = scheduler.next(card ? asCard(card) : createEmptyCard(now), now, grade).card;
	return {
		...of,
		due: next.due.toISOString(),
		lastReview: now.toISOString(),
		stability: next.stability,
		difficulty: next.difficulty,
		elapsedDays: next.elapsed_days,
		scheduledDays: next.scheduled_days,
		learningSteps: next.learning_steps,
		reps: next.reps,
		lapses: next.lapses,
		state: next.state
	};
}

/** Rules that are due, the longest overdue first. */
export const dueAt = ({ cards }: DrillsRecord, now: Date): DrillCard[] =>
	cards.filter(({ due }) => new Date(due) <= now).sort((a, b) => a.due.localeCompare(b.due));

/**
 * What is known after a drill: every answer, the rules that were missed, and the one that was asked for.
 *
 * @param asked The rule that this water was to bring back.
 */
export function learned(
	record: DrillsRecord,
	steps: readonly Judged[],
	sure: Readonly<Record<string, number>>,
	now: Date,
	asked: DrillCard | null = null
): DrillsRecord {
	const at = now.toISOString();
	const sureOf = (decision: string): number => sure[decision] ?? SURE[0];
	const missed = steps.filter(({ givesUp, rule }) => givesUp >= MISSED_POINTS && rule);
	const wanted = asked && !missed.some(({ rule }) => rule!.claim === asked.claim) ? asked : null;
	const step = wanted && steps.find(({ decision }) => decision === wanted.decision);
	const asks = [
		...missed.map((one) => ({
			claim: one.rule!.claim,
			decision: one.decision,
			grade: gradeOf(one, sureOf(one.decision))
		})),
		...(wanted && step
			? [{ claim: wanted.claim, decision: wanted.decision, grade: gradeOf(step, sureOf(step.decision)) }]
			: [])
	];
	const cards = asks.reduce((held, { claim, decision, grade }) => {
		const known = held.find((card) => card.claim === claim);
		const next = reviewed(known, { claim, decision }, grade, now);
		return known ? held.map((card) => (card === known ? next : card)) : [...held, next];
	}, record.cards);
	const answers = steps.map(({ decision, givesUp }) => ({ at, decision, sure: sureOf(decision), gaveUp: givesUp }));
	return { ...record, cards: cards.slice(-CARDS_MAX), answers: [...record.answers, ...answers].slice(-ANSWERS_MAX) };
}

/** How often an answer of each sureness was right. */
export const calibration = ({ answers }: DrillsRecord) =>
	SURE.map((sure) => {
		const said = answers.filter((answer) => answer.sure === sure);
		const right = said.filter(({ gaveUp }) => gaveUp < MISSED_POINTS).length;
		return { sure, of: said.length, right, share: said.length > 0 ? right / said.length : null };
	});

/** How often each decision was right, of those that were asked. */
export function progress<D extends string>({ answers }: DrillsRecord, decisions: readonly D[]) {
	return decisions.map((decision) => {
		const said = answers.filter((answer) => isOneOf([decision], answer.decision));
		return { decision, of: said.length, right: said.filter(({ gaveUp }) => gaveUp < MISSED_POINTS).length };
	});
}
