import { counted } from '$lib/core/foundation/labels/counted';
import type { ScenarioKind } from '$lib/core/trips/plan/scenarios';
import type { Plan } from '$lib/core/foundation/schema/plan';

/** When a way in which an hour may turn out is the one, in words. */
const WHEN: Readonly<Record<ScenarioKind, string>> = {
	'as-read': 'the water as you entered it',
	chasing: 'fish that turn on',
	off: 'fish that shut off',
	brighter: 'a sky that clears',
	darker: 'a sky that clouds over',
	windier: 'more wind',
	calmer: 'less wind',
	clearer: 'clearer water',
	dirtier: 'dirtier water',
	colder: 'colder water',
	deeper: 'fish that go deeper',
	shallower: 'fish that come up'
};
/** So many are named; more would be a list that nobody reads. */
const NAMED = 3;
/** A rod serves a way of turning out from this share of its odds on. */
const SERVES = 0.5;
/** Less than this many points a day is nothing. */
const NOTHING_POINTS = 0.05;

/** What a rod is for: the ways of turning out that it is the best rod in, the likeliest first. */
export function rodFor(
	rod: Plan['rods'][number],
	all: Plan['rods'],
	kindAt: (at: string, scenario: number) => ScenarioKind | null
): string {
	const odds = (rods: Plan['rods']): Map<ScenarioKind, number> => {
		const sums = new Map<ScenarioKind, number>();
		for (const one of rods.flatMap((each) => each.for)) {
			const kind = kindAt(one.at, one.scenario);
			if (kind) sums.set(kind, (sums.get(kind) ?? 0) + one.odds);
		}
		return sums;
	};
	const whole = odds(all);
	const kinds = [...odds([rod])]
		.filter(([kind, sum]) => sum >= SERVES * whole.get(kind)!)
		.sort((a, b) => b[1] - a[1])
		.map(([kind]) => WHEN[kind]);
	if (kinds.length === 0) return 'For a few hours of the day.';
	const named = kinds.slice(0, NAMED);
	const last = named.pop()!;
	return `For ${named.length > 0 ? `${named.join(', ')} and ` : ''}${last}.`;
}

/** What a rod adds to the others, as points of a lure's score over the day. */
export const rodAdds = (adds: number): string =>
	adds < NOTHING_POINTS ? 'Adds nothing.' : `Without it the day would score ${adds.toFixed(1)} points less.`;

/** What is said where fewer rods are worth taking than were asked for; `null` where each earns its place. */
export function enoughText(found: number, asked: number): string | null {
	if (found >= asked) return null;
	return `${counted(found, 'rod')} ${found === 1 ? 'covers' : 'cover'} every hour as well as ${asked} would: another rod adds nothing.`;
}
