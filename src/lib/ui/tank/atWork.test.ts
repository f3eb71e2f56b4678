// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/svelte';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Tow, TowSample } from '$lib/core/foundation/schema/tow';
import type { Watched } from './moments';
import StayUp from './StayUp.svelte';
import TimeBars from './TimeBars.svelte';

afterEach(cleanup);
const sample = (tS: number, zM: number, where: TowSample['where']): TowSample => ({
	tS,
	xM: 20 - tS,
	zM,
	tensionN: 1,
	speedMps: 1,
	where
});
const towOf = (samples: TowSample[], band?: Tow['band']): Tow => ({
	endS: samples.at(-1)!.tS,
	turns: 10,
	depths: [],
	covers: [],
	peakTensionN: 1,
	samples,
	...(band ? { band } : {})
});

describe('how long a rig is at work', () => {
	const onTop = towOf([sample(0, 0, 'surface'), sample(6, 0.1, 'running'), sample(8, 0.1, 'running')], {
		timeShare: 0.75,
		distanceShare: 0.7,
		metres: 9
	});
	const among = towOf([sample(0, 0, 'sinking'), sample(2, 1, 'running'), sample(10, 1, 'running')], {
		timeShare: 0.9,
		distanceShare: 0.8,
		metres: 12
	});

	it('is told of each by where it is to work itself', () => {
		const watched: Watched[] = [
			{ sign: 'A', tow: onTop, band: null },
			{ sign: 'B', tow: among, band: { fromM: 0.5, toM: 1.5 } }
		];
		const { container } = render(TimeBars, { watched });
		const [top, fish] = [...container.querySelectorAll('p')].map(({ textContent }) =>
			textContent!.replace(/\s+/g, ' ')
		);
		expect(top).toMatch(/^On top for 70.% of the retrieve; 8 s in all\.$/);
		expect(fish).toMatch(/^In the strike zone for 80.% of the retrieve; 10 s in all\.$/);
		expect(container.querySelectorAll('rect.in')).toHaveLength(2);
	});

	it('on top is mended with one tap, a tenth over what the model asks', async () => {
		const onspeed = vi.fn();
		render(StayUp, { planeMps: 0.6, units: 'metric', turnsOf: (speedMps: number) => speedMps / 0.75, onspeed });
		await fireEvent.click(screen.getByRole('button', { name: /reel at 0\.88 turns a second/ }));
		expect(onspeed).toHaveBeenCalledWith(expect.closeTo(0.66, 6));
	});
});
