import { savedTray } from '../../core/trips/plan/savedTray';
import type { Tray } from '../../core/foundation/schema/tray';
import { everyRecord } from './every';
import { storeOf } from './store';

/** The rigs that an angler keeps, as a tray of finished lures; an empty one while the records are away. */
export async function savedLures(anglerId: string): Promise<Tray> {
	const rigs = await everyRecord(storeOf('rigs').all(anglerId)).catch(() => []);
	return savedTray(rigs.map(({ record }) => record.build.rig));
}
