import type { TowInput } from '../../foundation/schema/tow';

/** Depth (m) of the bottom at a distance from the tip (m). */
export type BottomAt = (xM: number) => number;

/** The bottom of a cast: none, flat, or between soundings in a straight line, level beyond their ends. */
export function bottomAt(bottom: TowInput['bottom']): BottomAt {
	if (!bottom) return () => Infinity;
	if ('flatM' in bottom) return () => bottom.flatM;
	const points = bottom.pointsM.toSorted(([a], [b]) => a - b);
	const [first, last] = [points[0]!, points.at(-1)!];
	return (xM) => {
		if (xM <= first[0]) return first[1];
		if (xM >= last[0]) return last[1];
		// Asked of every node at every step: halved, not looked through.
		let [low, high] = [0, points.length - 1];
		while (high - low > 1) {
			const middle = (low + high) >> 1;
			if (points[middle]![0] < xM) low = middle;
			else high = middle;
		}
		const [x0, z0] = points[low]!;
		const [x1, z1] = points[high]!;
		return z0 + ((xM - x0) / (x1 - x0)) * (z1 - z0);
	};
}
