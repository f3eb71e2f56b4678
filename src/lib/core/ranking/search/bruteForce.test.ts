import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { completeReading } from '../../water/reading/complete';
import { seeded, type Random } from '../../foundation/basics/random';
import { readingSchema } from '../../foundation/schema/reading';
import { anyReading } from '../../testing/arbitraries';
import { Judgements, type Judgement } from '../scoring/judgements';
import type { Mask } from '../space/locks';
import type { Part, Space } from '../space/part';
import { rank } from './ranking';
import { SpaceSearch, type SearchCounts } from './search';
import { TIE } from '../space/tie';
import { SPACES } from '../space/spaces';
import { areApart, waysOf, type Way } from './ways';
import { worthOf } from '../scoring/worth';
import { cellOf } from '../space/factors';

const READINGS = 500;
/** Trials; some catalogs lose too many rigs to impossible pairs to count among the readings asked for. */
const TRIALS = 540;
const TOP = 5;
/** Variables that keep two values in a trial: 2^13 rigs in each of three spaces, less impossible pairs. */
const OPEN_VARIABLES = 13;
const SPACES_PER_TRIAL = 3;
const SMALLEST_CATALOGUE = 10_000;

/** A catalog of few rigs: two values of some variables, one of the others; every trial opens others. */
function smallMask(space: Space, random: Random): Mask {
	const order = [...space.variables.keys()].sort(() => random() - 0.5);
	// What the gate looks at is open in every trial, so that the gate has something to remove.
	const always = ['weight', 'speed', 'blades', 'diameter', 'line'];
	const open = new Set(order.filter((at) => always.includes(space.variables[at]!.id)));
	for (const at of order) if (open.size < OPEN_VARIABLES) open.add(at);
	const chosen = new Map<string, readonly Part[]>();
	// Values are drawn from those that go with what was drawn before, or pairs would leave few rigs.
	return space.variables.map(({ id, parts }, at) => {
		const fits = parts.filter((part) =>
			space.links.every(
				(link) => link.b !== id || (chosen.get(link.a) ?? []).every((other) => link.allows(other, part))
			)
		);
		const pool = fits.length > 0 ? fits : parts;
		const first = Math.floor(random() * pool.length);
		const second = (first + 1 + Math.floor(random() * (pool.length - 1))) % pool.length;
		const drawn = open.has(at) ? [pool[first]!, pool[second]!] : [pool[first]!];
		chosen.set(id, drawn);
		return parts.map((part) => drawn.includes(part));
	});
}

/** All assignments that a mask leaves, impossible pairs taken out; each in the same array, for as long as it is looked at. */
function* rigsOf(space: Space, mask: Mask): Generator<Int32Array> {
	const choices = mask.map((row) => [...row.keys()].filter((value) => row[value]));
	const digits = choices.map(() => 0);
	const rig = Int32Array.from(choices, ([first]) => first!);
	const links = space.links.map(({ a, b, allows }) => {
		const [first, second] = [a, b].map((id) => space.variables.findIndex((variable) => variable.id === id)) as [
			number,
			number
		];
		const parts = [space.variables[first]!.parts, space.variables[second]!.parts] as const;
		return { first, second, allowed: parts[0].map((one) => parts[1].map((other) => allows(one, other))) };
	});
	for (;;) {
		if (links.every(({ first, second, allowed }) => allowed[rig[first]!]![rig[second]!])) yield rig;
		let at = digits.length - 1;
		while (at >= 0 && ++digits[at]! === choices[at]!.length) {
			digits[at] = 0;
			rig[at] = choices[at]![0]!;
			at--;
		}
		if (at < 0) return;
		rig[at] = choices[at]![digits[at]!]!;
	}
}

/** What every speaking claim brings to any rig of a space, those of the same variables added up beforehand. */
function ledgerOf(space: Space, judgements: readonly Judgement[]): (rig: Int32Array) => number {
	const sizes = space.variables.map(({ parts }) => parts.length);
	const tables = new Map<string, { variables: readonly number[]; milli: Float64Array }>();
	for (const judgement of judgements) {
		const { variables, cells, opinions } = judgement.table;
		const worths = opinions.map((opinion) => worthOf(judgement, opinion).counts);
		const { milli } = tables.get(variables.join()) ?? { milli: new Float64Array(cells.length) };
		cells.forEach((opinion, cell) => (milli[cell]! += worths[opinion]!));
		tables.set(variables.join(), { variables, milli });
	}
	const sums = [...tables.values()];
	const plains = space.variables.map(({ parts, outfit }) => parts.map(({ plain }) => (outfit ? 0 : plain)));
	return (rig) => {
		let [milli, plain] = [0, 0];
		for (const sum of sums) milli += sum.milli[cellOf(sum.variables, sizes, rig)]!;
		for (let at = 0; at < rig.length; at++) plain += plains[at]![rig[at]!]!;
		return milli * TIE - plain;
	};
}

/** How any rig of a space fishes; of the same blades, retrieve and speed worked out once. */
function waysIn(space: Space): (rig: Int32Array) => Way {
	const variableIndexOf = (id: string) => space.variables.findIndex((variable) => variable.id === id);
	const { beat, way } = waysOf(space);
	const [engine, retrieve, speed] = [space.family === 'buzzbait' ? 'diameter' : 'blades', 'retrieve', 'speed'].map(
		variableIndexOf
	) as [number, number, number];
	const known: Way[][][] = [];
	return (rig) => {
		const [turns, how, fast] = [rig[engine]!, rig[retrieve]!, rig[speed]!];
		const row = ((known[turns] ??= [])[how] ??= []);
		return (row[fast] ??= way(beat[turns]!, how, fast));
	};
}

/** A rig that runs. */
interface Run {
	readonly rank: number;
	readonly family: string;
	readonly way: Way;
}

interface Trial {
	readonly ranks: number[];
	readonly rigs: number;
	readonly removed: number;
}

/** Every rig looked at, one by one. */
function everyRig(spaces: readonly { space: Space; mask: Mask }[], judgements: Judgements): Trial {
	const runs: Run[] = [];
	let [rigs, removed] = [0, 0];
	for (const { space, mask } of spaces) {
		const rankOf = ledgerOf(space, judgements.about(space));
		const wayOf = waysIn(space);
		const gate = judgements.windows.gate(space, mask);
		for (const rig of rigsOf(space, mask)) {
			rigs++;
			if (!gate.runs(rig)) {
				removed++;
				continue;
			}
			runs.push({ rank: rankOf(rig), family: space.family, way: wayOf(rig) });
		}
	}
	return { ranks: calledFrom(runs), rigs, removed: removed / Math.max(1, rigs) };
}

/** The best of each family first, then the best that fish one of them another way; best first. */
function calledFrom(runs: readonly Run[]): number[] {
	const bestBy = (rigs: readonly Run[]): Map<string, Run> => {
		const best = new Map<string, Run>();
		for (const run of rigs) if (run.rank > (best.get(run.family)?.rank ?? -Infinity)) best.set(run.family, run);
		return best;
	};
	const ranks = (best: Map<string, Run>): number[] => [...best.values()].map(({ rank }) => rank).sort((a, b) => b - a);
	const firsts = bestBy(runs);
	const apart = runs.filter(({ family, way }) => areApart(way, firsts.get(family)!.way));
	const seconds = ranks(bestBy(apart)).slice(0, TOP - firsts.size);
	return [...ranks(firsts), ...seconds].sort((a, b) => b - a);
}

function searched(spaces: readonly { space: Space; mask: Mask }[], judgements: Judgements): number[] {
	const tally: SearchCounts = { nodes: 0, bound: 0, gate: 0 };
	const searches = spaces.map(
		({ space, mask }) => new SpaceSearch(space, mask, judgements.about(space), judgements.windows.gate(space, mask))
	);
	const { called } = rank(searches, { top: TOP, seconds: true, everyFamily: true }, tally);
	return called.map((find) => find.rank);
}

describe('the exact search', () => {
	const readings = fc.sample(anyReading, { numRuns: TRIALS, seed: 31 });
	const removed: number[] = [];
	const opened = new Set<string>();
	const rigs: number[] = [];

	it(`finds what trying every rig finds, on ${TRIALS} readings with a catalog each`, () => {
		readings.forEach((given, trial) => {
			const random = seeded(trial + 1);
			const reading = completeReading(readingSchema.parse(given));
			const judgements = new Judgements(reading, {});
			const chosen = [...SPACES].sort(() => random() - 0.5).slice(0, SPACES_PER_TRIAL);
			const spaces = chosen.map((space) => ({ space, mask: smallMask(space, random) }));
			for (const { space, mask } of spaces) {
				mask.forEach((row, at) => {
					if (row.filter(Boolean).length > 1) opened.add(`${space.family}.${space.variables[at]!.id}`);
				});
			}
			const trialResult = everyRig(spaces, judgements);
			removed.push(trialResult.removed);
			rigs.push(trialResult.rigs);
			expect(searched(spaces, judgements)).toEqual(trialResult.ranks);
		});
	}, 600_000);

	it('was tried on catalogs large enough, with every facet open, whose gates removed a good share', () => {
		const large = rigs.filter((count) => count >= SMALLEST_CATALOGUE);
		expect(large.length).toBeGreaterThanOrEqual(READINGS);
		const facets = SPACES.flatMap(({ family, variables }) =>
			variables.filter(({ parts }) => parts.length > 1).map(({ id }) => `${family}.${id}`)
		);
		expect([...new Set(facets)].filter((facet) => !opened.has(facet))).toEqual([]);
		const middling = removed.filter((share) => share >= 0.1 && share <= 0.9);
		expect(middling.length / removed.length).toBeGreaterThan(0.25);
	});
});
