import type { Reading } from '$lib/core/reading/complete';
import type { TowInput } from '$lib/core/schema/tow';
import { bedM, PLACES, reachM, shareAt, type Bed } from '../section/geometry';

/** Which way a cast goes over the drawn bed: where the tip is from the bank (m), and whether the lure flies to the bank. */
export interface Throw {
	readonly tipOutM: number;
	readonly towardsBank: boolean;
	readonly castM: number;
}

/** Nothing is cast nearer to the edges of the drawing than this, m. */
const EDGE_M = 1;
/** A cast is never shorter than this, m. */
const SHORTEST_M = 6;

/** The cast of a reading: from a boat out on the water towards the bank, from the bank outwards. */
export function throwOf({ from, castM }: Pick<Reading, 'from' | 'castM'>, bed: Bed): Throw {
	const reach = reachM(bed);
	if (from === 'bank') {
		return { tipOutM: 0, towardsBank: false, castM: Math.max(SHORTEST_M, Math.min(castM, reach - EDGE_M)) };
	}
	const tipOutM = Math.min(reach - EDGE_M, castM + EDGE_M);
	return { tipOutM, towardsBank: true, castM: Math.max(SHORTEST_M, Math.min(castM, tipOutM - EDGE_M)) };
}

/** Distance (m) from the bank of a place that is so far (m) from the tip. */
export const outOf = ({ tipOutM, towardsBank }: Throw, xM: number): number =>
	towardsBank ? tipOutM - xM : tipOutM + xM;

const fromTip = ({ tipOutM, towardsBank }: Throw, outM: number): number =>
	towardsBank ? tipOutM - outM : outM - tipOutM;

/** How far from the bank (m) a share of the drawn width is; `shareAt` the other way round, which is linear. */
const outAtShare = (bed: Bed, share: number): number => {
	const [atBank, atReach] = [shareAt(bed, 0), shareAt(bed, reachM(bed))];
	return ((share - atBank) / (atReach - atBank)) * reachM(bed);
};

/**
 * Every metre of the bed under a cast, and what stands on it, as the tow wants them: by the distance from the tip.
 *
 * @param cover What the lure does not go through.
 */
export function groundOf(
	thrown: Throw,
	bed: Bed,
	cover: Reading['cover']
): Required<Pick<TowInput, 'bottom' | 'covers'>> {
	const length = Math.ceil(thrown.castM) + 2;
	const pointsM = Array.from({ length: length + 1 }, (_, xM): [number, number] => {
		const outM = Math.max(0, outOf(thrown, xM));
		return [xM, Math.max(0.1, bedM(bed, shareAt(bed, outM)))];
	});
	const covers = cover
		.map(({ kind, topM }) => {
			const ends = PLACES[kind].map((share) => fromTip(thrown, outAtShare(bed, share)));
			return { fromM: Math.max(0, Math.min(...ends)), toM: Math.max(0, Math.max(...ends)), topM };
		})
		.filter(({ fromM, toM }) => toM > fromM);
	return { bottom: { pointsM }, covers };
}
