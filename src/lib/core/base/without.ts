/** A copy of an object that lacks one of its keys. */
export function without<T extends object, K extends PropertyKey>(object: T, key: K): Omit<T, K> {
	return Object.fromEntries(Object.entries(object).filter(([name]) => name !== key)) as Omit<T, K>;
}
