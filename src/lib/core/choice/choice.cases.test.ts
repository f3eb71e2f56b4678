import { describe, expect, it } from 'vitest';
import type { CallAnswer } from '../schema/call';
import { answerCall } from './call';
import { cases } from './choice.cases.json';

/** The values at a path of the top rig; `blades.*` visits every blade, `blades.rear` the one in that place. */
function valuesAt(answer: CallAnswer, path: string): unknown[] {
	if (path === 'verdict') return [answer.verdict.blades];
	const rig = answer.calls[0]!.rig;
	const [first, place, ...rest] = path.split('.') as [string, string, ...string[]];
	if (first === 'blades') {
		const blades = rig.blades.filter(({ position }) => place === '*' || position === place);
		return blades.map((blade) => blade[rest[0] as 'style']);
	}
	const value = path.split('.').reduce<unknown>((at, key) => (at as Record<string, unknown> | null)?.[key], rig);
	return [value];
}

const isRange = (wanted: unknown[]): wanted is [number, number] =>
	wanted.length === 2 && wanted.every((one) => typeof one === 'number');

function matches(value: unknown, wanted: unknown[]): boolean {
	if (isRange(wanted)) return typeof value === 'number' && value >= wanted[0] && value <= wanted[1];
	return wanted.includes(value);
}

describe('the visible cases', () => {
	it.each(cases.map((one) => [one.name, one] as const))('%s', (_name, { input, expect: wanted }) => {
		const answer = answerCall(input);
		for (const [key, values] of Object.entries(wanted as unknown as Record<string, unknown[]>)) {
			const how = /[!~=]$/.exec(key)?.[0] ?? '=';
			const found = valuesAt(answer, key.replace(/[!~=]$/, ''));
			const hits = found.filter((value) => matches(value, values)).length;
			const holds = { '!': hits === 0, '~': hits > 0, '=': hits === found.length }[how];
			expect({ key, found, holds }).toEqual({ key, found, holds: true });
		}
	});
});
