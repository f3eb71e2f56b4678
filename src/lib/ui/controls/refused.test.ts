// @vitest-environment jsdom
import { cleanup, fireEvent, screen, waitFor } from '@testing-library/svelte';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { renderWithApp, stubLayout } from '$lib/client/testing/renderWithApp';
import { startBuild } from '$lib/core/rig/build/start';
import { storyOf } from '$lib/core/trips/tally/story';
import Edges from '../call/Edges.svelte';
import Hold from '../tank/Hold.svelte';
import TallyBeside from '../tally/Beside.svelte';

afterEach(cleanup);
beforeEach(stubLayout);
const field = (name: string) => screen.getByRole<HTMLInputElement>('textbox', { name });
const type = (name: string, value: string) => fireEvent.change(field(name), { target: { value } });

/** What cannot be is refused at its field with what can, stays typed, and changes nothing. */
async function refuses(name: string, typed: string, ends: string) {
	await type(name, typed);
	expect([field(name).value, field(name).getAttribute('aria-invalid')]).toEqual([typed, 'true']);
	const told = screen
		.getAllByRole('alert')
		.find(
			(one) =>
				field(name).parentElement === one.parentElement &&
				field(name).compareDocumentPosition(one) === Node.DOCUMENT_POSITION_FOLLOWING &&
				one.textContent === ends
		);
	expect([name, told?.textContent]).toEqual([name, ends]);
}
const { rig } = startBuild('spinnerbait');

describe('figures beside what they change', () => {
	it('small edges are reckoned anew with what can be, and left alone by what cannot', async () => {
		renderWithApp(Edges);
		const told = () => screen.getByText(/times the bites/).textContent!.replace(/\s+/g, ' ');
		const before = told();
		expect(before).toContain('makes 1.28 times the bites');
		await refuses('Times taken', '2.5', '0 to 20');
		expect(told()).toBe(before);
		await type('Times taken', '10');
		expect(told()).toContain('makes 1.63 times the bites');
		expect(screen.queryByRole('alert')).toBeNull();
		await refuses('Edge, percent', 'a lot', '0 to 100');
	});

	it('a depth to hold is asked for in the angler’s units', async () => {
		const app = renderWithApp(Hold, {
			cast: { rig, castM: 25, tipM: 0.6, countdownS: 2, bottom: [] },
			measured: {},
			usualM: 1.2,
			units: 'imperial',
			turnsOf: (speedMps: number) => speedMps,
			onspeed: vi.fn()
		});
		const asked: { holdM: number; atM: number }[] = [];
		app.work = {
			speedFor: (input: { holdM: number; atM: number }) => {
				asked.push(input);
				return Promise.resolve({ speedMps: 0.9, why: null });
			}
		} as never;
		await waitFor(() => expect(asked.at(-1)).toMatchObject({ holdM: 1.2, atM: 12 }));
		await refuses('Depth to hold, feet', '-1', '0 to 197 ft');
		await refuses('Distance from the tip, feet', '', '4 to 196 ft');
		await type('Depth to hold, feet', '10');
		await waitFor(() => expect(asked.at(-1)!.holdM).toBeCloseTo(3.048, 6));
		expect(asked.at(-1)!.atM).toBe(12);
		expect(await screen.findByRole('button', { name: /reel at 0\.90 turns a second/ })).toBeTruthy();
	});

	it('casts by the clock are never counted faster than they can be made', async () => {
		renderWithApp(TallyBeside, {
			story: storyOf({ startedAt: '2026-05-01T05:00:00.000Z', spotId: null, rig, trial: null } as never, []),
			reading: {},
			onDeck: { awake: false, marking: false, refused: null, stay: vi.fn() },
			byClock: false,
			clockS: 40,
			spotName: () => 'no spot name',
			onadd: vi.fn(),
			onread: vi.fn(),
			onundo: vi.fn()
		});
		await refuses('Seconds from cast to cast', '0', '10 to 600 s');
		await refuses('Seconds from cast to cast', '', '10 to 600 s');
		await type('Seconds from cast to cast', '25');
		expect(screen.queryByRole('alert')).toBeNull();
		expect(field('Seconds from cast to cast').value).toBe('25');
	});
});
