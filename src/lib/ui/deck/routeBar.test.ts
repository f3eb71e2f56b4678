// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/svelte';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { stubLayout } from '$lib/client/testing/renderWithApp';
import RouteBar from './RouteBar.svelte';
import type { Stop } from './route';

// Globals are set back before every test.
beforeEach(stubLayout);
afterEach(cleanup);

const hour = (at: number): string => new Date(Date.UTC(2026, 4, 9, at)).toISOString();
const stop = (spot: string, from: number, to: number): Stop => ({
	spot,
	from: hour(from),
	to: hour(to),
	travelMin: null
});

function shown(stops: Stop[]) {
	const onmove = vi.fn<(spots: Readonly<Record<string, string>>) => void>();
	render(RouteBar, { stops, nameOf: (spot: string) => spot, clock: (at: string) => at.slice(11, 16), onmove });
	return onmove;
}

describe('the bar of the day’s way', () => {
	it('has one handle between two stops, which says where and until when', () => {
		shown([stop('bay', 6, 9), stop('bank', 9, 12), stop('pit', 12, 14)]);
		const handles = screen.getAllByRole('slider');
		expect(handles.map((one) => one.getAttribute('aria-label'))).toEqual([
			'bay until, then bank',
			'bank until, then pit'
		]);
		expect(handles.map((one) => one.getAttribute('aria-valuetext'))).toEqual(['09:00', '12:00']);
		expect(handles[0]!.getAttribute('aria-orientation')).toBe('horizontal');
	});

	it('is moved by the arrow keys an hour, and fixes the hours of both stops', async () => {
		const onmove = shown([stop('bay', 6, 8), stop('bank', 8, 10)]);
		await fireEvent.keyDown(screen.getByRole('slider'), { key: 'ArrowRight' });
		expect(onmove).toHaveBeenLastCalledWith({
			[hour(6)]: 'bay',
			[hour(7)]: 'bay',
			[hour(8)]: 'bay',
			[hour(9)]: 'bank'
		});
	});

	it('leaves each stop an hour: at its end nothing is moved', async () => {
		const onmove = shown([stop('bay', 6, 7), stop('bank', 7, 8)]);
		for (const key of ['ArrowLeft', 'ArrowRight', 'Home', 'End']) {
			await fireEvent.keyDown(screen.getByRole('slider'), { key });
		}
		expect(onmove).not.toHaveBeenCalled();
	});

	it('has no handle over a break in the day, as thunder makes one', () => {
		shown([stop('bay', 6, 9), stop('bay', 12, 14)]);
		expect(screen.queryByRole('slider')).toBeNull();
	});
});
