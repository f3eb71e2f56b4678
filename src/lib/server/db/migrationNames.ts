/** Every step of the schema, oldest first. Names never change once released: the database remembers them. */
export const MIGRATION_NAMES = [
	'0001-people',
	'0002-places',
	'0003-work',
	'0004-parts',
	'0005-own-keys',
	'0006-accounts',
	'0007-tally',
	'0008-charts'
] as const;
export type MigrationName = (typeof MIGRATION_NAMES)[number];
