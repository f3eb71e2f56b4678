import { bladeSize } from '../../foundation/catalogue/bladeSizes';
import { SPEEDS_MPS, WEIGHTS_OZ } from '../../foundation/catalogue/parts';
import type { Facet, Relation } from '../../claims/claim';
import type { Positions } from '../../claims/disputes';
import { maxLineLb } from '../../simulation/physics/wire';
import type { Reading } from '../../water/reading/complete';
import { ramp } from '../../water/reading/conditions';
import { mainForageIn } from '../../water/reading/forage';
import type { Family, TurningStyle } from '../../foundation/schema/words';
import { MM_PER_IN } from '../../foundation/basics/units';
import { recommendedOunces, recommendedPace, type PaceWindow } from './recommended';
import { fishingTime, workOf, type Work } from '../gate/fishingTime';
import { Windows } from '../gate/gates';
import type { Part, Space } from '../space/part';
import { positionAmong } from '../space/positionAmong';
import { ROLL_SHARE } from '../gate/reach';
import { usualRuns } from '../gate/running';
import type { Opinion } from './opinion';

/** What relations may ask of the water. */
export interface Needs {
	readonly reading: Reading;
	readonly windows: Windows;
	/** The pace that this water asks for. */
	readonly pace: PaceWindow;
}

/** How well two parts suit each other, or one of them the water. */
type Suits = (a: Part, b: Part) => Opinion;

/** A preference computed from the parts of one or two variables, and perhaps the water. */
export interface RelationRule {
	readonly variables: readonly [string] | readonly [string, string];
	/** All that it reads of the water about a family, in a word; `null` where it reads none, and its table is made once. */
	readonly reads: ((needs: Needs, family: Family) => string) | null;
	/** Whether it also depends on the space itself, its usual lure for one. */
	readonly perSpace?: true;
	/** What it prefers, as far as a side of the same question is concerned. */
	readonly prefers: Facet;
	readonly suits: (needs: Needs, space: Space) => Suits;
}

const ALWAYS = 1;

/** Line from this share of what the wire bears fits 1, falling to -1 at the second (the craft's figures). */
const OVERPOWERED = [1, 1.4] as const;

function bearsLine(wire: Part, line: Part): Opinion {
	const bears = maxLineLb(wire.patch.wireIn!);
	const tied = line.patch.line!.leader?.testLb ?? line.patch.line!.testLb!;
	return { given: ALWAYS, fit: 1 - 2 * ramp(tied / bears, OVERPOWERED) };
}

/** Share of the fishing time among the fish that is as good as can be wanted, and what each needless step up costs. */
const ENOUGH_SHARE = 0.7;
const STEP_COST = 0.08;
/** The lightest weight that is nearly as good as the best reaches this share of it. */
const NEARLY = 0.9;
/** Fit of the lightest buzzbait that stands and planes, and of each step above it. */
const STEPS_UP = [1, 0.9, 0.6, 0.3, 0] as const;
const UNFIT: Opinion = { given: ALWAYS, fit: -1 };
const SILENT: Opinion = { given: 0, fit: 0 };

/** How each weight of a space is judged at each speed, in the order of the catalog. */
type Judged = readonly (readonly Opinion[])[];

/** Transposes rows by speed into rows by weight. */
const byWeight = (bySpeed: readonly (readonly Opinion[])[]): Judged =>
	WEIGHTS_OZ.map((_oz, weight) => bySpeed.map((ofSpeed) => ofSpeed[weight]!));

function judgedUnderWater(space: Space, work: Work): Judged {
	const shares = fishingTime(space, work);
	return byWeight(
		SPEEDS_MPS.map((_speed, at) => {
			const ofSpeed = shares.map((row) => row[at]!);
			const best = Math.max(...ofSpeed);
			if (best === 0) return ofSpeed.map(() => UNFIT);
			const lightest = ofSpeed.findIndex((share) => share >= NEARLY * best);
			return ofSpeed.map((share, weight) => {
				const steps = Math.max(0, weight - lightest);
				const fit = 2 * Math.min(1, share / ENOUGH_SHARE) - 1 - STEP_COST * steps;
				return { given: ALWAYS, fit: Math.max(-1, fit) };
			});
		})
	);
}

function judgedOnTop(space: Space): Judged {
	const runs = usualRuns(space);
	return byWeight(
		SPEEDS_MPS.map((speedMps) => {
			const stands = runs.map(({ rollMps, planeMps }) => speedMps <= ROLL_SHARE * rollMps && speedMps >= planeMps);
			const lightest = stands.indexOf(true);
			if (lightest < 0) return stands.map(() => SILENT);
			return stands.map((stand, weight) => (stand ? { given: ALWAYS, fit: STEPS_UP[weight - lightest] ?? 0 } : UNFIT));
		})
	);
}

function worksLongest({ reading, windows }: Needs, space: Space): Suits {
	const judged =
		space.family === 'buzzbait'
			? judgedOnTop(space)
			: judgedUnderWater(space, workOf(reading, windows.band(space.family)));
	const ounces: readonly number[] = WEIGHTS_OZ;
	return (weight, speed) =>
		judged[ounces.indexOf(weight.patch.weightOz!)]![SPEEDS_MPS.indexOf(speed.patch.retrieve!.speedMps!)]!;
}

/** Fit of a pace falls by one for each of these (m/s) outside the window, down to the least. */
const PACE_STEP_MPS = 0.15;
const LEAST_PACE_FIT = -2;

function askedPace({ pace: { slowestMps, fastestMps } }: Needs): Suits {
	return (speed) => {
		const speedMps = speed.patch.retrieve!.speedMps!;
		const off = Math.max(0, slowestMps - speedMps, speedMps - fastestMps);
		return { given: ALWAYS, fit: Math.max(LEAST_PACE_FIT, 1 - off / PACE_STEP_MPS) };
	};
}

/** A retrieve is fast to this degree from the first speed (m/s) to the second: the craft's words. */
const FAST_MPS = [0.95, 1.3] as const;

/** Fast as the craft has it, or where these fish ask for less, as fast as they will follow. */
function fastForThem({ pace: { slowestMps, fastestMps } }: Needs): Suits {
	const begins = Math.min(FAST_MPS[0], (slowestMps + fastestMps) / 2);
	const whole = Math.min(FAST_MPS[1], fastestMps);
	return (speed) => ({ given: ALWAYS, fit: ramp(speed.patch.retrieve!.speedMps!, [begins, whole]) });
}

function usualOunces({ reading }: Needs): Suits {
	const [lightest, heaviest] = recommendedOunces(reading).map((ounces) => positionAmong(ounces, WEIGHTS_OZ)) as [
		number,
		number
	];
	return (weight) => {
		const own = positionAmong(weight.patch.weightOz!, WEIGHTS_OZ);
		const off = Math.max(0, lightest - own, own - heaviest);
		return { given: ALWAYS, fit: Math.max(-1, 1 - off) };
	};
}

/** Length (in) of what flashes among the bait; `null` where none is told. */
const flashingIn = ({ reading }: Needs): number | null => mainForageIn(reading, ['silver-baitfish', 'golden-shiner']);

function likeForage(forageIn: number, blades: Part): Opinion {
	const rear = blades.patch.blades!.find((blade) => blade.position === 'rear')!;
	if (rear.style === 'colorado') return SILENT;
	const lengthIn = bladeSize(rear.style as TurningStyle, rear.size!).lengthMm / MM_PER_IN;
	// Twice or half the length no longer looks like it (assumed): one octave off is worth nothing.
	const octavesOff = Math.abs(Math.log2(lengthIn / forageIn));
	return { given: ALWAYS, fit: Math.max(-1, 1 - octavesOff) };
}

function nearForage(needs: Needs): Suits {
	const forageIn = flashingIn(needs);
	return (blades) => (forageIn === null ? SILENT : likeForage(forageIn, blades));
}

const COLOUR_GROUPS = [
	['white', 'pearl', 'shad', 'white-chartreuse'],
	['chartreuse', 'white-chartreuse', 'orange'],
	['sunfish', 'perch', 'green-pumpkin', 'watermelon', 'brown-craw'],
	['brown-craw', 'red-craw', 'orange'],
	['black', 'black-blue', 'purple']
] as const;

function matchesColour(skirt: Part, trailer: Part): Opinion {
	const worn = trailer.patch.trailer?.colour;
	const colour = skirt.patch.skirt!.colour!;
	if (!worn || colour === 'none') return { given: 0, fit: 0 };
	if (worn === colour) return { given: ALWAYS, fit: 1 };
	const near = COLOUR_GROUPS.some((group: readonly string[]) => group.includes(worn) && group.includes(colour));
	return { given: ALWAYS, fit: near ? 0.5 : 0 };
}

const paceIn = ({ pace: { slowestMps, fastestMps } }: Needs): string => `${slowestMps}/${fastestMps}`;
const worksIn = ({ reading, windows }: Needs, family: Family): string =>
	family === 'buzzbait' ? '' : JSON.stringify(workOf(reading, windows.band(family)));

/** Every relation that a claim may name. */
export const RELATIONS: Readonly<Record<Relation, RelationRule>> = {
	'asked-pace': { variables: ['speed'], reads: paceIn, prefers: 'pace', suits: askedPace },
	'fast-for-them': { variables: ['speed'], reads: paceIn, prefers: 'pace', suits: fastForThem },
	'works-longest': {
		variables: ['weight', 'speed'],
		reads: worksIn,
		perSpace: true,
		prefers: 'weight',
		suits: worksLongest
	},
	'usual-ounces': {
		variables: ['weight'],
		reads: ({ reading }) => recommendedOunces(reading).join('/'),
		prefers: 'weight',
		suits: usualOunces
	},
	'bears-line': { variables: ['wire', 'line'], reads: null, prefers: 'line', suits: () => bearsLine },
	'near-forage': {
		variables: ['blades'],
		reads: (needs) => String(flashingIn(needs)),
		prefers: 'blade.size',
		suits: nearForage
	},
	'matches-colour': {
		variables: ['skirtColour', 'trailerColour'],
		reads: null,
		prefers: 'trailer.colour',
		suits: () => matchesColour
	}
};

/** What the relations may ask of a water. */
export const needsOf = (reading: Reading, stances: Positions): Needs => ({
	reading,
	windows: new Windows(reading),
	pace: recommendedPace(reading, stances)
});
