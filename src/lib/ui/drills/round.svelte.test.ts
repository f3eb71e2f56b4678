import { describe, expect, it } from 'vitest';
import { DECISIONS } from '$lib/core/trips/drills/decisionNames';
import { bestWith, judge, schoolsFor } from '$lib/core/trips/drills/judge';
import { choicesIn } from '$lib/core/trips/drills/options';
import { drillWater } from '$lib/core/trips/drills/water';
import type { Work } from '$lib/client/workers/work';
import { Round } from './round.svelte';

const water = drillWater(4711, 'everything');
const question = { reading: water.reading };
const api = { best: () => bestWith(question, {})?.rig ?? null, judge, schools: schoolsFor };
/** What stands for the worker: it answers at once, or not at all. */
const answering = { drills: async (ask: (api: never) => unknown) => ask(api as never) } as Pick<Work, 'drills'>;
const broken = { drills: () => Promise.reject(new Error('gone')) } as Pick<Work, 'drills'>;
const SURE = 0.65;

async function begun(): Promise<Round> {
	const round = new Round(water, null, question);
	await round.begin(answering);
	return round;
}

describe('a round of decisions', () => {
	it('asks them in their order, and judges once all are made', async () => {
		const round = await begun();
		const own = choicesIn(round.best!);
		for (const decision of DECISIONS) {
			expect([round.step, round.judged]).toEqual([decision, null]);
			expect(round.options).toContain(own[decision]);
			await round.take(answering, own[decision], SURE);
		}
		expect(round.step).toBeNull();
		expect(round.judged!.givesUp).toBeLessThan(1e-9);
		expect(Object.values(round.sure)).toEqual(DECISIONS.map(() => SURE));
		await round.askSchools(answering);
		expect(round.schools).toEqual([]);
	});

	it('takes back the last decision alone, and none once it was judged', async () => {
		const round = await begun();
		const own = choicesIn(round.best!);
		await round.take(answering, own.family, SURE);
		await round.take(answering, own.blades, SURE);
		round.back();
		expect([round.step, round.choices.family]).toEqual(['blades', own.family]);
		for (const decision of DECISIONS.slice(1)) await round.take(answering, own[decision], SURE);
		round.back();
		expect(round.step).toBeNull();
	});

	it('says when the worker failed, and is not judged then', async () => {
		const round = new Round(water, null, question);
		await round.begin(broken);
		expect([round.failed, round.best, round.judged]).toEqual([true, undefined, null]);
	});
});
