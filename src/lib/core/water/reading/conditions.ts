import { mainForageIn } from './forage';
import type { Cover, Forage, ParsedReading } from '../../foundation/schema/reading';
import type { Reading } from './complete';

/**
 * The soft words: a value is none of the word at the first figure and all of it at the second, linear between.
 * Temperatures in C, depths and visibility in m, bait in inches. These are the craft's own figures for its words.
 */
export const RAMPS = {
	cold: [12, 8],
	cool: [17, 14],
	warm: [16, 20],
	hot: [23, 26],
	shallow: [2.5, 1.2],
	thinWater: [2.4, 1.5],
	skinnyWater: [1.6, 1.25],
	deep: [4, 6],
	dirty: [1.2, 0.6],
	thick: [0.4, 0.2],
	clear: [1.5, 2.5],
	crystal: [3, 4.5],
	smallBait: [2.5, 1.5],
	bigBait: [3.5, 4.5]
} as const satisfies Record<string, readonly [number, number]>;

/** Share of a soft word in a value: 0 at `from`, 1 at `to`, linear between, in either direction. */
export function ramp(value: number, [from, to]: readonly [number, number]): number {
	return Math.min(1, Math.max(0, (value - from) / (to - from)));
}

const WIND_SHARE = { calm: 0, ripple: 0.2, chop: 1, heavy: 1 } as const;
const CLOUD_SHARE = { sun: 0, broken: 0.4, overcast: 1, dark: 1 } as const;
const BRIGHT_SHARE = { sun: 1, broken: 0.5, overcast: 0, dark: 0 } as const;
/** The fish band's top counts as at the surface within this (m), as just under it to the second figure. */
const AT_SURFACE_M = 0.1;
const JUST_UNDER_M = 0.6;
/** The band rests on the bottom or on weed when it comes within this of it (m), and is low within the second. */
const TOUCHING_M = 0.3;
const LOW_M = 1;
/** Hard cover is hit when its top lies no deeper than this (m) under the band's end. */
const IN_REACH_M = 0.2;
/** A cast under 18 m is one to a target, over 30 m one that searches. */
const SHORT_CAST = [22, 18] as const;
const LONG_CAST = [26, 30] as const;
const FLASH_VISIBILITY_M = 1;
const SEEN_HALF_A_METRE = [0.55, 0.45] as const;
const SEEN_TWO_METRES = [1.8, 2] as const;
/** Bait longer than this (in) asks for blades of its own length. */
const LONG_BAIT_IN = 3.5;
/** Depths at which weights change (m), soft by about a tenth to either side: 2 m, 9 ft, 10 ft, 3.5 m, 4 m, 5 m and 9 m. */
const TWO_METRES = [1.8, 2.2] as const;
const NINE_FEET_M = [2.45, 2.75] as const;
const TEN_FEET_M = [2.75, 3.35] as const;
const THREE_AND_A_HALF_M = [3.2, 3.8] as const;
const FOUR_METRES = [3.6, 4.4] as const;
const FIVE_METRES = [4.5, 5.5] as const;
/** Water of about 12 ft (m), soft by a tenth to either side. */
const TWELVE_FEET_M = [3.3, 4] as const;
const NINE_METRES = [8.1, 9.9] as const;

export const WEED: readonly Cover['kind'][] = ['stems', 'leafy-weed', 'pads', 'grass-tops'];
export const WOODS: readonly Cover['kind'][] = ['wood', 'timber'];
const CROSSED: readonly Cover['kind'][] = [...WEED, 'wood', 'dock'];
const BAIT: readonly Forage['kind'][] = ['silver-baitfish', 'sunfish', 'perch', 'golden-shiner', 'fry'];
const HARD: readonly Cover['kind'][] = [...WOODS, 'rock', 'dock', 'shell'];

const truth = (is: boolean): number => (is ? 1 : 0);
/** A word about a field that was not read is silent. */
const read = (r: Reading, key: keyof ParsedReading, share: number): number => (r.unread.has(key) ? 0 : share);
const centreM = (r: Reading): number => (r.fishFromM + r.fishToM) / 2;
const isThick = (c: Cover): boolean => c.density === 'thick' || c.density === 'matted';
const has = (r: Reading, ...kinds: Cover['kind'][]): number => truth(r.cover.some((c) => kinds.includes(c.kind)));
const some = (r: Reading, test: (c: Cover) => boolean): number => truth(r.cover.some(test));
const eats = (r: Reading, ...kinds: Forage['kind'][]): number =>
	truth(r.forage.some((f) => kinds.includes(f.kind) && f.amount !== 'none'));
const happens = (r: Reading, event: Reading['events'][number]): number => truth(r.events.includes(event));
const inBand = (r: Reading, c: Cover): boolean => c.topM <= r.fishToM;
const weedTopsWithin = (r: Reading, nearM: number): number =>
	some(
		r,
		(c) =>
			WEED.includes(c.kind) && c.topM > AT_SURFACE_M && c.topM >= r.fishFromM - nearM && c.topM <= r.fishToM + nearM
	);

/** Cover in the band through which only wire comes: thick wood, even stems, pads or timber. */
function barsBareHooks(c: Cover): boolean {
	if (WOODS.includes(c.kind) && isThick(c)) return true;
	if (c.form !== 'even') return false;
	if (c.kind === 'timber') return c.density !== 'sparse';
	return (c.kind === 'stems' || c.kind === 'pads') && c.density === 'medium';
}

/** Pads and stems so thick that only wire comes through, however deep the fish. */
const isWall = (c: Cover): boolean => (c.kind === 'pads' || c.kind === 'stems') && isThick(c) && c.form !== 'edge';

/** Cover through which only wire comes. */
const takesWire = (r: Reading, c: Cover): boolean => isWall(c) || (inBand(r, c) && barsBareHooks(c));

/** How far a spot lies in shade, by the reading's word. */
const SHADE: Readonly<Record<Reading['shade'], number>> = { none: 0, some: 0.5, line: 1 };

/** Sight (m), warmth (C) and depth (m) from which fish run down a burned lure. */
const BURN_SIGHT_M = 2.5;
const BURN_C = 14;
const BURN_DEPTH_M = 2;

/** Clear, mild, shallow water with fish that chase: the burn is real there. */
function isBurnWater(r: Reading): boolean {
	const fallBait = (r.phase === 'fall' || r.phase === 'late-fall') && eats(r, ...BAIT) > 0;
	const willing = r.mood === 'chasing' || (fallBait && r.mood !== 'sluggish');
	return willing && r.visibilityM >= BURN_SIGHT_M && r.waterTemperatureC >= BURN_C && centreM(r) < BURN_DEPTH_M;
}

/** Cover whose top is among the fish, or within reach of them. */
const near = (r: Reading, { topM }: Cover): boolean =>
	topM >= r.fishFromM - TOUCHING_M && topM <= r.fishToM + LOW_M / 2;

const isBig = (f: Forage): number => (f.amount === 'none' ? 0 : ramp(f.lengthIn, RAMPS.bigBait));

function baitShare(reading: Reading, word: 'smallBait' | 'bigBait'): number {
	const length = mainForageIn(reading);
	return length === null ? 0 : ramp(length, RAMPS[word]);
}

/**
 * Every word that a claim's `when` may use (anglers' own rules are saved by them, so none goes away), with how far it holds in a reading, from 0 to 1.
 * A word about something that the reading does not have is 0.
 */
export const WORDS = {
	always: () => 1,
	cold: (r) => ramp(r.waterTemperatureC, RAMPS.cold),
	cool: (r) => ramp(r.waterTemperatureC, RAMPS.cool),
	warm: (r) => ramp(r.waterTemperatureC, RAMPS.warm),
	hot: (r) => ramp(r.waterTemperatureC, RAMPS.hot),
	warming: (r) => truth(r.trend === 'rising'),
	winter: (r) => truth(r.phase === 'winter'),
	'pre-spawn': (r) => truth(r.phase === 'pre-spawn'),
	spawn: (r) => truth(r.phase === 'spawn'),
	'post-spawn': (r) => truth(r.phase === 'post-spawn'),
	summer: (r) => truth(r.phase === 'summer' || r.phase === 'late-summer'),
	'late summer': (r) => truth(r.phase === 'late-summer'),
	fall: (r) => truth(r.phase === 'fall' || r.phase === 'late-fall'),
	shallow: (r) => ramp(centreM(r), RAMPS.shallow),
	deep: (r) => ramp(centreM(r), RAMPS.deep),
	'beyond two meters': (r) => ramp(centreM(r), TWO_METRES),
	'beyond ten feet': (r) => ramp(centreM(r), TEN_FEET_M),
	'beyond nine feet': (r) => ramp(centreM(r), NINE_FEET_M),
	'beyond three and a half meters': (r) => ramp(centreM(r), THREE_AND_A_HALF_M),
	'thin water': (r) => ramp(r.bottomM, RAMPS.thinWater),
	'skinny water': (r) => ramp(r.bottomM, RAMPS.skinnyWater),
	'water to twelve feet': (r) => 1 - ramp(r.bottomM, TWELVE_FEET_M),
	'beyond five meters': (r) => ramp(centreM(r), FIVE_METRES),
	'beyond four meters': (r) => ramp(centreM(r), FOUR_METRES),
	'to four meters': (r) => 1 - ramp(centreM(r), FOUR_METRES),
	'four to nine meters': (r) => Math.min(ramp(centreM(r), FOUR_METRES), 1 - ramp(centreM(r), NINE_METRES)),
	'beyond nine meters': (r) => ramp(centreM(r), NINE_METRES),
	'at the surface': (r) => truth(r.fishFromM <= AT_SURFACE_M),
	'just under': (r) => truth(r.fishFromM > AT_SURFACE_M && r.fishFromM <= JUST_UNDER_M),
	'on the bottom': (r) => truth(r.bottomM - r.fishToM <= TOUCHING_M),
	'on weed tops': (r) => weedTopsWithin(r, TOUCHING_M),
	'low in the water': (r) => Math.max(truth(r.bottomM - r.fishToM <= LOW_M), weedTopsWithin(r, LOW_M)),
	dirty: (r) => ramp(r.visibilityM, RAMPS.dirty),
	thick: (r) => ramp(r.visibilityM, RAMPS.thick),
	clear: (r) => ramp(r.visibilityM, RAMPS.clear),
	crystal: (r) => ramp(r.visibilityM, RAMPS.crystal),
	middling: (r) => Math.min(1 - ramp(r.visibilityM, RAMPS.dirty), 1 - ramp(r.visibilityM, RAMPS.clear)),
	'seen under half a meter': (r) => ramp(r.visibilityM, SEEN_HALF_A_METRE),
	'seen over a meter': (r) => truth(r.visibilityM > FLASH_VISIBILITY_M),
	'seen over two meters': (r) => ramp(r.visibilityM, SEEN_TWO_METRES),
	tannic: (r) => truth(r.stain === 'tannic'),
	mud: (r) => Math.max(truth(r.stain === 'mud'), ramp(r.visibilityM, RAMPS.thick)),
	'clear stain': (r) => truth(r.stain === 'clear'),
	wind: (r) => read(r, 'wind', WIND_SHARE[r.wind]),
	calm: (r) => truth(r.wind === 'calm'),
	'heavy wind': (r) => truth(r.wind === 'heavy'),
	windy: (r) => truth(r.wind === 'chop' || r.wind === 'heavy'),
	'windblown bank': (r) => truth(r.bank === 'windblown'),
	cloud: (r) => (r.light === 'low' ? 1 : read(r, 'sky', CLOUD_SHARE[r.sky])),
	bright: (r) => (r.light === 'day' ? read(r, 'sky', BRIGHT_SHARE[r.sky]) : 0),
	sun: (r) => truth(r.light === 'day' && r.sky === 'sun'),
	'dark sky': (r) => truth(r.light !== 'night' && r.sky === 'dark'),
	day: (r) => truth(r.light === 'day'),
	'low light': (r) => truth(r.light === 'low'),
	night: (r) => truth(r.light === 'night'),
	'not day': (r) => ({ day: 0, low: 1, night: 0.5 })[r.light],
	'pressure falling': (r) => Math.max(truth(r.pressureTrend === 'falling'), happens(r, 'front-coming')),
	'front passed': (r) => happens(r, 'front-passed'),
	current: (r) => truth(r.current !== 'none'),
	'rising water': (r) => truth(r.level === 'rising'),
	weed: (r) => has(r, ...WEED),
	stems: (r) => has(r, 'stems'),
	'leafy weed': (r) => has(r, 'leafy-weed'),
	pads: (r) => has(r, 'pads'),
	'grass tops': (r) => has(r, 'grass-tops'),
	wood: (r) => has(r, 'wood'),
	timber: (r) => has(r, 'timber'),
	rock: (r) => has(r, 'rock'),
	dock: (r) => has(r, 'dock'),
	shell: (r) => has(r, 'shell'),
	ditch: (r) => has(r, 'ditch'),
	open: (r) => has(r, 'open'),
	'thick weed': (r) => some(r, (c) => WEED.includes(c.kind) && isThick(c)),
	'thick weed in reach': (r) => some(r, (c) => WEED.includes(c.kind) && isThick(c) && c.topM <= r.fishToM + LOW_M / 2),
	'thick pads': (r) => some(r, (c) => c.kind === 'pads' && c.density === 'thick'),
	matted: (r) => some(r, (c) => c.density === 'matted'),
	'thick cover': (r) => some(r, (c) => c.kind !== 'open' && isThick(c)),
	'thick wood': (r) => some(r, (c) => c.kind === 'wood' && isThick(c)),
	'thick grass tops': (r) => some(r, (c) => c.kind === 'grass-tops' && isThick(c)),
	'grass tops under the fish': (r) => some(r, (c) => c.kind === 'grass-tops' && c.density !== 'sparse' && near(r, c)),
	'weed not sparse': (r) => some(r, (c) => WEED.includes(c.kind) && c.density !== 'sparse'),
	'only wire comes through': (r) => some(r, (c) => takesWire(r, c)),
	'dock not sparse': (r) => some(r, (c) => c.kind === 'dock' && c.density !== 'sparse'),
	'wood not sparse in reach': (r) =>
		some(r, (c) => WOODS.includes(c.kind) && c.density !== 'sparse' && c.topM <= r.fishToM + IN_REACH_M),
	'hard cover in reach': (r) => some(r, (c) => HARD.includes(c.kind) && c.topM <= r.fishToM + IN_REACH_M),
	'open pockets': (r) =>
		Math.min(
			some(r, (c) => WEED.includes(c.kind) && c.kind !== 'pads' && c.form === 'pockets'),
			1 - some(r, (c) => c.form === 'even' && takesWire(r, c))
		),
	'weed pockets': (r) => some(r, (c) => WEED.includes(c.kind) && c.form === 'pockets'),
	'weed edge': (r) => some(r, (c) => WEED.includes(c.kind) && c.form === 'edge'),
	'mixed cover': (r) =>
		truth(new Set(r.cover.filter((c) => CROSSED.includes(c.kind) && inBand(r, c)).map((c) => c.kind)).size >= 2),
	'silver bait': (r) => eats(r, 'silver-baitfish'),
	sunfish: (r) => eats(r, 'sunfish'),
	perch: (r) => eats(r, 'perch'),
	'golden shiner': (r) => eats(r, 'golden-shiner'),
	'gold bait': (r) => eats(r, 'sunfish', 'perch', 'golden-shiner'),
	crayfish: (r) => eats(r, 'crayfish'),
	fry: (r) => eats(r, 'fry'),
	bait: (r) => eats(r, ...BAIT),
	'no silver bait': (r) => 1 - eats(r, 'silver-baitfish'),
	'plenty of silver bait': (r) => truth(r.forage.some((f) => f.kind === 'silver-baitfish' && f.amount === 'plenty')),
	'big silver bait': (r) => Math.max(0, ...r.forage.map((f) => (f.kind === 'silver-baitfish' ? isBig(f) : 0))),
	'big sunfish': (r) => Math.max(0, ...r.forage.map((f) => (f.kind === 'sunfish' ? isBig(f) : 0))),
	'small bait': (r) => baitShare(r, 'smallBait'),
	'big bait': (r) => baitShare(r, 'bigBait'),
	'bait over three and a half inches': (r) => truth((mainForageIn(r) ?? 0) > LONG_BAIT_IN),
	'forage entered': (r) => truth(mainForageIn(r) !== null),
	'baitfish spawn': (r) => happens(r, 'baitfish-spawn'),
	'sunfish spawn': (r) => happens(r, 'sunfish-spawn'),
	'water for a burn': (r) => truth(isBurnWater(r)),
	'shade line': (r) => truth(r.shade === 'line'),
	'in shade': (r) => SHADE[r.shade],
	schooling: (r) => happens(r, 'schooling'),
	smallmouth: (r) => truth(r.species === 'smallmouth'),
	'big-fish goal': (r) => truth(r.goal === 'big'),
	'numbers goal': (r) => truth(r.goal === 'numbers'),
	chasing: (r) => truth(r.mood === 'chasing'),
	neutral: (r) => read(r, 'mood', truth(r.mood === 'neutral')),
	sluggish: (r) => truth(r.mood === 'sluggish'),
	pressured: (r) => truth(r.pressure === 'high'),
	'others full size': (r) => read(r, 'others', truth(r.others === 'full')),
	'short strikes': (r) => truth(r.answers.includes('short-strikes')),
	follows: (r) => truth(r.answers.includes('follows')),
	misses: (r) => truth(r.answers.includes('misses')),
	'short cast': (r) => ramp(r.castM, SHORT_CAST),
	'long cast': (r) => ramp(r.castM, LONG_CAST),
	pond: (r) => truth(r.place === 'pond'),
	river: (r) => truth(r.place === 'river'),
	'from a boat': (r) => truth(r.from === 'boat'),
	'from the bank': (r) => truth(r.from === 'bank'),
	'lead allowed': (r) => truth(r.rules.leadAllowed !== false)
} as const satisfies Record<string, (reading: Reading) => number>;

export type Word = keyof typeof WORDS;

/** A claim's condition: a word, all of several (the least counts), any of several (the most counts), or not. */
export type When =
	Word | { readonly all: readonly When[] } | { readonly any: readonly When[] } | { readonly not: When };

/** Joined by "and" or "with": the least counts. */
export const all = (...conditions: When[]): When => ({ all: conditions });
/** A list of alternatives: the most counts. */
export const any = (...conditions: When[]): When => ({ any: conditions });
/** The opposite of a condition. */
export const not = (condition: When): When => ({ not: condition });

/** How far a condition holds in a reading, from 0 (not at all) to 1. */
export function holds(when: When, reading: Reading): number {
	if (typeof when === 'string') return WORDS[when](reading);
	if ('not' in when) return 1 - holds(when.not, reading);
	if ('all' in when) return Math.min(...when.all.map((condition) => holds(condition, reading)));
	return Math.max(...when.any.map((condition) => holds(condition, reading)));
}
