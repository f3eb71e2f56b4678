import { turningStyle } from '../../foundation/catalogue/bladeSizes';
import type { Family } from '../../foundation/schema/words';
import { KG_PER_OZ } from '../../foundation/basics/units';
import { bladeDragM2, bladeLiftM2, bladeModel, KEEP_SHARE, smooth, wakeRatio, type BladeModel } from './blade';
import {
	buzzMassG,
	DENSITY_KGM3,
	GRAVITY_MPS2,
	HOOK_MASS_G,
	PLATE_SHARE,
	PLATES,
	SKIRTS,
	TRAILERS,
	USUAL_BUZZ_MM,
	USUAL_WIRE_IN,
	WATER_KGM3,
	COMPACT_WIRE_M,
	WIRE_LENGTH_M,
	type Plate
} from '../../foundation/constants/constants';
import type { Measured, MeasuredParts } from './measured';

/** The parts of a rig that decide how it runs. */
export interface RunningRig {
	readonly family: Family;
	readonly weightOz: number;
	readonly headMaterial: 'lead' | 'tungsten' | 'bismuth';
	readonly blades: readonly { readonly position: 'front' | 'rear'; readonly style: string; readonly size: number }[];
	readonly wireIn: number | null;
	/** A spinnerbait on a short arm, and one whose head lies low along the shank. */
	readonly compact?: boolean;
	readonly lowKeel?: boolean;
	readonly skirt: keyof typeof SKIRTS;
	readonly trailer: keyof typeof TRAILERS;
	/** Lengths and masses of the angler's own parts, which stand over the tables. */
	readonly measured?: MeasuredParts;
}

/** What drives a lure: turning blades, a swinging plate, or a propeller. */
export type Engine =
	| { readonly kind: 'blades'; readonly front: BladeModel | null; readonly rear: BladeModel; readonly wake: number }
	| {
			readonly kind: 'plate';
			readonly plate: Plate;
			readonly areaM2: number;
			readonly startMps: number;
	  }
	| { readonly kind: 'propeller'; readonly diameterM: number; readonly discM2: number; readonly massKg: number };

/** A lure put together: weight in water, and areas that depend on the speed. */
export interface Lure {
	readonly rig: RunningRig;
	readonly engine: Engine;
	/** Submerged weight, N. */
	readonly weightN: number;
	/** Submerged mass of head and hook, kg, and of the head alone. */
	readonly keelKg: number;
	readonly headKg: number;
	/** Mass out of the water, and the water that moves with it, kg. */
	readonly massKg: number;
	readonly addedKg: number;
	/** Drag and lift areas (m2) of all that does not turn. */
	readonly stillDragM2: number;
	readonly stillLiftM2: number;
	/** Measured factors of the whole lure's drag and lift; 1 unmeasured. */
	readonly dragMul: number;
	readonly liftMul: number;
}

/** Share of a mass that its displacement leaves in fresh water. */
export const buoyancy = (densityKgM3: number): number => 1 - WATER_KGM3 / densityKgM3;

const hasWire = (family: Family): boolean => family === 'spinnerbait' || family === 'buzzbait';

/** A plate by its style, or as it was measured: width in proportion to height, thickness from what it weighs. */
function plateOf(style: keyof typeof PLATES, { lengthMm, massG }: Measured = {}): Plate {
	const table = PLATES[style];
	const share = (lengthMm ?? table.heightMm) / table.heightMm;
	const [widthMm, heightMm] = [table.widthMm * share, table.heightMm * share];
	if (massG === undefined) return { ...table, widthMm, heightMm };
	return {
		...table,
		widthMm,
		heightMm,
		thickMm: (massG * 1e6) / (table.densityKgM3 * PLATE_SHARE * widthMm * heightMm)
	};
}

function plateEngine(style: keyof typeof PLATES, measured?: Measured): Engine {
	const plate = plateOf(style, measured);
	const areaM2 = (PLATE_SHARE * plate.widthMm * plate.heightMm) / 1e6;
	const hanging = 2 * GRAVITY_MPS2 * (plate.thickMm / 1000) * (plate.densityKgM3 / WATER_KGM3 - 1);
	return { kind: 'plate', plate, areaM2, startMps: Math.sqrt(hanging + 0.06) };
}

function propellerEngine(size: number, { lengthMm, massG }: Measured = {}): Engine {
	const diameterMm = lengthMm ?? (size > 0 ? size : USUAL_BUZZ_MM);
	const diameterM = diameterMm / 1000;
	const massKg = (massG ?? buzzMassG(diameterMm)) / 1000;
	return { kind: 'propeller', diameterM, discM2: (Math.PI * diameterM ** 2) / 4, massKg };
}

function engineOf({ family, blades, measured = {} }: RunningRig): Engine {
	const rear = blades.find(({ position }) => position === 'rear') ?? blades[0]!;
	if (family === 'bladed-jig') return plateEngine(rear.style as keyof typeof PLATES, measured.rear);
	if (family === 'buzzbait') return propellerEngine(rear.size, measured.rear);
	const ahead = blades.find(({ position }) => position === 'front');
	const front = ahead ? bladeModel(turningStyle(ahead), ahead.size, 'front', measured.front) : null;
	const back = bladeModel(turningStyle(rear), rear.size, 'rear', measured.rear);
	return { kind: 'blades', front, rear: back, wake: front ? wakeRatio(front, back) : 1 };
}

function engineMassKg(engine: Engine): number {
	if (engine.kind === 'propeller') return engine.massKg;
	if (engine.kind === 'blades') return (engine.front?.massKg ?? 0) + engine.rear.massKg;
	return engine.areaM2 * (engine.plate.thickMm / 1000) * engine.plate.densityKgM3;
}

function engineWeightKg(engine: Engine): number {
	const density =
		engine.kind === 'propeller'
			? DENSITY_KGM3.aluminium
			: engine.kind === 'blades'
				? DENSITY_KGM3.brass
				: engine.plate.densityKgM3;
	return engineMassKg(engine) * buoyancy(density);
}

/** What a part that does not turn adds to a lure: mass kg, weight in water N, drag and lift areas m2. */
export interface PointMass {
	readonly massKg: number;
	readonly weightN: number;
	readonly dragM2: number;
	readonly liftM2: number;
}

const headMassKg = (weightOz: number, { massG }: Measured = {}): number =>
	massG === undefined ? weightOz * KG_PER_OZ : massG / 1000;

/** A head: a ball of its metal, nominal ounces being the head alone unless it was weighed. */
export function headMass(weightOz: number, material: RunningRig['headMaterial'], measured?: Measured): PointMass {
	const massKg = headMassKg(weightOz, measured);
	const density = DENSITY_KGM3[material];
	const dragM2 = 0.6 * (Math.PI / 4) * ((6 * massKg) / density / Math.PI) ** (2 / 3);
	return { massKg, weightN: GRAVITY_MPS2 * massKg * buoyancy(density), dragM2, liftM2: 0 };
}

/** Water that goes along with any lure, kg (docs/TANK.md). */
const ENTRAINED_KG = 0.008;

/** Extra lift areas (m2) of a family's own shape. */
const OWN_LIFT_M2 = { spinnerbait: 0, 'bladed-jig': 0, buzzbait: 1.2e-4, underspin: 0.15e-4 } as const;

const hookKg = (family: Family, { massG = HOOK_MASS_G[family] }: Measured = {}): number =>
	(massG / 1000) * buoyancy(DENSITY_KGM3.steel);

/** What every rig of a family has: its hook, and the lift of its shape. */
export const familyMass = (family: Family, hook?: Measured): PointMass => ({
	massKg: (hook?.massG ?? HOOK_MASS_G[family]) / 1000,
	weightN: GRAVITY_MPS2 * hookKg(family, hook),
	dragM2: 0,
	liftM2: OWN_LIFT_M2[family]
});

/** The bent wire of a spinnerbait or buzzbait, by its diameter in inches; a compact spinnerbait's is shorter. */
export function wireMass(wireIn: number, compact = false): PointMass {
	const diameterM = wireIn * 0.0254;
	const lengthM = compact ? COMPACT_WIRE_M : WIRE_LENGTH_M;
	const massKg = ((Math.PI * diameterM ** 2) / 4) * lengthM * DENSITY_KGM3.wire;
	const weightN = GRAVITY_MPS2 * massKg * buoyancy(DENSITY_KGM3.wire);
	return { massKg, weightN, dragM2: 1.1 * 0.5 * lengthM * diameterM, liftM2: 0 };
}

interface Dress {
	readonly dragCm2: number;
	readonly liftCm2: number;
	readonly massG: number;
}

const weighed = (dress: Dress, { massG = dress.massG }: Measured = {}): Dress => ({ ...dress, massG });

function dressLump({ dragCm2, liftCm2, massG }: Dress, densityKgM3: number): PointMass {
	const massKg = massG / 1000;
	const weightN = GRAVITY_MPS2 * massKg * buoyancy(densityKgM3);
	return { massKg, weightN, dragM2: dragCm2 / 1e4, liftM2: liftCm2 / 1e4 };
}

/** A skirt by its fullness. */
export const skirtMass = (skirt: RunningRig['skirt'], measured?: Measured): PointMass =>
	dressLump(weighed(SKIRTS[skirt], measured), DENSITY_KGM3.skirt);
/** A soft body by its kind. */
export const trailerLump = (kind: RunningRig['trailer'], measured?: Measured): PointMass =>
	dressLump(weighed(TRAILERS[kind], measured), DENSITY_KGM3.trailer);

/** Submerged mass (kg) of a lure's head, and of its head and hook. */
export type Keel = Pick<Lure, 'headKg' | 'keelKg'>;

const keelUnder = (head: PointMass, family: Family, hook?: Measured): Keel => {
	const headKg = head.weightN / GRAVITY_MPS2;
	return { headKg, keelKg: headKg + hookKg(family, hook) };
};

/** What rights a family's lure on a head. */
export const keelOf = (family: Family, weightOz: number, material: RunningRig['headMaterial']): Keel =>
	keelUnder(headMass(weightOz, material), family);

/** Puts a lure together (docs/TANK.md). */
export function assembleLure(rig: RunningRig): Lure {
	const engine = engineOf(rig);
	const { measured = {} } = rig;
	const head = headMass(rig.weightOz, rig.headMaterial, measured.head);
	const skirt = skirtMass(rig.skirt, measured.skirt);
	const trailer = trailerLump(rig.trailer, measured.trailer);
	const lumps = [
		familyMass(rig.family, measured.hook),
		head,
		...(hasWire(rig.family) ? [wireMass(rig.wireIn ?? USUAL_WIRE_IN, rig.compact)] : []),
		skirt,
		trailer
	];
	const displacedKg = (head.massKg / DENSITY_KGM3[rig.headMaterial]) * WATER_KGM3;
	const sum = (key: keyof PointMass): number => lumps.reduce((total, lump) => total + lump[key], 0);
	return {
		rig,
		engine,
		...keelUnder(head, rig.family, measured.hook),
		massKg: sum('massKg') + engineMassKg(engine),
		addedKg: 0.5 * displacedKg + 2 * skirt.massKg + 0.5 * trailer.massKg + ENTRAINED_KG,
		weightN: sum('weightN') + engineWeightN(engine),
		stillDragM2: sum('dragM2'),
		stillLiftM2: sum('liftM2'),
		dragMul: measured.factors?.dragMul ?? 1,
		liftMul: measured.factors?.liftMul ?? 1
	};
}

/** Weight in water (N) of what turns or swings. */
export const engineWeightN = (engine: Engine): number => GRAVITY_MPS2 * engineWeightKg(engine);

/** How far a plate swings at a speed, 0 to 1. */
function swing(engine: Extract<Engine, { kind: 'plate' }>, speedMps: number): number {
	return smooth((speedMps - KEEP_SHARE * engine.startMps) / ((1 - KEEP_SHARE) * engine.startMps));
}

/** Drag area (m2) at a speed of what turns or swings. */
export function engineDragM2(engine: Engine, speedMps: number): number {
	if (engine.kind === 'propeller') return 0.55 * engine.discM2;
	if (engine.kind === 'plate') return engine.areaM2 * engine.plate.cd * (0.5 + 0.5 * swing(engine, speedMps));
	const { front, rear, wake } = engine;
	const ahead = front ? bladeDragM2(front, speedMps) : 0;
	return ahead + wake ** 2 * bladeDragM2(rear, wake * speedMps);
}

/** Lift area (m2) at a speed of what turns or swings. */
export function engineLiftM2(engine: Engine, speedMps: number): number {
	if (engine.kind === 'propeller') return 0.35 * engine.discM2;
	if (engine.kind === 'plate') return engine.areaM2 * engine.plate.cl * swing(engine, speedMps);
	const { front, rear, wake } = engine;
	const ahead = front ? bladeLiftM2(front, speedMps) : 0;
	return ahead + wake ** 2 * bladeLiftM2(rear, wake * speedMps);
}

/** Drag area of the whole lure (m2) at a speed. */
export const dragM2 = ({ engine, stillDragM2, dragMul }: Lure, speedMps: number): number =>
	dragMul * (stillDragM2 + engineDragM2(engine, speedMps));

/** Lift area of the whole lure (m2) at a speed. */
export const liftM2 = ({ engine, stillLiftM2, liftMul }: Lure, speedMps: number): number =>
	liftMul * (stillLiftM2 + engineLiftM2(engine, speedMps));

/** Speed (m/s) at which everything that turns or swings has started. */
export function startMps({ engine }: Lure): number {
	if (engine.kind === 'propeller') return 0;
	if (engine.kind === 'plate') return engine.startMps;
	return Math.max(engine.front?.startMps ?? 0, engine.rear.startMps / engine.wake);
}
