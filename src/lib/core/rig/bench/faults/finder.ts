import type { Reading } from '../../../water/reading/complete';
import { WORDS } from '../../../water/reading/conditions';
import type { Positions } from '../../../claims/disputes';
import type { Build } from '../../../foundation/schema/build';
import type { RigLog } from '../../../foundation/schema/rigLog';
import { withinHookRule } from '../../../foundation/catalogue/hooks';
import { withFamily, withRig } from '../../build/start';
import type { Blade, Rig } from '../../../foundation/schema/rig';

export const SYMPTOMS = {
	follows: 'They follow and turn away',
	short: 'Short strikes',
	'lost-lip': 'Fish lost: held only by the edge of the lip',
	'lost-corner': 'Fish lost: held at the side of the mouth',
	'lost-deep': 'Fish hooked deep',
	fouling: 'It fouls with weed',
	bow: 'Wind bows the line and lifts it',
	stall: 'The blades stall',
	'no-bites': 'No bites',
	fade: 'Bites slow down on this lure',
	small: 'Only small ones',
	fall: 'Bites come on the fall',
	opened: 'The wire opened',
	mates: 'Others follow a hooked fish'
} as const;
export type Symptom = keyof typeof SYMPTOMS;

/** What the finder knows: the rig, the water, the sides taken, what was tried. */
export interface FaultContext {
	readonly build: Build;
	readonly reading: Reading;
	readonly stances: Positions;
	readonly log: RigLog;
}

/** One check of a symptom and the one change it leads to. */
export interface FaultStep {
	readonly id: string;
	readonly look: string;
	readonly change: string;
	/** Why it does not apply here, or `null`. */
	readonly skipped: string | null;
	readonly tried: 'better' | 'same' | 'worse' | 'open' | null;
	/** The build with the change made, where the bench can make it. */
	readonly apply: ((build: Build) => Build) | null;
}

interface StepRow {
	readonly id: string;
	readonly look: string;
	readonly change: string;
	readonly skip?: (context: FaultContext) => string | null;
	readonly apply?: (build: Build) => Build | null;
}

const OTHER_FINISH: Readonly<Partial<Record<Blade['finish'], Blade['finish']>>> = { nickel: 'gold', gold: 'nickel' };

/** The build with the other finish on one blade. */
const refinished =
	(position: Blade['position']) =>
	(build: Build): Build | null => {
		if (!build.rig.blades.some((blade) => blade.position === position)) return null;
		const blades = build.rig.blades.map((blade) =>
			blade.position === position ? { ...blade, finish: OTHER_FINISH[blade.finish] ?? 'nickel' } : blade
		);
		return withRig(build, { blades });
	};

const retrieved = (build: Build, patch: Partial<Rig['retrieve']>): Build =>
	withRig(build, { retrieve: { ...build.rig.retrieve, ...patch } });
const faster = (by: number) => (build: Build) =>
	retrieved(build, {
		speedMps: Math.min(2.2, Math.max(0.3, Math.round((build.rig.retrieve.speedMps + by) * 10) / 10))
	});

/** Whether followers see the lure well: in clear water a fast one turns them back, on top and under water (RET-15, FAM-25). */
export const followersSeeWell = (reading: Reading): boolean => WORDS.clear(reading) > 0;

/** The other beat of a rear blade, with the size that goes with it: a thump for a flash, a broad plate for a plain one. */
const OTHER_BEAT: Readonly<Record<Blade['style'], Pick<Blade, 'style' | 'size'>>> = {
	colorado: { style: 'willow', size: 4.5 },
	indiana: { style: 'colorado', size: 4 },
	willow: { style: 'colorado', size: 4 },
	standard: { style: 'oversized', size: 1 },
	oversized: { style: 'standard', size: 1 },
	clear: { style: 'standard', size: 1 },
	'prop-2': { style: 'prop-4', size: 45 },
	'prop-3': { style: 'prop-2', size: 45 },
	'prop-4': { style: 'prop-2', size: 45 }
};

/** The build with another beat at the rear. */
function otherBeat(build: Build): Build {
	const blades = build.rig.blades.map((blade) => {
		if (blade.position !== 'rear') return blade;
		const finish = blade.style === 'clear' ? 'nickel' : blade.finish;
		return { ...blade, ...OTHER_BEAT[blade.style], finish };
	});
	return withRig(build, { blades }, 'rear');
}

const noFront = ({ build }: FaultContext): string | null =>
	build.rig.blades.some(({ position }) => position === 'front') ? null : 'There is no front blade.';
const noSkirt = ({ build }: FaultContext): string | null =>
	build.rig.skirt.colour === 'none' ? 'There is no skirt.' : null;
const noTrailer = ({ build }: FaultContext): string | null => (build.rig.trailer ? null : 'There is no trailer.');

/** Why a trailer hook is not advised here, on any screen; `null` in open water, within the local rule, if no view is against it. */
export function noSecondHook(rig: Rig, { cover, rules }: Reading, stances: Positions): string | null {
	if (rig.trailerHook !== 'none') return 'It already has one.';
	if (stances['TRAILER-HOOK'] === 'never') return 'Your view is never to use a trailer hook.';
	if (stances['TRAILER-HOOK'] === 'rarely') return 'Your view is to use a trailer hook rarely.';
	const snags = cover.some(({ kind }) => kind !== 'open' && kind !== 'shell' && kind !== 'ditch');
	if (snags) return 'Not in weed or wood.';
	return withinHookRule({ ...rig, trailerHook: 'free' }, rules) ? null : 'Over the local hook limit you entered.';
}

const step = (id: string, look: string, change: string, more: Pick<StepRow, 'skip' | 'apply'> = {}): StepRow => ({
	id,
	look,
	change,
	...more
});

const wrongFamily =
	(family: Rig['family'], word: string) =>
	({ build }: FaultContext): string | null =>
		build.rig.family === family ? null : `Only for ${word}.`;

const smaller = (build: Build): Build | null =>
	build.rig.trailer &&
	withRig(
		build,
		{ trailer: { ...build.rig.trailer, lengthIn: Math.max(2, build.rig.trailer.lengthIn - 0.5) } },
		'trailer'
	);

const COLOURS: readonly StepRow[] = [
	step('rear-colour', 'Rear blade color', 'The other finish on the rear blade', {
		apply: refinished('rear'),
		skip: ({ build }) =>
			build.rig.family === 'buzzbait' || build.rig.blades[0]!.finish === 'clear'
				? 'This blade comes in one finish.'
				: null
	}),
	step('front-colour', 'Front blade color', 'The other finish on the front blade', {
		skip: noFront,
		apply: refinished('front')
	}),
	step('skirt', 'Skirt', 'A skirt in another color, same length', { skip: noSkirt }),
	step('trailer-smaller', 'Trailer', 'A smaller trailer', { skip: noTrailer, apply: smaller }),
	step('trailer-hook', 'Trailer hook', 'A trailer hook that swings free', {
		skip: ({ build, reading, stances }) => noSecondHook(build.rig, reading, stances),
		apply: (build) => withRig(build, { trailerHook: 'free' })
	}),
	step('slower-in-clear', 'Speed', 'Slower: in clear water they see too much of a fast one and turn away', {
		apply: faster(-0.2),
		skip: (context) => (followersSeeWell(context.reading) ? null : 'Only in clear water.')
	}),
	step('speed', 'Speed', 'Slightly faster: a follower that turns away wants it to flee', {
		apply: faster(0.2),
		skip: (context) => (followersSeeWell(context.reading) ? 'Not in clear water: slower there.' : null)
	}),
	step('pause', 'Pause', 'A brief stop as it follows, so that blades knock', {
		apply: (build) => retrieved(build, { style: 'burn-pause' }),
		skip: ({ build }) => (build.rig.family === 'buzzbait' ? 'A buzzbait must not stop.' : null)
	})
];

const LEVERAGE = step('long-shank', 'Shank', 'A longer shank for leverage', {
	apply: (build) => withRig(build, { hook: { ...build.rig.hook, shank: 'long' } }, 'hook'),
	skip: ({ build }) => (build.rig.hook.shank === 'long' ? 'The shank is already long.' : null)
});
const POINT = step('point', 'Point', 'Sharpen the point, or use a new hook');

const FAULTS: Readonly<Record<Symptom, readonly StepRow[]>> = {
	follows: COLOURS,
	short: COLOURS,
	'lost-lip': [
		step('softer-rod', 'Rod', 'A moderate rod: a fast one pulls it away', {
			apply: (build) => withRig(build, { rod: { ...build.rig.rod, action: 'moderate', material: 'composite' } }),
			skip: ({ build: { rig } }) =>
				rig.rod.action === 'moderate' && rig.rod.material === 'composite' ? 'The rod is already soft.' : null
		}),
		step('later', 'Moment', 'Set later: let the rod load first'),
		POINT
	],
	'lost-corner': [
		LEVERAGE,
		step('tension', 'Tension', 'Keep the rod bent; no slack when it jumps'),
		POINT,
		step('hook-size', 'Hook size', 'One hook size up'),
		step('line', 'Line', 'Less stretch: thicker line, or braid in cover')
	],
	'lost-deep': [
		step('gentle', 'Fight', 'Deep is fine: go easy, use pliers and a wet hand, and cut the line rather than tear')
	],
	fouling: [
		step('tip', 'Rod tip', 'Hold the tip up, and twitch the lure free as it ticks the weed'),
		step('hook-off', 'Trailer hook', 'Take the trailer hook off', {
			apply: (build) => withRig(build, { trailerHook: 'none' }),
			skip: ({ build }) => (build.rig.trailerHook === 'none' ? 'There is no trailer hook.' : null)
		}),
		step('upright', 'Arm', 'Bend the arm upright, in one plane over the hook', {
			skip: wrongFamily('spinnerbait', 'a spinnerbait')
		}),
		step('willow', 'Blade', 'A willow at the rear: it slips through', {
			skip: ({ build: { rig } }) =>
				rig.family !== 'spinnerbait' && rig.family !== 'underspin'
					? 'Only for turning blades.'
					: rig.blades.some(({ position, style }) => position === 'rear' && style === 'willow')
						? 'The rear blade is already a willow.'
						: null,
			apply: (build) =>
				withRig(
					build,
					{
						blades: build.rig.blades.map((blade) => (blade.position === 'rear' ? { ...blade, style: 'willow' } : blade))
					},
					'rear'
				)
		}),
		step('family', 'Family', 'A spinnerbait instead of a bladed jig', {
			skip: wrongFamily('bladed-jig', 'a bladed jig'),
			apply: (build) => withFamily(build, 'spinnerbait')
		}),
		step('angle', 'Cast', 'Cast along the lanes, not across them'),
		step('faster', 'Speed', 'Last: reel a little faster, to stay above it', { apply: faster(0.2) })
	],
	bow: [step('position', 'Position', 'Sit so that you cast with the wind')],
	stall: [
		step('faster', 'Speed', 'Reel faster', { apply: faster(0.2) }),
		step('rounder', 'Blade', 'A larger Colorado: it starts sooner', {
			skip: ({ build: { rig } }) =>
				rig.family === 'spinnerbait' || rig.family === 'underspin'
					? rig.blades.some(({ position, style }) => position === 'rear' && style === 'colorado')
						? 'It is already a Colorado.'
						: null
					: 'Only for turning blades.',
			apply: (build) =>
				withRig(
					build,
					{
						blades: build.rig.blades.map((blade) =>
							blade.position === 'rear' ? { ...blade, style: 'colorado', size: Math.max(4, blade.size) } : blade
						)
					},
					'rear'
				)
		}),
		step('bearing', 'Bearing', 'Flick it; replace the swivel or clevis'),
		step('weed', 'Weed', 'Clear the weed off the clevis')
	],
	'no-bites': [
		step('retrieve', 'Retrieve', 'Another retrieve with the same lure'),
		...COLOURS.slice(0, 3),
		step('blades', 'Blades', 'Another beat: rounder or slimmer blades'),
		step('depth', 'Depth', 'Deeper or shallower by a meter'),
		step('place', 'Place', 'Another spot: same edge, depth and wind side, or the opposite')
	],
	fade: [step('beat', 'Beat', 'Same family, another beat: swap the blades at the swivel', { apply: otherBeat })],
	small: [
		step('bigger', 'Profile', 'A bigger profile: larger blades, a fuller trailer'),
		step('deeper', 'Depth', 'Deeper'),
		step('beneath', 'School', 'Fish under and beside the school'),
		step('flash', 'Flash', 'More flash', { apply: refinished('rear') })
	],
	fall: [
		step('lift-drop', 'Retrieve', 'Lift and drop', {
			apply: (build) => retrieved(build, { style: 'lift-drop' }),
			skip: ({ build }) => (build.rig.family === 'buzzbait' ? 'Not with a buzzbait.' : null)
		})
	],
	opened: [
		step('lighter-line', 'Line', 'Line that suits the wire', {
			skip: ({ build }) => (build.rig.wireIn === undefined ? 'There is no wire arm.' : null)
		}),
		step('drag', 'Drag', 'A lighter drag and a longer sweep'),
		step('heavier-wire', 'Wire', 'Heavier wire', {
			skip: ({ build }) => (build.rig.wireIn === undefined ? 'There is no wire arm.' : null),
			apply: (build) =>
				build.rig.wireIn === undefined
					? null
					: withRig(build, { wireIn: Math.min(0.051, Math.round((build.rig.wireIn + 0.005) * 1000) / 1000) })
		})
	],
	mates: [
		step(
			'partner',
			'Partner',
			'Have your partner cast beside the hooked fish, or add a second lure ahead where the law allows'
		)
	]
};

/** The ordered checks of a symptom for this rig on this water, with what was tried before. */
export function faultSteps(symptom: Symptom, context: FaultContext): FaultStep[] {
	const tried = (id: string): FaultStep['tried'] => {
		const last = context.log.findLast(
			(event) => event.kind === 'fault' && event.symptom === symptom && event.change === id
		);
		return last?.kind === 'fault' ? last.outcome : null;
	};
	return FAULTS[symptom].map(({ id, look, change, skip, apply }) => {
		const made = apply?.(context.build) ?? null;
		return { id, look, change, skipped: skip?.(context) ?? null, tried: tried(id), apply: made ? () => made : null };
	});
}

/** The one change to make now: the first that applies and was not tried. */
export const oneChange = (steps: readonly FaultStep[]): FaultStep | null =>
	steps.find(({ skipped, tried }) => skipped === null && tried === null) ?? null;
