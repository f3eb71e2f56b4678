// @vitest-environment jsdom
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { DragPreview } from './dragPreview.svelte';

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

describe('what a hand is moving', () => {
	const held = () => {
		const change = vi.fn();
		return { change, slide: new DragPreview(change) };
	};

	it('is shown from its first place on, in the very task where that is quick, and changed once the hand rests', () => {
		const { change, slide } = held();
		slide.move({ bottomM: 3.1 }, 'bottom');
		vi.advanceTimersByTime(1);
		for (const bottomM of [3, 2.9, 2.8]) {
			slide.move({ bottomM }, 'bottom');
			expect(slide.patch).toEqual({ bottomM });
			vi.advanceTimersByTime(100);
		}
		expect(change).not.toHaveBeenCalled();
		vi.advanceTimersByTime(300);
		expect(change.mock.calls).toEqual([[{ bottomM: 2.8 }, 'bottom']]);
		expect(slide.patch).toBeNull();
	});

	it('is changed when it lets go, and only once', () => {
		const { change, slide } = held();
		slide.move({ bottomM: 3, fishToM: 3 }, 'bottom');
		slide.move({ bottomM: 2 }, 'bottom');
		slide.land();
		slide.land();
		vi.runAllTimers();
		expect(change.mock.calls).toEqual([[{ bottomM: 2, fishToM: 3 }, 'bottom']]);
	});

	/** Shown by something that takes so long for each place. */
	const slow = (slide: DragPreview, ms: number) =>
		$effect.root(() => {
			$effect(() => {
				if (slide.patch) vi.advanceTimersByTime(ms);
			});
		});

	it('comes in a task of its own where showing takes long, the last place of several', () => {
		const { change, slide } = held();
		const end = slow(slide, 20);
		slide.move({ bottomM: 4 }, 'bottom');
		vi.advanceTimersByTime(1);
		slide.move({ bottomM: 3 }, 'bottom');
		slide.move({ bottomM: 2 }, 'bottom');
		expect([slide.busy, slide.patch]).toEqual([true, { bottomM: 4 }]);
		vi.advanceTimersByTime(1);
		expect(slide.patch).toEqual({ bottomM: 2 });
		vi.advanceTimersByTime(300);
		expect(change.mock.calls).toEqual([[{ bottomM: 2 }, 'bottom']]);
		end();
	});

	it('is not shown any more when it lands before it came', () => {
		const { change, slide } = held();
		slide.move({ bottomM: 3 }, 'bottom');
		slide.land();
		vi.runAllTimers();
		expect([slide.busy, slide.patch]).toEqual([false, null]);
		expect(change.mock.calls).toEqual([[{ bottomM: 3 }, 'bottom']]);
	});

	it('of one control is changed before another one moves', () => {
		const { change, slide } = held();
		slide.move({ bottomM: 3 }, 'bottom');
		slide.move({ visibilityM: 1 }, 'seen');
		expect(change.mock.calls).toEqual([[{ bottomM: 3 }, 'bottom']]);
		vi.advanceTimersByTime(1);
		expect(slide.patch).toEqual({ visibilityM: 1 });
	});
});
