// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen, within } from '@testing-library/svelte';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Ranked } from './PlaceList.svelte';
import PlaceList from './PlaceList.svelte';

afterEach(cleanup);
const ranked = (rank: number, more: Partial<Ranked> & { lie?: object } = {}): Ranked =>
	({
		at: '2026-05-09T06:00:00.000Z',
		spot: `spot-${rank}`,
		name: `Place ${rank}`,
		rank,
		blades: 'good',
		reading: {},
		place: 0,
		reasons: [
			{ claim: 'POS-01', because: `Wind blows onto place ${rank}.`, points: 1 },
			{ claim: 'record', because: `Your record speaks for place ${rank}.`, points: 1 }
		],
		...more,
		lie: { bank: 'windblown', wind: 'chop', fetchM: 320, shadeM: 0, ...more.lie }
	}) as unknown as Ranked;
function drawn(all: readonly Ranked[], more: object = {}) {
	const onmark = vi.fn();
	render(PlaceList, { ranked: all, units: 'metric', marked: null, onmark, ...more });
	return onmark;
}
const row = (name: string) => screen.getByRole('button', { name: new RegExp(name) }).closest('li')!;

describe('the places of an hour', () => {
	it('stand in their order with what the hour is worth there; only the first says why', () => {
		drawn([ranked(1), ranked(2, { blades: null })]);
		expect(screen.getAllByRole('button').map(({ textContent }) => textContent!.replace(/\s+/g, ' ').trim())).toEqual([
			'1 Place 1 blades good',
			'2 Place 2'
		]);
		expect(within(row('Place 1')).getByText(/Wind blows onto place 1/)).toBeTruthy();
		expect(within(row('Place 2')).queryByText(/Wind blows/)).toBeNull();
	});

	it('say why where they are marked, by the rule and by the record', async () => {
		const onmark = drawn([ranked(1), ranked(2)], { marked: 'spot-2' });
		const links = within(row('Place 2')).getAllByRole('link');
		expect(links.map((link) => [link.textContent, link.getAttribute('href')])).toEqual([
			['POS-01', expect.stringContaining('/craft?find=POS-01')],
			['Proof', expect.stringContaining('/proof')]
		]);
		expect(screen.getByRole('button', { name: /Place 2/ }).getAttribute('aria-pressed')).toBe('true');
		await fireEvent.click(screen.getByRole('button', { name: /Place 1/ }));
		expect(onmark).toHaveBeenCalledWith('spot-1');
	});

	it.each([
		[{}, 'Wind onto it over 320 m of water, chop; no shade.'],
		[{ bank: 'cross', wind: 'ripple', shadeM: 6 }, 'Wind along it over 320 m of water, a ripple; shade 6 m out.'],
		[{ bank: 'sheltered', wind: 'calm', shadeM: Infinity }, 'Sheltered, calm.'],
		[{ fetchM: null, wind: 'heavy' }, 'Wind onto it, heavy water; no shade.']
	])('say how they lie: %j', (lie, words) => {
		drawn([ranked(1, { lie } as never)]);
		expect(screen.getByText(words)).toBeTruthy();
	});

	it('say so where no rule speaks for one', () => {
		drawn([ranked(1, { reasons: [] })]);
		expect(screen.getByText('No rule about places favors it at this hour.')).toBeTruthy();
	});
});
