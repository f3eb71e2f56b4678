import type { StandRecord } from '$lib/core/records/schemas';
import { HOUSE_RULES_MAX } from '$lib/core/schema/limits';

/** The lowest free id of a rule of one's own, "MY-01" and up. */
export function freeRuleId(taken: ReadonlySet<string>): string | null {
	for (let at = 1; at < 100; at++) {
		const id = `MY-${String(at).padStart(2, '0')}`;
		if (!taken.has(id)) return id;
	}
	return null;
}

/**
 * Two stands put together where both were changed: the sides taken here count first, and no rule of either is lost; a
 * rule whose id the other uses for another gets a free one.
 */
export function mergedStand(mine: StandRecord, theirs: StandRecord): StandRecord {
	const rules = [...theirs.houseRules];
	const same = (a: object, b: object): boolean => JSON.stringify(a) === JSON.stringify(b);
	for (const rule of mine.houseRules) {
		if (rules.some((one) => same({ ...one, id: '' }, { ...rule, id: '' }))) continue;
		const taken = new Set(rules.map(({ id }) => id));
		const id = taken.has(rule.id) ? freeRuleId(taken) : rule.id;
		if (id !== null && rules.length < HOUSE_RULES_MAX) rules.push({ ...rule, id });
	}
	return { ...mine, stances: { ...theirs.stances, ...mine.stances }, houseRules: rules };
}
