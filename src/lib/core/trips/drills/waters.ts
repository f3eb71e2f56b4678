import type { COVER_KINDS, FORAGE_KINDS, PHASES, PLACES, STAINS } from '../../foundation/schema/words';

type Cover = (typeof COVER_KINDS)[number];
type Forage = (typeof FORAGE_KINDS)[number];

/** A kind of water that anglers know, with what is found in it: ranges of sight and bottom (m) and of bait (in). */
export interface Water {
	readonly place: (typeof PLACES)[number];
	readonly visibilityM: readonly [number, number];
	readonly bottomM: readonly [number, number];
	readonly stains: readonly (typeof STAINS)[number][];
	readonly covers: readonly Cover[];
	readonly forage: readonly (readonly [Forage, number, number])[];
}

/** The kinds; figures are assumed, as anglers tell them. */
export const WATERS: readonly Water[] = [
	{
		place: 'reservoir',
		visibilityM: [2, 5],
		bottomM: [2, 10],
		stains: ['clear', 'green'],
		covers: ['rock', 'timber', 'ditch', 'dock', 'shell', 'grass-tops', 'wood', 'open'],
		forage: [
			['silver-baitfish', 1.5, 4.5],
			['crayfish', 2, 3]
		]
	},
	{
		place: 'lake',
		visibilityM: [0.6, 1.4],
		bottomM: [1, 4],
		stains: ['tannic'],
		covers: ['pads', 'leafy-weed', 'stems', 'wood', 'grass-tops', 'dock'],
		forage: [
			['sunfish', 2, 4],
			['perch', 2, 4]
		]
	},
	{
		place: 'river',
		visibilityM: [0.2, 0.7],
		bottomM: [1, 4],
		stains: ['mud', 'mixed'],
		covers: ['wood', 'rock', 'stems', 'open'],
		forage: [
			['silver-baitfish', 2, 4],
			['crayfish', 2, 3]
		]
	},
	{
		place: 'lake',
		visibilityM: [0.8, 2.2],
		bottomM: [1.5, 7],
		stains: ['green'],
		covers: ['leafy-weed', 'grass-tops', 'dock', 'rock', 'stems', 'wood', 'shell'],
		forage: [
			['silver-baitfish', 1.5, 4],
			['sunfish', 2, 4],
			['golden-shiner', 3, 5]
		]
	},
	{
		place: 'pond',
		visibilityM: [0.5, 2],
		bottomM: [1, 3.5],
		stains: ['green', 'mud'],
		covers: ['stems', 'wood', 'pads', 'leafy-weed'],
		forage: [
			['sunfish', 1.5, 3],
			['fry', 1, 1.5]
		]
	}
];

/** Water temperatures (C) of each phase. */
export const SEASONS: readonly (readonly [(typeof PHASES)[number], number, number])[] = [
	['winter', 4, 9],
	['pre-spawn', 9, 15],
	['spawn', 16, 21],
	['post-spawn', 20, 24],
	['summer', 24, 29],
	['late-summer', 25, 30],
	['fall', 13, 21],
	['late-fall', 8, 13]
];

/** Where the top of a cover stands, as a share of the bottom's depth. */
export const TOPS: Readonly<Partial<Record<Cover, readonly [number, number]>>> = {
	pads: [0, 0],
	dock: [0, 0],
	stems: [0, 0],
	rock: [0.8, 1],
	shell: [0.8, 1],
	ditch: [0.9, 1],
	open: [1, 1]
};
