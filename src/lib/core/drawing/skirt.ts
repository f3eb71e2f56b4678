import { seeded, type Random } from '../random';
import type { Rig } from '../schema/rig';
import { cubicPath, pathThrough, type Point } from './path';
import { CONTOUR_MM, DETAIL_MM, type Shape } from './shape';

/** Cut length (mm) and strands of a skirt by its word (the visual direction's strand counts). */
const CUTS = {
	standard: { lengthMm: 52, strands: 58 },
	long: { lengthMm: 66, strands: 58 },
	short: { lengthMm: 30, strands: 34 }
} as const;
const WIDTH_MM = { silicone: 0.95, fine: 0.66, hair: 0.5 } as const;

/** Collar: radius and length of its wraps, mm. */
const COLLAR_R = 2.4;
const COLLAR_L = 5.2;
const FLARE = 7;
const BULGE = 9;
const TIP = 8.5;
const SAG = 1.8;
/** Strands beyond the named count that stay short and make the shoulder. */
const SHOULDER = 0.34;
/** The seed never changes, so a rig never changes its face. */
const SEED = 58;

function strand(random: Random, from: Point, cutMm: number, short: boolean): string {
	const s = random() * 2 - 1;
	const length = cutMm * (short ? 0.24 + random() * 0.16 : 0.84 + random() * 0.26);
	const loose = (random() - 0.5) * 1.6;
	const at = (x: number, y: number): Point => ({ x: from.x + x, y: from.y + y });
	return cubicPath(
		at(0, COLLAR_R * s),
		at(cutMm * (0.03 + random() * 0.05), s * (COLLAR_R + 1.25 * FLARE)),
		at(0.4 * length, 1.05 * BULGE * s),
		at(length, TIP * s + SAG * (length / cutMm) + loose)
	);
}

/** Strands in bundles of one tone: each bundle is one path, so a skirt stays light on the page. */
function bundle(random: Random, from: Point, cutMm: number, count: number, shortShare: number): string {
	return Array.from({ length: count }, () => strand(random, from, cutMm, random() < shortShare)).join('');
}

function layer(paths: readonly string[], tones: readonly string[], widthMm: number, dim: boolean): Shape[] {
	return paths.flatMap((d, at): Shape[] => [
		{ part: 'skirt', d, stroke: 'edge', width: widthMm + 0.3 },
		{ part: 'skirt', d, stroke: tones[at % tones.length]!, width: widthMm },
		...(dim ? [{ part: 'skirt', d, stroke: 'edge', width: widthMm, opacity: 0.28 } as const] : [])
	]);
}

function collar(from: Point, colour: string): Shape[] {
	const { x, y } = from;
	const box = [
		{ x: x - COLLAR_L, y: y - COLLAR_R },
		{ x, y: y - COLLAR_R },
		{ x, y: y + COLLAR_R },
		{ x: x - COLLAR_L, y: y + COLLAR_R }
	];
	const wraps = [0.2, 0.4, 0.6, 0.8].map((share) =>
		pathThrough([
			{ x: x - COLLAR_L * share, y: y - COLLAR_R },
			{ x: x - COLLAR_L * share, y: y + COLLAR_R }
		])
	);
	return [
		{ part: 'skirt', d: pathThrough(box, true), fill: `${colour}.low`, stroke: 'ink', width: CONTOUR_MM },
		{ part: 'skirt', d: wraps.join(''), stroke: 'ink', width: DETAIL_MM, fine: true }
	];
}

export interface DrawnSkirt {
	/** Strands behind the hook. */
	readonly behind: readonly Shape[];
	/** Strands before the hook, and the collar. */
	readonly before: readonly Shape[];
	readonly lengthMm: number;
	readonly anchor: Point;
}

/** Strands of a small drawing, and how much broader they are, so that they stay strands. */
const FEW_STRANDS = 26;
const BROADER = 1.5;

/** A skirt that leaves its collar to the right; a small drawing shows fewer, broader strands. */
export function drawSkirt(skirt: Rig['skirt'], collarAt: Point, small: boolean): DrawnSkirt {
	const { lengthMm, strands: cut } = CUTS[skirt.length];
	const strands = small ? FEW_STRANDS : cut;
	const random = seeded(SEED);
	const from: Point = { x: collarAt.x + COLLAR_L, y: collarAt.y };
	const tones = [`${skirt.colour}.mid`, `${skirt.colour}.low`, `${skirt.colour}.high`];
	const tipped = skirt.accent === 'none' ? tones : [...tones, `${skirt.accent}.mid`];
	const perPath = Math.ceil((strands * (1 + SHOULDER)) / (tipped.length * 2));
	const paths = () => tipped.map(() => bundle(random, from, lengthMm, perPath, SHOULDER / (1 + SHOULDER)));
	const width = WIDTH_MM[skirt.material] * (small ? BROADER : 1);
	return {
		behind: layer(paths(), tipped, width, true),
		before: [...layer(paths(), tipped, width, false), ...collar(from, skirt.colour)],
		lengthMm,
		anchor: { x: from.x + lengthMm * 0.62, y: from.y + TIP * 0.55 }
	};
}
