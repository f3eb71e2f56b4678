// @vitest-environment jsdom
import { fireEvent, render, screen } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { startBuild } from '$lib/core/rig/build/start';
import { readingSchema } from '$lib/core/foundation/schema/reading';
import { storyOf } from '$lib/core/trips/tally/story';
import type { OrderedEntry } from '$lib/core/trips/tally/order';
import Answers from './Answers.svelte';

const BEGINNING = {
	startedAt: '2026-05-09T05:00:00.000Z',
	spotId: null,
	reading: readingSchema.parse({ waterTemperatureC: 16, visibilityM: 1, bottomM: 2 }),
	rig: startBuild('spinnerbait').rig,
	trial: null
};
const HAPPENED: readonly OrderedEntry[] = [
	{ id: 'a', at: '2026-05-09T05:01:00.000Z', order: 1, what: { kind: 'cast', count: 4 } },
	{ id: 'b', at: '2026-05-09T05:02:00.000Z', order: 2, what: { kind: 'follow', turnedM: null } }
];
const heard = { onanswer: vi.fn(), oncast: vi.fn(), onundo: vi.fn() };
beforeEach(() => Object.values(heard).forEach((one) => one.mockClear()));

const shown = (more: { last?: string | null; disabled?: boolean } = {}) =>
	render(Answers, { now: storyOf(BEGINNING, HAPPENED).now, last: 'Follow', disabled: false, ...heard, ...more });

async function stroke(alongPx: number, downPx = 0): Promise<void> {
	const button = screen.getByRole('button', { name: /^Bite/ });
	const touch = { pointerType: 'touch', pointerId: 3 };
	await fireEvent(
		button,
		Object.assign(new Event('pointerdown', { bubbles: true }), { ...touch, clientX: 200, clientY: 300 })
	);
	const end = { ...touch, clientX: 200 + alongPx, clientY: 300 + downPx };
	await fireEvent(button, Object.assign(new Event('pointerup', { bubbles: true }), end));
}

describe('the answers of a stretch', () => {
	it('say how often each came, and the big one how many casts', () => {
		shown();
		expect(screen.getByRole('button', { name: 'Cast, 4' }).hasAttribute('disabled')).toBe(false);
		expect(screen.getByRole('button', { name: 'Follow, 1' }).textContent).toContain('Follow');
		expect(screen.getByRole('button', { name: 'Bite, 0' }).textContent).toContain('Bite');
	});

	it('are one tap each', async () => {
		shown();
		for (const name of [/^Short/, /^Landed/, /^Fouled/]) await fireEvent.click(screen.getByRole('button', { name }));
		expect(heard.onanswer.mock.calls.map(([answer]) => answer)).toEqual(['short', 'landed', 'fouled']);
	});

	it('take a stroke to the right for a cast, one to the left for the last one back, and a scroll for neither', async () => {
		shown();
		await stroke(90, 10);
		expect([heard.oncast.mock.calls.length, heard.onundo.mock.calls.length]).toEqual([1, 0]);
		await stroke(-90, -10);
		expect([heard.oncast.mock.calls.length, heard.onundo.mock.calls.length]).toEqual([1, 1]);
		await stroke(60, 200);
		await stroke(12);
		expect([heard.oncast.mock.calls.length, heard.onundo.mock.calls.length]).toEqual([1, 1]);
		expect(heard.onanswer).not.toHaveBeenCalled();
	});

	it('hear nothing while the clock stands, and take nothing back where nothing is', async () => {
		const { unmount } = shown({ disabled: true });
		await stroke(90);
		await stroke(-90);
		unmount();
		shown({ last: null });
		await stroke(-90);
		expect([heard.oncast.mock.calls.length, heard.onundo.mock.calls.length]).toEqual([0, 0]);
	});
});
