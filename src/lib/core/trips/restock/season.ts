import { bestFrom, callInBrief, callQuestionOf, type Question } from '../../ranking/answer/call';
import type { Fee, Use } from '../../ranking/space/choice';
import { stockOf, type Stock } from '../../ranking/space/tray';
import { MILLI } from '../../ranking/scoring/opinion';
import type { Tray } from '../../foundation/schema/tray';
import { FAMILIES } from '../../foundation/schema/words';
import type { RestockInput } from '../../foundation/schema/restock';

/** What a reading counts in which nothing of a tray runs (thousandths of a point), as the contract has it. */
export const NOTHING_RUNS = -6 * MILLI;

/**
 * What a bought part costs a rig that could do without it (thousandths of a point): too little to count, enough that
 * the owned one of two equals is tied on.
 */
const BOUGHT = 1e-6;

/** The best rig of a reading from some parts: thousandths of a point behind the whole catalog, and what it is made of. */
export interface Made {
	readonly value: number;
	/** Candidates that it carries, by number and place. */
	readonly uses: readonly Use[];
	/** Parts owned that it carries, by their place in the tray. */
	readonly owned: readonly number[];
}

/** A rig, and its value less what its candidates cost (thousandths of a point). */
export interface Priced {
	readonly net: number;
	readonly made: Made;
}

/** A rig that was found from a set of candidates, `null` where none runs. */
interface Known {
	readonly open: ReadonlySet<number>;
	readonly made: Made | null;
}

/** One reading of a season: what can be made of the tray and some candidates. */
class SeasonReading {
	readonly #question: Question;
	readonly #stock: Stock;
	readonly #ownedCount: number;
	readonly #best: number;
	readonly #known: Known[] = [];

	constructor(question: Question, stock: Stock, ownedCount: number, best: number) {
		this.#question = question;
		this.#stock = stock;
		this.#ownedCount = ownedCount;
		this.#best = best;
	}

	/** The best rigs, one of a family, less what candidates cost (whole thousandths, `Infinity` for what is not to be had). */
	priced(fee: Fee, families: number): Priced[] {
		const feeOf: Fee = ({ item, place }) =>
			item < this.#ownedCount ? 0 : fee({ item: item - this.#ownedCount, place }) || BOUGHT;
		return bestFrom(this.#question, this.#stock, feeOf, families).map((found) => {
			const uses = found.uses
				.filter(({ item }) => item >= this.#ownedCount)
				.map(({ item, place }) => ({ item: item - this.#ownedCount, place }));
			const owned = found.uses.filter(({ item }) => item < this.#ownedCount).map(({ item }) => item);
			const net = Math.round(found.net * MILLI) - this.#best;
			return { net, made: { value: net + uses.reduce((sum, use) => sum + fee(use), 0), uses, owned } };
		});
	}

	/** The best rig from the tray and some candidates; `searched` counts what had to be looked for. */
	with(open: ReadonlySet<number>, searched: () => void): Made | null {
		const within = (made: Made | null): boolean => made === null || made.uses.every(({ item }) => open.has(item));
		const known = this.#known.find((one) => [...open].every((item) => one.open.has(item)) && within(one.made));
		if (known) return known.made;
		searched();
		const [found] = this.priced(({ item }) => (open.has(item) ? 0 : Infinity), 1);
		const made = found?.made ?? null;
		this.#known.push({ open, made });
		return made;
	}
}

/** A season of readings, what is owned, and what may be bought. */
export class Season {
	readonly readings: readonly SeasonReading[];
	/** Searches so far: what the work is measured by. */
	searches = 0;

	/** @param candidates Only parts of kinds that the tray bounds can gain anything. */
	constructor({ readings, tray, stances }: Pick<RestockInput, 'readings' | 'tray' | 'stances'>, candidates: Tray) {
		const stock = stockOf([...tray, ...candidates]);
		this.readings = readings.map((reading) => {
			const question = callQuestionOf({ reading, ...(stances && { stances }) });
			this.searches++;
			const best = Math.max(-Infinity, ...Object.values(callInBrief(question, {}).scores));
			return new SeasonReading(question, stock, tray.length, Math.round(best * MILLI));
		});
	}

	readonly #searched = (): void => void this.searches++;

	/** The best rig of each reading from the tray and some candidates. */
	made(open: ReadonlySet<number>): (Made | null)[] {
		return this.readings.map((reading) => reading.with(open, this.#searched));
	}

	/** The best rigs of a reading, one of a family, less what candidates cost. */
	priced(reading: number, fee: Fee): Priced[] {
		this.searches++;
		return this.readings[reading]!.priced(fee, FAMILIES.length);
	}
}

/** What the season is behind the whole catalog with some rigs, thousandths of a point. */
export const valueOf = (made: readonly (Made | null)[]): number =>
	made.reduce((sum, one) => sum + (one?.value ?? NOTHING_RUNS), 0);
