import { USUAL_TIP_M } from '$lib/core/foundation/constants/constants';
import type { UnitSystem } from '$lib/core/records/schemas';
import type { Run } from '$lib/core/foundation/schema/run';
import type { Family } from '$lib/core/foundation/schema/words';
import { modelShare, withUnit, figureText } from './units';

/** How deep a rig runs, as a range where the model is not sure: "1.2 to 1.6 m". */
export function depthRange({ fromM, toM }: Pick<Run, 'fromM' | 'toM'>, units: UnitSystem): string {
	const [from, to] = [figureText(units, 'depth', fromM), withUnit(units, 'depth', toM)];
	return withUnit(units, 'depth', fromM) === to ? to : `${from} to ${to}`;
}

/** How much of the retrieve works: "in the strike zone for 65 % of the retrieve". */
export const zoneWords = (inZone: number, family: Family): string =>
	`${family === 'buzzbait' ? 'on top' : 'in the strike zone'} for ${modelShare(inZone)} of the retrieve`;

/** Where the rod tip is held, as a sentence; nothing where it is held as usual. */
export const tipWords = ({ cast }: Pick<Run, 'cast'>): string =>
	cast.tipM > USUAL_TIP_M ? 'Hold the rod tip high.' : '';

/** What becomes of a rig at its speed, as a sentence. */
export function stateWords({ state, leanDeg, onBottom }: Pick<Run, 'state' | 'leanDeg' | 'onBottom'>): string {
	switch (state) {
		case 'stalls':
			return 'Its blades don’t turn at this speed.';
		case 'rolls':
			return 'It rolls over at this speed.';
		case 'sinks':
			return 'It sinks at this speed.';
		case 'leans':
			return `It leans ${Math.round(leanDeg ?? 0)}° at this speed.`;
		case 'drags':
			return `It drags bottom for ${modelShare(onBottom)} of the retrieve.`;
		case 'runs':
			return 'It runs upright.';
	}
}
