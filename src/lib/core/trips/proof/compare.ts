import { evidence } from '../evidence/evidence';
import { ratesOf, type Rate } from '../evidence/rates';
import type { Evidence, EvidenceBlock } from '../../foundation/schema/evidence';
import type { ProofFacet } from './facets';
import { totalOf, type Fact } from './facts';

/** A value of a facet with what came of it. */
export interface Group extends Rate {
	readonly value: string;
	readonly landed: number;
	/** Hours fished, and of them lost to weed. */
	readonly hours: number;
	readonly lostHours: number;
}

/**
 * How much two ways to fish differ before the record has spoken (log of the ratio): a little wider than what is usual for two
 * lures, so that intervals hold as often where nothing differs as where much does, by `npm run honesty`.
 */
const WAYS_SD_LOG = 0.6;

/** A facet's groups, the most fished first, and what was never tried. */
export interface Grouped {
	readonly groups: readonly Group[];
	readonly never: readonly string[];
}

function partition(facts: readonly Fact[], of: (fact: Fact) => string): Map<string, Fact[]> {
	const found = new Map<string, Fact[]>();
	for (const fact of facts) {
		const value = of(fact);
		const list = found.get(value);
		if (list) list.push(fact);
		else found.set(value, [fact]);
	}
	return found;
}

/** Rates by a facet's values, small groups drawn toward the angler's middle. */
export function groupedBy(facts: readonly Fact[], facet: ProofFacet): Grouped {
	const parts = [...partition(facts, facet.of)].toSorted(
		(a, b) => totalOf(b[1], ({ casts }) => casts) - totalOf(a[1], ({ casts }) => casts)
	);
	const rates = ratesOf(
		parts.map(([, list]) => ({
			casts: totalOf(list, ({ casts }) => casts),
			strikes: totalOf(list, ({ strikes }) => strikes)
		}))
	);
	const groups = parts.map(([value, list], at) => ({
		value,
		...rates[at]!,
		landed: totalOf(list, ({ landed }) => landed),
		hours: totalOf(list, ({ activeS }) => activeS) / 3600,
		lostHours: totalOf(list, ({ fouledS }) => fouledS) / 3600
	}));
	const tried = new Set(groups.map(({ value }) => value));
	return { groups, never: facet.all.filter((value) => !tried.has(value)) };
}

/**
 * Two sides of the fishing held against each other within each outing, so that a good day does not speak for whichever was
 * fished on it; pairs of a trial by themselves, since they alone were planned.
 *
 * @param isA Whether a stretch is of the first side; `null` for one of neither.
 */
export function blocksBetween(facts: readonly Fact[], isA: (fact: Fact) => boolean | null): EvidenceBlock[] {
	const keyOf = ({ outingId, pair }: Fact): string => `${outingId} ${pair ?? ''}`;
	return [...partition(facts, keyOf)].flatMap(([id, list]): EvidenceBlock[] => {
		const side = (a: boolean) => {
			const own = list.filter((fact) => isA(fact) === a);
			return { casts: totalOf(own, ({ casts }) => casts), bites: totalOf(own, ({ strikes }) => strikes) };
		};
		const [a, b] = [side(true), side(false)];
		return a.casts > 0 && b.casts > 0 ? [{ id: id.slice(0, 100), planned: list[0]!.pair !== null, a, b }] : [];
	});
}

/** What stretches of the record show of two sides. */
export const shownBy = (blocks: EvidenceBlock[]): Evidence => evidence({ blocks, prior: { sdLog: WAYS_SD_LOG } });

/** What two values of a facet show against each other; `null` where they were never fished on one outing. */
export function compared(facts: readonly Fact[], facet: ProofFacet, a: string, b: string): Evidence | null {
	const blocks = blocksBetween(facts, (fact) => {
		const value = facet.of(fact);
		return value === a ? true : value === b ? false : null;
	});
	return blocks.length > 0 ? shownBy(blocks) : null;
}
