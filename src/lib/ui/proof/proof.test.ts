// @vitest-environment jsdom
import { fireEvent, render, screen, within } from '@testing-library/svelte';
import fc from 'fast-check';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { answerEvidence } from '$lib/core/trips/evidence/evidence';
import type { Grouped } from '$lib/core/trips/proof/compare';
import { GEAR, type LandedShare } from '$lib/core/trips/proof/losses';
import type { Moved } from '$lib/core/trips/proof/moves';
import type { SpotDay } from '$lib/core/trips/proof/calendar';
import type { TrialResult } from '$lib/core/trips/proof/trials';
import Costs from './Costs.svelte';
import Landed from './Landed.svelte';
import Rates from './Rates.svelte';
import Rules from './Rules.svelte';
import Trials from './Trials.svelte';
import Verdict from './Verdict.svelte';
import Year from './Year.svelte';
import { chanceText, factorText, verdictText } from './words';

const block = (id: string, a: number, b: number) => ({
	id,
	planned: true,
	a: { casts: 60, bites: a },
	b: { casts: 60, bites: b }
});
const CLEAR = answerEvidence({ blocks: [block('x', 12, 2), block('y', 10, 1), block('z', 11, 3)] });
const LEVEL = answerEvidence({ blocks: [block('x', 2, 2), block('y', 1, 1)] });

describe('words for a chance', () => {
	it('name the likelier one with odds, and nobody where it is even', () => {
		expect(chanceText(0.875, 'gold', 'nickel')).toBe('gold is probably better; 1 in 8 that it is not.');
		expect(chanceText(0.125, 'gold', 'nickel')).toBe('nickel is probably better; 1 in 8 that it is not.');
		expect(chanceText(0.55, 'gold', 'nickel')).toBe('Too close to call between gold and nickel.');
		expect(chanceText(0.999, 'gold', 'nickel')).toMatch(/^gold is better: almost certainly/);
	});

	it('say the same whichever of the two stands first', () => {
		fc.assert(
			fc.property(fc.double({ min: 0.001, max: 0.999, noNaN: true }), (chance) => {
				fc.pre(Math.abs(chance - 0.5) > 0.1001);
				expect(chanceText(chance, 'a', 'b')).toBe(chanceText(1 - chance, 'b', 'a'));
			})
		);
	});

	it('put names for letters, and only for letters that stand alone', () => {
		expect(verdictText('A is likely better than B. Anglers agree.', 'gold', 'nickel')).toBe(
			'gold is likely better than nickel. Anglers agree.'
		);
	});

	it('grow with a factor from spoken against to borne out', () => {
		const order = [
			'strong evidence against',
			'some evidence against',
			'no support either way',
			'some support',
			'strong support'
		];
		const heard = [0, 0.5, 1, 1.5, 2].map(factorText);
		expect(heard).toEqual(order);
		fc.assert(
			fc.property(fc.double({ min: 0, max: 2, noNaN: true }), fc.double({ min: 0, max: 2, noNaN: true }), (a, b) => {
				const [low, high] = [Math.min(a, b), Math.max(a, b)];
				expect(order.indexOf(factorText(low))).toBeLessThanOrEqual(order.indexOf(factorText(high)));
			})
		);
	});
});

describe('a verdict', () => {
	const onclear = vi.fn();
	beforeEach(() => onclear.mockClear());

	it('is told by name, with its chance, and is left by a button', async () => {
		render(Verdict, { a: 'gold', b: 'nickel', evidence: CLEAR, onclear });
		const told = screen.getByRole('region', { name: 'gold against nickel' });
		expect(told.textContent).toMatch(/gold gets .* bites for each bite on nickel/);
		expect(told.textContent).not.toMatch(/\bA\b|\bB\b/);
		await fireEvent.click(within(told).getByRole('button', { name: 'Close' }));
		expect(onclear).toHaveBeenCalledOnce();
	});

	it('says how much more would settle it, where it is not', () => {
		render(Verdict, { a: 'gold', b: 'nickel', evidence: LEVEL, onclear });
		expect(screen.getByRole('region').textContent).toMatch(/About \d+ more outings with both/);
	});

	it('of what was never fished on one day says to fish both', () => {
		render(Verdict, { a: 'gold', b: 'nickel', evidence: null, onclear });
		expect(screen.getByRole('region').textContent).toContain('Fish both on one day');
	});
});

describe('rates', () => {
	const group = (value: string, rate: number) => ({
		value,
		casts: 300,
		strikes: Math.round(300 * rate),
		landed: 2,
		hours: 4,
		lostHours: 0.2,
		rate,
		from: rate * 0.6,
		to: rate * 1.5
	});
	const grouped: Grouped = { groups: [group('gold', 0.04), group('nickel', 0.12)], never: ['black', 'painted'] };

	it('have a range each, and picked ones say so', async () => {
		const onpick = vi.fn();
		render(Rates, { grouped, title: 'Finish', pair: ['gold'], onpick });
		expect(screen.getByRole('button', { name: 'gold' })).toHaveProperty('ariaPressed', 'true');
		expect(screen.getByRole('row', { name: /nickel/ }).textContent).toMatch(/12\s*\(7\.2 to 18\)/);
		await fireEvent.click(screen.getByRole('button', { name: 'nickel' }));
		expect(onpick).toHaveBeenCalledWith('nickel');
		expect(screen.getByText('Never tried: black, painted.')).toBeTruthy();
	});

	it('lie within their line', () => {
		const { container } = render(Rates, { grouped, title: 'Finish', pair: [], onpick: vi.fn() });
		for (const bar of container.querySelectorAll<HTMLElement>('.bar')) {
			const [left, width] = [parseFloat(bar.style.left), parseFloat(bar.style.width)];
			expect(left).toBeGreaterThanOrEqual(0);
			expect(left + width).toBeLessThanOrEqual(100.01);
		}
	});

	it('of nothing say what to do', () => {
		render(Rates, { grouped: { groups: [], never: [] }, title: 'Finish', pair: [], onpick: vi.fn() });
		expect(screen.getByText(/remove a filter/)).toBeTruthy();
	});
});

describe('what an outing costs', () => {
	const left = { outings: 10, casts: 2000, strikes: 90, landed: 40, hours: 50, lostHours: 2 };
	const weeded = [{ value: 'spinnerbait', hours: 20, lostHours: 1 }];
	const shown = (cost?: number) => {
		const oncost = vi.fn();
		render(Costs, { weeded, left, cost, currency: '$', oncost });
		const field = screen.getByRole<HTMLInputElement>('textbox', { name: /An outing costs/ });
		return { oncost, say: (value: string) => fireEvent.change(field, { target: { value } }) };
	};

	it('is shared out over hours and fish', () => {
		shown(30);
		expect(screen.getByText(/an hour fished/).textContent).toMatch(
			/\$6\.00\s+an hour fished,\s+\$7\.50\s+a fish landed/
		);
	});

	it('is taken to the cent, and taken back when it is emptied', async () => {
		const { oncost, say } = shown();
		await say('12.345');
		expect(oncost).toHaveBeenLastCalledWith(12.35);
		await say(' ');
		expect(oncost).toHaveBeenLastCalledWith(undefined);
	});

	it.each(['-4', 'a lot', '1000000'])('is refused at its field when it is %s, and nothing changes', async (typed) => {
		const { oncost, say } = shown(5);
		await say(typed);
		expect(screen.getByRole('alert').textContent).toMatch(/Enter a sum from 0 to 100,000/);
		expect(oncost).not.toHaveBeenCalled();
	});

	it('stands beside what weed took, in minutes an hour', () => {
		shown();
		expect(screen.getByRole('row', { name: /spinnerbait/ }).textContent).toMatch(/3\.0\s*20\.0/);
	});
});

describe('fish brought to hand', () => {
	const none: readonly LandedShare[] = [];
	const kept = Object.fromEntries(GEAR.map((gear) => [gear, none])) as Record<
		(typeof GEAR)[number],
		readonly LandedShare[]
	>;
	const share = { share: 0.7, count: 7, of: 10, from: 0.45, to: 0.87 };

	it('are counted by the tackle that is asked for', async () => {
		render(Landed, {
			hooked: [{ hook: 'corner', landed: 7, lost: 3 }],
			kept: {
				...kept,
				'rod action': [{ value: 'moderate', ...share, lostFrom: 'corner' }],
				hookset: [{ value: 'sweep', ...share, lostFrom: null }]
			},
			advice: 'A softer rod.'
		});
		expect(screen.getByRole('row', { name: /moderate/ }).textContent).toMatch(/7\/10\s*45–87/);
		expect(screen.getByText('A softer rod.')).toBeTruthy();
		await fireEvent.change(screen.getByRole('combobox'), { target: { value: 'hookset' } });
		expect(screen.queryByRole('row', { name: /moderate/ })).toBeNull();
		expect(screen.getByText(/Only fish with a logged hookset/)).toBeTruthy();
	});

	it('of which none was told say where to tell it', () => {
		render(Landed, { hooked: [], kept, advice: null });
		expect(screen.getByText(/Enter it on Tally/)).toBeTruthy();
	});
});

describe('trials', () => {
	const trial = (differs: string[]): TrialResult => ({
		outingId: 'o',
		beganAt: '2026-05-09T05:00:00.000Z',
		differs,
		pairs: 3,
		evidence: CLEAR
	});

	it('say in what the two differ, and what two differences are worth', () => {
		render(Trials, { trials: [trial(['gold, not nickel', 'white, not black'])], nameOf: () => 'May morning' });
		expect(screen.getByText('May morning')).toBeTruthy();
		expect(screen.getByText(/gold, not nickel; white, not black; 3\s+pairs/)).toBeTruthy();
		expect(screen.getByText(/you can’t tell which one did it/)).toBeTruthy();
	});

	it('of the same rig twice say so, and none how to begin one', async () => {
		const { rerender } = render(Trials, { trials: [trial([])], nameOf: () => 'x' });
		expect(screen.getByText(/the same rig twice/)).toBeTruthy();
		await rerender({ trials: [], nameOf: () => 'x' });
		expect(screen.getByText(/Start one on Tally/)).toBeTruthy();
	});
});

describe('rules that the record moves', () => {
	const moved = Array.from({ length: 15 }, (_, at): Moved => ({
		claim: `BLD-${at}`,
		because: `Rule ${at}.`,
		split: null,
		factor: 2 - at / 8,
		outings: at + 1,
		strikes: 9
	}));

	it('come twelve at first, the rest on request', async () => {
		render(Rules, { moved, on: false, onswitch: vi.fn() });
		expect(screen.getAllByRole('listitem')).toHaveLength(12);
		await fireEvent.click(screen.getByRole('button', { name: '3 more' }));
		expect(screen.getAllByRole('listitem')).toHaveLength(15);
		expect(screen.getByRole('link', { name: 'BLD-14' }).getAttribute('href')).toContain('find=BLD-14');
	});

	it('are switched with one tap, once they are known', async () => {
		const onswitch = vi.fn();
		const { rerender } = render(Rules, { moved: null, on: false, onswitch });
		expect(screen.getByRole<HTMLInputElement>('checkbox').disabled).toBe(true);
		await rerender({ moved: [], on: false, onswitch });
		await fireEvent.click(screen.getByRole('checkbox'));
		expect(onswitch).toHaveBeenCalledWith(true);
		expect(screen.getByText(/fish two ways on one outing/)).toBeTruthy();
	});
});

describe('a year', () => {
	const days: SpotDay[] = [
		{ day: '2026-05-09', casts: 120, strikes: 6, landed: 2, spotId: null },
		{ day: '2026-05-10', casts: 30, strikes: 0, landed: 0, spotId: null },
		{ day: '2026-06-01', casts: 20, strikes: 1, landed: 0, spotId: null }
	];
	const waterOf = (): string => 'Mere';

	it('has each day on the water, in words as in marks', () => {
		const { container } = render(Year, { days, waterOf });
		const listed = within(screen.getByRole('list', { name: 'Days on the water' })).getAllByRole('listitem');
		expect(listed.map(({ textContent }) => textContent)).toEqual([
			'Mere, 2026, 9 May: 6 bites in 120 casts, 2 landed',
			'Mere, 2026, 10 May: 0 bites in 30 casts, 0 landed',
			'Mere, 2026, 1 Jun: 1 bite in 20 casts, 0 landed'
		]);
		expect(container.querySelectorAll('[role=region] g')).toHaveLength(3);
		expect(container.querySelectorAll('[role=region] .landed')).toHaveLength(1);
	});

	it('gives a month its rate only where there were casts enough', () => {
		const { container } = render(Year, { days, waterOf });
		const months = [...container.querySelectorAll('.year > div')].map(({ textContent }) => textContent!.trim());
		expect(months[0]).toMatch(/May 26\s*4\.0/);
		expect(months[1]).toMatch(/Jun 26\s*few/);
	});
});
