// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/svelte';
import { afterEach, describe, expect, it } from 'vitest';
import OwnColourField from './OwnColourField.svelte';
import { newStrand, type StrandDraft } from './ownDraft';

afterEach(cleanup);

/** What is typed lives with whoever holds the form. */
function shown(given: StrandDraft[] = [], wrong?: string) {
	const props = $state({ strands: given, countsAs: '' as const, wrong });
	return render(OwnColourField, props);
}
const choose = (name: string, value: string) => fireEvent.change(screen.getByLabelText(name), { target: { value } });

describe('the color of an own skirt', () => {
	it('begins with none, and has four strands at most', async () => {
		shown();
		expect(screen.queryByLabelText(/^Strand/)).toBeNull();
		await fireEvent.click(screen.getByRole('button', { name: '+ a color' }));
		for (let at = 0; at < 3; at++) await fireEvent.click(screen.getByRole('button', { name: '+ a strand' }));
		expect(screen.getAllByLabelText(/how you give its color$/)).toHaveLength(4);
		expect(screen.queryByRole('button', { name: '+ a strand' })).toBeNull();
		await fireEvent.click(screen.getByRole('button', { name: 'Remove strand 2' }));
		expect(screen.getAllByLabelText(/how you give its color$/)).toHaveLength(3);
	});

	it('says what the rules take it for: the nearest, unless the angler says another', async () => {
		shown([{ ...newStrand(), colour: 'chartreuse' }]);
		const taken = screen.getByLabelText<HTMLSelectElement>(/^The rules treat it as/);
		expect(taken.selectedOptions[0]!.textContent).toBe('chartreuse, the nearest');
		await choose('Strand 1, color', 'black');
		expect(taken.selectedOptions[0]!.textContent).toBe('black, the nearest');
		await fireEvent.change(taken, { target: { value: 'black-blue' } });
		expect(taken.selectedOptions[0]!.textContent).toBe('black-blue');
	});

	it('says that a picked one is an estimate, and shows no chip of what cannot be', async () => {
		const { container } = shown([newStrand()]);
		expect(container.querySelector('.chip')).not.toBeNull();
		await choose('Strand 1, how you give its color', 'picked');
		expect(screen.getByText(/An estimate\./)).toBeTruthy();
		await choose('Strand 1, how you give its color', 'measured');
		expect(container.querySelector('.chip')).toBeNull();
		expect(screen.queryByText(/An estimate\./)).toBeNull();
	});

	it('tells what is wrong with it where it is', () => {
		shown([newStrand()], 'At least 5 %.');
		expect(screen.getByRole('alert').textContent).toBe('At least 5 %.');
	});
});
