// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/svelte';
import fc from 'fast-check';
import { afterEach, describe, expect, it, vi } from 'vitest';
import FigureField from './FigureField.svelte';

afterEach(cleanup);
function drawn(more: object = {}) {
	const onvalue = vi.fn();
	const { rerender } = render(FigureField, {
		label: 'Tip',
		value: '0.6',
		low: 0,
		high: 3,
		unit: 'm',
		onvalue,
		...more
	});
	const box = screen.getByRole<HTMLInputElement>('textbox', { name: 'Tip' });
	return { onvalue, rerender, box, type: (value: string) => fireEvent.change(box, { target: { value } }) };
}

describe('a figure within its ends', () => {
	it('is taken with a point or a comma, its ends among them', async () => {
		const { onvalue, type } = drawn();
		for (const text of ['0', '3', ' 1,5 ', '2.25']) await type(text);
		expect(onvalue.mock.calls.flat()).toEqual([0, 3, 1.5, 2.25]);
		expect(screen.queryByRole('alert')).toBeNull();
	});

	it('is what is told from elsewhere, but never over what was typed and refused', async () => {
		const { box, rerender, type } = drawn();
		await rerender({ value: '1.2' });
		expect(box.value).toBe('1.2');
		await type('9');
		await rerender({ value: '1.4' });
		expect([box.value, screen.getByRole('alert').textContent]).toEqual(['9', '0 to 3 m']);
		await type('2');
		expect(screen.queryByRole('alert')).toBeNull();
	});

	it('that must be whole is nothing between', async () => {
		const { onvalue, type } = drawn({ whole: true, unit: '' });
		await type('1.5');
		expect(screen.getByRole('alert').textContent).toBe('0 to 3');
		await type('2');
		expect(onvalue.mock.calls).toEqual([[2]]);
	});

	it('takes nothing else, whatever is typed', async () => {
		await fc.assert(
			fc.asyncProperty(fc.oneof(fc.string({ maxLength: 8 }), fc.double().map(String)), async (text) => {
				cleanup();
				const { onvalue, box, type } = drawn();
				await type(text);
				for (const [figure] of onvalue.mock.calls) expect(figure >= 0 && figure <= 3).toBe(true);
				expect(onvalue.mock.calls.length === 0).toBe(box.getAttribute('aria-invalid') === 'true');
			})
		);
	});
});
