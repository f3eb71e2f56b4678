import { ratesOf, type Count } from '../evidence/rates';
import { counted } from '../../foundation/labels/counted';
import type { PlaceReason } from '../../water/places/rank';
import { totalOf, type Fact } from './facts';

/** A spot that bites twice as often as the angler's others is worth as much as most rules about places; half as often, so much less. */
const MOST_POINTS = 2;
/** What is worth less than this is not said. */
const LEAST_POINTS = 0.1;

const said = ({ casts, strikes }: Count, points: number): string =>
	`Your log: ${counted(strikes, 'bite')} in ${counted(casts, 'cast')} here, ${points > 0 ? 'more' : 'fewer'} than at your other spots.`;

/**
 * What the record says of spots against each other, by spot: rates drawn toward what they have in common as far as little was
 * cast there. It says nothing where fewer than two were cast at.
 *
 * @param spots Those that are asked about.
 */
export function recordOfSpots(facts: readonly Fact[], spots: readonly string[]): Record<string, PlaceReason> {
	const counts = spots.flatMap((spot) => {
		const own = facts.filter(({ spotId }) => spotId === spot);
		const casts = totalOf(own, (fact) => fact.casts);
		return casts > 0 ? [{ spot, casts, strikes: totalOf(own, (fact) => fact.strikes) }] : [];
	});
	if (counts.length < 2) return {};
	const rates = ratesOf(counts);
	const middle = rates.reduce((sum, { rate }) => sum + Math.log(rate), 0) / rates.length;
	return Object.fromEntries(
		counts.flatMap(({ spot, ...count }, at) => {
			const doublings = (Math.log(rates[at]!.rate) - middle) / Math.LN2;
			const points = MOST_POINTS * Math.min(1, Math.max(-1, doublings));
			return Math.abs(points) < LEAST_POINTS
				? []
				: [[spot, { claim: 'record', points, because: said(count, points) }] as const];
		})
	);
}
