import { InputFailure, type Failure } from '../../foundation/schema/failure';
import type { Outfit } from '../../foundation/schema/outfit';
import type { Plan } from '../../foundation/schema/plan';
import { bestDeck, retiesOf, type Day, type Deck, type Solve } from './deck';
import type { Prepared } from './prepared';
import { bestOf, bestOutfits, givenUp, without, type Case } from './underUncertainty';

const TOO_FEW: Failure = { code: 'invalid', path: 'rods', message: 'That is too few rods to cover every hour.' };

/** What a deck answers of every hour, however its rods were chosen. */
function answered(
	{ hours, called, candidates, outfits, day }: Prepared,
	cast: Deck['cast'],
	carried: (place: number) => Pick<Plan['rods'][number], 'adds' | 'for'> | null
): Omit<Plan, 'value' | 'bound' | 'exact'> {
	const on = (place: number): Plan['rods'][number]['hours'] =>
		hours.flatMap(({ at, spot = null }, hour) => {
			const rig = cast[hour];
			if (rig === null || rig === undefined || day.outfitOf[rig] !== place) return [];
			return [{ at, spot, rig: candidates[rig]!, behind: day.hours[hour]!.behind[rig]! }];
		});
	return {
		rods: outfits.flatMap((outfit, place) => {
			const more = carried(place);
			return more ? [{ outfit, hours: on(place), ...more }] : [];
		}),
		best: hours.map(({ at, spot = null }, hour) => ({ at, spot, call: called[hour]!.calls[0] ?? null })),
		reties: retiesOf(cast, day.outfitOf),
		unserved: hours.flatMap(({ at }, hour) => (cast[hour] === null || cast[hour] === undefined ? [at] : []))
	};
}

/** The rig of an outfit that gives up least; `null` where none of them runs. */
function bestRig(behind: readonly (number | null)[], outfitOf: readonly number[], outfit: number): number | null {
	const rigs = behind.flatMap((points, rig) => (points !== null && outfitOf[rig] === outfit ? [rig] : []));
	return rigs.length === 0 ? null : rigs.reduce((best, rig) => (behind[rig]! < behind[best]! ? rig : best));
}

/** What each outfit gives up at best. */
const byOutfit = (behind: readonly (number | null)[], { outfitOf }: Day, outfits: number): (number | null)[] =>
	Array.from({ length: outfits }, (_, outfit) => {
		const rig = bestRig(behind, outfitOf, outfit);
		return rig === null ? null : behind[rig]!;
	});

/** The deck that does best over all ways in which the day may turn out. */
function deckedForAll(ready: Prepared, turns: NonNullable<Prepared['turns']>, solve: Solve, rods: number): Plan {
	const { hours, candidates, outfits, day } = ready;
	const cases = turns.map(({ hour, odds, behind }): Case => ({
		weight: hours[hour]!.weight * odds,
		behind: byOutfit(behind, day, outfits.length)
	}));
	const found = bestOutfits({ cases, outfits: outfits.length, rods, fixed: day.fixed }, solve);
	if (!found) throw new InputFailure(TOO_FEW);
	const likely = hours.map((_, hour) => {
		const own = turns.flatMap((turn, at) => (turn.hour === hour ? [at] : []));
		return own.reduce((best, at) => (turns[at]!.odds > turns[best]!.odds ? at : best));
	});
	const rigIn = (at: number): number | null => {
		const outfit = bestOf(cases[at]!, found.outfits);
		return outfit === null ? null : bestRig(turns[at]!.behind, day.outfitOf, outfit);
	};
	const servedBy = (outfit: number): Plan['rods'][number]['for'] =>
		turns.flatMap(({ hour, scenario, odds, behind }, at) => {
			if (bestOf(cases[at]!, found.outfits) !== outfit) return [];
			const rig = bestRig(behind, day.outfitOf, outfit)!;
			return [{ at: hours[hour]!.at, scenario, odds, rig: candidates[rig]!, behind: behind[rig]! }];
		});
	const likelyDay = { ...day, hours: day.hours.map((one, hour) => ({ ...one, behind: turns[likely[hour]!]!.behind })) };
	return {
		...answered({ ...ready, day: likelyDay }, likely.map(rigIn), (place) =>
			found.outfits.includes(place)
				? { adds: givenUp(cases, without(found.outfits, place)) - found.value, for: servedBy(place) }
				: null
		),
		value: found.value,
		bound: found.value,
		exact: found.exact
	};
}

/**
 * The hours of a deck whose rods were chosen over all ways in which the day may turn out, as the day was read: with those
 * rods and no others, and no more knots than they are worth.
 */
export function scheduled(ready: Prepared, plan: Plan, solve: Solve): Plan {
	const outfitIndexOf = (outfit: Outfit): number =>
		ready.outfits.findIndex((one) => JSON.stringify(one) === JSON.stringify(outfit));
	const fixed = plan.rods.map(({ outfit }) => outfitIndexOf(outfit));
	const read = scheduleDay({ ...ready, turns: null, day: { ...ready.day, fixed } }, solve, fixed.length);
	const hoursOf = (outfit: Outfit): Plan['rods'][number]['hours'] =>
		read.rods.find((rod) => outfitIndexOf(rod.outfit) === outfitIndexOf(outfit))?.hours ?? [];
	const rods = plan.rods.map((rod) => ({ ...rod, hours: hoursOf(rod.outfit) }));
	return { ...plan, rods, reties: read.reties, unserved: read.unserved };
}

/** The deck of a day that was made ready: proven by the solver. @param rods Instead of those of the day. */
export function scheduleDay(ready: Prepared, solve: Solve, rods = ready.day.rods): Plan {
	if (ready.turns) return deckedForAll(ready, ready.turns, solve, rods);
	const day = { ...ready.day, rods };
	const deck = bestDeck(day, solve);
	if (!deck) throw new InputFailure(TOO_FEW);
	const { cast, value, exact } = deck;
	const outfits = ready.outfits.length;
	const cases = day.hours.map(({ weight, behind }): Case => ({ weight, behind: byOutfit(behind, day, outfits) }));
	const carry = new Set([...day.fixed, ...cast.flatMap((rig) => (rig === null ? [] : [day.outfitOf[rig]!]))]);
	const adds = (place: number): number =>
		Math.max(0, givenUp(cases, without([...carry], place)) - givenUp(cases, [...carry]));
	return {
		...answered(ready, cast, (place) => (carry.has(place) ? { adds: adds(place), for: [] } : null)),
		value,
		bound: value,
		exact
	};
}
