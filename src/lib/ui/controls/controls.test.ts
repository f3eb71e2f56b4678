// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/svelte';
import fc from 'fast-check';
import { createRawSnippet } from 'svelte';
import { afterEach, describe, expect, it, vi } from 'vitest';
import Gauge from './Gauge.svelte';
import Handle from './Handle.svelte';
import Ruler from './Ruler.svelte';
import { shareOf, ticksOf, valueAt } from './scale';
import Segment from './Segment.svelte';
import TabBar from './TabBar.svelte';

afterEach(cleanup);

describe('a ruler', () => {
	const scale = { low: 0, high: 10 };

	it('is moved by the arrow keys a step, by the page keys five, and never beyond its ends', async () => {
		const onvalue = vi.fn();
		render(Ruler, { scale, value: 9.5, step: 0.5, label: 'Bottom, on its scale', onvalue });
		const slider = screen.getByRole('slider', { name: 'Bottom, on its scale' });
		for (const key of ['ArrowRight', 'ArrowLeft', 'PageUp', 'PageDown', 'Tab'])
			await fireEvent.keyDown(slider, { key });
		expect(onvalue.mock.calls.map(([value]) => value)).toEqual([10, 9, 10, 7]);
	});

	it('speaks its value with its unit, and says when nothing was read', () => {
		const { unmount } = render(Ruler, { scale, value: 3, label: 'A', valueText: '3 meters', onvalue: vi.fn() });
		expect(screen.getByRole('slider').getAttribute('aria-valuetext')).toBe('3 meters');
		unmount();
		render(Ruler, { scale, value: null, label: 'B', valueText: 'not entered yet', onvalue: vi.fn() });
		expect(screen.getByRole('slider', { name: 'B' }).getAttribute('aria-valuetext')).toBe('not entered yet');
	});

	it('that nobody may move is a picture and no control', () => {
		render(Ruler, { scale, value: 2, to: 4 });
		expect(screen.queryByRole('slider')).toBeNull();
	});

	it('does nothing by key where nothing was read', async () => {
		const onvalue = vi.fn();
		render(Ruler, { scale, value: null, label: 'C', onvalue });
		await fireEvent.keyDown(screen.getByRole('slider'), { key: 'ArrowRight' });
		expect(onvalue).not.toHaveBeenCalled();
	});

	it('marks the named stretch in which its value lies', () => {
		const zones = [
			{ name: 'calm', to: 1 },
			{ name: 'ripple', to: 4 },
			{ name: 'chop', to: Infinity }
		];
		const { container } = render(Ruler, { scale, value: 1, zones });
		expect([...container.querySelectorAll('text.bold')].map(({ textContent }) => textContent)).toEqual(['ripple']);
	});
});

describe('a handle of the section', () => {
	const usual = { x: 10, y: 20, label: 'Bottom', value: 3, min: 0.2, max: 6, valueText: '3 meters', step: 0.1 };
	const valueAt20 = (y: number): number => y / 20;
	const drawn = (more: object = {}) => {
		const onvalue = vi.fn();
		const ondrag = vi.fn();
		const { container } = render(Handle, { ...usual, valueAt: valueAt20, onvalue, ondrag, ...more });
		const grip = screen.getByRole('slider', { name: 'Bottom' });
		// What a browser has and a test page has not.
		Object.assign(grip, { setPointerCapture: vi.fn(), hasPointerCapture: () => true });
		const svg = document.createElementNS('http://www.w3.org/2000/svg', 'svg');
		Object.defineProperty(svg, 'viewBox', { value: { baseVal: { height: 100 } } });
		svg.getBoundingClientRect = () => ({ top: 0, height: 100 }) as DOMRect;
		Object.defineProperty(grip, 'ownerSVGElement', { value: svg });
		return { grip, onvalue, ondrag, container };
	};
	const pointer = (type: string, clientY: number) => Object.assign(new Event(type, { bubbles: true }), { clientY });

	it('deepens with the arrow that points down, goes to its ends, and stays within them', async () => {
		const { grip, onvalue } = drawn();
		for (const key of ['ArrowDown', 'ArrowUp', 'PageDown', 'Home', 'End', 'a']) await fireEvent.keyDown(grip, { key });
		const moved = onvalue.mock.calls.map(([value]) => Math.round((value as number) * 10) / 10);
		expect(moved).toEqual([3.1, 2.9, 3.5, 0.2, 6]);
	});

	it('moves by what the hand moves: taking hold of its edge moves nothing', async () => {
		const { grip, onvalue, ondrag } = drawn();
		await fireEvent(grip, pointer('pointerdown', 26));
		expect(ondrag).toHaveBeenLastCalledWith(true);
		await fireEvent(grip, pointer('pointermove', 26));
		await fireEvent(grip, pointer('pointermove', 46));
		expect(onvalue.mock.calls.map(([value]) => value)).toEqual([1, 2]);
		await fireEvent(grip, pointer('lostpointercapture', 46));
		expect(ondrag).toHaveBeenLastCalledWith(false);
	});

	it('is held within its ends however far the hand goes', async () => {
		const { grip, onvalue } = drawn();
		await fireEvent(grip, pointer('pointerdown', 20));
		await fireEvent(grip, pointer('pointermove', 900));
		await fireEvent(grip, pointer('pointermove', -900));
		expect(onvalue.mock.calls.map(([value]) => value)).toEqual([6, 0.2]);
	});

	it('says its value with its unit', () => {
		const { grip } = drawn();
		expect(grip.getAttribute('aria-valuetext')).toBe('3 meters');
		expect([grip.getAttribute('aria-valuemin'), grip.getAttribute('aria-valuemax')]).toEqual(['0.2', '6']);
	});
});

describe('a segment', () => {
	it('is a group of choices of which one is taken, in the words of its field', async () => {
		const onvalue = vi.fn();
		render(Segment, { name: 'trend', legend: 'Trend', options: ['rising', 'steady'], value: 'steady', onvalue });
		expect(screen.getByRole('group', { name: 'Trend' })).toBeTruthy();
		expect((screen.getByRole('radio', { name: 'steady' }) as HTMLInputElement).checked).toBe(true);
		await fireEvent.click(screen.getByRole('radio', { name: 'warming' }));
		expect(onvalue).toHaveBeenCalledWith('rising');
	});

	it('proposes without choosing', () => {
		render(Segment, {
			name: 'phase',
			legend: 'Season',
			options: ['fall', 'winter'],
			value: undefined,
			suggested: 'fall'
		});
		for (const radio of screen.getAllByRole('radio')) expect((radio as HTMLInputElement).checked).toBe(false);
	});
});

it('a gauge says what it shows', () => {
	render(Gauge, { low: -3, high: 6, value: 4, label: 'Verdict 4: good', zones: [{ word: 'good', to: 6 }] });
	expect(screen.getByRole('img', { name: 'Verdict 4: good' })).toBeTruthy();
});

describe('a scale', () => {
	const scales = fc
		.record({
			low: fc.double({ min: 0.1, max: 50, noNaN: true }),
			span: fc.double({ min: 0.5, max: 90, noNaN: true }),
			log: fc.boolean()
		})
		.map(({ low, span, log }) => ({ low, high: low + span, log }));

	it('goes to a place and back to the value', () => {
		fc.assert(
			fc.property(scales, fc.double({ min: 0, max: 1, noNaN: true }), (scale, share) => {
				expect(shareOf(scale, valueAt(scale, share))).toBeCloseTo(share, 6);
			})
		);
	});

	it('has its ticks within its ends, in order, with some that bear numerals', () => {
		fc.assert(
			fc.property(scales, (scale) => {
				const ticks = ticksOf({ ...scale, log: false });
				const values = ticks.map(({ value }) => value);
				expect(values).toEqual([...values].sort((a, b) => a - b));
				expect(values.every((value) => value >= scale.low - 1e-6 && value <= scale.high + 1e-6)).toBe(true);
				expect(ticks.some(({ major }) => major)).toBe(true);
			})
		);
	});
});

describe('a bar of tabs', () => {
	const tabs = [
		['one', 'First'],
		['two', 'Second'],
		['three', 'Third']
	] as const;
	const body = createRawSnippet(() => ({ render: () => '<p>what is shown</p>' }));

	it('has one tab in the order of the keyboard, moved by arrows, and a panel named by it', async () => {
		render(TabBar, { label: 'What to show', tabs, value: 'two', children: body });
		const named = (name: string) => screen.getByRole('tab', { name });
		expect(named('Second').getAttribute('aria-selected')).toBe('true');
		expect(screen.getByRole('tabpanel').textContent).toContain('what is shown');
		named('Second').focus();
		await fireEvent.keyDown(named('Second'), { key: 'ArrowRight' });
		expect(named('Third').getAttribute('aria-selected')).toBe('true');
		await fireEvent.keyDown(named('Third'), { key: 'ArrowRight' });
		expect(named('First').getAttribute('aria-selected')).toBe('true');
		await fireEvent.keyDown(named('First'), { key: 'End' });
		expect(named('Third').getAttribute('aria-selected')).toBe('true');
	});
});
