// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/svelte';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { ListedSpot } from '$lib/core/records/appStart';
import type { DayPlan } from './day';
import DayForm from './DayForm.svelte';

afterEach(cleanup);
const day: DayPlan = {
	date: '2026-05-09',
	from: 6,
	to: 20,
	rods: 4,
	seed: 3,
	spots: [],
	edits: {},
	station: [],
	owned: [],
	kept: false,
	record: true
};
const spots = ['Point', 'Ditch', 'Orchard'].map((name) => ({ id: name.toLowerCase(), name }) as unknown as ListedSpot);
function drawn(more: object = {}) {
	const onset = vi.fn();
	const temperature = { waterTemperatureC: 9, from: 'estimate' } as const;
	const props = {
		temperature,
		units: 'metric' as const,
		day,
		spots,
		ticked: spots.slice(0, 2),
		waterName: 'Tallow Mere',
		lures: 7,
		onset
	};
	return { ...render(DayForm, { ...props, ...more }), onset };
}
const box = (name: string) => screen.getByRole<HTMLInputElement>('textbox', { name: new RegExp(`^${name}`) });
const type = (name: string, value: string) => fireEvent.change(box(name), { target: { value } });

describe('a day that is planned', () => {
	it('has water as warm as is estimated, and says so, until it is typed', async () => {
		const { onset } = drawn();
		expect(screen.getByText(/°C \(estimate\)/)).toBeDefined();
		await type('Water temperature, degrees Celsius, estimated', '7');
		expect(onset).toHaveBeenCalledWith({ waterTemperatureC: 7 });
	});

	it('has hours and rods as they are typed', async () => {
		const { onset } = drawn();
		await type('From', '5');
		await type('to', '22');
		await type('Rods', '2');
		expect(onset.mock.calls.flat()).toEqual([{ from: 5 }, { to: 22 }, { rods: 2 }]);
	});

	it.each([
		['From', '20', '0 to 19'],
		['From', 'dawn', '0 to 19'],
		['to', '6', '7 to 24'],
		['to', '25', '7 to 24'],
		['Rods', '0', /^1 to /],
		['Rods', '2.5', /^1 to /],
		['Rods', '', /^1 to /]
	] as const)('refuses %s %j at its field, and keeps what was typed', async (name, text, words) => {
		const { onset } = drawn();
		await type(name, text);
		expect(screen.getByRole('alert').textContent).toMatch(words);
		expect([box(name).value, box(name).getAttribute('aria-invalid')]).toEqual([text, 'true']);
		expect(onset).not.toHaveBeenCalled();
		await type(name, '7');
		if (name !== 'Rods') expect(screen.queryByRole('alert')).toBeNull();
	});

	it('is fished at the spots that are ticked', async () => {
		const { onset } = drawn();
		await fireEvent.click(screen.getByRole('checkbox', { name: 'Orchard' }));
		await fireEvent.click(screen.getByRole('checkbox', { name: 'Point' }));
		expect(onset.mock.calls.flat()).toEqual([{ spots: ['point', 'ditch', 'orchard'] }, { spots: ['ditch'] }]);
	});

	it('casts only kept lures where there are any', async () => {
		const { onset, unmount } = drawn();
		await fireEvent.click(screen.getByRole('checkbox', { name: 'Only my saved lures (7)' }));
		expect(onset).toHaveBeenLastCalledWith({ kept: true });
		unmount();
		drawn({ lures: 0 });
		expect(screen.queryByRole('checkbox', { name: /Only lures/ })).toBeNull();
	});

	it('gets other weather, without what was changed of the old one', async () => {
		const { onset } = drawn();
		await fireEvent.click(screen.getByRole('button', { name: 'Another example' }));
		expect(onset).toHaveBeenCalledWith({ seed: day.seed + 1, edits: {}, station: [] });
	});

	it('takes its weather from a file, or says why it cannot', async () => {
		const { onset } = drawn();
		const chooser = screen.getByLabelText<HTMLInputElement>(/Weather file/);
		const choose = (text: string) => fireEvent.change(chooser, { target: { files: [new File([text], 'w.csv')] } });
		await choose('at,windMps,sky\n2026-05-09T10:00Z,9.5,dark\n');
		await vi.waitFor(() => expect(screen.getByRole('status').textContent).toBe('1 hour from w.csv.'));
		expect(onset.mock.calls[0]![0]).toMatchObject({ station: [{ windMps: 9.5, sky: 'dark' }], edits: {} });
		await choose('at,windMps\nnoon,fast\n');
		await vi.waitFor(() => expect(screen.getByRole('status').textContent).not.toContain('1 hour'));
		expect(onset).toHaveBeenCalledOnce();
	});
});
