import type { Drawing, Shape } from '$lib/core/drawing/shape';
import { shortPath } from '../parts/shortPath';
import { colourOf, strokeColour } from './materials';

/** Under so many px per mm hatching turns to mud: lines grow instead (visual direction). */
const SMALL = 2;

const rounded = (value: number, decimals: number): number => {
	const per = 10 ** decimals;
	return Math.round(value * per) / per;
};

/** A line of a drawing: where it goes, and the attributes of its look. */
interface Line {
	readonly d: string;
	readonly look: string;
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
		const { d, fill, stroke, width = 0, opacity } = shape;
		const filled = fill ? ` fill="${colourOf(fill)}"` : '';
		const lined = stroke
			? ` stroke="${strokeColour(shape)}" stroke-width="${rounded(width * (stroke === 'ink' ? thicken : 1), 2)}"`
			: '';
		const seen = opacity === undefined ? '' : ` opacity="${opacity}"`;
		return { d, look: filled + lined + seen };
	};
	return shapes.filter(({ fine }) => !(small && fine)).map(lineOf);
}

/** The paths of a drawing as they stand in its picture. @param scale Pixels per mm. */
export const rigMarkup = (drawing: Pick<Drawing, 'shapes'>, scale: number): string =>
	linesOf(drawing, scale)
		.map(({ d, look }) => `<path d="${d}"${look}/>`)
		.join('');

/** Decimals (mm) by which a small and a large drawing are written: a fifth of a pixel at most. */
const DECIMALS = { small: 1, large: 2 } as const;

/**
 * The same for a page that goes over a line: written short, and what is drawn more than once, as an edge and its colour
 * are, is written once.
 *
 * @param scale Pixels per mm.
 * @param id Nothing else on the page has an id that begins so.
 */
export function shortMarkup(drawing: Pick<Drawing, 'shapes'>, scale: number, id: string): string {
	const lines = linesOf(drawing, scale);
	const times = new Map<string, number>();
	for (const { d } of lines) times.set(d, (times.get(d) ?? 0) + 1);
	const known = new Map<string, string>();
	const short = (d: string): string => shortPath(d, scale < SMALL ? DECIMALS.small : DECIMALS.large);
	return lines
		.map(({ d, look }) => {
			if (times.get(d) === 1) return `<path d="${short(d)}"${look}/>`;
			const name = known.get(d) ?? `${id}-${known.size}`;
			const first = known.has(d) ? '' : `<defs><path id="${name}" d="${short(d)}"/></defs>`;
			known.set(d, name);
			return `${first}<use href="#${name}"${look}/>`;
		})
		.join('');
}
