import type { TrayRecord } from '$lib/core/records/trayRecord';
import { documentAt } from '../sync/server';
import type { App } from './app.svelte';

/** Bounds calls by the tray, or frees them. */
export function callFromTray(app: App, on: boolean): void {
	app.viewsDocument.change((views) => ({ ...views, fromTray: on || undefined }), app.editContext());
}

/** Gets the tray as the server has it. @returns Whether a tray is at hand: this device's own where the server is out of reach. */
export async function fetchTray(app: App): Promise<boolean> {
	const found = await documentAt<TrayRecord>('tray');
	const { trayDocument } = app;
	if (found) app.takeOver(trayDocument, found);
	return found !== null || trayDocument.base > 0 || trayDocument.dirty;
}
