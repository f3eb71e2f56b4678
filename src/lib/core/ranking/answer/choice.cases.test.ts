import { describe, expect, it } from 'vitest';
import { missesOf, type Expectation } from '../../testing/expectation';
import { answerCall } from './call';
import { cases } from './choice.cases.json';
import { cases as panel } from './panel.cases.json';

describe('the visible cases', () => {
	it.each(cases.map((one) => [one.name, one] as const))('%s', (_name, { input, expect: wanted }) => {
		expect(missesOf(answerCall(input), wanted as unknown as Expectation)).toEqual([]);
	});
});

describe('readings with what two blind judgments would both fish', () => {
	/** The verdict is wanted as it stands, and of the ways one in full. */
	function misses({ input, expect: wanted }: (typeof panel)[number]): string[] {
		const { any, ...rest } = wanted as unknown as { any: Expectation[] } & Expectation;
		const answer = answerCall({ ...input, top: 1 });
		const ways = any.map((way) => missesOf(answer, way)).sort((a, b) => a.length - b.length);
		return [...missesOf(answer, rest as Expectation), ...ways[0]!];
	}

	const LEAST_SHARE = 0.85;

	it('are called so in at least 85 of 100', () => {
		const missed = panel.filter((one) => misses(one).length > 0).map(({ name }) => name);
		expect(panel.length).toBeGreaterThanOrEqual(40);
		expect(1 - missed.length / panel.length, missed.join('; ')).toBeGreaterThanOrEqual(LEAST_SHARE);
	});
});
