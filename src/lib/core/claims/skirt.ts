import { all, any, not } from '../water/reading/conditions';
import { BLADED_JIG, BUZZBAIT, SKIRTED, SUNKEN, type Claim, type Fit } from './claim';
import { SKIRT_COLOURS } from '../foundation/schema/words';
import { eats } from './examples';

/** A fit that is full for each of some values. */
const fullFor = (values: readonly string[]): Fit => Object.fromEntries(values.map((value) => [value, 1]));

/** Skirt. */
export const SKIRT_CLAIMS: readonly Claim[] = [
	{
		id: 'SKT-01',
		kind: 'score',
		strength: 3,
		split: 'CLEAR-TONE/natural',
		when: all('clear', 'day'),
		prefers: { colour: { pearl: 1, shad: 1, sunfish: 1, 'green-pumpkin': 1 } },
		needsLight: true,
		because: 'Clear water by day: a natural, translucent skirt.',
		speaks: { visibilityM: 3 },
		silent: { visibilityM: 3, light: 'night' }
	},
	{
		id: 'SKT-02',
		kind: 'score',
		strength: 3,
		split: 'DIRTY-COLOUR/bright',
		when: 'dirty',
		prefers: { colour: { 'white-chartreuse': 1, chartreuse: 0.8, orange: 0.3, white: 0.2 } },
		because: 'Dirty water: a bright skirt.',
		speaks: { visibilityM: 0.6 },
		silent: { visibilityM: 2 }
	},
	{
		id: 'SKT-03',
		kind: 'score',
		strength: 3,
		split: 'DIRTY-COLOUR/dark',
		when: 'dirty',
		prefers: { colour: { 'black-blue': 1, black: 0.6 } },
		because: 'Dirty water: a solid, dark outline.',
		speaks: { visibilityM: 0.6 },
		silent: { visibilityM: 2 }
	},
	{
		id: 'SKT-04',
		kind: 'score',
		strength: 3,
		when: 'night',
		prefers: { colour: { black: 1, purple: 1, 'black-blue': 1 } },
		because: 'At night use black, dark purple or black-blue.',
		speaks: { light: 'night' },
		silent: { light: 'day' }
	},
	{
		id: 'SKT-05',
		kind: 'score',
		strength: 1,
		when: all('day', any('silver bait', 'golden shiner', 'fry')),
		prefers: { colour: { white: 1, 'white-chartreuse': 1 } },
		because: 'Where bass eat bait by day, start with white and add color.',
		speaks: { forage: eats('fry', 1) },
		silent: { forage: eats('sunfish') }
	},
	{
		id: 'SKT-06',
		kind: 'score',
		strength: 2,
		scope: SKIRTED,
		when: 'smallmouth',
		prefers: { 'skirt.accent': { chartreuse: 1 } },
		because: 'Smallmouth like a touch of chartreuse.',
		speaks: { species: 'smallmouth' },
		silent: { species: 'largemouth' }
	},
	{
		id: 'SKT-07',
		kind: 'score',
		strength: 2,
		when: any('sunfish', 'sunfish spawn'),
		prefers: { colour: { sunfish: 1, 'green-pumpkin': 1, watermelon: 0.7 } },
		because: 'Where bass eat sunfish: sunfish, green pumpkin or watermelon.',
		speaks: { forage: eats('sunfish') },
		silent: { forage: eats('silver-baitfish') }
	},
	{
		id: 'SKT-07b',
		kind: 'score',
		strength: 3,
		when: all(any('silver bait', 'baitfish spawn'), not(any('night', 'mud'))),
		prefers: {
			colour: {
				white: 1,
				shad: 1,
				pearl: 1,
				'white-chartreuse': 0.6,
				black: -1,
				'black-blue': -0.5,
				sunfish: -0.3,
				'green-pumpkin': -0.3
			}
		},
		because: 'Around silver bait, except at night: white, shad or pearl.',
		speaks: { forage: eats('silver-baitfish') },
		silent: { forage: eats('silver-baitfish'), light: 'night' }
	},
	{
		id: 'SKT-07c',
		kind: 'score',
		strength: 2,
		scope: SUNKEN,
		when: all('crayfish', not('thick')),
		prefers: { colour: { 'brown-craw': 1, 'green-pumpkin': 0.9, 'red-craw': 0.7 } },
		because: 'Where bass eat crayfish: browns, green pumpkin or reds.',
		speaks: { forage: eats('crayfish') },
		silent: { forage: eats('crayfish'), visibilityM: 0.15 }
	},
	{
		id: 'SKT-08',
		kind: 'score',
		strength: 1,
		when: all('summer', not('deep'), 'no silver bait'),
		prefers: { colour: { sunfish: 1 } },
		needsLight: true,
		because: 'In summer, shallow to medium depth: sunfish colors.',
		speaks: { phase: 'summer' },
		silent: { phase: 'spawn' }
	},
	{
		id: 'SKT-08b',
		kind: 'score',
		strength: 1,
		when: all('summer', 'deep'),
		prefers: { colour: { shad: 1 } },
		needsLight: true,
		because: 'In summer, offshore and deep: shad colors.',
		speaks: { phase: 'summer', bottomM: 8, fishFromM: 6, fishToM: 8 },
		silent: { phase: 'summer' }
	},
	{
		id: 'SKT-09',
		kind: 'score',
		strength: 1,
		when: all('dark sky', 'clear', 'no silver bait'),
		prefers: { colour: { 'black-blue': 1 } },
		because: 'Dark sky over clear water: black-blue.',
		speaks: { sky: 'dark', visibilityM: 3 },
		silent: { sky: 'sun', visibilityM: 3 }
	},
	{
		id: 'SKT-10',
		kind: 'advice',
		strength: 1,
		when: 'clear',
		because: 'A small, dark outline may beat a bright one in clear water.',
		speaks: { visibilityM: 3 },
		silent: { visibilityM: 1 }
	},
	{
		id: 'SKT-10b',
		kind: 'score',
		strength: 1,
		scope: BLADED_JIG,
		split: 'CLEAR-TONE/dark',
		when: 'clear',
		prefers: { colour: { 'black-blue': 1, black: 0.5 } },
		because: 'In clear water a bladed jig with a small, dark outline gets bites that bright ones don’t.',
		speaks: { visibilityM: 3 },
		silent: { visibilityM: 1 }
	},
	{
		id: 'SKT-19',
		kind: 'score',
		strength: 3,
		when: all('golden shiner', not(any('dirty', 'night'))),
		prefers: { colour: { 'white-chartreuse': 1, white: 1, pearl: 0.7, shad: 0.7 } },
		because: 'Around golden shiners: white-chartreuse, white, pearl or shad.',
		speaks: { forage: eats('golden-shiner') },
		silent: { forage: eats('golden-shiner'), light: 'night' }
	},
	{
		id: 'SKT-20',
		kind: 'score',
		strength: 2,
		when: all('perch', not(any('night', 'mud'))),
		prefers: { colour: { perch: 1, sunfish: 0.4, chartreuse: 0.4, 'white-chartreuse': 0.4 } },
		because: 'Where bass eat perch: perch colors, or a skirt with the same sides.',
		speaks: { forage: eats('perch') },
		silent: { forage: eats('perch'), light: 'night' }
	},
	{
		id: 'SKT-21',
		kind: 'score',
		strength: 3,
		when: not(any('night', 'dirty', 'thick')),
		prefers: { colour: { black: -1, 'black-blue': -0.6, purple: -0.6 } },
		because: 'Where bass can see, leave black for the night.',
		speaks: { visibilityM: 2 },
		silent: { light: 'night' }
	},
	{
		id: 'SKT-22',
		kind: 'score',
		strength: 2,
		when: 'dirty',
		prefers: { colour: { sunfish: -1, shad: -1, pearl: -1, watermelon: -1, 'green-pumpkin': -0.6 } },
		because: 'Dirty water swallows natural colors.',
		speaks: { visibilityM: 0.5 },
		silent: { visibilityM: 2 }
	},
	{
		id: 'SKT-23',
		kind: 'score',
		strength: 2,
		scope: BUZZBAIT,
		split: 'BUZZ-TONE/black',
		when: any('cloud', 'not day'),
		prefers: { colour: { black: 1, 'black-blue': 0.7, none: 0.5, sunfish: 0.5 } },
		because: 'Against a dim sky a buzzbait shows best with a dark body.',
		speaks: { light: 'low' },
		silent: { sky: 'sun' }
	},
	{
		id: 'SKT-23b',
		kind: 'score',
		strength: 2,
		scope: BUZZBAIT,
		split: 'BUZZ-TONE/white',
		when: not('night'),
		prefers: { colour: { white: 1, 'white-chartreuse': 0.7, pearl: 0.5 } },
		because: 'Where bass eat bait, begin with a white buzzbait.',
		speaks: {},
		silent: { light: 'night' }
	},
	{
		id: 'SKT-24',
		kind: 'score',
		strength: 2,
		when: not(any('sunfish', 'perch', 'sunfish spawn')),
		prefers: { colour: { sunfish: -1 } },
		because: 'Without sunfish or perch around, skip sunfish colors.',
		speaks: { forage: eats('silver-baitfish') },
		silent: { forage: eats('sunfish') }
	},
	{
		id: 'SKT-25',
		kind: 'score',
		strength: 2,
		when: all('sunfish', any('bright', 'calm', 'pressured'), not('mud')),
		prefers: { colour: { 'white-chartreuse': -1, chartreuse: -1 } },
		because: 'In sun or calm, or for pressured fish that eat sunfish, chartreuse is too loud.',
		speaks: { forage: eats('sunfish'), pressure: 'high' },
		silent: { forage: eats('perch'), pressure: 'high' }
	},
	{
		id: 'SKT-11',
		kind: 'score',
		strength: 1,
		tier: 'finish',
		scope: SKIRTED,
		split: 'SKIRT-MATERIAL/silicone',
		when: 'always',
		prefers: { 'skirt.material': { silicone: 1 } },
		because: 'Silicone comes in many colors and with flake.',
		speaks: {},
		silent: null
	},
	{
		id: 'SKT-12',
		kind: 'score',
		strength: 1,
		tier: 'finish',
		scope: SKIRTED,
		split: 'SKIRT-MATERIAL/fine',
		when: 'always',
		prefers: { 'skirt.material': { fine: 1 } },
		because: 'Fine strands move more and take dye, but they mat with use.',
		speaks: {},
		silent: null
	},
	{
		id: 'SKT-13',
		kind: 'score',
		strength: 1,
		tier: 'finish',
		scope: SKIRTED,
		when: 'always',
		given: { trailerHook: { free: 1, stiff: 1 } },
		prefers: { 'skirt.length': { long: 1 } },
		because: 'A longer skirt covers a trailer hook.',
		speaks: {},
		silent: null
	},
	{
		id: 'SKT-13b',
		kind: 'score',
		strength: 1,
		tier: 'finish',
		scope: BLADED_JIG,
		when: 'always',
		given: { body: { compact: 1 } },
		prefers: { 'skirt.length': { short: 1 } },
		because: 'Trim the skirt for a compact look.',
		speaks: {},
		silent: null
	},
	{
		id: 'SKT-14',
		kind: 'score',
		strength: 1,
		scope: BUZZBAIT,
		split: 'BUZZ-SKIRT/bare',
		when: 'always',
		prefers: { skirt: { bare: 1 } },
		because: 'Without a skirt and with a flat body it lifts more and runs slower.',
		speaks: {},
		silent: null
	},
	{
		id: 'SKT-15',
		kind: 'score',
		strength: 1,
		scope: BUZZBAIT,
		split: 'BUZZ-SKIRT/skirted',
		when: 'clear',
		prefers: { skirt: { worn: 1 } },
		because: 'In clear water use a skirt that flares round like a sunfish.',
		speaks: { visibilityM: 3 },
		silent: { visibilityM: 1 }
	},
	{
		id: 'SKT-16',
		kind: 'advice',
		strength: 1,
		scope: SKIRTED,
		when: 'always',
		given: { colour: fullFor(SKIRT_COLOURS.filter((colour) => colour !== 'none')) },
		because: 'Replace a matted skirt before it wraps the blades.',
		speaks: {},
		silent: null
	},
	{
		id: 'SKT-17',
		kind: 'score',
		strength: 1,
		tier: 'finish',
		scope: SKIRTED,
		when: all('dirty', not('night')),
		prefers: { 'skirt.accent': { chartreuse: 1, orange: 0.5 } },
		because: 'Dye the tips for an accent.',
		speaks: { visibilityM: 0.5 },
		silent: { visibilityM: 3 }
	},
	{
		id: 'SKT-17b',
		kind: 'score',
		strength: 1,
		tier: 'finish',
		scope: SKIRTED,
		when: any('clear', 'summer'),
		prefers: { 'skirt.accent': { none: 1 } },
		because: 'Go easy on dye in clear water and in summer.',
		speaks: { visibilityM: 3 },
		silent: { visibilityM: 1, phase: 'spawn' }
	},
	{
		id: 'SKT-18',
		kind: 'advice',
		strength: 1,
		scope: SKIRTED,
		when: 'always',
		given: { colour: fullFor(['white', 'green-pumpkin', 'black-blue']) },
		because: 'Three colors cover most days: white, green pumpkin and black-blue.',
		speaks: {},
		silent: null
	}
];
