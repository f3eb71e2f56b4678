// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen, within } from '@testing-library/svelte';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { ListedSpot } from '$lib/core/records/appStart';
import { readingSchema } from '$lib/core/foundation/schema/reading';
import { SCHEMA_VERSION } from '$lib/core/records/version';
import type { HourRow } from './Hours.svelte';
import Hours from './Hours.svelte';

afterEach(cleanup);
const spot = (id: string): ListedSpot => ({
	schemaVersion: SCHEMA_VERSION,
	id,
	version: 1,
	waterId: 'w',
	name: `The ${id}`,
	bankBearingDeg: 0,
	bankHeightM: 2,
	profile: [
		{ outM: 0, depthM: 0 },
		{ outM: 10, depthM: 2 }
	],
	cover: []
});
const at = (hour: number): string => `2026-05-09T${String(hour).padStart(2, '0')}:00:00.000Z`;
const row = (hour: number, more: Partial<HourRow> = {}): HourRow => ({
	at: at(hour),
	weather: {
		at: at(hour),
		sky: 'overcast',
		windMps: 4,
		windFromDeg: 225,
		pressureTrend: 'steady',
		warmerC: 0,
		thunder: false
	},
	reading: readingSchema.parse({ waterTemperatureC: 16, visibilityM: 1, bottomM: 2, light: 'day' }),
	worth: { at: at(hour), spot: 'point', points: 4, blades: 'good', place: 1 } as HourRow['worth'],
	lie: null,
	rod: 2,
	lure: 'tandem spinnerbait',
	edit: {},
	...more
});
function drawn(rows: readonly HourRow[], more: object = {}) {
	const onedit = vi.fn();
	const props = { rows, spots: [spot('point'), spot('ditch')], zone: 'Europe/Paris', units: 'metric' as const, onedit };
	return { ...render(Hours, { ...props, ...more }), onedit };
}
const wind = (hour: string) => screen.getByRole<HTMLInputElement>('textbox', { name: `Wind at ${hour}` });

describe('an hour of the day', () => {
	it('is told by the water’s own clock, with its verdict by sign and word, its rod and its lure', () => {
		drawn([row(6)]);
		const cells = within(screen.getByRole('row', { name: /08:00/ }));
		expect(cells.getByText('●')).toBeTruthy();
		expect(cells.getByText(/good/)).toBeTruthy();
		expect(cells.getByText('2').nextSibling!.textContent).toContain('tandem spinnerbait');
	});

	it('with thunder has no verdict, and sends everybody off the water', () => {
		drawn([row(6, { weather: { ...row(6).weather, thunder: true }, rod: null })]);
		expect(screen.queryByText(/good/)).toBeNull();
		expect(screen.getByText('thunder: get off the water')).toBeTruthy();
	});

	it('takes another sky, and a spot for good or again the best one', async () => {
		const { onedit } = drawn([row(6)]);
		await fireEvent.change(screen.getByLabelText('Sky at 08:00'), { target: { value: 'sun' } });
		const where = screen.getByLabelText<HTMLSelectElement>('Where at 08:00');
		expect(
			within(where)
				.getAllByRole('option')
				.map(({ textContent }) => textContent)
		).toEqual(['The point', 'The point, fixed', 'The ditch, fixed']);
		await fireEvent.change(where, { target: { value: 'ditch' } });
		await fireEvent.change(where, { target: { value: '' } });
		expect(onedit.mock.calls).toEqual([
			[at(6), { sky: 'sun' }],
			[at(6), { spot: 'ditch' }],
			[at(6), { spot: undefined }]
		]);
	});

	it.each([
		['metric', '6,5', 6.5],
		['metric', '0', 0],
		['imperial', '10', 4.4704]
	] as const)('takes a wind as it is typed, %s', async (units, text, windMps) => {
		const { onedit } = drawn([row(6)], { units });
		await fireEvent.change(wind('08:00'), { target: { value: text } });
		expect(onedit.mock.calls[0]![0]).toBe(at(6));
		expect(onedit.mock.calls[0]![1].windMps).toBeCloseTo(windMps, 6);
		expect(screen.queryByRole('alert')).toBeNull();
	});

	it.each(['', 'strong', '-3', '99'])('refuses %j as a wind at its field, and keeps what was typed', async (text) => {
		const { onedit } = drawn([row(6), row(7)]);
		await fireEvent.change(wind('08:00'), { target: { value: text } });
		expect(screen.getByRole('alert').textContent).toBe('0 to 25 m/s');
		expect([wind('08:00').value, wind('08:00').getAttribute('aria-invalid')]).toEqual([text, 'true']);
		expect(wind('09:00').getAttribute('aria-invalid')).toBeNull();
		expect(onedit).not.toHaveBeenCalled();
		await fireEvent.change(wind('08:00'), { target: { value: '5' } });
		expect(onedit).toHaveBeenCalledWith(at(6), { windMps: 5 });
		expect(screen.queryByRole('alert')).toBeNull();
	});
});
