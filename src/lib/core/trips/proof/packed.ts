import { without } from '../../foundation/basics/without';
import { completeReading } from '../../water/reading/complete';
import type { ParsedReading } from '../../foundation/schema/reading';
import type { Rig } from '../../foundation/schema/rig';
import type { Fact, Outing } from './facts';
import { factsOf } from './facts';

/** A fact on its way: rig and reading by their places in the lists, since most of them come again and again. */
export type PackedFact = Omit<Fact, 'rig' | 'reading'> & { readonly rig: number; readonly reading: number };

/** The whole record as it travels. */
export interface Packed {
	readonly outings: readonly { readonly id: string; readonly name: string; readonly startedAt: string }[];
	readonly rigs: readonly Rig[];
	readonly readings: readonly ParsedReading[];
	readonly facts: readonly PackedFact[];
}

/** Numbers what comes again by its text. */
class Numbered<T> {
	readonly all: T[] = [];
	readonly #places = new Map<string, number>();

	of(one: T): number {
		const text = JSON.stringify(one);
		const known = this.#places.get(text);
		if (known !== undefined) return known;
		this.#places.set(text, this.all.length);
		return this.all.push(one) - 1;
	}
}

/** A reading without what was worked out for it. */
const plain = (reading: Fact['reading']): ParsedReading => without(reading, 'unread');

/** Packs outings for the way, one after the other: a long record need not be told in one go. */
export class Packing {
	readonly #outings: Packed['outings'][number][] = [];
	readonly #rigs = new Numbered<Rig>();
	readonly #readings = new Numbered<ParsedReading>();
	readonly #facts: PackedFact[] = [];

	add(outing: Outing & { readonly name: string }): void {
		const { id, name, startedAt } = outing;
		this.#outings.push({ id, name, startedAt });
		for (const fact of factsOf(outing)) {
			this.#facts.push({ ...fact, rig: this.#rigs.of(fact.rig), reading: this.#readings.of(plain(fact.reading)) });
		}
	}

	get packed(): Packed {
		return { outings: this.#outings, rigs: this.#rigs.all, readings: this.#readings.all, facts: this.#facts };
	}
}

/** The facts as they were before they were packed. */
export function unpacked({ rigs, readings, facts }: Packed): Fact[] {
	const complete = readings.map(completeReading);
	return facts.map((fact) => ({ ...fact, rig: rigs[fact.rig]!, reading: complete[fact.reading]! }));
}
