// @vitest-environment jsdom
import fc from 'fast-check';
import { describe, expect, it, vi } from 'vitest';
import { swiped, swipeOf } from './swipe';

const px = fc.integer({ min: -400, max: 400 });

/** jsdom has no pointer events of its own: a mouse event that knows its pointer. */
function pointer(node: HTMLElement, type: string, x: number, y: number, { id = 1, of = 'touch' } = {}) {
	const event = new MouseEvent(type, { clientX: x, clientY: y, bubbles: true });
	node.dispatchEvent(Object.assign(event, { pointerId: id, pointerType: of }));
}

describe('a stroke of the finger', () => {
	it('goes on to the left, back to the right, and the same way mirrored', () => {
		fc.assert(
			fc.property(px, px, (along, down) => {
				expect(swipeOf(-along, down) + swipeOf(along, down)).toBe(0);
				if (swipeOf(along, down) !== 0) expect(Math.abs(along)).toBeGreaterThanOrEqual(2 * Math.abs(down));
			})
		);
		expect([swipeOf(-60, 10), swipeOf(60, -10), swipeOf(-30, 0), swipeOf(-60, 60)]).toEqual([1, -1, 0, 0]);
	});
});

describe('what can be swiped', () => {
	function laid() {
		const node = document.createElement('div');
		const onswipe = vi.fn();
		const leave = swiped(onswipe)(node);
		return { node, onswipe, leave };
	}

	it('hears one finger from where it was put down to where it is lifted', () => {
		const { node, onswipe } = laid();
		pointer(node, 'pointerdown', 200, 50);
		pointer(node, 'pointerup', 90, 60);
		pointer(node, 'pointerdown', 90, 50);
		pointer(node, 'pointerup', 200, 60);
		expect(onswipe.mock.calls).toEqual([[1], [-1]]);
	});

	it('hears neither a mouse, nor a second finger, nor a stroke that became a scroll, nor any once it has gone', () => {
		const { node, onswipe, leave } = laid();
		pointer(node, 'pointerdown', 200, 50, { of: 'mouse' });
		pointer(node, 'pointerup', 90, 50, { of: 'mouse' });
		pointer(node, 'pointerdown', 200, 50);
		pointer(node, 'pointerup', 90, 50, { id: 2 });
		pointer(node, 'pointercancel', 150, 90);
		pointer(node, 'pointerup', 90, 50);
		if (typeof leave === 'function') leave();
		pointer(node, 'pointerdown', 200, 50);
		pointer(node, 'pointerup', 90, 50);
		expect(onswipe).not.toHaveBeenCalled();
	});
});
