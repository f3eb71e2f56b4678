import { bladeOutline, turningStyle } from '../../foundation/catalogue/bladeSizes';
import { SKIRT_CUTS } from '../../foundation/catalogue/dress';
import { CLEVIS_MM, FITTINGS_MM, USUAL_LOWER_MM, USUAL_RISE_DEG } from '../../foundation/catalogue/fittings';
import { BLADE_FORMS } from '../../foundation/constants/constants';
import { usualArmM } from '../../simulation/physics/arm';
import type { MeasuredParts } from '../../simulation/physics/measured';
import { OWN_SLOTS } from '../../foundation/schema/words';
import type { Build, FitChoice } from '../../foundation/schema/build';
import type { Blade, Rig } from '../../foundation/schema/rig';

/** Everything that the bench decides, nothing left out; mm and degrees. */
export type Fit = Required<FitChoice>;

/** Space (mm) that a front blade's tip circle is usually given before the rear blade's hinge. */
const USUAL_GAP_MM = 6;
/** Drag (lb) that the running model's fish pull against. */
const USUAL_DRAG_LB = 5;

/** A rig's blades in a word: what a calibration was made with. */
export const bladesKey = ({ blades }: Rig): string =>
	blades.map(({ position, style, size }) => `${position} ${style} ${size}`).join(', ');

/** The factors that were fitted to a build, where they are switched on and its blades are still those that were measured. */
function factorsOf({ rig, calibration }: Build): Pick<MeasuredParts, 'factors'> {
	if (!calibration?.on || calibration.blades !== bladesKey(rig)) return {};
	return { factors: { dragMul: calibration.dragMul, liftMul: calibration.liftMul } };
}

/** What was measured of a build: lengths and masses of the angler's own parts, and how it runs. */
export function measuredOf(build: Build): MeasuredParts {
	const { own } = build;
	const used = OWN_SLOTS.flatMap((slot) => {
		const use = own[slot];
		return use ? [[slot, { lengthMm: use.part.lengthMm, massG: use.part.massG }] as const] : [];
	});
	return { ...Object.fromEntries(used), ...factorsOf(build) };
}

/** Length (mm) of a turning blade, a measured one standing over the table. */
export function bladeLengthMm(blade: Blade, measured: MeasuredParts): number {
	return bladeOutline(turningStyle(blade), blade.size, measured[blade.position]?.lengthMm).lengthMm;
}

/** Where the clevis of a front blade usually sits: as far back as leaves its tip clear of the rear blade's hinge. */
function usualClevisMm(front: Blade | undefined, upperArmMm: number, measured: MeasuredParts): number {
	if (!front) return CLEVIS_MM.usual;
	const { angleDeg } = BLADE_FORMS[turningStyle(front)];
	const reach = bladeLengthMm(front, measured) * Math.cos((angleDeg * Math.PI) / 180);
	const room = upperArmMm + FITTINGS_MM.swivel - reach - USUAL_GAP_MM;
	return Math.max(CLEVIS_MM.nearest, Math.min(CLEVIS_MM.usual, Math.round(room)));
}

function usualSkirtMm({ skirt }: Rig, measured: MeasuredParts): number {
	return measured.skirt?.lengthMm ?? SKIRT_CUTS[skirt.length].lengthMm;
}

/** The fit of a build: what was chosen, and what is usual for such a rig where nothing was. */
export function completeFit(build: Build): Fit {
	const { rig, fit } = build;
	const measured = measuredOf(build);
	const upperArmMm = fit.upperArmMm ?? usualArmM(rig) * 1000;
	const front = rig.blades.find(({ position }) => position === 'front');
	return {
		lowerArmMm: USUAL_LOWER_MM,
		riseDeg: USUAL_RISE_DEG,
		clevisMm: usualClevisMm(front, upperArmMm, measured),
		beads: 3,
		tie: 'open',
		join: 'direct',
		offsetDeg: 0,
		kinkDeg: 0,
		gapDeg: 0,
		lipDeg: 0,
		trailerCutMm: 0,
		skirtMm: usualSkirtMm(rig, measured),
		bellyOff: false,
		roundDown: false,
		inked: false,
		dye: 'none',
		keepers: 1,
		weedBead: false,
		dragLb: USUAL_DRAG_LB,
		...fit,
		upperArmMm
	};
}
