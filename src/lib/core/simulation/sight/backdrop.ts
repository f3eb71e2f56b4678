import { BANDS, leftOf, spectrum, type Spectrum } from './bands';
import { EYE } from './eye';
import type { Scene } from './scene';

/** From where something is looked at: level, from under it, from over it. */
export const VIEWS = ['side', 'below', 'above'] as const;
export type View = (typeof VIEWS)[number];

/** What lies behind it, what lights the half that is seen and the half that is not, and how the background changes. */
export const LOOKS = {
	side: { behind: 'lh', front: 'es', back: 'es', slope: 0 },
	below: { behind: 'lz', front: 'eb', back: 'ea', slope: 1 },
	above: { behind: 'lu', front: 'ea', back: 'eb', slope: -1 }
} as const;

/** Brightness of the water behind, as it is seen from somewhere at a target's depth. */
export const behindOf = ({ field, here }: Scene, view: View): Spectrum =>
	spectrum((at) => field[LOOKS[view].behind][at]! * here[at]!);

/** Distance (m) at which things are compared: a share of what is seen (assumed). */
export const WORKING_SHARE = 0.4;

/** Distances that are looked at, and the bands (450 to 650 nm) by which they are spread. */
export const NODES = 33;
const VISIBLE_FROM = 5;
const VISIBLE_TO = 25;

/** What is the same for everything that is seen from one side of a scene. */
export interface Backdrop {
	readonly behind: Spectrum;
	/** From one distance that is looked at to the next, m. */
	readonly stepM: number;
	/** At each distance what each receptor (green, red, rod) makes of a band's excess over the water behind. */
	readonly weights: Float64Array;
	/** At each distance the largest weight of any band over what it is at no distance. */
	readonly reach: Float64Array;
	/** The weights at the distance at which things are compared. */
	readonly work: Float64Array;
}

/** Where the rows of a distance begin among the weights, and those of its receptors after that. */
export const rowsOf = (node: number): number => node * 3 * BANDS;
export const RED_ROW = BANDS;
export const ROD_ROW = 2 * BANDS;

const backdrops = new WeakMap<Scene, Partial<Record<View, Backdrop>>>();

/** What each receptor makes of each band when so much of both reaches the eye, over what it makes of the water behind. */
function weigh(reaches: Spectrum, behind: Spectrum, into: Float64Array, from: number): void {
	let [green, red, rod] = [0, 0, 0];
	for (let at = 0; at < BANDS; at++) {
		green += EYE.green[at]! * behind[at]!;
		red += EYE.red[at]! * behind[at]!;
		rod += EYE.rod[at]! * behind[at]!;
	}
	const [perGreen, perRed, perRod] = [1 / green, 1 / red, 1 / rod];
	for (let at = 0; at < BANDS; at++) {
		const reached = reaches[at]!;
		into[from + at] = EYE.green[at]! * reached * perGreen;
		into[from + RED_ROW + at] = EYE.red[at]! * reached * perRed;
		into[from + ROD_ROW + at] = EYE.rod[at]! * reached * perRod;
	}
}

/**
 * The largest of a distance's weights over what it is at no distance: that of the band of which most reaches the eye, to
 * the receptor whose background fades most.
 */
function mostOver(weights: Float64Array, from: number, reaches: Spectrum): number {
	let farthest = 0;
	for (let at = 1; at < BANDS; at++) if (reaches[at]! > reaches[farthest]!) farthest = at;
	let most = 0;
	for (let row = farthest; row < rowsOf(1); row += BANDS) most = Math.max(most, weights[from + row]! / weights[row]!);
	return most;
}

function multiply(by: Spectrum, into: number[]): void {
	for (let at = 0; at < BANDS; at++) into[at]! *= by[at]!;
}

/** What lies behind everything on one side of a scene; made once for each. */
export function backdropOf(scene: Scene, view: View): Backdrop {
	const known = backdrops.get(scene) ?? {};
	if (known[view]) return known[view];
	const { attenuates, discM } = scene.water;
	const { slope } = LOOKS[view];
	const behind = behindOf(scene, view);
	const least = Math.min(...attenuates.slice(VISIBLE_FROM, VISIBLE_TO + 1));
	const stepM = ((9 / least) * (view === 'below' ? 1.5 : 1)) / (NODES - 1);
	const workM = WORKING_SHARE * discM;
	const work = new Float64Array(rowsOf(1));
	const behindAtWork = leftOf(scene.loss, slope * workM);
	multiply(behind, behindAtWork);
	weigh(leftOf(attenuates, workM), behindAtWork, work, 0);
	// Each distance follows from the one before: the same share is lost on every step.
	const [step, change] = [leftOf(attenuates, stepM), leftOf(scene.loss, slope * stepM)];
	const [reaches, light] = [leftOf(attenuates, 0), behind.slice()];
	const weights = new Float64Array(rowsOf(NODES));
	const reach = new Float64Array(NODES);
	for (let node = 0; node < NODES; node++) {
		weigh(reaches, light, weights, rowsOf(node));
		reach[node] = mostOver(weights, rowsOf(node), reaches);
		multiply(step, reaches);
		multiply(change, light);
	}
	const made = { behind, stepM, weights, reach, work };
	backdrops.set(scene, { ...known, [view]: made });
	return made;
}
