import type { RigGeometry, PlacedBlade } from '../geometry/rigGeometry';
import { drawBlade } from './blade';
import { drawBuzzBlade, drawPlate } from './plates';
import type { DrawnPart, Shape } from './shape';

/** Turns or beats that have been made by now, of the front blade and of the rear one (a plate, a buzz blade). */
export interface Turns {
	readonly front: number;
	readonly rear: number;
}

/** What is drawn anew at every moment; the rest of a rig stays as it is. */
export const TURNING: ReadonlySet<DrawnPart> = new Set<DrawnPart>(['front', 'rear']);

/** Seen on its edge a blade is still as broad as its bend and its metal: share of its width. */
const ON_EDGE = 0.1;
/** How far a plate is turned from edge-on as it is drawn, and how far it swings to each side, degrees (assumed). */
const [PLATE_TURNED_DEG, PLATE_SWING_DEG] = [38, 30];

const radians = (degrees: number): number => (degrees * Math.PI) / 180;

/** A blade after some turns about its own long axis: seen from the side it narrows, shows its back and widens again. */
function turnedBlade(blade: PlacedBlade, turns: number): PlacedBlade {
	const share = Math.cos(2 * Math.PI * turns);
	const seen = Math.max(ON_EDGE, Math.abs(share));
	return { ...blade, widthMm: blade.widthMm * (share < 0 ? -seen : seen) };
}

/** How broad a plate looks as it swings, against the one that is drawn at rest. */
const plateShare = (beats: number): number =>
	Math.sin(radians(PLATE_TURNED_DEG + PLATE_SWING_DEG * Math.sin(2 * Math.PI * beats))) /
	Math.sin(radians(PLATE_TURNED_DEG));

/** The parts of a rig that turn or beat, as they stand after so many turns, seen from the side. */
export function drawTurning({ front, rear, plate, prop, fit }: RigGeometry, turns: Turns): Shape[] {
	return [
		...(front ? drawBlade('front', turnedBlade(front, turns.front)) : []),
		...(rear ? drawBlade('rear', turnedBlade(rear, turns.rear)) : []),
		...(plate ? drawPlate({ ...plate, widthMm: plate.widthMm * plateShare(turns.rear) }, fit.lipDeg, fit.inked) : []),
		...(prop ? drawBuzzBlade(prop, turns.rear) : [])
	];
}
