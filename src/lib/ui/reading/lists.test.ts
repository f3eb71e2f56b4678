// @vitest-environment jsdom
import { LIST_MAX } from '$lib/core/foundation/schema/limits';
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Cover, Forage } from '$lib/core/foundation/schema/reading';
import CoverRows from './CoverRows.svelte';
// They come with the first question; here they are at hand, so that no test waits for the tools that make them.
import '$lib/core/simulation/sight/along';
import DepthGuide from './DepthGuide.svelte';
import ForageRows from './ForageRows.svelte';

afterEach(cleanup);

const box = (name: string) => screen.getByRole<HTMLInputElement>('textbox', { name });
const type = (name: string, value: string) => fireEvent.input(box(name), { target: { value } });
const taken = () => vi.fn<(list: unknown, key: string) => string | null>(() => null);

describe('cover as it is read', () => {
	const wood: Cover = { kind: 'wood', density: 'medium', form: 'edge', topM: 0.5 };
	const pads: Cover = { kind: 'pads', density: 'thick', form: 'even', topM: 0 };
	const shown = (cover: Cover[], onvalue = taken(), units: 'metric' | 'imperial' = 'metric') => {
		const { rerender } = render(CoverRows, { cover, units, errors: {}, onvalue });
		return { onvalue, again: (next: Cover[]) => rerender({ cover: next }) };
	};

	it('takes a depth with a point or a comma, each key one and the same step', async () => {
		const { onvalue } = shown([wood, pads]);
		await type('Cover 2, top below the surface', '0,8');
		await type('Cover 2, top below the surface', '0.85');
		expect(onvalue.mock.calls).toEqual([
			[[wood, { ...pads, topM: 0.8 }], 'cover.1'],
			[[wood, { ...pads, topM: 0.85 }], 'cover.1']
		]);
	});

	it('reads feet where feet are shown', async () => {
		const { onvalue } = shown([wood], taken(), 'imperial');
		await type('Cover 1, top below the surface', '10');
		expect((onvalue.mock.calls[0]![0] as Cover[])[0]!.topM).toBeCloseTo(3.048, 3);
	});

	it('says at the field what is no depth, keeps what was typed, and hands nothing on', async () => {
		const { onvalue } = shown([wood]);
		await type('Cover 1, top below the surface', 'deep');
		expect(screen.getByRole('alert').textContent).toBe('Enter a number.');
		await fireEvent.blur(box('Cover 1, top below the surface'));
		expect(box('Cover 1, top below the surface').value).toBe('deep');
		expect(onvalue).not.toHaveBeenCalled();
	});

	it('says the range of a depth that no cover has, in the units that are shown', async () => {
		shown(
			[wood],
			vi.fn(() => 'no reading'),
			'imperial'
		);
		await type('Cover 1, top below the surface', '900');
		expect(screen.getByRole('alert').textContent).toBe('Between 0 and 196.9 ft.');
	});

	it('forgets what was wrong with a row that goes: the next one is not blamed', async () => {
		const { onvalue, again } = shown([wood, pads]);
		await type('Cover 1, top below the surface', 'x');
		await fireEvent.click(screen.getByRole('button', { name: 'Remove cover 1, wood' }));
		expect(onvalue).toHaveBeenLastCalledWith([pads], '');
		await again([pads]);
		expect(screen.queryByRole('alert')).toBeNull();
		expect(box('Cover 1, top below the surface').value).toBe('0');
	});

	it('offers no more than fits', () => {
		shown(Array.from({ length: LIST_MAX }, () => wood));
		expect(screen.queryByRole('combobox', { name: 'Add cover' })).toBeNull();
	});
});

describe('forage as it is read', () => {
	const perch: Forage = { kind: 'perch', lengthIn: 2.5, amount: 'some' };
	const fry: Forage = { kind: 'fry', lengthIn: 1, amount: 'plenty' };

	it('takes a length, refuses what is none at its field, and keeps what was typed', async () => {
		const onvalue = taken();
		render(ForageRows, { forage: [perch], errors: {}, onvalue });
		await type('Forage 1, length in inches', '3,5');
		expect(onvalue).toHaveBeenLastCalledWith([{ ...perch, lengthIn: 3.5 }], 'forage.0');
		onvalue.mockReturnValue('Between 0.2 and 14.');
		await type('Forage 1, length in inches', '40');
		expect(screen.getByRole('alert').textContent).toBe('Between 0.2 and 14 in.');
		expect(box('Forage 1, length in inches').value).toBe('40');
		expect(box('Forage 1, length in inches').getAttribute('aria-invalid')).toBe('true');
	});

	it('forgets what was wrong with a row that goes: the next one is not blamed', async () => {
		const onvalue = taken();
		const { rerender } = render(ForageRows, { forage: [perch, fry], errors: {}, onvalue });
		await type('Forage 1, length in inches', 'long');
		expect(screen.getAllByRole('alert')).toHaveLength(1);
		await fireEvent.click(screen.getByRole('button', { name: 'Remove forage 1, perch' }));
		await rerender({ forage: [fry] });
		expect(screen.queryByRole('alert')).toBeNull();
		expect(box('Forage 1, length in inches').value).toBe('1');
	});

	it('is added with a usual length, and every word of it can be chosen', async () => {
		const onvalue = taken();
		render(ForageRows, { forage: [perch], errors: {}, onvalue });
		const choose = (name: string, value: string) =>
			fireEvent.change(screen.getByRole('combobox', { name }), { target: { value } });
		await choose('Add forage', 'crayfish');
		await choose('Forage 1, amount', 'none');
		await choose('Forage 1, kind', 'sunfish');
		expect(onvalue.mock.calls.map(([list]) => list)).toEqual([
			[perch, { kind: 'crayfish', lengthIn: 2.5, amount: 'some' }],
			[{ ...perch, amount: 'none' }],
			[{ ...perch, kind: 'sunfish' }]
		]);
	});
});

describe('the guide to measure how far one sees', () => {
	async function measured(lost: string, back: string) {
		const onvalue = vi.fn<(seenM: number) => string | null>(() => null);
		render(DepthGuide, { units: 'metric', stain: 'green', onvalue });
		await fireEvent.click(screen.getByRole('button', { name: 'How to measure it' }));
		const [down, up] = screen.getAllByRole('textbox');
		await fireEvent.input(down!, { target: { value: lost } });
		await fireEvent.input(up!, { target: { value: back } });
		await fireEvent.click(screen.getByRole('button', { name: 'Use the middle' }));
		return { onvalue, said: screen.getByRole('status').textContent };
	}

	it('takes the middle of where a lure is lost and found', async () => {
		const { onvalue, said } = await measured('1,4', '1.2');
		expect(onvalue).toHaveBeenCalledWith(expect.closeTo(1.3, 9));
		expect(said).toBe('Done.');
	});

	it('refuses what cannot be, and hands nothing on', async () => {
		expect(await measured('1', '1.6')).toMatchObject({ said: expect.stringContaining('can’t see it again deeper') });
		cleanup();
		const { onvalue, said } = await measured('', '1');
		expect(said).toBe('Enter both depths as numbers.');
		expect(onvalue).not.toHaveBeenCalled();
	});

	it('turns how far it is seen along the surface into a depth of this water', async () => {
		const taking = vi.fn<(seenM: number) => string | null>(() => null);
		render(DepthGuide, { units: 'metric', stain: 'green', onvalue: taking });
		await fireEvent.click(screen.getByRole('button', { name: 'How to measure it' }));
		const along = screen.getByRole('textbox', { name: /along the surface/ });
		await fireEvent.click(screen.getByRole('button', { name: 'Use as depth' }));
		expect(screen.getByRole('status').textContent).toBe('Enter how far you can see it, more than 0.');
		expect(taking).not.toHaveBeenCalled();
		await fireEvent.input(along, { target: { value: '0,76' } });
		await fireEvent.click(screen.getByRole('button', { name: 'Use as depth' }));
		await waitFor(() => expect(taking).toHaveBeenCalledWith(expect.closeTo(1, 1)));
		await waitFor(() =>
			expect(screen.getByRole('status').textContent).toMatch(/^Done: in such water .* 1\.\d+\sm down\.$/)
		);
	});

	it('says what the field says where the water would be clearer than any', async () => {
		const refusing = vi.fn(() => 'Too clear.');
		render(DepthGuide, { units: 'imperial', stain: 'tannic', onvalue: refusing });
		await fireEvent.click(screen.getByRole('button', { name: 'How to measure it' }));
		await fireEvent.input(screen.getByRole('textbox', { name: /along the surface/ }), { target: { value: '900' } });
		await fireEvent.click(screen.getByRole('button', { name: 'Use as depth' }));
		await waitFor(() => expect(screen.getByRole('status').textContent).toBe('Too clear.'));
	});
});
