import { SPEEDS_MPS } from '../../foundation/catalogue/parts';
import { DEPTHS_M, GATE_DISTANCES_M, LINE_SHARES, NODES, PULLS, SpeedPaths } from '../../simulation/physics/gateTable';
import type { Reading } from '../../water/reading/complete';
import { WEED, WOODS } from '../../water/reading/conditions';
import type { Cover } from '../../foundation/schema/reading';
import type { Family } from '../../foundation/schema/words';
import { positionAmong } from '../space/positionAmong';

/** What the gate asks of a path: how deep it may and must run, on what cast. */
export interface Band {
	/** The lure must be at least this deep (m) at two distances: the band's top less what a fish rises, or the surface. */
	readonly fromM: number;
	/** And nowhere deeper than this (m): the band's end, or the top of cover that the rig does not shed. */
	readonly toM: number;
	readonly castM: number;
	/** Depth (m) to aim at: the middle of the fish that may be reached. */
	readonly aimM: number;
}

/** A fish comes up for a lure by what it sees, at most this far (m): the gate's figures. */
const RISES_M = 1;
const NEAREST_M = GATE_DISTANCES_M[2];
/** A band thinner than this (m) is fished as this thick: no estimate is finer. */
const THINNEST_M = 0.1;
/** Metres of cast that weigh as much as a meter of depth where both run out. */
const CAST_PER_DEPTH = 3;

/**
 * Standing cover that a family cannot be drawn through (the craft's sections 1, 4 and 9): wire fends off all of it; a
 * bladed jig gathers leaf but slides over limbs; an underspin's hook is bare.
 */
const SNAGS: Readonly<Record<Family, readonly Cover['kind'][]>> = {
	spinnerbait: [],
	buzzbait: [],
	'bladed-jig': WEED,
	underspin: [...WEED, ...WOODS]
};

/** Whether there is no way round some cover: it is even and not sparse. */
const unbroken = ({ density, form }: Cover): boolean => form === 'even' && density !== 'sparse';

/** Cover that a family does not go through, and that has no way round. */
export const snagging = ({ cover }: Reading, family: Family): Cover[] =>
	cover.filter((one) => SNAGS[family].includes(one.kind) && unbroken(one));

/** What the gate asks of a family on a reading: wire fends off standing cover, a bare hook must stay above it. */
export function bandOf(reading: Reading, family: Family): Band {
	const tops = snagging(reading, family).map(({ topM }) => topM);
	const toM = Math.max(THINNEST_M, Math.min(reading.fishToM, ...tops));
	const fromM = reading.fishFromM - Math.min(reading.visibilityM, RISES_M);
	return { fromM, toM, castM: reading.castM, aimM: (Math.min(reading.fishFromM, toM) + toM) / 2 };
}

/** Paths of every catalog speed; they depend on nothing else. */
const PATHS = SPEEDS_MPS.map((speedMps) => new SpeedPaths(speedMps));

/** Depths and casts along the paths of one node of the table, read without copying. */
class Node {
	#paths!: SpeedPaths;
	#node = 0;
	#far = true;
	#middle = true;

	constructor(castM: number) {
		this.#far = castM > GATE_DISTANCES_M[0];
		this.#middle = castM > GATE_DISTANCES_M[1];
	}

	set(paths: SpeedPaths, node: number): void {
		this.#paths = paths;
		this.#node = node;
	}

	/** The deepest that a path runs at the distances the cast reaches. */
	deepest(path: number): number {
		let depth: number = DEPTHS_M[path]!;
		if (!this.#middle) return depth;
		const at = this.#paths.at(this.#node, path);
		if (this.#paths.middleM[at]! > depth) depth = this.#paths.middleM[at]!;
		if (this.#far && this.#paths.farM[at]! > depth) depth = this.#paths.farM[at]!;
		return depth;
	}

	/** A figure between two paths, both followed already. */
	#read(column: Float64Array, path: number, share: number): number {
		const at = this.#node * DEPTHS_M.length + path;
		return column[at]! + share * (column[at + 1]! - column[at]!);
	}

	/** The second deepest of those distances between two paths; the only one where the cast reaches one alone. */
	second(path: number, share: number): number {
		const near = Math.max(0, DEPTHS_M[path]! + share * (DEPTHS_M[path + 1]! - DEPTHS_M[path]!));
		if (!this.#middle) return near;
		const middle = Math.max(0, this.#read(this.#paths.middleM, path, share));
		if (!this.#far) return Math.min(near, middle);
		const far = Math.max(0, this.#read(this.#paths.farM, path, share));
		return Math.max(Math.min(near, middle), Math.min(far, Math.max(near, middle)));
	}

	/** Sees to it that a path and the one below it are followed. */
	follow(path: number): void {
		this.#paths.at(this.#node, path);
		this.#paths.at(this.#node, path + 1);
	}

	/** How far out the path between two leaves the surface. */
	surface(path: number, share: number): number {
		return this.#read(this.#paths.surfaceM, path, share);
	}
}

/** The first path below the shallowest that is as deep as `toM` near the angler, or the deepest. */
function firstDeepNear(toM: number): number {
	const found = DEPTHS_M.findIndex((depth, at) => at > 0 && depth >= toM);
	return found < 0 ? DEPTHS_M.length - 1 : found;
}

/**
 * The first path below the shallowest that runs as deep as `toM` somewhere, or the deepest: paths never cross.
 *
 * @param last One that does, or the deepest.
 */
function firstBelow(node: Node, toM: number, last: number): number {
	let first = 1;
	while (first < last) {
		const middle = (first + last) >> 1;
		if (node.deepest(middle) < toM) first = middle + 1;
		else last = middle;
	}
	return first;
}

/**
 * What a path has to spare: the depth of its second deepest distance, and the cast, whichever is less. A countdown of
 * a minute takes the lightest lure of the catalog below 12 m, so its length is not asked after.
 */
function marginOf(node: Node, { fromM, toM, castM }: Band, deepNear: number): number {
	const below = firstBelow(node, toM, deepNear);
	node.follow(below - 1);
	const [low, high] = [node.deepest(below - 1), node.deepest(below)];
	const share = Math.min(1, Math.max(0, (toM - low) / (high - low || 1)));
	const overrun = Math.max(0, low - toM);
	const depth = node.second(below - 1, share) - fromM - overrun;
	return Math.min(depth, (node.surface(below - 1, share) - castM) / CAST_PER_DEPTH);
}

const LOG_SHARES = LINE_SHARES.map(Math.log);

/** How every node of the table meets a band at one speed: rows by line share, columns by pull. */
interface Margins {
	readonly at: Float64Array;
	readonly best: number;
	/** Pulls outside which nothing holds the band, whatever the line. */
	readonly least: number;
	readonly most: number;
}

function marginsOf(speedPaths: SpeedPaths, band: Band, node: Node): Margins {
	const at = new Float64Array(NODES);
	let [best, least, most] = [-Infinity, Infinity, -Infinity];
	const deepNear = firstDeepNear(band.toM);
	for (let cell = 0; cell < at.length; cell++) {
		node.set(speedPaths, cell);
		// A cast that reaches none of the distances is not judged by depth.
		at[cell] = band.castM <= NEAREST_M ? 0 : marginOf(node, band, deepNear);
		best = Math.max(best, at[cell]!);
		if (at[cell]! < 0) continue;
		// Between this node and the next the margin may still be above zero; beyond the ends it stays what it is.
		const pull = cell % PULLS.length;
		least = Math.min(least, pull <= 1 ? -Infinity : PULLS[pull - 1]!);
		most = Math.max(most, pull >= PULLS.length - 2 ? Infinity : PULLS[pull + 1]!);
	}
	return { at, best, least, most };
}

/** Margin between the nodes of the table, at a place among its rows and columns. */
function between(at: Float64Array, row: number, column: number): number {
	const [r, c] = [Math.floor(row), Math.floor(column)];
	const [down, along] = [row - r, column - c];
	const cell = r * PULLS.length + c;
	const next = along === 0 ? cell : cell + 1;
	const upper = at[cell]! + along * (at[next]! - at[cell]!);
	if (down === 0) return upper;
	const lower = at[cell + PULLS.length]! + along * (at[next + PULLS.length]! - at[cell + PULLS.length]!);
	return upper + down * (lower - upper);
}

/** Pulls with which lures hold a band, at every catalog speed. */
export class BandWindow {
	readonly #margins: readonly Margins[];

	constructor(band: Band) {
		const node = new Node(band.castM);
		this.#margins = PATHS.map((speedPaths) => marginsOf(speedPaths, band, node));
	}

	/** What a lure has to spare, in m: below 0 it does not hold the band. Linear between the nodes of the table. */
	margin(speed: number, pull: number, lineShare: number): number {
		return between(
			this.#margins[speed]!.at,
			positionAmong(Math.log(lineShare), LOG_SHARES),
			positionAmong(pull, PULLS)
		);
	}

	/** Whether a lure of this pull and line share holds the band. */
	holds(speed: number, pull: number, lineShare: number): boolean {
		return this.#margins[speed]!.best >= 0 && this.margin(speed, pull, lineShare) >= 0;
	}

	/** Whether any lure can hold the band at a speed. */
	open(speed: number): boolean {
		return this.#margins[speed]!.best >= 0;
	}

	/**
	 * Whether any lure with pull and line share in these ranges holds the band: the greatest of a function that is
	 * linear between nodes lies at a node or at an edge of the range.
	 */
	mayHold(speed: number, pullLow: number, pullHigh: number, shareLow: number, shareHigh: number): boolean {
		const { at, least, most } = this.#margins[speed]!;
		if (pullHigh < least || pullLow > most) return false;
		const [top, bottom] = [
			positionAmong(Math.log(shareLow), LOG_SHARES),
			positionAmong(Math.log(shareHigh), LOG_SHARES)
		];
		const [left, right] = [positionAmong(pullLow, PULLS), positionAmong(pullHigh, PULLS)];
		for (let row = top; ; row = Math.min(bottom, Math.floor(row) + 1)) {
			for (let column = left; ; column = Math.min(right, Math.floor(column) + 1)) {
				if (between(at, row, column) >= 0) return true;
				if (column >= right) break;
			}
			if (row >= bottom) return false;
		}
	}

	/** The least pull (m2/s2) with which a lure holds the band at a speed; `null` when none does. */
	leastPull(speed: number, lineShare: number): number | null {
		if (this.#margins[speed]!.best < 0) return null;
		let before = this.margin(speed, PULLS[0], lineShare);
		if (before >= 0) return PULLS[0];
		for (let at = 1; at < PULLS.length; at++) {
			const margin = this.margin(speed, PULLS[at]!, lineShare);
			if (margin >= 0) return PULLS[at - 1]! + (before / (before - margin)) * (PULLS[at]! - PULLS[at - 1]!);
			before = margin;
		}
		return null;
	}
}
