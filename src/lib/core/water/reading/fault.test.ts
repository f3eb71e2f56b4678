import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LIST_MAX, READING_RANGES, type RangedKey } from '../../foundation/schema/limits';
import { readingSchema, type ParsedReading } from '../../foundation/schema/reading';
import { anyReading } from '../../testing/arbitraries';
import { readingFault } from './fault';

const NUMBER = fc.oneof(
	fc.double({ min: -200, max: 200 }),
	fc.integer({ min: -1, max: 70 }),
	fc.constantFrom(NaN, Infinity, 0.05, 0.2, 14, 20, 40, 60)
);
const KEYS = Object.keys(READING_RANGES) as RangedKey[];
const COVER = { kind: 'wood', density: 'sparse', form: 'even' } as const;

/** What a hand may do to a reading: a figure set to anything, lists that grow too long. */
const patches: fc.Arbitrary<Partial<ParsedReading>> = fc.oneof(
	fc.record({ key: fc.constantFrom(...KEYS), value: NUMBER }).map(({ key, value }) => ({ [key]: value })),
	fc.record({ fishFromM: NUMBER, fishToM: NUMBER }),
	NUMBER.map((topM) => ({
		cover: [
			{ ...COVER, topM: 0 },
			{ ...COVER, topM }
		]
	})),
	NUMBER.map((lengthIn) => ({ forage: [{ kind: 'sunfish' as const, lengthIn, amount: 'some' as const }] })),
	fc.record({ hooksMax: NUMBER, pointsMax: NUMBER }).map((rules) => ({ rules })),
	fc.integer({ min: 0, max: LIST_MAX + 2 }).map((length) => ({ cover: Array(length).fill({ ...COVER, topM: 1 }) })),
	fc.integer({ min: 0, max: LIST_MAX + 2 }).map((length) => ({ events: Array<'schooling'>(length).fill('schooling') }))
);

describe('what makes no reading', () => {
	it('is what the schema refuses, and is told at the same place', () => {
		fc.assert(
			fc.property(anyReading, fc.array(patches, { maxLength: 3 }), (reading, changes) => {
				const changed = Object.assign({}, readingSchema.parse(reading), ...changes) as ParsedReading;
				const refused = readingSchema.safeParse(changed).error?.issues ?? [];
				const fault = readingFault(changed);
				if (refused.length === 0) expect(fault).toBeNull();
				else expect(refused.map(({ path }) => path.join('.'))).toContain(fault?.path);
			}),
			{ numRuns: 500 }
		);
	});
});
