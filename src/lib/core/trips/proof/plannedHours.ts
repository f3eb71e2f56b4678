import type { Fact } from './facts';

/** An hour of a plan: where, and with which lure. */
export interface PlannedHour {
	readonly at: string;
	readonly spot: string | null;
	readonly family: string | null;
}

/** What came of an hour that was planned. */
export interface PlannedHourResult {
	readonly at: string;
	readonly casts: number;
	readonly strikes: number;
	readonly landed: number;
	/** Whether it was fished where, and with the family, that the plan had; `null` where nothing was cast. */
	readonly asPlanned: boolean | null;
}

const HOUR_MS = 3_600_000;

/** The hour in which a stretch began, as its beginning. */
const hourOf = (at: string): string => new Date(Math.floor(Date.parse(at) / HOUR_MS) * HOUR_MS).toISOString();

/** A record laid over a plan, hour by hour; a stretch counts for the hour in which it began. */
export function resultsOfPlan(plan: readonly PlannedHour[], facts: readonly Fact[]): PlannedHourResult[] {
	return plan.map(({ at, spot, family }) => {
		const own = facts.filter(({ beganAt }) => hourOf(beganAt) === at);
		const sum = (of: (fact: Fact) => number): number => own.reduce((total, fact) => total + of(fact), 0);
		const matches = ({ spotId, rig }: Fact): boolean => spotId === spot && rig.family === family;
		const kept = own.filter(matches).reduce((total, { casts }) => total + casts, 0);
		const casts = sum((fact) => fact.casts);
		return {
			at,
			casts,
			strikes: sum((fact) => fact.strikes),
			landed: sum((fact) => fact.landed),
			// Most of the hour's casts decide.
			asPlanned: casts === 0 ? null : kept * 2 >= casts
		};
	});
}
