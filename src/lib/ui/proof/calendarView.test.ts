// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/svelte';
import { afterEach, describe, expect, it } from 'vitest';
import type { SpotDay } from '$lib/core/trips/proof/calendar';
import Calendar from './Calendar.svelte';

afterEach(cleanup);
const day = (text: string, strikes: number, landed = 0, casts = 80, spotId: string | null = 'a'): SpotDay => ({
	day: text,
	casts,
	strikes,
	landed,
	spotId
});
const waterOf = (spotId: string | null): string => (spotId === 'a' ? 'Hollin Reach' : 'Tallow Mere');
const marks = (): SVGGElement[] => [...document.querySelectorAll<SVGGElement>('[role=region] g')];
const titleOf = (mark: SVGGElement): string => mark.querySelector('title')!.textContent!;
const circleOf = (mark: SVGGElement): SVGCircleElement => mark.querySelector('circle')!;

describe('a year on the water', () => {
	it('has a mark for each day, named in words', () => {
		render(Calendar, { days: [day('2026-05-09', 3, 1), day('2026-05-10', 1, 0, 1)], waterOf });
		expect(marks().map(titleOf)).toEqual([
			'9 May: 3 bites in 80 casts, 1 landed',
			'10 May: 1 bite in 1 cast, 0 landed'
		]);
	});

	it('has bigger marks for more bites, filled where a fish was landed', () => {
		render(Calendar, {
			days: [0, 2, 5, 40].map((strikes, at) => day(`2026-06-0${at + 1}`, strikes, strikes > 4 ? 1 : 0)),
			waterOf
		});
		const sizes = marks().map((mark) => Number(circleOf(mark).getAttribute('r')));
		expect(sizes).toEqual(sizes.toSorted((a, b) => a - b));
		expect(new Set(sizes).size).toBe(4);
		expect(marks().map((mark) => circleOf(mark).classList.contains('landed'))).toEqual([false, false, true, true]);
	});

	it('has a band for each water, and stands by itself for each year, reached and scrolled by key', () => {
		render(Calendar, {
			days: [day('2025-11-30', 2), day('2026-02-01', 2), day('2026-02-02', 1, 0, 9, 'b')],
			waterOf
		});
		const years = screen.getAllByRole('region');
		expect(years.map((year) => [year.getAttribute('aria-label'), year.tabIndex])).toEqual([
			['Outings in 2026', 0],
			['Outings in 2025', 0]
		]);
		const heights = marks().map((mark) => circleOf(mark).getAttribute('cy'));
		expect(heights[0]).not.toBe(heights[1]);
	});

	it('places days by the year: January at the left, December at the right', () => {
		render(Calendar, { days: [day('2026-01-02', 3), day('2026-12-30', 3)], waterOf });
		const [first, last] = marks().map((mark) => Number(circleOf(mark).getAttribute('cx')));
		expect(last! - first!).toBeGreaterThan(500);
	});
});
