import { GONE_RULES_MAX, ruleKey } from '$lib/core/records/ruleKey';
import type { ViewsRecord } from '$lib/core/records/schemas';
import { HOUSE_RULES_MAX } from '$lib/core/foundation/schema/limits';

/** The lowest free id of a rule of one's own, "MY-01" and up. */
export function freeRuleId(taken: ReadonlySet<string>): string | null {
	for (let at = 1; at < 100; at++) {
		const id = `MY-${String(at).padStart(2, '0')}`;
		if (!taken.has(id)) return id;
	}
	return null;
}

/**
 * Two stands put together where both were changed. The sides taken here count first. A rule that one device deleted stays
 * deleted, every other rule of both is there once, and one whose id the other uses for another gets a free id.
 *
 * @returns `null` where both together hold more rules than there may be: then the angler decides.
 */
export function mergedViews(mine: ViewsRecord, theirs: ViewsRecord): ViewsRecord | null {
	const gone = new Set([...(theirs.goneRules ?? []), ...(mine.goneRules ?? [])]);
	const rules = theirs.houseRules.filter((rule) => !gone.has(ruleKey(rule)));
	const present = new Set(rules.map(ruleKey));
	for (const rule of mine.houseRules) {
		const key = ruleKey(rule);
		if (gone.has(key) || present.has(key)) continue;
		const taken = new Set(rules.map(({ id }) => id));
		const id = taken.has(rule.id) ? freeRuleId(taken) : rule.id;
		if (id === null || rules.length === HOUSE_RULES_MAX) return null;
		present.add(key);
		rules.push({ ...rule, id });
	}
	const goneRules = [...gone].slice(-GONE_RULES_MAX);
	return {
		...mine,
		stances: { ...theirs.stances, ...mine.stances },
		houseRules: rules,
		...(goneRules.length > 0 ? { goneRules } : {})
	};
}
