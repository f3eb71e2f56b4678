import { all, any, not } from '../reading/words';
import { BLADED_JIG, BUZZBAIT, SKIRTED, TURNING, type Claim } from './claim';
import { cover, eats } from './examples';

const silver = { 'blade.finish': { nickel: 1 } };
const gold = { 'blade.finish': { gold: 1 } };

/** Finish of blades. */
export const FINISH_CLAIMS: readonly Claim[] = [
	{
		id: 'FIN-01',
		kind: 'score',
		strength: 2,
		scope: TURNING,
		split: 'FINISH/common',
		when: all('bright', 'clear'),
		prefers: silver,
		because: 'Bright and clear: nickel.',
		speaks: { sky: 'sun', visibilityM: 3 },
		silent: { sky: 'overcast', visibilityM: 3 }
	},
	{
		id: 'FIN-02',
		kind: 'score',
		strength: 2,
		scope: TURNING,
		split: 'FINISH/common',
		when: any('cloud', not('clear'), 'not day'),
		prefers: gold,
		because: 'Cloud, stain or little light: gold.',
		speaks: { sky: 'overcast' },
		silent: { sky: 'sun', visibilityM: 3 }
	},
	{
		id: 'FIN-03',
		kind: 'score',
		strength: 3,
		scope: TURNING,
		split: 'FINISH/reversed',
		when: all('cloud', not('dirty')),
		prefers: silver,
		because: 'Silver for cloud.',
		speaks: { sky: 'overcast' },
		silent: { sky: 'sun' }
	},
	{
		id: 'FIN-03b',
		kind: 'score',
		strength: 3,
		scope: TURNING,
		split: 'FINISH/reversed',
		when: any('bright', 'dirty'),
		prefers: gold,
		because: 'Gold for sun, and for dirty water.',
		speaks: { sky: 'sun' },
		silent: { sky: 'overcast' }
	},
	{
		id: 'FIN-04',
		kind: 'score',
		strength: 1,
		scope: TURNING,
		split: 'FINISH/mixed',
		when: 'always',
		prefers: { 'blade.finish': { mixed: 1 } },
		because: 'One of each, nearly always.',
		speaks: {},
		silent: null
	},
	{
		id: 'FIN-05',
		kind: 'score',
		strength: 2,
		scope: TURNING,
		when: 'tannic',
		prefers: gold,
		because: 'Tea-coloured water, though you can see down it: gold.',
		speaks: { stain: 'tannic' },
		silent: { stain: 'green' }
	},
	{
		id: 'FIN-05b',
		kind: 'score',
		strength: 2,
		scope: TURNING,
		when: all('crystal', 'clear stain'),
		prefers: silver,
		because: 'Ultra-clear: silver.',
		speaks: { visibilityM: 5, stain: 'clear' },
		silent: { visibilityM: 2, stain: 'clear' }
	},
	{
		id: 'FIN-06',
		kind: 'score',
		strength: 2,
		scope: TURNING,
		when: 'silver bait',
		prefers: silver,
		because: 'Silver for open-water bait.',
		speaks: { forage: eats('silver-baitfish') },
		silent: { forage: eats('perch') }
	},
	{
		id: 'FIN-06a',
		kind: 'score',
		strength: 2,
		scope: TURNING,
		when: 'gold bait',
		prefers: gold,
		because: 'Gold for sunfish, perch and golden shiner.',
		speaks: { forage: eats('perch') },
		silent: { forage: eats('silver-baitfish') }
	},
	{
		id: 'FIN-06b',
		kind: 'score',
		strength: 3,
		scope: TURNING,
		split: 'FINISH/forage',
		when: 'silver bait',
		prefers: silver,
		because: 'Forage decides the finish: silver bait, silver blades.',
		speaks: { forage: eats('silver-baitfish') },
		silent: { forage: eats('perch') }
	},
	{
		id: 'FIN-06c',
		kind: 'score',
		strength: 3,
		scope: TURNING,
		split: 'FINISH/forage',
		when: 'gold bait',
		prefers: gold,
		because: 'Forage decides the finish: golden bait, gold blades.',
		speaks: { forage: eats('sunfish') },
		silent: { forage: eats('silver-baitfish') }
	},
	{
		id: 'FIN-07',
		kind: 'score',
		strength: 3,
		scope: BLADED_JIG,
		when: 'always',
		given: { colour: { sunfish: 1, 'green-pumpkin': 1, 'black-blue': 1 } },
		prefers: { 'blade.finish': { black: 1, 'green-pumpkin': 1, clear: 0.5 } },
		because: 'A bladed jig in this colour wants its blade dulled, or inked over.',
		speaks: {},
		silent: null
	},
	{
		id: 'FIN-07b',
		kind: 'score',
		strength: 3,
		scope: BLADED_JIG,
		when: 'always',
		given: { colour: { shad: 1, white: 1, pearl: 1 } },
		prefers: { 'blade.finish': { nickel: 1, gold: 0.5, clear: 0.5 } },
		because: 'Shad colours take a bright blade.',
		speaks: {},
		silent: null
	},
	{
		id: 'FIN-08',
		kind: 'score',
		strength: 2,
		scope: TURNING,
		when: all('dirty', 'windy'),
		prefers: { 'blade.finish': { white: 1 } },
		because: 'Dingy, windy, short-sighted water: a white blade is a steadier outline.',
		speaks: { visibilityM: 0.6, wind: 'chop' },
		silent: { visibilityM: 3, wind: 'chop' }
	},
	{
		id: 'FIN-09',
		kind: 'advice',
		strength: 1,
		scope: TURNING,
		when: 'tannic',
		because: 'Copper lies between gold and dark.',
		speaks: { stain: 'tannic' },
		silent: { stain: 'green' }
	},
	{
		id: 'FIN-10',
		kind: 'advice',
		strength: 1,
		scope: SKIRTED,
		when: any('thick', 'night'),
		because: 'Where the beat is the point, finish hardly matters.',
		speaks: { light: 'night' },
		silent: { light: 'day' }
	},
	{
		id: 'FIN-11',
		kind: 'score',
		strength: 1,
		scope: BUZZBAIT,
		when: 'low light',
		prefers: { 'blade.finish': { black: 1 } },
		because: 'Low light: black on black.',
		speaks: { light: 'low' },
		silent: { light: 'day' }
	},
	{
		id: 'FIN-11b',
		kind: 'score',
		strength: 1,
		scope: BUZZBAIT,
		when: 'sunfish',
		prefers: gold,
		because: 'Gold for sunfish eaters.',
		speaks: { forage: eats('sunfish') },
		silent: { forage: eats('silver-baitfish') }
	},
	{
		id: 'FIN-11c',
		kind: 'score',
		strength: 1,
		scope: BUZZBAIT,
		when: 'low light',
		prefers: { 'trailer.colour': { black: 1 } },
		because: 'Buzz blade and trailer of one colour: black on black.',
		speaks: { light: 'low' },
		silent: { light: 'day', cover: cover('pads') }
	}
];
