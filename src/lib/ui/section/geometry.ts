import { drawnM } from '$lib/presentation/drawn';
import { seeded } from '$lib/core/foundation/basics/random';
import type { Reading } from '$lib/core/water/reading/complete';
import { BANK_AT, depthOutM, reachM as soundedReachM, type Soundings } from '$lib/core/simulation/cast/soundings';

/** Where things are in a drawn section: px of the drawing, depth linear. */
export interface Frame {
	readonly width: number;
	readonly height: number;
	readonly sky: number;
	readonly left: number;
	readonly right: number;
	/** Depth (m) at the drawing's lower edge. */
	readonly maxM: number;
}

/** What the bed's shape depends on. */
export interface Bed {
	readonly bottomM: number;
	readonly ditch: boolean;
	/** The spot's own soundings, m out from the bank and m deep, where there are any. */
	readonly profile?: Soundings | undefined;
}

/** A place in px, to a tenth. */
export const tenths = (px: number): number => Math.round(px * 10) / 10;

/** Space under the deepest point, px. */
const FLOOR = 8;

export function frameOf(bottomM: number, width: number, height: number, gutters: boolean): Frame {
	const sky = Math.round(height * 0.25);
	const maxM = drawnM(bottomM);
	return { width, height, sky, maxM, left: gutters ? 44 : 0, right: width - (gutters ? 40 : 0) };
}

export const yOf = ({ sky, height, maxM }: Frame, depthM: number): number =>
	sky + (depthM * (height - sky - FLOOR)) / maxM;

/** Everything under the surface, as attributes of a rectangle, px; what lies over the bed of it is clipped. */
export const waterBox = ({ left, right, sky, height }: Frame) =>
	({ x: left, y: sky, width: right - left, height: height - sky }) as const;

export const depthAt = ({ sky, height, maxM }: Frame, y: number): number => ((y - sky) * maxM) / (height - sky - FLOOR);

/** Pixels per meter of depth. */
export const pxPerM = (frame: Frame): number => yOf(frame, 1) - yOf(frame, 0);

/** Share of the width at which the bed begins to rise. */
const RISE_FROM = 0.62;

/** How far out (m) is drawn where nobody has sounded: a long cast from the bank. Assumed. */
const UNSOUNDED_M = 40;

/** Distance (m) from the bank to the drawing's outer edge. */
export const reachM = ({ profile }: Bed): number => (profile ? soundedReachM(profile) : UNSOUNDED_M);

/** Where along the width (share) a distance (m) from the bank is drawn. */
export const shareAt = (bed: Bed, outM: number): number => BANK_AT * (1 - outM / reachM(bed));

/** Where along the drawing (px) a distance (m) from the bank is drawn. */
export const xOf = ({ left, right }: Frame, bed: Bed, outM: number): number =>
	left + shareAt(bed, outM) * (right - left);

/** Depth (m) of the bed at a share of the width: level where the cast falls, then up to the bank; a ditch dips. */
export function bedM(bed: Bed, share: number): number {
	const { bottomM, ditch } = bed;
	if (bed.profile && share < BANK_AT) return depthOutM(bed.profile, bottomM, (1 - share / BANK_AT) * reachM(bed));
	const dip = ditch ? 0.12 * bottomM * Math.exp(-(((share - 0.2) / 0.07) ** 2)) : 0;
	const wave = 0.02 * bottomM * Math.sin(share * 19);
	if (share <= RISE_FROM) return bottomM + dip + wave * (1 - share / RISE_FROM);
	const up = (share - RISE_FROM) / (BANK_AT - RISE_FROM);
	return bottomM * (1 - up * up * (3 - 2 * Math.min(1, up)));
}

const SAMPLES = 72;

/** The bed as an SVG path, left to right. */
export function bedPath(bed: Bed, frame: Frame): string {
	const span = frame.right - frame.left;
	return Array.from({ length: SAMPLES + 1 }, (_, at) => {
		const share = at / SAMPLES;
		const y = Math.max(yOf(frame, bedM(bed, share)), frame.sky - 26);
		return `${at === 0 ? 'M' : 'L'}${tenths(frame.left + share * span)} ${tenths(y)}`;
	}).join('');
}

/** Wave height (px) by wind: a third more than the direction's figure per mph, in m/s, held at 5 px. */
const PX_PER_MPS = 0.5;

/** The surface roughened to the wind: three sines; calm is a straight line. */
export function surfacePath(frame: Frame, windMps: number): string {
	const height = Math.min(5, PX_PER_MPS * windMps);
	if (height < 0.3) return `M${frame.left} ${frame.sky}H${frame.right}`;
	const steps = Math.ceil((frame.right - frame.left) / 6);
	return Array.from({ length: steps + 1 }, (_, at) => {
		const x = Math.min(frame.right, frame.left + at * 6);
		const swell = Math.sin(x / 13) * 0.5 + Math.sin(x / 29 + 1) * 0.35 + Math.sin(x / 7 + 2) * 0.15;
		return `${at === 0 ? 'M' : 'L'}${x} ${tenths(frame.sky + height * swell)}`;
	}).join('');
}

/** A usual wind (m/s) for a class of surface, where only the class was read. */
export const USUAL_WIND_MPS = { calm: 0, ripple: 2.5, chop: 6, heavy: 10 } as const;

/** A stem of weed, from under the bed to its top. */
export interface Stem {
	readonly d: string;
	/** The part of it that bears leaves; empty for a bare stem. */
	readonly bearing: string;
	readonly shade: 0 | 1 | 2;
}

/** From one whorl of leaves to the next, px. */
export const WHORL_PX = 9;

const STEM_GAP_PX = { sparse: 14, medium: 7, thick: 4.5, matted: 3 } as const;

/**
 * Stems of weed between two shares of the width, up to their top depth; the same water draws the same weed. All begin at
 * the drawing's foot, where the ground covers them: a bed that is dragged leaves them as they are.
 */
export function weedStems(
	frame: Frame,
	cover: Reading['cover'][number],
	from: number,
	to: number,
	seed: number
): Stem[] {
	const random = seeded(seed);
	const span = frame.right - frame.left;
	const stems: Stem[] = [];
	const bare = cover.kind === 'stems';
	for (let x = from * span; x < to * span; x += STEM_GAP_PX[cover.density] * (0.7 + random() * 0.6)) {
		if (cover.form === 'pockets' && Math.floor(x / 46) % 2 === 1) continue;
		const foot = frame.height;
		const reach = bare ? frame.sky - 18 - random() * 34 : yOf(frame, cover.topM - 0.08 + random() * 0.22);
		const top = Math.max(bare ? 12 : frame.sky + 1, reach);
		if (top > foot - 4) continue;
		const lean = (random() - 0.5) * (bare ? 8 : 14);
		const at = frame.left + x;
		const from = (y: number): string =>
			`M${tenths(at)} ${tenths(y)}Q${tenths(at)} ${tenths((foot + top) / 2)} ${tenths(at + lean)} ${tenths(top)}`;
		// No two stems bear their whorls at the same heights.
		const bearing = bare ? '' : from(foot - 6 - random() * WHORL_PX);
		stems.push({ d: from(foot), bearing, shade: Math.floor(random() * 3) as 0 | 1 | 2 });
	}
	return stems;
}

/** The quarter circle in the sky along which the sun goes: its center on the surface, its radius a little under the sky. */
export interface Arc {
	readonly centre: number;
	readonly radius: number;
}

export const arcOf = ({ left, right, sky }: Frame): Arc => ({
	centre: left + (right - left) * 0.6,
	radius: Math.max(20, sky - 22)
});

/** The sun is drawn no deeper under the horizon than this, degrees. */
const LOWEST_DEG = -8;

/** Where on the arc (px) the sun of a height (degrees) stands. */
export function sunAt(
	{ sky }: Frame,
	{ centre, radius }: Arc,
	sunDeg: number
): { readonly x: number; readonly y: number } {
	const angle = (Math.max(LOWEST_DEG, sunDeg) * Math.PI) / 180;
	return { x: centre + radius * Math.cos(angle), y: sky - radius * Math.sin(angle) };
}

/** Height (whole degrees, 0 to 90) of a sun that is drawn towards a place. */
export function sunDegAt({ sky }: Frame, { centre }: Arc, x: number, y: number): number {
	const angle = (Math.atan2(sky - y, x - centre) * 180) / Math.PI;
	return Math.round(Math.min(90, Math.max(0, angle > 135 || angle < -45 ? 0 : angle)));
}

/** Length (px) of the wind's arrow: some for its being there, then by the wind (m/s). */
const ARROW_PX = 22;
const ARROW_PX_PER_MPS = 6;

export const arrowPx = (windMps: number): number => (windMps < 0.5 ? 0 : ARROW_PX + windMps * ARROW_PX_PER_MPS);

/** The wind (m/s) of an arrow as long as this (px); a stub is none. */
export const windOf = (lengthPx: number): number =>
	lengthPx < ARROW_PX ? 0 : Math.round(((lengthPx - ARROW_PX) / ARROW_PX_PER_MPS) * 2) / 2;
