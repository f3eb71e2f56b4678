import type { Arm } from '../../foundation/schema/words';
import { seeded } from '../../foundation/basics/random';
import type { EvidenceBlock } from '../../foundation/schema/evidence';
import type { Trial } from '../../foundation/schema/tally';

/**
 * Whose turn it is, turn by turn: pairs of one of each, which of them first drawn from the seed, so that nobody picks the
 * good water for the favorite.
 */
export function turnsOf({ seed, pairs }: Pick<Trial, 'seed' | 'pairs'>): Arm[] {
	const random = seeded(seed);
	return Array.from({ length: pairs }, (): Arm[] => (random() < 0.5 ? ['a', 'b'] : ['b', 'a'])).flat();
}

/** What came of one turn of a trial. */
export interface Turn {
	readonly turn: number;
	readonly arm: Arm;
	readonly casts: number;
	readonly strikes: number;
	/** Whether it was fished to its end. */
	readonly whole: boolean;
}

/** Turns as stretches to compare: pairs that were fished whole. Broken ones are counted, and left out. */
export function blocksOf(turns: readonly Turn[]): { blocks: EvidenceBlock[]; broken: number } {
	const pairs = new Map<number, Turn[]>();
	for (const turn of turns) {
		const pair = Math.floor(turn.turn / 2);
		pairs.set(pair, [...(pairs.get(pair) ?? []), turn]);
	}
	const blocks: EvidenceBlock[] = [];
	let broken = 0;
	for (const [pair, two] of pairs) {
		const [a, b] = (['a', 'b'] as const).map((arm) => two.find((turn) => turn.arm === arm && turn.whole));
		broken += two.filter(({ whole }) => !whole).length;
		if (!a || !b) continue;
		const counted = ({ casts, strikes }: Turn) => ({ casts, bites: strikes });
		blocks.push({ id: `pair ${pair + 1}`, planned: true, a: counted(a), b: counted(b) });
	}
	return { blocks, broken };
}
