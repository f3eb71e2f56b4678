/** The names of a table that is written out in full, with their type. */
export const keysOf = <T extends object>(table: T): (keyof T & string)[] => Object.keys(table) as (keyof T & string)[];

/** The rows of a table that is written out in full, with the type of their names. */
export const entriesOf = <K extends string, V>(table: Readonly<Partial<Record<K, V>>>): [K, V][] =>
	Object.entries(table) as [K, V][];

/** A table with a value for each name. */
export const tableOf = <K extends string, V>(names: readonly K[], valueOf: (name: K) => V): Record<K, V> =>
	Object.fromEntries(names.map((name) => [name, valueOf(name)])) as Record<K, V>;

/** Three values of three. */
export const mapThree = <A, B>([a, b, c]: readonly [A, A, A], to: (value: A, at: 0 | 1 | 2) => B): [B, B, B] => [
	to(a, 0),
	to(b, 1),
	to(c, 2)
];

/** Whether a value is one of a list; who asks knows its type from then on. */
export const isOneOf = <T>(list: readonly T[], value: unknown): value is T =>
	(list as readonly unknown[]).includes(value);

/** What an error says, whatever was thrown. */
export const messageOf = (error: unknown): string => (error instanceof Error ? error.message : String(error));

/** Whether a name stands in a table. */
export const isIn = <T extends object>(table: T, name: unknown): name is keyof T & string =>
	typeof name === 'string' && Object.hasOwn(table, name);
