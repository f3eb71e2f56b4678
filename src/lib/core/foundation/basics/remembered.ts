import type QuickLRU from 'quick-lru';

/** What a cache holds under a key, or what `work` makes now, which the cache then holds. */
export function remembered<Key, Value>(cache: QuickLRU<Key, Value>, key: Key, work: () => Value): Value {
	const known = cache.get(key);
	if (known !== undefined) return known;
	const made = work();
	cache.set(key, made);
	return made;
}
