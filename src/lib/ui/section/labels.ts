/** A rectangle in px of the drawing. */
export interface Box {
	readonly x: number;
	readonly y: number;
	readonly width: number;
	readonly height: number;
}

/** A label that wants to stand somewhere, and where it may stand instead, best first: left edge and middle line. */
export interface Wanted {
	readonly id: string;
	readonly text: string;
	readonly at: readonly (readonly [x: number, y: number])[];
	/** A label that only repeats what stands elsewhere is left out where there is no room. */
	readonly spare?: boolean;
}

export interface Placed {
	readonly id: string;
	readonly text: string;
	readonly x: number;
	readonly y: number;
}

/** Size of a label's type: width (px) of a letter, padding at both sides, height. */
const PER_LETTER = 6.4;
const PADDING = 14;
export const LABEL_HEIGHT = 20;

export const labelWidth = (text: string): number => text.length * PER_LETTER + PADDING;

const boxAt = (text: string, [x, y]: readonly [number, number]): Box => ({
	x,
	y: y - LABEL_HEIGHT / 2,
	width: labelWidth(text),
	height: LABEL_HEIGHT
});

/** Area (px2) that two rectangles share. */
export function shared(a: Box, b: Box): number {
	const across = Math.min(a.x + a.width, b.x + b.width) - Math.max(a.x, b.x);
	const down = Math.min(a.y + a.height, b.y + b.height) - Math.max(a.y, b.y);
	return Math.max(0, across) * Math.max(0, down);
}

const within = (box: Box, room: Box): Box => ({
	...box,
	x: Math.max(room.x, Math.min(room.x + room.width - box.width, box.x)),
	y: Math.max(room.y, Math.min(room.y + room.height - box.height, box.y))
});

/**
 * Places labels one after the other, each at the first of its places where it covers nothing; where there is none, at the
 * place where it covers least, or nowhere when it can be spared.
 *
 * @param taken What must not be covered: fish, cover, grips.
 * @param room Where labels may stand.
 */
export function placeLabels(wanted: readonly Wanted[], taken: readonly Box[], room: Box): Placed[] {
	const boxes = [...taken];
	return wanted.flatMap(({ id, text, at, spare }) => {
		const places = at.map((place) => within(boxAt(text, place), room));
		const covers = places.map((box) => boxes.reduce((sum, other) => sum + shared(box, other), 0));
		const least = Math.min(...covers);
		if (spare && least > 0) return [];
		const box = places[covers.indexOf(least)]!;
		boxes.push(box);
		return [{ id, text, x: box.x, y: box.y + LABEL_HEIGHT / 2 }];
	});
}

/** Places around a point, px: to its right, left, above and below. */
export function around(text: string, x: number, y: number, gap = 18): [number, number][] {
	const width = labelWidth(text);
	return [
		[x + gap, y],
		[x + gap, y - LABEL_HEIGHT - 3],
		[x + gap, y + LABEL_HEIGHT + 3],
		[x - gap - width, y],
		[x - width / 2, y - gap - LABEL_HEIGHT / 2],
		[x - width / 2, y + gap + LABEL_HEIGHT / 2]
	];
}
