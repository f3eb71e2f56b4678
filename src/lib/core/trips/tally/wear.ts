import type { Rig } from '../../foundation/schema/rig';
import type { RigEvent, RigLog } from '../../foundation/schema/rigLog';
import { changedFields, type Field } from '../reactions/changed';
import type { Story } from './story';

/** What belongs to the fishing and not to the lure. */
const HOW_FISHED: readonly Field[] = ['retrieve', 'speed', 'place'];
/** Hours that one entry of a history has at least and at most, and most fish of an outing that are written down. */
const [LEAST_H, MOST_H] = [0.1, 24];
const FISH_MAX = 60;

/** Whether two rigs are the same lure on the same outfit, however they are fished. */
const isSameLure = (a: Rig, b: Rig): boolean => changedFields(a, b).every((field) => HOW_FISHED.includes(field));

/**
 * What an outing adds to the history of a rig: its hours, each fish that it brought to hand, and a wire that was bent.
 * Nothing where it was not cast.
 *
 * @param at When (ISO) the outing began: what is written bears it, and is known by it.
 */
export function historyOf(story: Story, rig: Rig, at: string): RigEvent[] {
	const own = story.stretches.filter((stretch) => stretch.casts > 0 && isSameLure(stretch.rig, rig));
	if (own.length === 0) return [];
	const seconds = own.reduce((sum, { activeS }) => sum + activeS, 0);
	const landed = own.reduce((sum, stretch) => sum + stretch.landed, 0);
	const isBent = own.some(({ happened }) =>
		happened.some(({ what }) => what.kind === 'damage' && what.part === 'wire')
	);
	const hours = Math.min(MOST_H, Math.max(LEAST_H, Math.round(seconds / 360) / 10));
	return [
		{ kind: 'hours', at, hours },
		...Array.from({ length: Math.min(FISH_MAX, landed) }, (): RigEvent => ({ kind: 'fish', at })),
		...(isBent ? [{ kind: 'bent' as const, at }] : [])
	];
}

/** What a history has of an outing that began then. */
const OF_AN_OUTING: readonly RigEvent['kind'][] = ['hours', 'fish', 'bent'];
const isOf = (at: string) => (event: RigEvent) => event.at === at && OF_AN_OUTING.includes(event.kind);

/** Whether a history has in it already what an outing adds. */
export const isWritten = (log: RigLog, added: readonly RigEvent[]): boolean =>
	JSON.stringify(log.filter(isOf(added[0]!.at))) === JSON.stringify(added);

/** A history with what an outing adds, in the place of what was written of that outing before it went on. */
export function withOuting(log: RigLog, added: readonly RigEvent[]): RigLog {
	const isOld = isOf(added[0]!.at);
	return [...log.filter((event) => !isOld(event)), ...added];
}
