import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Work } from '$lib/client/workers/work';
import type { FlipEvent } from '$lib/core/ranking/answer/flips';
import type { CallInput } from '$lib/core/foundation/schema/call';
import { Flipper } from './flipper.svelte';

const INPUT = { reading: {} } as unknown as CallInput;
const flip = (field: string): FlipEvent => ({ kind: 'flip', flip: { field } }) as never;
const curve = (field: string, mark: number): FlipEvent => ({ kind: 'curve', curve: { field, mark } }) as never;

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

/** A worker's client whose searches are told and ended by hand. */
function twin() {
	const runs: { tell: (events: FlipEvent[]) => void; end: () => void; fail: () => void }[] = [];
	const work = {
		flips: (_input: CallInput, tell: (events: FlipEvent[]) => void) =>
			new Promise<void>((end, reject) => void runs.push({ tell, end, fail: () => reject(new Error('It died.')) })),
		stopFlips: vi.fn()
	};
	return { work: work as unknown as Work, stopFlips: work.stopFlips, runs };
}

describe('what would flip the answer', () => {
	it('is looked for once a reading has been quiet for a moment: of many changes the last', async () => {
		const { work, runs } = twin();
		const flipper = new Flipper();
		for (let change = 0; change < 5; change++) {
			flipper.ask(work, INPUT);
			await vi.advanceTimersByTimeAsync(100);
		}
		expect([runs.length, flipper.busy]).toEqual([0, false]);
		await vi.advanceTimersByTimeAsync(250);
		expect([runs.length, flipper.busy]).toEqual([1, true]);
	});

	it('comes as it is found, a curve again standing for its first', async () => {
		const { work, runs } = twin();
		const flipper = new Flipper();
		flipper.ask(work, INPUT);
		await vi.advanceTimersByTimeAsync(300);
		runs[0]!.tell([flip('sky'), curve('windMps', 1)]);
		runs[0]!.tell([flip('mood'), curve('windMps', 2), { kind: 'robustness', kept: 3, tried: 4 } as never]);
		expect(flipper.flips.map(({ field }) => field)).toEqual(['sky', 'mood']);
		expect(flipper.curves).toEqual([{ field: 'windMps', mark: 2 }]);
		expect(flipper.robustness).toEqual({ kept: 3, tried: 4 });
		runs[0]!.end();
		await vi.advanceTimersByTimeAsync(0);
		expect(flipper.busy).toBe(false);
	});

	it('of a reading that was left is not heard, and the newer search goes on', async () => {
		const { work, runs } = twin();
		const flipper = new Flipper();
		flipper.ask(work, INPUT);
		await vi.advanceTimersByTimeAsync(300);
		flipper.ask(work, INPUT);
		await vi.advanceTimersByTimeAsync(300);
		runs[0]!.tell([flip('sky')]);
		runs[0]!.end();
		await vi.advanceTimersByTimeAsync(0);
		expect([flipper.flips, flipper.busy]).toEqual([[], true]);
		runs[1]!.tell([flip('mood')]);
		expect(flipper.flips.map(({ field }) => field)).toEqual(['mood']);
	});

	it('ends where its worker dies, with what was found', async () => {
		const { work, runs } = twin();
		const flipper = new Flipper();
		flipper.ask(work, INPUT);
		await vi.advanceTimersByTimeAsync(300);
		runs[0]!.tell([flip('sky')]);
		runs[0]!.fail();
		await vi.advanceTimersByTimeAsync(0);
		expect([flipper.flips.length, flipper.busy]).toEqual([1, false]);
	});

	it('is left with the page, before it began or under way', async () => {
		const { work, runs, stopFlips } = twin();
		const flipper = new Flipper();
		flipper.ask(work, INPUT);
		flipper.close();
		await vi.advanceTimersByTimeAsync(500);
		expect([runs.length, stopFlips.mock.calls.length]).toEqual([0, 1]);
	});
});
