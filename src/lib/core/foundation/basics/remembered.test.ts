import fc from 'fast-check';
import QuickLRU from 'quick-lru';
import { expect, it } from 'vitest';
import { remembered } from './remembered';

it('what was asked for lately is worked out once, and is the same each time', () => {
	const names = fc.array(fc.constantFrom('a', 'b', 'c', 'd', 'e'), { maxLength: 40 });
	fc.assert(
		fc.property(names, fc.integer({ min: 1, max: 4 }), (asked, most) => {
			const cache = new QuickLRU<string, string>({ maxSize: most });
			const worked: number[] = [];
			asked.forEach((name, at) => {
				expect(remembered(cache, name, () => `${(worked.push(at), name)}!`)).toBe(`${name}!`);
				const last = asked.lastIndexOf(name, at - 1);
				const since = at > 0 && last >= 0 ? new Set(asked.slice(last + 1, at)).size : Infinity;
				// Anew where it never was; not where fewer others than the cache holds were asked for since.
				if (since === Infinity) expect(worked.at(-1)).toBe(at);
				if (since < most) expect(worked.at(-1)).not.toBe(at);
			});
		})
	);
});
