import { FAMILY_KEYS } from '$lib/core/foundation/schema/families';
import type { Locks, Rig } from '$lib/core/foundation/schema/rig';

/** Parts of a rig that can be locked, by the key of their label, with what a lock on them fixes. */
const KEYS: Readonly<Record<string, readonly (keyof Locks)[]>> = {
	family: ['family'],
	front: ['blades'],
	rear: ['blades'],
	wire: ['wireIn'],
	line: ['line'],
	head: ['weightOz'],
	hook: ['trailerHook'],
	skirt: ['skirt'],
	trailer: ['trailer'],
	retrieve: ['retrieve']
};

/** The lock keys of a label. */
export const lockKeys = (label: string): readonly (keyof Locks)[] => KEYS[label] ?? [];

/** What a lock fixes of a rig: what an angler means by keeping a part, not its every figure. */
export function lockValue(rig: Rig, key: keyof Locks): Locks[keyof Locks] {
	if (key === 'blades')
		return rig.blades.map(({ position, style, size, finish }) => ({ position, style, size, finish }));
	if (key === 'skirt') return { colour: rig.skirt.colour };
	if (key === 'line') return { type: rig.line.type, testLb: rig.line.testLb };
	if (key === 'trailer') return rig.trailer && { kind: rig.trailer.kind };
	if (key === 'retrieve') return { style: rig.retrieve.style };
	return rig[key as keyof typeof FAMILY_KEYS];
}

/** A lock that costs less than this (points) costs nothing worth telling; up to the next it costs a little, then some. */
const NOTHING = 0.05;
const LITTLE = 0.5;
const SOME = 1.5;

/** What a lock costs in words; `null` where nothing runs under it. */
export function costText(cost: number | null | undefined): string {
	if (cost === undefined) return 'locked';
	if (cost === null) return 'nothing works';
	if (cost < NOTHING) return 'costs no points';
	return cost < LITTLE ? 'costs few points' : cost < SOME ? 'costs some points' : 'costs many points';
}
