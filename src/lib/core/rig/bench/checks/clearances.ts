import { frontToRearMm, frontToTieMm, rearToHookMm } from '../../geometry/clearance';
import { check, type Check } from './check';
import type { Subject } from './subject';

/** Do the parts that turn clear each other and the hook, by the drawn geometry. */
export function clearanceChecks({ geometry }: Subject): Check[] {
	const frontRear = frontToRearMm(geometry);
	const frontTie = frontToTieMm(geometry);
	const rearHook = rearToHookMm(geometry);
	const beads = 'Slide the clevis with beads, lengthen the arm, or use a smaller front blade.';
	const hook = geometry.prop
		? 'The wings must clear head and hook: use a smaller blade or a longer riser.'
		: 'Open the arm, lengthen it, or use a smaller blade.';
	return [
		...(frontRear === null ? [] : [check('frontRear', frontRear, beads, 'beads', 'wire', 'front')]),
		...(frontTie === null ? [] : [check('frontTie', frontTie, beads, 'beads', 'front')]),
		...(rearHook === null ? [] : [check('rearHook', rearHook, hook, 'wire', 'rear', 'hook')])
	];
}
