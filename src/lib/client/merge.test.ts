import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { StandRecord } from '$lib/core/records/schemas';
import { HOUSE_RULES_MAX } from '$lib/core/schema/limits';
import { freeRuleId, mergedStand } from './merge';

type Rule = StandRecord['houseRules'][number];
const rule = (id: string, because: string): Rule => ({ id, because, when: [], prefer: [] }) as unknown as Rule;
const stand = (stances: Record<string, string>, houseRules: Rule[] = []): StandRecord =>
	({ schemaVersion: 2, stances, houseRules }) as unknown as StandRecord;

const someRules = fc
	.uniqueArray(fc.integer({ min: 1, max: 30 }), { maxLength: 8 })
	.map((numbers) => numbers.map((at) => rule(`MY-${String(at).padStart(2, '0')}`, `reason ${at % 6}`)));

describe('stands that were changed in two places', () => {
	it('have every side of both, and of two about one question the one taken here', () => {
		const merged = mergedStand(stand({ WIRE: 'heavy', PACE: 'fast' }), stand({ WIRE: 'thin', LINE: 'braid' }));
		expect(merged.stances).toEqual({ WIRE: 'heavy', PACE: 'fast', LINE: 'braid' });
	});

	it('lose no rule of either, give each an id of its own, and one said twice is there once', () => {
		fc.assert(
			fc.property(someRules, someRules, (mine, theirs) => {
				const { houseRules } = mergedStand(stand({}, mine), stand({}, theirs));
				const reasons = houseRules.map(({ because }) => because);
				for (const { because } of [...mine, ...theirs]) expect(reasons).toContain(because);
				expect(new Set(houseRules.map(({ id }) => id)).size).toBe(houseRules.length);
				// Theirs stay as they are: another device shows them by these ids.
				expect(houseRules.slice(0, theirs.length)).toEqual(theirs);
			})
		);
	});

	it('put together twice are what they were once', () => {
		fc.assert(
			fc.property(someRules, someRules, (mine, theirs) => {
				const once = mergedStand(stand({}, mine), stand({}, theirs));
				expect(mergedStand(once, once)).toEqual(once);
				expect(mergedStand(stand({}, mine), once).houseRules).toEqual(once.houseRules);
			})
		);
	});

	it('never hold more rules than there may be', () => {
		const many = (from: number) =>
			Array.from({ length: HOUSE_RULES_MAX }, (_, at) =>
				rule(`MY-${String(from + at).padStart(2, '0')}`, `${from + at}`)
			);
		expect(mergedStand(stand({}, many(1)), stand({}, many(40))).houseRules.length).toBeLessThanOrEqual(HOUSE_RULES_MAX);
	});
});

describe('the id of a rule of one’s own', () => {
	it('is the lowest that is free, and none once all are taken', () => {
		expect(freeRuleId(new Set())).toBe('MY-01');
		expect(freeRuleId(new Set(['MY-01', 'MY-03']))).toBe('MY-02');
		const all = Array.from({ length: 99 }, (_, at) => `MY-${String(at + 1).padStart(2, '0')}`);
		expect(freeRuleId(new Set(all))).toBeNull();
	});
});
