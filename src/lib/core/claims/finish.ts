import { all, any, not } from '../water/reading/conditions';
import { BLADED_JIG, BUZZBAIT, SKIRTED, TURNING, type Claim } from './claim';
import { eats } from './examples';

const silver = { 'blade.finish': { nickel: 1 } };
const DARK_BODIES = { sunfish: 1, 'green-pumpkin': 1, 'black-blue': 1 };
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
		needsLight: true,
		because: 'Bright sky and clear water: nickel.',
		speaks: { sky: 'sun', visibilityM: 3 },
		silent: { sky: 'overcast', visibilityM: 3 }
	},
	{
		id: 'FIN-02',
		kind: 'score',
		strength: 2,
		scope: TURNING,
		split: 'FINISH/common',
		when: all(any('cloud', not('clear'), 'not day'), not(all('silver bait', 'clear'))),
		prefers: gold,
		because: 'Clouds, stained water or low light: gold.',
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
		because: 'Under clouds use silver.',
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
		because: 'Use gold in the sun and in dirty water.',
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
		because: 'Use one gold blade and one silver, nearly always.',
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
		needsLight: true,
		because: 'In tea-colored water use gold, even if you can see far down.',
		speaks: { stain: 'tannic' },
		silent: { stain: 'green' }
	},
	{
		id: 'FIN-05b',
		kind: 'score',
		strength: 2,
		scope: TURNING,
		when: all('crystal', not('tannic')),
		prefers: silver,
		needsLight: true,
		because: 'In very clear water use silver.',
		speaks: { visibilityM: 5 },
		silent: { visibilityM: 5, stain: 'tannic' }
	},
	{
		id: 'FIN-06',
		kind: 'score',
		strength: 2,
		scope: TURNING,
		when: all('silver bait', not(any('tannic', 'mud'))),
		prefers: silver,
		needsLight: true,
		because: 'Where bass eat open-water bait, use silver.',
		speaks: { forage: eats('silver-baitfish') },
		silent: { forage: eats('silver-baitfish'), stain: 'tannic' }
	},
	{
		id: 'FIN-06a',
		kind: 'score',
		strength: 2,
		scope: TURNING,
		when: 'gold bait',
		prefers: gold,
		needsLight: true,
		because: 'For sunfish, perch and golden shiner use gold.',
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
		needsLight: true,
		because: 'Let the forage decide the finish: silver bait, silver blades.',
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
		needsLight: true,
		because: 'Let the forage decide the finish: golden bait, gold blades.',
		speaks: { forage: eats('sunfish') },
		silent: { forage: eats('silver-baitfish') }
	},
	{
		id: 'FIN-07',
		kind: 'score',
		strength: 2,
		scope: BLADED_JIG,
		when: any('clear', 'pressured'),
		given: { colour: { sunfish: 1, 'green-pumpkin': 1, watermelon: 1, 'black-blue': 1 } },
		prefers: { 'blade.finish': { 'green-pumpkin': 1, clear: 1, gold: 0.6, black: 0.5 } },
		because: 'In clear or pressured water a bladed jig in this color needs a dull or inked blade.',
		speaks: { pressure: 'high' },
		silent: { visibilityM: 1 }
	},
	{
		id: 'FIN-07b',
		kind: 'score',
		strength: 2,
		scope: BLADED_JIG,
		when: 'always',
		given: { colour: { shad: 1, white: 1, pearl: 1, 'white-chartreuse': 1 } },
		prefers: { 'blade.finish': { nickel: 1, clear: 1, gold: 0.5, white: 0.5, black: -1 } },
		because: 'Shad colors, white-chartreuse too, go with a bright blade.',
		speaks: {},
		silent: null
	},
	{
		id: 'FIN-07c',
		kind: 'score',
		strength: 2,
		scope: BLADED_JIG,
		when: 'silver bait',
		given: { colour: { 'white-chartreuse': 1 } },
		prefers: { 'blade.finish': { nickel: 1, white: 0.8, gold: -1 } },
		because: 'Where bass eat silver bait, white-chartreuse goes with nickel or white, not gold.',
		speaks: { forage: eats('silver-baitfish') },
		silent: { forage: eats('perch') }
	},
	{
		id: 'FIN-17',
		kind: 'score',
		strength: 2,
		scope: BLADED_JIG,
		split: 'BJ-FINISH/dull',
		when: 'always',
		given: { colour: DARK_BODIES },
		prefers: { 'blade.finish': { 'green-pumpkin': 1, black: 1 } },
		because: 'A dark or sunfish bladed jig takes a dulled blade, whatever the water.',
		speaks: {},
		silent: null
	},
	{
		id: 'FIN-17b',
		kind: 'score',
		strength: 2,
		scope: BLADED_JIG,
		split: 'BJ-FINISH/plain',
		when: 'always',
		given: { colour: DARK_BODIES },
		prefers: { 'blade.finish': { nickel: 1, gold: 1 } },
		because: 'Plain nickel or gold suits every body color.',
		speaks: {},
		silent: null
	},
	{
		id: 'FIN-17c',
		kind: 'score',
		strength: 1,
		scope: BLADED_JIG,
		split: 'BJ-FINISH/gold-under-cloud',
		when: 'cloud',
		prefers: { 'blade.finish': { gold: 1 } },
		because: 'Under clouds use a gold plate.',
		speaks: { sky: 'overcast' },
		silent: { sky: 'sun' }
	},
	{
		id: 'FIN-08',
		kind: 'score',
		strength: 1,
		scope: [...TURNING, ...BLADED_JIG],
		when: all('dirty', 'windy'),
		prefers: { 'blade.finish': { white: 1 } },
		because: 'In dingy, windy water a white blade keeps a steadier outline.',
		speaks: { visibilityM: 0.6, wind: 'chop' },
		silent: { visibilityM: 3, wind: 'chop' }
	},
	{
		id: 'FIN-12',
		kind: 'score',
		strength: 2,
		scope: BLADED_JIG,
		when: all(any('sunfish', 'perch', 'golden shiner'), not('clear')),
		prefers: { 'blade.finish': { gold: 1, copper: 0.5 } },
		because: 'Bass eat sunfish, perch or shiners here and the water isn’t clear: gold.',
		speaks: { forage: eats('perch') },
		silent: { forage: eats('perch'), visibilityM: 4 }
	},
	{
		id: 'FIN-13',
		kind: 'score',
		strength: 1,
		scope: BLADED_JIG,
		when: not('clear'),
		prefers: { 'blade.finish': { gold: 1, nickel: 0.5 } },
		because: 'Water that isn’t clear calls for gold.',
		speaks: { visibilityM: 1 },
		silent: { visibilityM: 4 }
	},
	{
		id: 'FIN-15',
		kind: 'score',
		strength: 2,
		when: any('tannic', 'mud'),
		prefers: { 'blade.finish': { nickel: -1, gold: 0.5 } },
		because: 'In tea-colored water or mud, silver looks dead.',
		speaks: { stain: 'tannic' },
		silent: { stain: 'green' }
	},
	{
		id: 'FIN-16',
		kind: 'score',
		strength: 2,
		scope: BLADED_JIG,
		when: all('day', not(any('dark sky', 'dirty'))),
		prefers: { 'blade.finish': { black: -1 } },
		because: 'By day a black blade is for dark skies or dirty water.',
		speaks: { sky: 'sun' },
		silent: { sky: 'dark' }
	},
	{
		id: 'FIN-09',
		kind: 'advice',
		strength: 1,
		scope: TURNING,
		when: 'tannic',
		given: { 'blade.finish': { gold: 1, copper: 1, black: 1 } },
		because: 'Copper sits between gold and dark.',
		speaks: { stain: 'tannic' },
		silent: { stain: 'green' }
	},
	{
		id: 'FIN-10',
		kind: 'advice',
		strength: 1,
		scope: SKIRTED,
		when: any('thick', 'night'),
		because: 'Where thump matters most, the finish hardly matters.',
		speaks: { light: 'night' },
		silent: { light: 'day' }
	},
	{
		id: 'FIN-11',
		kind: 'score',
		strength: 1,
		scope: BUZZBAIT,
		when: all('low light', 'no silver bait'),
		given: { colour: { black: 1, 'black-blue': 1, purple: 1 } },
		prefers: { 'blade.finish': { black: 1 } },
		because: 'In low light a dark body goes with a black blade.',
		speaks: { light: 'low' },
		silent: { light: 'low', forage: eats('silver-baitfish') }
	},
	{
		id: 'FIN-11a',
		kind: 'score',
		strength: 1,
		scope: BUZZBAIT,
		when: 'always',
		given: { colour: { white: 1, pearl: 1, shad: 1, 'white-chartreuse': 1, chartreuse: 1 } },
		prefers: { 'blade.finish': { black: -1 } },
		because: 'A light body doesn’t go with a black blade.',
		speaks: {},
		silent: null
	},
	{
		id: 'FIN-11b',
		kind: 'score',
		strength: 1,
		scope: BUZZBAIT,
		when: 'sunfish',
		prefers: gold,
		because: 'Where bass eat sunfish use gold.',
		speaks: { forage: eats('sunfish') },
		silent: { forage: eats('silver-baitfish') }
	},
	{
		id: 'FIN-11c',
		kind: 'score',
		strength: 1,
		scope: BUZZBAIT,
		when: not('clear'),
		given: { colour: { white: 1, pearl: 1, 'white-chartreuse': 1 } },
		prefers: gold,
		because: 'With a white body in water that isn’t clear, use a gold blade.',
		speaks: { visibilityM: 1 },
		silent: { visibilityM: 4 }
	},
	{
		id: 'FIN-14',
		kind: 'score',
		strength: 2,
		scope: BUZZBAIT,
		when: all('silver bait', not('night')),
		prefers: { 'blade.finish': { nickel: 1, white: 1 } },
		because: 'Around silver bait use a silver or white blade, except at night.',
		speaks: { forage: eats('silver-baitfish') },
		silent: { forage: eats('silver-baitfish'), light: 'night' }
	}
];
