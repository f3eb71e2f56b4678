import { MM_PER_IN } from '../units';
import type { Rig } from '../schema/rig';
import { cubicPath, pathThrough, type Point } from './path';
import { CONTOUR_MM, DETAIL_MM, type Shape } from './shape';

type Trailer = NonNullable<Rig['trailer']>;

/** Half height of each body (share of its length) and how it ends; assumed, generic soft plastics. */
const BODIES: Readonly<
	Record<Trailer['kind'], { readonly half: number; readonly tail: TailForm; readonly tailAt: number }>
> = {
	'split-tail': { half: 0.055, tail: 'split', tailAt: 0.56 },
	'paddle-tail': { half: 0.085, tail: 'paddle', tailAt: 0.74 },
	'slim-swimmer': { half: 0.06, tail: 'paddle', tailAt: 0.78 },
	grub: { half: 0.07, tail: 'curl', tailAt: 0.5 },
	craw: { half: 0.08, tail: 'claws', tailAt: 0.5 },
	'flat-craw': { half: 0.095, tail: 'claws', tailAt: 0.52 },
	minnow: { half: 0.075, tail: 'fork', tailAt: 0.8 },
	'flat-toad': { half: 0.12, tail: 'legs', tailAt: 0.55 },
	swimbait: { half: 0.105, tail: 'paddle', tailAt: 0.78 }
};
type TailForm = 'split' | 'paddle' | 'curl' | 'claws' | 'fork' | 'legs';

interface Frame {
	readonly from: Point;
	readonly lengthMm: number;
	readonly half: number;
	readonly tailAt: number;
}

const at = ({ from, lengthMm }: Frame, along: number, across: number): Point => ({
	x: from.x + along * lengthMm,
	y: from.y + across * lengthMm
});

function body(frame: Frame): string {
	const { half, tailAt } = frame;
	const height = (t: number): number =>
		half * (0.55 + 0.45 * Math.sin(Math.PI * Math.min(1, t * 1.15))) * (1 - 0.72 * t ** 2.4);
	const ts = Array.from({ length: 21 }, (_, step) => step / 20);
	const upper = ts.map((t) => at(frame, t * tailAt, -height(t)));
	const lower = ts.map((t) => at(frame, t * tailAt, height(t)));
	return pathThrough([...upper, ...lower.reverse()], true);
}

/** A lobe from the tail's root to an end point, swelling to `fat` (share of length) three quarters along. */
function lobe(frame: Frame, end: readonly [number, number], fat: number): string {
	const root = frame.tailAt - 0.03;
	const [x, y] = end;
	const middle = root + (x - root) * 0.72;
	const out = cubicPath(
		at(frame, root, -0.012),
		at(frame, middle, y * 0.5 - fat),
		at(frame, x, y - fat),
		at(frame, x, y)
	);
	const back = cubicPath(
		at(frame, x, y),
		at(frame, x, y + fat),
		at(frame, middle, y * 0.5 + fat),
		at(frame, root, 0.012)
	);
	return `${out}${back.slice(back.indexOf('C'))}Z`;
}

const TAILS: Readonly<Record<TailForm, (frame: Frame) => string[]>> = {
	split: (frame) => [lobe(frame, [1, -0.05], 0.022), lobe(frame, [0.97, 0.06], 0.022)],
	paddle: (frame) => [lobe(frame, [0.93, 0], 0.02), lobe(frame, [1, 0.03], 0.075)],
	curl: (frame) => [lobe(frame, [0.98, 0.13], 0.045)],
	claws: (frame) => [lobe(frame, [1, -0.12], 0.06), lobe(frame, [0.96, 0.13], 0.06)],
	fork: (frame) => [lobe(frame, [1, -0.13], 0.018), lobe(frame, [0.98, 0.12], 0.018)],
	legs: (frame) => [lobe(frame, [1, -0.1], 0.055), lobe(frame, [0.97, 0.12], 0.055)]
};

export interface DrawnTrailer {
	readonly shapes: readonly Shape[];
	readonly lengthMm: number;
	readonly anchor: Point;
}

/** A soft body threaded on the shank, from the given point to the right. */
export function drawTrailer(trailer: Trailer, from: Point): DrawnTrailer {
	const { half, tail, tailAt } = BODIES[trailer.kind];
	const lengthMm = trailer.lengthIn * MM_PER_IN;
	const flat = trailer.mount === 'crosswise' ? 0.55 : 1;
	const frame: Frame = { from, lengthMm, half: half * flat, tailAt };
	const outline = body(frame);
	const colour = trailer.colour;
	const shade = pathThrough([at(frame, 0.02, half * flat * 0.3), at(frame, tailAt * 0.96, half * flat * 0.18)]);
	const tails = TAILS[tail](frame).map((d): Shape => ({
		part: 'trailer',
		d,
		fill: `${colour}.mid`,
		stroke: 'ink',
		width: CONTOUR_MM * 0.9
	}));
	return {
		lengthMm,
		anchor: at(frame, tailAt + 0.12, 0.02),
		shapes: [
			...tails,
			{ part: 'trailer', d: outline, fill: `${colour}.mid`, stroke: 'ink', width: CONTOUR_MM * 0.9 },
			{ part: 'trailer', d: shade, stroke: `${colour}.low`, width: half * flat * lengthMm * 0.5, opacity: 0.6 },
			{ part: 'trailer', d: shade, stroke: 'ink', width: DETAIL_MM, opacity: 0.4, fine: true }
		]
	};
}
