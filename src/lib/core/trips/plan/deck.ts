/** A day as a choice: for each hour what each candidate gives up, and which outfit each candidate hangs on. */
export interface Day {
	readonly hours: readonly {
		readonly weight: number;
		/** Points behind the hour's best, by candidate; `null` where it does not run. */
		readonly behind: readonly (number | null)[];
	}[];
	/** Outfit of each candidate, numbered from 0. */
	readonly outfitOf: readonly number[];
	readonly rods: number;
	/** Points that a re-tie costs. */
	readonly retie: number;
	/** Outfits that lie on the deck in any case. */
	readonly fixed: readonly number[];
}

/** What is cast when, by candidate; `null` for an hour in which nothing runs. */
export interface Deck {
	readonly cast: readonly (number | null)[];
	readonly value: number;
	readonly exact: boolean;
}

/**
 * Solves a linear programme, perhaps with whole numbers, in the usual LP text: its variables by name, what one more of
 * each row is worth where all numbers may be broken, and whether it is proven.
 */
export type Solve = (programme: string) => {
	readonly values: ReadonlyMap<string, number>;
	readonly worths: ReadonlyMap<string, number>;
	readonly proven: boolean;
};

const x = (hour: number, rig: number): string => `x${hour}_${rig}`;
const carried = (hour: number, rig: number): string => `c${hour}_${rig}`;
const tied = (hour: number, rig: number): string => `t${hour}_${rig}`;
const chosen = (outfit: number): string => `y${outfit}`;

/** Hours in which something runs, by their places. */
const served = ({ hours }: Day): number[] =>
	hours.flatMap(({ behind }, at) => (behind.some((points) => points !== null) ? [at] : []));

/**
 * The day as a mixed-integer programme. x: this rig is cast in this hour; y: this outfit lies on the deck; c: the outfit
 * carries this rig after this hour (before the first, whatever it will carry first: that knot is free); t: it is tied on.
 */
export function programmeOf(day: Day): string {
	const { hours, outfitOf, rods, retie, fixed } = day;
	const rigs = outfitOf.map((_, at) => at);
	const outfits = [...new Set(outfitOf)];
	const goal: string[] = [];
	const rows: string[] = [];
	const whole: string[] = outfits.map(chosen);
	const shares: string[] = [];
	const carry = (step: number): void => {
		for (const outfit of outfits) {
			const own = rigs.filter((rig) => outfitOf[rig] === outfit);
			rows.push(`${own.map((rig) => carried(step, rig)).join(' + ')} - ${chosen(outfit)} <= 0`);
		}
		shares.push(...rigs.map((rig) => carried(step, rig)));
	};
	carry(0);
	served(day).forEach((hour, at) => {
		const { weight, behind } = hours[hour]!;
		const runs = rigs.filter((rig) => behind[rig] !== null && behind[rig] !== undefined);
		rows.push(`${runs.map((rig) => x(hour, rig)).join(' + ')} = 1`);
		carry(at + 1);
		for (const rig of rigs) {
			const [before, after] = [carried(at, rig), carried(at + 1, rig)];
			if (!runs.includes(rig)) {
				rows.push(`${after} - ${before} <= 0`);
				continue;
			}
			whole.push(x(hour, rig));
			shares.push(tied(hour, rig));
			goal.push(`${weight * behind[rig]!} ${x(hour, rig)}`, `${retie} ${tied(hour, rig)}`);
			rows.push(`${x(hour, rig)} - ${after} <= 0`);
			rows.push(`${after} - ${before} - ${x(hour, rig)} <= 0`);
			rows.push(`${x(hour, rig)} - ${before} - ${tied(hour, rig)} <= 0`);
		}
	});
	rows.push(`${outfits.map(chosen).join(' + ')} <= ${rods}`);
	for (const outfit of fixed) rows.push(`${chosen(outfit)} = 1`);
	return [
		'Minimize',
		` obj: ${goal.join('\n + ') || `0 ${chosen(outfits[0]!)}`}`,
		'Subject To',
		...rows.map((row, at) => ` r${at}: ${row}`),
		'Bounds',
		...shares.map((name) => ` 0 <= ${name} <= 1`),
		'Binary',
		...whole.map((name) => ` ${name}`),
		'End'
	].join('\n');
}

/** Re-ties of a day: hours whose rig differs from the one last carried by its outfit; the first of an outfit is free. */
export function retiesOf(cast: readonly (number | null)[], outfitOf: readonly number[]): number {
	const last = new Map<number, number>();
	let reties = 0;
	for (const rig of cast) {
		if (rig === null) continue;
		const outfit = outfitOf[rig]!;
		const before = last.get(outfit);
		if (before !== undefined && before !== rig) reties++;
		last.set(outfit, rig);
	}
	return reties;
}

/** What a day gives up, as it is cast. */
export function valueOf({ hours, outfitOf, retie }: Day, cast: readonly (number | null)[]): number {
	const given = cast.reduce<number>((sum, rig, at) => {
		const { weight, behind } = hours[at]!;
		return rig === null ? sum : sum + weight * behind[rig]!;
	}, 0);
	return given + retie * retiesOf(cast, outfitOf);
}

/** From here on a variable that is none or one counts as one. */
const ON = 0.5;

/** The deck that gives up least. @returns `null` where no deck serves the hours that could be served. */
export function bestDeck(day: Day, solve: Solve): Deck | null {
	const hours = served(day);
	if (hours.length === 0) return { cast: day.hours.map(() => null), value: 0, exact: true };
	const { values, proven } = solve(programmeOf(day));
	const cast = day.hours.map((_, hour) => {
		if (!hours.includes(hour)) return null;
		const rig = day.outfitOf.findIndex((_outfit, at) => (values.get(x(hour, at)) ?? 0) > ON);
		return rig < 0 ? null : rig;
	});
	if (hours.some((hour) => cast[hour] === null)) return null;
	return { cast, value: valueOf(day, cast), exact: proven };
}
