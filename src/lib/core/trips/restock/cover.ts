/**
 * The season as a linear programme over rigs that were found so far, in the usual LP text. x: this part is bought; z: this
 * rig is tied on in this reading. Of each reading one rig is tied on, and only as far as its parts are bought.
 */
import type { Use } from '../../ranking/space/choice';
import type { Solve } from '../plan/deck';
import { NOTHING_RUNS, type Made } from './season';

/** What limits a purchase: how many parts, and what they cost together. */
export interface Limits {
	readonly parts: number;
	readonly budget: number;
	readonly costs: readonly number[];
	/** At how many places of a rig each part can stand: a blade at two. */
	readonly places: readonly number[];
}

/** Part of all purchases: what is bought in any case, and what is never bought. */
export interface Branch {
	readonly bought: ReadonlySet<number>;
	readonly refused: ReadonlySet<number>;
}

/** The best mixture of purchases over the rigs that are known, and what more of each thing would be worth there. */
export interface Mixture {
	/** How much of each part is bought, of those that are open. */
	readonly shares: ReadonlyMap<number, number>;
	/** What each reading is worth, by its place. */
	readonly readings: readonly number[];
	/** What it is worth to have a part at a place of a reading's rig (thousandths of a point, whole). */
	readonly fee: (reading: number, use: Use) => number;
	/** What one more part and one more of the money are worth. */
	readonly part: number;
	readonly money: number;
}

/** What the solver may be off by. */
const ROUNDING = 1e-6;

const useKey = ({ item, place }: Use): string => `${place[0]}${item}`;

/** Readings' rigs by what they carry, each once. */
export class Rigs {
	readonly of: Map<string, Made>[];

	constructor(readings: number) {
		this.of = Array.from({ length: readings }, () => new Map());
	}

	/** Notes a rig. @returns Whether it is new, or better than the one that carries the same. */
	add(reading: number, made: Made): boolean {
		const key = made.uses.map(useKey).sort().join();
		const known = this.of[reading]!.get(key);
		if (known && known.value >= made.value) return false;
		this.of[reading]!.set(key, made);
		return true;
	}
}

const sum = (terms: readonly string[]): string => terms.join('\n + ');
const term = (times: number, name: string): string => `${times < 0 ? '-' : '+'} ${Math.abs(times)} ${name}`;

/** The best mixture of purchases within a branch. */
export function mixtureOf(rigs: Rigs, { bought, refused }: Branch, limits: Limits, solve: Solve): Mixture {
	const goal: string[] = [];
	const rows: string[] = [];
	const open = new Set<number>();
	rigs.of.forEach((known, reading) => {
		const names = [`z${reading}_n`];
		goal.push(term(NOTHING_RUNS, `z${reading}_n`));
		const byUse = new Map<string, string[]>();
		[...known.values()].forEach(({ value, uses }, at) => {
			if (uses.some(({ item }) => refused.has(item))) return;
			const name = `z${reading}_${at}`;
			names.push(name);
			goal.push(term(value, name));
			for (const use of uses) {
				if (bought.has(use.item)) continue;
				open.add(use.item);
				byUse.set(useKey(use), [...(byUse.get(useKey(use)) ?? []), name]);
			}
		});
		rows.push(` s${reading}: ${sum(names)} = 1`);
		for (const [key, list] of byUse) rows.push(` u${reading}_${key}: ${sum(list)} - x${key.slice(1)} <= 0`);
	});
	const items = [...open];
	const spent = [...bought].reduce((total, item) => total + limits.costs[item]!, 0);
	if (items.length > 0) {
		rows.push(
			` parts: ${sum(items.map((item) => `x${item}`))} <= ${Math.min(items.length, limits.parts - bought.size)}`
		);
		const dear = items.filter((item) => limits.costs[item]! > 0);
		if (limits.budget < Infinity && dear.length > 0) {
			rows.push(` money: ${sum(dear.map((item) => `${limits.costs[item]!} x${item}`))} <= ${limits.budget - spent}`);
		}
	}
	const bounds = items.map((item) => ` 0 <= x${item} <= 1`);
	const text = ['Maximize', ` obj: ${goal.join('\n ')}`, 'Subject To', ...rows, 'Bounds', ...bounds, 'End'].join('\n');
	const { values, worths } = solve(text);
	const worth = (row: string): number => Math.max(0, worths.get(row) ?? 0);
	const [part, money] = [worth('parts'), worth('money')];
	const paid = new Float64Array(limits.costs.length);
	for (const [row, worth] of worths)
		if (row.startsWith('u')) paid[Number(row.split('_')[1]!.slice(1))]! += Math.max(0, worth);
	const spare = (item: number): number => {
		const left = part + money * limits.costs[item]! - paid[item]!;
		return Math.max(0, left / rigs.of.length / limits.places[item]!);
	};
	return {
		shares: new Map(items.map((item) => [item, values.get(`x${item}`) ?? 0])),
		readings: rigs.of.map((_, reading) => worths.get(`s${reading}`) ?? 0),
		// Up to its worth a part that is not bought costs nothing: spread over the readings, that keeps rigs of many parts away.
		fee: (reading, use) => Math.floor(worth(`u${reading}_${useKey(use)}`) + spare(use.item) + ROUNDING),
		part,
		money
	};
}
