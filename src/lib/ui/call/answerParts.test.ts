// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen, within } from '@testing-library/svelte';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { renderWithApp, stubLayout } from '$lib/client/testing/renderWithApp';
import { answerCall } from '$lib/core/ranking/answer/call';
import { rigName } from '$lib/core/foundation/labels/describe';
import Alternates from './Alternates.svelte';
import Families from './Families.svelte';
import Outfit from './Outfit.svelte';
import TopCall from './TopCall.svelte';
import Why from './Why.svelte';

afterEach(cleanup);
beforeEach(stubLayout);
const answer = answerCall({
	reading: {
		waterTemperatureC: 21,
		visibilityM: 0.5,
		bottomM: 2,
		stain: 'mud',
		sky: 'overcast',
		wind: 'chop',
		castM: 25
	}
});
const [best, second] = answer.calls as [(typeof answer.calls)[0], (typeof answer.calls)[0]];

const textsIn = (root: HTMLElement, role: string): string[] =>
	within(root)
		.getAllByRole(role)
		.map(({ textContent }) => textContent!.replace(/\s+/g, ' ').trim());

describe('the four families', () => {
	const shown = () => {
		const onmark = vi.fn();
		render(Families, { families: answer.families, calls: answer.calls, marked: 0, onmark });
		return { onmark, rows: screen.getAllByRole('listitem') };
	};

	it('are each there once, the first called so, with a reason or with why it is not', () => {
		const { rows } = shown();
		expect(rows).toHaveLength(4);
		expect(rows[0]!.textContent).toContain('first');
		rows.forEach((row, at) => {
			const { reasons, barred } = answer.families[at]!;
			const words = row.textContent!;
			const said = reasons.some(({ text }) => words.includes(text)) || words.includes('No rule favors it here');
			expect(barred === null ? said : words.includes(barred)).toBe(true);
		});
	});

	it('show a rig of theirs where one was called', async () => {
		const { onmark, rows } = shown();
		for (const [at, { best: place }] of answer.families.entries()) {
			const button = within(rows[at]!).queryByRole('button');
			expect(button !== null).toBe(place !== null);
			if (button) await fireEvent.click(button);
		}
		expect(onmark.mock.calls.flat()).toEqual(answer.families.flatMap(({ best: place }) => place ?? []));
	});
});

describe('the call and its alternatives', () => {
	it('are listed with what each is better for, and marked by key as by hand', async () => {
		const onmark = vi.fn();
		render(Alternates, { calls: answer.calls, marked: 0, units: 'metric', onmark });
		const buttons = screen.getAllByRole('button');
		expect(buttons.map(({ textContent }) => textContent)).toEqual(answer.calls.map(({ rig }) => rigName(rig)));
		await fireEvent.keyDown(buttons[0]!, { key: 'ArrowDown' });
		await fireEvent.keyDown(buttons[0]!, { key: 'ArrowUp' });
		await fireEvent.click(buttons[2]!);
		expect(onmark.mock.calls.flat()).toEqual([1, 0, 2]);
		expect(document.activeElement).toBe(buttons[0]);
	});
});

describe('why', () => {
	it('names what decided, what is given up and what is met, every rule with its way to Craft', () => {
		renderWithApp(Why, { called: best, close: 'Clearly ahead.' });
		const why = screen.getByRole('region', { name: 'Why' });
		expect(within(why).getByText('Clearly ahead.')).toBeTruthy();
		const decided = best.reasons.filter(({ tier, counts }) => tier === 'family' && counts > 0);
		for (const { text, claim } of decided) {
			expect(within(why).getByText(text)).toBeTruthy();
			expect(within(why).getByRole('link', { name: claim }).getAttribute('href')).toContain(`/craft?find=${claim}`);
		}
	});

	it('begins with the largest of what is given up, and shows the smaller ones when asked', async () => {
		const one = best.reasons.find(({ tier }) => tier === 'lure')!;
		const given = [0.1, 0.7, 0.3, 0.2, 0.05, 0.4, 0.15, 0.25, 0.6].map((counts, at) => ({
			...one,
			claim: `XYZ-0${at}`,
			text: `Rule ${at}.`,
			counts: -counts
		}));
		renderWithApp(Why, { called: { ...best, reasons: given }, close: '' });
		const rows = () => screen.getAllByRole('img', { name: /^costs/ }).map((bar) => bar.closest('li')!.textContent!);
		expect(rows()[0]).toContain('Rule 1.');
		expect(rows()[1]).toContain('Rule 8.');
		expect(rows()).toHaveLength(3);
		await fireEvent.click(screen.getByRole('button', { name: '6 smaller' }));
		expect(rows()).toHaveLength(given.length);
	});

	it('puts rules of the angler’s own first', () => {
		const own = {
			...best.reasons[0]!,
			claim: 'MY-abc',
			tier: 'lure' as const,
			points: 1,
			counts: 0,
			text: 'My own rule.'
		};
		renderWithApp(Why, { called: { ...best, reasons: [...best.reasons, own] }, close: '' });
		const decided = screen.getByRole('heading', { name: 'Decided by' }).nextElementSibling as HTMLElement;
		expect(textsIn(decided, 'listitem').join()).toMatch(/My own rule\. ?your rule/);
	});
});

describe('what is called', () => {
	it('can be locked facet by facet, and freed; the lock is the called part itself', async () => {
		const app = renderWithApp(TopCall, { called: best, window: null, units: 'metric', costs: {} });
		const lock = screen.getByRole('button', { name: /^Lock Skirt: / });
		await fireEvent.click(lock);
		expect(app.record.locks.skirt).toMatchObject({ colour: best.rig.skirt.colour });
		expect(screen.getByText('1 part locked')).toBeTruthy();
		expect(lock.getAttribute('aria-pressed')).toBe('true');
		await fireEvent.click(screen.getByRole('button', { name: /^Unlock Skirt: / }));
		expect(app.record.locks).toEqual({});
	});

	it('is drawn with its words for who does not see it', () => {
		renderWithApp(TopCall, { called: second, window: null, units: 'metric', costs: {} });
		expect(screen.getByRole('heading', { level: 2 }).textContent).toContain(rigName(second.rig));
		expect(screen.getAllByRole('img').length).toBeGreaterThan(1);
	});

	it('hangs on an outfit whose pieces are locked likewise', async () => {
		const app = renderWithApp(Outfit, { called: best, units: 'metric', costs: { line: 1.2 } });
		await fireEvent.click(screen.getByRole('button', { name: /^Lock Line: / }));
		expect(app.record.locks.line).toMatchObject({ type: best.rig.line.type, testLb: best.rig.line.testLb });
		await fireEvent.click(screen.getByRole('button', { name: /^Unlock Line: / }));
		expect(app.record.locks.line).toBeUndefined();
	});
});
