// @vitest-environment jsdom
import { fireEvent, render, screen } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { startBuild } from '$lib/core/build/start';
import type { Outfit } from '$lib/core/schema/outfit';
import type { Plan } from '$lib/core/schema/plan';
import Rods from './Rods.svelte';

const [spinner, jig] = [startBuild('spinnerbait').rig, startBuild('bladed-jig').rig];
const outfitOf = ({ rod, reel, line }: Outfit): Outfit => ({ rod, reel, line });
const longer = { ...outfitOf(spinner), rod: { ...spinner.rod, lengthIn: spinner.rod.lengthIn + 6 } };
const rods: Plan['rods'] = [
	{ outfit: outfitOf(spinner), hours: [{ at: '2026-05-09T06:00:00.000Z', spot: null, rig: spinner, behind: 0 }] },
	{ outfit: longer, hours: [] }
];
const onown = vi.fn();
beforeEach(() => onown.mockClear());
const shown = (owned: readonly Outfit[], most = 3) =>
	render(Rods, { rods, zone: 'UTC', units: 'metric', owned, inHand: jig, most, onown });
const boxes = () => screen.getAllByRole('checkbox', { name: /I have this one/ }) as HTMLInputElement[];

describe('the rods of a deck', () => {
	it('are kept to where the angler has them, and let go again', async () => {
		shown([longer]);
		expect(boxes().map(({ checked }) => checked)).toEqual([false, true]);
		await fireEvent.click(boxes()[0]!);
		await fireEvent.click(boxes()[1]!);
		expect(onown.mock.calls).toEqual([
			[outfitOf(spinner), true],
			[longer, false]
		]);
	});

	it('take the rod in hand among them, unless it is there or there is no room', async () => {
		const { unmount } = shown([]);
		await fireEvent.click(screen.getByRole('button', { name: 'Plan with the rod in hand' }));
		expect(onown).toHaveBeenCalledWith(outfitOf(jig), true);
		unmount();
		const { unmount: again } = shown([outfitOf(jig)]);
		expect(screen.queryByRole('button')).toBeNull();
		again();
		shown([longer], 1);
		expect(screen.queryByRole('button')).toBeNull();
		expect(boxes().map(({ disabled }) => disabled)).toEqual([true, false]);
	});

	it('say what each casts, and of one that is not needed that it lies there', () => {
		shown([]);
		expect(screen.getByText(/spinnerbait, /i).textContent).toContain('oz');
		expect(screen.getByText('Lies there, and is not needed.').textContent).toBe('Lies there, and is not needed.');
	});
});
