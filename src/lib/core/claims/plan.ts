import { all, any } from '../water/reading/conditions';
import { BLADED_JIG, BUZZBAIT, WIRE, type Claim } from './claim';
import { cover } from './examples';

const SPRING = any('pre-spawn', 'spawn', 'post-spawn');

/** Position, cast and hookset: the plan of the cast. */
export const PLAN_CLAIMS: readonly Claim[] = [
	{
		id: 'POS-01',
		kind: 'plan',
		strength: 3,
		when: 'windblown bank',
		because: 'Fish the windblown bank: wind pushes plankton there, then bait, then bass.',
		speaks: { bank: 'windblown' },
		silent: { bank: 'sheltered' }
	},
	{
		id: 'POS-02',
		kind: 'plan',
		strength: 2,
		when: 'shallow',
		because: 'Look for a shallow bank with deep water close by.',
		speaks: { bottomM: 1.5 },
		silent: { bottomM: 8, fishFromM: 6, fishToM: 8 }
	},
	{
		id: 'POS-03',
		kind: 'plan',
		strength: 2,
		when: all('stems', 'windy'),
		because:
			'In reeds and lanes cast from upwind, with the wind, into gaps and points; a crosswind bows the line and lifts the lure.',
		speaks: { cover: cover('stems'), wind: 'chop' },
		silent: { cover: cover('stems'), wind: 'calm' }
	},
	{
		id: 'POS-04',
		kind: 'plan',
		strength: 2,
		when: any('windblown bank', 'weed edge'),
		because: 'Cast parallel to the bank or edge to stay in the strike zone longest.',
		speaks: { bank: 'windblown' },
		silent: { bank: 'cross' }
	},
	{
		id: 'POS-05',
		kind: 'plan',
		strength: 2,
		when: all('winter', 'ditch'),
		because:
			'In winter fish the shallow back end of ditches at first light, then move out to the timber edge as the sun climbs.',
		speaks: { phase: 'winter', cover: cover('ditch') },
		silent: { phase: 'summer', cover: cover('ditch') }
	},
	{
		id: 'POS-06',
		kind: 'plan',
		strength: 2,
		when: all('winter', 'warming'),
		because: 'In late winter look for sunny shallows on the windy side.',
		speaks: { phase: 'winter', trend: 'rising' },
		silent: { phase: 'summer' }
	},
	{
		id: 'POS-07',
		kind: 'plan',
		strength: 2,
		when: 'summer',
		because:
			'In summer try points, outside channel bends, turns in grass lines and shell around 10 ft: bass hide there from sun and current.',
		speaks: { phase: 'summer' },
		silent: { phase: 'spawn' }
	},
	{
		id: 'POS-08',
		kind: 'plan',
		strength: 2,
		when: any('schooling', 'big-fish goal'),
		because: 'Bigger fish sit under and beside a feeding school.',
		speaks: { events: ['schooling'] },
		silent: {}
	},
	{
		id: 'POS-09',
		kind: 'plan',
		strength: 2,
		when: 'windy',
		because: 'Try long, narrow arms with the wind blowing down them.',
		speaks: { wind: 'chop' },
		silent: { wind: 'calm' }
	},
	{
		id: 'POS-10',
		kind: 'plan',
		strength: 2,
		when: 'ditch',
		because:
			'On a map look for ditches where a creek enters a pocket or the bank changes by an island: bait gets trapped there.',
		speaks: { cover: cover('ditch') },
		silent: {}
	},
	{
		id: 'POS-11',
		kind: 'plan',
		strength: 2,
		when: 'always',
		because: 'After a bite repeat the cast, slow down, then look for spots like it.',
		speaks: {},
		silent: null
	},
	{
		id: 'POS-12',
		kind: 'plan',
		strength: 2,
		when: all('rising water', SPRING),
		because: 'In high water in spring fish slowly beside flooded bushes.',
		speaks: { level: 'rising', phase: 'pre-spawn' },
		silent: { level: 'rising', phase: 'fall' }
	},
	{
		id: 'POS-13',
		kind: 'plan',
		strength: 1,
		when: 'current',
		because: 'Where the water runs, fish behind shell, drops and bends.',
		speaks: { current: 'some' },
		silent: { current: 'none' }
	},
	{
		id: 'CST-01',
		kind: 'plan',
		topic: 'cast',
		strength: 2,
		when: any('clear', 'shallow', 'pressured'),
		because: 'Keep the cast low and the landing quiet (underhand, forehand, backhand): a splash spooks them.',
		speaks: { visibilityM: 3 },
		silent: { bottomM: 8, fishFromM: 6, fishToM: 8 }
	},
	{
		id: 'CST-01b',
		kind: 'plan',
		topic: 'cast',
		strength: 1,
		when: 'from a boat',
		because: 'From the back seat a backhand cast reaches the far sides.',
		speaks: { from: 'boat' },
		silent: { from: 'bank' }
	},
	{
		id: 'CST-02',
		kind: 'plan',
		topic: 'cast',
		strength: 2,
		when: any('open', 'grass tops'),
		because: 'On flats fan your casts like the hours of a clock.',
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
			'In clear water, at wood and on small ponds make many casts from different angles to one target, and fish the open lanes too.',
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
		because:
			'With a buzzbait slow the line just before it lands, rod high, so that it lands turning; then keep the speed steady.',
		speaks: {},
		silent: null
	},
	{
		id: 'CST-05',
		kind: 'plan',
		topic: 'cast',
		strength: 1,
		when: 'dock',
		because: 'To skip under docks use flat bodies, fewer wings, a larger blade and a tighter brake.',
		speaks: { cover: cover('dock') },
		silent: {}
	},
	{
		id: 'CST-06',
		kind: 'plan',
		topic: 'cast',
		strength: 2,
		when: 'always',
		because: 'Start reeling as it lands: many bites come on entry.',
		speaks: {},
		silent: null
	},
	{
		id: 'CST-07',
		kind: 'plan',
		topic: 'cast',
		strength: 1,
		when: 'windy',
		because: 'Casting into the wind, turn up the brake and keep the cast low.',
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
		because: 'A bass that missed often comes back: keep reeling.',
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
		because: 'After a miss cast to the same place again.',
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
		because: 'Set the hook by sweeping the rod and reeling faster.',
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
		because: 'With a single hook set hard.',
		speaks: {},
		silent: null
	},
	{
		id: 'SET-04',
		kind: 'plan',
		topic: 'hookset',
		strength: 2,
		when: 'always',
		because: 'If the blades stop and it isn’t weed, a fish has it: set the hook.',
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
		because: 'In grass keep the rod high and reel steadily; never drop the tip.',
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
		because:
			'Lead: wash your hands and keep it from children; rules on small sinkers differ, so use tungsten or bismuth where required.',
		speaks: {},
		silent: { rules: { leadAllowed: false } }
	},
	{
		id: 'CAU-02',
		kind: 'caution',
		strength: 3,
		scope: WIRE,
		when: 'always',
		because: 'Wire and hooks: wear eye protection and use pliers to bend or cut; go barbless where required.',
		speaks: {},
		silent: null
	},
	{
		id: 'CAU-03',
		kind: 'caution',
		strength: 3,
		when: all(any('cold', 'windy'), 'from a boat'),
		because: 'Cold water or wind: wear a life jacket and the kill switch, and watch the weather.',
		speaks: { waterTemperatureC: 7 },
		silent: { waterTemperatureC: 20, wind: 'calm' }
	},
	{
		id: 'CAU-04',
		kind: 'caution',
		strength: 3,
		when: any('dark sky', 'pressure falling'),
		because: 'Thunder around: leave the water at the first sign of lightning; rods conduct.',
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
		because: 'Seasons, size and bag limits differ: enter your local rule; the authority decides.',
		speaks: { phase: 'spawn' },
		silent: { phase: 'fall' }
	},
	{
		id: 'CAU-07',
		kind: 'caution',
		strength: 2,
		when: 'from the bank',
		because: 'Wading or casting from the bank: find sound footing, and watch for people and power lines behind you.',
		speaks: { from: 'bank' },
		silent: { from: 'boat' }
	}
];
