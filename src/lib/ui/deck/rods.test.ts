// @vitest-environment jsdom
import { fireEvent, render, screen } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { startBuild } from '$lib/core/rig/build/start';
import type { Outfit } from '$lib/core/foundation/schema/outfit';
import type { Plan } from '$lib/core/foundation/schema/plan';
import Rods from './Rods.svelte';

const [spinner, jig] = [startBuild('spinnerbait').rig, startBuild('bladed-jig').rig];
const outfitOf = ({ rod, reel, line }: Outfit): Outfit => ({ rod, reel, line });
const longer = { ...outfitOf(spinner), rod: { ...spinner.rod, lengthIn: spinner.rod.lengthIn + 6 } };
const rods: Plan['rods'] = [
	{
		outfit: outfitOf(spinner),
		hours: [{ at: '2026-05-09T06:00:00.000Z', spot: null, rig: spinner, behind: 0 }],
		adds: 3,
		for: [{ at: '2026-05-09T06:00:00.000Z', scenario: 0, odds: 0.6, rig: spinner, behind: 0 }]
	},
	{
		outfit: longer,
		hours: [],
		adds: 0.4,
		for: [{ at: '2026-05-09T06:00:00.000Z', scenario: 2, odds: 0.08, rig: spinner, behind: 0 }]
	}
];
const onown = vi.fn();
beforeEach(() => onown.mockClear());
const shown = (owned: readonly Outfit[], most = 3) =>
	render(Rods, {
		rods,
		kindAt: (_at, scenario) => (scenario === 0 ? 'as-read' : 'off'),
		zone: 'UTC',
		units: 'metric',
		owned,
		inHand: jig,
		most,
		onown
	});
const boxes = () => screen.getAllByRole('checkbox', { name: /I own this one/ }) as HTMLInputElement[];

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
		await fireEvent.click(screen.getByRole('button', { name: 'Plan with your current rod' }));
		expect(onown).toHaveBeenCalledWith(outfitOf(jig), true);
		unmount();
		const { unmount: again } = shown([outfitOf(jig)]);
		expect(screen.queryByRole('button')).toBeNull();
		again();
		shown([longer], 1);
		expect(screen.queryByRole('button')).toBeNull();
		expect(boxes().map(({ disabled }) => disabled)).toEqual([true, false]);
	});

	it('say what each casts and is for, and what the day loses without it', () => {
		shown([]);
		expect(screen.getAllByText(/spinnerbait, /i)[0]!.textContent).toContain('oz');
		expect(
			screen.getByText('For the water as you entered it. Without it the day would score 3.0 points less.')
		).toBeDefined();
		expect(screen.getByText('For fish that shut off. Without it the day would score 0.4 points less.')).toBeDefined();
		expect(screen.getByText(/^Tie on a .*spinnerbait/)).toBeDefined();
	});
});
