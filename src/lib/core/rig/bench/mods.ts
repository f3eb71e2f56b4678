import type { Build } from '../../foundation/schema/build';
import type { Rig } from '../../foundation/schema/rig';
import { SKIRT_CUTS } from '../../foundation/catalogue/dress';
import { completeFit } from '../build/fit';
import { withRig } from '../build/start';

/** A modification of a rig: why, how in steps, and what it makes of the build. */
export interface Mod {
	readonly id: ModId;
	readonly title: string;
	readonly why: string;
	readonly steps: readonly string[];
	readonly cautions: readonly string[];
	/** Whether the rig has the part for it. */
	readonly fits: (rig: Rig) => boolean;
	readonly done: (build: Build) => boolean;
	readonly apply: (build: Build) => Build;
	readonly undo: (build: Build) => Build;
}

export type ModId =
	'trailer-cut' | 'belly-off' | 'round-down' | 'crosswise' | 'skirt-cut' | 'lip' | 'ink' | 'dye' | 'gap' | 'gap-closed';

const KNIFE = 'Cut away from you on a board; wear eye protection near hooks.';
const withFit = (build: Build, fit: Partial<Build['fit']>): Build => ({ ...build, fit: { ...build.fit, ...fit } });
const mounted = (build: Build, mount: 'upright' | 'crosswise'): Build =>
	build.rig.trailer ? withRig(build, { trailer: { ...build.rig.trailer, mount } }) : build;

const hasTrailer = ({ trailer }: Rig): boolean => trailer !== null;
const hasSkirt = ({ skirt }: Rig): boolean => skirt.colour !== 'none';
const isJig = ({ family }: Rig): boolean => family === 'bladed-jig';
const hasPin = ({ family }: Rig): boolean => family === 'spinnerbait';

/** How far each modification goes: mm off a trailer, mm that a skirt is left, degrees of a lip and of a gap; assumed, small first steps. */
const AMOUNTS = { trailerCutMm: 12, skirtMm: 38, lipDeg: 8, gapDeg: 4 } as const;

/** Every modification that the bench guides (the craft's TRL-07, TRL-08, SKT-13, SKT-17, TUN-06 to TUN-08, HKS-10). */
export const MODS: readonly Mod[] = [
	{
		id: 'trailer-cut',
		title: 'Shorten the trailer',
		why: 'Short strikes, small fish, a compact look or a clear blade: less behind the hook.',
		steps: [
			`Lay the trailer along a ruler and mark ${AMOUNTS.trailerCutMm} mm from the nose.`,
			'Cut it square, so that it sits flush against the head.',
			'Thread it dead straight and leave the tail as it is.'
		],
		cautions: [KNIFE],
		fits: hasTrailer,
		done: (build) => completeFit(build).trailerCutMm > 0,
		apply: (build) => withFit(build, { trailerCutMm: AMOUNTS.trailerCutMm }),
		undo: (build) => withFit(build, { trailerCutMm: 0 })
	},
	{
		id: 'belly-off',
		title: 'Take off the belly',
		why: 'A compact or clear-bladed jig needs a slim body that doesn’t deaden the blade.',
		steps: ['Lay it on its back.', 'Slice along the belly line, nose to tail root.', 'Leave the tail whole.'],
		cautions: [KNIFE],
		fits: (rig) => isJig(rig) && hasTrailer(rig),
		done: (build) => completeFit(build).bellyOff,
		apply: (build) => withFit(build, { bellyOff: true }),
		undo: (build) => withFit(build, { bellyOff: false })
	},
	{
		id: 'round-down',
		title: 'Round side down',
		why: 'On a compact or clear-bladed jig, flat side up keeps the body under the blade’s wake.',
		steps: ['Turn the body so that its round side faces down.', 'Thread it along the middle.'],
		cautions: [],
		fits: (rig) => isJig(rig) && hasTrailer(rig),
		done: (build) => completeFit(build).roundDown,
		apply: (build) => withFit(build, { roundDown: true }),
		undo: (build) => withFit(build, { roundDown: false })
	},
	{
		id: 'crosswise',
		title: 'Mount it crosswise',
		why: 'In wood a flat trailer set crosswise slides over limbs without rolling the lure.',
		steps: [
			'Turn the flat body a quarter turn.',
			'Enter at the middle of its edge.',
			'Thread it straight; the flat lies level.'
		],
		cautions: [],
		fits: hasTrailer,
		done: ({ rig }) => rig.trailer?.mount === 'crosswise',
		apply: (build) => mounted(build, 'crosswise'),
		undo: (build) => mounted(build, 'upright')
	},
	{
		id: 'skirt-cut',
		title: 'Cut the skirt down',
		why: 'A shorter skirt looks compact, shows the trailer and swings less; a longer one covers a trailer hook.',
		steps: [
			'Pull the strands together and comb them straight.',
			`Cut at ${AMOUNTS.skirtMm} mm behind the collar, a few strands longer than the rest.`
		],
		cautions: [KNIFE],
		// A knife makes no skirt longer.
		fits: (rig) => hasSkirt(rig) && SKIRT_CUTS[rig.skirt.length].lengthMm > AMOUNTS.skirtMm,
		done: (build) => build.fit.skirtMm !== undefined,
		apply: (build) => withFit(build, { skirtMm: Math.min(AMOUNTS.skirtMm, completeFit(build).skirtMm) }),
		undo: ({ fit, ...build }) => ({
			...build,
			fit: Object.fromEntries(Object.entries(fit).filter(([key]) => key !== 'skirtMm'))
		})
	},
	{
		id: 'lip',
		title: 'Bend the lip down',
		why: 'A bladed jig with its lip bent down a little runs deeper.',
		steps: [
			'Hold the plate flat in smooth pliers a third from its lower edge.',
			`Bend about ${AMOUNTS.lipDeg}° down; test; go on only in small steps.`
		],
		cautions: ['Eye protection: a plate can snap.'],
		fits: isJig,
		done: (build) => completeFit(build).lipDeg > 0,
		apply: (build) => withFit(build, { lipDeg: AMOUNTS.lipDeg }),
		undo: (build) => withFit(build, { lipDeg: 0 })
	},
	{
		id: 'ink',
		title: 'Ink the blade',
		why: 'A shiny plate in front of a sunfish or dark skirt looks wrong: dull it.',
		steps: [
			'Wipe it with alcohol.',
			'Cover both sides with a dark permanent marker.',
			'Let it dry; touch it up later in the day.'
		],
		cautions: ['Alcohol: fresh air, no flame.'],
		fits: isJig,
		done: (build) => completeFit(build).inked,
		apply: (build) => withFit(build, { inked: true }),
		undo: (build) => withFit(build, { inked: false })
	},
	{
		id: 'dye',
		title: 'Dye the tips',
		why: 'A touch of chartreuse for smallmouth; go easy in clear water and in summer.',
		steps: ['Dry the skirt.', 'Dip a finger’s width of the tips for two seconds.', 'Wipe and let it dry.'],
		cautions: ['Dye stains skin and boats: wear gloves and keep the lid on.'],
		fits: hasSkirt,
		done: (build) => completeFit(build).dye !== 'none',
		apply: (build) => withFit(build, { dye: 'chartreuse' }),
		undo: (build) => withFit(build, { dye: 'none' })
	},
	{
		id: 'gap',
		title: 'Open the pin gap',
		why: 'A little wider, it hooks better in open water.',
		steps: [
			'Hold the line tie in pliers.',
			`Lift the upper arm by about ${AMOUNTS.gapDeg}°, by hand and slowly.`,
			'Check that arm and hook are still in one plane.'
		],
		cautions: ['Eye protection.', 'Each bend shortens the life of the wire.'],
		fits: hasPin,
		done: (build) => completeFit(build).gapDeg > 0,
		apply: (build) => withFit(build, { gapDeg: AMOUNTS.gapDeg }),
		undo: (build) => withFit(build, { gapDeg: 0 })
	},
	{
		id: 'gap-closed',
		title: 'Close the pin gap',
		why: 'Closed a little, the arm works as a weed guard.',
		steps: [
			'Hold the line tie in pliers.',
			`Lower the upper arm by about ${AMOUNTS.gapDeg}°.`,
			'Check that the blade still clears the hook.'
		],
		cautions: ['Eye protection.', 'Each bend shortens the life of the wire.'],
		fits: hasPin,
		done: (build) => completeFit(build).gapDeg < 0,
		apply: (build) => withFit(build, { gapDeg: -AMOUNTS.gapDeg }),
		undo: (build) => withFit(build, { gapDeg: 0 })
	}
];
