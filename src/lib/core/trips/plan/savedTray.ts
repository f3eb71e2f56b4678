import { without } from '../../foundation/basics/without';
import { LURES_MAX, type Tray } from '../../foundation/schema/tray';
import type { Rig } from '../../foundation/schema/rig';

/**
 * Rigs that are kept as a tray of finished lures, each once: what is tied on, without line, rod, reel and how it is wound,
 * which a day chooses for itself.
 */
export function savedTray(rigs: readonly Rig[]): Tray {
	const lures = rigs.map((rig) => without(rig, 'line', 'rod', 'reel', 'retrieve'));
	const once = new Map(lures.map((rig) => [JSON.stringify(rig), rig]));
	return [...once.values()].slice(0, LURES_MAX).map((rig) => ({ part: 'lure', rig }));
}
