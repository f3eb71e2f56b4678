import fc from 'fast-check';
import { LIST_MAX } from '../core/foundation/schema/limits';
import { describe, expect, it } from 'vitest';
import { readingSchema } from '../core/foundation/schema/reading';
import { COVER_KINDS, FORAGE_KINDS } from '../core/foundation/schema/words';
import { coverWith, forageWith, topFor, withoutKind } from './addCover';

const WATER = { waterTemperatureC: 15, visibilityM: 1, stain: 'green', sky: 'sun', wind: 'ripple' } as const;
const kind = fc.constantFrom(...COVER_KINDS);
const bottom = fc.double({ min: 0.2, max: 60, noNaN: true });
const pointed = fc.double({ min: 0, max: 80, noNaN: true });

describe('cover put into the section', () => {
	it('makes a reading that is taken, its top neither over the surface nor under the bottom', () => {
		fc.assert(
			fc.property(kind, pointed, bottom, (one, pointedM, bottomM) => {
				const cover = coverWith({}, one, pointedM, bottomM)!;
				expect(readingSchema.safeParse({ ...WATER, bottomM, cover }).error).toBeUndefined();
				expect(cover[0]!.topM).toBeGreaterThanOrEqual(0);
				expect(cover[0]!.topM).toBeLessThanOrEqual(bottomM + 0.005);
			})
		);
	});

	it('reaches up to where it was pointed at; what floats is afloat, what lies on the bottom stays there', () => {
		expect(topFor('grass-tops', 1.234, 3)).toBe(1.23);
		expect(topFor('wood', 5, 3)).toBe(3);
		expect(topFor('pads', 1.2, 3)).toBe(0);
		expect(topFor('rock', 0.4, 3)).toBe(2.7);
		expect(topFor('shell', 0, 0.2)).toBe(0);
	});

	it('adds to what is there, until the list is full', () => {
		const wood = coverWith({}, 'wood', 1, 3)!;
		expect(coverWith({ cover: wood }, 'rock', 1, 3)).toHaveLength(2);
		const full = Array.from({ length: LIST_MAX }, () => wood[0]!);
		expect(coverWith({ cover: full }, 'rock', 1, 3)).toBeNull();
	});

	it('goes again with every entry of its kind, and takes nothing else along', () => {
		const both = coverWith({ cover: coverWith({}, 'wood', 1, 3)! }, 'rock', 1, 3)!;
		expect(withoutKind([...both, both[0]!], 'wood')).toEqual([both[1]]);
	});
});

describe('bait put into the section', () => {
	it('makes a reading that is taken, until the list is full', () => {
		for (const one of FORAGE_KINDS) {
			const forage = forageWith({}, one)!;
			expect(readingSchema.safeParse({ ...WATER, bottomM: 3, forage }).error).toBeUndefined();
		}
		const full = Array.from({ length: LIST_MAX }, () => forageWith({}, 'perch')![0]!);
		expect(forageWith({ forage: full }, 'sunfish')).toBeNull();
	});
});
