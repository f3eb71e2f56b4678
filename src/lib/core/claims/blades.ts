import { all, any, not } from '../water/reading/conditions';
import { BLADED_JIG, BUZZBAIT, SPINNERBAIT, TURNING, UNDERSPIN, type Claim } from './claim';
import { cover, eats } from './examples';

const TANDEM = {
	'colorado-willow': 1,
	'colorado-indiana': 1,
	'indiana-willow': 1,
	'double-colorado': 1,
	'double-willow': 1
};
/** Two blades of different styles. */
const MIXED = { 'colorado-willow': 1, 'colorado-indiana': 1, 'indiana-willow': 1 };
const BURN_WATER = { visibilityM: 4, mood: 'chasing', fishFromM: 0.3, fishToM: 1 } as const;
const colorado = { 'blade.style': { colorado: 1 } };
const willow = { 'blade.style': { willow: 1 } };
const slow = { pace: { slow: 1 } };
const fast = { pace: { fast: 1 } };
const notSlow = { pace: { middle: 1, fast: 1 } };
/** Grass with bait of ordinary size, in water that is neither thick nor cold. */
const GRASS_AND_BAIT = all('weed', 'bait', not(any('big bait', 'thick', 'cold')));
const rough = { wind: 'chop' } as const;

/** Blades: style, layout, size, noise. */
export const BLADE_CLAIMS: readonly Claim[] = [
	{
		id: 'BLD-01',
		kind: 'score',
		strength: 3,
		scope: TURNING,
		when: 'dirty',
		prefers: colorado,
		because: 'In dirty water a Colorado turns slowest and thumps hardest.',
		speaks: { visibilityM: 0.5 },
		silent: { visibilityM: 2 }
	},
	{
		id: 'BLD-01b',
		kind: 'score',
		strength: 2,
		scope: TURNING,
		when: 'cold',
		prefers: colorado,
		because: 'In cold water a Colorado still turns at a crawl.',
		speaks: { waterTemperatureC: 7 },
		silent: { waterTemperatureC: 16 }
	},
	{
		id: 'BLD-02',
		kind: 'score',
		strength: 3,
		scope: TURNING,
		when: 'clear',
		prefers: willow,
		needsLight: true,
		because: 'In clear water a willow turns fastest and flashes most.',
		speaks: { visibilityM: 3 },
		silent: { visibilityM: 1 }
	},
	{
		id: 'BLD-02b',
		kind: 'score',
		strength: 2,
		scope: TURNING,
		when: all('warm', 'chasing'),
		orGiven: fast,
		prefers: willow,
		needsLight: true,
		because: 'For chasing fish in warm water, or a fast retrieve, a willow keeps up and tracks straight.',
		speaks: { mood: 'chasing', waterTemperatureC: 21 },
		silent: { mood: 'neutral', waterTemperatureC: 21 }
	},
	{
		id: 'BLD-02c',
		kind: 'score',
		strength: 1,
		scope: TURNING,
		when: all('weed', not('dirty')),
		prefers: willow,
		needsLight: true,
		because: 'A willow slips through weed, and the water is clear enough to show its flash.',
		speaks: { cover: cover('leafy-weed') },
		silent: { cover: cover('rock') }
	},
	{
		id: 'BLD-03',
		kind: 'score',
		strength: 1,
		scope: TURNING,
		when: any('middling', 'neutral'),
		prefers: { 'blade.style': { indiana: 1 } },
		because: 'For medium clarity or neutral fish, an Indiana is the beat in between.',
		speaks: { visibilityM: 1.35 },
		silent: { visibilityM: 4, mood: 'chasing' }
	},
	{
		id: 'BLD-04',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		when: not(any('dirty', 'cold', 'night')),
		given: notSlow,
		prefers: { layout: TANDEM },
		because: 'At a normal pace two blades give more lift and track straighter than one.',
		speaks: {},
		silent: { visibilityM: 0.5 }
	},
	{
		id: 'BLD-05',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		when: 'on the bottom',
		given: slow,
		prefers: { layout: { single: 1 } },
		because: 'Slow and near the bottom, a single gives one strong thump and stays upright at a crawl.',
		speaks: { fishFromM: 2, fishToM: 3 },
		silent: { fishFromM: 0, fishToM: 1 }
	},
	{
		id: 'BLD-06',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		when: all('big silver bait', not(any('cold', 'sluggish'))),
		orGiven: { pace: { burn: 1 } },
		prefers: { layout: { 'double-willow': 1 } },
		because:
			'Burned, or around big silver bait, double willows flash and lift most, ride high and knock when you pause.',
		speaks: { forage: eats('silver-baitfish', 5) },
		silent: { forage: eats('silver-baitfish', 5), mood: 'sluggish' }
	},
	{
		id: 'BLD-07',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		split: 'ALLROUND/colorado-willow',
		when: GRASS_AND_BAIT,
		prefers: { layout: { 'colorado-willow': 1 } },
		because: 'In grass with smaller bait, a Colorado ahead of a willow is the all-round pair.',
		speaks: { cover: cover('grass-tops'), forage: eats('perch', 2.5) },
		silent: { cover: cover('grass-tops'), forage: eats('silver-baitfish', 5) }
	},
	{
		id: 'BLD-07b',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		split: 'ALLROUND/indiana',
		when: GRASS_AND_BAIT,
		prefers: { layout: { 'colorado-indiana': 1, 'indiana-willow': 1 } },
		because: 'In grass with smaller bait, put an Indiana on the wire, front or rear.',
		speaks: { cover: cover('grass-tops'), forage: eats('perch', 2.5) },
		silent: { cover: cover('grass-tops'), forage: eats('silver-baitfish', 5) }
	},
	{
		id: 'BLD-07c',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		split: 'ALLROUND/double-willow',
		when: GRASS_AND_BAIT,
		prefers: { layout: { 'double-willow': 1 } },
		because: 'Over grass with smaller bait, use two willows.',
		speaks: { cover: cover('grass-tops'), forage: eats('perch', 2.5) },
		silent: { cover: cover('grass-tops'), forage: eats('silver-baitfish', 5) }
	},
	{
		id: 'BLD-08',
		kind: 'score',
		strength: 2,
		scope: TURNING,
		when: all(any(all('fall', 'silver bait', not('cold')), 'small bait'), not('dirty')),
		prefers: { 'blade.size': { small: 1 } },
		because: 'Around silver bait in fall, or any small bait, small blades run deeper and faster.',
		speaks: { phase: 'fall', forage: eats('silver-baitfish') },
		silent: { phase: 'fall' }
	},
	{
		id: 'BLD-08b',
		kind: 'score',
		strength: 2,
		scope: TURNING,
		when: any('big bait', all('pre-spawn', not('pressured'))),
		prefers: { 'blade.size': { big: 1 } },
		because: 'In spring, or around big bait, big blades slow the lure down and lift it.',
		speaks: { phase: 'pre-spawn' },
		silent: { phase: 'fall' }
	},
	{
		id: 'BLD-08c',
		kind: 'score',
		strength: 2,
		scope: TURNING,
		when: all('dirty', not('fry')),
		prefers: { 'blade.style': { colorado: 1, indiana: 0.5 }, 'blade.size': { big: 1 } },
		because: 'In dirty water big Colorados slow the lure down, lift it and are easy to feel.',
		speaks: { visibilityM: 0.5 },
		silent: { visibilityM: 2 }
	},
	{
		id: 'BLD-09',
		kind: 'score',
		strength: 2,
		scope: TURNING,
		when: all(any('silver bait', 'golden shiner'), not(any('sluggish', 'dirty'))),
		relation: 'near-forage',
		needsLight: true,
		because: 'Match the length of a willow or Indiana to what bass are eating.',
		speaks: { forage: eats('silver-baitfish') },
		silent: { forage: eats('silver-baitfish'), mood: 'sluggish' }
	},
	{
		id: 'BLD-09b',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		when: all('big sunfish', 'warm', not(any('sluggish', 'pressured'))),
		prefers: { 'blade.style': { willow: 1 }, 'blade.size': { big: 1 } },
		needsLight: true,
		because: 'Big, tall-bodied bait calls for a big willow.',
		speaks: { forage: eats('sunfish', 5) },
		silent: { forage: eats('sunfish', 2) }
	},
	{
		id: 'BLD-10',
		kind: 'score',
		strength: 3,
		scope: SPINNERBAIT,
		when: all('baitfish spawn', 'dirty'),
		prefers: { 'blade.style': { willow: 1 }, 'blade.size': { big: 1 } },
		silences: ['BLD-01', 'BLD-08c', 'BLD-13b', 'BLD-22', 'SKT-03', 'FIN-02'],
		because: 'Bait is spawning: even in dirty water its shape counts most, so use big willows.',
		speaks: { events: ['baitfish-spawn'], visibilityM: 0.5 },
		silent: { visibilityM: 0.5 }
	},
	{
		id: 'BLD-11',
		kind: 'advice',
		strength: 1,
		scope: SPINNERBAIT,
		when: 'clear',
		given: { 'blade.style': { willow: 1, indiana: 1 } },
		because: 'If your usual choice fails in clear water, wake or crawl a Colorado: they rarely hear that beat.',
		speaks: { visibilityM: 3 },
		silent: { visibilityM: 1 }
	},
	{
		id: 'BLD-12',
		kind: 'score',
		strength: 2,
		scope: TURNING,
		when: 'deep',
		prefers: { 'blade.style': { willow: 1 }, 'blade.size': { small: 1 } },
		because: 'In deep water use small willows, which lift little.',
		speaks: { bottomM: 8, fishFromM: 6, fishToM: 8 },
		silent: { bottomM: 2 }
	},
	{
		id: 'BLD-13',
		kind: 'score',
		strength: 1,
		scope: SPINNERBAIT,
		split: 'MUD-BLADE/knock',
		when: 'mud',
		prefers: { layout: { 'double-willow': 1 }, 'blade.size': { big: 1 } },
		because: 'In fast-fished mud use big double willows, burned and paused so that the blades knock.',
		speaks: { stain: 'mud', visibilityM: 0.3 },
		silent: { visibilityM: 2 }
	},
	{
		id: 'BLD-13a',
		kind: 'score',
		strength: 1,
		scope: SPINNERBAIT,
		split: 'MUD-BLADE/knock',
		when: 'mud',
		prefers: { 'retrieve.style': { 'burn-pause': 1 } },
		because: 'Burn and pause: the knock is what carries in mud.',
		speaks: { stain: 'mud', visibilityM: 0.3 },
		silent: { visibilityM: 2 }
	},
	{
		id: 'BLD-13b',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		split: 'MUD-BLADE/thump',
		when: 'mud',
		prefers: colorado,
		because: 'In mud use a Colorado, single or double.',
		speaks: { stain: 'mud', visibilityM: 0.3 },
		silent: { visibilityM: 2 }
	},
	{
		id: 'BLD-14',
		kind: 'score',
		strength: 2,
		scope: BLADED_JIG,
		when: any('mud', all('dirty', 'pre-spawn'), all('big-fish goal', not('pressured'))),
		prefers: { 'blade.style': { oversized: 1 } },
		because: 'In mud, in dirty water before the spawn, or for a big fish, an oversized blade moves more water.',
		speaks: { goal: 'big' },
		silent: { goal: 'big', pressure: 'high' }
	},
	{
		id: 'BLD-15',
		kind: 'score',
		strength: 2,
		scope: BUZZBAIT,
		when: any('post-spawn', 'weed', 'windy'),
		prefers: { 'blade.size': { big: 1 } },
		because:
			'In later spring, grass or wind use a big buzz blade: the commotion comes from the blade’s size, not the weight.',
		speaks: { phase: 'post-spawn' },
		silent: { phase: 'late-summer' }
	},
	{
		id: 'BLD-15b',
		kind: 'score',
		strength: 2,
		scope: BUZZBAIT,
		when: any(all('clear', 'open'), 'late summer'),
		prefers: { 'blade.size': { small: 1 } },
		because: 'In clear, open water, or late in summer, use a small buzz blade.',
		speaks: { phase: 'late-summer' },
		silent: { phase: 'spawn' }
	},
	{
		id: 'BLD-15c',
		kind: 'score',
		strength: 2,
		scope: BUZZBAIT,
		when: any('sluggish', 'calm'),
		prefers: { 'blade.style': { 'prop-3': 0.5, 'prop-4': 1 } },
		because: 'Extra wings keep it up at a slower pace, with a soft trail of small bubbles.',
		speaks: { mood: 'sluggish' },
		silent: { mood: 'chasing', wind: 'chop' }
	},
	{
		id: 'BLD-16',
		kind: 'score',
		strength: 2,
		scope: BUZZBAIT,
		when: any('dirty', 'thick cover', 'windy'),
		prefers: { noise: { squeak: 1, clack: 1 } },
		because: 'In dirty water, heavy cover or wind, a squeak or clack calls bass from farther away.',
		speaks: { ...rough },
		silent: { visibilityM: 2 }
	},
	{
		id: 'BLD-16b',
		kind: 'score',
		strength: 2,
		scope: BUZZBAIT,
		when: all('clear', 'shallow', not('windy')),
		prefers: { noise: { quiet: 1 } },
		because: 'Clear, shallow water calls for a quiet blade.',
		speaks: { visibilityM: 3, bottomM: 1.2 },
		silent: { visibilityM: 0.5, bottomM: 1.2 }
	},
	{
		id: 'BLD-17',
		kind: 'score',
		strength: 1,
		scope: UNDERSPIN,
		when: any('cold', 'sluggish'),
		prefers: { 'blade.style': { colorado: 0.5, indiana: 1 } },
		because: 'The blade must start at your slowest crank and clear the head.',
		speaks: { mood: 'sluggish' },
		silent: { mood: 'chasing' }
	},
	{
		id: 'BLD-18',
		kind: 'score',
		strength: 1,
		tier: 'finish',
		scope: SPINNERBAIT,
		when: 'always',
		given: { wire: { heavy: 1 } },
		prefers: { 'blade.thickness': { thin: 1 } },
		because: 'Thin blades bring back the vibration that heavy wire takes away.',
		speaks: {},
		silent: null
	},
	{
		id: 'BLD-19',
		kind: 'advice',
		strength: 1,
		scope: SPINNERBAIT,
		when: 'dirty',
		because: 'An upper arm bent off-center on purpose adds vibration; leave it that way.',
		speaks: { visibilityM: 0.5 },
		silent: { visibilityM: 2 }
	},
	{
		id: 'BLD-20',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		when: all('cold', 'pond'),
		prefers: { layout: { 'colorado-indiana': 1 } },
		because: 'A cold pond calls for an Indiana with a Colorado.',
		speaks: { waterTemperatureC: 8, place: 'pond' },
		silent: { waterTemperatureC: 8, place: 'lake' }
	},
	{
		id: 'BLD-21',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		when: all('short cast', 'hard cover in reach'),
		prefers: colorado,
		because: 'On short, accurate casts to targets a Colorado works at once.',
		speaks: { castM: 15, cover: cover('wood') },
		silent: { castM: 35, cover: cover('wood') }
	},
	{
		id: 'BLD-21b',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		when: all('long cast', not('dirty')),
		prefers: willow,
		needsLight: true,
		because: 'For long, searching casts use a willow.',
		speaks: { castM: 35 },
		silent: { castM: 15 }
	},
	{
		id: 'BLD-22',
		kind: 'score',
		strength: 1,
		scope: SPINNERBAIT,
		when: all('crystal', not('cold')),
		prefers: { 'blade.style': { willow: 1, colorado: -1 } },
		needsLight: true,
		because: 'In very clear water that isn’t cold, use less thump: it can spoil what they see.',
		speaks: { visibilityM: 5 },
		silent: { visibilityM: 2 }
	},
	{
		id: 'BLD-23',
		kind: 'score',
		strength: 1,
		scope: SPINNERBAIT,
		when: not('dirty'),
		given: colorado,
		prefers: { 'blade.size': { '3-4': 1 } },
		needsLight: true,
		because: 'In ordinary water a size 3 or 4 Colorado is right.',
		speaks: { visibilityM: 2 },
		silent: { visibilityM: 0.4 }
	},
	{
		id: 'BLD-23b',
		kind: 'score',
		strength: 1,
		scope: SPINNERBAIT,
		when: all('dirty', not('fry')),
		given: colorado,
		prefers: { 'blade.size': { '5-6': 1 } },
		because: 'In dirty water a size 5 or 6 Colorado is right.',
		speaks: { visibilityM: 0.4 },
		silent: { visibilityM: 2 }
	},
	{
		id: 'BLD-23c',
		kind: 'score',
		strength: 1,
		scope: SPINNERBAIT,
		when: any('fall', 'small bait'),
		given: willow,
		prefers: { 'blade.size': { '3-4': 1 } },
		because: 'For speed in fall, or small bait, use a size 3 or 4 willow.',
		speaks: { phase: 'fall' },
		silent: { phase: 'spawn' }
	},
	{
		id: 'BLD-23d',
		kind: 'score',
		strength: 1,
		scope: SPINNERBAIT,
		when: 'big bait',
		given: willow,
		prefers: { 'blade.size': { '5-7': 1 } },
		because: 'For big bait use a size 5 to 7 willow.',
		speaks: { forage: eats('silver-baitfish', 5) },
		silent: { forage: eats('silver-baitfish', 2) }
	},
	{
		id: 'BLD-24',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		when: 'always',
		given: { weight: { '0.1-0.26': 1 } },
		prefers: { 'blade.size': { big: -1 } },
		because: 'Big blades roll a head of 1/4 oz or less.',
		speaks: {},
		silent: null
	},
	{
		id: 'BLD-25',
		kind: 'score',
		strength: 2,
		scope: TURNING,
		when: all('pressured', not('dirty')),
		prefers: { 'blade.size': { 'one size down': 1, small: 0.6 } },
		because: 'In pressured water that isn’t dirty, go down a blade size.',
		speaks: { pressure: 'high' },
		silent: { pressure: 'high', visibilityM: 0.5 }
	},
	{
		id: 'BLD-26',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		when: all('dirty', any('cold', 'sluggish', 'thick')),
		prefers: { layout: { single: 1, 'double-colorado': 0.6 } },
		because: 'In dirty water with cold, sluggish fish or thick cover, use one blade with one strong thump.',
		speaks: { visibilityM: 0.5, mood: 'sluggish' },
		silent: { visibilityM: 0.5, mood: 'chasing' }
	},
	{
		id: 'BLD-28',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		when: all(any('cold', 'sluggish'), not('clear')),
		prefers: { layout: { single: 1, 'colorado-willow': 0.7, 'colorado-indiana': 0.7 } },
		because:
			'In cold water, or for sluggish fish that see little, use a single, or a Colorado in front of another blade.',
		speaks: { mood: 'sluggish' },
		silent: { mood: 'sluggish', visibilityM: 4 }
	},
	{
		id: 'BLD-29',
		kind: 'score',
		strength: 2,
		scope: BLADED_JIG,
		when: any('clear', all('calm', 'pressured')),
		prefers: { 'blade.style': { oversized: -1 } },
		because: 'In clear water, or calm, pressured water, an oversized blade is too much.',
		speaks: { visibilityM: 4 },
		silent: { visibilityM: 1 }
	},
	{
		id: 'BLD-30',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		when: 'cold',
		prefers: { 'blade.style': { colorado: 1, indiana: 1, willow: -1 } },
		because: 'In cold water a Colorado or Indiana turns slowly and holds up the lure; a willow needs more speed.',
		speaks: { waterTemperatureC: 7 },
		silent: { waterTemperatureC: 16 }
	},
	{
		id: 'BLD-31',
		kind: 'score',
		strength: 3,
		scope: SPINNERBAIT,
		when: 'water for a burn',
		given: { pace: { burn: 1 } },
		prefers: { layout: { 'double-willow': 1 } },
		because: 'For a real burn use two willows: they run straight and stay down.',
		speaks: BURN_WATER,
		silent: { visibilityM: 1 }
	},
	{
		id: 'BLD-31b',
		kind: 'score',
		strength: 3,
		scope: SPINNERBAIT,
		when: 'water for a burn',
		given: { pace: { burn: 1 } },
		prefers: { 'blade.style': { colorado: -1 } },
		because: 'A Colorado pulls a burned lure over on its side.',
		speaks: BURN_WATER,
		silent: { visibilityM: 1 }
	},
	{
		id: 'BLD-32',
		kind: 'score',
		strength: 2,
		scope: TURNING,
		when: any(all('clear', 'calm'), all('clear', 'smallmouth')),
		prefers: { 'blade.size': { big: -1 } },
		because: 'In clear, calm water, or for smallmouth that see well, big blades are too much.',
		speaks: { visibilityM: 3, wind: 'calm' },
		silent: { visibilityM: 1, wind: 'calm' }
	},
	{
		id: 'BLD-33',
		kind: 'score',
		strength: 1,
		scope: TURNING,
		when: all('big-fish goal', 'dirty'),
		prefers: { 'blade.size': { small: -1 } },
		because: 'Where bass see little, a big one won’t find small blades.',
		speaks: { goal: 'big', visibilityM: 0.5 },
		silent: { goal: 'big', visibilityM: 2 }
	},
	{
		id: 'BLD-34',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		when: not(any('dirty', 'baitfish spawn', 'big bait')),
		prefers: { 'blade.size': { 'willow 6-7': -1 } },
		because: 'A size 6 or 7 willow is for big bait, spawning bait or dirty water.',
		speaks: { visibilityM: 2 },
		silent: { visibilityM: 0.5 }
	},
	{
		id: 'BLD-34b',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		when: 'always',
		prefers: { 'blade.size': { 'colorado 6-7': -1 } },
		because: 'A size 5 is big enough: a 6 or 7 Colorado or Indiana drags more than it calls.',
		speaks: {},
		silent: null
	},
	{
		id: 'BLD-34c',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		when: not(any('dirty', 'baitfish spawn')),
		prefers: { 'blade.size': { 'willow 7': -1 } },
		because: 'A size 7 willow is for spawning bait or dirty water, nothing else.',
		speaks: { visibilityM: 2 },
		silent: { visibilityM: 0.5 }
	},
	{
		id: 'BLD-35',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		when: 'seen under half a meter',
		prefers: { layout: { single: -1 }, 'blade.style': willow['blade.style'] },
		because: 'In water this dirty a single willow has neither thump nor flash.',
		speaks: { visibilityM: 0.4 },
		silent: { visibilityM: 1 }
	},
	{
		id: 'BLD-36',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		when: all('fall', 'chasing', 'silver bait', not('bait over three and a half inches')),
		given: willow,
		prefers: { 'blade.size': { 'rear 3-4': 1 } },
		silences: ['BLD-09'],
		because: 'For a fast chase in fall on small bait use a size 3 to 4 rear willow.',
		speaks: { phase: 'fall', mood: 'chasing', forage: eats('silver-baitfish', 2) },
		silent: { phase: 'fall', mood: 'chasing', forage: eats('silver-baitfish', 5) }
	},
	{
		id: 'BLD-37',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		when: all('beyond two meters', not('dirty')),
		prefers: { 'blade.size': { 'rear over 4.5': -1 } },
		because: 'Deeper than about 6 ft, a big rear blade keeps the lure from getting down.',
		speaks: { bottomM: 5, fishFromM: 3, fishToM: 4 },
		silent: { bottomM: 1.2 }
	},
	{
		id: 'BLD-38',
		kind: 'score',
		strength: 1,
		scope: SPINNERBAIT,
		when: all('big-fish goal', not('small bait')),
		given: { layout: MIXED },
		prefers: { 'blade.size': { 'rear 4.5-5': 1 } },
		because: 'For a big fish put a size 4.5 or 5 behind a 3, not a pair of big ones.',
		speaks: { goal: 'big' },
		silent: { goal: 'balance' }
	},
	{
		id: 'BLD-39',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		when: not(any('small bait', 'big bait', 'pressured')),
		given: { layout: MIXED },
		prefers: { 'blade.size': { 'usual pair': 1 } },
		because: 'The usual pair is a size 3 in front of a 4 to 5.',
		speaks: {},
		silent: { pressure: 'high' }
	},
	{
		id: 'BLD-40',
		kind: 'score',
		strength: 1,
		scope: SPINNERBAIT,
		when: 'post-spawn',
		prefers: { 'blade.size': { small: 1 } },
		because: 'In the weeks after the spawn use small blades: bass guard and eat fry.',
		speaks: { phase: 'post-spawn' },
		silent: { phase: 'spawn' }
	}
];
