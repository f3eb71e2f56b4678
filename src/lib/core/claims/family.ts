import { all, any, not } from '../water/reading/conditions';
import { BLADED_JIG, BUZZBAIT, SPINNERBAIT, type Claim } from './claim';
import { cover, eats } from './examples';

const toSpinnerbait = { family: { spinnerbait: 1 } };
const toBladedJig = { family: { 'bladed-jig': 1 } };
const toBuzzbait = { family: { buzzbait: 1 } };
const toUnderspin = { family: { underspin: 1 } };
const toEither = { family: { spinnerbait: 1, 'bladed-jig': 1 } };
const BURNED = { burn: 1, 'burn-pause': 1 };
const roughAndDim = { wind: 'chop', sky: 'overcast' } as const;
/** Water that calls for the less obvious bladed jig. */
const SUBTLE = any(all('clear', any('cold', 'pressured')), all('pressured', not('dirty')), 'crystal');
/** Fish that can be asked to chase something fast. */
const WILLING = not(any('cold', 'sluggish'));
const AMONG_PLENTY = all(any('chasing', 'schooling'), 'plenty of silver bait', 'seen over a metre', not('weed'));
const ON_HARD_GROUND = all(any('pre-spawn', 'post-spawn'), any('rock', 'wood', 'shell'));
const glassAndSun = { wind: 'calm', sky: 'sun', visibilityM: 4 } as const;

/** Is this a day for blades, and which family. */
export const FAMILY_CLAIMS: readonly Claim[] = [
	{
		id: 'FAM-01',
		kind: 'score',
		strength: 3,
		when: all('wind', 'cloud'),
		prefers: toEither,
		because: 'Broken surface and dim light hide the hardware, and wind pushes the bait about.',
		speaks: roughAndDim,
		silent: { wind: 'calm', sky: 'overcast' }
	},
	{
		id: 'FAM-02',
		kind: 'advice',
		strength: 3,
		when: all('calm', 'bright', 'clear'),
		because: 'Dead calm, bright and clear: blades are a poor first choice, they are seen for what they are.',
		speaks: glassAndSun,
		silent: { wind: 'chop', sky: 'sun', visibilityM: 4 }
	},
	{
		id: 'FAM-03a',
		kind: 'score',
		strength: 3,
		split: 'SKY/exceptions',
		when: all('clear', 'smallmouth', 'sun', WILLING),
		prefers: toSpinnerbait,
		relation: 'fast-for-them',
		because: 'Clear-water smallmouth under sun chase a fast spinnerbait.',
		speaks: { ...glassAndSun, species: 'smallmouth' },
		silent: { ...glassAndSun, species: 'largemouth' }
	},
	{
		id: 'FAM-03b',
		kind: 'score',
		strength: 3,
		split: 'SKY/exceptions',
		when: all('bright', 'warming', 'winter', 'pond'),
		prefers: toSpinnerbait,
		because: 'A sunny warming winter day draws pond fish shallow, to where a blade finds them.',
		speaks: { sky: 'sun', trend: 'rising', phase: 'winter', place: 'pond' },
		silent: { sky: 'sun', trend: 'falling', phase: 'winter', place: 'pond' }
	},
	{
		id: 'FAM-03c',
		kind: 'score',
		strength: 3,
		split: 'SKY/exceptions',
		when: all('bright', 'thick cover'),
		prefers: toSpinnerbait,
		because: 'Tight cover gives the shade that the sky does not.',
		speaks: { sky: 'sun', cover: cover('wood', { density: 'thick' }) },
		silent: { sky: 'sun', cover: cover('wood', { density: 'sparse' }) }
	},
	{
		id: 'FAM-04',
		kind: 'score',
		strength: 1,
		split: 'SKY/indifferent',
		when: 'sun',
		prefers: toBladedJig,
		because: 'Sky matters little to a bladed jig.',
		speaks: { sky: 'sun' },
		silent: { sky: 'sun', light: 'night' }
	},
	{
		id: 'FAM-05',
		kind: 'score',
		strength: 1,
		split: 'HEAT/jig',
		when: 'hot',
		prefers: toBladedJig,
		because: 'Hot water likes the quicker, harder beat of a bladed jig.',
		speaks: { waterTemperatureC: 28 },
		silent: { waterTemperatureC: 20 }
	},
	{
		id: 'FAM-05a',
		kind: 'score',
		strength: 1,
		split: 'HEAT/jig',
		when: not('hot'),
		prefers: toSpinnerbait,
		because: 'Short of hot water, a spinnerbait can be slowed as far as they want.',
		speaks: { waterTemperatureC: 18 },
		silent: { waterTemperatureC: 28 }
	},
	{
		id: 'FAM-05b',
		kind: 'score',
		strength: 1,
		split: 'HEAT/fast-spinner',
		when: 'hot',
		prefers: toSpinnerbait,
		because: 'Hot water simply asks for a faster spinnerbait.',
		speaks: { waterTemperatureC: 28 },
		silent: { waterTemperatureC: 20 }
	},
	{
		id: 'FAM-06',
		kind: 'score',
		strength: 2,
		when: all('crystal', 'chasing', WILLING),
		prefers: { ...toSpinnerbait, 'retrieve.style': BURNED },
		because: 'Chasing fish in crystal water come a long way for a burned spinnerbait.',
		speaks: { visibilityM: 5, mood: 'chasing' },
		silent: { visibilityM: 5, mood: 'neutral' }
	},
	{
		id: 'FAM-06b',
		kind: 'score',
		strength: 1,
		when: all('smallmouth', 'rock', WILLING),
		prefers: toBladedJig,
		relation: 'fast-for-them',
		because: 'Smallmouth over rock take a fast bladed jig.',
		speaks: { species: 'smallmouth', cover: cover('rock') },
		silent: { species: 'largemouth', cover: cover('rock') }
	},
	{
		id: 'FAM-07',
		kind: 'score',
		strength: 2,
		when: all('clear', any('cold', 'pressured')),
		prefers: toBladedJig,
		because: 'Clear water with cold or hard-fished bass: a bladed jig shows less and says enough.',
		speaks: { visibilityM: 4, pressure: 'high' },
		silent: { visibilityM: 4, pressure: 'low' }
	},
	{
		id: 'FAM-07b',
		kind: 'score',
		strength: 1,
		scope: BLADED_JIG,
		when: 'others full size',
		prefers: { body: { compact: 1 } },
		because: 'Everyone near throws full size; a compact one is the odd one out.',
		speaks: { others: 'full' },
		silent: { others: 'few' }
	},
	{
		id: 'FAM-07c',
		kind: 'score',
		strength: 2,
		scope: BLADED_JIG,
		split: 'CLEAR-BLADE/plastic',
		when: SUBTLE,
		prefers: { 'blade.style': { clear: 1 } },
		because: 'Clear or hard-fished water: the clear blade beats tight and shows nothing.',
		speaks: { visibilityM: 4, pressure: 'high' },
		silent: { visibilityM: 1, pressure: 'low' }
	},
	{
		id: 'FAM-07d',
		kind: 'score',
		strength: 1,
		scope: BLADED_JIG,
		when: all('clear', any('cold', 'pressured')),
		prefers: { body: { compact: 1 } },
		because: 'A compact body passes as food in clear, cold or pressured water.',
		speaks: { visibilityM: 4, waterTemperatureC: 7 },
		silent: { visibilityM: 1, waterTemperatureC: 7 }
	},
	{
		id: 'FAM-07e',
		kind: 'score',
		strength: 2,
		scope: BLADED_JIG,
		split: 'CLEAR-BLADE/compact',
		when: SUBTLE,
		prefers: { body: { compact: 1 }, 'blade.style': { standard: 1 } },
		because: 'Clear or hard-fished water: a compact body, and the standard blade even so.',
		speaks: { visibilityM: 4, pressure: 'high' },
		silent: { visibilityM: 1, pressure: 'low' }
	},
	{
		id: 'FAM-08',
		kind: 'score',
		strength: 3,
		when: 'night',
		prefers: toSpinnerbait,
		because: 'At night a spinnerbait is found by feel.',
		speaks: { light: 'night' },
		silent: { light: 'low' }
	},
	{
		id: 'FAM-08b',
		kind: 'score',
		strength: 3,
		scope: SPINNERBAIT,
		when: 'night',
		prefers: { 'blade.style': { colorado: 1 }, 'blade.size': { big: 1 } },
		because: 'Big Colorados are the strongest slow signal in the dark.',
		speaks: { light: 'night' },
		silent: { light: 'day' }
	},
	{
		id: 'FAM-08c',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		when: 'night',
		prefers: { layout: { single: 1, 'double-colorado': 0.5 } },
		because: 'One blade is one beat to home in on in the dark.',
		speaks: { light: 'night' },
		silent: { light: 'day' }
	},
	{
		id: 'FAM-08d',
		kind: 'score',
		strength: 3,
		scope: SPINNERBAIT,
		when: 'night',
		prefers: { 'blade.style': { colorado: 1 } },
		because: 'In the dark a Colorado, whatever its size: it is felt.',
		speaks: { light: 'night' },
		silent: { light: 'day' }
	},
	{
		id: 'FAM-09',
		kind: 'score',
		strength: 2,
		split: 'WEED-FAMILY/spinner',
		when: any('leafy weed', 'pads', 'stems', 'thick wood'),
		prefers: toSpinnerbait,
		because: 'Weed or thick wood that must be pulled through: the wire sheds it, a bladed jig gathers leaf.',
		speaks: { cover: cover('leafy-weed') },
		silent: { cover: cover('rock') }
	},
	{
		id: 'FAM-09b',
		kind: 'score',
		strength: 1,
		split: 'WEED-FAMILY/either',
		when: any('leafy weed', 'pads', 'stems'),
		prefers: toBladedJig,
		because: 'A bladed jig comes through weed well enough.',
		speaks: { cover: cover('pads') },
		silent: { cover: cover('grass-tops') }
	},
	{
		id: 'FAM-10',
		kind: 'score',
		strength: 3,
		when: all('open pockets', not('chasing')),
		prefers: toBladedJig,
		silences: ['FAM-09', 'FAM-30'],
		because: 'Pockets and short drops: a bladed jig is alive from the first turn and bitten as it falls.',
		speaks: { cover: cover('leafy-weed', { form: 'pockets' }) },
		silent: { cover: cover('leafy-weed', { form: 'edge' }) }
	},
	{
		id: 'FAM-11',
		kind: 'score',
		strength: 3,
		when: all('not day', 'warm', 'shallow', any('weed', 'wood', 'dock')),
		prefers: toBuzzbait,
		silences: ['FAM-09', 'FAM-10'],
		because: 'Low light over warm, shallow cover: they look up.',
		speaks: { light: 'low', waterTemperatureC: 23, bottomM: 1.2, cover: cover('pads') },
		silent: { light: 'day', waterTemperatureC: 23, bottomM: 1.2, cover: cover('pads') }
	},
	{
		id: 'FAM-11a',
		kind: 'plan',
		strength: 2,
		when: all('low light', 'warm', 'shallow'),
		because: 'Dawn first; late in summer the shade lines from late afternoon into dark.',
		speaks: { light: 'low', waterTemperatureC: 23, bottomM: 1.2 },
		silent: { light: 'day', waterTemperatureC: 23, bottomM: 1.2 }
	},
	{
		id: 'FAM-12',
		kind: 'score',
		strength: 1,
		when: all('at the surface', 'chasing'),
		prefers: toBuzzbait,
		because: 'They are chasing at the top.',
		speaks: { fishFromM: 0, fishToM: 1, mood: 'chasing' },
		silent: { fishFromM: 1, fishToM: 2, mood: 'chasing' }
	},
	{
		id: 'FAM-12b',
		kind: 'score',
		strength: 1,
		when: all('just under', 'chasing', WILLING),
		prefers: { ...toSpinnerbait, 'retrieve.style': BURNED },
		because: 'Chasing just under the top: a burned spinnerbait.',
		speaks: { fishFromM: 0.3, fishToM: 1, mood: 'chasing' },
		silent: { fishFromM: 1, fishToM: 2, mood: 'chasing' }
	},
	{
		id: 'FAM-13',
		kind: 'score',
		strength: 3,
		when: all('cold', 'silver bait', any('ditch', 'timber', 'clear')),
		prefers: { ...toUnderspin, pace: { slow: 1 } },
		silences: ['FAM-07', 'FAM-01'],
		because: 'Cold-water fish follow open-water bait along ditches and timber edges: slow, in touch with the bottom.',
		speaks: { waterTemperatureC: 6, forage: eats('silver-baitfish'), cover: cover('ditch') },
		silent: { waterTemperatureC: 20, forage: eats('silver-baitfish'), cover: cover('ditch') }
	},
	{
		id: 'FAM-14',
		kind: 'score',
		strength: 1,
		when: AMONG_PLENTY,
		prefers: toUnderspin,
		because: 'Among plenty of open-water bait, more flash makes yours the one that is picked.',
		speaks: { visibilityM: 2, mood: 'chasing', forage: eats('silver-baitfish', 3, 'plenty') },
		silent: { visibilityM: 2, mood: 'chasing', forage: eats('silver-baitfish', 3, 'few') }
	},
	{
		id: 'FAM-14c',
		kind: 'score',
		strength: 1,
		scope: SPINNERBAIT,
		when: all(AMONG_PLENTY, 'small bait'),
		prefers: { array: { yes: 1 } },
		because: 'Small bait in a shoal: a clip-on array of tiny blades looks like one.',
		speaks: { visibilityM: 2, mood: 'chasing', forage: eats('silver-baitfish', 1.5, 'plenty') },
		silent: { visibilityM: 2, mood: 'chasing', forage: eats('silver-baitfish', 4, 'plenty') }
	},
	{
		id: 'FAM-15',
		kind: 'score',
		strength: 2,
		when: all('summer', 'day', any('rock', 'dock', 'shell', 'weed edge'), 'water to twelve feet'),
		prefers: toBladedJig,
		because:
			'By day in summer rock, docks, shell and weed edges, from inches of water to about 12 ft, are bladed-jig water.',
		speaks: { phase: 'summer', cover: cover('dock') },
		silent: { phase: 'spawn', cover: cover('dock') }
	},
	{
		id: 'FAM-16',
		kind: 'advice',
		strength: 2,
		when: 'always',
		because: 'New to this: a bladed jig or a spinnerbait; cast and wind is enough.',
		speaks: {},
		silent: null
	},
	{
		id: 'FAM-17',
		kind: 'score',
		strength: 1,
		when: all('big-fish goal', not('clear')),
		prefers: toSpinnerbait,
		because: 'Where they cannot study it, bigger fish come to a spinnerbait.',
		speaks: { goal: 'big' },
		silent: { goal: 'big', visibilityM: 4 }
	},
	{
		id: 'FAM-17b',
		kind: 'score',
		strength: 1,
		when: all('big-fish goal', 'late summer'),
		prefers: toBuzzbait,
		because: 'Late in summer the big ones come up for a buzzbait.',
		speaks: { goal: 'big', phase: 'late-summer' },
		silent: { goal: 'big', phase: 'spawn' }
	},
	{
		id: 'FAM-17c',
		kind: 'score',
		strength: 1,
		when: all('big-fish goal', 'pre-spawn'),
		prefers: { ...toBladedJig, 'blade.style': { oversized: 1 } },
		because: 'Before the spawn a big one wants a bladed jig that moves water.',
		speaks: { goal: 'big', phase: 'pre-spawn' },
		silent: { goal: 'big', phase: 'fall' }
	},
	{
		id: 'FAM-18',
		kind: 'score',
		strength: 2,
		split: 'FALL-SPEED/burn',
		when: all('fall', 'bait', 'chasing', WILLING),
		prefers: toSpinnerbait,
		relation: 'fast-for-them',
		because: 'Fall, bait on the move and bass chasing: a spinnerbait, shallow and offshore.',
		speaks: { phase: 'fall', mood: 'chasing', forage: eats('silver-baitfish') },
		silent: { phase: 'summer', mood: 'chasing', forage: eats('silver-baitfish') }
	},
	{
		id: 'FAM-19',
		kind: 'score',
		strength: 2,
		when: all(any('pre-spawn', 'spawn'), 'wood'),
		prefers: { ...toSpinnerbait, 'retrieve.style': { steady: 1, 'slow-roll': 1 } },
		because: 'Before and during the spawn, a spinnerbait runs steady and slow beside wood.',
		speaks: { phase: 'pre-spawn', cover: cover('wood') },
		silent: { phase: 'summer', cover: cover('wood') }
	},
	{
		id: 'FAM-20',
		kind: 'score',
		strength: 1,
		split: 'CLARITY-FAMILY/divide',
		when: 'dirty',
		prefers: toSpinnerbait,
		outweighs: ['FAM-34'],
		because: 'Dirty water is for the spinnerbait.',
		speaks: { visibilityM: 0.4 },
		silent: { visibilityM: 3 }
	},
	{
		id: 'FAM-20a',
		kind: 'score',
		strength: 1,
		split: 'CLARITY-FAMILY/divide',
		when: 'clear',
		prefers: toBladedJig,
		outweighs: ['FAM-34'],
		because: 'Clear water is for the bladed jig.',
		speaks: { visibilityM: 3 },
		silent: { visibilityM: 0.4 }
	},
	{
		id: 'FAM-20b',
		kind: 'advice',
		strength: 1,
		split: 'CLARITY-FAMILY/both',
		when: any('dirty', 'clear'),
		outweighs: ['FAM-34'],
		because: 'Clarity does not decide between spinnerbait and bladed jig: both work in both.',
		speaks: { visibilityM: 3 },
		silent: { visibilityM: 1.35 }
	},
	{
		id: 'FAM-21',
		kind: 'score',
		strength: 2,
		when: all('pressure falling', 'windy', 'cloud', WILLING),
		prefers: toBladedJig,
		relation: 'fast-for-them',
		because: 'Pressure falling with wind and cloud building: larger fish feed, and a bladed jig finds them fast.',
		speaks: { pressureTrend: 'falling', ...roughAndDim },
		silent: { pressureTrend: 'rising', ...roughAndDim }
	},
	{
		id: 'FAM-22',
		kind: 'score',
		strength: 2,
		when: all('thick pads', 'wind', 'cloud'),
		prefers: toSpinnerbait,
		because: 'Thick pads under wind and cloud: a spinnerbait slides over and between.',
		speaks: { cover: cover('pads', { density: 'thick' }), ...roughAndDim },
		silent: { cover: cover('pads', { density: 'sparse' }), ...roughAndDim }
	},
	{
		id: 'FAM-22b',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		when: all('thick pads', 'wind', 'cloud'),
		prefers: { 'blade.style': { willow: 1 } },
		because: 'Willows slip between the pads.',
		speaks: { cover: cover('pads', { density: 'thick' }), ...roughAndDim },
		silent: { cover: cover('rock', { density: 'thick' }), ...roughAndDim }
	},
	{
		id: 'FAM-22c',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		when: all('thick pads', 'wind', 'cloud'),
		prefers: { line: { 'braid 40-65': 1 } },
		because: 'Strong braid cuts through pads; nothing else gets the fish out.',
		speaks: { cover: cover('pads', { density: 'thick' }), ...roughAndDim },
		silent: { ...roughAndDim }
	},
	{
		id: 'FAM-23',
		kind: 'advice',
		strength: 2,
		when: 'matted',
		because: 'Matted cover is too thick even for wire: a hollow frog, slower and quieter, is the tool.',
		speaks: { cover: cover('pads', { density: 'matted' }) },
		silent: { cover: cover('pads', { density: 'thick' }) }
	},
	{
		id: 'FAM-24',
		kind: 'score',
		strength: 1,
		when: 'mixed cover',
		prefers: { family: { spinnerbait: 1, buzzbait: 1 } },
		because: 'Two kinds of cover in the band: one lure that crosses it all.',
		speaks: { cover: [...cover('wood'), ...cover('pads')] },
		silent: { cover: cover('wood') }
	},
	{
		id: 'FAM-25',
		kind: 'advice',
		strength: 1,
		when: all('clear', any('short strikes', 'follows'), 'at the surface'),
		because: 'Coming short of a surface lure in clear water: slower, or just below.',
		speaks: { visibilityM: 3, answers: ['short-strikes'] },
		silent: { visibilityM: 3 }
	},
	{
		id: 'FAM-26',
		kind: 'limit',
		strength: 3,
		scope: BUZZBAIT,
		when: 'always',
		because: 'A buzzbait is for fish that can see or feel it from below, in water of 14 °C (57 °F) or more.',
		speaks: {},
		silent: null
	},
	{
		id: 'FAM-27',
		kind: 'score',
		strength: 3,
		when: 'cool',
		prefers: { family: { buzzbait: -3 } },
		because: 'Cool water: they do not come up for a buzzbait.',
		speaks: { waterTemperatureC: 15 },
		silent: { waterTemperatureC: 18 }
	},
	{
		id: 'FAM-28',
		kind: 'score',
		strength: 2,
		when: any('heavy wind', all('sluggish', any('day', not('warm')))),
		prefers: { family: { buzzbait: -1 } },
		because: 'Heavy wind, or sluggish fish that are cool or see the day: not a buzzbait.',
		speaks: { wind: 'heavy' },
		silent: { wind: 'chop', mood: 'chasing' }
	},
	{
		id: 'FAM-29',
		kind: 'score',
		strength: 2,
		when: 'beyond five metres',
		prefers: { family: { 'bladed-jig': -1, buzzbait: -1 } },
		because: 'Beyond about 5 m neither a bladed jig nor a buzzbait: heavy ones disappoint.',
		speaks: { bottomM: 8, fishFromM: 5.5, fishToM: 7 },
		silent: { bottomM: 8, fishFromM: 2, fishToM: 4 }
	},
	{
		id: 'FAM-30',
		kind: 'score',
		strength: 3,
		when: 'only wire comes through',
		prefers: { family: { 'bladed-jig': -1, underspin: -1 } },
		because: 'Through this only wire comes: neither a bladed jig nor an underspin.',
		speaks: { cover: cover('wood', { density: 'thick' }) },
		silent: { cover: cover('pads', { form: 'edge' }) }
	},
	{
		id: 'FAM-31',
		kind: 'score',
		strength: 2,
		when: 'weed not sparse',
		prefers: { family: { underspin: -1 } },
		because: 'An underspin hangs its bare hook and blade in weed.',
		speaks: { cover: cover('leafy-weed') },
		silent: { cover: cover('leafy-weed', { density: 'sparse' }) }
	},
	{
		id: 'FAM-32',
		kind: 'score',
		strength: 2,
		when: 'dirty',
		prefers: { family: { underspin: -1 } },
		because: 'Dirty water: an underspin is neither seen nor felt far enough.',
		speaks: { visibilityM: 0.5 },
		silent: { visibilityM: 2 }
	},
	{
		id: 'FAM-33',
		kind: 'score',
		strength: 1,
		when: all('clear', 'beyond four metres'),
		prefers: toUnderspin,
		because: 'Clear and beyond 4 m: an underspin gets down small and is seen from afar.',
		speaks: { visibilityM: 4, bottomM: 8, fishFromM: 5, fishToM: 7 },
		silent: { visibilityM: 4, bottomM: 2 }
	},
	{
		id: 'FAM-34',
		kind: 'score',
		strength: 1,
		when: 'dirty',
		prefers: toSpinnerbait,
		because: 'Dirty water: a spinnerbait is found by its beat.',
		speaks: { visibilityM: 0.5 },
		silent: { visibilityM: 2 }
	},
	{
		id: 'FAM-35',
		kind: 'score',
		strength: 1,
		when: all('thick grass tops', not('night')),
		prefers: toBladedJig,
		because: 'Thick grass tops: a bladed jig, ripped free.',
		speaks: { cover: cover('grass-tops', { density: 'thick', topM: 1 }) },
		silent: { cover: cover('grass-tops', { density: 'thick', topM: 1 }), light: 'night' }
	},
	{
		id: 'FAM-36',
		kind: 'score',
		strength: 1,
		when: ON_HARD_GROUND,
		prefers: toBladedJig,
		because: 'Before and after the spawn on rock, wood or shell: a bladed jig.',
		speaks: { phase: 'pre-spawn', cover: cover('rock') },
		silent: { phase: 'fall', cover: cover('rock') }
	},
	{
		id: 'FAM-36b',
		kind: 'score',
		strength: 1,
		scope: BLADED_JIG,
		when: all(ON_HARD_GROUND, 'pre-spawn'),
		prefers: { colour: { 'brown-craw': 1, 'red-craw': 1 } },
		because: 'Before the spawn on hard ground: browns and reds.',
		speaks: { phase: 'pre-spawn', cover: cover('rock') },
		silent: { phase: 'post-spawn', cover: cover('rock') }
	},
	{
		id: 'FAM-36c',
		kind: 'score',
		strength: 1,
		scope: BLADED_JIG,
		when: all(ON_HARD_GROUND, 'post-spawn'),
		prefers: { colour: { white: 1 } },
		because: 'After the spawn on hard ground wear white.',
		speaks: { phase: 'post-spawn', cover: cover('rock') },
		silent: { phase: 'pre-spawn', cover: cover('rock') }
	},
	{
		id: 'FAM-37',
		kind: 'advice',
		strength: 1,
		scope: BLADED_JIG,
		when: 'from a boat',
		because: 'Fish seen on live sonar: a metal-bladed jig shows on the screen and can be steered to them.',
		speaks: { from: 'boat' },
		silent: { from: 'bank' }
	}
];
