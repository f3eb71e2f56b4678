import { bladeOutline, turningStyle } from '../../foundation/catalogue/bladeSizes';
import { COLLAR } from '../../foundation/catalogue/dress';
import { FITTINGS_MM, TRAILS_DEG } from '../../foundation/catalogue/fittings';
import { headSize } from '../../foundation/catalogue/heads';
import { completeFit, measuredOf, type Fit } from '../build/fit';
import { PLATES } from '../../foundation/constants/constants';
import type { MeasuredParts } from '../../simulation/physics/measured';
import type { Build } from '../../foundation/schema/build';
import type { Blade, Rig } from '../../foundation/schema/rig';
import type { JigBlade } from '../../foundation/schema/words';
import { MM_PER_IN } from '../../foundation/basics/units';
import { placeHook, type PlacedHook } from './hook';
import { bend, polar, type Point } from './path';
import { placeBuzzWire, placeSpinnerbaitWire, type PlacedWire } from './wire';

/** Whether blades trail in the water or hang in the hand. */
export type Pose = 'running' | 'resting';

/** A turning blade as it hangs, and the line that it turns about. */
export interface PlacedBlade {
	readonly blade: Blade;
	readonly lengthMm: number;
	readonly widthMm: number;
	/** Centre of its hole, and the direction from there to its tip (degrees clockwise from right). */
	readonly hole: Point;
	readonly angleDeg: number;
	readonly axisDeg: number;
}

export interface PlacedSwivel {
	readonly from: Point;
	readonly angleDeg: number;
	readonly lengthMm: number;
}

/** A clevis with its beads; `armDeg` runs along the wire away from the line tie. */
export interface PlacedClevis {
	readonly at: Point;
	readonly armDeg: number;
	readonly hole: Point;
	readonly beads: readonly Point[];
}

/** A rig geometry out in mm: x to the right, y down, nose at the origin, swimming left. Drawing, checks and print all read it. */
export interface RigGeometry {
	readonly build: Build;
	readonly fit: Fit;
	readonly pose: Pose;
	readonly head: { readonly lengthMm: number; readonly heightMm: number };
	readonly hook: PlacedHook;
	readonly wire: PlacedWire | null;
	readonly clevis: PlacedClevis | null;
	readonly front: PlacedBlade | null;
	readonly swivel: PlacedSwivel | null;
	/** A blade that turns behind a swivel; plates and buzz blades have places of their own. */
	readonly rear: PlacedBlade | null;
	readonly plate: {
		readonly blade: Blade;
		readonly widthMm: number;
		readonly heightMm: number;
		readonly hinge: Point;
	} | null;
	readonly prop: {
		readonly blade: Blade;
		readonly diameterMm: number;
		readonly front: Point;
		readonly headingDeg: number;
	} | null;
	/** Bent wires of an underspin: line tie and blade arm. */
	readonly arms: readonly (readonly Point[])[];
	readonly skirt: { readonly collar: Point; readonly lengthMm: number } | null;
	readonly trailer: { readonly from: Point; readonly lengthMm: number; readonly cutMm: number } | null;
	readonly trailerHook: PlacedHook | null;
	/** Wire of a clip-on array, from its clip at the line tie forward. */
	readonly array: readonly Point[] | null;
}

/** Reach of a clip-on array ahead of the line tie, mm; assumed. */
export const ARRAY_MM = 22;
/** How far up the shank a trailer begins: ahead of the collar's end, or against a bare head. */
const TRAILER_BEHIND_COLLAR_MM = 6;
const RESTING_DEG = 90;

const bladeAt = (rig: Rig, position: Blade['position']): Blade | undefined =>
	rig.blades.find((blade) => blade.position === position);

function hang(blade: Blade, hole: Point, angleDeg: number, axisDeg: number, measured: MeasuredParts): PlacedBlade {
	const outline = bladeOutline(turningStyle(blade), blade.size, measured[blade.position]?.lengthMm);
	return { blade, hole, angleDeg, axisDeg, lengthMm: outline.lengthMm, widthMm: outline.widthMm };
}

type Engine = Pick<RigGeometry, 'wire' | 'clevis' | 'front' | 'swivel' | 'rear' | 'plate' | 'prop' | 'arms' | 'array'>;
const NO_ENGINE: Engine = {
	wire: null,
	clevis: null,
	front: null,
	swivel: null,
	rear: null,
	plate: null,
	prop: null,
	arms: [],
	array: null
};

interface Context {
	readonly rig: Rig;
	readonly fit: Fit;
	readonly pose: Pose;
	readonly measured: MeasuredParts;
}

/** A swivel at an eye with the rear blade behind it. */
function behindSwivel(
	{ rig, pose, measured }: Context,
	eye: Point,
	lengthMm: number
): Pick<RigGeometry, 'swivel' | 'rear'> {
	const resting = pose === 'resting';
	const angleDeg = resting ? RESTING_DEG : TRAILS_DEG.swivel;
	const swivel = { from: eye, angleDeg, lengthMm };
	const hole = polar(eye, angleDeg, lengthMm);
	const trails = resting ? RESTING_DEG : TRAILS_DEG.rear;
	return { swivel, rear: hang(bladeAt(rig, 'rear')!, hole, trails, angleDeg, measured) };
}

function layClevis({ clevisMm, beads }: Fit, { armStart, armDeg }: PlacedWire): PlacedClevis {
	const at = polar(armStart, armDeg, clevisMm);
	const step = FITTINGS_MM.beadStep;
	return {
		at,
		armDeg,
		hole: polar(at, 96, FITTINGS_MM.clevis),
		beads: Array.from({ length: beads }, (_, bead) => polar(at, armDeg, step * (bead + 0.9)))
	};
}

function laySpinnerbait(context: Context): Engine {
	const { rig, fit, pose, measured } = context;
	const wire = placeSpinnerbaitWire(fit);
	const blade = bladeAt(rig, 'front');
	const clevis = blade ? layClevis(fit, wire) : null;
	const trails = blade?.style === 'willow' ? TRAILS_DEG.frontWillow : TRAILS_DEG.front;
	const angleDeg = pose === 'resting' ? RESTING_DEG : trails;
	return {
		...NO_ENGINE,
		wire,
		clevis,
		front: blade && clevis ? hang(blade, clevis.hole, angleDeg, wire.armDeg, measured) : null,
		...behindSwivel(context, polar(wire.end, wire.armDeg, 1), FITTINGS_MM.swivel),
		array: rig.array ? [wire.tie, polar(wire.tie, 180, ARRAY_MM)] : null
	};
}

function layBuzzbait({ rig, measured }: Context): Engine {
	const blade = bladeAt(rig, 'rear')!;
	const diameterMm = measured.rear?.lengthMm ?? blade.size;
	const wire = placeBuzzWire(diameterMm);
	const front = polar(wire.armStart, wire.armDeg, 6);
	return { ...NO_ENGINE, wire, prop: { blade, diameterMm, front, headingDeg: wire.armDeg } };
}

function layBladedJig({ rig, measured }: Context): Engine {
	const blade = rig.blades[0]!;
	const { widthMm, heightMm } = PLATES[blade.style as JigBlade];
	const share = (measured.rear?.lengthMm ?? heightMm) / heightMm;
	const hinge = { x: -FITTINGS_MM.plateHinge, y: 0 };
	return { ...NO_ENGINE, plate: { blade, hinge, widthMm: widthMm * share, heightMm: heightMm * share } };
}

/** An underspin's line tie on top, and its blade arm from the chin, or from the bend where the blade is screwed in. */
function layUnderspin(context: Context, headMm: number): Engine {
	const tie = bend({ x: headMm * 0.34, y: -5 }, 270, [{ run: 3.2 }, { right: 330, r: 1.5 }]);
	const arm = context.rig.screwIn
		? bend({ x: headMm * 1.3, y: 5 }, 90, [{ run: 13 }, { right: 300, r: 1.4 }])
		: bend({ x: headMm * 0.3, y: 6 }, 100, [{ run: 6 }, { left: 46, r: 4 }, { run: 7 }, { right: 300, r: 1.4 }]);
	const eye = arm.ends[arm.ends.length - 2]!;
	return { ...NO_ENGINE, ...behindSwivel(context, eye, FITTINGS_MM.smallSwivel), arms: [tie.points, arm.points] };
}

function layEngine(context: Context, headMm: number): Engine {
	if (context.rig.family === 'spinnerbait') return laySpinnerbait(context);
	if (context.rig.family === 'buzzbait') return layBuzzbait(context);
	if (context.rig.family === 'bladed-jig') return layBladedJig(context);
	return layUnderspin(context, headMm);
}

type Dress = Pick<RigGeometry, 'hook' | 'skirt' | 'trailer' | 'trailerHook'>;

function layDress({ rig, fit, measured }: Context, headMm: number): Dress {
	const collar: Point = { x: headMm, y: 0 };
	const hook = placeHook(rig.hook, collar, measured.hook?.lengthMm);
	const dressed = rig.skirt.colour !== 'none';
	const lengthMm = measured.trailer?.lengthMm ?? (rig.trailer?.lengthIn ?? 0) * MM_PER_IN;
	const from = { x: headMm + (dressed ? TRAILER_BEHIND_COLLAR_MM : -1), y: dressed ? 1 : 0 };
	return {
		hook,
		skirt: dressed ? { collar: { x: headMm + COLLAR.lengthMm, y: 0 }, lengthMm: fit.skirtMm } : null,
		trailer: rig.trailer ? { from, lengthMm: Math.max(5, lengthMm - fit.trailerCutMm), cutMm: fit.trailerCutMm } : null,
		trailerHook: rig.trailerHook === 'none' ? null : placeHook(rig.hook, polar(hook.endOfShank, 0, 6))
	};
}

/** Lays a build out to scale (sizes from the catalog and the running model). */
export function rigGeometryOf(build: Build, pose: Pose = 'running'): RigGeometry {
	const { rig } = build;
	const [fit, measured] = [completeFit(build), measuredOf(build)];
	const context = { rig, fit, pose, measured };
	const [lengthMm, heightMm] = headSize(rig.family, rig.weightOz, rig.headMaterial, measured.head?.lengthMm);
	return {
		build,
		fit,
		pose,
		head: { lengthMm, heightMm },
		...layEngine(context, lengthMm),
		...layDress(context, lengthMm)
	};
}
