import { bladeSize, turningStyle } from '../../foundation/catalogue/bladeSizes';
import { WEIGHTS_OZ } from '../../foundation/catalogue/parts';
import type { Facet, Relation } from '../../claims/claim';
import type { Positions } from '../../claims/disputes';
import { maxLineLb, pullOnWireLb } from '../../simulation/physics/wire';
import type { Reading } from '../../water/reading/complete';
import { ramp, WORDS } from '../../water/reading/conditions';
import { mainForageIn } from '../../water/reading/forage';
import type { Family } from '../../foundation/schema/words';
import { MM_PER_IN } from '../../foundation/basics/units';
import { recommendedOunces, recommendedPace, type Pace } from './recommended';
import { fishingTime, workOf } from '../gate/fishingTime';
import { Windows } from '../gate/gates';
import type { Part, Space } from '../space/part';
import { positionAmong } from '../space/positionAmong';
import { ROLL_SHARE } from '../gate/reach';
import { usualRuns } from '../gate/running';
import { MILLI, type FitTable, type Opinion } from './opinion';

/** What relations may ask of the water. */
export interface Needs {
	readonly reading: Reading;
	readonly windows: Windows;
	/** The pace that this water asks for. */
	readonly pace: Pace;
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
	/** Its whole table, where it is over other variables in a space; `null` where `suits` says all. */
	readonly write?: (needs: Needs, space: Space) => FitTable | null;
}

const ALWAYS = 1;

/** Line from this share of what the wire bears fits 1, falling to -1 at the second (the craft's figures). */
const OVERPOWERED = [1, 1.4] as const;

function bearsLine(wire: Part, line: Part): Opinion {
	const bears = maxLineLb(wire.patch.wireIn!);
	const { type, testLb, leader } = line.patch.line!;
	const pulls = pullOnWireLb({ type: type!, testLb: testLb!, leader: leader ?? null });
	return { given: ALWAYS, fit: 1 - 2 * ramp(pulls / bears, OVERPOWERED) };
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

/** Below this share of the fishing time a lure hardly meets the fish: its fit falls by so much more, to the least. */
const HARDLY_SHARE = 0.3;
const HARDLY_COST = 2;
const LEAST_WORK_FIT = -3;
/** Fits of this relation are told apart in steps of so much. */
const FIT_STEP = 0.02;
const WORK_FITS: readonly Opinion[] = Array.from(
	{ length: Math.round((1 - LEAST_WORK_FIT) / FIT_STEP) + 1 },
	(_, at) => ({
		given: ALWAYS,
		fit: Math.round((LEAST_WORK_FIT + at * FIT_STEP) * MILLI) / MILLI
	})
);

/** Shares are told apart in so many parts. */
const SHARE_PARTS = 200;

/** Index among `WORK_FITS` by needless steps of weight, then share of the fishing time in parts. */
const WORK_INDEX: readonly Uint16Array[] = WEIGHTS_OZ.map((_oz, steps) =>
	Uint16Array.from({ length: SHARE_PARTS + 1 }, (_, part) => workFitAt(part / SHARE_PARTS, steps))
);

/** Index among `WORK_FITS` of a share of the fishing time, with so many needless steps of weight. */
function workFitAt(share: number, steps: number): number {
	const hardly = HARDLY_COST * Math.max(0, 1 - share / HARDLY_SHARE);
	const fit = 2 * Math.min(1, share / ENOUGH_SHARE) - 1 - STEP_COST * steps - hardly;
	return Math.round((Math.max(LEAST_WORK_FIT, fit) - LEAST_WORK_FIT) / FIT_STEP);
}

/** What blades, speed and weight together are worth by the time that they are among the fish. */
function judgedUnderWater({ reading, windows }: Needs, space: Space): FitTable {
	const shares = fishingTime(space, workOf(reading, windows.band(space.family)));
	const weights = WEIGHTS_OZ.length;
	// A burned lure is as heavy as it has to be to stay down.
	const costs = WORDS['water for a burn'](reading) === 0;
	const cells = new Uint16Array(shares.length);
	for (let from = 0; from < shares.length; from += weights) {
		let best = 0;
		for (let weight = 0; weight < weights; weight++) best = Math.max(best, shares[from + weight]!);
		let steps = 0;
		let reached = false;
		for (let weight = 0; weight < weights; weight++) {
			const share = shares[from + weight]!;
			if (reached && costs) steps++;
			reached ||= best > 0 && share >= NEARLY * best;
			cells[from + weight] = WORK_INDEX[steps]![Math.round(share * SHARE_PARTS)]!;
		}
	}
	const variables = ['blades', 'speed', 'weight'].map((id) => space.variables.findIndex((one) => one.id === id));
	return { variables, key: variables.join(), either: false, opinions: WORK_FITS, cells };
}

/** The lightest buzzbait that stands and planes at a speed is the right one. */
function standsOnTop(_needs: Needs, space: Space): Suits {
	const runs = usualRuns(space);
	const ounces: readonly number[] = WEIGHTS_OZ;
	return (weight, speed) => {
		const speedMps = speed.patch.retrieve!.speedMps!;
		const stands = runs.map(({ rollMps, planeMps }) => speedMps <= ROLL_SHARE * rollMps && speedMps >= planeMps);
		const lightest = stands.indexOf(true);
		if (lightest < 0) return SILENT;
		const at = ounces.indexOf(weight.patch.weightOz!);
		return stands[at] ? { given: ALWAYS, fit: STEPS_UP[at - lightest] ?? 0 } : UNFIT;
	};
}

/** A pace this near (m/s) the one to begin with is as good; the fit falls by one for each step further away, to the least. */
const NEAR_PACE_MPS = 0.03;
const PACE_STEP_MPS = 0.15;
const LEAST_PACE_FIT = -2;

function askedPace({ pace: { aimMps } }: Needs): Suits {
	return (speed) => {
		const off = Math.max(0, Math.abs(speed.patch.retrieve!.speedMps! - aimMps) - NEAR_PACE_MPS);
		return { given: ALWAYS, fit: Math.max(LEAST_PACE_FIT, 1 - off / PACE_STEP_MPS) };
	};
}

/** A retrieve is fast to this degree from the first speed (m/s) to the second: the craft's words. */
const FAST_MPS = [0.95, 1.3] as const;

/** Fast as the craft has it, or where these fish ask for less, in the quicker half of what they follow. */
function fastForThem({ pace: { slowestMps, fastestMps } }: Needs): Suits {
	const begins = Math.min(FAST_MPS[0], slowestMps);
	const whole = Math.min(FAST_MPS[1], (slowestMps + fastestMps) / 2);
	return (speed) => ({ given: ALWAYS, fit: ramp(speed.patch.retrieve!.speedMps!, [begins, whole]) });
}

function usualOunces({ reading }: Needs): Suits {
	const [light, heavy] = recommendedOunces(reading);
	const lightest = positionAmong(light, WEIGHTS_OZ);
	const heaviest = positionAmong(heavy, WEIGHTS_OZ);
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
	const lengthIn = bladeSize(turningStyle(rear), rear.size!).lengthMm / MM_PER_IN;
	// Twice or half the length no longer looks like it (assumed): one octave off is worth nothing.
	const octavesOff = Math.abs(Math.log2(lengthIn / forageIn));
	return { given: ALWAYS, fit: Math.max(-1, 1 - octavesOff) };
}

function nearForage(needs: Needs): Suits {
	const forageIn = flashingIn(needs);
	return (blades) => (forageIn === null ? SILENT : likeForage(forageIn, blades));
}

/** A body within a quarter of the bait's length fits wholly; one half or twice as long not at all. */
const NEAR_OCTAVES = Math.log2(1.25);

function nearBaitLength({ reading }: Needs): Suits {
	const baitIn = mainForageIn(reading);
	return (length) => {
		const lengthIn = length.patch.trailer?.lengthIn;
		if (baitIn === null || lengthIn === undefined) return SILENT;
		const off = Math.max(0, Math.abs(Math.log2(lengthIn / baitIn)) - NEAR_OCTAVES);
		return { given: ALWAYS, fit: Math.max(-1, 1 - (2 * off) / (1 - NEAR_OCTAVES)) };
	};
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

const paceIn = ({ pace: { slowestMps, fastestMps, aimMps } }: Needs): string => `${slowestMps}/${fastestMps}/${aimMps}`;
const worksIn = ({ reading, windows }: Needs, family: Family): string =>
	family === 'buzzbait'
		? ''
		: JSON.stringify([workOf(reading, windows.band(family)), WORDS['water for a burn'](reading)]);

/** Every relation that a claim may name. */
export const RELATIONS: Readonly<Record<Relation, RelationRule>> = {
	'asked-pace': { variables: ['speed'], reads: paceIn, prefers: 'pace', suits: askedPace },
	'fast-for-them': { variables: ['speed'], reads: paceIn, prefers: 'pace', suits: fastForThem },
	'works-longest': {
		variables: ['weight', 'speed'],
		reads: worksIn,
		perSpace: true,
		prefers: 'weight',
		suits: standsOnTop,
		write: (needs, space) => (space.family === 'buzzbait' ? null : judgedUnderWater(needs, space))
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
	'near-bait-length': {
		variables: ['trailerLength'],
		reads: ({ reading }) => String(mainForageIn(reading)),
		prefers: 'trailer.length',
		suits: nearBaitLength
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
