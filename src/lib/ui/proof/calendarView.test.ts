// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/svelte';
import { afterEach, describe, expect, it } from 'vitest';
import type { Day } from '$lib/core/trips/proof/calendar';
import Calendar from './Calendar.svelte';

afterEach(cleanup);
const day = (text: string, strikes: number, landed = 0, casts = 80): Day =>
	({ day: text, casts, strikes, landed }) as Day;
const boxes = (): SVGGElement[] => [...document.querySelectorAll<SVGGElement>('[role=region] g')];
const titleOf = (box: SVGGElement): string => box.querySelector('title')!.textContent!;

describe('a year on the water', () => {
	it('has a box for each day, named in words', () => {
		render(Calendar, { days: [day('2026-05-09', 3, 1), day('2026-05-10', 1, 0, 1)] });
		expect(boxes().map(titleOf)).toEqual([
			'9 May: 3 strikes in 80 casts, 1 landed',
			'10 May: 1 strike in 1 cast, 0 landed'
		]);
		expect(document.querySelectorAll('[role=region] rect')).toHaveLength(365);
	});

	it('is the darker the more strikes a day had, with a dot where a fish came to hand', () => {
		render(Calendar, {
			days: [0, 1, 2, 3, 5, 6, 40].map((strikes, at) => day(`2026-06-0${at + 1}`, strikes, strikes > 4 ? 1 : 0))
		});
		const shades = boxes().map((box) => box.querySelector('rect')!.classList.value.replace(/.*shade-(\d).*/, '$1'));
		expect(shades).toEqual(['0', '1', '1', '2', '2', '3', '3']);
		expect(boxes().map((box) => box.querySelector('circle') !== null)).toEqual([
			false,
			false,
			false,
			false,
			true,
			true,
			true
		]);
	});

	it('stands by itself for each year, reached and scrolled by key', () => {
		render(Calendar, { days: [day('2025-11-30', 2), day('2026-02-01', 2)] });
		const years = screen.getAllByRole('region');
		expect(years.map((year) => [year.getAttribute('aria-label'), year.tabIndex]).sort()).toEqual([
			['Calendar of 2025', 0],
			['Calendar of 2026', 0]
		]);
	});

	it('names every month once, in its order', () => {
		render(Calendar, { days: [day('2026-05-09', 3)] });
		const places = [...document.querySelectorAll('[role=region] > svg > text')]
			.filter(({ textContent }) => /^(Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec)/.test(textContent!))
			.map((text) => Number(text.getAttribute('x')));
		expect(places).toHaveLength(12);
		expect(places).toEqual(places.toSorted((a, b) => a - b));
		expect(new Set(places).size).toBe(12);
	});
});
