import { all, any, not } from '../water/reading/conditions';
import { BLADED_JIG, BUZZBAIT, SKIRTED, SPINNERBAIT, SUNKEN, UNDERSPIN, type Claim, type Fit } from './claim';
import { SKIRT_COLOURS, TRAILER_KINDS } from '../foundation/schema/words';
import { cover, eats } from './examples';

/** A fit that is full for each of some values. */
const fullFor = (values: readonly string[]): Fit => Object.fromEntries(values.map((value) => [value, 1]));

const FLAT = { 'flat-craw': 1, 'flat-toad': 1, craw: 1 };
const COMPACT_TRAILER = { 'trailer.length': { short: 1 } };

/** Skirt. */
export const SKIRT_CLAIMS: readonly Claim[] = [
	{
		id: 'SKT-01',
		kind: 'score',
		strength: 3,
		when: all('clear', 'day'),
		prefers: { colour: { pearl: 1, shad: 1, sunfish: 1, 'green-pumpkin': 1 } },
		needsLight: true,
		because: 'Clear water by day: choose a natural, translucent skirt.',
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
		because: 'Dirty water: choose a bright skirt.',
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
		because: 'Dirty water: choose a solid dark outline.',
		speaks: { visibilityM: 0.6 },
		silent: { visibilityM: 2 }
	},
	{
		id: 'SKT-04',
		kind: 'score',
		strength: 3,
		when: 'night',
		prefers: { colour: { black: 1, purple: 1, 'black-blue': 1 } },
		because: 'At night choose black, dark purple or black-blue.',
		speaks: { light: 'night' },
		silent: { light: 'day' }
	},
	{
		id: 'SKT-05',
		kind: 'score',
		strength: 1,
		when: all('day', any('silver bait', 'golden shiner', 'fry')),
		prefers: { colour: { white: 1, 'white-chartreuse': 1 } },
		because: 'White as the base by day where bait is eaten, then tint.',
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
		because: 'Sunfish eaters: sunfish, green pumpkin or watermelon.',
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
		because: 'Silver bait at any hour but night: white, shad or pearl.',
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
		because: 'Where they eat crayfish choose browns, green pumpkin or reds.',
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
		because: 'Summer, shallow to middle depths: choose sunfish.',
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
		because: 'Summer, offshore and deep: choose shad.',
		speaks: { phase: 'summer', bottomM: 8, fishFromM: 6, fishToM: 8 },
		silent: { phase: 'summer' }
	},
	{
		id: 'SKT-09',
		kind: 'score',
		strength: 1,
		when: all('dark sky', 'clear', 'no silver bait'),
		prefers: { colour: { 'black-blue': 1 } },
		because: 'Dark sky over clear water: choose black-blue.',
		speaks: { sky: 'dark', visibilityM: 3 },
		silent: { sky: 'sun', visibilityM: 3 }
	},
	{
		id: 'SKT-10',
		kind: 'advice',
		strength: 1,
		when: 'clear',
		because: 'A dark small outline may beat a bright one in clear water.',
		speaks: { visibilityM: 3 },
		silent: { visibilityM: 1 }
	},
	{
		id: 'SKT-19',
		kind: 'score',
		strength: 3,
		when: all('golden shiner', not(any('dirty', 'night'))),
		prefers: { colour: { 'white-chartreuse': 1, white: 1, pearl: 0.7, shad: 0.7 } },
		because: 'Golden shiners: white with chartreuse, white, pearl or shad.',
		speaks: { forage: eats('golden-shiner') },
		silent: { forage: eats('golden-shiner'), light: 'night' }
	},
	{
		id: 'SKT-20',
		kind: 'score',
		strength: 2,
		when: all('perch', not(any('night', 'mud'))),
		prefers: { colour: { perch: 1, sunfish: 0.4, chartreuse: 0.4, 'white-chartreuse': 0.4 } },
		because: 'Perch eaters: perch, or what shares its sides.',
		speaks: { forage: eats('perch') },
		silent: { forage: eats('perch'), light: 'night' }
	},
	{
		id: 'SKT-21',
		kind: 'score',
		strength: 3,
		when: not(any('night', 'dirty', 'thick')),
		prefers: { colour: { black: -1, 'black-blue': -0.6, purple: -0.6 } },
		because: 'Where they see, and not at night, do without black.',
		speaks: { visibilityM: 2 },
		silent: { light: 'night' }
	},
	{
		id: 'SKT-22',
		kind: 'score',
		strength: 2,
		when: 'dirty',
		prefers: { colour: { sunfish: -1, shad: -1, pearl: -1, watermelon: -1, 'green-pumpkin': -0.6 } },
		because: 'Dirty water swallows natural colours.',
		speaks: { visibilityM: 0.5 },
		silent: { visibilityM: 2 }
	},
	{
		id: 'SKT-23',
		kind: 'score',
		strength: 2,
		scope: BUZZBAIT,
		when: all('low light', 'no silver bait'),
		prefers: { colour: { black: 1, 'black-blue': 0.7, none: 0.5, sunfish: 0.5 } },
		because: 'A buzzbait against a dim sky wants a dark body.',
		speaks: { light: 'low' },
		silent: { light: 'low', forage: eats('silver-baitfish') }
	},
	{
		id: 'SKT-24',
		kind: 'score',
		strength: 2,
		when: not(any('sunfish', 'perch', 'sunfish spawn')),
		prefers: { colour: { sunfish: -1 } },
		because: 'With no sunfish or perch about do without a sunfish skirt.',
		speaks: { forage: eats('silver-baitfish') },
		silent: { forage: eats('sunfish') }
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
		because: 'Silicone gives many colours, and flake.',
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
		because: 'Fine strands breathe more and take dye; they mat with use.',
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
		because: 'Cut the skirt down for a compact look.',
		speaks: {},
		silent: null
	},
	{
		id: 'SKT-14',
		kind: 'score',
		strength: 1,
		tier: 'finish',
		scope: BUZZBAIT,
		split: 'BUZZ-SKIRT/bare',
		when: 'always',
		prefers: { skirt: { bare: 1 } },
		because: 'Bare with a flat body it lifts more and goes slower.',
		speaks: {},
		silent: null
	},
	{
		id: 'SKT-15',
		kind: 'score',
		strength: 1,
		tier: 'finish',
		scope: BUZZBAIT,
		split: 'BUZZ-SKIRT/skirted',
		when: 'clear',
		prefers: { skirt: { worn: 1 } },
		because: 'Skirted in clear water: a flared, sunfish-round body.',
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
		because: 'Be sparing with dye in clear water and summer.',
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
		because: 'Three colours do most of it: white, green pumpkin, black-blue.',
		speaks: {},
		silent: null
	}
];

/** Trailer. */
export const TRAILER_CLAIMS: readonly Claim[] = [
	{
		id: 'TRL-01',
		kind: 'score',
		strength: 2,
		scope: BLADED_JIG,
		split: 'BJ-TRAILER/always',
		when: 'always',
		prefers: { 'trailer.kind': { any: 1 } },
		because: 'A bladed jig nearly always carries a trailer.',
		speaks: {},
		silent: null
	},
	{
		id: 'TRL-01b',
		kind: 'score',
		strength: 1,
		scope: BLADED_JIG,
		split: 'BJ-TRAILER/bare',
		when: 'always',
		prefers: { 'trailer.kind': { none: 1 } },
		because: 'A bladed jig fishes without a trailer.',
		speaks: {},
		silent: null
	},
	{
		id: 'TRL-02',
		kind: 'score',
		strength: 3,
		scope: BLADED_JIG,
		split: 'BJ-TAIL/quiet',
		when: 'always',
		given: { 'blade.style': { standard: 1, clear: 1 } },
		prefers: { 'trailer.kind': { 'paddle-tail': -1, 'flat-toad': -1, swimbait: -1, grub: -0.5 } },
		because: 'The trailer must beat neither faster nor wider than the blade: a big kicking tail upsets it.',
		speaks: {},
		silent: null
	},
	{
		id: 'TRL-02b',
		kind: 'score',
		strength: 2,
		scope: BLADED_JIG,
		split: 'BJ-TAIL/swimmer',
		when: 'always',
		given: { 'blade.style': { standard: 1 } },
		prefers: { 'trailer.kind': { 'slim-swimmer': 1, 'paddle-tail': 0.5 } },
		because: 'Behind a standard blade a slim swimmer reads as one larger fish.',
		speaks: {},
		silent: null
	},
	{
		id: 'TRL-03',
		kind: 'score',
		strength: 2,
		scope: BLADED_JIG,
		when: any('summer', 'deep'),
		prefers: { 'trailer.kind': { 'split-tail': 1 } },
		because: 'Split tail: keeps depth and darts; for summer and depth.',
		speaks: { phase: 'summer' },
		silent: { phase: 'spawn' }
	},
	{
		id: 'TRL-04',
		kind: 'score',
		strength: 2,
		scope: BLADED_JIG,
		when: 'big bait',
		prefers: { 'trailer.kind': { 'paddle-tail': 1 } },
		because: 'Big forage: a paddle tail is fuller, lifts and rides high.',
		speaks: { forage: eats('silver-baitfish', 5) },
		silent: { forage: eats('silver-baitfish', 2) }
	},
	{
		id: 'TRL-05',
		kind: 'score',
		strength: 2,
		scope: BLADED_JIG,
		when: any('crayfish', 'cold', 'wood'),
		prefers: { 'trailer.kind': { 'flat-craw': 1, craw: 0.7, 'split-tail': 0.5 } },
		because: 'Crayfish, cold or wood: broad flat legs keep moving where many claws go dead.',
		speaks: { forage: eats('crayfish') },
		silent: { forage: eats('perch') }
	},
	{
		id: 'TRL-06',
		kind: 'score',
		strength: 2,
		scope: BLADED_JIG,
		when: any('smallmouth', 'clear'),
		prefers: { 'trailer.kind': { minnow: 1 } },
		needsLight: true,
		because: 'Smallmouth or clear water: a minnow body darts, streamlined.',
		speaks: { species: 'smallmouth' },
		silent: { species: 'largemouth' }
	},
	{
		id: 'TRL-07',
		kind: 'score',
		strength: 2,
		scope: BLADED_JIG,
		when: 'always',
		given: { body: { compact: 1 } },
		prefers: COMPACT_TRAILER,
		because: 'Compact body, small trailer: shorten it, round side down.',
		speaks: {},
		silent: null
	},
	{
		id: 'TRL-07b',
		kind: 'score',
		strength: 2,
		scope: BLADED_JIG,
		when: 'always',
		given: { 'blade.style': { clear: 1 } },
		prefers: COMPACT_TRAILER,
		because: 'With a clear blade the trailer matters more, and small is right.',
		speaks: {},
		silent: null
	},
	{
		id: 'TRL-08',
		kind: 'score',
		strength: 2,
		scope: BLADED_JIG,
		when: 'wood',
		given: { 'trailer.kind': FLAT },
		prefers: { 'trailer.mount': { crosswise: 1 } },
		because: 'Wood: mounted crosswise, a flat trailer slides over limbs without rolling.',
		speaks: { cover: cover('wood') },
		silent: { cover: cover('pads') }
	},
	{
		id: 'TRL-09',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		when: 'always',
		given: { pace: { fast: 1 } },
		prefers: { 'trailer.kind': { none: 1, 'slim-swimmer': 0.5 } },
		because: 'Fast: bare, or a slim swimmer for a colour accent.',
		speaks: {},
		silent: null
	},
	{
		id: 'TRL-09b',
		kind: 'score',
		strength: 1,
		scope: SPINNERBAIT,
		split: 'SB-TRAILER/bare',
		when: 'always',
		prefers: { 'trailer.kind': { none: 1 } },
		because: 'A spinnerbait needs no trailer.',
		speaks: {},
		silent: null
	},
	{
		id: 'TRL-10',
		kind: 'score',
		strength: 1,
		scope: SPINNERBAIT,
		when: 'always',
		given: { pace: { slow: 1 } },
		prefers: { 'trailer.kind': { 'split-tail': 1, grub: 1, 'slim-swimmer': 1 } },
		because: 'Slow: a split tail, grub or swimmer fills it out.',
		speaks: {},
		silent: null
	},
	{
		id: 'TRL-10a',
		kind: 'score',
		strength: 1,
		tier: 'finish',
		scope: SKIRTED,
		when: 'always',
		relation: 'matches-colour',
		because: 'Take the trailer in the skirt’s colour.',
		speaks: {},
		silent: null
	},
	{
		id: 'TRL-10b',
		kind: 'score',
		strength: 1,
		scope: SPINNERBAIT,
		split: 'SB-TRAILER/dressed',
		when: 'always',
		prefers: { 'trailer.kind': { any: 1 } },
		because: 'A spinnerbait is always better dressed.',
		speaks: {},
		silent: null
	},
	{
		id: 'TRL-11',
		kind: 'advice',
		strength: 2,
		when: 'always',
		given: { 'trailer.kind': fullFor(TRAILER_KINDS) },
		because: 'Rig the trailer dead straight: a crooked one rolls the lure.',
		speaks: {},
		silent: null
	},
	{
		id: 'TRL-12',
		kind: 'score',
		strength: 2,
		scope: BUZZBAIT,
		when: 'always',
		prefers: { 'trailer.kind': { 'flat-toad': 1, craw: 1 } },
		because: 'A flat toad or craw lifts a buzzbait, and a missed fish may return.',
		speaks: {},
		silent: null
	},
	{
		id: 'TRL-13',
		kind: 'score',
		strength: 2,
		scope: UNDERSPIN,
		when: any('cold', 'sluggish'),
		prefers: { 'trailer.kind': { 'split-tail': 1 } },
		because: 'Slow in the cold it wants a split tail.',
		speaks: { waterTemperatureC: 7 },
		silent: { waterTemperatureC: 20 }
	},
	{
		id: 'TRL-13b',
		kind: 'score',
		strength: 2,
		scope: UNDERSPIN,
		when: any('warm', 'chasing'),
		prefers: { 'trailer.kind': { 'paddle-tail': 1, swimbait: 0.5 } },
		because: 'A paddle tail gives more.',
		speaks: { mood: 'chasing' },
		silent: { waterTemperatureC: 8 }
	},
	{
		id: 'TRL-14',
		kind: 'advice',
		strength: 1,
		when: 'chasing',
		because: 'Tough plastic when fish come fast; elastic plastic moves more.',
		speaks: { mood: 'chasing' },
		silent: { mood: 'neutral' }
	},
	{
		id: 'TRL-15',
		kind: 'score',
		strength: 1,
		when: any('short strikes', 'numbers goal'),
		prefers: COMPACT_TRAILER,
		because: 'Short strikes or small fish: slim it down.',
		speaks: { answers: ['short-strikes'] },
		silent: {}
	},
	{
		id: 'TRL-16',
		kind: 'advice',
		strength: 1,
		when: 'sunfish',
		because: 'Sunfish look: pale belly, dark back.',
		speaks: { forage: eats('sunfish') },
		silent: { forage: eats('perch') }
	}
];

/** Hooks. */
export const HOOK_CLAIMS: readonly Claim[] = [
	{
		id: 'HKS-01',
		kind: 'score',
		strength: 1,
		split: 'TRAILER-HOOK/always',
		when: 'always',
		prefers: { trailerHook: { free: 1, stiff: 1 } },
		because: 'Wear a trailer hook always.',
		speaks: {},
		silent: null
	},
	{
		id: 'HKS-02',
		kind: 'score',
		strength: 2,
		split: 'TRAILER-HOOK/conditional',
		when: all('open', 'short strikes'),
		prefers: { trailerHook: { free: 1, stiff: 1 } },
		because: 'Open water and short strikes ask for a trailer hook.',
		speaks: { cover: cover('open'), answers: ['short-strikes'] },
		silent: { answers: ['short-strikes'] }
	},
	{
		id: 'HKS-02b',
		kind: 'score',
		strength: 2,
		split: 'TRAILER-HOOK/conditional',
		when: not(all('open', 'short strikes')),
		prefers: { trailerHook: { none: 1 } },
		because: 'No short strikes in open water, no trailer hook.',
		speaks: {},
		silent: { cover: cover('open'), answers: ['short-strikes'] }
	},
	{
		id: 'HKS-03',
		kind: 'score',
		strength: 2,
		split: 'TRAILER-HOOK/rarely',
		when: 'always',
		given: { pace: { middle: 1, fast: 1 } },
		prefers: { trailerHook: { none: 1 } },
		because: 'A fast lure is eaten whole; a second hook far back wounds gills.',
		speaks: {},
		silent: null
	},
	{
		id: 'HKS-04',
		kind: 'score',
		strength: 2,
		split: 'TRAILER-HOOK/never',
		when: 'always',
		prefers: { trailerHook: { none: 1 } },
		because: 'Never a trailer hook: short strikes mean change blade colour, then skirt, then trailer.',
		speaks: {},
		silent: null
	},
	{
		id: 'HKS-05',
		kind: 'score',
		strength: 2,
		when: 'always',
		prefers: { trailerHook: { stiff: -1 } },
		because: 'A trailer hook swings free, keeper behind it; stiff through its eye fouls.',
		speaks: {},
		silent: null
	},
	{
		id: 'HKS-06',
		kind: 'score',
		strength: 3,
		when: any('weed', 'wood', 'timber'),
		prefers: { trailerHook: { none: 1 } },
		because: 'In weed or wood leave the trailer hook off.',
		speaks: { cover: cover('wood') },
		silent: { cover: cover('open') }
	},
	{
		id: 'HKS-07',
		kind: 'score',
		strength: 2,
		tier: 'outfit',
		scope: BLADED_JIG,
		when: 'always',
		prefers: { 'hook.shank': { long: 1 } },
		because: 'A bladed jig wants a long, large hook.',
		speaks: {},
		silent: null
	},
	{
		id: 'HKS-08',
		kind: 'score',
		strength: 2,
		tier: 'outfit',
		scope: UNDERSPIN,
		split: 'UNDERSPIN-HOOK/light',
		when: 'always',
		prefers: { 'hook.gauge': { light: 1 } },
		because: 'Underspin: light wire goes home on a slow sweep.',
		speaks: {},
		silent: null
	},
	{
		id: 'HKS-08b',
		kind: 'score',
		strength: 1,
		tier: 'outfit',
		scope: UNDERSPIN,
		split: 'UNDERSPIN-HOOK/strong',
		when: 'always',
		prefers: { 'hook.gauge': { heavy: 1 }, screwIn: { yes: 1 } },
		because: 'A strong, deep-throated hook, with a screw-in blade.',
		speaks: {},
		silent: null
	},
	{
		id: 'HKS-09',
		kind: 'limit',
		strength: 3,
		when: 'always',
		because: 'Hooks and points are counted against the local rule.',
		speaks: {},
		silent: null
	},
	{
		id: 'HKS-10',
		kind: 'advice',
		strength: 1,
		scope: SPINNERBAIT,
		when: 'always',
		because: 'Open the pin gap a little to hook better; closed it works as a weed guard.',
		speaks: {},
		silent: null
	}
];
