/** Omit for each kind of thing that a value may be. */
type Less<T, K extends PropertyKey> = T extends unknown ? Omit<T, K> : never;

/** A copy of an object that lacks some of its keys. */
export function without<T extends object, K extends PropertyKey>(object: T, ...keys: readonly K[]): Less<T, K> {
	const left = Object.entries(object).filter(([name]) => !(keys as readonly PropertyKey[]).includes(name));
	return Object.fromEntries(left) as Less<T, K>;
}
