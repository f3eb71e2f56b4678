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
const AMONG_PLENTY = all(any('chasing', 'schooling'), 'plenty of silver bait', 'seen over a meter', not('weed'));
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
		because: 'Wind and clouds hide the wire and blades, and wind pushes bait around, so bass chase a spinnerbait.',
		speaks: roughAndDim,
		silent: { wind: 'calm', sky: 'overcast' }
	},
	{
		id: 'FAM-02',
		kind: 'advice',
		strength: 3,
		when: all('calm', 'bright', 'clear', not('in shade')),
		because: 'Dead calm, bright and clear is the worst time for blades: bass see them for what they are.',
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
		because: 'Smallmouth in clear, sunny water will chase a fast spinnerbait.',
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
		because: 'On a sunny, warming winter day pond bass move shallow, where a blade finds them.',
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
		because: 'Tight cover gives bass shade even when the sky is bright.',
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
		because: 'Bright or cloudy matters little to a bladed jig.',
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
		because: 'In hot water bass like the quicker, harder beat of a bladed jig.',
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
		because: 'Until the water is hot, you can slow a spinnerbait down as much as the fish want.',
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
		because: 'In hot water you can stay with a spinnerbait and reel it faster.',
		speaks: { waterTemperatureC: 28 },
		silent: { waterTemperatureC: 20 }
	},
	{
		id: 'FAM-06',
		kind: 'score',
		strength: 2,
		when: all('crystal', 'chasing', WILLING),
		prefers: { ...toSpinnerbait, 'retrieve.style': BURNED },
		because: 'Chasing fish in very clear water come a long way for a burned spinnerbait.',
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
		because: 'Smallmouth over rock eat a fast bladed jig.',
		speaks: { species: 'smallmouth', cover: cover('rock') },
		silent: { species: 'largemouth', cover: cover('rock') }
	},
	{
		id: 'FAM-07',
		kind: 'score',
		strength: 2,
		when: all('clear', any('cold', 'pressured')),
		prefers: toBladedJig,
		because: 'In clear water with cold or pressured bass, a bladed jig shows less and still gets noticed.',
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
		because: 'Everyone here throws full-size lures, so a compact one stands out.',
		speaks: { others: 'full' },
		silent: { others: 'few' }
	},
	{
		id: 'FAM-07c',
		kind: 'score',
		strength: 2,
		scope: BLADED_JIG,
		split: 'CLEAR-BLADE/plastic',
		when: all(SUBTLE, 'clear', not(any('low light', 'night', 'heavy wind'))),
		prefers: { 'blade.style': { clear: 1 } },
		because: 'In clear water with light, a clear blade has a tight beat and nothing to see.',
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
		because: 'In clear, cold or pressured water a compact body looks like food.',
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
		because: 'In clear or pressured water use a compact body; the standard blade is fine.',
		speaks: { visibilityM: 4, pressure: 'high' },
		silent: { visibilityM: 1, pressure: 'low' }
	},
	{
		id: 'FAM-08',
		kind: 'score',
		strength: 3,
		when: 'night',
		prefers: toSpinnerbait,
		because: 'At night bass find a spinnerbait by its thump.',
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
		because: 'Big Colorados give the strongest slow thump in the dark.',
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
		because: 'In the dark one blade gives a single beat to home in on.',
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
		because: 'In the dark use a Colorado of any size: bass feel it.',
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
		because: 'The wire sheds weed and thick wood; a bladed jig collects leaves.',
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
		strength: 2,
		when: all('open pockets', not('chasing')),
		prefers: toBladedJig,
		silences: ['FAM-09', 'FAM-30'],
		because: 'In pockets of weed a bladed jig works from the first turn and gets bites as it falls.',
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
		because: 'In low light over warm, shallow cover bass look up.',
		speaks: { light: 'low', waterTemperatureC: 23, bottomM: 1.2, cover: cover('pads') },
		silent: { light: 'day', waterTemperatureC: 23, bottomM: 1.2, cover: cover('pads') }
	},
	{
		id: 'FAM-11b',
		kind: 'score',
		strength: 3,
		when: all('warm', 'shade line', any('wood', 'dock'), any('late summer', 'summer', 'not day')),
		prefers: toBuzzbait,
		silences: ['FAM-09', 'FAM-10'],
		because: 'In warm water throw a buzzbait along a shade line beside wood or docks, by day too.',
		speaks: { shade: 'line', waterTemperatureC: 26, cover: cover('dock') },
		silent: { waterTemperatureC: 26, cover: cover('dock') }
	},
	{
		id: 'FAM-11a',
		kind: 'plan',
		strength: 2,
		when: all('low light', 'warm', 'shallow'),
		because: 'Fish dawn first; late in summer fish the shade lines from late afternoon until dark.',
		speaks: { light: 'low', waterTemperatureC: 23, bottomM: 1.2 },
		silent: { light: 'day', waterTemperatureC: 23, bottomM: 1.2 }
	},
	{
		id: 'FAM-12',
		kind: 'score',
		strength: 1,
		when: all('at the surface', 'chasing'),
		prefers: toBuzzbait,
		because: 'Bass are chasing on top.',
		speaks: { fishFromM: 0, fishToM: 1, mood: 'chasing' },
		silent: { fishFromM: 1, fishToM: 2, mood: 'chasing' }
	},
	{
		id: 'FAM-12b',
		kind: 'score',
		strength: 1,
		when: all('just under', 'chasing', 'clear', WILLING),
		prefers: { ...toSpinnerbait, 'retrieve.style': BURNED },
		because: 'For bass chasing just under the surface, burn a spinnerbait.',
		speaks: { fishFromM: 0.3, fishToM: 1, mood: 'chasing', visibilityM: 3 },
		silent: { fishFromM: 0.3, fishToM: 1, mood: 'chasing', visibilityM: 1.2 }
	},
	{
		id: 'FAM-13',
		kind: 'score',
		strength: 3,
		when: all('cold', 'silver bait', any('ditch', 'timber', 'clear')),
		prefers: { ...toUnderspin, pace: { slow: 1 } },
		silences: ['FAM-07', 'FAM-01'],
		because: 'Cold bass follow bait along ditches and timber edges: fish slowly and stay near the bottom.',
		speaks: { waterTemperatureC: 6, forage: eats('silver-baitfish'), cover: cover('ditch') },
		silent: { waterTemperatureC: 20, forage: eats('silver-baitfish'), cover: cover('ditch') }
	},
	{
		id: 'FAM-13b',
		kind: 'score',
		strength: 2,
		when: all(any('winter', 'pre-spawn', 'spawn'), not('cold'), 'silver bait', any('ditch', 'timber', 'clear')),
		prefers: { ...toUnderspin, pace: { slow: 1 } },
		because: 'From winter to the spawn bass follow bait along ditches and timber: an underspin looks like it.',
		speaks: { waterTemperatureC: 14, phase: 'pre-spawn', forage: eats('silver-baitfish'), cover: cover('ditch') },
		silent: { waterTemperatureC: 20, phase: 'fall', forage: eats('silver-baitfish'), cover: cover('ditch') }
	},
	{
		id: 'FAM-14',
		kind: 'score',
		strength: 1,
		when: AMONG_PLENTY,
		prefers: toUnderspin,
		because: 'With a lot of bait around, more flash gets your lure picked out.',
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
		because: 'When bait is small and schooled, a clip-on array of tiny blades looks like the school.',
		speaks: { visibilityM: 2, mood: 'chasing', forage: eats('silver-baitfish', 1.5, 'plenty') },
		silent: { visibilityM: 2, mood: 'chasing', forage: eats('silver-baitfish', 4, 'plenty') }
	},
	{
		id: 'FAM-15',
		kind: 'score',
		strength: 2,
		when: all('summer', 'day', any('rock', 'dock', 'shell', 'weed edge'), 'water to twelve feet'),
		prefers: toBladedJig,
		because: 'On summer days, rock, docks, shell and weed edges down to about 12 ft are good for a bladed jig.',
		speaks: { phase: 'summer', cover: cover('dock') },
		silent: { phase: 'spawn', cover: cover('dock') }
	},
	{
		id: 'FAM-16',
		kind: 'advice',
		strength: 2,
		when: 'always',
		because: 'New to these lures? Start with a bladed jig or a spinnerbait: cast and reel.',
		speaks: {},
		silent: null
	},
	{
		id: 'FAM-17',
		kind: 'score',
		strength: 1,
		when: all('big-fish goal', not('clear')),
		prefers: toSpinnerbait,
		because: 'Where bass can’t study it, bigger ones come to a spinnerbait.',
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
		because: 'Before the spawn a big bass wants a bladed jig that moves water.',
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
		because: 'In fall, with bait moving and bass chasing, throw a spinnerbait, both shallow and offshore.',
		speaks: { phase: 'fall', mood: 'chasing', forage: eats('silver-baitfish') },
		silent: { phase: 'summer', mood: 'chasing', forage: eats('silver-baitfish') }
	},
	{
		id: 'FAM-19',
		kind: 'score',
		strength: 2,
		when: all(any('pre-spawn', 'spawn'), 'wood'),
		prefers: { ...toSpinnerbait, 'retrieve.style': { steady: 1, 'slow-roll': 1 } },
		because: 'Before and during the spawn, a spinnerbait runs slowly and steadily beside wood.',
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
		because: 'In dirty water throw a spinnerbait.',
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
		because: 'In clear water throw a bladed jig.',
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
		because: 'Clear or dirty does not decide between a spinnerbait and a bladed jig: both work in both.',
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
		because: 'When pressure falls and wind and clouds build, bigger fish feed, and a bladed jig finds them fast.',
		speaks: { pressureTrend: 'falling', ...roughAndDim },
		silent: { pressureTrend: 'rising', ...roughAndDim }
	},
	{
		id: 'FAM-22',
		kind: 'score',
		strength: 2,
		when: all('thick pads', 'wind', 'cloud'),
		prefers: toSpinnerbait,
		because: 'In thick pads with wind and clouds, a spinnerbait slides over and between them.',
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
		because: 'Willow blades slip between pads.',
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
		because: 'Only strong braid cuts through pads and gets the fish out.',
		speaks: { cover: cover('pads', { density: 'thick' }), ...roughAndDim },
		silent: { ...roughAndDim }
	},
	{
		id: 'FAM-23',
		kind: 'advice',
		strength: 2,
		when: 'matted',
		because: 'Matted cover is too thick even for wire: throw a hollow frog, slower and quieter.',
		speaks: { cover: cover('pads', { density: 'matted' }) },
		silent: { cover: cover('pads', { density: 'thick' }) }
	},
	{
		id: 'FAM-24',
		kind: 'score',
		strength: 1,
		when: 'mixed cover',
		prefers: { family: { spinnerbait: 1, buzzbait: 1 } },
		because: 'Two kinds of cover at that depth, so one lure has to come through both.',
		speaks: { cover: [...cover('wood'), ...cover('pads')] },
		silent: { cover: cover('wood') }
	},
	{
		id: 'FAM-25',
		kind: 'advice',
		strength: 1,
		when: all('clear', any('short strikes', 'follows'), 'at the surface'),
		because: 'If they come up short on a surface lure in clear water, slow down or run just under the surface.',
		speaks: { visibilityM: 3, answers: ['short-strikes'] },
		silent: { visibilityM: 3 }
	},
	{
		id: 'FAM-26',
		kind: 'limit',
		strength: 3,
		scope: BUZZBAIT,
		when: 'always',
		because: 'A buzzbait needs fish that can see or feel it from below, and water of 14 °C (57 °F) or more.',
		speaks: {},
		silent: null
	},
	{
		id: 'FAM-27',
		kind: 'score',
		strength: 3,
		when: 'cool',
		prefers: { family: { buzzbait: -3 } },
		because: 'In cool water bass don’t come up for a buzzbait.',
		speaks: { waterTemperatureC: 15 },
		silent: { waterTemperatureC: 18 }
	},
	{
		id: 'FAM-28',
		kind: 'score',
		strength: 2,
		when: any('heavy wind', all('sluggish', any('day', not('warm')))),
		prefers: { family: { buzzbait: -1 } },
		because: 'Leave the buzzbait in the box in heavy wind, and for sluggish fish in cool water or daylight.',
		speaks: { wind: 'heavy' },
		silent: { wind: 'chop', mood: 'chasing' }
	},
	{
		id: 'FAM-29',
		kind: 'score',
		strength: 2,
		when: 'beyond five meters',
		prefers: { family: { 'bladed-jig': -1, buzzbait: -1 } },
		because: 'Deeper than about 5 m neither a bladed jig nor a buzzbait works well, not even a heavy one.',
		speaks: { bottomM: 8, fishFromM: 5.5, fishToM: 7 },
		silent: { bottomM: 8, fishFromM: 2, fishToM: 4 }
	},
	{
		id: 'FAM-30',
		kind: 'score',
		strength: 3,
		when: 'only wire comes through',
		prefers: { family: { 'bladed-jig': -1, underspin: -1 } },
		because: 'Only a wire bait comes through this; a bladed jig or an underspin will foul.',
		speaks: { cover: cover('wood', { density: 'thick' }) },
		silent: { cover: cover('pads', { form: 'edge' }) }
	},
	{
		id: 'FAM-31',
		kind: 'score',
		strength: 2,
		when: 'weed not sparse',
		prefers: { family: { underspin: -1 } },
		because: 'An underspin’s open hook and blade catch weed.',
		speaks: { cover: cover('leafy-weed') },
		silent: { cover: cover('leafy-weed', { density: 'sparse' }) }
	},
	{
		id: 'FAM-32',
		kind: 'score',
		strength: 2,
		when: 'dirty',
		prefers: { family: { underspin: -1 } },
		because: 'In dirty water bass can’t see or feel an underspin from far enough away.',
		speaks: { visibilityM: 0.5 },
		silent: { visibilityM: 2 }
	},
	{
		id: 'FAM-33',
		kind: 'score',
		strength: 2,
		when: all(
			'seen over two meters',
			'beyond three and a half meters',
			any('silver bait', 'crayfish'),
			any('calm', 'sluggish', 'cold')
		),
		prefers: toUnderspin,
		because: 'In clear, deep water an underspin gets a small profile down to fish that won’t chase.',
		speaks: { visibilityM: 4, bottomM: 8, fishFromM: 5, fishToM: 7, mood: 'sluggish', forage: eats('silver-baitfish') },
		silent: { visibilityM: 4, bottomM: 2, mood: 'sluggish', forage: eats('silver-baitfish') }
	},
	{
		id: 'FAM-34',
		kind: 'score',
		strength: 1,
		when: 'dirty',
		prefers: toSpinnerbait,
		because: 'In dirty water bass find a spinnerbait by its thump.',
		speaks: { visibilityM: 0.5 },
		silent: { visibilityM: 2 }
	},
	{
		id: 'FAM-35',
		kind: 'score',
		strength: 2,
		when: all('grass tops under the fish', not(any('night', 'cold'))),
		prefers: toBladedJig,
		because: 'Over grass that stops short of the surface, tick the tops with a bladed jig and rip it free.',
		speaks: { cover: cover('grass-tops', { topM: 2 }) },
		silent: { cover: cover('grass-tops', { topM: 2 }), light: 'night' }
	},
	{
		id: 'FAM-36',
		kind: 'score',
		strength: 1,
		when: ON_HARD_GROUND,
		prefers: toBladedJig,
		because: 'Before and after the spawn, throw a bladed jig on rock, wood or shell.',
		speaks: { phase: 'pre-spawn', cover: cover('rock') },
		silent: { phase: 'fall', cover: cover('rock') }
	},
	{
		id: 'FAM-36b',
		kind: 'score',
		strength: 2,
		scope: BLADED_JIG,
		when: all('pre-spawn', not('plenty of silver bait')),
		prefers: { colour: { 'red-craw': 1, 'brown-craw': 1 } },
		because: 'Before the spawn a bladed jig wears reds and craws, whatever the cover.',
		speaks: { phase: 'pre-spawn' },
		silent: { phase: 'post-spawn' }
	},
	{
		id: 'FAM-36c',
		kind: 'score',
		strength: 1,
		scope: BLADED_JIG,
		when: all(ON_HARD_GROUND, 'post-spawn'),
		prefers: { colour: { white: 1 } },
		because: 'After the spawn on hard bottom use white.',
		speaks: { phase: 'post-spawn', cover: cover('rock') },
		silent: { phase: 'pre-spawn', cover: cover('rock') }
	},
	{
		id: 'FAM-37',
		kind: 'advice',
		strength: 1,
		scope: BLADED_JIG,
		when: 'from a boat',
		because:
			'For fish you see on live sonar, a bladed jig with a metal blade shows on the screen, so you can steer it to them.',
		speaks: { from: 'boat' },
		silent: { from: 'bank' }
	},
	{
		id: 'FAM-38',
		kind: 'score',
		strength: 2,
		when: all('rising water', any('pre-spawn', 'spawn', 'post-spawn'), any('wood', 'stems')),
		prefers: toSpinnerbait,
		because: 'In high water in spring a spinnerbait comes slowly past flooded bushes without fouling.',
		speaks: { level: 'rising', phase: 'pre-spawn', cover: cover('wood') },
		silent: { level: 'steady', phase: 'pre-spawn', cover: cover('wood') }
	}
];
