import { COMPACT_ARM_M, USUAL_ARM_M } from '../../foundation/constants/constants';
import type { Rig } from '../../foundation/schema/rig';

type Framed = { readonly family: Rig['family']; readonly body?: Rig['body'] };

/** Whether a rig is a spinnerbait on a short arm. */
export const isCompact = ({ family, body }: Framed): boolean => family === 'spinnerbait' && body === 'compact';

/** Length (m) of the blade arm that a rig usually has. */
export const usualArmM = (rig: Framed): number => (isCompact(rig) ? COMPACT_ARM_M : USUAL_ARM_M);
