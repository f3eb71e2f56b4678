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
		because: 'Dirty water: a Colorado turns slowest and beats hardest.',
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
		because: 'Cold water: a Colorado still turns at a crawl.',
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
		because: 'Clear water: a willow turns fastest and flashes most.',
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
		because: 'Warm with chasing fish, or a fast retrieve: a willow keeps up and stays true.',
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
		because: 'A willow slips through weed, where the water lets its flash be seen.',
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
		because: 'Middling clarity or neutral fish: an Indiana is the middle beat.',
		speaks: { visibilityM: 1.35 },
		silent: { visibilityM: 4, mood: 'chasing' }
	},
	{
		id: 'BLD-04',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		when: 'always',
		given: notSlow,
		prefers: { layout: TANDEM },
		because: 'Not slow: a tandem lifts more and runs steadier than a single.',
		speaks: {},
		silent: null
	},
	{
		id: 'BLD-05',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		when: 'on the bottom',
		given: slow,
		prefers: { layout: { single: 1 } },
		because: 'Slow and on the bottom: a single gives one strong beat and stays upright at a crawl.',
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
		because: 'Burned, or big silver bait: double willows flash and lift most, ride high and knock when paused.',
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
		because: 'Grass and smaller bait: a Colorado before a willow, the all-rounder.',
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
		because: 'Grass and smaller bait: an Indiana on the wire, before or behind.',
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
		because: 'Over grass with smaller bait wear two willows.',
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
		because: 'Fall on silver bait, or small bait: small blades run deeper and faster.',
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
		because: 'Spring or big bait: big blades slow it and lift it.',
		speaks: { phase: 'pre-spawn' },
		silent: { phase: 'fall' }
	},
	{
		id: 'BLD-08c',
		kind: 'score',
		strength: 2,
		scope: TURNING,
		when: 'dirty',
		prefers: { 'blade.style': { colorado: 1, indiana: 0.5 }, 'blade.size': { big: 1 } },
		because: 'Dirty water: big Colorados slow it, lift it and are felt.',
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
		because: 'Willow or Indiana about as long as what they eat.',
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
		because: 'Tall-bodied large bait asks for a big willow.',
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
		because: 'Baitfish are spawning: the shape being eaten beats the dirt, so big willows even so.',
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
		because: 'If the usual choice fails in clear water, wake or crawl a Colorado: the unusual beat.',
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
		because: 'Deep water: wear small willows, which lift little.',
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
		because: 'Mud fished fast: big double willows, burned and paused so that the blades knock.',
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
		because: 'In mud turn a Colorado, single or double.',
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
		because: 'Mud, dirty water before the spawn, or a big fish: the oversized blade moves water.',
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
		because: 'Later spring, grass or wind: a big buzz blade; disturbance follows blade size, not weight.',
		speaks: { phase: 'post-spawn' },
		silent: { phase: 'late-summer' }
	},
	{
		id: 'BLD-15b',
		kind: 'score',
		strength: 2,
		scope: BUZZBAIT,
		when: any('clear', 'calm', 'late summer'),
		prefers: { 'blade.size': { small: 1 } },
		because: 'Clear, calm, or late summer: a small buzz blade.',
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
		because: 'Extra wings stay up slower, with many small bubbles, softly.',
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
		because: 'Dirty water, heavy cover, wind: squeak or clack calls from afar.',
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
		because: 'Clear thin water asks for a quiet blade.',
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
		because: 'It must start at the slowest crank, well clear of the head.',
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
		because: 'Thin blades win back the vibration that heavy wire takes.',
		speaks: {},
		silent: null
	},
	{
		id: 'BLD-19',
		kind: 'advice',
		strength: 1,
		scope: SPINNERBAIT,
		when: 'dirty',
		because: 'A deliberately offset upper arm adds vibration; do not tune it out.',
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
		because: 'A cold pond takes an Indiana with a Colorado.',
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
		because: 'Short accurate casts to objects: a Colorado works at once.',
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
		because: 'Long searching casts want a willow.',
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
		because: 'Crystal and not cold: less beat, it can spoil what is seen.',
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
		because: 'Ordinary water takes a Colorado of 3 to 4.',
		speaks: { visibilityM: 2 },
		silent: { visibilityM: 0.4 }
	},
	{
		id: 'BLD-23b',
		kind: 'score',
		strength: 1,
		scope: SPINNERBAIT,
		when: 'dirty',
		given: colorado,
		prefers: { 'blade.size': { '5-6': 1 } },
		because: 'Dirty water takes a Colorado of 5 to 6.',
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
		because: 'For speed in fall and small bait take a willow of 3 to 4.',
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
		because: 'Big bait takes a willow of 5 to 7.',
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
		prefers: { 'blade.size': { small: 1 } },
		because: 'Hard-fished water that is not dirty: a size down.',
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
		because: 'Dirty with cold, sluggish or thick: one blade, one strong beat.',
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
		because: 'Cold or sluggish where they see little: a single, or a Colorado ahead of another.',
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
		because: 'Clear water, or calm and hard-fished: the oversized blade is too much.',
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
		because: 'Cold: a Colorado or Indiana turns slowly and holds up; a willow must be hurried.',
		speaks: { waterTemperatureC: 7 },
		silent: { waterTemperatureC: 16 }
	}
];
