// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/svelte';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { renderWithApp, stubLayout } from '$lib/client/testing/renderWithApp';
import { FIGURES } from '$lib/presentation/fields';
import CoverRows from './CoverRows.svelte';
import FigureRow from './FigureRow.svelte';
import ReadingFields from './ReadingFields.svelte';

afterEach(cleanup);
const box = (name: string) => screen.getByRole<HTMLInputElement>('textbox', { name });
const type = (name: string, value: string) => fireEvent.input(box(name), { target: { value } });

describe('a figure of the reading', () => {
	const drawn = (more: object = {}) => {
		const onvalue = vi.fn((): string | null => null);
		const field = FIGURES.waterTemperatureC;
		const { rerender } = render(FigureRow, {
			field,
			value: 15,
			as: 'read' as const,
			units: 'metric' as const,
			onvalue,
			...more
		});
		return { onvalue, rerender };
	};

	it('is taken as it is typed, with a point or a comma', async () => {
		const { onvalue } = drawn();
		await type('Water', '16,5');
		expect(onvalue).toHaveBeenLastCalledWith({ waterTemperatureC: 16.5 }, 'waterTemperatureC');
		expect(box('Water').getAttribute('aria-invalid')).toBeNull();
	});

	it('in Fahrenheit is kept in Celsius', async () => {
		const { onvalue } = drawn({ units: 'imperial' as const });
		expect(box('Water').value).toBe('59');
		await type('Water', '68');
		expect(onvalue).toHaveBeenLastCalledWith({ waterTemperatureC: 20 }, 'waterTemperatureC');
	});

	it.each([
		['warm', 'Enter a number.'],
		['99', 'Between 0 and 40 °C.'],
		['', 'Fill this in.']
	])('%j is refused at the field with a word, nothing taken and nothing lost', async (text, message) => {
		const { onvalue } = drawn();
		await type('Water', text);
		expect(screen.getByRole('alert').textContent).toBe(message);
		expect(box('Water').getAttribute('aria-invalid')).toBe('true');
		await fireEvent.blur(box('Water'));
		expect(box('Water').value).toBe(text);
		expect(onvalue).not.toHaveBeenCalled();
	});

	it('that was meant in Fahrenheit is offered in Celsius, and taken by a tap', async () => {
		const { onvalue } = drawn();
		await type('Water', '62');
		expect(onvalue).not.toHaveBeenCalled();
		await fireEvent.click(await screen.findByRole('button', { name: /^62\s°F is 16.7\s°C. Use that$/ }));
		expect(onvalue).toHaveBeenLastCalledWith({ waterTemperatureC: 16.666667 }, 'waterTemperatureC');
		expect(screen.queryByRole('alert')).toBeNull();
	});

	it('refused by the whole reading says why and stays typed', async () => {
		drawn({ onvalue: () => 'Fish can’t be deeper than the bottom.' });
		await type('Water', '18');
		expect(screen.getByRole('alert').textContent).toBe('Fish can’t be deeper than the bottom.');
		expect(box('Water').value).toBe('18');
	});

	it('that a page without scripts brought back as refused goes on like any other once it is mended', async () => {
		const { rerender } = drawn({ typed: 'boiling', error: 'Enter a number.' });
		expect([box('Water').value, screen.getByRole('alert').textContent]).toEqual(['boiling', 'Enter a number.']);
		await type('Water', '18');
		await fireEvent.blur(box('Water'));
		await rerender({ value: 19 });
		expect(box('Water').value).toBe('19');
		expect(screen.queryByRole('alert')).toBeNull();
	});

	it('that a page without scripts brought back with another field’s refusal is taken', () => {
		const { onvalue } = drawn({ typed: '21' });
		expect(onvalue).toHaveBeenCalledWith({ waterTemperatureC: 21 }, 'waterTemperatureC');
	});
});

describe('the rows of cover', () => {
	const weed = { kind: 'leafy-weed', density: 'medium', form: 'even', topM: 0.8 } as const;
	const drawn = (cover: readonly (typeof weed)[], units: 'metric' | 'imperial' = 'metric') => {
		const onvalue = vi.fn((): string | null => null);
		render(CoverRows, { cover, units, errors: {}, onvalue });
		return onvalue;
	};

	it('are added, changed and removed one by one', async () => {
		const onvalue = drawn([weed]);
		await fireEvent.change(screen.getByRole('combobox', { name: 'Add cover' }), { target: { value: 'pads' } });
		expect(onvalue).toHaveBeenLastCalledWith([weed, { kind: 'pads', density: 'medium', form: 'even', topM: 0 }], '');
		await fireEvent.change(screen.getByRole('combobox', { name: 'Cover 1, density' }), { target: { value: 'thick' } });
		expect(onvalue).toHaveBeenLastCalledWith([{ ...weed, density: 'thick' }], 'cover.0');
		await fireEvent.click(screen.getByRole('button', { name: 'Remove cover 1, leafy weed' }));
		expect(onvalue).toHaveBeenLastCalledWith([], '');
	});

	it('do not round a depth under the hand that types it', async () => {
		drawn([weed], 'imperial');
		await type('Cover 1, top below the surface', '1.25');
		expect(box('Cover 1, top below the surface').value).toBe('1.25');
		await type('Cover 1, top below the surface', 'deep');
		expect(screen.getByRole('alert').textContent).toBe('Enter a number.');
	});
});

describe('the fields of a reading', () => {
	it('go with the pointer at once, and back with an undo that comes before the hand rests', async () => {
		stubLayout();
		const app = renderWithApp(ReadingFields, {}, { screen: 'water' });
		const before = box('Water').value;
		await fireEvent.input(screen.getByRole('slider', { name: 'Water, on its scale' }), { target: { value: '1' } });
		expect(Number(box('Water').value)).toBeGreaterThan(Number(before));
		app.undo();
		await vi.waitFor(() => expect(box('Water').value).toBe(before));
	});
});
