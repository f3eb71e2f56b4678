import { all, any, not } from '../water/reading/conditions';
import { BLADED_JIG, BUZZBAIT, SKIRTED, SPINNERBAIT, UNDERSPIN, type Claim, type Fit } from './claim';
import { TRAILER_KINDS } from '../foundation/schema/words';
import { cover, eats } from './examples';

/** A fit that is full for each of some values. */
const fullFor = (values: readonly string[]): Fit => Object.fromEntries(values.map((value) => [value, 1]));

const FLAT = { 'flat-craw': 1, 'flat-toad': 1, craw: 1 };
const COMPACT_TRAILER = { 'trailer.length': { short: 1 } };

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
		because: 'A bladed jig can be fished without a trailer.',
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
		because: 'The trailer must not beat faster or wider than the blade: a big kicking tail upsets it.',
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
		because: 'Behind a standard blade a slim swimmer looks like one longer fish.',
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
		because: 'A split tail keeps its depth and darts: good for summer and deep water.',
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
		because: 'Around big forage a paddle tail is fuller, lifts more and rides high.',
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
		because: 'For crayfish, cold water or wood, broad flat legs keep moving where many claws go dead.',
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
		because: 'For smallmouth or clear water a slim minnow body darts.',
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
		because: 'Compact body, small trailer: shorten it and put the round side down.',
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
		because: 'In wood mount a flat trailer crosswise: it slides over limbs without rolling.',
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
		because: 'Fished fast, run it bare or with a slim swimmer for color.',
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
		given: { pace: { slow: 1, middle: 0.5 } },
		prefers: { 'trailer.kind': { 'split-tail': 1, grub: 1, 'slim-swimmer': 1, craw: -1, 'flat-craw': -1 } },
		because: 'Fished slowly, a split tail, grub or slim swimmer fills it out; a craw doesn’t belong there.',
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
		because: 'Match the trailer to the skirt’s color.',
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
		because: 'A spinnerbait is always better with a trailer.',
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
		because: 'A flat toad or craw lifts a buzzbait, and a missed fish may come back for it.',
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
		because: 'Fished slowly in cold water, it wants a split tail.',
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
		because: 'A paddle tail gives more action.',
		speaks: { mood: 'chasing' },
		silent: { waterTemperatureC: 8 }
	},
	{
		id: 'TRL-14',
		kind: 'advice',
		strength: 1,
		when: 'chasing',
		because: 'Use tough plastic when bites come fast; stretchy plastic moves more.',
		speaks: { mood: 'chasing' },
		silent: { mood: 'neutral' }
	},
	{
		id: 'TRL-15',
		kind: 'score',
		strength: 1,
		when: any('short strikes', 'numbers goal'),
		prefers: COMPACT_TRAILER,
		because: 'For short strikes or small fish, slim the trailer down.',
		speaks: { answers: ['short-strikes'] },
		silent: {}
	},
	{
		id: 'TRL-20',
		kind: 'advice',
		strength: 1,
		when: any('short strikes', 'follows', 'misses'),
		because: 'If they refuse a matching trailer, try a contrasting one or dip its tail.',
		speaks: { answers: ['follows'] },
		silent: {}
	},
	{
		id: 'TRL-16',
		kind: 'advice',
		strength: 1,
		when: 'sunfish',
		because: 'For a sunfish look use a pale belly and a dark back.',
		speaks: { forage: eats('sunfish') },
		silent: { forage: eats('perch') }
	},
	{
		id: 'TRL-17',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		when: any('small bait', 'fry'),
		prefers: { 'trailer.kind': { none: 1 } },
		because: 'Around small bait or fry leave the trailer off.',
		speaks: { forage: eats('fry', 1) },
		silent: { forage: eats('silver-baitfish', 4) }
	},
	{
		id: 'TRL-18',
		kind: 'score',
		strength: 2,
		scope: SKIRTED,
		when: any('silver bait', 'golden shiner', 'fry'),
		prefers: { 'trailer.kind': { craw: -1, 'flat-craw': -1, 'split-tail': 0.3 } },
		because: 'Where bass eat baitfish or fry, a craw is the wrong trailer; a split tail fits.',
		speaks: { forage: eats('silver-baitfish') },
		silent: { forage: eats('crayfish') }
	},
	{
		id: 'TRL-19',
		kind: 'score',
		strength: 2,
		scope: [...SPINNERBAIT, ...BLADED_JIG],
		when: 'forage entered',
		relation: 'near-bait-length',
		because: 'Match the trailer’s length to the bait.',
		speaks: { forage: eats('silver-baitfish', 4) },
		silent: {}
	},
	{
		id: 'TRL-19b',
		kind: 'score',
		strength: 3,
		scope: UNDERSPIN,
		when: 'forage entered',
		relation: 'near-bait-length',
		because: 'Match the body of an underspin to the bait’s length.',
		speaks: { forage: eats('silver-baitfish', 4) },
		silent: {}
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
		because: 'Always use a trailer hook.',
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
		because: 'Short strikes in open water call for a trailer hook.',
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
		because: 'Without short strikes in open water, leave the trailer hook off.',
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
		because: 'A fast lure is eaten whole, and a second hook far back hurts gills.',
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
		because: 'Never use a trailer hook: after short strikes change blade color, then skirt, then trailer.',
		speaks: {},
		silent: null
	},
	{
		id: 'HKS-05',
		kind: 'score',
		strength: 2,
		when: 'always',
		prefers: { trailerHook: { stiff: -1 } },
		because: 'Let a trailer hook swing free with a keeper behind it; one stuck stiff through its eye fouls.',
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
		because: 'On an underspin a light-wire hook goes home with a slow sweep.',
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
		because: 'Use a strong, deep-throated hook with a screw-in blade.',
		speaks: {},
		silent: null
	},
	{
		id: 'HKS-09',
		kind: 'limit',
		strength: 3,
		when: 'always',
		because: 'Hooks and points must stay within the local rule.',
		speaks: {},
		silent: null
	},
	{
		id: 'HKS-10',
		kind: 'advice',
		strength: 1,
		scope: SPINNERBAIT,
		when: 'always',
		because: 'Open the pin gap a little to hook better; closed, it works as a weed guard.',
		speaks: {},
		silent: null
	}
];
