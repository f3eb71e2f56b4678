import { bladeDragM2 } from '../../../simulation/physics/blade';
import { SKIRTS, TRAILERS } from '../../../foundation/constants/constants';
import { engineDragM2, headMass } from '../../../simulation/physics/lure';
import type { Rod } from '../../../foundation/schema/rig';
import { KG_PER_OZ } from '../../../foundation/basics/units';
import { measuredOf } from '../../build/fit';
import { lureMassG, partsOf, type Slot } from '../../build/partsOf';
import { check, type Check } from './check';
import type { Subject } from './subject';

/** Whole lure weights (oz) that a rod of each power throws well; trade ratings, assumed. */
const ROD_RATING_OZ: Readonly<Record<Rod['power'], readonly [number, number]>> = {
	medium: [0.25, 0.75],
	'medium-heavy': [0.375, 1.25],
	heavy: [0.5, 2]
};
const POWERS: readonly Rod['power'][] = ['medium', 'medium-heavy', 'heavy'];
/** The softest rod that drives a hook of each gauge home. */
const POWER_FOR_GAUGE = { light: 0, standard: 0, heavy: 1 } as const;

const ouncesOf = ({ build }: Subject): number => lureMassG(build) / 1000 / KG_PER_OZ;

/** Where along the lure (mm from the nose) each part's middle lies. */
function middleMm({ geometry }: Subject, slot: Slot): number | null {
	const { head, hook, wire, front, rear, plate, prop, skirt, trailer, trailerHook } = geometry;
	const meanX = (points: readonly { x: number }[]): number => points.reduce((sum, { x }) => sum + x, 0) / points.length;
	if (slot === 'head') return head.lengthMm / 2;
	if (slot === 'hook') return meanX(hook.points);
	if (slot === 'trailerHook') return trailerHook && meanX(trailerHook.points);
	if (slot === 'wire') return wire ? (wire.tie.x + wire.end.x) / 2 : head.lengthMm * 0.3;
	if (slot === 'front') return front && front.hole.x + front.lengthMm * 0.45;
	if (slot === 'rear')
		return rear ? rear.hole.x + rear.lengthMm * 0.45 : plate ? plate.hinge.x : (prop?.front.x ?? null);
	if (slot === 'skirt') return skirt && skirt.collar.x + skirt.lengthMm * 0.4;
	if (slot === 'trailer') return trailer && trailer.from.x + trailer.lengthMm * 0.45;
	return null;
}

/** Drag area (m2) of each part as it falls; blades that hang count half of their turning drag. */
function fallDragM2({ build, lure }: Subject, slot: Slot): number {
	const { rig } = build;
	if (slot === 'head') return headMass(rig.weightOz, rig.headMaterial, measuredOf(build).head).dragM2;
	if (slot === 'skirt') return SKIRTS[lure.rig.skirt].dragCm2 / 1e4;
	if (slot === 'trailer') return TRAILERS[lure.rig.trailer].dragCm2 / 1e4;
	const { engine } = lure;
	if (engine.kind === 'blades' && slot === 'rear') return bladeDragM2(engine.rear, 0);
	if (engine.kind === 'blades' && slot === 'front') return engine.front ? bladeDragM2(engine.front, 0) : 0;
	return engine.kind !== 'blades' && slot === 'rear' ? engineDragM2(engine, 0) : 0;
}

/** How far the weight's middle lies ahead of the drag's, as a share of the lure's length: above 0 it falls nose first. */
export function noseShare(subject: Subject): number {
	const sums = { mass: 0, massX: 0, drag: 0, dragX: 0 };
	for (const { slot, part, count } of partsOf(subject.build)) {
		const x = middleMm(subject, slot);
		if (x === null) continue;
		const [mass, drag] = [count * (part.figures.massG?.value ?? 0), fallDragM2(subject, slot)];
		sums.mass += mass;
		sums.massX += mass * x;
		sums.drag += drag;
		sums.dragX += drag * x;
	}
	const { geometry } = subject;
	const end = Math.max(
		geometry.hook.hindmostMm,
		geometry.trailer ? geometry.trailer.from.x + geometry.trailer.lengthMm : 0
	);
	return sums.drag === 0 ? 0 : (sums.dragX / sums.drag - sums.massX / sums.mass) / end;
}

function attitude(share: number): string {
	if (share > 0.1) return 'It falls nose first.';
	return share >= -0.05
		? 'It falls about level.'
		: 'It falls tail first: move weight forward, or use less skirt and trailer.';
}

function falling(subject: Subject): Check {
	const share = noseShare(subject);
	return check('fall', share, attitude(share), 'head', 'trailer');
}

function rodChecks(subject: Subject): Check[] {
	const { rod, hook } = subject.build.rig;
	const [low, high] = ROD_RATING_OZ[rod.power];
	const ounces = ouncesOf(subject);
	const soft = Math.max(0, POWER_FOR_GAUGE[hook.gauge] - POWERS.indexOf(rod.power));
	const rating = `A ${rod.power} rod throws complete lures of about ${low} to ${high} oz.`;
	return [
		check('rod', Math.max(ounces / high, low / ounces), rating, 'rod', 'head'),
		check('rodHook', soft, 'A heavy-wire hook needs a medium-heavy rod or heavier to drive it home.', 'rod', 'hook')
	];
}

/** Weight, attitude in the fall, and the rod for them. */
export function balanceChecks(subject: Subject): Check[] {
	const nominal = 'The listed weight is the head alone; the rod throws the complete lure.';
	return [
		check('weight', ouncesOf(subject) / subject.build.rig.weightOz, nominal, 'head', 'trailer'),
		...(subject.build.rig.family === 'buzzbait' ? [] : [falling(subject)]),
		...rodChecks(subject)
	];
}
