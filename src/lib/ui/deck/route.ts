import type { Worth } from '$lib/workers/deck.worker';
import { fixedSpots, hourAfter, placedWorths, placesFor, travelMin, type HourEdit } from './day';
import type { SpotHour } from './spotConditions';

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

const HOUR_MS = 3_600_000;

/** Hours (ISO) between which the end of a stop can be moved: each of the two stops keeps an hour. */
export function endsOf(stop: Stop, next: Stop): { readonly least: string; readonly most: string } {
	return { least: hourAfter(stop.from), most: new Date(Date.parse(next.to) - HOUR_MS).toISOString() };
}

/**
 * The places of the hours of two stops once the end of the first is moved: all of them are fixed, so that the plan does
 * not choose anew around what was set by hand.
 *
 * @param to The hour (ISO) at which the first ends then; held between what both can give.
 */
export function movedEnd(stop: Stop, next: Stop, to: string): Record<string, string> {
	const { least, most } = endsOf(stop, next);
	const end = Math.min(Date.parse(most), Math.max(Date.parse(least), Date.parse(to)));
	const places: Record<string, string> = {};
	for (let at = Date.parse(stop.from); at < Date.parse(next.to); at += HOUR_MS) {
		places[new Date(at).toISOString()] = at < end ? stop.spot : next.spot;
	}
	return places;
}
