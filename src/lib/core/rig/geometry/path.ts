/** A point in mm: x to the right (the lure swims left), y down. */
export interface Point {
	readonly x: number;
	readonly y: number;
}

const RAD = Math.PI / 180;
/** An arc is drawn as chords of at most this many degrees. */
const CHORD_DEG = 9;

/** A point at a distance (mm) and angle (degrees, clockwise from right) of another. */
export const polar = (from: Point, angleDeg: number, distance: number): Point => ({
	x: from.x + distance * Math.cos(angleDeg * RAD),
	y: from.y + distance * Math.sin(angleDeg * RAD)
});

const figure = (value: number): string => String(Math.round(value * 100) / 100);

/** SVG path through points, closed or open; hundredths of a mm are kept. */
export function pathThrough(points: readonly Point[], closed = false): string {
	const steps = points.map(({ x, y }, at) => `${at === 0 ? 'M' : 'L'}${figure(x)} ${figure(y)}`);
	return steps.join('') + (closed ? 'Z' : '');
}

/** SVG path of a cubic curve. */
export const cubicPath = (a: Point, b: Point, c: Point, d: Point): string =>
	`M${figure(a.x)} ${figure(a.y)}C${[b, c, d].map(({ x, y }) => `${figure(x)} ${figure(y)}`).join(' ')}`;

/** SVG path of a full circle. */
export const circlePath = ({ x, y }: Point, radius: number): string => {
	const r = figure(radius);
	const across = figure(2 * radius);
	return `M${figure(x - radius)} ${figure(y)}a${r} ${r} 0 1 0 ${across} 0a${r} ${r} 0 1 0 -${across} 0Z`;
};

/** One move of a bend schedule: a straight run, or a bend to the right (clockwise) or left about an inside radius. */
export type Move =
	| { readonly run: number }
	| { readonly right: number; readonly r: number }
	| { readonly left: number; readonly r: number };

/** What a bend schedule makes: the points of the wire, where each move ended, and the last heading. */
export interface Bent {
	readonly points: readonly Point[];
	readonly ends: readonly Point[];
	readonly headingDeg: number;
}

function arc(from: Point, headingDeg: number, turnDeg: number, radius: number): Point[] {
	const side = Math.sign(turnDeg);
	const centre = polar(from, headingDeg + 90 * side, radius);
	const chords = Math.max(1, Math.ceil(Math.abs(turnDeg) / CHORD_DEG));
	return Array.from({ length: chords }, (_, at) =>
		polar(centre, headingDeg - 90 * side + (turnDeg * (at + 1)) / chords, radius)
	);
}

/**
 * Bends a wire by a schedule, as it is done at the bench.
 *
 * @param start Where the wire begins, mm.
 * @param headingDeg Its first direction, degrees clockwise from right.
 */
export function bend(start: Point, headingDeg: number, moves: readonly Move[]): Bent {
	const points: Point[] = [start];
	const ends: Point[] = [];
	let heading = headingDeg;
	for (const move of moves) {
		const from = points[points.length - 1]!;
		if ('run' in move) points.push(polar(from, heading, move.run));
		else {
			const turn = 'right' in move ? move.right : -move.left;
			points.push(...arc(from, heading, turn, move.r));
			heading += turn;
		}
		ends.push(points[points.length - 1]!);
	}
	return { points, ends, headingDeg: heading };
}

/** Length of a line through points, mm. */
export const lengthOf = (points: readonly Point[]): number =>
	points.slice(1).reduce((sum, point, at) => sum + Math.hypot(point.x - points[at]!.x, point.y - points[at]!.y), 0);

const NUMBER = /-?\d+(?:\.\d+)?/g;

/** The same path moved by dx, dy mm. Reads what the makers above write: M, L and C absolute, a relative. */
export function movedPath(d: string, { x: dx, y: dy }: Point): string {
	return d.replace(/([MLC])([^MLCaZ]*)/g, (_, command: string, rest: string) => {
		let at = 0;
		return command + rest.replace(NUMBER, (number) => figure(Number(number) + (at++ % 2 === 0 ? dx : dy)));
	});
}

/** What a line or shape takes up, mm. */
export interface Box {
	left: number;
	top: number;
	right: number;
	bottom: number;
}

const TOKEN = /[MLCaZ]|-?\d+(?:\.\d+)?/g;

/** The box of the points that a path visits, control points among them; a circle by its corners. */
export function boxOfPath(d: string): Box {
	const box: Box = { left: Infinity, top: Infinity, right: -Infinity, bottom: -Infinity };
	let [command, at, x, y] = ['', 0, 0, 0];
	const reach = (px: number, py: number): void => {
		box.left = Math.min(box.left, px);
		box.right = Math.max(box.right, px);
		box.top = Math.min(box.top, py);
		box.bottom = Math.max(box.bottom, py);
	};
	for (const [token] of d.matchAll(TOKEN)) {
		if (token >= 'A') {
			command = token;
			at = 0;
			continue;
		}
		const number = Number(token);
		if (command === 'a') {
			if (at === 0) {
				reach(x, y - number);
				reach(x + 2 * number, y + number);
			}
		} else if (at % 2 === 0) x = number;
		else reach(x, (y = number));
		at++;
	}
	return box;
}
