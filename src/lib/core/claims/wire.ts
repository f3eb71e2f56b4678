import { any, not } from '../water/reading/conditions';
import { BUZZBAIT, SPINNERBAIT, WIRE, type Claim } from './claim';
import { cover } from './examples';

const thin = { wire: { thin: 1 } };
const heavy = { wire: { heavy: 1 } };

/** Wire. */
export const WIRE_CLAIMS: readonly Claim[] = [
	{
		id: 'WIR-01',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		split: 'WIRE/thin',
		when: 'always',
		prefers: thin,
		because: 'Thin wire is livelier and its blades kick off cover; it bends sooner, so retune it after each fish.',
		speaks: {},
		silent: null
	},
	{
		id: 'WIR-02',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		split: 'WIRE/heavy',
		when: 'always',
		prefers: heavy,
		because: 'Heavy wire stands up to hard strikes, strong line, cover, big blades and long casts.',
		speaks: {},
		silent: null
	},
	{
		id: 'WIR-03',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		split: 'WIRE/by-use',
		when: any('shallow', 'deep'),
		given: { 'blade.size': { small: 1, ordinary: 1 } },
		prefers: thin,
		because: 'Use thin wire shallow and deep, as long as the blades aren’t big.',
		speaks: { bottomM: 1.2 },
		silent: { bottomM: 6 }
	},
	{
		id: 'WIR-03b',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		split: 'WIRE/by-use',
		when: 'always',
		given: { 'blade.size': { big: 1 } },
		prefers: { wire: { heavy: 1, middle: 0.5 } },
		because: 'Bigger blades call for heavier wire.',
		speaks: {},
		silent: null
	},
	{
		id: 'WIR-03c',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		split: 'WIRE/by-use',
		when: 'long cast',
		prefers: heavy,
		because: 'At long range the wire has to set the hook, so go heavier.',
		speaks: { castM: 35 },
		silent: { castM: 20 }
	},
	{
		id: 'WIR-04',
		kind: 'score',
		strength: 3,
		scope: WIRE,
		split: 'THIN-WIRE-LINE/match',
		when: 'always',
		relation: 'bears-line',
		because: 'Don’t let the line overpower the wire.',
		speaks: {},
		silent: null
	},
	{
		id: 'WIR-04b',
		kind: 'score',
		strength: 1,
		scope: WIRE,
		split: 'THIN-WIRE-LINE/strong',
		when: 'always',
		given: thin,
		prefers: { line: { '17-30': 1 } },
		because: 'Use strong line on thin wire anyway, and retune it.',
		speaks: {},
		silent: null
	},
	{
		id: 'WIR-04c',
		kind: 'score',
		strength: 1,
		tier: 'outfit',
		scope: WIRE,
		split: 'THIN-WIRE-LINE/match',
		when: 'always',
		given: thin,
		prefers: { 'rod.power': { medium: 1 } },
		because: 'Thin wire calls for a softer rod, less drag and a longer sweep.',
		speaks: {},
		silent: null
	},
	{
		id: 'WIR-05',
		kind: 'score',
		strength: 2,
		scope: BUZZBAIT,
		when: 'always',
		prefers: thin,
		because: 'A buzzbait on thin wire is louder and livelier; retune it often.',
		speaks: {},
		silent: null
	},
	{
		id: 'WIR-05b',
		kind: 'score',
		strength: 2,
		scope: BUZZBAIT,
		when: 'weed',
		given: thin,
		prefers: { line: { 'braid 40': 1 } },
		because: 'On a buzzbait in grass tie 40 lb braid straight to thin wire, and retune it often.',
		speaks: { cover: cover('pads') },
		silent: { cover: cover('rock') }
	},
	{
		id: 'WIR-06',
		kind: 'advice',
		strength: 1,
		scope: WIRE,
		when: 'always',
		because: 'Wire wears out: plan on several lures in a hard season.',
		speaks: {},
		silent: null
	},
	{
		id: 'WIR-07',
		kind: 'advice',
		strength: 1,
		when: 'always',
		because: 'Small edges add up: five edges of 5 % make 28 %. One day’s luck is still bigger than that.',
		speaks: {},
		silent: null
	},
	{
		id: 'WIR-08',
		kind: 'score',
		strength: 3,
		scope: SPINNERBAIT,
		when: any('thick weed in reach', 'thick wood'),
		prefers: heavy,
		because: 'Thick weed or thick wood calls for heavy wire.',
		speaks: { cover: cover('pads', { density: 'thick' }) },
		silent: { cover: cover('rock') }
	},
	{
		id: 'WIR-10',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		when: not('thick wood'),
		given: { 'blade.size': { 'up to 5': 1 } },
		prefers: { wire: { '0.051': -1 } },
		because: '.051 wire is for size 6 and 7 blades, thick wood or heavy line; it deadens the rest.',
		speaks: {},
		silent: { cover: cover('wood', { density: 'thick' }) }
	},
	{
		id: 'WIR-10b',
		kind: 'score',
		strength: 2,
		scope: SPINNERBAIT,
		when: 'always',
		given: { line: { braid: 1 } },
		prefers: { wire: { '0.026-0.033': -1 } },
		because: 'Braid bends thin wire open.',
		speaks: {},
		silent: null
	},
	{
		id: 'WIR-09',
		kind: 'advice',
		strength: 1,
		scope: SPINNERBAIT,
		when: 'open',
		because: 'If open-water fish refuse a heavy-wire bait, try thinner wire before another lure.',
		speaks: { cover: cover('open') },
		silent: { cover: cover('wood') }
	}
];
