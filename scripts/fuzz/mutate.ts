import type { Random } from '../../src/lib/core/foundation/basics/random';

export const pick = <T>(random: Random, list: readonly T[]): T => list[Math.floor(random() * list.length)]!;

/** A list or object around another, so many levels deep, as text: it is never built in memory. */
const nested = (levels: number): string => `${'['.repeat(levels)}0${']'.repeat(levels)}`;
/** Stands for a value that is put in as text once the rest is JSON. */
const DEEP = '\u0001deep';

/** Values that a field may be sent instead of its own. */
const HOSTILE: readonly unknown[] = [
	null,
	true,
	false,
	0,
	-1,
	-1e300,
	1e308,
	-1e7,
	0.1,
	2 ** 53,
	'',
	' ',
	'\u0000',
	'NaN',
	"'; DROP TABLE angler; --",
	'<script>alert(1)</script>',
	'=cmd()',
	'../../etc/passwd',
	'🐟'.repeat(200),
	'\ud800',
	'x'.repeat(20_000),
	[],
	{},
	[[]],
	{ toString: 1 },
	{ constructor: { prototype: 1 } },
	'9999-99-99T99:99:99Z',
	'00000000-0000-4000-8000-00000000000G',
	'AAAAAAAA-AAAA-4AAA-8AAA-AAAAAAAAAAAA',
	'Mars/Olympus',
	DEEP
];

/** Every place in a value, by its path. */
function pathsOf(value: unknown, path: readonly string[] = []): (readonly string[])[] {
	if (typeof value !== 'object' || value === null) return [path];
	return [path, ...Object.entries(value).flatMap(([key, inner]) => pathsOf(inner, [...path, key]))];
}

function put(value: unknown, [key, ...rest]: readonly string[], change: (before: unknown) => unknown): unknown {
	if (key === undefined) return change(value);
	const copy = (Array.isArray(value) ? [...value] : { ...(value as object) }) as Record<string, unknown>;
	const after = put(copy[key], rest, change);
	if (after === undefined) delete copy[key];
	else copy[key] = after;
	return copy;
}

/** Ways to change the value at one place. */
const CHANGES: readonly ((random: Random, before: unknown) => unknown)[] = [
	(random) => pick(random, HOSTILE),
	(random) => pick(random, HOSTILE),
	() => undefined,
	(_random, before) => [before, before],
	(_random, before) => Array.from({ length: 300 }, () => before),
	(_random, before) => ({ inner: before }),
	(random, before) => ({ ...(before as object), [pick(random, ['__proto__', 'constructor', 'x'.repeat(300), ''])]: 1 }),
	(_random, before) => (typeof before === 'number' ? -before : String(before)),
	(_random, before) => (typeof before === 'string' ? before.toUpperCase() : before)
];

/** A JSON value with one to three of its places changed, as text. */
export function mutatedJson(random: Random, value: unknown): string {
	let mutated = value;
	for (let at = 0; at < 1 + Math.floor(random() * 3); at++) {
		const change = pick(random, CHANGES);
		mutated = put(mutated, pick(random, pathsOf(mutated)), (before) => change(random, before));
	}
	const text = JSON.stringify(mutated) ?? '';
	return text.replace(JSON.stringify(DEEP), nested(pick(random, [65, 1000, 4500, 40_000])));
}

/** Text that was damaged on its way. */
export function damagedText(random: Random, text: string): string {
	const at = Math.floor(random() * text.length);
	return pick<() => string>(random, [
		() => text.slice(0, at),
		() => text.slice(at),
		() => `${text.slice(0, at)}${pick(random, ['\u0000', '"', '{', ',', '\n', '\ufeff', '%'])}${text.slice(at)}`,
		() => text + text,
		() => `\ufeff${text}`,
		() => nested(50_000),
		() => ',\n'.repeat(20_000),
		() => `{${Array.from({ length: 20_000 }, (_, key) => `"k${key}":1`).join(',')}}`
	])();
}
