import type { Worth } from '$lib/workers/deck.worker';
import { fixedSpots, hourAfter, placedWorths, placesFor, travelMin, type HourEdit } from './day';
import type { SpotHour } from './lies';

/** A stop of the day. */
export interface Stop {
	readonly spot: string;
	readonly from: string;
	readonly to: string;
	/** Minutes on the way from the stop before; `null` where no distance is known. */
	readonly travelMin: number | null;
}

/**
 * The way through the day: where each hour is fished, hours in a row at one spot as one stop.
 *
 * @param awayM Distance (m) between two spots, as far as it is known.
 */
export function routeOf(
	placed: readonly SpotHour[],
	worths: readonly Worth[],
	edits: Readonly<Record<string, HourEdit>>,
	awayM: (from: string, to: string) => number | null
): Stop[] {
	const stops: Stop[] = [];
	for (const [at, { spot }] of placesFor(placedWorths(placed, worths), fixedSpots(edits), awayM)) {
		const last = stops.at(-1);
		if (last?.spot === spot && last.to === at) stops[stops.length - 1] = { ...last, to: hourAfter(at) };
		else {
			const metres = last ? awayM(last.spot, spot) : null;
			stops.push({ spot, from: at, to: hourAfter(at), travelMin: metres === null ? null : travelMin(metres) });
		}
	}
	return stops;
}
