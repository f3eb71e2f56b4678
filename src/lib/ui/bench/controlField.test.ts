// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/svelte';
import { afterEach, describe, expect, it, vi } from 'vitest';
import ControlField from './ControlField.svelte';
import type { Control } from './controls';

afterEach(cleanup);
type Figure = Extract<Control, { kind: 'figure' }>;
const figure = (more: Partial<Figure> = {}) => {
	const set = vi.fn((value: number) => ({ value }) as never);
	const control: Figure = {
		kind: 'figure',
		label: 'Leader',
		unit: 'lb',
		value: 20,
		low: 4,
		high: 60,
		step: 1,
		set,
		...more
	};
	return { control, set };
};
function drawn(control: Control, units: 'metric' | 'imperial' = 'metric') {
	const onbuild = vi.fn();
	render(ControlField, { control, of: 'Line', units, onbuild });
	return onbuild;
}
const box = () => screen.getByRole<HTMLInputElement>('textbox', { name: 'Line: Leader' });
const type = (value: string) => fireEvent.change(box(), { target: { value } });

describe('a figure of a part', () => {
	it('is taken with a point or a comma, as one named change', async () => {
		const { control, set } = figure();
		const onbuild = drawn(control);
		await type('12,5');
		expect(set).toHaveBeenCalledWith(12.5);
		expect(onbuild).toHaveBeenCalledWith({ value: 12.5 }, 'Line: Leader');
	});

	it('that counts is whole', async () => {
		const { control, set } = figure({ unit: 'count', value: 2, low: 0, high: 9 });
		drawn(control);
		await type('3.6');
		expect(set).toHaveBeenCalledWith(4);
	});

	it('of speed is typed and shown in the angler’s own unit', async () => {
		const { control, set } = figure({ unit: 'mps', value: 1, low: 0.2, high: 3, step: 0.05 });
		drawn(control, 'imperial');
		expect(Number(box().value)).toBeGreaterThan(1);
		const shown = Number(box().value);
		await type(String(2 * shown));
		expect(set.mock.calls[0]![0]).toBeCloseTo(2, 1);
	});

	it.each([
		['thick', 'Enter a number.'],
		['', 'Enter a number.'],
		['3', 'Between 4 and 60.'],
		['61', 'Between 4 and 60.']
	])('refuses %j at the field, and loses nothing typed', async (text, message) => {
		const { control } = figure();
		const onbuild = drawn(control);
		await type(text);
		expect(screen.getByRole('alert').textContent).toBe(message);
		expect([box().value, box().getAttribute('aria-invalid')]).toEqual([text, 'true']);
		expect(onbuild).not.toHaveBeenCalled();
	});

	it('goes by its step with the arrow keys, no farther than its ends', async () => {
		const { control, set } = figure({ value: 59.5 });
		drawn(control);
		await fireEvent.keyDown(box(), { key: 'ArrowUp' });
		await fireEvent.keyDown(box(), { key: 'ArrowDown' });
		await fireEvent.keyDown(box(), { key: 'x' });
		expect(set.mock.calls.flat()).toEqual([60, 58.5]);
	});
});

describe('a choice about a part', () => {
	it('offers its words and takes the one that is chosen', async () => {
		const set = vi.fn((value: string) => ({ value }) as never);
		const options = [
			{ value: 'gold', text: 'gold' },
			{ value: 'nickel', text: 'nickel plate' }
		];
		const onbuild = drawn({ kind: 'choice', label: 'Finish', value: 'gold', options, set });
		const select = screen.getByRole<HTMLSelectElement>('combobox', { name: 'Line: Finish' });
		expect([...select.options].map(({ text }) => text)).toEqual(['gold', 'nickel plate']);
		await fireEvent.change(select, { target: { value: 'nickel' } });
		expect(onbuild).toHaveBeenCalledWith({ value: 'nickel' }, 'Line: Finish');
	});
});
