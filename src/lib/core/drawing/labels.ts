import type { Point } from '../geometry/path';
import type { Bounds, DrawnPart } from './shape';

/** A word with a leader to a part. */
export interface Label {
	readonly part: DrawnPart;
	readonly text: string;
	/** Where the leader touches, and where the text stands (its middle), both in px of the drawing. */
	readonly anchor: Point;
	readonly at: Point;
}

/** Width of a letter of the label's type, and of the space between two labels, px. */
const LETTER_PX = 6.3;
const GAP_PX = 12;
const TIER_PX = 17;

interface Wanted {
	readonly part: DrawnPart;
	readonly text: string;
	readonly anchor: Point;
}

const widthOf = ({ text }: { text: string }): number => text.length * LETTER_PX;

/** Lays words in a row from left to right, each as near over its anchor as its neighbours let it. */
function inRow(wanted: readonly Wanted[], y: number, width: number): Label[] {
	const sorted = [...wanted].sort((a, b) => a.anchor.x - b.anchor.x);
	const middles: number[] = [];
	let from = 0;
	for (const item of sorted) {
		const half = widthOf(item) / 2;
		const middle = Math.max(from + half, item.anchor.x);
		middles.push(middle);
		from = middle + half + GAP_PX;
	}
	let to = width;
	for (let at = sorted.length - 1; at >= 0; at--) {
		const half = widthOf(sorted[at]!) / 2;
		middles[at] = Math.min(middles[at]!, to - half);
		to = middles[at]! - half - GAP_PX;
	}
	return sorted.map((item, at) => ({ ...item, at: { x: middles[at]!, y } }));
}

/** Every other word on a second tier, where one row would be too long. */
function inTiers(wanted: readonly Wanted[], y: number, outward: number, width: number): Label[] {
	const sorted = [...wanted].sort((a, b) => a.anchor.x - b.anchor.x);
	const needed = sorted.reduce((sum, item) => sum + widthOf(item) + GAP_PX, 0);
	if (needed <= width) return inRow(sorted, y, width);
	const tier = (odd: number): Wanted[] => sorted.filter((_, at) => at % 2 === odd);
	return [...inRow(tier(0), y, width), ...inRow(tier(1), y + outward * TIER_PX, width)];
}

/**
 * Places words above and below a drawing so that none overlap.
 *
 * @param bounds The drawing's bounds, mm, drawn with its top left corner at `origin` (px).
 * @param scale Pixels per mm.
 * @param width Width (px) that the words may take.
 */
export function placeLabels(
	items: readonly { readonly part: DrawnPart; readonly text: string; readonly anchor: Point }[],
	bounds: Bounds,
	origin: Point,
	scale: number,
	width: number
): Label[] {
	const px = ({ x, y }: Point): Point => ({
		x: origin.x + (x - bounds.x) * scale,
		y: origin.y + (y - bounds.y) * scale
	});
	const wanted = items.map((item) => ({ ...item, anchor: px(item.anchor) }));
	const middle = origin.y + (bounds.height * scale) / 2;
	const above = wanted.filter(({ anchor }) => anchor.y < middle);
	const below = wanted.filter(({ anchor }) => anchor.y >= middle);
	return [
		...inTiers(above, origin.y - 14, -1, width),
		...inTiers(below, origin.y + bounds.height * scale + 20, 1, width)
	];
}
