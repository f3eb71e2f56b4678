import type { RigLog } from '../../../foundation/schema/rigLog';
import type { Worn } from '../checks/subject';
import { bendsWire } from './routine';

/** Hours fished and bends made on a rig's wire, from its history since the wire was last replaced. */
export function wornOf(log: RigLog): Worn {
	const renewed = log.findLastIndex((event) => event.kind === 'act' && event.act === 'replace-wire');
	const since = log.slice(renewed + 1);
	return {
		hours: since.reduce((sum, event) => sum + (event.kind === 'hours' ? event.hours : 0), 0),
		bends: since.filter((event) => event.kind === 'act' && bendsWire(event.act)).length
	};
}
