import { parseWith } from '../../foundation/schema/failure';
import { planInputSchema, type Plan, type PlanInput } from '../../foundation/schema/plan';
import type { Solve } from './deck';
import { scheduleDay } from './schedule';
import { prepared } from './prepared';
import { solver } from './solver';

/**
 * The day's deck: at most so many outfits, and for every hour a rig on one of them, so that the day gives up least against
 * each hour's best call. Where hours may turn out in several ways, so that it gives up least over all of them by their odds,
 * knots not counted: the rig may be another in each. Proven by the solver that is given.
 */
export const plan = (input: PlanInput, solve: Solve): Plan => scheduleDay(prepared(input), solve);

/** `plan` on raw input: checks it, then answers with the solver that was given. */
export const answerPlan = (input: unknown): Plan => plan(parseWith(planInputSchema, input), solver());
