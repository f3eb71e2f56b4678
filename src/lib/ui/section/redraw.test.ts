// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/svelte';
import { flushSync, tick } from 'svelte';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { completeReading } from '$lib/core/reading/complete';
import { layNothingOut } from '$lib/client/testing/beside';
import { readingSchema } from '$lib/core/schema/reading';
import Section from './Section.svelte';
import * as geometry from './geometry';

vi.mock(import('./geometry'), async (original) => {
	const real = await original();
	return {
		...real,
		bedPath: vi.fn(real.bedPath),
		weedStems: vi.fn(real.weedStems),
		surfacePath: vi.fn(real.surfacePath)
	};
});
beforeEach(layNothingOut);
afterEach(cleanup);

const reading = completeReading(
	readingSchema.parse({
		waterTemperatureC: 14,
		visibilityM: 1,
		bottomM: 3,
		fishFromM: 1,
		fishToM: 2,
		cover: [{ kind: 'grass-tops', density: 'thick', form: 'even', topM: 0.4 }]
	})
);

it.each([
	['a warmer day draws nothing of it anew', { waterTemperatureC: 20 }, [0, 0, 0]],
	['clearer water leaves bed, weed and waves', { visibilityM: 2 }, [0, 0, 0]],
	['a bottom in the hand draws the bed alone', { bottomM: 2.5 }, [1, 0, 0]]
])('%s', async (_, patch, anew) => {
	const props = { reading, units: 'metric' as const, onchange: vi.fn() };
	const { rerender } = render(Section, props);
	Element.prototype.setPointerCapture = vi.fn();
	await fireEvent.pointerDown(screen.getByRole('slider', { name: 'Bottom' }));
	// Its width, and the optics that come after the first paint.
	await vi.dynamicImportSettled();
	await tick();
	const drawn = [geometry.bedPath, geometry.weedStems, geometry.surfacePath].map((one) => vi.mocked(one));
	for (const one of drawn) one.mockClear();
	await rerender({ ...props, reading: { ...reading, ...patch } });
	flushSync();
	await vi.waitFor(() => expect(drawn.map((one) => one.mock.calls.length)).toEqual(anew));
});
