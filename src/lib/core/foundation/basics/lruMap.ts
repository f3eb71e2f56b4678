/** Keeps what was worked out of late by a name: the next question is mostly about nearly the same water. */
export class LruMap<Value> {
	readonly #most: number;
	readonly #byName = new Map<string, Value>();

	/** @param most How many are kept; the one asked for longest ago goes first. */
	constructor(most: number) {
		this.#most = most;
	}

	/** What was worked out under a name, or is now. */
	of(name: string, work: () => Value): Value {
		const known = this.#byName.has(name);
		const value = known ? this.#byName.get(name)! : work();
		// Put back last: the first of the map is the one asked for longest ago.
		this.#byName.delete(name);
		this.#byName.set(name, value);
		if (!known && this.#byName.size > this.#most) this.#byName.delete(this.#byName.keys().next().value!);
		return value;
	}
}

/** The same for each of some things by itself. */
export class LruMapByKey<Thing, Value> {
	readonly #most: number;
	readonly #byThing = new Map<Thing, LruMap<Value>>();

	/** @param most How many are kept of each. */
	constructor(most: number) {
		this.#most = most;
	}

	/** What was worked out of a thing under a name, or is now. */
	of(thing: Thing, name: string, work: () => Value): Value {
		let recent = this.#byThing.get(thing);
		if (!recent) this.#byThing.set(thing, (recent = new LruMap(this.#most)));
		return recent.of(name, work);
	}
}
