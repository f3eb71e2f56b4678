/**
 * Version of the stored records' shape; raised with a step in `records/upgrade.ts` that reads the older one.
 *
 * 2: a kept call says where and when; the reading in hand and the rig in hand are documents of their own; a rig has at
 * most the blades that its family can carry.
 */
export const SCHEMA_VERSION = 2;
