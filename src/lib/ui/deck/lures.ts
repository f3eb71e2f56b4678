import { dequal } from 'dequal';
import { feetText } from '$lib/core/foundation/basics/units';
import { lineText } from '$lib/core/foundation/labels/describe';
import { spoken } from '$lib/core/foundation/labels/spoken';
import type { Outfit } from '$lib/core/foundation/schema/outfit';
import type { Plan } from '$lib/core/foundation/schema/plan';
import type { Rig } from '$lib/core/foundation/schema/rig';
import { staysOf, type Stay } from './day';

/** A lure that a rod carries, and when and where it is cast. */
export interface Carried {
	readonly rig: Rig;
	readonly stays: readonly Omit<Stay, 'lure'>[];
}

/** The lures of a rod, each once, in the order in which they are first cast. */
export const luresOf = ({ hours }: Plan['rods'][number]): Carried[] =>
	hours
		.filter(({ rig }, at) => hours.findIndex((one) => dequal(one.rig, rig)) === at)
		.map(({ rig }) => ({
			rig,
			stays: staysOf(hours.filter((one) => dequal(one.rig, rig)).map(({ at, spot }) => ({ at, spot, lure: '' }))).map(
				({ from, to, spot }) => ({ from, to, spot })
			)
		}));

/** The lure that a rod most likely carries, over all ways in which the day may turn out; `null` for none. */
export function likeliestOf({ for: served }: Plan['rods'][number]): Rig | null {
	const odds = new Map<string, { rig: Rig; odds: number }>();
	for (const one of served) {
		const key = JSON.stringify(one.rig);
		odds.set(key, { rig: one.rig, odds: (odds.get(key)?.odds ?? 0) + one.odds });
	}
	const [first] = [...odds.values()].sort((a, b) => b.odds - a.odds);
	return first?.rig ?? null;
}

/** Hours by the clock: "07:00–12:00, 15:00–16:00"; hours in a row at two places are one stretch. */
export function spansText(
	stays: readonly { readonly from: string; readonly to: string }[],
	clock: (at: string) => string
): string {
	const spans: { from: string; to: string }[] = [];
	for (const { from, to } of stays) {
		const last = spans.at(-1);
		if (last?.to === from) last.to = to;
		else spans.push({ from, to });
	}
	return spans.map(({ from, to }) => `${clock(from)}–${clock(to)}`).join(', ');
}

/** The places of some stretches, each once, in the order in which they are fished. */
export const placesText = (stays: Carried['stays'], spotName: (id: string) => string): string =>
	[...new Set(stays.flatMap(({ spot }) => (spot ? [spotName(spot)] : [])))].join(', ');

/** A rod with its reel and line, in a line. */
export const outfitText = ({ rod, reel, line }: Outfit): string =>
	`${feetText(rod.lengthIn)} ${spoken(rod.power)}, ${spoken(rod.action)}; ${reel.ratio}:1; ${lineText(line)}`;

/** Height (mm) that the drawings of a day may take together, so that its card stays one page. */
const ROOM_MM = 190;

/** Share of their true size at which lures of such heights (mm) are printed: as large as life where the page has room. */
export function printedShare(heightsMm: readonly number[]): number {
	const whole = heightsMm.reduce((sum, height) => sum + height, 0);
	return whole <= ROOM_MM ? 1 : ROOM_MM / whole;
}
