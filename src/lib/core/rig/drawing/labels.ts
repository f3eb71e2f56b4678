import type { Point } from '../geometry/path';
import type { DrawnPart } from './shape';

/** A word beside a drawing, with a leader to its part; px of the drawing. */
export interface Label {
	readonly part: DrawnPart;
	readonly text: string;
	/** Where the leader touches the part, and where it leaves the word. */
	readonly anchor: Point;
	readonly at: Point;
	/** Column that the word stands in. */
	readonly side: 'left' | 'right';
}

/** Least distance between two words of a column, px. */
const LINE_PX = 19;

type Wanted = Pick<Label, 'part' | 'text' | 'anchor'>;

/** Words of one column, each as near to its anchor's height as its neighbors let it. */
function inColumn(wanted: readonly Wanted[], x: number, height: number, side: Label['side']): Label[] {
	const sorted = [...wanted].sort((a, b) => a.anchor.y - b.anchor.y);
	const ys: number[] = [];
	for (const { anchor } of sorted) {
		ys.push(Math.max(LINE_PX, anchor.y, (ys[ys.length - 1] ?? -Infinity) + LINE_PX));
	}
	let floor = height - LINE_PX / 2;
	for (let at = sorted.length - 1; at >= 0; at--) {
		ys[at] = Math.min(ys[at]!, floor);
		floor = ys[at]! - LINE_PX;
	}
	return sorted.map((item, at) => ({ ...item, side, at: { x, y: ys[at]! } }));
}

/**
 * Places words in a column on either side of a drawing so that none overlap: each goes to the nearer side, the rest move
 * over where a side is full.
 *
 * @param items Words and anchors, px of the whole picture.
 * @param width Width of the picture, px.
 * @param height Its height, px.
 * @param column Width of a column, px.
 */
export function placeLabels(items: readonly Wanted[], width: number, height: number, column: number): Label[] {
	const room = Math.max(1, Math.floor(height / LINE_PX) - 1);
	const byX = [...items].sort((a, b) => a.anchor.x - b.anchor.x);
	const nearer = byX.filter(({ anchor }) => anchor.x < width / 2).length;
	const left = Math.min(room, Math.max(nearer, byX.length - room));
	return [
		...inColumn(byX.slice(0, left), column, height, 'left'),
		...inColumn(byX.slice(left), width - column, height, 'right')
	];
}
