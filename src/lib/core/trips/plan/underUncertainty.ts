import type { Solve } from './deck';

/** A way an hour may turn out: how much it counts, and what each outfit gives up in it at best. */
export interface Case {
	/** Weight of its hour times its odds. */
	readonly weight: number;
	/** Points behind its best call, by outfit; `null` where nothing on it runs. */
	readonly behind: readonly (number | null)[];
}

/** Outfits that are to be chosen so that they do best over all ways in which the day may turn out. */
export interface UncertainDay {
	readonly cases: readonly Case[];
	readonly outfits: number;
	readonly rods: number;
	/** Outfits that lie on the deck in any case. */
	readonly fixed: readonly number[];
}

/** What a case gives up where nothing on the deck runs, points: as a tray without anything that runs (contract of restock). */
export const NOTHING_POINTS = 6;

const served = ({ behind }: Case): boolean => behind.some((points) => points !== null);
const x = (at: number, outfit: number): string => `x${at}_${outfit}`;
const y = (outfit: number): string => `y${outfit}`;

/**
 * The choice as a mixed-integer programme. y: this outfit lies on the deck; x: this case is fished with it. Only y must be
 * whole: with the outfits chosen, each case takes the best of them by itself.
 */
function programmeOf({ cases, outfits, rods, fixed }: UncertainDay): string {
	const all = Array.from({ length: outfits }, (_, outfit) => outfit);
	const goal: string[] = [];
	const rows: string[] = [];
	const shares: string[] = [];
	cases.forEach((one, at) => {
		if (!served(one)) return;
		const runs = all.filter((outfit) => one.behind[outfit] !== null);
		rows.push(`${runs.map((outfit) => x(at, outfit)).join(' + ')} = 1`);
		for (const outfit of runs) {
			goal.push(`${one.weight * one.behind[outfit]!} ${x(at, outfit)}`);
			rows.push(`${x(at, outfit)} - ${y(outfit)} <= 0`);
			shares.push(x(at, outfit));
		}
	});
	rows.push(`${all.map(y).join(' + ')} <= ${rods}`);
	for (const outfit of fixed) rows.push(`${y(outfit)} = 1`);
	return [
		'Minimize',
		` obj: ${goal.join('\n + ') || `0 ${y(0)}`}`,
		'Subject To',
		...rows.map((row, at) => ` r${at}: ${row}`),
		'Bounds',
		...shares.map((name) => ` 0 <= ${name} <= 1`),
		'Binary',
		...all.map((outfit) => ` ${y(outfit)}`),
		'End'
	].join('\n');
}

/** The best of some outfits in a case; `null` where nothing on them runs. */
export function bestOf({ behind }: Case, outfits: readonly number[]): number | null {
	const runs = outfits.filter((outfit) => behind[outfit] !== null);
	return runs.length === 0 ? null : runs.reduce((best, one) => (behind[one]! < behind[best]! ? one : best));
}

/** What some outfits give up over all cases, points. */
export const givenUp = (cases: readonly Case[], outfits: readonly number[]): number =>
	cases.reduce((sum, one) => {
		if (!served(one)) return sum;
		const best = bestOf(one, outfits);
		return sum + one.weight * (best === null ? NOTHING_POINTS : one.behind[best]!);
	}, 0);

/**
 * The outfits that give up least over all cases: at most so many, every case that can be served served.
 *
 * @returns `null` where so few cannot serve every case.
 */
export function bestOutfits(
	day: UncertainDay,
	solve: Solve
): { outfits: number[]; value: number; exact: boolean } | null {
	const { values, proven } = solve(programmeOf(day));
	const all = Array.from({ length: day.outfits }, (_, outfit) => outfit);
	const chosen = all.filter((outfit) => (values.get(y(outfit)) ?? 0) > 0.5);
	if (day.cases.some((one) => served(one) && bestOf(one, chosen) === null)) return null;
	// An outfit that no case is better for lies there for nothing, unless it is one that lies there anyway.
	const outfits = chosen.filter(
		(outfit) =>
			day.fixed.includes(outfit) || givenUp(day.cases, without(chosen, outfit)) > givenUp(day.cases, chosen) + 1e-9
	);
	const kept = givenUp(day.cases, outfits) <= givenUp(day.cases, chosen) + 1e-9 ? outfits : chosen;
	return { outfits: kept, value: givenUp(day.cases, kept), exact: proven };
}

/** Some outfits without one of them. */
export const without = (outfits: readonly number[], one: number): number[] =>
	outfits.filter((outfit) => outfit !== one);
