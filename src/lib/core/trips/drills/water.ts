import { pick, type Random, seeded } from '../../foundation/basics/random';
import { readingSchema, type Cover, type ParsedReading, type ReadingInput } from '../../foundation/schema/reading';
import { SEASONS, TOPS, WATERS, type Water } from './waters';

/** How much of a water is told: the three facts that every call needs, what most anglers look at, or all of it. */
export const LEVELS = ['three facts', 'what most look at', 'everything'] as const;
export type Level = (typeof LEVELS)[number];

/** Seeds of waters go from 1 to this one. */
export const SEED_MAX = 1_000_000;

/** A water to decide on, made up: the same for the same seed and level. */
export interface DrillWater {
	readonly seed: number;
	readonly level: Level;
	readonly reading: ParsedReading;
}

const tenth = (value: number): number => Math.round(value * 10) / 10;
const within = (random: Random, [from, to]: readonly [number, number]): number => tenth(from + random() * (to - from));

function coverIn(random: Random, { covers }: Water, bottomM: number): Cover {
	const kind = pick(random, covers);
	const [low, high] = TOPS[kind] ?? [0.15, 0.7];
	const topM = tenth(within(random, [low, high]) * bottomM);
	return {
		kind,
		density: pick(random, ['sparse', 'medium', 'medium', 'thick'] as const),
		form: pick(random, ['even', 'edge', 'pockets'] as const),
		topM: Math.min(topM, bottomM)
	};
}

/** A band of fish: shallow mostly, or half way down where there is water enough. */
function bandIn(random: Random, bottomM: number): Pick<ReadingInput, 'fishFromM' | 'fishToM'> {
	const deep = bottomM > 3 && random() < 0.5;
	const fishFromM = within(random, deep ? [0.45 * bottomM, 0.75 * bottomM] : [0, Math.min(1, 0.4 * bottomM)]);
	return { fishFromM, fishToM: Math.min(bottomM, tenth(fishFromM + within(random, [0.5, 2]))) };
}

/** What a day brings that no water decides. */
function dayOn(random: Random) {
	return {
		trend: pick(random, ['rising', 'steady', 'falling'] as const),
		light: pick(random, ['day', 'day', 'day', 'low', 'night'] as const),
		sky: pick(random, ['sun', 'broken', 'overcast', 'dark'] as const),
		wind: pick(random, ['calm', 'ripple', 'chop', 'heavy'] as const),
		bank: pick(random, ['windblown', 'cross', 'sheltered'] as const),
		pressure: pick(random, ['low', 'medium', 'high'] as const),
		goal: pick(random, ['balance', 'balance', 'numbers', 'big'] as const)
	};
}

function wholeWater(random: Random): ReadingInput {
	const water = pick(random, WATERS);
	const [phase, coldest, warmest] = pick(random, SEASONS);
	const waterTemperatureC = within(random, [coldest, warmest]);
	const bottomM = within(random, water.bottomM);
	const [bait, least, most] = pick(random, water.forage);
	const mood = pick(random, ['chasing', 'neutral', 'neutral', 'sluggish'] as const);
	return {
		phase,
		waterTemperatureC,
		bottomM,
		visibilityM: within(random, water.visibilityM),
		stain: pick(random, water.stains),
		place: water.place,
		from: water.place === 'pond' ? 'bank' : 'boat',
		...bandIn(random, bottomM),
		cover: Array.from({ length: 1 + Math.floor(random() * 2) }, () => coverIn(random, water, bottomM)),
		forage: [
			{ kind: bait, lengthIn: within(random, [least, most]), amount: pick(random, ['some', 'plenty'] as const) }
		],
		...dayOn(random),
		// Nothing chases in water that is too cold to run in.
		mood: waterTemperatureC < 9 && mood === 'chasing' ? 'neutral' : mood
	};
}

/** What each level tells. */
const TOLD: Readonly<Record<Level, readonly (keyof ReadingInput)[] | null>> = {
	'three facts': ['waterTemperatureC', 'visibilityM', 'bottomM'],
	'what most look at': [
		'waterTemperatureC',
		'visibilityM',
		'bottomM',
		'phase',
		'light',
		'sky',
		'wind',
		'cover',
		'forage',
		'fishFromM',
		'fishToM'
	],
	everything: null
};

/** A water, season, hour, weather and fish that belong together; what the level does not tell is left at its default. */
export function drillWater(seed: number, level: Level): DrillWater {
	const whole = wholeWater(seeded(seed));
	const told = TOLD[level];
	const given = told
		? Object.fromEntries(Object.entries(whole).filter(([key]) => told.some((one) => one === key)))
		: whole;
	return { seed, level, reading: readingSchema.parse(given) };
}
