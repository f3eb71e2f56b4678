import fc from 'fast-check';
import type { ReadingInput } from '../foundation/schema/reading';
import type { COVER_KINDS, FORAGE_KINDS, PHASES, PLACES, STAINS } from '../foundation/schema/words';

type Cover = (typeof COVER_KINDS)[number];
type Forage = (typeof FORAGE_KINDS)[number];

/** A kind of water that anglers know, with what is found in it: ranges of sight and bottom (m) and of bait (in). */
interface Water {
	readonly place: (typeof PLACES)[number];
	readonly visibilityM: readonly [number, number];
	readonly bottomM: readonly [number, number];
	readonly stains: readonly (typeof STAINS)[number][];
	readonly covers: readonly Cover[];
	readonly forage: readonly (readonly [Forage, number, number])[];
}

const WATERS: readonly Water[] = [
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
const SEASONS: readonly (readonly [(typeof PHASES)[number], number, number])[] = [
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
const TOPS: Readonly<Partial<Record<Cover, readonly [number, number]>>> = {
	pads: [0, 0],
	dock: [0, 0],
	stems: [0, 0],
	rock: [0.8, 1],
	shell: [0.8, 1],
	ditch: [0.9, 1],
	open: [1, 1]
};

const one = <const T>(...values: readonly T[]) => fc.constantFrom(...values);
const tenths = (from: number, to: number) =>
	fc
		.integer({ min: Math.ceil(from * 10 - 1e-9), max: Math.max(Math.ceil(from * 10 - 1e-9), Math.floor(to * 10)) })
		.map((n) => n / 10);

const coverIn = ({ covers }: Water, bottomM: number) =>
	fc
		.record({
			kind: one(...covers),
			density: one('sparse', 'medium', 'medium', 'thick'),
			form: one('even', 'edge', 'pockets'),
			share: fc.double({ min: 0, max: 1, noNaN: true })
		})
		.map(({ share, ...cover }) => {
			const [low, high] = TOPS[cover.kind] ?? [0.15, 0.7];
			return { ...cover, topM: Math.round((low + share * (high - low)) * bottomM * 10) / 10 };
		});

const bandIn = (bottomM: number) =>
	fc.tuple(fc.boolean(), fc.double({ min: 0, max: 1, noNaN: true }), tenths(0.5, 2)).map(([deep, share, thick]) => {
		const [low, high] = deep && bottomM > 3 ? [0.45 * bottomM, 0.75 * bottomM] : [0, Math.min(1, 0.4 * bottomM)];
		const fishFromM = Math.round((low + share * (high - low)) * 10) / 10;
		return { fishFromM, fishToM: Math.min(bottomM, Math.round((fishFromM + thick) * 10) / 10) };
	});

/** Readings as anglers meet them: season, water, cover, bait and mood that go together. */
export const likelyReading: fc.Arbitrary<ReadingInput> = fc
	.tuple(one(...WATERS), one(...SEASONS))
	.chain(([water, season]) => tenths(...water.bottomM).map((bottomM) => ({ water, season, bottomM })))
	.chain(({ water, season: [phase, coldest, warmest], bottomM }) =>
		fc
			.record({
				waterTemperatureC: tenths(coldest, warmest),
				visibilityM: tenths(...water.visibilityM),
				stain: one(...water.stains),
				trend: one('rising', 'steady', 'falling'),
				light: one('day', 'day', 'day', 'day', 'low', 'night'),
				sky: one('sun', 'broken', 'overcast', 'dark'),
				wind: one('calm', 'ripple', 'chop', 'heavy'),
				bank: one('windblown', 'cross', 'sheltered'),
				cover: fc.array(coverIn(water, bottomM), { minLength: 1, maxLength: 2 }),
				bait: one(...water.forage),
				baitShare: fc.double({ min: 0, max: 1, noNaN: true }),
				amount: one('some', 'plenty'),
				mood: one('chasing', 'neutral', 'neutral', 'sluggish'),
				pressure: one('low', 'medium', 'high'),
				goal: one('balance', 'balance', 'numbers', 'big'),
				species: one('largemouth', 'largemouth', 'smallmouth'),
				castM: one(18, 25, 30),
				band: bandIn(bottomM)
			})
			.map(({ bait: [kind, least, most], baitShare, amount, band, ...rest }): ReadingInput => ({
				...rest,
				...band,
				bottomM,
				phase,
				place: water.place,
				species: water.place === 'reservoir' ? rest.species : 'largemouth',
				mood: rest.waterTemperatureC < 9 && rest.mood === 'chasing' ? 'neutral' : rest.mood,
				from: water.place === 'pond' ? 'bank' : 'boat',
				forage: [{ kind, lengthIn: Math.round((least + baitShare * (most - least)) * 10) / 10, amount }]
			}))
	);
