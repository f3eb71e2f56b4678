import { BLADE_CLAIMS } from './blades';
import type { Claim } from './claim';
import { FAMILY_CLAIMS } from './family';
import { FINISH_CLAIMS } from './finish';
import { CAUTION_CLAIMS, PLAN_CLAIMS } from './plan';
import { RETRIEVE_CLAIMS } from './retrieve';
import { TACKLE_CLAIMS } from './tackle';
import { SKIRT_CLAIMS } from './skirt';
import { HOOK_CLAIMS, TRAILER_CLAIMS } from './trailer';
import { WEIGHT_CLAIMS } from './weight';
import { WIRE_CLAIMS } from './wire';

/** Every claim of the craft that the core knows, in the order in which the work is done. */
export const CLAIM_BASE: readonly Claim[] = [
	...FAMILY_CLAIMS,
	...BLADE_CLAIMS,
	...FINISH_CLAIMS,
	...WIRE_CLAIMS,
	...WEIGHT_CLAIMS,
	...SKIRT_CLAIMS,
	...TRAILER_CLAIMS,
	...HOOK_CLAIMS,
	...TACKLE_CLAIMS,
	...RETRIEVE_CLAIMS,
	...PLAN_CLAIMS,
	...CAUTION_CLAIMS
];
