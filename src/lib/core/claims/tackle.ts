import { all, any, not } from '../reading/words';
import { BLADED_JIG, BUZZBAIT, SPINNERBAIT, SUNKEN, UNDERSPIN, WIRE, type Claim } from './claim';
import { cover, eats } from './examples';

const slowPace = { pace: { slow: 1 } };
const fastPace = { pace: { fast: 1 } };
const thickWeed = { cover: cover('leafy-weed', { density: 'thick' }) };

/** Line, rod and reel. */
export const TACKLE_CLAIMS: readonly Claim[] = [
	{
		id: 'LIN-01',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		when: 'open',
		given: { wire: { '0.033-0.07': 1 } },
		prefers: { line: { 'fluorocarbon 14-17': 1 } },
		because: 'Open water on wire from .033: 14 to 17 lb fluorocarbon.',
		speaks: { cover: cover('open') },
		silent: { cover: cover('wood') }
	},
	{
		id: 'LIN-01b',
		kind: 'score',
		strength: 3,
		when: any('wood', 'dock', 'timber'),
		prefers: { line: { 'fluorocarbon 16-20': 1, 'mono 16-20': 1 } },
		because: 'Wood, docks or timber: 16 to 20 lb.',
		speaks: { cover: cover('dock') },
		silent: { cover: cover('open') }
	},
	{
		id: 'LIN-01c',
		kind: 'score',
		strength: 3,
		scope: WIRE,
		when: 'thick weed',
		prefers: { line: { 'braid 40-65': 1 } },
		because: 'Thick weed on wire: braid, 40 to 65 lb.',
		speaks: thickWeed,
		silent: { cover: cover('leafy-weed', { density: 'sparse' }) }
	},
	{
		id: 'LIN-02',
		kind: 'score',
		strength: 2,
		scope: BLADED_JIG,
		split: 'BJ-LINE/medium',
		when: 'always',
		given: { 'blade.style': { standard: 1 } },
		prefers: { line: { 'fluorocarbon 15-17': 1, 'fluorocarbon 12-14': 0.5 } },
		because: 'Standard blade: about 15 to 17 lb, thinner to run deeper.',
		speaks: {},
		silent: null
	},
	{
		id: 'LIN-02b',
		kind: 'score',
		strength: 2,
		scope: BLADED_JIG,
		split: 'BJ-LINE/heavy',
		when: not('deep'),
		prefers: { line: { 'fluorocarbon 20': 1 } },
		because: '20 lb nearly always.',
		speaks: {},
		silent: { bottomM: 10, fishFromM: 7, fishToM: 9 }
	},
	{
		id: 'LIN-02c',
		kind: 'score',
		strength: 2,
		scope: BLADED_JIG,
		split: 'BJ-LINE/heavy',
		when: 'deep',
		prefers: { line: { 'fluorocarbon 15': 1 } },
		because: '15 lb only to reach depth.',
		speaks: { bottomM: 10, fishFromM: 7, fishToM: 9 },
		silent: {}
	},
	{
		id: 'LIN-03',
		kind: 'score',
		strength: 2,
		scope: BLADED_JIG,
		when: 'always',
		given: { 'blade.style': { oversized: 1 } },
		prefers: { line: { 'fluorocarbon 17-20': 1 } },
		because: 'Oversized blade: 17 to 20 lb.',
		speaks: {},
		silent: null
	},
	{
		id: 'LIN-03b',
		kind: 'score',
		strength: 2,
		scope: BLADED_JIG,
		when: 'always',
		given: { 'blade.style': { clear: 1 } },
		prefers: { line: { 'fluorocarbon 8-15': 1 } },
		because: 'Clear blade: 15 lb or lighter.',
		speaks: {},
		silent: null
	},
	{
		id: 'LIN-04',
		kind: 'score',
		strength: 2,
		scope: BUZZBAIT,
		split: 'BUZZ-LINE/braid',
		when: 'weed',
		prefers: { line: { 'braid 40': 1 } },
		because: 'Buzzbait in grass: braid, 40 lb.',
		speaks: { cover: cover('pads') },
		silent: { cover: cover('rock') }
	},
	{
		id: 'LIN-04b',
		kind: 'score',
		strength: 1,
		scope: BUZZBAIT,
		split: 'BUZZ-LINE/nylon',
		when: 'always',
		prefers: { line: { 'mono 12-15': 1, leader: 1 } },
		because: 'Buzzbait: nylon 12 to 15, or braid with a nylon leader.',
		speaks: {},
		silent: null
	},
	{
		id: 'LIN-05',
		kind: 'advice',
		strength: 2,
		when: 'always',
		because: 'Tie direct, no snap or swivel; a bladed jig has its clip already. Re-tie after fish and scuffs.',
		speaks: {},
		silent: null
	},
	{
		id: 'LIN-06',
		kind: 'score',
		strength: 1,
		scope: BUZZBAIT,
		when: 'always',
		prefers: { line: { mono: 1, braid: 1 } },
		because: 'On top, nylon and braid float.',
		speaks: {},
		silent: null
	},
	{
		id: 'LIN-06b',
		kind: 'score',
		strength: 1,
		scope: SUNKEN,
		when: 'always',
		prefers: { line: { fluorocarbon: 1 } },
		because: 'Fluorocarbon sinks, is hard to see and tells more.',
		speaks: {},
		silent: null
	},
	{
		id: 'LIN-07',
		kind: 'score',
		strength: 1,
		scope: SUNKEN,
		when: 'long cast',
		prefers: { line: { '17-25': 1 } },
		because: 'Thicker line stretches less at range; speed hides it.',
		speaks: { castM: 35 },
		silent: { castM: 20 }
	},
	{
		id: 'LIN-08',
		kind: 'advice',
		strength: 1,
		scope: WIRE,
		when: 'thick weed',
		because: 'Leader: braid to 12-20 lb nylon or fluorocarbon, a rod’s length or less.',
		speaks: thickWeed,
		silent: {}
	},
	{
		id: 'ROD-01',
		kind: 'score',
		strength: 2,
		scope: BLADED_JIG,
		split: 'BJ-ROD/composite',
		when: 'always',
		prefers: { rod: { composite: 1 } },
		because: 'Moderate composite, about 7 ft 2: fish inhale a moving lure and a fast rod pulls it away.',
		speaks: {},
		silent: null
	},
	{
		id: 'ROD-02',
		kind: 'score',
		strength: 1,
		scope: BLADED_JIG,
		split: 'BJ-ROD/graphite',
		when: 'always',
		prefers: { rod: { graphite: 1 } },
		because: 'Graphite for slow, jig-like work and feel.',
		speaks: {},
		silent: null
	},
	{
		id: 'ROD-02b',
		kind: 'score',
		strength: 1,
		scope: BLADED_JIG,
		split: 'BJ-ROD/short',
		when: 'always',
		prefers: { rod: { short: 1 } },
		because: 'Short, about 6 ft 10.',
		speaks: {},
		silent: null
	},
	{
		id: 'ROD-03',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		split: 'SB-ROD/short',
		when: 'always',
		prefers: { rod: { short: 1 } },
		because: 'Short, about 6 ft 10, for accurate underhand casts.',
		speaks: {},
		silent: null
	},
	{
		id: 'ROD-04',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		split: 'SB-ROD/long',
		when: 'always',
		prefers: { rod: { long: 1 } },
		because: 'Long, about 7 ft 4, for distance and a deep bend.',
		speaks: {},
		silent: null
	},
	{
		id: 'ROD-04a',
		kind: 'score',
		strength: 1,
		scope: SPINNERBAIT,
		split: 'SB-ACTION/fast',
		when: 'always',
		prefers: { rod: { fast: 1 } },
		because: 'A fast tip.',
		speaks: {},
		silent: null
	},
	{
		id: 'ROD-04b',
		kind: 'score',
		strength: 1,
		scope: SPINNERBAIT,
		split: 'SB-ACTION/deep',
		when: 'always',
		prefers: { rod: { moderate: 1 } },
		because: 'A deep bend.',
		speaks: {},
		silent: null
	},
	{
		id: 'ROD-05',
		kind: 'score',
		strength: 2,
		when: 'always',
		given: { weight: { '0.1-0.3': 1 } },
		prefers: { rod: { medium: 1 } },
		because: 'A light lure wants medium power.',
		speaks: {},
		silent: null
	},
	{
		id: 'ROD-05b',
		kind: 'score',
		strength: 2,
		when: 'always',
		given: { weight: { '0.31-0.65': 1 } },
		prefers: { rod: { 'medium-heavy': 1 } },
		because: 'Power follows weight: medium-heavy.',
		speaks: {},
		silent: null
	},
	{
		id: 'ROD-05c',
		kind: 'score',
		strength: 2,
		when: 'always',
		given: { weight: { '0.66-2': 1 } },
		prefers: { rod: { heavy: 1, 'medium-heavy': 0.5 } },
		because: 'A heavy lure wants a heavy rod.',
		speaks: {},
		silent: null
	},
	{
		id: 'ROD-06',
		kind: 'score',
		strength: 2,
		when: 'thick cover',
		prefers: { rod: { heavy: 1 } },
		because: 'Thick cover: stiffer.',
		speaks: { cover: cover('wood', { density: 'thick' }) },
		silent: { cover: cover('wood', { density: 'sparse' }) }
	},
	{
		id: 'ROD-06b',
		kind: 'score',
		strength: 2,
		when: 'open',
		prefers: { rod: { medium: 1, 'medium-heavy': 0.5 } },
		because: 'Open water: softer.',
		speaks: { cover: cover('open') },
		silent: { cover: cover('pads') }
	},
	{
		id: 'ROD-07',
		kind: 'score',
		strength: 2,
		scope: BUZZBAIT,
		when: 'always',
		prefers: { rod: { long: 1 } },
		because: 'Buzzbait: long, tip up, the blade turning before it lands.',
		speaks: {},
		silent: null
	},
	{
		id: 'ROD-08',
		kind: 'score',
		strength: 2,
		split: 'GEAR/casting',
		when: 'always',
		prefers: { reel: { casting: 1 } },
		because: 'Baitcasting gear.',
		speaks: {},
		silent: null
	},
	{
		id: 'ROD-08b',
		kind: 'score',
		strength: 1,
		split: 'GEAR/spinning',
		when: 'always',
		given: { weight: { '0.1-0.3': 1 } },
		prefers: { reel: { spinning: 1 } },
		because: 'Spinning gear serves for light lures.',
		speaks: {},
		silent: null
	},
	{
		id: 'REL-01',
		kind: 'score',
		strength: 2,
		scope: SUNKEN,
		split: 'REEL/by-use',
		when: 'always',
		given: slowPace,
		prefers: { reel: { slow: 1 } },
		because: 'Crawl with about 6:1 and it stays low; what counts is length per turn.',
		speaks: {},
		silent: null
	},
	{
		id: 'REL-01b',
		kind: 'score',
		strength: 2,
		scope: SUNKEN,
		split: 'REEL/by-use',
		when: 'always',
		given: { pace: { middle: 1 } },
		prefers: { reel: { middle: 1 } },
		because: '7:1 all-round.',
		speaks: {},
		silent: null
	},
	{
		id: 'REL-01c',
		kind: 'score',
		strength: 2,
		scope: SUNKEN,
		split: 'REEL/by-use',
		when: 'always',
		given: fastPace,
		prefers: { reel: { quick: 1 } },
		because: '8:1 to burn.',
		speaks: {},
		silent: null
	},
	{
		id: 'REL-01d',
		kind: 'score',
		strength: 2,
		scope: BUZZBAIT,
		split: 'REEL/by-use',
		when: 'always',
		prefers: { reel: { quick: 1 } },
		because: '8:1 to buzz: it must be up at once.',
		speaks: {},
		silent: null
	},
	{
		id: 'REL-02',
		kind: 'score',
		strength: 1,
		split: 'REEL/quick',
		when: 'always',
		prefers: { reel: { quick: 1 } },
		because: 'A quick reel sets the hook by winding; a slow one tempts to jerk.',
		speaks: {},
		silent: null
	}
];

/** Retrieve. */
export const RETRIEVE_CLAIMS: readonly Claim[] = [
	{
		id: 'RET-01',
		kind: 'score',
		strength: 2,
		scope: SUNKEN,
		when: any('deep', not('shallow')),
		prefers: { 'retrieve.style': { burn: -1, 'burn-pause': -1 } },
		because: 'Burn only what runs just under the surface: from deep on a long line it only climbs.',
		speaks: { bottomM: 8, fishFromM: 6, fishToM: 8 },
		silent: { bottomM: 1.2 }
	},
	{
		id: 'RET-01b',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		when: 'always',
		given: { pace: { burn: 1 } },
		prefers: { 'retrieve.style': { 'burn-pause': 1, burn: 0.5 } },
		because: 'Burn with brief pauses, so that the blades knock.',
		speaks: {},
		silent: null
	},
	{
		id: 'RET-02',
		kind: 'score',
		strength: 3,
		scope: SUNKEN,
		when: all(any('on the bottom', 'on weed tops'), any('cold', 'sluggish', 'deep')),
		prefers: { 'retrieve.style': { 'slow-roll': 1 } },
		because: 'Low, with cold, sluggish or deep fish: slow-roll, just fast enough to turn the blades.',
		speaks: { waterTemperatureC: 7 },
		silent: { waterTemperatureC: 18 }
	},
	{
		id: 'RET-03',
		kind: 'score',
		strength: 2,
		scope: SUNKEN,
		when: any('wood', 'rock'),
		prefers: { 'retrieve.style': { deflect: 1 } },
		because: 'Hit wood and rock; bites follow the stumble.',
		speaks: { cover: cover('wood') },
		silent: { cover: cover('pads') }
	},
	{
		id: 'RET-04',
		kind: 'score',
		strength: 1,
		scope: SUNKEN,
		when: 'always',
		prefers: { 'retrieve.style': { steady: 1 } },
		because: 'Steady is the beginning of everything.',
		speaks: {},
		silent: null
	},
	{
		id: 'RET-04a',
		kind: 'plan',
		strength: 1,
		scope: SUNKEN,
		when: 'always',
		because: 'Two or three small pops a cast.',
		speaks: {},
		silent: null
	},
	{
		id: 'RET-05',
		kind: 'score',
		strength: 2,
		scope: BLADED_JIG,
		split: 'BJ-RETRIEVE/lift-drop',
		when: any('weed pockets', 'weed edge'),
		prefers: { 'retrieve.style': { 'lift-drop': 1 } },
		because: 'Lift and drop it in the pockets.',
		speaks: { cover: cover('leafy-weed', { form: 'pockets' }) },
		silent: { cover: cover('rock') }
	},
	{
		id: 'RET-05b',
		kind: 'score',
		strength: 2,
		scope: BLADED_JIG,
		split: 'BJ-RETRIEVE/steady',
		when: all('summer', any('grass tops', 'shell')),
		prefers: { 'retrieve.style': { steady: 1, 'slow-roll': 0.5 } },
		because: 'Slow and steady over summer grass tops or shell.',
		speaks: { phase: 'summer', cover: cover('shell') },
		silent: { phase: 'spawn', cover: cover('shell') }
	},
	{
		id: 'RET-05c',
		kind: 'score',
		strength: 2,
		scope: BLADED_JIG,
		when: 'rock',
		prefers: { 'retrieve.style': { 'lift-drop': -1 } },
		because: 'Not lift and drop in snaggy rock.',
		speaks: { cover: cover('rock') },
		silent: { cover: cover('pads') }
	},
	{
		id: 'RET-06',
		kind: 'score',
		strength: 1,
		scope: SPINNERBAIT,
		when: all('at the surface', any('chasing', 'low light')),
		prefers: { 'retrieve.style': { wake: 1 } },
		because: 'They are at the top: wake it.',
		speaks: { mood: 'chasing' },
		silent: { fishFromM: 1 }
	},
	{
		id: 'RET-07',
		kind: 'plan',
		strength: 1,
		scope: SPINNERBAIT,
		when: 'deep',
		because: 'Straight below the boat: helicopter it down, or jig it.',
		speaks: { bottomM: 8, fishFromM: 6, fishToM: 8 },
		silent: {}
	},
	{
		id: 'RET-08',
		kind: 'plan',
		strength: 1,
		scope: SUNKEN,
		when: 'ditch',
		because: 'Several phases in one cast: fast, fall, jig.',
		speaks: { cover: cover('ditch') },
		silent: {}
	},
	{
		id: 'RET-09',
		kind: 'plan',
		strength: 2,
		when: 'weed',
		because: 'Weed on it: twitch.',
		speaks: { cover: cover('leafy-weed') },
		silent: {}
	},
	{
		id: 'RET-09a',
		kind: 'plan',
		strength: 2,
		split: 'WEED-PULL/reel',
		when: 'weed',
		because: 'Hung in weed: lean on it with the reel.',
		speaks: { cover: cover('leafy-weed') },
		silent: {}
	},
	{
		id: 'RET-09b',
		kind: 'plan',
		strength: 2,
		split: 'WEED-PULL/rip',
		when: 'weed',
		because: 'Hung in weed: rip it free.',
		speaks: { cover: cover('leafy-weed') },
		silent: {}
	},
	{
		id: 'RET-10',
		kind: 'plan',
		strength: 2,
		when: 'weed',
		because: 'Grass: tip up, line at about 45 degrees.',
		speaks: { cover: cover('grass-tops') },
		silent: {}
	},
	{
		id: 'RET-10b',
		kind: 'plan',
		strength: 2,
		when: any('wood', 'rock', 'dock', 'timber'),
		because: 'Hugging objects: tip down.',
		speaks: { cover: cover('dock') },
		silent: {}
	},
	{
		id: 'RET-11',
		kind: 'score',
		strength: 2,
		scope: BUZZBAIT,
		when: 'always',
		prefers: { pace: { slow: 1 } },
		because: 'A buzzbait as slow as it stays up.',
		speaks: {},
		silent: null
	},
	{
		id: 'RET-12',
		kind: 'plan',
		strength: 1,
		split: 'VARY/vary',
		when: 'always',
		because: 'Vary it until they answer.',
		speaks: {},
		silent: null
	},
	{
		id: 'RET-12b',
		kind: 'plan',
		strength: 1,
		split: 'VARY/steady',
		when: 'always',
		because: 'Plain steady is enough.',
		speaks: {},
		silent: null
	},
	{
		id: 'RET-13',
		kind: 'score',
		strength: 2,
		scope: SUNKEN,
		when: any('pre-spawn', 'spawn'),
		prefers: slowPace,
		because: 'Spring: slow.',
		speaks: { phase: 'pre-spawn' },
		silent: { phase: 'fall' }
	},
	{
		id: 'RET-14',
		kind: 'score',
		strength: 2,
		scope: SUNKEN,
		split: 'FALL-SPEED/slow',
		when: 'fall',
		prefers: slowPace,
		because: 'Fall: after a front they bury in weed; crawl over tops and edges.',
		speaks: { phase: 'fall' },
		silent: { phase: 'summer' }
	},
	{
		id: 'RET-15',
		kind: 'plan',
		strength: 1,
		when: all('clear', 'follows'),
		because: 'Clear-water followers turn back from a fast surface lure: slow it.',
		speaks: { visibilityM: 3, answers: ['follows'] },
		silent: { visibilityM: 3 }
	},
	{
		id: 'RET-16',
		kind: 'score',
		strength: 2,
		scope: SUNKEN,
		when: any('cold', 'sluggish'),
		prefers: slowPace,
		because: 'Cold or sluggish: slow.',
		speaks: { mood: 'sluggish' },
		silent: { mood: 'neutral' }
	},
	{
		id: 'RET-17',
		kind: 'score',
		strength: 2,
		scope: SUNKEN,
		when: any('warm', 'chasing'),
		prefers: fastPace,
		because: 'Warm or chasing: fast.',
		speaks: { mood: 'chasing' },
		silent: { waterTemperatureC: 14, mood: 'neutral' }
	},
	{
		id: 'RET-17b',
		kind: 'plan',
		strength: 2,
		scope: UNDERSPIN,
		when: all('cold', 'silver bait'),
		because: 'Underspin: slow, in touch with the bottom, shallow end to deep.',
		speaks: { waterTemperatureC: 7, forage: eats('silver-baitfish') },
		silent: {}
	}
];
