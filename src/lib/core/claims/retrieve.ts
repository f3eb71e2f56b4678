import { all, any, not } from '../water/reading/conditions';
import { BLADED_JIG, BUZZBAIT, SPINNERBAIT, SUNKEN, UNDERSPIN, type Claim } from './claim';
import { cover, eats } from './examples';

const slowPace = { pace: { slow: 1 } };

/** Retrieve. */
export const RETRIEVE_CLAIMS: readonly Claim[] = [
	{
		id: 'RET-01',
		kind: 'score',
		strength: 2,
		scope: SUNKEN,
		when: not('shallow'),
		prefers: { 'retrieve.style': { burn: -1, 'burn-pause': -1 } },
		because: 'Burn only what runs just under the surface: from deep on a long line it just climbs.',
		speaks: { bottomM: 8, fishFromM: 6, fishToM: 8 },
		silent: { bottomM: 1.2 }
	},
	{
		id: 'RET-01b',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		when: 'clear',
		given: { pace: { burn: 1 } },
		prefers: { 'retrieve.style': { 'burn-pause': 1, burn: 0.5 } },
		because: 'Burn it with brief pauses, so that the blades knock.',
		speaks: { visibilityM: 3 },
		silent: { visibilityM: 1.2 }
	},
	{
		id: 'RET-02',
		kind: 'score',
		strength: 2,
		scope: SUNKEN,
		when: all(any('on the bottom', 'on weed tops'), not('chasing')),
		given: slowPace,
		prefers: { 'retrieve.style': { 'slow-roll': 1 } },
		because: 'Fish on the bottom or on weed tops: slow-roll, just fast enough to turn the blades.',
		speaks: { waterTemperatureC: 7 },
		silent: { waterTemperatureC: 18, mood: 'chasing' }
	},
	{
		id: 'RET-03',
		kind: 'score',
		strength: 2,
		scope: SUNKEN,
		when: 'hard cover in reach',
		prefers: { 'retrieve.style': { deflect: 1 } },
		because: 'Hit wood, rock, docks and shell: bites come as it bounces off.',
		speaks: { cover: cover('wood') },
		silent: { cover: cover('pads') }
	},
	{
		id: 'RET-03b',
		kind: 'advice',
		topic: 'retrieve',
		strength: 1,
		scope: SUNKEN,
		when: 'grass tops',
		because: 'Over grass let it tick the tops and pull it free.',
		speaks: { cover: cover('grass-tops') },
		silent: { cover: cover('rock') }
	},
	{
		id: 'RET-18',
		kind: 'score',
		strength: 3,
		scope: SUNKEN,
		when: not('hard cover in reach'),
		prefers: { 'retrieve.style': { deflect: -1 } },
		because: 'There is nothing hard to bump into here.',
		speaks: { cover: cover('pads') },
		silent: { cover: cover('wood') }
	},
	{
		id: 'RET-19',
		kind: 'score',
		strength: 2,
		scope: SUNKEN,
		when: any('chasing', 'pads', 'wood', 'timber', 'dock', not('low in the water')),
		prefers: { 'retrieve.style': { 'lift-drop': -1 } },
		because: 'For chasing fish, in mid-water, or in pads, wood or docks, don’t lift and drop.',
		speaks: { mood: 'chasing' },
		silent: {}
	},
	{
		id: 'RET-20',
		kind: 'score',
		strength: 2,
		scope: SUNKEN,
		when: any('cold', 'sluggish', not('clear'), 'night'),
		prefers: { 'retrieve.style': { burn: -1, 'burn-pause': -1 } },
		because: 'Don’t burn it in cold or stained water, at night or for sluggish fish.',
		speaks: { mood: 'sluggish' },
		silent: { visibilityM: 3 }
	},
	{
		id: 'RET-21',
		kind: 'score',
		strength: 2,
		scope: SUNKEN,
		when: any('cold', 'sluggish'),
		prefers: { 'retrieve.style': { 'slow-roll': 1, deflect: 0.8, steady: 0.3 } },
		because: 'In cold water or for sluggish fish, slow-roll it or bump it along.',
		speaks: { mood: 'sluggish' },
		silent: { visibilityM: 2 }
	},
	{
		id: 'RET-23',
		kind: 'score',
		strength: 3,
		scope: [...BLADED_JIG, ...UNDERSPIN],
		when: 'wood not sparse in reach',
		prefers: { 'retrieve.style': { deflect: -1 } },
		because: 'Don’t bump an open hook through wood: run it steadily above.',
		speaks: { cover: cover('wood') },
		silent: { cover: cover('wood', { density: 'sparse' }) }
	},
	{
		id: 'RET-04',
		kind: 'score',
		strength: 1,
		scope: SUNKEN,
		when: 'always',
		prefers: { 'retrieve.style': { steady: 1 } },
		because: 'Start with a steady retrieve.',
		speaks: {},
		silent: null
	},
	{
		id: 'RET-04a',
		kind: 'plan',
		topic: 'retrieve',
		strength: 1,
		scope: SUNKEN,
		when: 'always',
		because: 'Pop it two or three times on each cast.',
		speaks: {},
		silent: null
	},
	{
		id: 'PAC-01',
		kind: 'score',
		strength: 3,
		scope: SUNKEN,
		when: 'always',
		relation: 'asked-pace',
		because: 'The right pace for this water and these fish.',
		speaks: {},
		silent: null
	},
	{
		id: 'RET-05',
		kind: 'score',
		strength: 2,
		scope: BLADED_JIG,
		split: 'BJ-RETRIEVE/lift-drop',
		when: all(any('weed pockets', 'weed edge'), 'low in the water', not(any('chasing', 'pads'))),
		prefers: { 'retrieve.style': { 'lift-drop': 1 } },
		because: 'Fish are low: lift and drop it in the pockets and along the edges.',
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
		prefers: { 'retrieve.style': { steady: 1, 'slow-roll': 1 } },
		because: 'Over summer grass tops or shell reel slowly and steadily.',
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
		because: 'Don’t lift and drop in snaggy rock.',
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
		because: 'Fish are at the top: wake it.',
		speaks: { mood: 'chasing' },
		silent: { fishFromM: 1 }
	},
	{
		id: 'RET-07',
		kind: 'plan',
		topic: 'retrieve',
		strength: 1,
		scope: SPINNERBAIT,
		when: 'deep',
		because: 'Straight below the boat let it helicopter down, or jig it.',
		speaks: { bottomM: 8, fishFromM: 6, fishToM: 8 },
		silent: {}
	},
	{
		id: 'RET-08',
		kind: 'plan',
		topic: 'retrieve',
		strength: 1,
		scope: SUNKEN,
		when: 'always',
		because: 'Mix it up in one cast: fast, let it fall, jig.',
		speaks: {},
		silent: null
	},
	{
		id: 'RET-09',
		kind: 'plan',
		topic: 'retrieve',
		strength: 2,
		when: 'weed',
		because: 'With weed on it, twitch.',
		speaks: { cover: cover('leafy-weed') },
		silent: {}
	},
	{
		id: 'RET-09a',
		kind: 'plan',
		topic: 'retrieve',
		strength: 2,
		split: 'WEED-PULL/reel',
		when: 'weed',
		because: 'If it hangs in weed, pull it through with the reel.',
		speaks: { cover: cover('leafy-weed') },
		silent: {}
	},
	{
		id: 'RET-09b',
		kind: 'plan',
		topic: 'retrieve',
		strength: 2,
		split: 'WEED-PULL/rip',
		when: 'weed',
		because: 'If it hangs in weed, rip it free.',
		speaks: { cover: cover('leafy-weed') },
		silent: {}
	},
	{
		id: 'RET-10',
		kind: 'plan',
		topic: 'retrieve',
		strength: 2,
		when: 'weed',
		because: 'In grass keep the tip up and the line at about 45 degrees.',
		speaks: { cover: cover('grass-tops') },
		silent: {}
	},
	{
		id: 'RET-10b',
		kind: 'plan',
		topic: 'retrieve',
		strength: 2,
		when: any('wood', 'rock', 'dock', 'timber'),
		because: 'Around targets keep the tip down to run close to them.',
		speaks: { cover: cover('dock') },
		silent: {}
	},
	{
		id: 'RET-11',
		kind: 'score',
		strength: 3,
		scope: BUZZBAIT,
		when: 'always',
		prefers: { pace: { slow: 1 } },
		because: 'Reel a buzzbait as slowly as it stays up.',
		speaks: {},
		silent: null
	},
	{
		id: 'RET-11b',
		kind: 'score',
		strength: 1,
		scope: BUZZBAIT,
		when: all('dirty', not(any('weed', 'wood'))),
		prefers: { pace: { middle: 1 } },
		because: 'Over dirty flats reel a buzzbait a little faster, to search.',
		speaks: { visibilityM: 0.5 },
		silent: { visibilityM: 2 }
	},
	{
		id: 'RET-12',
		kind: 'plan',
		topic: 'retrieve',
		strength: 1,
		split: 'VARY/vary',
		when: 'always',
		because: 'Vary the retrieve until they bite.',
		speaks: {},
		silent: null
	},
	{
		id: 'RET-12b',
		kind: 'plan',
		topic: 'retrieve',
		strength: 1,
		split: 'VARY/steady',
		when: 'always',
		because: 'A plain steady retrieve is enough.',
		speaks: {},
		silent: null
	},
	{
		id: 'RET-22',
		kind: 'plan',
		topic: 'retrieve',
		strength: 2,
		split: 'FALL-SPEED/slow',
		when: all('fall', 'front passed'),
		because: 'Fish bury in weed after a fall front: crawl it over the tops and along the edges.',
		speaks: { phase: 'fall', events: ['front-passed'] },
		silent: { phase: 'fall' }
	},
	{
		id: 'RET-15',
		kind: 'plan',
		topic: 'retrieve',
		strength: 1,
		when: all('clear', 'follows'),
		because: 'If followers turn away from a fast surface lure in clear water, slow down.',
		speaks: { visibilityM: 3, answers: ['follows'] },
		silent: { visibilityM: 3 }
	},
	{
		id: 'RET-17b',
		kind: 'plan',
		topic: 'retrieve',
		strength: 2,
		scope: UNDERSPIN,
		when: all('cold', 'silver bait'),
		because: 'Fish an underspin slowly near the bottom, from the shallow end to the deep one.',
		speaks: { waterTemperatureC: 7, forage: eats('silver-baitfish') },
		silent: {}
	}
];
