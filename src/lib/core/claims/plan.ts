import { all, any } from '../water/reading/conditions';
import { BLADED_JIG, BUZZBAIT, WIRE, type Claim } from './claim';
import { cover } from './examples';

/** Position, cast and hookset: the plan of the cast. */
export const PLAN_CLAIMS: readonly Claim[] = [
	{
		id: 'POS-01',
		kind: 'plan',
		strength: 3,
		when: 'windblown bank',
		because: 'Fish the wind-blown bank: wind moves plankton, bait and then bass onto it.',
		speaks: { bank: 'windblown' },
		silent: { bank: 'sheltered' }
	},
	{
		id: 'POS-02',
		kind: 'plan',
		strength: 2,
		when: 'shallow',
		because: 'Look for a shallow bank with deep water near.',
		speaks: { bottomM: 1.5 },
		silent: { bottomM: 8, fishFromM: 6, fishToM: 8 }
	},
	{
		id: 'POS-03',
		kind: 'plan',
		strength: 2,
		when: all('stems', 'windy'),
		because:
			'Reeds and lanes in wind: from up-wind, with the wind, into gaps and points; across it the line bows and lifts the lure.',
		speaks: { cover: cover('stems'), wind: 'chop' },
		silent: { cover: cover('stems'), wind: 'calm' }
	},
	{
		id: 'POS-04',
		kind: 'plan',
		strength: 2,
		when: any('windblown bank', 'weed edge'),
		because: 'Parallel to the bank or edge keeps it longest in the zone.',
		speaks: { bank: 'windblown' },
		silent: { bank: 'cross' }
	},
	{
		id: 'POS-05',
		kind: 'plan',
		strength: 2,
		when: all('winter', 'ditch'),
		because: 'Winter ditches: the shallow back end at first light, outward to the timber edge as the sun climbs.',
		speaks: { phase: 'winter', cover: cover('ditch') },
		silent: { phase: 'summer', cover: cover('ditch') }
	},
	{
		id: 'POS-06',
		kind: 'plan',
		strength: 2,
		when: all('winter', 'warming'),
		because: 'Late winter: look for sunny, wind-side shallows.',
		speaks: { phase: 'winter', trend: 'rising' },
		silent: { phase: 'summer' }
	},
	{
		id: 'POS-07',
		kind: 'plan',
		strength: 2,
		when: 'summer',
		because:
			'Summer: points, outside channel bends, turns in grass lines, shell, around 10 ft; fish hide from sun and current.',
		speaks: { phase: 'summer' },
		silent: { phase: 'spawn' }
	},
	{
		id: 'POS-08',
		kind: 'plan',
		strength: 2,
		when: any('schooling', 'big-fish goal'),
		because: 'Larger fish lie under and beside the feeding school.',
		speaks: { events: ['schooling'] },
		silent: {}
	},
	{
		id: 'POS-09',
		kind: 'plan',
		strength: 2,
		when: 'windy',
		because: 'Long narrow arms with the wind down their length.',
		speaks: { wind: 'chop' },
		silent: { wind: 'calm' }
	},
	{
		id: 'POS-10',
		kind: 'plan',
		strength: 2,
		when: 'ditch',
		because: 'Ditches on a map: a creek entering a pocket, a change of bank by an island; bait is trapped there.',
		speaks: { cover: cover('ditch') },
		silent: {}
	},
	{
		id: 'POS-11',
		kind: 'plan',
		strength: 2,
		when: 'always',
		because: 'After a bite: repeat the cast, slow down, then look for twins of the place.',
		speaks: {},
		silent: null
	},
	{
		id: 'CST-01',
		kind: 'plan',
		topic: 'cast',
		strength: 2,
		when: any('clear', 'shallow', 'pressured'),
		because: 'Low path and quiet landing: underhand, fore- and backhand; splash spooks.',
		speaks: { visibilityM: 3 },
		silent: { bottomM: 8, fishFromM: 6, fishToM: 8 }
	},
	{
		id: 'CST-01b',
		kind: 'plan',
		topic: 'cast',
		strength: 1,
		when: 'from a boat',
		because: 'The backhand reaches far sides from the rear seat.',
		speaks: { from: 'boat' },
		silent: { from: 'bank' }
	},
	{
		id: 'CST-02',
		kind: 'plan',
		topic: 'cast',
		strength: 2,
		when: any('open', 'grass tops'),
		because: 'Fan-cast flats by the clock.',
		speaks: { cover: cover('open') },
		silent: { cover: cover('wood') }
	},
	{
		id: 'CST-03',
		kind: 'plan',
		topic: 'cast',
		strength: 2,
		when: any('clear', 'wood', 'pond'),
		because:
			'Many casts and angles to one target in clear water, at wood, on small ponds; also the open lanes between clumps.',
		speaks: { place: 'pond' },
		silent: {}
	},
	{
		id: 'CST-03b',
		kind: 'plan',
		topic: 'cast',
		strength: 2,
		when: 'dirty',
		because: 'In dirty water move on quickly.',
		speaks: { visibilityM: 0.5 },
		silent: { visibilityM: 2 }
	},
	{
		id: 'CST-04',
		kind: 'plan',
		topic: 'cast',
		strength: 2,
		scope: BUZZBAIT,
		when: 'always',
		because: 'Buzzbait: checked just before landing, rod high, already turning, steady speed.',
		speaks: {},
		silent: null
	},
	{
		id: 'CST-05',
		kind: 'plan',
		topic: 'cast',
		strength: 1,
		when: 'dock',
		because: 'Skipping under docks: flat bodies, fewer wings, larger blade, tighter brake.',
		speaks: { cover: cover('dock') },
		silent: {}
	},
	{
		id: 'CST-06',
		kind: 'plan',
		topic: 'cast',
		strength: 2,
		when: 'always',
		because: 'Engage at touchdown: many bites come on entry.',
		speaks: {},
		silent: null
	},
	{
		id: 'CST-07',
		kind: 'plan',
		topic: 'cast',
		strength: 1,
		when: 'windy',
		because: 'Into the wind: brake up, cast flat.',
		speaks: { wind: 'heavy' },
		silent: { wind: 'calm' }
	},
	{
		id: 'SET-01',
		kind: 'plan',
		topic: 'hookset',
		strength: 2,
		split: 'AFTER-MISS/keep',
		when: 'always',
		because: 'A miss comes back: turn and keep winding.',
		speaks: {},
		silent: null
	},
	{
		id: 'SET-01b',
		kind: 'plan',
		topic: 'hookset',
		strength: 1,
		scope: BUZZBAIT,
		split: 'AFTER-MISS/stop',
		when: 'always',
		because: 'After a miss stop it dead and let the flat body hang.',
		speaks: {},
		silent: null
	},
	{
		id: 'SET-01c',
		kind: 'plan',
		topic: 'hookset',
		strength: 1,
		split: 'AFTER-MISS/recast',
		when: 'always',
		because: 'After a miss cast again.',
		speaks: {},
		silent: null
	},
	{
		id: 'SET-02',
		kind: 'plan',
		topic: 'hookset',
		strength: 2,
		split: 'HOOKSET/sweep',
		when: 'always',
		because: 'Set by sweeping the rod and quickening the reel.',
		speaks: {},
		silent: null
	},
	{
		id: 'SET-03',
		kind: 'plan',
		topic: 'hookset',
		strength: 1,
		split: 'HOOKSET/strike',
		when: 'always',
		because: 'With a single hook strike hard.',
		speaks: {},
		silent: null
	},
	{
		id: 'SET-04',
		kind: 'plan',
		topic: 'hookset',
		strength: 2,
		when: 'always',
		because: 'Blades stop and it is not weed: a fish swims along. Set.',
		speaks: {},
		silent: null
	},
	{
		id: 'SET-05',
		kind: 'plan',
		topic: 'hookset',
		strength: 2,
		scope: BLADED_JIG,
		when: 'always',
		because: 'Let the rod load first.',
		speaks: {},
		silent: null
	},
	{
		id: 'SET-06',
		kind: 'plan',
		topic: 'hookset',
		strength: 2,
		when: 'weed',
		because: 'In grass never drop the tip or fight low; winch steadily.',
		speaks: { cover: cover('leafy-weed') },
		silent: {}
	},
	{
		id: 'SET-07',
		kind: 'plan',
		topic: 'hookset',
		strength: 1,
		split: 'ROD-ANGLE/off',
		when: 'always',
		because: 'Hold the rod off to the side as a cushion.',
		speaks: {},
		silent: null
	},
	{
		id: 'SET-07b',
		kind: 'plan',
		topic: 'hookset',
		strength: 1,
		split: 'ROD-ANGLE/pointed',
		when: 'always',
		because: 'Point the rod at the lure.',
		speaks: {},
		silent: null
	}
];

/** Cautions, shown where they apply. The angler enters the local rule; the authority decides. */
export const CAUTION_CLAIMS: readonly Claim[] = [
	{
		id: 'CAU-01',
		kind: 'caution',
		strength: 3,
		given: { 'head.material': { lead: 1 } },
		when: 'lead allowed',
		because: 'Lead: wash hands, keep from children; small-sinker laws differ, tungsten or bismuth instead.',
		speaks: {},
		silent: { rules: { leadAllowed: false } }
	},
	{
		id: 'CAU-02',
		kind: 'caution',
		strength: 3,
		scope: WIRE,
		when: 'always',
		because: 'Wire and hooks: eye protection and pliers when bending or cutting; barbless where required.',
		speaks: {},
		silent: null
	},
	{
		id: 'CAU-03',
		kind: 'caution',
		strength: 3,
		when: all(any('cold', 'windy'), 'from a boat'),
		because: 'Cold water or wind: wear flotation and the kill switch, watch the weather.',
		speaks: { waterTemperatureC: 7 },
		silent: { waterTemperatureC: 20, wind: 'calm' }
	},
	{
		id: 'CAU-04',
		kind: 'caution',
		strength: 3,
		when: any('dark sky', 'pressure falling'),
		because: 'Thunder about: leave the water at the first sign of lightning; rods conduct.',
		speaks: { sky: 'dark' },
		silent: { sky: 'sun' }
	},
	{
		id: 'CAU-05',
		kind: 'caution',
		strength: 2,
		when: 'hot',
		because: 'Warm water: land fish quickly and release them at once.',
		speaks: { waterTemperatureC: 28 },
		silent: { waterTemperatureC: 18 }
	},
	{
		id: 'CAU-06',
		kind: 'caution',
		strength: 2,
		when: any('spawn', 'pre-spawn'),
		because: 'Closed seasons, size and bag limits differ: enter the local rule, the authority decides.',
		speaks: { phase: 'spawn' },
		silent: { phase: 'fall' }
	},
	{
		id: 'CAU-07',
		kind: 'caution',
		strength: 2,
		when: 'from the bank',
		because: 'Wading or casting from the bank: sound footing, and mind people and power lines behind you.',
		speaks: { from: 'bank' },
		silent: { from: 'boat' }
	}
];
