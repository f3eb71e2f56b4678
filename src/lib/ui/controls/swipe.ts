import type { Attachment } from 'svelte/attachments';

/** A stroke is a swipe from this length (px) on, and where it goes this many times further along than up or down. */
const LONG_PX = 48;
const LEVEL = 2;

/** Which way a stroke of the finger goes: 1 on to the next, -1 back, 0 where it is no swipe. */
export function swipeOf(alongPx: number, downPx: number): 1 | 0 | -1 {
	if (Math.abs(alongPx) < LONG_PX || Math.abs(alongPx) < LEVEL * Math.abs(downPx)) return 0;
	return alongPx < 0 ? 1 : -1;
}

/** Hears swipes of one finger; scrolling up and down stays the page's own, a mouse marks text as ever. */
export const swiped =
	(onswipe: (by: 1 | -1) => void): Attachment<HTMLElement> =>
	(node) => {
		let from: { id: number; x: number; y: number } | null = null;
		const begin = (event: PointerEvent) => {
			from = event.pointerType === 'touch' ? { id: event.pointerId, x: event.clientX, y: event.clientY } : null;
		};
		const end = (event: PointerEvent) => {
			if (from?.id !== event.pointerId) return;
			const by = swipeOf(event.clientX - from.x, event.clientY - from.y);
			from = null;
			if (by !== 0) onswipe(by);
		};
		const drop = () => (from = null);
		node.style.touchAction = 'pan-y';
		node.addEventListener('pointerdown', begin);
		node.addEventListener('pointerup', end);
		node.addEventListener('pointercancel', drop);
		return () => {
			node.removeEventListener('pointerdown', begin);
			node.removeEventListener('pointerup', end);
			node.removeEventListener('pointercancel', drop);
		};
	};
