import { isOneOf, keysOf } from '../../foundation/basics/typed';
import { SPEEDS_MPS, WEIGHTS_OZ, WIRES_IN } from '../../foundation/catalogue/parts';
import { BLADE_SIZES } from '../../foundation/catalogue/bladeSizes';
import { turnHz } from '../../simulation/physics/blade';
import { usualArmM } from '../../simulation/physics/arm';
import type { Reading } from '../../water/reading/complete';
import type { Build } from '../../foundation/schema/build';
import type { Blade, Rig } from '../../foundation/schema/rig';
import { TURNING_STYLES, type Family } from '../../foundation/schema/words';
import { rearToHookMm } from '../geometry/clearance';
import { beatsOf } from './checks/trailer';
import { subjectOf, type Subject } from './checks/subject';
import { lureMassG } from '../build/partsOf';

/** A dimension that can be swept: its values, and the build at each of them. */
interface Dimension {
	readonly name: string;
	readonly unit: 'in' | 'size' | 'oz' | 'mm' | 'mps' | 'lb' | 'deg';
	readonly families: readonly Family[];
	readonly values: (rig: Rig) => readonly number[];
	readonly of: (build: Build) => number;
	readonly at: (build: Build, value: number) => Build;
}

const steps = (from: number, to: number, step: number): number[] =>
	Array.from({ length: Math.round((to - from) / step) + 1 }, (_, at) => Math.round((from + at * step) * 1e4) / 1e4);

const withRigOf = (build: Build, patch: Partial<Rig>): Build => ({ ...build, rig: { ...build.rig, ...patch } });
const blade = (rig: Rig, position: Blade['position']): Blade | undefined =>
	rig.blades.find((candidate) => candidate.position === position);

/** The build with another size of one blade; an own blade's measures give way to the table's. */
function withSize(build: Build, position: 'front' | 'rear', size: number): Build {
	const blades = build.rig.blades.map((present) => (present.position === position ? { ...present, size } : present));
	return { ...withRigOf(build, { blades }), own: { ...build.own, [position]: undefined } };
}

const sizesOf = (rig: Rig, position: 'front' | 'rear'): readonly number[] => {
	const present = blade(rig, position);
	return present && isOneOf(TURNING_STYLES, present.style) ? BLADE_SIZES[present.style].map(({ size }) => size) : [];
};

const WIRED: readonly Family[] = ['spinnerbait', 'buzzbait'];
const TURNING: readonly Family[] = ['spinnerbait', 'underspin'];
const ALL: readonly Family[] = ['spinnerbait', 'bladed-jig', 'buzzbait', 'underspin'];

/** Every dimension that the bench sweeps. */
export const DIMENSIONS = {
	wire: {
		name: 'Wire',
		unit: 'in',
		families: WIRED,
		values: () => steps(WIRES_IN[0], WIRES_IN[WIRES_IN.length - 1]!, 0.001),
		of: ({ rig }) => rig.wireIn!,
		at: (build, wireIn) => withRigOf(build, { wireIn })
	},
	rearSize: {
		name: 'Rear blade',
		unit: 'size',
		families: TURNING,
		values: (rig) => sizesOf(rig, 'rear'),
		of: ({ rig }) => blade(rig, 'rear')!.size,
		at: (build, size) => withSize(build, 'rear', size)
	},
	frontSize: {
		name: 'Front blade',
		unit: 'size',
		families: ['spinnerbait'],
		values: (rig) => sizesOf(rig, 'front'),
		of: ({ rig }) => blade(rig, 'front')?.size ?? 0,
		at: (build, size) => withSize(build, 'front', size)
	},
	diameter: {
		name: 'Buzz blade',
		unit: 'mm',
		families: ['buzzbait'],
		values: () => steps(30, 70, 2),
		of: ({ rig }) => blade(rig, 'rear')!.size,
		at: (build, size) => withSize(build, 'rear', size)
	},
	weight: {
		name: 'Head',
		unit: 'oz',
		families: ALL,
		values: () => WEIGHTS_OZ,
		of: ({ rig }) => rig.weightOz,
		at: (build, weightOz) => ({ ...withRigOf(build, { weightOz }), own: { ...build.own, head: undefined } })
	},
	arm: {
		name: 'Upper arm',
		unit: 'mm',
		families: ['spinnerbait'],
		values: () => steps(40, 100, 4),
		of: ({ fit, rig }) => fit.upperArmMm ?? usualArmM(rig) * 1000,
		at: (build, upperArmMm) => ({ ...build, fit: { ...build.fit, upperArmMm } })
	},
	speed: {
		name: 'Speed',
		unit: 'mps',
		families: ALL,
		values: () => SPEEDS_MPS,
		of: ({ rig }) => rig.retrieve.speedMps,
		at: (build, speedMps) => withRigOf(build, { retrieve: { ...build.rig.retrieve, speedMps } })
	},
	line: {
		name: 'Line',
		unit: 'lb',
		families: ALL,
		values: () => steps(6, 40, 2),
		of: ({ rig }) => rig.line.testLb,
		at: (build, testLb) => withRigOf(build, { line: { ...build.rig.line, testLb } })
	},
	kink: {
		name: 'Crooked trailer',
		unit: 'deg',
		families: ['spinnerbait'],
		values: () => steps(0, 30, 2),
		of: ({ fit }) => fit.kinkDeg ?? 0,
		at: (build, kinkDeg) => ({ ...build, fit: { ...build.fit, kinkDeg } })
	}
} as const satisfies Record<string, Dimension>;

export type DimensionId = keyof typeof DIMENSIONS;

/** The dimensions that a build has. */
export const dimensionsOf = ({ rig }: Build): DimensionId[] =>
	keysOf(DIMENSIONS).filter((id) => {
		const dimension: Dimension = DIMENSIONS[id];
		const crooked = id !== 'kink' || rig.trailer !== null;
		return crooked && dimension.families.includes(rig.family) && dimension.values(rig).length > 0;
	});

interface Outcome {
	readonly name: string;
	readonly unit: 'Hz' | 'mm' | 'lb' | 'cm2' | 'mps' | 'm' | 'h' | 'N' | 'g';
	readonly of: (subject: Subject) => number | null;
}

function beatHz(subject: Subject): number | null {
	const { engine } = subject.lure;
	const speed = subject.build.rig.retrieve.speedMps;
	if (engine.kind === 'blades') return turnHz(engine.rear, engine.wake * speed);
	return subject.window.jigBlade?.beatHz ?? subject.window.surface?.turnHz ?? null;
}

/** What a sweep can show. */
export const OUTCOMES = {
	beat: { name: 'Beat', unit: 'Hz', of: beatHz },
	swing: { name: 'Arm swings', unit: 'mm', of: ({ window }) => window.wire?.amplitudeMm ?? null },
	droop: { name: 'Arm droops', unit: 'mm', of: ({ window }) => window.wire?.droopMm ?? null },
	opens: { name: 'Pull that opens it', unit: 'lb', of: ({ window }) => window.wire?.opensLb ?? null },
	life: { name: 'Wire life', unit: 'h', of: ({ window }) => window.wire?.lifeH ?? null },
	thump: {
		name: 'Thump',
		unit: 'N',
		of: ({ window }) =>
			window.blades.find(({ position }) => position === 'rear')?.thumpN ?? window.jigBlade?.forceN ?? null
	},
	lift: { name: 'Lift area', unit: 'cm2', of: ({ window }) => window.liftAreaCm2 },
	start: { name: 'Start speed', unit: 'mps', of: ({ window }) => window.surface?.planeMps ?? window.startMps },
	roll: { name: 'Roll speed', unit: 'mps', of: ({ window }) => window.rollMps },
	depth: {
		name: 'Depth at 16 m',
		unit: 'm',
		of: ({ window, build }) => (build.rig.family === 'buzzbait' ? null : window.depthM)
	},
	sink: { name: 'Sink speed', unit: 'mps', of: ({ window }) => window.sinkMps },
	clears: { name: 'Blade clears hook', unit: 'mm', of: ({ geometry }) => rearToHookMm(geometry) },
	tail: { name: 'Tail beats', unit: 'Hz', of: (subject) => beatsOf(subject)?.tail.hz ?? null },
	mass: { name: 'Whole lure', unit: 'g', of: ({ build }) => lureMassG(build) }
} as const satisfies Record<string, Outcome>;

export type OutcomeId = keyof typeof OUTCOMES;

/** How a build answers as one of its dimensions changes. */
export interface Sweep {
	readonly dimension: DimensionId;
	readonly now: number;
	readonly values: readonly number[];
	/** One line per outcome that the family has; `null` where the model says nothing. */
	readonly lines: Readonly<Partial<Record<OutcomeId, readonly (number | null)[]>>>;
}

/** Sweeps one dimension of a build over its range, everything else held. */
export function sweep(build: Build, reading: Reading, id: DimensionId): Sweep {
	const dimension: Dimension = DIMENSIONS[id];
	const values = dimension.values(build.rig);
	const subjects = values.map((value) => subjectOf(dimension.at(build, value), reading));
	const lines = keysOf(OUTCOMES).flatMap((outcome) => {
		const line = subjects.map((subject) => OUTCOMES[outcome].of(subject));
		return line.every((value) => value === null) ? [] : [[outcome, line] as const];
	});
	return { dimension: id, values, now: dimension.of(build), lines: Object.fromEntries(lines) };
}
