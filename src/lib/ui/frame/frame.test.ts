// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen, within, waitFor } from '@testing-library/svelte';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { App } from '$lib/client/state/app.svelte';
import { renderWithApp, stubLayout } from '$lib/client/testing/renderWithApp';
import BottomBar from './BottomBar.svelte';
import Shortcuts from './Shortcuts.svelte';
import Strip from './Strip.svelte';
import { SCREENS } from './screens';
// They come when they are first asked for; here they are at hand, so that no test waits for the tools that make them.
import './MoreSheet.svelte';
import './Palette.svelte';
import './ShortcutList.svelte';

const went = vi.hoisted(() => vi.fn<(path: string) => Promise<void>>(() => Promise.resolve()));
vi.mock(import('$app/navigation'), async (original) => ({ ...(await original()), goto: went as never }));

afterEach(cleanup);
beforeEach(() => {
	stubLayout();
	went.mockClear();
	// jsdom scrolls nothing.
	Element.prototype.scrollIntoView = () => undefined;
});

const press = (key: string, more: KeyboardEventInit = {}, target: Element = document.body) =>
	fireEvent.keyDown(target, { key, ...more });
const warm = (app: App): number => app.complete.waterTemperatureC;

/** A change that can be undone: another temperature than the reading has. */
function changed(app: App): { before: number; after: number } {
	const before = warm(app);
	app.change({ waterTemperatureC: before + 3 });
	return { before, after: warm(app) };
}

describe('keys of the whole frame', () => {
	it('lead to each screen by its own letter', async () => {
		renderWithApp(Shortcuts);
		for (const { key } of SCREENS) await press(key);
		expect(went.mock.calls.map(([path]) => path)).toEqual(SCREENS.map(({ path }) => path));
	});

	it('undo and redo, also where a select has the focus, and not in a field that undoes by itself', async () => {
		const app = renderWithApp(Shortcuts);
		const { before, after } = changed(app);
		document.body.insertAdjacentHTML('beforeend', '<select id="choice"></select><input id="text" type="text" />');
		await press('z', { ctrlKey: true }, document.querySelector('#text')!);
		expect(warm(app)).toBe(after);
		await press('z', { ctrlKey: true }, document.querySelector('#choice')!);
		expect(warm(app)).toBe(before);
		await press('Z', { metaKey: true, shiftKey: true });
		expect(warm(app)).toBe(after);
		for (const one of document.querySelectorAll('#choice, #text')) one.remove();
	});

	it('do nothing where a letter is typed, with a held key, or once they are switched off', async () => {
		const app = renderWithApp(Shortcuts);
		document.body.insertAdjacentHTML('beforeend', '<textarea id="text"></textarea><select id="choice"></select>');
		await press('c', {}, document.querySelector('#text')!);
		await press('c', {}, document.querySelector('#choice')!);
		await press('c', { altKey: true });
		await press('c', { ctrlKey: true });
		app.set({ shortcuts: false });
		await press('c');
		await press('/');
		expect(went).not.toHaveBeenCalled();
		expect(screen.queryByRole('dialog')).toBeNull();
		for (const one of document.querySelectorAll('#choice, #text')) one.remove();
	});

	it('list themselves, and leave a dialog its own keys', async () => {
		const app = renderWithApp(Shortcuts);
		const { after } = changed(app);
		await press('?');
		const list = await screen.findByRole('dialog', { name: 'Shortcuts' });
		for (const { key, name } of SCREENS) {
			expect(within(list).getByText(`Go to ${name}`).previousElementSibling!.textContent).toBe(key);
		}
		await press('c');
		await press('z', { ctrlKey: true });
		expect(went).not.toHaveBeenCalled();
		expect(warm(app)).toBe(after);
	});
});

describe('the finder', () => {
	async function opened(onScreen = 'call'): Promise<{ app: App; find: HTMLElement }> {
		const app = renderWithApp(Shortcuts, {}, { screen: onScreen });
		await press('/');
		return { app, find: await screen.findByRole('combobox') };
	}
	const named = () => screen.getAllByRole('option').map((one) => one.querySelector('strong')!.textContent);

	it('has every screen, and undo only where there is something to undo', async () => {
		const { app } = await opened();
		expect(named()).toEqual(expect.arrayContaining(SCREENS.map(({ name }) => name)));
		expect(named()).not.toContain('Undo');
		changed(app);
		await waitFor(() => expect(named()).toContain('Undo'));
	});

	it('finds a screen by what it asks, goes there and closes', async () => {
		const { find } = await opened();
		await fireEvent.input(find, { target: { value: 'tie on' } });
		await waitFor(() => expect(named()[0]).toBe('Call'));
		await fireEvent.click(screen.getAllByRole('option')[0]!);
		expect(went).toHaveBeenCalledExactlyOnceWith('/call');
		await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
	});

	it('means what begins so before what is said of it, and goes there with Enter', async () => {
		const { find } = await opened();
		await fireEvent.input(find, { target: { value: 'ta' } });
		await waitFor(() => expect(named().slice(0, 2)).toEqual(['Tank', 'Tally']));
		await fireEvent.keyDown(find, { key: 'Enter' });
		expect(went).toHaveBeenCalledExactlyOnceWith('/tank');
		await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
		await press('/');
		await waitFor(() => expect(named()).toEqual(expect.arrayContaining(SCREENS.map(({ name }) => name))));
	});

	it('says so where nothing has that name', async () => {
		const { find } = await opened();
		await fireEvent.input(find, { target: { value: 'qqqq' } });
		expect(await screen.findByText('Nothing found.')).toBeTruthy();
	});

	it('changes the units of every figure', async () => {
		const { app } = await opened();
		const before = app.units;
		await fireEvent.click(screen.getByRole('option', { name: /Feet and Fahrenheit|Meters and Celsius/ }));
		expect(app.units).not.toBe(before);
	});

	it('begins a new reading, which is one step to undo', async () => {
		const { app } = await opened('water');
		changed(app);
		const held = { ...app.record.reading };
		await fireEvent.click(screen.getByRole('option', { name: /A new reading/ }));
		expect(went).toHaveBeenCalledExactlyOnceWith('/water');
		expect(app.record.reading).not.toEqual(held);
		app.undo();
		expect(app.record.reading).toEqual(held);
	});
});

describe('the strip over every screen', () => {
	const shown = (label: string): string => {
		const cell = screen.getByText(
			(_, one) => one?.matches('.cell .quiet') === true && one.textContent!.startsWith(label)
		);
		return cell.closest('a')!.querySelector('.value')!.textContent!;
	};

	it('follows the reading and the units', async () => {
		const app = renderWithApp(Strip);
		app.set({ units: 'metric' });
		app.change({ waterTemperatureC: 15.6, bottomM: 2.4 });
		// The fish come along with the bottom; they show once somebody says where they are.
		await waitFor(() => expect([shown('Bottom'), shown('Fish')]).toEqual(['2.4m', '–']));
		app.change({ fishFromM: 0.6, fishToM: 1.8 });
		await waitFor(() => expect(shown('Water')).toBe('15.6°C'));
		await waitFor(() => expect(shown('Fish')).toBe('0.6–1.8m'));
		app.set({ units: 'imperial' });
		await waitFor(() => expect(shown('Water')).toBe('60°F'));
		expect(shown('Fish')).toBe('2–5.9ft');
	});

	it('leads from each cell to its field, and says when nothing is in hand', () => {
		renderWithApp(Strip);
		const cells = document.querySelectorAll<HTMLAnchorElement>('a.cell');
		expect([...cells].map(({ hash }) => hash)).toEqual(
			['phase', 'waterTemperatureC', 'visibilityM', 'sky', 'windMps', 'bottomM', 'fishFromM', 'forage'].map(
				(field) => `#field-${field}`
			)
		);
		expect(screen.getByRole('link', { name: 'Current rig: none yet' }).textContent).toContain('Pick one on Call.');
	});
});

describe('the bar of the phone', () => {
	it('has the screens of the deck, and all others behind its last button', async () => {
		render(BottomBar);
		const bar = screen.getByRole('navigation', { name: 'Screens' });
		const direct = within(bar)
			.getAllByRole('link')
			.map((link) => link.textContent!.trim());
		await fireEvent.click(within(bar).getByRole('button', { name: 'More' }));
		const sheet = await screen.findByRole('dialog', { name: 'More' });
		const behind = within(sheet)
			.getAllByRole('link')
			.map((link) => link.textContent!.trim());
		expect([...direct, ...behind].toSorted()).toEqual(SCREENS.map(({ name }) => name).toSorted());
		await fireEvent.click(within(sheet).getByRole('button', { name: 'Close' }));
		await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
	});
});
