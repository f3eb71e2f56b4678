import { render } from '@testing-library/svelte';
import type { Component } from 'svelte';
import { vi } from 'vitest';
import type { App } from '../state/app.svelte';
import { FakeServer } from './server';
import WithApp from './WithApp.svelte';

interface Where {
	/** The screen that it stands on: undo takes back what was done there. */
	readonly screen?: string;
	readonly server?: FakeServer;
}

/** Draws a part of a screen beside what a new angler holds, who is given back. */
export function renderWithApp(
	of: unknown,
	given: Record<string, unknown> = {},
	{ screen = 'call', server = new FakeServer() }: Where = {}
): App {
	let app: App | null = null;
	render(WithApp, {
		start: server.start(undefined, []),
		screen,
		of: of as Component<Record<string, unknown>>,
		with: given,
		onapp: (made: App) => (app = made)
	});
	return app!;
}

/** Nothing is laid out in jsdom: what watches its own size keeps the one that it begins with. */
export function stubLayout(): void {
	class Unmeasured {
		observe(): void {}
		unobserve(): void {}
		disconnect(): void {}
	}
	vi.stubGlobal('ResizeObserver', Unmeasured);
}
