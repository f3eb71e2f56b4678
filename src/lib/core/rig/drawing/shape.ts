import { boxOfPath, type Point } from '../geometry/path';

/** The part of a rig that a shape belongs to; labels and hit areas go by it. */
export type DrawnPart =
	| 'head'
	| 'hook'
	| 'wire'
	| 'beads'
	| 'clevis'
	| 'front'
	| 'swivel'
	| 'rear'
	| 'clip'
	| 'rivet'
	| 'clacker'
	| 'skirt'
	| 'trailer'
	| 'trailerHook'
	| 'array';

/**
 * One stroke or fill of a drawing, in mm. Colors are tokens: `ink` and `paper` follow the theme, `edge` is always dark, the rest are materials
 * ("nickel.mid") and colors of the angler's own ("#c5d62f.mid"), which the page turns into its own colors.
 */
export interface Shape {
	readonly part: DrawnPart;
	readonly d: string;
	readonly fill?: string;
	readonly stroke?: string;
	/** Stroke width, mm at life size. */
	readonly width?: number;
	readonly opacity?: number;
	/** Share of the edge's dark that lies over the stroke: strands in the shadow of others. */
	readonly shade?: number;
	/** Fine detail, left out where the drawing is under 2 px per mm. */
	readonly fine?: boolean;
}

/** Bounds of a drawing in mm. */
export interface Bounds {
	readonly x: number;
	readonly y: number;
	readonly width: number;
	readonly height: number;
}

/** A rig drawn to scale. */
export interface Drawing {
	readonly shapes: readonly Shape[];
	readonly bounds: Bounds;
	/** Where a label's leader may touch each part. */
	readonly anchors: Readonly<Partial<Record<DrawnPart, Point>>>;
	/** The drawing in words. */
	readonly text: string;
}

/** Line weights in mm at life size (assumed). */
export const CONTOUR_MM = 0.4;
export const DETAIL_MM = 0.28;

/** What some shapes take up, their strokes included. Fine detail lies within the rest. */
export function boundsOf(shapes: readonly Shape[]): Bounds {
	const widest = new Map<string, number>();
	for (const { d, width = 0, fine } of shapes) {
		if (!fine) widest.set(d, Math.max(widest.get(d) ?? 0, width));
	}
	let [left, top, right, bottom] = [Infinity, Infinity, -Infinity, -Infinity];
	for (const [d, width] of widest) {
		const box = boxOfPath(d);
		left = Math.min(left, box.left - width / 2);
		right = Math.max(right, box.right + width / 2);
		top = Math.min(top, box.top - width / 2);
		bottom = Math.max(bottom, box.bottom + width / 2);
	}
	return { x: left, y: top, width: right - left, height: bottom - top };
}
