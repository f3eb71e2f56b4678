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

/**
 * A path written short: every place from the one before, so many decimals, nothing that can be left out. Rounding does not
 * add up along the way.
 */
export function shortPath(d: string, decimals: number): string {
	const per = 10 ** decimals;
	const round = (value: number): number => Math.round(value * per) / per || 0;
	// Where the path is, as it was given and as it is written; and where its part began.
	let [exact, written] = [[0, 0] as [number, number], [0, 0] as [number, number]];
	let [exactStart, writtenStart] = [exact, written];
	let [text, last] = ['', ''];
	for (const { command, figures } of movesOf(d)) {
		const kind = command.toLowerCase();
		if (kind === 'z') {
			[exact, written] = [[...exactStart], [...writtenStart]];
			[text, last] = [`${text}z`, ''];
			continue;
		}
		const base = command === kind ? exact : [0, 0];
		const here = [...exact] as [number, number];
		const off = figures.map((figure, at) => {
			const axis = axisOf(kind, at);
			if (axis === null) return round(figure);
			here[axis] = base[axis]! + figure;
			return round(here[axis] - written[axis]);
		});
		exact = here;
		const now = [...written] as [number, number];
		off.slice(kind === 'h' || kind === 'v' ? -1 : -2).forEach((step, at) => {
			const axis = axisOf(kind, kind === 'a' ? at + 5 : at)!;
			now[axis] = round(now[axis] + step);
		});
		written = now;
		if (kind === 'm') [exactStart, writtenStart] = [[...exact], [...written]];
		const said = joined(off.map(bare));
		text += kind === last ? (said.startsWith('-') ? said : ` ${said}`) : kind + said;
		last = kind === 'm' ? 'l' : kind;
	}
	return text;
}
