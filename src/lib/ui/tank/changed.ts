import type { Rig } from '$lib/core/foundation/schema/rig';
import type { Change } from '$lib/core/simulation/cast/changes';

/** A trailer that was not there before, in the skirt's color. */
const FIRST_LENGTH_IN = 3;

/** A rig with a change of its own made; `null` for what the hand does differently, which is no part of the rig. */
export function rigWith(rig: Rig, change: Change): Rig | null {
	switch (change.kind) {
		case 'speed':
			return { ...rig, retrieve: { ...rig.retrieve, speedMps: change.speedMps } };
		case 'weight':
			return { ...rig, weightOz: change.weightOz };
		case 'line':
			return { ...rig, line: { ...rig.line, testLb: change.testLb } };
		case 'trailer': {
			const colour = rig.skirt.colour === 'none' ? 'white' : rig.skirt.colour;
			const before = rig.trailer ?? { colour, lengthIn: FIRST_LENGTH_IN, mount: 'upright' as const };
			return { ...rig, trailer: { ...before, kind: change.trailer } };
		}
		default:
			return null;
	}
}
