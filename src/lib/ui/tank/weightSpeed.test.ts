// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/svelte';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { stubLayout } from '$lib/client/testing/renderWithApp';
import { MAP_SPEEDS_MPS, MAP_WEIGHTS_OZ, type MapCell } from '$lib/core/simulation/cast/map';
import WeightSpeed from './WeightSpeed.svelte';

afterEach(cleanup);
beforeEach(stubLayout);
const cells: MapCell[] = MAP_WEIGHTS_OZ.flatMap((weightOz) =>
	MAP_SPEEDS_MPS.map((speedMps) => ({
		weightOz,
		speedMps,
		outcome: speedMps > 1 ? 'above' : 'in',
		share: speedMps > 1 ? 0 : 0.75,
		depthM: 0.8
	}))
);
function drawn(more: object = {}) {
	const ontake = vi.fn();
	const props = { cells, done: 1, weightOz: 0.5, speedMps: 0.9, units: 'metric' as const, ontake };
	render(WeightSpeed, { ...props, ...more });
	const map = screen.getByRole('slider');
	return {
		ontake,
		map,
		said: () => map.getAttribute('aria-valuetext'),
		press: (key: string) => fireEvent.keyDown(map, { key })
	};
}

describe('the map of weight and speed', () => {
	it('says what becomes of the current rig, in words', () => {
		const { said } = drawn();
		expect(said()).toMatch(
			/^1\/2 oz at 0\.9\u202fm\/s: in the strike zone, on average 0\.8\u202fm deep, .* of the retrieve$/
		);
	});

	it('is walked by arrow keys, speed across and weight up, and taken by Enter', async () => {
		const { press, said, ontake } = drawn();
		await press('ArrowRight');
		await press('ArrowUp');
		const [speed, weight] = [
			MAP_SPEEDS_MPS[MAP_SPEEDS_MPS.indexOf(0.9) + 1]!,
			MAP_WEIGHTS_OZ[MAP_WEIGHTS_OZ.indexOf(0.5) + 1]!
		];
		expect(said()).toContain(`at ${speed}\u202fm/s`);
		await press('Enter');
		expect(ontake).toHaveBeenCalledWith(weight, speed);
	});

	it('ends at its edges, and leaves other keys to the page', async () => {
		const { press, ontake, map } = drawn({ weightOz: MAP_WEIGHTS_OZ[0], speedMps: MAP_SPEEDS_MPS[0] });
		for (const key of ['ArrowLeft', 'ArrowDown', 'ArrowLeft']) await press(key);
		await press(' ');
		expect(ontake).toHaveBeenCalledWith(MAP_WEIGHTS_OZ[0], MAP_SPEEDS_MPS[0]);
		const event = new KeyboardEvent('keydown', { key: 'Tab', cancelable: true, bubbles: true });
		map.dispatchEvent(event);
		expect(event.defaultPrevented).toBe(false);
	});

	it('says so where a cell is not worked out yet', () => {
		const { said } = drawn({ cells: [], done: 0.25 });
		expect(said()).toContain('not worked out yet');
		expect(screen.getByRole('heading').textContent).toContain('25\u202f% done');
	});

	it('shows each outcome by its own pattern, what works by color', () => {
		drawn();
		const fills = new Set([...document.querySelectorAll('rect[opacity]')].map((cell) => cell.getAttribute('fill')!));
		expect([...fills].map((fill) => fill.replace(/-c?s?\d+\)/, ')')).sort()).toHaveLength(2);
		expect(fills.has('var(--pass)')).toBe(true);
	});
});
