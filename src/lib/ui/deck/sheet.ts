import type { Growth } from '$lib/core/water/places/growth';
import { distanceM, type Point } from '$lib/core/water/places/plane';
import type { Ring } from '$lib/core/water/places/shore';

/** What a point on the sheet adds. */
export const TOOLS = ['shore', 'sounding', 'spot', 'weed', 'timber'] as const;
export type Tool = (typeof TOOLS)[number];

/** A water as it is drawn: m east and north of the sheet's middle. */
export interface Drawing {
	readonly shores: readonly Ring[];
	readonly growths: readonly Growth[];
	readonly soundings: readonly (Point & { readonly depthM: number })[];
	readonly spots: readonly (Point & { readonly name: string })[];
	/** The line that is being drawn, not closed yet. */
	readonly line: Ring;
}

export const EMPTY: Drawing = { shores: [], growths: [], soundings: [], spots: [], line: [] };

/** Where a point of a drawing is: in which list, of which line there, and which of it. */
export type At =
	| { readonly of: 'shores' | 'growths'; readonly ring: number; readonly point: number }
	| { readonly of: 'line' | 'soundings' | 'spots'; readonly point: number };

/** Fewest corners of something closed. */
const CORNERS_MIN = 3;

/** Whether a tool draws lines. */
export const drawsLines = (tool: Tool): boolean => tool !== 'sounding' && tool !== 'spot';

export const canClose = ({ line }: Drawing): boolean => line.length >= CORNERS_MIN;

/** A point put down with a tool: a corner of a line, a sounding of some depth (m), or a spot with a name. */
export function put(
	drawing: Drawing,
	tool: Tool,
	at: Point,
	{ depthM, name }: { depthM: number; name: string }
): Drawing {
	if (tool === 'sounding') return { ...drawing, soundings: [...drawing.soundings, { ...at, depthM }] };
	if (tool === 'spot') return { ...drawing, spots: [...drawing.spots, { ...at, name }] };
	return { ...drawing, line: [...drawing.line, at] };
}

/** The line closed: a shore, or what grows within it. A line of fewer than three corners stays open. */
export function closed(drawing: Drawing, tool: Tool): Drawing {
	if (!canClose(drawing)) return drawing;
	const { line } = drawing;
	if (tool === 'weed' || tool === 'timber') {
		return { ...drawing, growths: [...drawing.growths, { kind: tool, ring: line }], line: [] };
	}
	return { ...drawing, shores: [...drawing.shores, line], line: [] };
}

const replaced = <T>(list: readonly T[], at: number, value: T): T[] =>
	list.map((one, index) => (index === at ? value : one));
const dropped = <T>(list: readonly T[], at: number): T[] => list.filter((_, index) => index !== at);

/** A point moved to another place. */
export function moved(drawing: Drawing, at: At, to: Point): Drawing {
	if (at.of === 'shores') {
		return { ...drawing, shores: replaced(drawing.shores, at.ring, replaced(drawing.shores[at.ring]!, at.point, to)) };
	}
	if (at.of === 'growths') {
		const grown = drawing.growths[at.ring]!;
		return {
			...drawing,
			growths: replaced(drawing.growths, at.ring, { ...grown, ring: replaced(grown.ring, at.point, to) })
		};
	}
	if (at.of === 'line') return { ...drawing, line: replaced(drawing.line, at.point, to) };
	if (at.of === 'soundings') {
		return { ...drawing, soundings: replaced(drawing.soundings, at.point, { ...drawing.soundings[at.point]!, ...to }) };
	}
	return { ...drawing, spots: replaced(drawing.spots, at.point, { ...drawing.spots[at.point]!, ...to }) };
}

/** A point taken away; a closed line that has too few corners left goes with it. */
export function without(drawing: Drawing, at: At): Drawing {
	if (at.of === 'shores') {
		const ring = dropped(drawing.shores[at.ring]!, at.point);
		const shores =
			ring.length < CORNERS_MIN ? dropped(drawing.shores, at.ring) : replaced(drawing.shores, at.ring, ring);
		return { ...drawing, shores };
	}
	if (at.of === 'growths') {
		const grown = drawing.growths[at.ring]!;
		const ring = dropped(grown.ring, at.point);
		const growths =
			ring.length < CORNERS_MIN
				? dropped(drawing.growths, at.ring)
				: replaced(drawing.growths, at.ring, { ...grown, ring });
		return { ...drawing, growths };
	}
	return { ...drawing, [at.of]: dropped<unknown>(drawing[at.of], at.point) };
}

/** Whether two stretches cross, ends not counted. */
function cross(a: Point, b: Point, c: Point, d: Point): boolean {
	const side = (p: Point, q: Point, r: Point): number =>
		(q.eastM - p.eastM) * (r.northM - p.northM) - (q.northM - p.northM) * (r.eastM - p.eastM);
	return side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0;
}

/** Whether a closed line crosses itself: no shore does. */
export function crossesItself(ring: Ring): boolean {
	const edges = ring.map((from, at): [Point, Point] => [from, ring[(at + 1) % ring.length]!]);
	return edges.some(([a, b], at) => edges.slice(at + 1).some(([c, d]) => cross(a, b, c, d)));
}

/** Why the open line cannot be closed with a tool; `null` when it can be. */
export function lineFault(drawing: Drawing, tool: Tool): string | null {
	if (!canClose(drawing)) return 'Your line isn’t closed. It needs three points or more: add some, or undo it.';
	if (!drawsLines(tool)) return 'Your line isn’t closed. Choose shore, weed or timber to say what it is.';
	return crossesItself(drawing.line) ? 'This line crosses itself. Move a point, or undo the last one.' : null;
}

/** Everything that can be taken hold of, with where it is. */
export function handlesOf({
	shores,
	growths,
	soundings,
	spots,
	line
}: Drawing): { readonly at: At; readonly point: Point }[] {
	const ringed = (of: 'shores' | 'growths', rings: readonly Ring[]) =>
		rings.flatMap((ring, index) => ring.map((point, at) => ({ at: { of, ring: index, point: at } as const, point })));
	const single = (of: 'line' | 'soundings' | 'spots', points: readonly Point[]) =>
		points.map((point, at) => ({ at: { of, point: at } as const, point }));
	return [
		...ringed('shores', shores),
		...ringed(
			'growths',
			growths.map(({ ring }) => ring)
		),
		...single('soundings', soundings),
		...single('spots', spots),
		...single('line', line)
	];
}

/** Widths (m) that a sheet may have. */
export const SHEETS_M = [100, 200, 500, 1000, 2000, 5000] as const;

/** The narrowest sheet that a drawing fits on; a middling one for an empty one. */
export function sheetFor(drawing: Drawing): number {
	const points = handlesOf(drawing).map(({ point }) => point);
	const reach = Math.max(0, ...points.map((point) => distanceM(point, { eastM: 0, northM: 0 })));
	if (reach === 0) return 500;
	return SHEETS_M.find((wide) => wide >= 2.2 * reach) ?? SHEETS_M.at(-1)!;
}
