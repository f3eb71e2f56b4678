import fc from 'fast-check';
import { expect, it } from 'vitest';
import { LruMap } from './lruMap';

it('what was asked for of late is worked out once, and no more than so many are kept', () => {
	const names = fc.array(fc.constantFrom('a', 'b', 'c', 'd', 'e'), { maxLength: 40 });
	fc.assert(
		fc.property(names, fc.integer({ min: 1, max: 4 }), (asked, most) => {
			const recent = new LruMap<string>(most);
			const worked: number[] = [];
			asked.forEach((name, at) => {
				expect(recent.of(name, () => `${(worked.push(at), name)}!`)).toBe(`${name}!`);
			});
			// Worked out anew exactly where as many others were asked for since, or it never was.
			const anew = asked.flatMap((name, at) => {
				const last = asked.lastIndexOf(name, at - 1);
				const since = at > 0 && last >= 0 ? new Set(asked.slice(last + 1, at)).size : Infinity;
				return since >= most ? [at] : [];
			});
			expect(worked).toEqual(anew);
		})
	);
});
