import { mapThree } from '../../foundation/basics/typed';
import { SPEEDS_MPS, USUAL_LINE, WEIGHTS_OZ } from '../../foundation/catalogue/parts';
import { KEEP_SHARE } from '../../simulation/physics/blade';
import { planeMps } from '../../simulation/physics/depth';
import { lineWidthM } from '../../simulation/physics/gateTable';
import { lineDiameterM } from '../../simulation/physics/line';
import {
	assembleLure,
	dragM2,
	engineDragM2,
	engineLiftM2,
	engineWeightN,
	familyMass,
	headMass,
	keelOf,
	liftM2,
	skirtMass,
	startMps,
	trailerLump,
	wireMass,
	type Keel,
	type PointMass,
	type Lure,
	type RunningRig
} from '../../simulation/physics/lure';
import { rollMps } from '../../simulation/physics/roll';
import {
	DRAG_MIDDLE,
	HALF_DENSITY,
	USUAL_ARM_M,
	USUAL_DISTANCE_M,
	USUAL_TIP_M,
	USUAL_WIRE_IN
} from '../../foundation/constants/constants';
import type { Part, Space, Variable } from '../space/part';

/** What the parts of one variable add to a lure, part by part: weight N, drag and lift m2, line's drag width m. */
export interface RigDrag {
	readonly variable: number;
	readonly weightN: Float64Array;
	readonly dragM2: Float64Array;
	readonly liftM2: Float64Array;
	readonly lineM: Float64Array;
}

/** How the rigs of a space run, by the parts that decide it. Indices are those of the space's parts. */
export interface Running {
	readonly speed: number;
	readonly weight: number;
	/** The variable whose parts turn or swing: blades, plates, or the diameter of a buzz blade. */
	readonly engine: number;
	readonly material: number;
	/** Catalogue index of each speed part. */
	readonly speedAt: readonly number[];
	/** What each engine adds at each speed part. */
	readonly engines: readonly RigDrag[];
	/** What heads of each weight add, by material. */
	readonly heads: readonly RigDrag[];
	/** What is chosen after those, in that order: trailer, skirt, wire, line. */
	readonly rest: readonly RigDrag[];
	/** For a family that may go without a skirt: the variable that says so, which of its parts do, and the skirt's own. */
	readonly bare: { readonly variable: number; readonly parts: readonly boolean[]; readonly skirt: number } | null;
	readonly base: PointMass;
	/** Slowest speed (m/s) with all blades turning, by engine. */
	readonly keepMps: Float64Array;
	/** Roll speed (m/s) by weight, then engine, then material. */
	readonly rollMps: readonly (readonly Float64Array[])[];
}

const indexOf = (space: Space, id: string): number => space.variables.findIndex((variable) => variable.id === id);
const skirtOf = (part: Part): RunningRig['skirt'] => (part.patch.skirt!.length === 'short' ? 'thin' : 'full');

function addsOf({ parts }: Variable, variable: number, lumpOf: (part: Part) => PointMass): RigDrag {
	const lumps = parts.map(lumpOf);
	const column = (key: keyof PointMass): Float64Array => Float64Array.from(lumps, (lump) => lump[key]);
	const lineM = new Float64Array(parts.length);
	return { variable, weightN: column('weightN'), dragM2: column('dragM2'), liftM2: column('liftM2'), lineM };
}

/** A variable that adds nothing by itself but decides whether another does. */
function noAdds({ parts }: Variable, variable: number): RigDrag {
	const zero = new Float64Array(parts.length);
	return { variable, weightN: zero, dragM2: zero, liftM2: zero, lineM: zero };
}

function lineAdds({ parts }: Variable, variable: number): RigDrag {
	const lineM = Float64Array.from(parts, (part) => {
		const { type, testLb } = part.patch.line!;
		return lineWidthM(lineDiameterM({ type: type!, testLb: testLb! }));
	});
	return { ...noAdds({ id: 'line', parts }, variable), lineM };
}

/** Variables whose parts add to a lure, in the order in which they are chosen. */
const REST: Readonly<Record<string, (variable: Variable, at: number) => RigDrag>> = {
	trailerKind: (variable, at) => addsOf(variable, at, (part) => trailerLump(part.patch.trailer?.kind ?? 'none')),
	skirtColour: noAdds,
	skirtLength: (variable, at) => addsOf(variable, at, (part) => skirtMass(skirtOf(part))),
	wire: (variable, at) => addsOf(variable, at, (part) => wireMass(part.patch.wireIn!)),
	line: lineAdds
};

/** The engine of a space by one of its parts, on a head. */
export function lureOf(space: Space, engine: Part, weightOz: number, headMaterial: RunningRig['headMaterial']): Lure {
	const given = engine.patch.blades!;
	const style = space.family === 'buzzbait' ? 'prop-2' : 'standard';
	const blades = given.map((blade) => ({ style, size: 1, ...blade }));
	const wireIn = space.family === 'spinnerbait' || space.family === 'buzzbait' ? USUAL_WIRE_IN : null;
	return assembleLure({
		family: space.family,
		weightOz,
		headMaterial,
		blades,
		wireIn,
		skirt: space.family === 'underspin' ? 'none' : 'full',
		trailer: 'none'
	});
}

function enginesAt({ family }: Space, lures: readonly Lure[], engine: number, speedMps: number): RigDrag {
	const zero = new Float64Array(lures.length);
	const at = (read: (lure: Lure) => number): Float64Array => Float64Array.from(lures, read);
	const surface = family === 'buzzbait' ? 1 : speedMps;
	return {
		variable: engine,
		weightN: at((lure) => engineWeightN(lure.engine)),
		dragM2: at((lure) => engineDragM2(lure.engine, surface)),
		liftM2: at((lure) => engineLiftM2(lure.engine, surface)),
		lineM: zero
	};
}

function bareOf(space: Space): Running['bare'] {
	const variable = indexOf(space, 'skirtColour');
	if (variable < 0) return null;
	const parts = space.variables[variable]!.parts.map((part) => part.patch.skirt!.colour === 'none');
	return parts.includes(true) ? { variable, parts, skirt: indexOf(space, 'skirtLength') } : null;
}

function build(space: Space): Running {
	const engine = indexOf(space, space.family === 'buzzbait' ? 'diameter' : 'blades');
	const [speed, weight, material] = mapThree(['speed', 'weight', 'headMaterial'], (id) => indexOf(space, id));
	const partsOf = (at: number): readonly Part[] => space.variables[at]!.parts;
	const lures = partsOf(engine).map((part) => lureOf(space, part, 0.5, 'lead'));
	const speeds = partsOf(speed).map((part) => part.patch.retrieve!.speedMps!);
	const weights = partsOf(weight).map((part) => part.patch.weightOz!);
	const materials = partsOf(material).map((part) => part.patch.headMaterial!);
	const bare = bareOf(space);
	const rest = Object.entries(REST).flatMap(([id, adds]) => {
		const at = indexOf(space, id);
		return at < 0 || (id === 'skirtColour' && !bare) ? [] : [adds(space.variables[at]!, at)];
	});
	const rollsOn = (keels: readonly Keel[], { engine, rig }: Lure): Float64Array =>
		Float64Array.from(keels, (keel) => rollMps({ engine, rig, ...keel }, USUAL_ARM_M) ?? Infinity);
	return {
		speed,
		weight,
		engine,
		material,
		speedAt: speeds.map((speedMps) => SPEEDS_MPS.indexOf(speedMps)),
		engines: speeds.map((speedMps) => enginesAt(space, lures, engine, speedMps)),
		heads: weights.map((oz) =>
			addsOf(space.variables[material]!, material, (part) => headMass(oz, part.patch.headMaterial!))
		),
		rest,
		bare,
		base: familyMass(space.family),
		keepMps: Float64Array.from(lures, (lure) => KEEP_SHARE * startMps(lure)),
		rollMps: weights.map((oz) => {
			const keels = materials.map((metal) => keelOf(space.family, oz, metal));
			return lures.map((lure) => rollsOn(keels, lure));
		})
	};
}

const built = new Map<Space, Running>();

/** How the rigs of a space run; made once per space, it depends on the catalog alone. */
export function runningOf(space: Space): Running {
	let running = built.get(space);
	if (!running) built.set(space, (running = build(space)));
	return running;
}

/** How one engine does on one catalog weight, whatever the water. */
export interface EngineRun {
	/** Slowest and fastest speed (m/s) at which it turns and stands; for a surface lure also planes. */
	readonly keepMps: number;
	readonly rollMps: number;
	readonly planeMps: number;
	/** Pull and line share at each catalog speed. */
	readonly pulls: Float64Array;
	readonly lineShares: Float64Array;
	readonly weightN: number;
	/** Drag area (m2) as it falls on a tight line. */
	readonly fallDragM2: number;
}

/** Speed (m/s) at which a falling lure's drag is read. */
const FALLING_MPS = 0.5;

function engineRunOf(lure: Lure): EngineRun {
	const drags = SPEEDS_MPS.map((speedMps) => dragM2(lure, speedMps));
	const pull = (speedMps: number, at: number): number =>
		pullOf(lure.weightN, drags[at]!, liftM2(lure, speedMps), speedMps);
	return {
		keepMps: KEEP_SHARE * startMps(lure),
		rollMps: rollMps(lure, USUAL_ARM_M) ?? Infinity,
		planeMps: lure.rig.family === 'buzzbait' ? planeMps(lure, USUAL_TIP_M, USUAL_DISTANCE_M) : 0,
		pulls: Float64Array.from(SPEEDS_MPS, pull),
		lineShares: Float64Array.from(drags, (drag) => usualLineWidthM / drag),
		weightN: lure.weightN,
		fallDragM2: dragM2(lure, FALLING_MPS)
	};
}

const runs = new Map<Space, readonly (readonly EngineRun[])[]>();

/** Every engine of a space on every catalog weight: a lead head, a full skirt, no trailer; made once per space. */
export function engineRuns(space: Space): readonly (readonly EngineRun[])[] {
	let known = runs.get(space);
	if (!known) {
		const { parts } = space.variables[runningOf(space).engine]!;
		known = parts.map((part) =>
			WEIGHTS_OZ.map((oz) => engineRunOf({ ...lureOf(space, part, oz, 'lead'), dragMul: DRAG_MIDDLE }))
		);
		runs.set(space, known);
	}
	return known;
}

/** The same of the engine that a space is usually sold with. */
export function usualRuns(space: Space): readonly EngineRun[] {
	const { parts } = space.variables[runningOf(space).engine]!;
	const plainest = parts.reduce((best, part, at) => (part.plain < parts[best]!.plain ? at : best), 0);
	return engineRuns(space)[plainest]!;
}

/** Pull (m2/s2) of a lure at a speed: what draws it down, over its drag. */
export const pullOf = (weightN: number, dragM2: number, liftM2: number, speedMps: number): number =>
	(weightN / HALF_DENSITY - liftM2 * speedMps * speedMps) / dragM2;

/** Diameter and drag width (m) of the line that a space is judged with when no rig is in question. */
export const usualLineM = lineDiameterM(USUAL_LINE);
const usualLineWidthM = lineWidthM(usualLineM);
