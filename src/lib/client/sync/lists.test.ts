import { describe, expect, it } from 'vitest';
import { listWithWaiting, toShow } from './lists';
import type { Write } from './outbox.svelte';

const write = (id: string, action: Write['action'], record: unknown = null, more: Partial<Write> = {}): Write => ({
	key: `${id}-${action}`,
	kind: 'readings',
	id,
	action,
	record,
	base: 1,
	revision: 0,
	title: id,
	sent: false,
	refusal: null,
	...more
});
const list = ['a', 'b'].map((id) => ({ id, version: 1, record: `${id} of the server` }));
const shown = (...writes: Write[]) => listWithWaiting(list, toShow(writes)).map(({ id, record }) => [id, record]);

describe('a list with what still waits', () => {
	it('shows new records first, the newest before the others, and changed ones where they stand', () => {
		expect(shown(write('c', 'put', 'c'), write('b', 'put', 'b of mine'), write('d', 'put', 'd'))).toEqual([
			['d', 'd'],
			['c', 'c'],
			['a', 'a of the server'],
			['b', 'b of mine']
		]);
	});

	it('lacks what was deleted, and has it again once it is brought back', () => {
		expect(shown(write('a', 'remove')).map(([id]) => id)).toEqual(['b']);
		expect(shown(write('a', 'remove'), write('a', 'restore'))).toEqual(shown());
		expect(shown(write('c', 'put', 'c'), write('c', 'remove'))).toEqual(shown());
	});

	it('does not pass a refused write for done', () => {
		const refusal = { status: 422, code: 'invalid', message: 'No.', current: null };
		expect(shown(write('c', 'put', 'c', { refusal }), write('a', 'remove', null, { refusal }))).toEqual(shown());
	});
});
