import type { CallAnswer } from '../foundation/schema/call';

/** What an answer must show: paths into the top rig, or `verdict`, each with the values that will do. */
export type Expectation = Readonly<Record<string, readonly unknown[]>>;

/** The values at a path of the top rig; `blades.*` visits every blade, `blades.rear` the one in that place. */
function valuesAt(answer: CallAnswer, path: string): unknown[] {
	if (path === 'verdict') return [answer.verdict.blades];
	const rig = answer.calls[0]!.rig;
	const [first, place, key] = path.split('.') as [string, string, string];
	if (first === 'blades') {
		const blades = rig.blades.filter(({ position }) => place === '*' || position === place);
		return blades.map((blade) => blade[key as 'style']);
	}
	// What an underspin wears of color is its body.
	if (path === 'skirt.colour' && rig.family === 'underspin') return [rig.trailer?.colour];
	return [path.split('.').reduce<unknown>((at, step) => (at as Record<string, unknown> | null)?.[step], rig)];
}

const isRange = (wanted: readonly unknown[]): wanted is readonly [number, number] =>
	wanted.length === 2 && wanted.every((one) => typeof one === 'number');

function matches(value: unknown, wanted: readonly unknown[]): boolean {
	if (isRange(wanted)) return typeof value === 'number' && value >= wanted[0] && value <= wanted[1];
	return wanted.includes(value);
}

/**
 * What of an expectation an answer misses, in words; empty when it holds. A key may end in `!` (none of the values), `~`
 * (at least one blade), `=` (every blade) or `~!` (no blade).
 */
export function missesOf(answer: CallAnswer, expectation: Expectation): string[] {
	return Object.entries(expectation).flatMap(([key, wanted]) => {
		const how = /[!~=]+$/.exec(key)?.[0] ?? '=';
		const found = valuesAt(answer, key.replace(/[!~=]+$/, ''));
		const hits = found.filter((value) => matches(value, wanted)).length;
		const holds = how === '~' ? hits > 0 : how === '=' ? hits === found.length : hits === 0;
		return holds ? [] : [`${key}: ${JSON.stringify(found)}`];
	});
}
