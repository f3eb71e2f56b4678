// @vitest-environment jsdom
import { cleanup, fireEvent, screen, within } from '@testing-library/svelte';
import { afterEach, describe, expect, it } from 'vitest';
import { renderWithApp } from '$lib/client/testing/renderWithApp';
import HouseRules from './HouseRules.svelte';

afterEach(cleanup);
const shown = () => renderWithApp(HouseRules);
const choose = (label: string, value: string) => fireEvent.change(screen.getByLabelText(label), { target: { value } });
const because = (text: string) => fireEvent.input(screen.getByLabelText(/^because/), { target: { value: text } });
const say = () => fireEvent.submit(screen.getByLabelText('Condition').closest('form')!);

/** Writes a rule: when it is windy, a skirt should be of a color. */
async function written(colour: string, why: string): Promise<void> {
	await choose('Part 1', 'skirt');
	await choose('Value 1', colour);
	await because(why);
	await say();
}

describe('a rule of the angler’s own', () => {
	it('is said as a sentence, gets an id of its own and speaks from then on', async () => {
		const app = shown();
		await written('black', 'It is what my river eats.');
		await written('white', 'Or this.');
		const { houseRules } = app.views;
		expect(new Set(houseRules.map(({ id }) => id)).size).toBe(2);
		expect(houseRules.map((rule) => rule.because)).toEqual(['It is what my river eats.', 'Or this.']);
		expect(screen.getByText(/It is what my river eats/)).toBeTruthy();
		expect(screen.getByLabelText<HTMLInputElement>(/^because/).value).toBe('');
	});

	it('without a part, or without a reason, is refused with a word, and nothing of it is lost', async () => {
		const app = shown();
		await because('I like it.');
		await say();
		expect(screen.getByRole('alert').textContent).toMatch(/\w/);
		expect(screen.getByLabelText<HTMLInputElement>(/^because/).value).toBe('I like it.');
		await choose('Part 1', 'skirt');
		await because('');
		await say();
		expect(screen.getByRole('alert').textContent).toMatch(/\w/);
		expect(screen.getByLabelText<HTMLSelectElement>('Part 1').value).toBe('skirt');
		expect(app.views.houseRules).toEqual([]);
	});

	it('can be changed, and stays the same rule', async () => {
		const app = shown();
		await written('black', 'First.');
		const [rule] = app.views.houseRules;
		await fireEvent.click(screen.getByRole('button', { name: /^(Change|Edit)/ }));
		expect(screen.getByRole('heading', { name: `Changing ${rule!.id}` })).toBeTruthy();
		await because('Second thoughts.');
		await say();
		expect(app.views.houseRules).toEqual([{ ...rule, because: 'Second thoughts.' }]);
	});

	it('goes, and comes back where that was a slip', async () => {
		const app = shown();
		await written('black', 'First.');
		const before = app.views.houseRules;
		await fireEvent.click(screen.getByRole('button', { name: /^(Delete|Remove)/ }));
		expect(app.views.houseRules).toEqual([]);
		await fireEvent.click(within(screen.getByRole('status')).getByRole('button'));
		expect(app.views.houseRules).toEqual(before);
	});
});
