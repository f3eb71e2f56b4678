import type { Positions } from '../../claims/disputes';
import type { Reading } from '../../water/reading/complete';
import type { Rig } from '../../foundation/schema/rig';
import type { ReactionMoment, ReactionSymptom } from '../../foundation/schema/reactions';
import type { HookPlace } from '../../foundation/schema/words';
import type { Field } from './changed';
import {
	FASTER,
	headBy,
	HEAVIEST_OZ,
	LIGHTEST_OZ,
	paced,
	reblades,
	refinished,
	reskirted,
	respeeded,
	restyled,
	smallerTrailer,
	withTrailerHook
} from './changes';

/** One thing to change after a sign, with the claims behind it. */
export interface SingleChange {
	/** What is changed of the lure; `place` and `cast` are no part of it. */
	readonly field: Field | 'cast';
	/** What is done, where it is no part. */
	readonly text?: string;
	/** The rig with it; `null` where it does not apply. */
	readonly make: (rig: Rig, reading: Reading, stances: Positions) => Rig | null;
	readonly claims: readonly string[];
	/** The view that it follows, where anglers disagree: the topic and the view. */
	readonly split?: string;
}

const none = (): null => null;
const told = (field: 'place' | 'cast', text: string, claims: readonly string[], split?: string): SingleChange => ({
	field,
	text,
	make: none,
	claims,
	...(split && { split })
});
const styled = (rig: Rig, style: Rig['retrieve']['style']): Rig | null =>
	rig.family === 'buzzbait' || rig.retrieve.style === style ? null : { ...rig, retrieve: { ...rig.retrieve, style } };

/** After follows and short strikes, in the craft's order. */
export const TURNED_BACK: readonly SingleChange[] = [
	{ field: 'rear finish', make: (rig, reading) => refinished(rig, 'rear', reading), claims: ['HKS-04'] },
	{ field: 'front finish', make: (rig, reading) => refinished(rig, 'front', reading), claims: ['HKS-04'] },
	{ field: 'skirt', make: reskirted, claims: ['HKS-04'] },
	{ field: 'trailer', make: smallerTrailer, claims: ['TRL-15', 'HKS-04'] },
	{ field: 'trailer hook', make: withTrailerHook, claims: ['HKS-02'] },
	{ field: 'speed', make: respeeded, claims: ['RET-15'] },
	{ field: 'retrieve', make: restyled, claims: [] }
];

/** After nothing at all: retrieve, color, blades, depth, place. */
export const NOTHING: readonly SingleChange[] = [
	{ field: 'retrieve', make: restyled, claims: ['RET-12'], split: 'VARY/vary' },
	{ field: 'skirt', make: reskirted, claims: [] },
	{ field: 'blades', make: reblades, claims: [] },
	{ field: 'weight', make: (rig) => (rig.weightOz < HEAVIEST_OZ ? headBy(rig, 1) : null), claims: [] },
	told('place', 'Another spot: the same kind of water with a turn, a depth or shade that this one lacks', ['CST-03b'])
];

/** After weed on the hook; faster is the last thing, as on the bench. */
export const FOULED: readonly SingleChange[] = [
	{
		field: 'trailer hook',
		make: (rig) => (rig.trailerHook === 'none' ? null : { ...rig, trailerHook: 'none' }),
		claims: ['HKS-06']
	},
	{
		field: 'blades',
		make: (rig) => (rig.blades.some(({ style }) => style === 'colorado') ? reblades(rig) : null),
		claims: []
	},
	{ field: 'weight', make: (rig) => (rig.weightOz > LIGHTEST_OZ ? headBy(rig, -1) : null), claims: [] },
	{ field: 'speed', make: (rig) => paced(rig, FASTER), claims: [] },
	told('place', 'Cast along the weed instead of into it', ['POS-04'])
];

const MISSED: readonly SingleChange[] = [
	told('cast', 'Keep reeling: a bass that missed often comes back', ['SET-01'], 'AFTER-MISS/keep'),
	told('cast', 'Stop it dead and let the body hang', ['SET-01b'], 'AFTER-MISS/stop'),
	told('cast', 'Cast to the same place again', ['SET-01c'], 'AFTER-MISS/recast'),
	{ field: 'trailer', make: smallerTrailer, claims: ['TRL-15'] },
	{ field: 'trailer hook', make: withTrailerHook, claims: ['HKS-02'] }
];

const SMALL: readonly SingleChange[] = [
	told('place', 'Fish under and beside the school: bigger ones sit there', ['POS-08']),
	{ field: 'weight', make: (rig) => (rig.weightOz < HEAVIEST_OZ ? headBy(rig, 1) : null), claims: [] },
	{ field: 'rear finish', make: (rig, reading) => refinished(rig, 'rear', reading), claims: [] }
];

const FADED: readonly SingleChange[] = [
	{ field: 'blades', make: reblades, claims: [] },
	...NOTHING.filter(({ field }) => field !== 'blades')
];

/** What follows from a sign, each list in its order; a lost fish is answered by where it was hooked. */
export const BY_SYMPTOM: Readonly<Record<Exclude<ReactionSymptom, 'lost-fish'>, readonly SingleChange[]>> = {
	'no-bites': NOTHING,
	follows: TURNED_BACK,
	'short-strikes': TURNED_BACK,
	misses: MISSED,
	'small-ones': SMALL,
	fouled: [told('cast', 'Hold the tip up, and twitch the lure free', ['RET-09', 'RET-10']), ...FOULED],
	stopped: FADED
};

/** Where in the cast they come tells to do more of that. */
export const BY_MOMENT: Readonly<Record<ReactionMoment, readonly SingleChange[]>> = {
	entry: [told('cast', 'Start reeling as it lands', ['CST-06', 'CST-04'])],
	fall: [{ field: 'retrieve', make: (rig) => styled(rig, 'lift-drop'), claims: ['RET-05'] }],
	'first-turns': [told('cast', 'Fish only the first turns of each cast, and cast more often', ['CST-03'])],
	steady: [{ field: 'retrieve', make: (rig) => styled(rig, 'steady'), claims: ['RET-04'] }],
	pop: [told('cast', 'Pop it two or three times on each cast', ['RET-04a'])],
	deflection: [
		{ field: 'retrieve', make: (rig) => styled(rig, 'deflect'), claims: ['RET-03'] },
		told('cast', 'Steer it at objects on every cast', ['RET-03', 'RET-10b'])
	],
	boatside: [told('cast', 'Turn and pause it at the boat before you lift it out', [])]
};

/** What is said after fish that were lost, and what to change. */
interface Lost {
	readonly says: string;
	readonly changes: readonly SingleChange[];
}

const GO_EASY = 'Go easy, and cut the line rather than tear';

/** After lost fish, by where they were hooked. */
export const BY_HOOKED: Readonly<Record<HookPlace | 'gill', Lost>> = {
	skin: {
		says: 'Hooked in the lip: the rod is too fast or you set too soon. Let it load, then sweep.',
		changes: [
			{
				field: 'rod and reel',
				make: (rig) => (rig.rod.action === 'moderate' ? null : { ...rig, rod: { ...rig.rod, action: 'moderate' } }),
				claims: ['ROD-01']
			},
			told('cast', 'Set later: let the rod load first', ['SET-05'])
		]
	},
	corner: {
		says: 'Hooked in the corner and lost: leverage. Use a longer shank and keep the line tight.',
		changes: [
			{
				field: 'hook',
				make: (rig) => (rig.hook.shank === 'long' ? null : { ...rig, hook: { ...rig.hook, shank: 'long' } }),
				claims: []
			},
			told('cast', 'Keep the rod bent, with no slack when it jumps', ['SET-07'], 'ROD-ANGLE/off')
		]
	},
	roof: {
		says: 'A good hold that was lost: check point, hook size and line.',
		changes: [told('cast', 'Check point, hook size and line', [])]
	},
	deep: { says: `Hooked deep: they want it. ${GO_EASY}.`, changes: [told('cast', GO_EASY, [])] },
	gill: { says: `Hooked in the gills. ${GO_EASY}.`, changes: [told('cast', GO_EASY, [])] },
	unknown: { says: 'Lost fish: check the point, then look where the next one is hooked.', changes: [] }
};

/** Whether an angler's own view is against a change. */
export function isRefused({ split }: SingleChange, stances: Positions): boolean {
	const [topic = '', view] = split?.split('/') ?? [];
	const taken = stances[topic] ?? 'auto';
	return taken !== view && taken !== 'both' && taken !== 'auto';
}
