import { all, any, not } from '../water/reading/conditions';
import { BLADED_JIG, BUZZBAIT, SPINNERBAIT, UNDERSPIN, type Claim } from './claim';
import { cover, eats } from './examples';

/** Rear blades that a short arm carries clear of the hook. */
const SHORT_ARM_BLADES = { small: 1, 'rear 3-4': 1 };

/** Weight and head. */
export const WEIGHT_CLAIMS: readonly Claim[] = [
	{
		id: 'WGT-01',
		kind: 'score',
		strength: 3,
		when: 'always',
		relation: 'works-longest',
		because: 'Time in the strike zone with this weight at this speed.',
		speaks: {},
		silent: null
	},
	{
		id: 'WGT-02',
		kind: 'limit',
		strength: 3,
		when: 'always',
		because: 'Too light tips over at speed; too heavy won’t stay up.',
		speaks: {},
		silent: null
	},
	{
		id: 'WGT-03',
		kind: 'advice',
		strength: 2,
		when: 'on the bottom',
		because: 'To keep bottom contact go one step heavier.',
		speaks: { fishFromM: 2, fishToM: 3 },
		silent: { fishFromM: 0, fishToM: 1 }
	},
	{
		id: 'WGT-04',
		kind: 'score',
		strength: 2,
		scope: BLADED_JIG,
		when: not(any('shallow', 'beyond nine feet')),
		prefers: { weight: { '0.5': 1 } },
		because: 'Start with a 1/2 oz bladed jig.',
		speaks: { bottomM: 5, fishFromM: 2.3, fishToM: 2.5 },
		silent: { bottomM: 1.2 }
	},
	{
		id: 'WGT-04b',
		kind: 'score',
		strength: 2,
		scope: BLADED_JIG,
		when: 'shallow',
		// More than 3/4 rarely pays even beyond ten feet.
		prefers: { weight: { '0.375': 1, '0.5': 0.6, '1': -0.5, '1.5': -0.5 } },
		because: 'In the shallows throw a 3/8 or 1/2 oz bladed jig.',
		speaks: { bottomM: 1.2 },
		silent: { bottomM: 8, fishFromM: 6, fishToM: 8 }
	},
	{
		id: 'WGT-04c',
		kind: 'score',
		strength: 2,
		scope: BLADED_JIG,
		when: 'beyond nine feet',
		prefers: { weight: { '0.75': 1, '0.625': 0.5 } },
		because: 'Deeper than about 9 ft use a 3/4 oz bladed jig; more rarely helps.',
		speaks: { bottomM: 8, fishFromM: 6, fishToM: 8 },
		silent: { bottomM: 2 }
	},
	{
		id: 'WGT-05',
		kind: 'score',
		strength: 3,
		scope: UNDERSPIN,
		when: 'to four meters',
		prefers: { weight: { '0.375': 1, '0.25': 0.6, '0.1-0.2': -1 } },
		because: 'Down to about 4 m start with a 3/8 oz underspin; 1/4 oz is for the shallows, and lighter is too light.',
		speaks: { bottomM: 3 },
		silent: { bottomM: 12, fishFromM: 7, fishToM: 8 }
	},
	{
		id: 'WGT-05b',
		kind: 'score',
		strength: 3,
		scope: UNDERSPIN,
		when: 'four to nine meters',
		prefers: { weight: { '0.5-0.625': 1 } },
		because: 'From 4 to 9 m an underspin of 1/2 to 5/8 oz is right.',
		speaks: { bottomM: 8, fishFromM: 6, fishToM: 8 },
		silent: { bottomM: 3 }
	},
	{
		id: 'WGT-05c',
		kind: 'score',
		strength: 3,
		scope: UNDERSPIN,
		when: 'beyond nine meters',
		prefers: { weight: { '0.75-1.5': 1 } },
		because: 'Deeper than 9 m use a heavier underspin.',
		speaks: { bottomM: 14, fishFromM: 11, fishToM: 13 },
		silent: { bottomM: 3 }
	},
	{
		id: 'WGT-05d',
		kind: 'score',
		strength: 2,
		scope: UNDERSPIN,
		when: 'beyond two meters',
		prefers: { weight: { '0.1-0.26': -1 } },
		because: 'A 1/4 oz underspin stays too high for fish below 6 ft.',
		speaks: { bottomM: 5, fishFromM: 3, fishToM: 4 },
		silent: { bottomM: 1.2 }
	},
	{
		id: 'WGT-06',
		kind: 'score',
		strength: 2,
		scope: BUZZBAIT,
		when: any('calm', 'clear', 'pressured'),
		prefers: { weight: { '0.25': 1 } },
		because: 'For a subtle buzzbait use 1/4 oz.',
		speaks: { wind: 'calm' },
		silent: { wind: 'chop' }
	},
	{
		id: 'WGT-06b',
		kind: 'score',
		strength: 2,
		scope: BUZZBAIT,
		when: 'always',
		given: { pace: { fast: 1 } },
		prefers: { weight: { '0.5-0.75': 1 } },
		because: 'To buzz faster, go up a size.',
		speaks: {},
		silent: null
	},
	{
		id: 'WGT-14',
		kind: 'score',
		strength: 3,
		when: 'heavy wind',
		prefers: { weight: { '0.1-0.374': -1 } },
		because: 'In heavy wind throw nothing under 3/8 oz.',
		speaks: { wind: 'heavy' },
		silent: { wind: 'chop' }
	},
	{
		id: 'WGT-15',
		kind: 'score',
		strength: 2,
		when: all('shallow', 'thin water'),
		given: { pace: { slow: 1, middle: 1 } },
		prefers: { weight: { '0.51-2': -1 } },
		because: 'Fish are high over shallow water: nothing over 1/2 oz, unless you reel fast.',
		speaks: { bottomM: 1.4 },
		silent: { bottomM: 3, fishToM: 1 }
	},
	{
		id: 'WGT-15b',
		kind: 'score',
		strength: 3,
		when: all('shallow', 'skinny water'),
		given: { pace: { slow: 1 } },
		prefers: { weight: { '0.25-0.375': 0.3, '0.5': -0.6, '0.51-2': -1 } },
		because: 'Over very shallow water, reeled slowly, use 1/4 to 3/8 oz.',
		speaks: { bottomM: 1.2 },
		silent: { bottomM: 2 }
	},
	{
		id: 'WGT-16',
		kind: 'score',
		strength: 3,
		scope: BUZZBAIT,
		when: 'always',
		prefers: { weight: { '0.25-0.5': 0.5, '0.1-0.24': -0.5, '0.51-2': -1 } },
		because: 'Use a buzzbait of 1/4 to 1/2 oz: lighter ones hardly cast, heavier ones can’t be slowed down.',
		speaks: {},
		silent: null
	},
	{
		id: 'WGT-17',
		kind: 'score',
		strength: 2,
		when: not('beyond nine meters'),
		prefers: { weight: { '1.01-2': -1 } },
		because: 'Throw over 1 oz only deeper than 9 m.',
		speaks: { bottomM: 8, fishFromM: 6, fishToM: 8 },
		silent: { bottomM: 15, fishFromM: 11, fishToM: 13 }
	},
	{
		id: 'WGT-18',
		kind: 'score',
		strength: 2,
		when: 'beyond four meters',
		prefers: { weight: { '0.1-0.49': -1 } },
		because: 'Deeper than 4 m throw nothing under 1/2 oz.',
		speaks: { bottomM: 8, fishFromM: 5, fishToM: 7 },
		silent: { bottomM: 3 }
	},
	{
		id: 'WGT-19',
		kind: 'score',
		strength: 2,
		scope: [...SPINNERBAIT, ...BLADED_JIG],
		when: not('fry'),
		prefers: { weight: { '0.1-0.2': -1, '0.25': -0.4 } },
		because: '1/8 and 3/16 oz are only for fry; 1/4 oz is seldom right.',
		speaks: { forage: eats('perch') },
		silent: { forage: eats('fry', 1) }
	},
	{
		id: 'WGT-20',
		kind: 'score',
		strength: 3,
		scope: SPINNERBAIT,
		when: 'always',
		relation: 'usual-ounces',
		because: 'The usual weight for this depth.',
		speaks: {},
		silent: null
	},
	{
		id: 'WGT-21',
		kind: 'score',
		strength: 1,
		scope: SPINNERBAIT,
		when: not('skinny water'),
		given: { 'blade.size': { 'rear 5-7': 1 } },
		prefers: { weight: { '0.5-0.75': 1 } },
		because: 'Big blades want a head of 1/2 to 3/4 oz, but not over skinny water.',
		speaks: {},
		silent: { bottomM: 1.2 }
	},
	{
		id: 'WGT-22',
		kind: 'score',
		strength: 3,
		scope: SPINNERBAIT,
		when: 'water for a burn',
		given: { pace: { burn: 1 } },
		prefers: { weight: { '0.1-0.375': -1, '0.5-0.625': 1, '0.75': 0.5 } },
		silences: ['WGT-20'],
		because: 'Burn 1/2 oz in the shallows, 5/8 in open water; 3/8 comes out of the water.',
		speaks: { visibilityM: 4, mood: 'chasing', fishFromM: 0.3, fishToM: 1 },
		silent: { visibilityM: 1 }
	},
	{
		id: 'WGT-07',
		kind: 'score',
		strength: 1,
		split: 'WEIGHT/one',
		when: 'always',
		prefers: { weight: { '0.75': 1 } },
		because: 'One size does it all, 3/4 oz: wind, heavy cover, any speed, any season.',
		speaks: {},
		silent: null
	},
	{
		id: 'WGT-08',
		kind: 'score',
		strength: 1,
		split: 'WEIGHT/two',
		when: 'always',
		prefers: { weight: { '0.375': 1, '0.625': 1 } },
		because: 'Carry two sizes, 3/8 and 5/8 oz, and change blades instead.',
		speaks: {},
		silent: null
	},
	{
		id: 'WGT-09',
		kind: 'score',
		strength: 1,
		split: 'WEIGHT/goal',
		when: 'big-fish goal',
		prefers: { weight: { '0.625-1': 1 } },
		because: 'Throw bigger for big fish.',
		speaks: { goal: 'big' },
		silent: { goal: 'balance' }
	},
	{
		id: 'WGT-09a',
		kind: 'score',
		strength: 1,
		split: 'WEIGHT/goal',
		when: 'numbers goal',
		prefers: { weight: { '0.25': 1 } },
		because: 'Throw 1/4 oz for numbers.',
		speaks: { goal: 'numbers' },
		silent: { goal: 'balance' }
	},
	{
		id: 'WGT-09b',
		kind: 'score',
		strength: 1,
		scope: SPINNERBAIT,
		split: 'WEIGHT/burn',
		when: not('open'),
		given: { pace: { burn: 1 } },
		prefers: { weight: { '0.5': 1 } },
		because: 'Burn 1/2 oz in the shallows.',
		speaks: {},
		silent: { cover: cover('open') }
	},
	{
		id: 'WGT-09c',
		kind: 'score',
		strength: 1,
		scope: SPINNERBAIT,
		split: 'WEIGHT/burn',
		when: 'open',
		given: { pace: { burn: 1 } },
		prefers: { weight: { '0.625': 1 } },
		because: 'Burn 5/8 oz in open water.',
		speaks: { cover: cover('open') },
		silent: {}
	},
	{
		id: 'WGT-10',
		kind: 'score',
		strength: 2,
		when: 'pond',
		prefers: { weight: { '0.375': 1 } },
		because: 'In ponds 3/8 oz stays in the shallows.',
		speaks: { place: 'pond' },
		silent: { place: 'lake' }
	},
	{
		id: 'WGT-11',
		kind: 'score',
		strength: 1,
		when: 'windy',
		prefers: { weight: { '0.5-1': 1 } },
		because: 'In wind a heavier lure casts better.',
		speaks: { wind: 'chop' },
		silent: { wind: 'ripple' }
	},
	{
		id: 'WGT-12',
		kind: 'score',
		strength: 1,
		when: any('rock', 'shell'),
		prefers: { 'head.material': { tungsten: 1 } },
		because: 'Tungsten makes a smaller head with more room for the blade, and a harder knock.',
		speaks: { cover: cover('rock') },
		silent: { cover: cover('pads') }
	},
	{
		id: 'WGT-13',
		kind: 'score',
		strength: 2,
		when: 'fry',
		prefers: { weight: { '0.25-0.375': 1 } },
		because: 'Where bass eat fry, throw 1/4 to 3/8 oz.',
		speaks: { forage: eats('fry', 1) },
		silent: { forage: eats('perch') }
	},
	{
		id: 'WGT-23',
		kind: 'score',
		strength: 1,
		scope: SPINNERBAIT,
		when: 'post-spawn',
		prefers: { weight: { '0.25-0.375': 1 } },
		because: 'In the weeks after the spawn use 1/4 to 3/8 oz.',
		speaks: { phase: 'post-spawn' },
		silent: { phase: 'spawn' }
	},
	{
		id: 'HED-01',
		kind: 'advice',
		strength: 1,
		when: 'always',
		because: 'Weight low and to the rear keels the lure and lets it fall level; nose weight makes it fall nose first.',
		speaks: {},
		silent: null
	},
	{
		id: 'HED-02',
		kind: 'score',
		strength: 1,
		tier: 'outfit',
		when: 'weed',
		prefers: { 'head.shape': { grass: 1 } },
		because: 'A narrow head sheds grass.',
		speaks: { cover: cover('leafy-weed') },
		silent: { cover: cover('rock') }
	},
	{
		id: 'HED-02b',
		kind: 'score',
		strength: 1,
		tier: 'outfit',
		when: any('wood', 'timber', 'rock'),
		prefers: { 'head.shape': { deflect: 1 } },
		because: 'A wedge head glances off wood and rock.',
		speaks: { cover: cover('wood') },
		silent: { cover: cover('leafy-weed') }
	},
	{
		id: 'HED-03',
		kind: 'score',
		strength: 1,
		scope: BLADED_JIG,
		when: any('small bait', 'short strikes'),
		prefers: { body: { compact: 1 } },
		because: 'Go compact for small bait or fish that strike short.',
		speaks: { answers: ['short-strikes'] },
		silent: {}
	},
	{
		id: 'HED-04',
		kind: 'advice',
		strength: 1,
		scope: UNDERSPIN,
		when: 'always',
		because: 'A second keeper saves soft plastics.',
		speaks: {},
		silent: null
	},
	{
		id: 'HED-05',
		kind: 'score',
		strength: 1,
		tier: 'outfit',
		scope: BLADED_JIG,
		when: 'misses',
		prefers: { 'head.shape': { palate: 1 } },
		because: 'A head that turns the hook point up loses fewer fish.',
		speaks: { answers: ['misses'] },
		silent: {}
	},
	{
		id: 'HED-06',
		kind: 'score',
		strength: 1,
		tier: 'outfit',
		scope: SPINNERBAIT,
		when: any('small bait', all('smallmouth', not('big-fish goal'))),
		given: { 'blade.size': SHORT_ARM_BLADES },
		prefers: { body: { compact: 1 } },
		because: 'For small bait or smallmouth use a compact spinnerbait with a short arm.',
		speaks: { species: 'smallmouth' },
		silent: {}
	},
	{
		id: 'HED-06b',
		kind: 'score',
		strength: 1,
		tier: 'outfit',
		scope: SPINNERBAIT,
		when: 'deep',
		given: { 'blade.size': SHORT_ARM_BLADES },
		prefers: { body: { compact: 1 } },
		because: 'Far down, a compact spinnerbait stays there more easily.',
		speaks: { bottomM: 7, fishFromM: 5.5, fishToM: 7 },
		silent: { bottomM: 2 }
	},
	{
		id: 'HED-07',
		kind: 'score',
		strength: 1,
		tier: 'outfit',
		scope: SPINNERBAIT,
		when: not(any('wood', 'timber', 'rock')),
		given: { pace: { burn: 1 } },
		prefers: { 'head.shape': { 'low-keel': 1 } },
		because: 'A head with its weight low along the shank runs steady when burned.',
		speaks: { cover: cover('open') },
		silent: { cover: cover('rock') }
	},
	{
		id: 'HED-07b',
		kind: 'score',
		strength: 1,
		tier: 'outfit',
		scope: SPINNERBAIT,
		when: all('on the bottom', not(any('wood', 'timber', 'rock'))),
		given: { pace: { slow: 1 } },
		prefers: { 'head.shape': { 'low-keel': 1 } },
		because: 'A head with its weight low along the shank rides low when slow.',
		speaks: { bottomM: 4, fishFromM: 3.2, fishToM: 4 },
		silent: { bottomM: 4, fishFromM: 0.5, fishToM: 1.5 }
	}
];
