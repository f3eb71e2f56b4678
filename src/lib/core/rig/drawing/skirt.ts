import { COLLAR, SKIRT_CUTS, STRAND_MM } from '../../foundation/catalogue/dress';
import { seeded, type Random } from '../../foundation/basics/random';
import type { Rig } from '../../foundation/schema/rig';
import { cubicPath, pathThrough, type Point } from '../geometry/path';
import type { OwnColour } from '../../foundation/schema/ownColour';
import { dyeOf, mainDye } from './dye';
import { CONTOUR_MM, DETAIL_MM, type Shape } from './shape';

const { radiusMm: COLLAR_R, lengthMm: COLLAR_L } = COLLAR;
const FLARE = 7;
const BULGE = 9;
const TIP = 8.5;
const SAG = 1.8;
/** Strands beyond the named count that stay short and make the shoulder. */
const SHOULDER = 0.34;
/** The seed never changes, so a rig never changes its face. */
const SEED = 58;

/** One strand: flare at the shoulder, bulge, waist, loose tip with a little waver. */
function strand(random: Random, from: Point, cutMm: number, short: boolean): string {
	const s = random() * 2 - 1;
	const length = cutMm * (short ? 0.24 + random() * 0.16 : 0.84 + random() * 0.26);
	const loose = (random() - 0.5) * 4.2;
	const waver = (random() - 0.5) * 2.4;
	const at = (x: number, y: number): Point => ({ x: from.x + x, y: from.y + y });
	return cubicPath(
		at(0, COLLAR_R * s),
		at(cutMm * (0.03 + random() * 0.05), s * (COLLAR_R + 1.25 * FLARE)),
		at(0.4 * length, 1.05 * BULGE * s + waver),
		at(length, TIP * s + SAG * (length / cutMm) + loose)
	);
}

/** Some strands of one tone as one path, so that a skirt stays light on the page. */
function bundle(random: Random, from: Point, cutMm: number, count: number, shortShare: number): string {
	return Array.from({ length: count }, () => strand(random, from, cutMm, random() < shortShare)).join('');
}

/** How much darker strands behind the hook are. */
const BEHIND_SHADE = 0.28;
/** Dark edge that sets each strand off from the next, mm. */
const EDGE_MM = 0.34;

function layer(paths: readonly string[], tones: readonly string[], widthMm: number, dim: boolean): Shape[] {
	return paths.flatMap((d, at): Shape[] => [
		{ part: 'skirt', d, stroke: 'edge', width: widthMm + EDGE_MM },
		{ part: 'skirt', d, stroke: tones[at % tones.length]!, width: widthMm, ...(dim && { shade: BEHIND_SHADE }) }
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

interface DrawnSkirt {
	/** Strands behind the hook. */
	readonly behind: readonly Shape[];
	/** Strands before the hook, and the collar. */
	readonly before: readonly Shape[];
}

/** Strands of a small drawing, and how much broader they are, so that they stay strands. */
const FEW_STRANDS = 26;
const BROADER = 1.5;

/** Bundles of each tone in a full drawing: between them the strands' edges show. */
const BUNDLES_PER_TONE = 4;

/** What a skirt is drawn of: its tones as they follow each other, and its collar's color. */
export interface SkirtTones {
	readonly tones: readonly string[];
	readonly collar: string;
}

/** Strands of an own color that stand for the whole of it. */
const OWN_TONES = 6;

/** The tones of a skirt of a named color or of the angler's own, whose strands follow by their shares. */
export function skirtTones(colour: string, own: OwnColour | undefined, accents: readonly string[]): SkirtTones {
	const named = [`${colour}.mid`, `${colour}.low`, `${colour}.high`];
	const strands = own?.strands.flatMap((strand) => {
		const many = Math.max(1, Math.round(strand.share * OWN_TONES));
		return Array.from({ length: many }, (_, at) => `${dyeOf(strand)}.${['mid', 'low', 'high'][at % 3]!}`);
	});
	return {
		tones: [...(strands ?? named), ...accents.map((accent) => `${accent}.mid`)],
		collar: own ? mainDye(own) : colour
	};
}

/**
 * A skirt that leaves the end of its collar to the right; a small drawing shows fewer, broader strands.
 *
 */
export function drawSkirt(
	skirt: Pick<Rig['skirt'], 'length' | 'material'>,
	from: Point,
	lengthMm: number,
	{ tones, collar: collarColour }: SkirtTones,
	small: boolean
): DrawnSkirt {
	const strands = small ? FEW_STRANDS : SKIRT_CUTS[skirt.length].strands;
	const random = seeded(SEED);
	const bundles = small ? tones.length : tones.length * BUNDLES_PER_TONE;
	const perPath = Math.ceil((strands * (1 + SHOULDER)) / (bundles * 2));
	const paths = () =>
		Array.from({ length: bundles }, () => bundle(random, from, lengthMm, perPath, SHOULDER / (1 + SHOULDER)));
	const width = STRAND_MM[skirt.material] * (small ? BROADER : 1);
	return {
		behind: layer(paths(), tones, width, true),
		before: [...layer(paths(), tones, width, false), ...collar(from, collarColour)]
	};
}

/** Where a leader may touch a skirt. */
export const skirtAnchor = (from: Point, lengthMm: number): Point => ({
	x: from.x + lengthMm * 0.62,
	y: from.y + TIP * 0.55
});
