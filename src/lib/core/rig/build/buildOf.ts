import type { Build } from '../../foundation/schema/build';
import type { Rig } from '../../foundation/schema/rig';

/** A build of a rig with nothing decided beyond it. */
export const buildOf = (rig: Rig): Build => ({ rig, fit: {}, own: {}, notes: '' });
