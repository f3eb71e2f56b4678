import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { ViewsRecord } from '$lib/core/records/schemas';
import { HOUSE_RULES_MAX } from '$lib/core/foundation/schema/limits';
import { goneAfter, ruleKey } from '$lib/core/records/ruleKey';
import { freeRuleId, mergedViews } from './merge';

type Rule = ViewsRecord['houseRules'][number];
const rule = (id: string, because: string): Rule => ({ id, because, when: [], prefer: [] }) as unknown as Rule;
const stand = (stances: Record<string, string>, houseRules: Rule[] = [], goneRules?: string[]): ViewsRecord =>
	({ schemaVersion: 2, stances, houseRules, ...(goneRules ? { goneRules } : {}) }) as unknown as ViewsRecord;
const merged = (mine: ViewsRecord, theirs: ViewsRecord): ViewsRecord => {
	const both = mergedViews(mine, theirs);
	expect(both).not.toBeNull();
	return both!;
};
/** A stand after its rules were changed, as the application changes them. */
const changed = (before: ViewsRecord, houseRules: Rule[]): ViewsRecord => ({
	...before,
	houseRules,
	goneRules: goneAfter(before.goneRules ?? [], before.houseRules, houseRules)
});

const someRules = fc
	.uniqueArray(fc.integer({ min: 1, max: 30 }), { maxLength: 8 })
	.map((numbers) => numbers.map((at) => rule(`MY-${String(at).padStart(2, '0')}`, `reason ${at % 6}`)));

describe('stands that were changed in two places', () => {
	it('have every side of both, and of two about one question the one taken here', () => {
		const both = merged(stand({ WIRE: 'heavy', PACE: 'fast' }), stand({ WIRE: 'thin', LINE: 'braid' }));
		expect(both.stances).toEqual({ WIRE: 'heavy', PACE: 'fast', LINE: 'braid' });
	});

	it('lose no rule of either, give each an id of its own, and one said twice is there once', () => {
		fc.assert(
			fc.property(someRules, someRules, (mine, theirs) => {
				const { houseRules } = merged(stand({}, mine), stand({}, theirs));
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
				const once = merged(stand({}, mine), stand({}, theirs));
				expect(merged(once, once)).toEqual(once);
				expect(merged(stand({}, mine), once).houseRules).toEqual(once.houseRules);
			})
		);
	});

	it('bring back no rule that either of them deleted, and lose none that the other wrote', () => {
		fc.assert(
			fc.property(someRules, someRules, fc.nat(7), fc.nat(7), (common, fresh, a, b) => {
				const base = stand({}, common);
				const without = (at: number) => common.filter((_, index) => index !== at);
				const mine = changed(base, without(a));
				const added = fresh.map((one, at) => ({ ...one, id: `MY-${60 + at}`, because: `new ${at}` }));
				const theirs = changed(base, [...without(b), ...added]);
				const reasons = merged(mine, theirs).houseRules.map(({ because }) => because);
				for (const { because } of added) expect(reasons).toContain(because);
				const deleted = [common[a], common[b]].flatMap((one) => (one ? [ruleKey(one)] : []));
				// One that the other device says a second time is still there.
				const said = (one: Rule) =>
					[...without(a), ...without(b)].filter((other) => ruleKey(other) === ruleKey(one)).length;
				const keys = merged(mine, theirs).houseRules.map(ruleKey);
				for (const one of common) {
					if (deleted.includes(ruleKey(one)) && said(one) <= 1) expect(keys).not.toContain(ruleKey(one));
				}
			})
		);
	});

	it('keep a rule that was deleted and written again', () => {
		const [one] = [rule('MY-01', 'again')];
		const deleted = changed(stand({}, [one]), []);
		const again = changed(deleted, [one]);
		expect(merged(again, stand({}, [])).houseRules).toEqual([one]);
		expect(merged(deleted, stand({}, [one])).houseRules).toEqual([]);
	});

	it('are not put together where that is more than there may be: the angler decides', () => {
		const many = (from: number) =>
			Array.from({ length: HOUSE_RULES_MAX }, (_, at) =>
				rule(`MY-${String(from + at).padStart(2, '0')}`, `${from + at}`)
			);
		expect(mergedViews(stand({}, many(1)), stand({}, many(40)))).toBeNull();
		expect(merged(stand({}, many(1)), stand({}, many(1))).houseRules).toHaveLength(HOUSE_RULES_MAX);
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
