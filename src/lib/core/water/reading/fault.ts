import { keysOf } from '../../foundation/basics/typed';
import { bandFaults, type Fault } from '../../foundation/schema/band';
import { COVER_TOP_M, FORAGE_IN, LIST_MAX, READING_RANGES, RULE_RANGES } from '../../foundation/schema/limits';
import type { ParsedReading } from '../../foundation/schema/reading';

type Range = readonly [number, number];

const outside = (path: string, value: number | undefined, [low, high]: Range): Fault[] =>
	value === undefined || (value >= low && value <= high) ? [] : [{ path, message: `Between ${low} and ${high}.` }];

/** A count that a local rule allows, a whole number. */
const notWhole = (path: string, value: number | undefined, range: Range): Fault[] =>
	value === undefined || Number.isSafeInteger(value)
		? outside(path, value, range)
		: [{ path, message: 'A whole number.' }];

const tooMany = (path: string, list: readonly unknown[] | undefined): Fault[] =>
	(list?.length ?? 0) > LIST_MAX ? [{ path, message: `At most ${LIST_MAX}.` }] : [];

/**
 * The first thing that makes no reading of one whose words all are words of their lists, such as one that controls put
 * together: a figure out of its range, a list too long, a fish band that is not in the water. It says what
 * `readingSchema` would say, without a schema being read for each pixel of a drag.
 */
export function readingFault(reading: ParsedReading): Fault | null {
	const { rules, cover = [], forage = [] } = reading;
	const keys = keysOf(READING_RANGES);
	const [first] = [
		...keys.flatMap((key) => outside(key, reading[key], READING_RANGES[key])),
		...cover.flatMap(({ topM }, at) => outside(`cover.${at}.topM`, topM, COVER_TOP_M)),
		...forage.flatMap(({ lengthIn }, at) => outside(`forage.${at}.lengthIn`, lengthIn, FORAGE_IN)),
		...(['cover', 'forage', 'events', 'answers'] as const).flatMap((key) => tooMany(key, reading[key])),
		...(['hooksMax', 'pointsMax'] as const).flatMap((key) => notWhole(`rules.${key}`, rules?.[key], RULE_RANGES[key])),
		...bandFaults(reading)
	];
	return first ?? null;
}
