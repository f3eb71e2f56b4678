import { COVER_AT } from '$lib/core/simulation/cast/soundings';
import type { Reading } from '$lib/core/water/reading/complete';
import { yOf, type Frame } from './geometry';
import type { Box } from './labels';

/** Something of the section that is taken hold of and moved up and down. */
export type Grip = { readonly id: string; readonly x: number; readonly depthM: number } & (
	{ readonly of: 'fishFromM' | 'fishToM' | 'bottomM' } | { readonly of: 'cover'; readonly index: number }
);

/** Where the grips of the band and of weed stand from the left end of what they move, px. */
const INSET = 14;
/** Grips nearer to each other than this (px) cannot be told apart with a thumb: the lower one steps aside. */
const APART = 26;
const ASIDE = 30;

const WEEDS: readonly Reading['cover'][number]['kind'][] = ['grass-tops', 'leafy-weed'];

type Facts = Pick<Reading, 'fishFromM' | 'fishToM' | 'bottomM' | 'cover'>;

/** The grips of a section, none on another. @param bottomX Where (px) the bed is as deep as the reading says. */
export function gripsOf(frame: Frame, reading: Facts, bottomX: number): Grip[] {
	const { fishFromM, fishToM, bottomM, cover } = reading;
	const left = frame.left + INSET;
	const weeds = cover.flatMap(({ kind, topM }, index): Grip[] => {
		if (!WEEDS.includes(kind)) return [];
		const x = frame.left + COVER_AT[kind][0] * (frame.right - frame.left) + INSET;
		return [{ id: `cover.${index}`, of: 'cover', index, depthM: topM, x }];
	});
	const wanted: Grip[] = [
		{ id: 'fishFromM', of: 'fishFromM', depthM: fishFromM, x: left },
		{ id: 'fishToM', of: 'fishToM', depthM: fishToM, x: left },
		...weeds,
		{ id: 'bottomM', of: 'bottomM', depthM: bottomM, x: bottomX }
	];
	const placed: Grip[] = [];
	for (const grip of wanted) {
		let { x } = grip;
		const isClose = (other: Grip): boolean =>
			Math.abs(other.x - x) < APART && Math.abs(yOf(frame, other.depthM) - yOf(frame, grip.depthM)) < APART;
		while (placed.some(isClose)) x += ASIDE;
		placed.push({ ...grip, x });
	}
	return placed;
}

/** The rectangle that a grip takes. */
export const boxOfGrip = (frame: Frame, { x, depthM }: Grip): Box => ({
	x: x - 12,
	y: yOf(frame, depthM) - 8,
	width: 24,
	height: 16
});
