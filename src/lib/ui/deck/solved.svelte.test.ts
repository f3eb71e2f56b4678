import { describe, expect, it } from 'vitest';
import type { Work } from '$lib/client/workers/work';
import { InputFailure } from '$lib/core/foundation/schema/failure';
import type { Plan } from '$lib/core/foundation/schema/plan';
import type { DeckNews, DeckQuestion, Worth } from '$lib/workers/deck.worker';
import { SolvedDay } from './solved.svelte';

const QUESTION: DeckQuestion = { hours: [], rods: 2 };
const PLAN = { rods: [], value: 1 } as unknown as Plan;

/** A worker's client that answers when it is told to. */
function twin() {
	const decks: { tell: (news: DeckNews) => void; end: () => void; fail: (error?: Error) => void }[] = [];
	let stopped = 0;
	const work = {
		deck: (_question: DeckQuestion, _wasm: string, tell: (news: DeckNews) => void) =>
			new Promise<boolean>((resolve, reject) => {
				decks.push({ tell, end: () => resolve(true), fail: (error = new Error('It died.')) => reject(error) });
			}),
		worths: () => Promise.resolve(null),
		recordOfSpots: () => Promise.reject(new Error('away')),
		stopDeck: () => void stopped++
	} as unknown as Work;
	return { work, decks, stopped: () => stopped };
}

describe('a day that is worked out', () => {
	it('tells how far it is, then the deck, then what other numbers of rods give up', async () => {
		const { work, decks } = twin();
		const day = new SolvedDay();
		day.choose(work, QUESTION);
		decks[0]!.tell({ called: 3, of: 12 });
		expect([day.busy, day.called, day.plan]).toEqual([true, { called: 3, of: 12 }, null]);
		decks[0]!.tell({ plan: PLAN });
		expect([day.busy, day.called, day.plan]).toEqual([true, null, PLAN]);
		decks[0]!.tell({ curve: [{ rods: 1, value: 2 }] });
		expect(day.whole).toBe(false);
		decks[0]!.end();
		await Promise.resolve();
		expect(day.curve).toEqual([{ rods: 1, value: 2 }]);
		await expect.poll(() => day.busy).toBe(false);
		expect(day.whole).toBe(true);
	});

	it('hears nothing more of a question that was left', async () => {
		const { work, decks } = twin();
		const day = new SolvedDay();
		day.choose(work, QUESTION)();
		day.choose(work, QUESTION);
		decks[0]!.tell({ plan: { ...PLAN, value: 9 } });
		decks[0]!.end();
		await Promise.resolve();
		expect([day.plan, day.busy]).toEqual([null, true]);
		decks[1]!.tell({ plan: PLAN });
		expect(day.plan).toBe(PLAN);
	});

	it('keeps the deck it has when it is stopped, and when the worker dies says so', async () => {
		const { work, decks, stopped } = twin();
		const day = new SolvedDay();
		day.choose(work, QUESTION);
		decks[0]!.tell({ plan: PLAN });
		day.stop(work);
		expect([stopped(), day.busy, day.whole, day.plan]).toEqual([1, false, false, PLAN]);
		day.choose(work, QUESTION);
		decks[1]!.fail();
		await expect.poll(() => day.failed).toMatch(/No rods/);
		expect([day.busy, day.plan]).toEqual([false, PLAN]);
	});

	it('that is refused has no deck, and says why', async () => {
		const { work, decks } = twin();
		const day = new SolvedDay();
		day.choose(work, QUESTION);
		decks[0]!.tell({ plan: PLAN });
		const message = 'No lure works in any of these hours.';
		decks[0]!.fail(new InputFailure({ code: 'invalid', path: 'hours', message }));
		await expect.poll(() => day.failed).toBe(message);
		expect(day.plan).toBeNull();
	});

	it('is being weighed until the newest of its questions is answered, or cannot be', async () => {
		const answers: { give: (worths: Worth[] | null) => void; die: () => void }[] = [];
		const worths = () => new Promise((give, die) => void answers.push({ give, die: () => die(new Error('It died.')) }));
		const work = { worths } as unknown as Work;
		const [day, hours] = [new SolvedDay(), [{ at: 'a', spot: 'b', reading: {} as never }]];
		const [first, second] = [day.judge(work, hours, {}), day.judge(work, hours, {})];
		answers[0]!.give(null);
		await first;
		expect(day.weighing).toBe(true);
		answers[1]!.give([]);
		await second;
		expect(day.weighing).toBe(false);
		const third = day.judge(work, hours, {});
		answers[2]!.die();
		await third;
		expect([day.weighing, day.failed]).toEqual([false, expect.stringMatching(/could not be planned/)]);
	});

	it('keeps what hours are worth while a newer question is out, and goes on without a record that cannot be read', async () => {
		const { work } = twin();
		const day = new SolvedDay();
		day.worths = [{ at: 'a', spot: 'b', blades: 'good', points: 1, family: null }];
		await day.judge(work, [{ at: 'a', spot: 'b', reading: {} as never }], {});
		expect(day.worths).toHaveLength(1);
		await day.recall(work, ['b']);
		expect([day.record, day.failed]).toEqual([{}, '']);
	});
});
