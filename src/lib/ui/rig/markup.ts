import type { Drawing, Shape } from '$lib/core/rig/drawing/shape';
import { colourOf, strokeColour } from './materials';

/** Under so many px per mm hatching turns to mud: lines grow instead. */
const SMALL = 2;

const rounded = (value: number, decimals: number): number => {
	const per = 10 ** decimals;
	return Math.round(value * per) / per;
};

/** Under so many px per mm nobody tells one strand from the next: those of a tone are one line. */
const TINY = 1;

/** A line of a drawing: where it goes, the attributes of its look, and whether it is strands of a skirt. */
interface Line {
	readonly d: string;
	readonly look: string;
	readonly strands: boolean;
}

/** Strands that lie on each other in one layer and look alike, each tone with its edge as one. */
function gathered(lines: readonly Line[]): Line[] {
	const all: Line[] = [];
	let layer = new Map<string, { d: string; looks: string[] }>();
	const lay = (): void => {
		for (const { d, looks } of layer.values()) for (const look of looks) all.push({ d, look, strands: true });
		layer = new Map();
	};
	for (let at = 0; at < lines.length;) {
		const { d, strands } = lines[at]!;
		if (!strands) {
			lay();
			all.push(lines[at++]!);
			continue;
		}
		const looks: string[] = [];
		while (lines[at]?.d === d) looks.push(lines[at++]!.look);
		const tone = looks.join();
		const before = layer.get(tone);
		layer.set(tone, { d: (before?.d ?? '') + d, looks });
	}
	lay();
	return all;
}

/**
 * The lines of a drawing, `fill="none"` where nothing is said. Small drawings leave out fine detail and thicken their lines.
 *
 * @param scale Pixels per mm.
 */
function linesOf({ shapes }: Pick<Drawing, 'shapes'>, scale: number): Line[] {
	const small = scale < SMALL;
	const thicken = small ? Math.min(2.2, 1.1 / (0.4 * scale)) : 1;
	const lineOf = (shape: Shape): Line => {
		const { part, d, fill, stroke, width = 0, opacity } = shape;
		const filled = fill ? ` fill="${colourOf(fill)}"` : '';
		const lined = stroke
			? ` stroke="${strokeColour(shape)}" stroke-width="${rounded(width * (stroke === 'ink' ? thicken : 1), 2)}"`
			: '';
		const seen = opacity === undefined ? '' : ` opacity="${opacity}"`;
		return { d, look: filled + lined + seen, strands: part === 'skirt' && !fill };
	};
	const lines = shapes.filter(({ fine }) => !(small && fine)).map(lineOf);
	return scale < TINY ? gathered(lines) : lines;
}

/** The paths of a drawing as they stand in its picture. @param scale Pixels per mm. */
export const rigMarkup = (drawing: Pick<Drawing, 'shapes'>, scale: number): string =>
	linesOf(drawing, scale)
		.map(({ d, look }) => `<path d="${d}"${look}/>`)
		.join('');
