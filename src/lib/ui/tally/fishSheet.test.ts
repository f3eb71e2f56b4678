// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/svelte';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { wholeEntry } from '$lib/client/state/validators';
import { entrySchema, type EntryInput } from '$lib/core/foundation/schema/tally';
import FishSheet from './FishSheet.svelte';
import { clockText, happeningText } from './words';

afterEach(cleanup);

const noSpot = () => 'no spot name';

describe('what is told of a fish', () => {
	function shown(what: EntryInput, units: 'metric' | 'imperial' = 'metric', joined = false) {
		const onsay = vi.fn<(what: EntryInput) => void>();
		render(FishSheet, {
			what: entrySchema.parse(what) as never,
			joined,
			units,
			whole: wholeEntry,
			onsay,
			onclose: vi.fn()
		});
		const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));
		const put = (label: RegExp, value: string) => fireEvent.change(screen.getByLabelText(label), { target: { value } });
		return { onsay, press, put };
	}

	it('is one tap each, and a second tap takes it back', async () => {
		const { onsay, press } = shown({ kind: 'lost', hook: 'skin' });
		await press('swept');
		expect(onsay).toHaveBeenLastCalledWith(expect.objectContaining({ kind: 'lost', hook: 'skin', set: 'sweep' }));
		await press('skin of the lip');
		expect(onsay).toHaveBeenLastCalledWith(expect.objectContaining({ kind: 'lost', hook: null }));
		await press('on the fall');
		expect(onsay).toHaveBeenLastCalledWith(expect.objectContaining({ hit: 'fall', hook: 'skin' }));
	});

	it('is the same fish as the bite before, unless it is said to be another', async () => {
		const { onsay, press } = shown({ kind: 'landed' }, 'metric', true);
		await press('Same fish as the last bite');
		expect(onsay).toHaveBeenLastCalledWith(expect.objectContaining({ after: null }));
		cleanup();
		shown({ kind: 'landed' });
		expect(screen.queryByRole('button', { name: 'Same fish as the last bite' })).toBeNull();
	});

	it('has a species, and went home or back', async () => {
		const { onsay, press } = shown({ kind: 'landed' });
		await press('smallmouth');
		expect(onsay).toHaveBeenLastCalledWith(expect.objectContaining({ species: 'smallmouth' }));
		await press('kept');
		expect(onsay).toHaveBeenLastCalledWith(expect.objectContaining({ kept: true }));
	});

	it('asks of a bite neither where the hook sat nor how long it was', () => {
		shown({ kind: 'bite' });
		expect(screen.queryByRole('group', { name: 'Hooked in the' })).toBeNull();
		expect(screen.queryByRole('group', { name: 'Hookset' })).toBeNull();
		expect(screen.queryByLabelText(/Length/)).toBeNull();
	});

	it('takes inches and pounds where those are shown, and keeps centimeters and kilograms', async () => {
		const { onsay, put } = shown({ kind: 'landed' }, 'imperial');
		await put(/^Length, in/, '16');
		expect(onsay).toHaveBeenLastCalledWith(expect.objectContaining({ lengthCm: expect.closeTo(40.64, 6) }));
		await put(/^Weight, lb/, '2,5');
		expect(onsay).toHaveBeenLastCalledWith(expect.objectContaining({ massKg: expect.closeTo(1.134, 3) }));
	});

	it('refuses at its field what no bass is, and hands nothing on', async () => {
		const { onsay, put } = shown({ kind: 'landed' });
		await put(/^Length, cm/, '4000');
		expect(screen.getByRole('alert').textContent).toBe('At most 90 cm.');
		expect(screen.getByLabelText(/^Length, cm/).getAttribute('aria-invalid')).toBe('true');
		await put(/^Weight, kg/, 'heavy');
		expect(screen.getAllByRole('alert').length).toBeGreaterThan(0);
		expect(onsay).not.toHaveBeenCalled();
	});

	it('is said in one line, in the order in which it happened to the fish', () => {
		const landed = entrySchema.parse({ kind: 'landed', hit: 'pop', hook: 'roof', set: 'wind', lengthCm: 41.4 });
		expect(happeningText(landed, 'metric', noSpot)).toBe('Landed, 41.5 cm, roof of the mouth, on a pop, kept reeling');
		expect(happeningText(landed, 'imperial', noSpot)).toMatch(/^Landed, 16.25 in/);
	});
});

it('time on deck is a clock that grows a figure when it needs it', () => {
	expect([7.9, 760, 3909].map(clockText)).toEqual(['0:07', '12:40', '1:05:09']);
});
