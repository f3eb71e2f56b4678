import type { Build } from '../schema/build';
import type { Rig } from '../schema/rig';

/** A build of a rig with nothing decided beyond it. */
export const buildOf = (rig: Rig): Build => ({ rig, fit: {}, own: {}, notes: '' });
