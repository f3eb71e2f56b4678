import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import * as steps from './versions';

type Move =
	| { readonly kind: 'change'; readonly value: number; readonly step: string; readonly screen: string }
	| { readonly kind: 'undo' | 'redo' | 'close' };

const moves = fc.array(
	fc.oneof(
		fc.record({
			kind: fc.constant('change' as const),
			value: fc.integer(),
			step: fc.constantFrom('', 'drag', 'type'),
			screen: fc.constantFrom('water', 'call')
		}),
		fc.record({ kind: fc.constantFrom('undo' as const, 'redo' as const, 'close' as const) })
	),
	{ maxLength: 80 }
);

function played(held: steps.DocumentState<number>, move: Move, order: number): steps.DocumentState<number> {
	if (move.kind === 'change') return steps.changed(held, move.value, { screen: move.screen, step: move.step, order });
	if (move.kind === 'undo') return steps.undone(held);
	return move.kind === 'redo' ? steps.redone(held) : steps.closed(held);
}

/** What a history is, said simply: a list of values and a place in it. */
function model(history: readonly Move[]): { value: number; back: number; forth: number } {
	let line: number[] = [0];
	let at = 0;
	let open: string | null = null;
	for (const move of history) {
		if (move.kind === 'change') {
			const name = move.step === '' ? null : `${move.step}/${move.screen}`;
			const goesOn = name !== null && name === open && at > 0;
			if (!goesOn) at++;
			line = [...line.slice(0, at), move.value];
			open = name;
		}
		if (move.kind === 'close') open = null;
		if (move.kind === 'undo' && at > 0) [at, open] = [at - 1, null];
		if (move.kind === 'redo' && at < line.length - 1) [at, open] = [at + 1, null];
		if (at > steps.STEPS_MAX) {
			line = line.slice(at - steps.STEPS_MAX);
			at = steps.STEPS_MAX;
		}
	}
	return { value: line[at]!, back: at, forth: line.length - 1 - at };
}

describe('a document’s history', () => {
	it('is a list of values with a place in it, whatever is done', () => {
		fc.assert(
			fc.property(moves, (history) => {
				const held = history.reduce(played, steps.documentState(0, 0));
				const { value, back, forth } = model(history);
				expect([held.value, held.past.length, held.future.length]).toEqual([value, back, forth]);
			})
		);
	});

	it('goes all the way back and forth again to where it was', () => {
		fc.assert(
			fc.property(moves, (history) => {
				const held = history.reduce(played, steps.documentState(0, 0));
				let back = held;
				for (let left = held.past.length; left > 0; left--) back = steps.undone(back);
				let forth = back;
				for (let left = held.past.length; left > 0; left--) forth = steps.redone(forth);
				expect([forth.value, forth.past, forth.future]).toEqual([held.value, held.past, held.future]);
			})
		);
	});

	it('takes a drag or a typed word as one step, and two of them as two', () => {
		const making = { screen: 'water', step: 'name', order: 1 };
		const typed = ['D', 'Da', 'Dawn'].reduce(
			(held, value) => steps.changed(held, value, making),
			steps.documentState('', 0)
		);
		expect(steps.undone(typed).value).toBe('');
		const twice = steps.changed(steps.closed(typed), 'Dusk', making);
		expect(steps.undone(twice).value).toBe('Dawn');
	});

	it('never goes on with a step of another screen', () => {
		const here = steps.changed(steps.documentState(0, 0), 1, { screen: 'water', step: 'drag', order: 1 });
		const there = steps.changed(here, 2, { screen: 'bench', step: 'drag', order: 2 });
		expect(there.past.map(({ screen }) => screen)).toEqual(['water', 'bench']);
	});
});

describe('which copy a page begins with', () => {
	const making = { screen: 'water', order: 1 };
	const mine = steps.changed(steps.documentState('server 3', 3), 'mine', making);

	it('is the device’s while the server was not told, however new the server’s is', () => {
		expect(steps.begun(mine, { value: 'server 9', version: 9 })?.value).toBe('mine');
		expect(steps.begun(mine, null)?.value).toBe('mine');
	});

	it('is the server’s where everything was told, and another device wrote since', () => {
		const told = steps.acknowledged(mine, mine.revision, 4);
		expect(steps.begun(told, { value: 'server 4', version: 4 })).toMatchObject({ value: 'mine', past: [{}] });
		expect(steps.begun(told, { value: 'server 5', version: 5 })).toMatchObject({ value: 'server 5', base: 5 });
	});

	it('is the device’s where the page was asked for before the server had its latest', () => {
		const told = steps.undone(steps.acknowledged(mine, mine.revision, 4));
		const later = steps.acknowledged(told, told.revision, 5);
		expect(steps.begun(later, { value: 'mine', version: 4 })).toMatchObject({ value: 'server 3', future: [{}] });
	});

	it('knows nothing of clocks: no part of a held document is a time', () => {
		expect(Object.keys(mine).sort()).toEqual(['acknowledged', 'base', 'future', 'open', 'past', 'revision', 'value']);
	});

	it('keeps what would be lost one step back', () => {
		const other = steps.replaced(mine, 'theirs', 9);
		expect(steps.undone(other).value).toBe('mine');
		expect(steps.isDirty(other)).toBe(false);
	});
});

it('a version that a record got reaches every step and is no step itself', () => {
	const making = { screen: 'bench', order: 1 };
	const held = steps.undone(steps.changed(steps.changed(steps.documentState(1, 0), 2, making), 3, making));
	const amended = steps.amended(held, (value) => value * 10);
	expect([amended.past[0]!.value, amended.value, amended.future[0]!.value]).toEqual([10, 20, 30]);
	expect(amended.past).toHaveLength(held.past.length);
});
