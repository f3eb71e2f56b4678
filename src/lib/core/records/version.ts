/**
 * Version of the stored records' shape; raised with a step in `records/kinds.ts` that reads the older one.
 *
 * 2: a saved call says where and when; the current reading and the current rig are documents of their own; a rig has at
 * most the blades that its family can carry.
 */
export const SCHEMA_VERSION = 2;
