import simplify from 'simplify-js';

/** Figures that a command of a path takes. */
const TAKES: Readonly<Record<string, number>> = { m: 2, l: 2, h: 1, v: 1, c: 6, q: 4, s: 4, t: 2, a: 7, z: 0 };
const TOKEN = /[a-z]|-?(?:\d+\.?\d*|\.\d+)(?:e-?\d+)?/gi;

/** A figure without what a reader of paths does not need. */
const bare = (figure: number): string => String(figure).replace(/^(-?)0\./, '$1.');

/** Figures one after the other, with a space only where two would run together. */
function joined(figures: readonly string[]): string {
	return figures.reduce((text, figure) => {
		const apart = figure.startsWith('-') || (figure.startsWith('.') && /\.\d*$/.test(text));
		return text + (text === '' || apart ? '' : ' ') + figure;
	}, '');
}

/** One command with its figures, e.g. c and six. */
interface Move {
	readonly command: string;
	readonly figures: readonly number[];
}

function movesOf(d: string): Move[] {
	const moves: Move[] = [];
	let command = '';
	let figures: number[] = [];
	for (const token of d.match(TOKEN) ?? []) {
		if (/[a-z]/i.test(token) && token.length === 1) {
			command = token;
			if (TAKES[command.toLowerCase()] === 0) moves.push({ command, figures: [] });
			continue;
		}
		figures.push(Number(token));
		if (figures.length < TAKES[command.toLowerCase()]!) continue;
		moves.push({ command, figures });
		figures = [];
		// More places after a move are lines to them.
		command = command === 'm' ? 'l' : command === 'M' ? 'L' : command;
	}
	return moves;
}

/** Which of a point's two figures one of a command's is: across, down, or neither. */
function axisOf(command: string, at: number): 0 | 1 | null {
	if (command === 'h') return 0;
	if (command === 'v') return 1;
	if (command === 'a' && at < 5) return null;
	return ((command === 'a' ? at - 5 : at) % 2) as 0 | 1;
}

/** A place on a path, from the picture's corner. */
type Place = readonly [x: number, y: number];

/** The same moves with every place from the picture's corner. */
function absolute(moves: readonly Move[]): Move[] {
	let [here, start]: [Place, Place] = [
		[0, 0],
		[0, 0]
	];
	return moves.map(({ command, figures }) => {
		const kind = command.toLowerCase();
		const base = command === kind ? here : [0, 0];
		const places = figures.map((figure, at) => {
			const axis = axisOf(kind, at);
			return axis === null ? figure : base[axis]! + figure;
		});
		here = kind === 'z' ? start : endOf(kind, places, here);
		if (kind === 'm') start = here;
		return { command: kind, figures: places };
	});
}

/** Where a move ends that has its places from the corner. */
function endOf(kind: string, places: readonly number[], [x, y]: Place): Place {
	if (kind === 'h') return [places[0]!, y];
	if (kind === 'v') return [x, places[0]!];
	return [places.at(-2)!, places.at(-1)!];
}

/** Moves with fewer lines: none of the places that are left out lies farther than `off` from what is drawn. */
function thinned(moves: readonly Move[], off: number): Move[] {
	const kept: Move[] = [];
	let run: { x: number; y: number }[] = [];
	const end = (): void => {
		const lines = simplify(run, off, true).slice(1);
		kept.push(...lines.map(({ x, y }) => ({ command: 'l', figures: [x, y] })));
	};
	let here: Place = [0, 0];
	for (const move of moves) {
		if (move.command === 'l' && run.length === 0) run = [{ x: here[0], y: here[1] }];
		if (move.command === 'l') run.push({ x: move.figures[0]!, y: move.figures[1]! });
		else {
			if (run.length > 0) end();
			run = [];
			kept.push(move);
		}
		if (move.command !== 'z') here = endOf(move.command, move.figures, here);
	}
	if (run.length > 0) end();
	return kept;
}

/** How finely a path is written, in its own units. */
export interface Fineness {
	readonly decimals: number;
	/** How far a place may lie from a line that leaves it out; 0 leaves none out. */
	readonly off: number;
}

/**
 * A path written short: every place from the one before, so many decimals, nothing that can be left out. Rounding does not
 * add up along the way.
 */
export function shortPath(d: string, { decimals, off }: Fineness): string {
	const given = absolute(movesOf(d));
	const moves = off > 0 ? thinned(given, off) : given;
	const per = 10 ** decimals;
	const round = (value: number): number => Math.round(value * per) / per || 0;
	// Where the path is as it is written, and where its part began.
	let [here, start]: [Place, Place] = [
		[0, 0],
		[0, 0]
	];
	let [text, last] = ['', ''];
	for (const { command, figures } of moves) {
		if (command === 'z') {
			[here, text, last] = [start, `${text}z`, ''];
			continue;
		}
		const steps = figures.map((figure, at) => {
			const axis = axisOf(command, at);
			return round(axis === null ? figure : figure - here[axis]);
		});
		const [x, y] = here;
		const to = steps.map((step, at) => step + [x, y, 0][axisOf(command, at) ?? 2]!);
		const [endX, endY] = endOf(command, to, here);
		here = [round(endX), round(endY)];
		if (command === 'm') start = here;
		const said = joined(steps.map(bare));
		text += command === last ? (said.startsWith('-') ? said : ` ${said}`) : command + said;
		last = command === 'm' ? 'l' : command;
	}
	return text;
}
