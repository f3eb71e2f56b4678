// @vitest-environment jsdom
import { cleanup, render } from '@testing-library/svelte';
import { tick } from 'svelte';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { startBuild } from '$lib/core/rig/build/start';
import { drawRig } from '$lib/core/rig/drawing/rigDrawing';
import RigDrawing from './RigDrawing.svelte';

/** What is watched for coming near, and how to say that it does. */
const watchers: { near: () => void; stopped: boolean }[] = [];
class Watcher {
	readonly #one: (typeof watchers)[number];
	constructor(seen: (entries: { isIntersecting: boolean }[]) => void) {
		this.#one = { near: () => seen([{ isIntersecting: true }]), stopped: false };
		watchers.push(this.#one);
		seen([{ isIntersecting: false }]);
	}
	observe(): void {}
	disconnect(): void {
		this.#one.stopped = true;
	}
}
beforeEach(() => {
	watchers.length = 0;
	vi.stubGlobal('IntersectionObserver', Watcher);
});
afterEach(() => {
	cleanup();
	vi.unstubAllGlobals();
});

describe('a drawing of a rig', () => {
	const drawing = drawRig(startBuild('spinnerbait').rig);
	const linesIn = (root: Element): number => root.querySelectorAll('path, use').length;

	it('is there at once, and nobody is watched for it', () => {
		const { container } = render(RigDrawing, { drawing, scale: 0.6 });
		expect(linesIn(container)).toBeGreaterThan(20);
		expect(watchers).toEqual([]);
	});

	it('far down a list keeps its place, and is drawn when it comes near', async () => {
		const { container, unmount } = render(RigDrawing, { drawing, scale: 0.6, later: true });
		expect(linesIn(container)).toBe(0);
		expect(Number(container.querySelector('svg')!.getAttribute('width'))).toBeCloseTo(drawing.bounds.width * 0.6, 3);
		watchers[0]!.near();
		await tick();
		expect(linesIn(container)).toBeGreaterThan(20);
		unmount();
		expect(watchers.every(({ stopped }) => stopped)).toBe(true);
	});
});
