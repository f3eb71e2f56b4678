import { bodyColourOf, tailColourOf } from '../../foundation/catalogue/trailerColour';
import { buildOf } from '../build/buildOf';
import { BUZZ_MM, FITTINGS_MM } from '../../foundation/catalogue/fittings';
import { rigGeometryOf, type RigGeometry } from '../geometry/rigGeometry';
import { polar, type Point } from '../geometry/path';
import type { OwnColour } from '../../foundation/schema/ownColour';
import type { Rig } from '../../foundation/schema/rig';
import { MM_PER_IN } from '../../foundation/basics/units';
import { bladeAnchor, drawBlade } from './blade';
import { describeRig } from '../../foundation/labels/describe';
import { mainDye } from './dye';
import { drawHead } from './head';
import { drawHook } from './hook';
import { drawBuzzBlade, drawPlate, plateAnchors } from './plates';
import { boundsOf, type DrawnPart, type Drawing, type Shape } from './shape';
import { drawSkirt, skirtAnchor, skirtTones } from './skirt';
import { drawBuzzFittings, drawClevis, drawSwivel } from './smallParts';
import { drawTrailer, trailerAnchor } from './trailer';
import { drawWire } from './wire';

type Anchors = Partial<Record<DrawnPart, Point>>;

/** Diameters (mm) of wires that no catalog wire bends into: an array's, an underspin's tie and arm. */
const ARRAY_WIRE_MM = 0.6;
const UNDERSPIN_WIRE_MM = [0.95, 0.9] as const;

/** A clip-on array of tiny blades ahead of the line tie, with its stop. */
function drawArray([tie, end]: readonly Point[]): Shape[] {
	const tiny = [6, 13, 20].flatMap((distance, at) =>
		drawBlade('array', {
			blade: { position: 'front', style: 'willow', size: 2, finish: 'nickel', texture: 'smooth', thickness: 'thin' },
			lengthMm: ARRAY_BLADE_MM,
			widthMm: ARRAY_BLADE_MM * 0.36,
			hole: polar(tie!, 180, distance),
			angleDeg: at % 2 === 0 ? 38 : -30,
			axisDeg: 0
		})
	);
	return [...drawWire('array', [tie!, end!], ARRAY_WIRE_MM), ...tiny.filter(({ fine }) => !fine)];
}
const ARRAY_BLADE_MM = 17;

function drawEngine(geometry: RigGeometry): Shape[] {
	const { wire, clevis, front, swivel, rear, plate, array, arms, prop, build, fit } = geometry;
	return [
		...arms.flatMap((points, at) => drawWire('wire', points, UNDERSPIN_WIRE_MM[at]!)),
		...(wire ? drawWire('wire', wire.points, build.rig.wireIn! * MM_PER_IN) : []),
		...(clevis ? drawClevis(clevis) : []),
		...(front ? drawBlade('front', front) : []),
		...(swivel ? drawSwivel(swivel) : []),
		...(rear ? drawBlade('rear', rear) : []),
		...(plate ? drawPlate(plate, fit.lipDeg, fit.inked) : []),
		...(prop ? drawBuzzBlade(prop) : []),
		...drawBuzzFittings(geometry),
		...(array ? drawArray(array) : [])
	];
}

const bodyColour = (named: string, own: OwnColour | undefined): string => (own ? mainDye(own) : named);

/** Color of the head: that of the skirt, or of the soft body where there is none. */
const headColour = ({ skirt }: Rig, collar: string, body: string | undefined): string =>
	skirt.colour === 'none' ? (body ?? 'white') : collar;

function drawDress({ build, fit, head, hook, skirt, trailer, trailerHook }: RigGeometry, small: boolean): Shape[] {
	const { rig, own } = build;
	const accents = [rig.skirt.accent, fit.dye].filter((accent) => accent !== 'none');
	const tones = skirtTones(rig.skirt.colour, own.skirt?.part.colour, accents);
	const strands = skirt && drawSkirt(rig.skirt, skirt.collar, skirt.lengthMm, tones, small);
	const dyed = own.trailer?.part.colour;
	const soft = rig.trailer && {
		...rig.trailer,
		colour: bodyColour(bodyColourOf(rig.trailer.colour), dyed),
		tail: bodyColour(tailColourOf(rig.trailer.colour), dyed)
	};
	const hooked = drawHook(hook, 'hook', rig.hook.style);
	const body = soft && trailer ? drawTrailer(soft, trailer.from, trailer.lengthMm, trailer.cutMm) : [];
	return [
		...(strands?.behind ?? []),
		...(trailerHook ? drawHook(trailerHook, 'trailerHook') : []),
		...(strands ? [...body, ...hooked] : [...hooked, ...body]),
		...(strands?.before ?? []),
		...drawHead(rig, head.lengthMm, head.heightMm, headColour(rig, tones.collar, soft?.colour))
	];
}

/** Where a leader may touch each part that is there. */
function anchorsOf(geometry: RigGeometry): Anchors {
	const { wire, arms, clevis, front, swivel, rear, plate, prop, array, head, hook, skirt, trailer, trailerHook } =
		geometry;
	const { rig } = geometry.build;
	// A plate hangs before the front of a bladed jig's head.
	const anchors: Anchors = {
		head: { x: head.lengthMm * (plate ? 0.82 : 0.5), y: head.heightMm * 0.46 },
		hook: hook.top
	};
	if (wire) anchors.wire = polar(wire.armStart, wire.armDeg, 16);
	if (arms[1]) anchors.wire = arms[1][1]!;
	if (clevis) Object.assign(anchors, { clevis: clevis.hole, beads: clevis.beads[clevis.beads.length - 1] });
	if (front) anchors.front = bladeAnchor(front);
	if (swivel) anchors.swivel = polar(swivel.from, swivel.angleDeg, swivel.lengthMm * 0.4);
	if (rear) anchors.rear = bladeAnchor(rear);
	if (plate) Object.assign(anchors, plateAnchors(plate));
	if (prop) {
		const middle = polar(prop.front, prop.headingDeg, prop.diameterMm * 0.4);
		anchors.rear = polar(middle, prop.headingDeg - 90, prop.diameterMm * 0.3);
		anchors.rivet = polar(
			prop.front,
			prop.headingDeg,
			prop.diameterMm * BUZZ_MM.lengthOverDiameter + FITTINGS_MM.rivetBehind
		);
	}
	if (array) anchors.array = polar(array[0]!, 180, 12);
	if (skirt) anchors.skirt = skirtAnchor(skirt.collar, skirt.lengthMm);
	if (rig.trailer && trailer) {
		anchors.trailer = trailerAnchor(rig.trailer, trailer.from, trailer.lengthMm, trailer.cutMm);
	}
	if (trailerHook) anchors.trailerHook = trailerHook.top;
	return anchors;
}

/**
 * A geometry-out rig drawn to scale, in mm, swimming left. The same rig gives the same drawing.
 *
 * @param small For a drawing under 2 px per mm: fewer skirt strands, so that it stays clear and light.
 */
export function drawGeometry(geometry: RigGeometry, small = false): Drawing {
	const engine = drawEngine(geometry);
	const dress = drawDress(geometry, small);
	const shapes = geometry.build.rig.family === 'underspin' ? [...engine, ...dress] : [...dress, ...engine];
	return { shapes, bounds: boundsOf(shapes), anchors: anchorsOf(geometry), text: describeRig(geometry.build.rig) };
}

/** A rig as it is usually fitted, drawn to scale; see `drawGeometry`. */
export const drawRig = (rig: Rig, small = false): Drawing => drawGeometry(rigGeometryOf(buildOf(rig)), small);
