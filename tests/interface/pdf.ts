import { inflateSync } from 'node:zlib';

type Matrix = readonly [number, number, number, number, number, number];

/** A straight stroke on a page, ends in mm from its lower left corner. */
export interface Stroke {
	readonly from: readonly [number, number];
	readonly to: readonly [number, number];
}

const MM_PER_POINT = 25.4 / 72;
const IDENTITY: Matrix = [1, 0, 0, 1, 0, 0];

const times = ([a, b, c, d, e, f]: Matrix, [g, h, i, j, k, l]: Matrix): Matrix => [
	a * g + b * i,
	a * h + b * j,
	c * g + d * i,
	c * h + d * j,
	e * g + f * i + k,
	e * h + f * j + l
];

/** Every compressed stream of a PDF that can be read as text. */
function* streams(pdf: Buffer): Generator<string> {
	let at = pdf.indexOf('stream\n');
	while (at >= 0) {
		const end = pdf.indexOf('endstream', at);
		try {
			yield inflateSync(pdf.subarray(at + 7, end)).toString('latin1');
		} catch {
			// Fonts and pictures are packed in other ways; no stroke is in them.
		}
		at = pdf.indexOf('stream\n', end + 9);
	}
}

/** The single straight strokes that a page draws, where they land on paper. Enough of the format to measure a ruler. */
export function strokesOf(pdf: Buffer): Stroke[] {
	const strokes: Stroke[] = [];
	for (const content of streams(pdf)) {
		let matrix = IDENTITY;
		const saved: Matrix[] = [];
		let path: [number, number][] = [];
		const numbers: number[] = [];
		for (const word of content.split(/\s+/)) {
			const number = Number(word);
			if (word !== '' && !Number.isNaN(number)) {
				numbers.push(number);
				continue;
			}
			const [x = 0, y = 0] = numbers.slice(-2);
			const on: [number, number] = [
				(matrix[0] * x + matrix[2] * y + matrix[4]) * MM_PER_POINT,
				(matrix[1] * x + matrix[3] * y + matrix[5]) * MM_PER_POINT
			];
			if (word === 'q') saved.push(matrix);
			else if (word === 'Q') matrix = saved.pop() ?? IDENTITY;
			else if (word === 'cm') matrix = times(numbers.slice(-6) as unknown as Matrix, matrix);
			else if (word === 'm') path = [on];
			else if (word === 'l') path.push(on);
			else if (word === 'c') path = [];
			else if (word === 'S' && path.length === 2) strokes.push({ from: path[0]!, to: path[1]! });
			numbers.length = 0;
		}
	}
	return strokes;
}
