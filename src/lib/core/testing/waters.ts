import fc from 'fast-check';
import type { ReadingInput } from '../foundation/schema/reading';
import { SEASONS, TOPS, WATERS, type Water } from '../trips/drills/waters';

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
