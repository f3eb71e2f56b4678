// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/svelte';
import { flushSync } from 'svelte';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { completeReading } from '$lib/core/water/reading/complete';
import { stubLayout } from '$lib/client/testing/renderWithApp';
import { readingSchema } from '$lib/core/foundation/schema/reading';
import Section from './Section.svelte';

beforeEach(() => {
	stubLayout();
	vi.spyOn(HTMLElement.prototype, 'clientWidth', 'get').mockReturnValue(800);
});
afterEach(() => {
	cleanup();
	vi.restoreAllMocks();
});

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
const drawn = (): (string | null)[] =>
	['bed-line', 'stem', 'surface'].map((name) => document.querySelector(`path.${name}`)!.getAttribute('d'));

it.each([
	['a warmer day leaves bed, weed and waves as they are', { waterTemperatureC: 20 }, [true, true, true]],
	['so does clearer water', { visibilityM: 2 }, [true, true, true]],
	['a bottom in the hand draws the bed alone', { bottomM: 2.5 }, [false, true, true]]
])('%s', async (_, patch, same) => {
	const props = { reading, units: 'metric' as const, onchange: vi.fn() };
	const { rerender } = render(Section, props);
	Element.prototype.setPointerCapture = vi.fn();
	await fireEvent.pointerDown(screen.getByRole('slider', { name: 'Bottom' }));
	flushSync();
	const before = drawn();
	expect(before[1]!.length).toBeGreaterThan(100);
	await rerender({ ...props, reading: { ...reading, ...patch } });
	flushSync();
	expect(drawn().map((path, at) => path === before[at])).toEqual(same);
});
