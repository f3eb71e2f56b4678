import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { grouped, narrowed } from './listing';

const same = (text: string): string => text;

describe('a list', () => {
	it('is narrowed by every word, whatever its case and order, and never reordered', () => {
		const items = ['Pad Bay, October', 'Alder Bank, October', 'Pad Bay, July'];
		expect(narrowed(items, 'october PAD', same)).toEqual(['Pad Bay, October']);
		expect(narrowed(items, '  ', same)).toEqual(items);
		expect(narrowed(items, 'nowhere', same)).toEqual([]);
		fc.assert(
			fc.property(fc.array(fc.string()), fc.string(), (all, find) => {
				const left = narrowed(all, find, same);
				expect(narrowed(left, find, same)).toEqual(left);
				let at = -1;
				for (const one of left) expect((at = all.indexOf(one, at + 1))).toBeGreaterThanOrEqual(0);
			})
		);
	});

	it('in stretches is the whole list, each thing once, what has no title last', () => {
		fc.assert(
			fc.property(fc.array(fc.record({ id: fc.nat(), water: fc.constantFrom('Mere', 'Reach', '') })), (items) => {
				const stretches = grouped(items, ({ water }) => water);
				expect(stretches.flatMap(({ items: held }) => held)).toHaveLength(items.length);
				expect(new Set(stretches.map(({ title }) => title)).size).toBe(stretches.length);
				for (const { title, items: held } of stretches) {
					expect(held).toEqual(items.filter(({ water }) => water === title));
				}
				const untitled = stretches.findIndex(({ title }) => title === '');
				if (untitled >= 0) expect(untitled).toBe(stretches.length - 1);
			})
		);
	});
});
