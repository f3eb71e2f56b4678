// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/svelte';
import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { stubLayout } from '$lib/client/testing/renderWithApp';
import { completeReading, type Reading } from '$lib/core/water/reading/complete';
import { readingSchema, type ParsedReading } from '$lib/core/foundation/schema/reading';
import { frameOf } from './geometry';
import Grips from './Grips.svelte';
import { gripsOf } from './grips';
import Section from './Section.svelte';

afterEach(cleanup);
const WEED = { kind: 'grass-tops', density: 'medium', form: 'even', topM: 0.9 } as const;
const complete = (more: object = {}): Reading =>
	completeReading(
		readingSchema.parse({
			waterTemperatureC: 18,
			visibilityM: 1,
			bottomM: 3,
			fishFromM: 0.6,
			fishToM: 2,
			cover: [WEED],
			...more
		})
	);
type Change = [patch: Partial<ParsedReading>, key: string];

/** The grips of a reading, each change taken up as a page does. */
function held(reading: Reading, units: 'metric' | 'imperial' = 'metric') {
	const frame = frameOf(reading.bottomM, 800, 400, true);
	const onchange = vi.fn<(...change: Change) => void>();
	const props = (of: Reading) => ({
		frame,
		reading: of,
		units,
		grips: gripsOf(frame, of, 700),
		held: of,
		onchange,
		ondrag: vi.fn()
	});
	const { rerender } = render(Grips, props(reading));
	const last = () => onchange.mock.lastCall!;
	/** Presses a key on a grip, and lays what comes of it on the section. */
	async function key(name: string, pressed: string): Promise<Partial<ParsedReading>> {
		await fireEvent.keyDown(screen.getByRole('slider', { name }), { key: pressed });
		const [patch] = last();
		await rerender(props({ ...reading, ...(patch as Partial<Reading>) }));
		return patch;
	}
	return { onchange, last, key };
}
const slider = (name: string) => screen.getByRole('slider', { name });

describe('what is taken hold of in the section', () => {
	it('says what it is, where it stands and how far it goes, in the angler’s units', () => {
		held(complete(), 'imperial');
		expect(slider('Bottom').getAttribute('aria-valuetext')).toBe('9.8 feet');
		expect(slider('Fish from').getAttribute('aria-valuetext')).toBe('2 feet');
		expect(slider('Fish to').getAttribute('aria-valuemax')).toBe('3');
		expect(slider('Grass tops tops')).toBeTruthy();
	});

	it('goes down with the arrow that points down, by a step of its unit', async () => {
		const metric = held(complete());
		expect((await metric.key('Bottom', 'ArrowDown')).bottomM).toBe(3.1);
		cleanup();
		const imperial = held(complete(), 'imperial');
		expect((await imperial.key('Bottom', 'ArrowUp')).bottomM).toBeCloseTo(3 - 0.1524, 2);
	});

	it('takes the fish along when the bottom rises above them', async () => {
		const { key } = held(complete({ fishFromM: 2, fishToM: 2.9 }));
		const { bottomM, fishFromM, fishToM } = await key('Bottom', 'Home');
		expect(bottomM).toBe(0.2);
		expect(fishToM).toBeLessThanOrEqual(0.2);
		expect(fishFromM).toBeLessThanOrEqual(fishToM!);
	});

	it('pushes the other end of the band before it, never through it', async () => {
		const { key } = held(complete());
		expect(await key('Fish from', 'End')).toEqual({ fishFromM: 3, fishToM: 3 });
		cleanup();
		const other = held(complete());
		expect(await other.key('Fish to', 'Home')).toEqual({ fishToM: 0, fishFromM: 0 });
	});

	it('moves the tops of its own weed alone', async () => {
		const pads = { kind: 'pads', density: 'thick', form: 'even', topM: 0 } as const;
		const { key, last } = held(complete({ cover: [pads, WEED] }));
		await key('Grass tops tops', 'ArrowDown');
		expect(last()).toEqual([{ cover: [pads, { ...WEED, topM: 1 }] }, 'drag cover.1']);
	});

	it('leaves a reading that can be, whatever is pressed', async () => {
		const keys = fc.constantFrom('ArrowUp', 'ArrowDown', 'PageUp', 'PageDown', 'Home', 'End');
		const grips = fc.constantFrom('Fish from', 'Fish to', 'Bottom');
		await fc.assert(
			fc.asyncProperty(grips, keys, fc.double({ min: 0.4, max: 12, noNaN: true }), async (name, key, bottomM) => {
				const given = { bottomM, fishFromM: bottomM / 4, fishToM: bottomM / 2, cover: [] };
				const patch = await held(complete(given)).key(name, key);
				cleanup();
				const after = { waterTemperatureC: 18, visibilityM: 1, ...given, ...patch };
				expect(readingSchema.safeParse(after).error?.issues ?? []).toEqual([]);
			}),
			{ numRuns: 40 }
		);
	});

	it('does not move by other keys', async () => {
		const { onchange } = held(complete());
		for (const key of ['Enter', 'a', 'Tab', 'Escape']) await fireEvent.keyDown(slider('Bottom'), { key });
		expect(onchange).not.toHaveBeenCalled();
	});
});

describe('the whole section', () => {
	beforeEach(stubLayout);

	it('is told in words to those who do not see it', () => {
		const { container } = render(Section, {
			reading: complete(),
			units: 'metric',
			height: 300,
			tint: [],
			onchange: vi.fn()
		});
		const svg = container.querySelector('svg')!;
		expect(svg.getAttribute('aria-label') ?? svg.getAttribute('role')).toBeTruthy();
		for (const name of ['Bottom', 'Fish from', 'Fish to']) expect(slider(name)).toBeTruthy();
	});

	it('can be looked at alone, with nothing to take hold of', () => {
		render(Section, { reading: complete(), units: 'metric', height: 300, tint: [], bare: true });
		expect(screen.queryAllByRole('slider')).toEqual([]);
	});
});
