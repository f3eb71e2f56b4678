import { PRICE_RANGE } from '../build/partTable';
import { rigGeometryOf, type RigGeometry } from '../geometry/rigGeometry';
import type { Move } from '../geometry/path';
import type { Build } from '../../foundation/schema/build';
import { partWords, slotWord } from '../build/partNames';
import { partsOf, type PlacedPart, type Slot } from '../build/partsOf';

/** A step of a build: the parts that it takes, what is done, with what, and what to mind. */
export interface BuildStep {
	readonly slots: readonly Slot[];
	readonly title: string;
	readonly text: string;
	readonly tools: readonly string[];
	readonly cautions: readonly string[];
}

const EYES = 'Wear eye protection: cut ends and springy wire fly.';
const LEAD =
	'Lead: wash your hands after handling it, keep it away from food and children, and melt it only outdoors with the right gear. Use tungsten or bismuth where lead is banned.';
const POINTS = 'Watch the point: hold hooks with pliers; go barbless where required.';

const whole = (mm: number): string => String(Math.round(mm * 10) / 10);

/** A bend schedule in words, move by move. */
export function bendsText(moves: readonly Move[]): string {
	return moves
		.map((move) => {
			if ('run' in move) return `straight for ${whole(move.run)} mm`;
			const [turn, side] = 'right' in move ? [move.right, 'right'] : [move.left, 'left'];
			return `bend ${Math.round(turn)}° ${side} around ${whole(move.r)} mm`;
		})
		.join(', ');
}

interface Context {
	readonly build: Build;
	readonly geometry: RigGeometry;
}

type StepText = (context: Context) => Omit<BuildStep, 'slots' | 'title'>;
const plain = (text: string, tools: string[] = [], cautions: string[] = []) => ({ text, tools, cautions });

function wireStep({ build, geometry }: Context): Omit<BuildStep, 'slots' | 'title'> {
	if (!geometry.wire) {
		const text = build.rig.screwIn
			? 'Turn the screw-in arm into the belly behind the head until its coil is buried.'
			: 'The arm leaves the chin, molded in; check that it points straight down.';
		return plain(text, build.rig.screwIn ? [] : ['round-nose pliers']);
	}
	const offset =
		geometry.fit.offsetDeg === 0 ? '' : ` Set the upper arm ${geometry.fit.offsetDeg}° out of the plane, on purpose.`;
	const text = `From the nose: ${bendsText(geometry.wire.moves)}. ${whole(geometry.wire.lengthMm)} mm of wire outside the head.${offset}`;
	return plain(text, ['round-nose pliers', 'cutters', 'rule'], [EYES]);
}

function clevisText({ geometry }: Context): string {
	return `Thread the clevis ${whole(geometry.fit.clevisMm)} mm from the line tie, ears free to turn on the wire.`;
}

function skirtText({ build, geometry }: Context): string {
	const dye = geometry.fit.dye === 'none' ? '' : ` Dip the tips in ${geometry.fit.dye} dye.`;
	return `Slide it on by the collar${build.rig.family === 'bladed-jig' ? ', wire-tied or banded' : ''}, strands ${whole(geometry.fit.skirtMm)} mm behind it.${dye}`;
}

function trailerText({ build, geometry }: Context): string {
	const { fit, trailer } = geometry;
	const cut = fit.trailerCutMm > 0 ? `Cut ${whole(fit.trailerCutMm)} mm off its nose. ` : '';
	const belly = fit.bellyOff ? 'Slice the belly off. ' : '';
	const side = fit.roundDown ? 'Round side down. ' : '';
	const mount = build.rig.trailer!.mount === 'crosswise' ? 'Mount it crosswise, so that it slides over limbs. ' : '';
	return `${cut}${belly}${side}${mount}Thread it dead straight up the shank, ${whole(trailer?.lengthMm ?? 0)} mm long.`;
}

/** What is done with each part; parts that are not here go on with the one before them. */
const STEPS: Readonly<Partial<Record<Slot, StepText>>> = {
	head: ({ build }) =>
		plain(
			'Check for casting flash and a straight collar; file off what stands out.',
			['file'],
			build.rig.headMaterial === 'lead' ? [LEAD] : []
		),
	hook: ({ geometry }) => {
		const gap =
			geometry.fit.gapDeg === 0
				? ''
				: ` Pin gap ${geometry.fit.gapDeg > 0 ? 'opened' : 'closed'} by ${Math.abs(geometry.fit.gapDeg)}°.`;
		return plain(
			`Point up, in the plane of the wire; touch up with a stone.${gap}`,
			['hook stone', 'pliers'],
			[POINTS]
		);
	},
	keeper: ({ geometry }) =>
		plain(
			geometry.fit.keepers > 1 ? 'Both keeper wires bite into the plastic.' : 'The keeper wire bites into the plastic.'
		),
	wire: wireStep,
	clevis: (context) => plain(clevisText(context), ['tweezers']),
	beads: ({ build, geometry }) =>
		plain(
			build.rig.family === 'buzzbait'
				? 'A bead before the blade keeps weed out of it.'
				: `${geometry.fit.beads} behind the clevis, as bearings and spacers; they must turn.`
		),
	front: () => plain('Cup toward the lure, on the clevis. Flick it: it must spin long and freely.'),
	swivel: () => plain('In the eye; turn it under load and feel for grit.', ['split-ring pliers'], [EYES]),
	rear: ({ build }) => {
		if (build.rig.family === 'bladed-jig')
			return plain('Hinge it in the head’s eye; it must swing freely to both sides.', ['split-ring pliers'], [EYES]);
		if (build.rig.family === 'buzzbait') return plain('On the shaft, cups forward; it must spin without wobble.');
		return plain(
			'On the split ring, cup toward the lure. Flick it: it must spin long and freely.',
			['split-ring pliers'],
			[EYES]
		);
	},
	clip: () => plain('Close the clip and pull on it; check it while fishing.', ['pliers']),
	rivet: ({ build }) =>
		plain(
			build.rig.noise === 'squeak'
				? 'Set it so that blade and rivet just touch, still turning freely, and crimp it there.'
				: 'Set it clear of the blade and crimp it.',
			['crimping pliers'],
			[EYES]
		),
	clacker: () => plain('Behind the blade, so that each wing strikes it.'),
	skirt: (context) =>
		plain(
			skirtText(context),
			['scissors'],
			context.geometry.fit.dye === 'none' ? [] : ['Dye stains skin and boats: wear gloves and keep the lid on.']
		),
	trailer: (context) =>
		plain(
			trailerText(context),
			context.geometry.fit.trailerCutMm > 0 || context.geometry.fit.bellyOff
				? ['sharp knife, cutting away from you']
				: []
		),
	trailerHook: ({ build }) =>
		plain(
			build.rig.trailerHook === 'free' ? 'Over the point, swinging free, keeper behind it.' : 'Stiff through its eye.',
			['pliers'],
			[POINTS, 'Count hooks and points against your local rule.']
		),
	tubing: () => plain('Push it on behind the trailer hook’s eye so that it cannot slip off.', ['scissors']),
	array: () => plain('Clip it to the line tie, ahead of the lure.'),
	arrayStop: () =>
		plain('On the line tie: without it the array slides up the line after a fish and you have to cut the knot.'),
	line: ({ build, geometry }) => {
		const to = build.rig.family === 'bladed-jig' ? 'to its clip' : 'to the line tie';
		const join = geometry.fit.join === 'direct' ? `Tie direct ${to}` : `Tie to a snap, the snap ${to}`;
		return plain(
			`${join}, wet the knot and pull it tight; set the drag at ${whole(geometry.fit.dragLb)} lb. Re-tie after fish and nicks.`
		);
	},
	leader: ({ build }) => plain(`${whole(build.rig.line.leader!.lengthIn)} in of leader, a rod’s length or less.`)
};

/** The steps of a build in the order of the craft. */
export function buildSteps(build: Build): BuildStep[] {
	const context = { build, geometry: rigGeometryOf(build) };
	return partsOf(build).flatMap((placed): BuildStep[] => {
		const step = STEPS[placed.slot]?.(context);
		const ink =
			placed.slot === 'rear' && context.geometry.fit.inked
				? ' Ink over the shine with a dark marker and let it dry.'
				: '';
		const lip =
			placed.slot === 'rear' && context.geometry.fit.lipDeg > 0
				? ` Bend the lip ${context.geometry.fit.lipDeg}° down.`
				: '';
		if (!step) return [];
		const title = `${slotWord(placed.slot, build)}: ${partWords(placed, build)}`;
		return [{ ...step, text: step.text + lip + ink, slots: [placed.slot], title }];
	});
}

/** Lowest and highest cost of the parts that go into the lure. */
export function costOf(parts: readonly PlacedPart[]): readonly [number, number] {
	return parts.reduce<[number, number]>(
		([low, high], { part, count }) => {
			const [from, to] = PRICE_RANGE[part.price];
			return [low + from * count, high + to * count];
		},
		[0, 0]
	);
}

/** Tools of all steps, each once. */
export const toolsOf = (steps: readonly BuildStep[]): string[] => [...new Set(steps.flatMap(({ tools }) => tools))];

/** Cautions of all steps, each once. */
export const cautionsOf = (steps: readonly BuildStep[]): string[] => [
	...new Set(steps.flatMap(({ cautions }) => cautions))
];
