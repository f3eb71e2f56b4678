import { knownPositions } from '../claims/disputes';
import { houseClaims } from '../ranking/answer/houseRules';
import { HOUSE_RULES_MAX } from '../foundation/schema/limits';
import type { SetAside } from '../foundation/schema/failure';
import type { RawRecord } from './kind';

const isText = (value: unknown): value is string => typeof value === 'string';

/** A stand without the topics, schools and rules that are not known here; each is named, and none refuses the rest. */
export function tolerantViews(raw: RawRecord): { record: RawRecord; aside: SetAside[] } {
	const given = typeof raw.stances === 'object' && raw.stances !== null ? Object.entries(raw.stances) : [];
	const sides = knownPositions(Object.fromEntries(given.filter(([, school]) => isText(school))));
	const unspoken = given
		.filter(([, school]) => !isText(school))
		.map(([topic]) => ({ path: `stances.${topic}`, why: 'A view is one word.' }));
	const rules: readonly unknown[] = Array.isArray(raw.houseRules) ? raw.houseRules : [];
	const house = houseClaims(rules.slice(0, HOUSE_RULES_MAX));
	const beyond = rules
		.slice(HOUSE_RULES_MAX)
		.map((_, at) => ({ path: `houseRules.${HOUSE_RULES_MAX + at}`, why: `At most ${HOUSE_RULES_MAX} rules count.` }));
	return {
		record: { ...raw, stances: sides.stances, houseRules: house.rules },
		aside: [...sides.ignored, ...unspoken, ...house.ignored, ...beyond]
	};
}
