import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { MemoryDevice } from '../sync/device';
import { leave, Pages, shown, told } from '../testing/pages';

const pages = new Pages();
beforeEach(() => pages.begin());
afterEach(() => pages.end());

describe('any run of edits, losses of the line, reloads and two tabs', () => {
	type Event =
		| { readonly kind: 'edit' | 'move'; readonly tab: 0 | 1; readonly bottomM: number }
		| { readonly kind: 'undo' | 'reload' | 'tell'; readonly tab: 0 | 1 }
		| { readonly kind: 'line'; readonly down: boolean };
	const tab = fc.constantFrom(0 as const, 1 as const);
	const events: fc.Arbitrary<Event[]> = fc.array(
		fc.oneof(
			fc.record({
				kind: fc.constantFrom('edit' as const, 'move' as const),
				tab,
				bottomM: fc.integer({ min: 1, max: 50 })
			}),
			fc.record({ kind: fc.constantFrom('undo' as const, 'reload' as const, 'tell' as const), tab }),
			fc.record({ kind: fc.constant('line' as const), down: fc.boolean() })
		),
		{ maxLength: 20 }
	);

	/** What a person sees: one list of values, and a place in it. */
	class Model {
		#past: number[] = [];
		value = 3;

		edit(bottomM: number): void {
			this.#past.push(this.value);
			this.value = bottomM;
		}

		undo(): void {
			this.value = this.#past.pop() ?? this.value;
		}
	}

	it('ends with the server and every tab on what a person would expect', async () => {
		await fc.assert(
			fc.asyncProperty(events, async (history) => {
				// Pages of the history before, also of one that failed, have nothing to tell to this pages.server.
				pages.begin();
				const device = new MemoryDevice();
				const pair = [await pages.page(device), await pages.page(device)];
				const model = new Model();
				for (const [at, event] of history.entries()) {
					if (event.kind === 'line') {
						pages.server.down = event.down;
						continue;
					}
					// A person acts in one tab at a time, and lets go in the other; what was done there is here by then.
					pair[event.tab === 0 ? 1 : 0]!.closeStep();
					await Promise.all(pair.map((app) => app.desk.settled()));
					await pair[event.tab]!.desk.refresh();
					const app = pair[event.tab]!;
					if (event.kind === 'edit' || event.kind === 'move') {
						const patch = { bottomM: event.bottomM, fishFromM: 0, fishToM: 0.5 };
						if (event.kind === 'edit') app.change(patch);
						else app.move(patch, `drag ${at}`);
						model.edit(event.bottomM);
					} else if (event.kind === 'undo') {
						app.undo();
						model.undo();
					} else if (event.kind === 'tell') {
						await app.sync.flushNow();
					} else {
						app.leaving();
						await app.desk.settled();
						leave(app);
						pair[event.tab] = await pages.page(device);
					}
					await shown();
					expect(pair[event.tab]!.readingWhileDragged.complete.bottomM).toBe(model.value);
				}
				pages.server.down = false;
				for (const app of pair) app.closeStep();
				// Each hears of the other in a moment; here the moments are waited for.
				for (const app of [...pair, ...pair]) {
					await Promise.all(pair.map((one) => one.desk.settled()));
					await app.desk.refresh();
					await told(app);
				}
				for (const app of pair) expect(app.reading.bottomM).toBe(model.value);
				const there = pages.server.at('desk')?.record as { reading: { bottomM: number } } | undefined;
				expect(there?.reading.bottomM ?? 3).toBe(model.value);
				expect(pair.flatMap((app) => app.sync.outbox!.refused)).toEqual([]);
			}),
			{ numRuns: 100 }
		);
	});
});
