import { SOFT_BODIES, type SoftBody } from '../../foundation/catalogue/dress';
import { cubicPath, pathThrough, type Point } from '../geometry/path';
import type { Rig } from '../../foundation/schema/rig';
import { CONTOUR_MM, DETAIL_MM, type Shape } from './shape';

type Trailer = NonNullable<Rig['trailer']>;

interface Frame {
	readonly from: Point;
	readonly lengthMm: number;
	readonly half: number;
	readonly tailAt: number;
	/** Share of the length that was cut off the nose. */
	readonly cut: number;
}

const at = ({ from, lengthMm }: Frame, along: number, across: number): Point => ({
	x: from.x + along * lengthMm,
	y: from.y + across * lengthMm
});

/** Half height (share of length) of a body at a share of its length. */
const halfAt = ({ half }: Frame, t: number): number =>
	half * (0.55 + 0.45 * Math.sin(Math.PI * Math.min(1, t * 1.15))) * (1 - 0.72 * t ** 2.4);

const STEPS = 20;

/** A band of the body between two lines of constant height, from -1 (back) to 1 (belly). */
function bodyBand(frame: Frame, from: number, to: number): string {
	const ts = Array.from({ length: STEPS + 1 }, (_, step) => frame.cut + (1 - frame.cut) * (step / STEPS));
	const upper = ts.map((t) => at(frame, t * frame.tailAt, from * halfAt(frame, t)));
	const lower = ts.map((t) => at(frame, t * frame.tailAt, to * halfAt(frame, t)));
	return pathThrough([...upper, ...lower.reverse()], true);
}

/** Fine rings across a body, as soft plastics are cast. */
function rings(frame: Frame): string {
	const ts = Array.from({ length: 9 }, (_, ring) => frame.cut + (0.92 - frame.cut) * ((ring + 1) / 10));
	return ts
		.map((t) => {
			const half = halfAt(frame, t) * 0.82;
			return cubicPath(
				at(frame, t * frame.tailAt, -half),
				at(frame, t * frame.tailAt + 0.012, -half * 0.4),
				at(frame, t * frame.tailAt + 0.012, half * 0.4),
				at(frame, t * frame.tailAt, half)
			);
		})
		.join('');
}

/** A lobe of a tail: its end and its greatest half width, in shares of the length. */
interface Lobe {
	readonly end: readonly [number, number];
	readonly fat: number;
	/** How far along its fat part lies, 0 root to 1 end. */
	readonly swellAt?: number;
}

/** A lobe drawn at a share of its width, from -1 (back) to 1 (belly). */
function lobe(frame: Frame, { end, fat, swellAt = 0.72 }: Lobe, from: number, to: number): string {
	const root = frame.tailAt - 0.03;
	const [x, y] = end;
	const middle = root + (x - root) * swellAt;
	const edge = (share: number): [Point, Point, Point] => [
		at(frame, root + (x - root) * 0.3, y * 0.12 + 0.014 * share),
		at(frame, middle, y * 0.62 + fat * share * 1.25),
		at(frame, x + 0.012, y + fat * share * 0.75)
	];
	const [a, b, c] = edge(from);
	const [f, e, d] = edge(to);
	const tip = at(frame, x, y);
	const start = at(frame, root, 0);
	const curves = [cubicPath(start, a, b, c), cubicPath(c, c, tip, d), cubicPath(d, e, f, start)];
	return `${curves[0]}${curves
		.slice(1)
		.map((curve) => curve.slice(curve.indexOf('C')))
		.join('')}Z`;
}

const TAILS: Readonly<Record<SoftBody['tail'], readonly Lobe[]>> = {
	split: [
		{ end: [1, -0.05], fat: 0.02 },
		{ end: [0.97, 0.06], fat: 0.02 }
	],
	paddle: [
		{ end: [0.92, 0.005], fat: 0.018 },
		{ end: [1, 0.035], fat: 0.075, swellAt: 0.9 }
	],
	curl: [{ end: [0.98, 0.13], fat: 0.045 }],
	claws: [
		{ end: [1, -0.11], fat: 0.055, swellAt: 0.8 },
		{ end: [0.96, 0.13], fat: 0.055, swellAt: 0.8 }
	],
	fork: [
		{ end: [1, -0.13], fat: 0.018 },
		{ end: [0.98, 0.12], fat: 0.018 }
	],
	legs: [
		{ end: [0.97, -0.1], fat: 0.042, swellAt: 0.9 },
		{ end: [0.94, 0.13], fat: 0.042, swellAt: 0.9 }
	]
};

/** How flat a body looks that was mounted crosswise: one sees its edge. */
const EDGE_ON = 0.55;

const frameOf = (
	{ kind, mount }: Pick<Trailer, 'kind' | 'mount'>,
	from: Point,
	lengthMm: number,
	cutMm: number
): Frame => {
	const { half, tailAt } = SOFT_BODIES[kind];
	const whole = lengthMm + cutMm;
	return {
		from: { x: from.x - cutMm, y: from.y },
		lengthMm: whole,
		half: half * (mount === 'crosswise' ? EDGE_ON : 1),
		tailAt,
		cut: Math.min(0.9, cutMm / (whole * tailAt))
	};
};

/**
 * A soft body threaded on the shank, from the given point to the right.
 *
 * @param lengthMm Length that is left.
 * @param cutMm What was cut off its nose.
 */
export function drawTrailer(
	trailer: Omit<Trailer, 'colour'> & { readonly colour: string; readonly tail: string },
	from: Point,
	lengthMm: number,
	cutMm: number
): Shape[] {
	const frame = frameOf(trailer, from, lengthMm, cutMm);
	const { colour, tail: dipped } = trailer;
	const outline = bodyBand(frame, -1, 1);
	const tails = TAILS[SOFT_BODIES[trailer.kind].tail].flatMap((tail): Shape[] => [
		{ part: 'trailer', d: lobe(frame, tail, -1, 1), fill: `${dipped}.mid`, stroke: 'ink', width: CONTOUR_MM * 0.9 },
		{ part: 'trailer', d: lobe(frame, tail, 0.15, 0.92), fill: `${dipped}.low`, opacity: 0.6 },
		{ part: 'trailer', d: lobe(frame, tail, -0.7, -0.35), fill: `${dipped}.high`, opacity: 0.7, fine: true }
	]);
	return [
		...tails,
		{ part: 'trailer', d: outline, fill: `${colour}.mid` },
		{ part: 'trailer', d: bodyBand(frame, 0.25, 1), fill: `${colour}.low`, opacity: 0.6 },
		{ part: 'trailer', d: bodyBand(frame, -0.72, -0.4), fill: `${colour}.high`, opacity: 0.75 },
		{ part: 'trailer', d: rings(frame), stroke: 'ink', width: DETAIL_MM, opacity: 0.35, fine: true },
		{ part: 'trailer', d: outline, stroke: 'ink', width: CONTOUR_MM * 0.9 }
	];
}

/** Where a leader may touch a soft body: the root of its tail. */
export const trailerAnchor = (trailer: Trailer, from: Point, lengthMm: number, cutMm: number): Point => {
	const frame = frameOf(trailer, from, lengthMm, cutMm);
	return at(frame, frame.tailAt + 0.12, 0.02);
};
