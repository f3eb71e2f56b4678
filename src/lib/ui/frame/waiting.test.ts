// @vitest-environment jsdom
import { cleanup, fireEvent, screen, within, waitFor } from '@testing-library/svelte';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { DamagedRecord } from '$lib/core/records/appStart';
import { MemoryDevice, type Device } from '$lib/client/sync/device';
import { renderWithApp } from '$lib/client/testing/renderWithApp';
import { storing } from '$lib/client/testing/device';
import { FakeServer } from '$lib/client/testing/server';
import { newUuid } from '$lib/client/sync/uuid';
import Waiting from './Waiting.svelte';

let server: FakeServer;
let close: () => void;
beforeEach(() => {
	server = new FakeServer();
});
afterEach(() => {
	close();
	cleanup();
	vi.unstubAllGlobals();
});

/** A device that keeps what it holds, as a browser's does. */
const lasting = (): Device => Object.assign(new MemoryDevice(), { lasting: () => Promise.resolve(true) });

/** An angler's notices, on a device that is open. */
async function shown({
	recordsDown = false,
	demo = false,
	device = lasting(),
	damaged = [] as readonly DamagedRecord[]
} = {}) {
	const app = renderWithApp(Waiting, { recordsDown, damaged, demo, angler: 'Maren' }, { server });
	close = () => app.close();
	await app.open(device, server.start());
	/** Keeps the current reading, and lets it go to the server as far as it comes. */
	async function keep(name: string): Promise<void> {
		app.put({ name });
		expect(app.saveReading(false)).toBeNull();
		await app.sync.outbox!.flush();
	}
	return { app, keep, outbox: app.sync.outbox! };
}

const refuse = (status: number, code: string, message = 'No.') =>
	server.refuse.push({ status, body: { error: { code, message } } });
const alert = () => screen.findByRole('alert');
const press = async (name: string) => fireEvent.click(await screen.findByRole('button', { name }));

describe('what waits for the records', () => {
	it('is silent while all is well', async () => {
		const { keep } = await shown();
		await keep('Dawn');
		expect([screen.queryByRole('alert'), screen.queryByRole('status')]).toEqual([null, null]);
		expect([...server.rows.keys()].some((place) => place.startsWith('readings/'))).toBe(true);
	});

	it('counts the changes that wait for a line, and goes once it is there', async () => {
		const { app, keep, outbox } = await shown();
		server.down = true;
		await keep('Dawn');
		const status = await screen.findByRole('status');
		const counted = () => Number(/: (\d+) changes? saved on this device\./.exec(status.textContent!)?.[1]);
		// The reading that is kept, and the one in hand, which got its key.
		await waitFor(() => expect(counted()).toBe(2));
		await app.sync.put('spots', newUuid(), 0, {} as never, 'A spot');
		await waitFor(() => expect(counted()).toBe(3));
		server.down = false;
		await outbox.flush();
		await waitFor(() => expect(screen.queryByRole('status')).toBeNull());
	});

	it('says that the records are down at the first load, with nothing waiting', async () => {
		await shown({ recordsDown: true });
		expect(screen.getByRole('status').textContent).not.toMatch(/wait/);
	});
});

describe('what the records refuse', () => {
	it('is left where the angler says so, and no longer waits', async () => {
		const { keep, outbox } = await shown();
		refuse(422, 'invalid', 'A name is at most 80 letters.');
		await keep('Dawn');
		expect((await alert()).textContent).toMatch(
			/Dawn could not be saved on the server\. A name is at most 80 letters\. Your version is still here\./
		);
		expect(outbox.writes).toHaveLength(1);
		await press('Discard my change');
		await waitFor(() => expect(screen.queryByRole('alert')).toBeNull());
		expect(outbox.writes).toHaveLength(0);
	});

	it('as too large says so, and can be kept under another key', async () => {
		const { app, keep, outbox } = await shown();
		refuse(413, 'large');
		await keep('Dawn');
		expect((await alert()).textContent).toContain('It is too large to save.');
		const first = app.record.readingId;
		await press('Save as new');
		await outbox.flush();
		await waitFor(() => expect(screen.queryByRole('alert')).toBeNull());
		expect(app.record.readingId).not.toBe(first);
		expect(server.at(`readings/${app.record.readingId}`)?.record).toMatchObject({ name: 'Dawn' });
	});

	/** Another device has written the same reading meanwhile. */
	async function conflict() {
		const parts = await shown();
		await parts.keep('Dawn');
		const id = parts.app.record.readingId!;
		server.write(`readings/${id}`, { ...(server.at(`readings/${id}`)!.record as object), name: 'Theirs' });
		await parts.keep('Mine');
		expect((await alert()).textContent).toContain('It was changed on another device too.');
		return { ...parts, place: `readings/${id}` };
	}

	it('because another device wrote it too can be kept over theirs', async () => {
		const { outbox, place } = await conflict();
		await press('Keep mine');
		await outbox.flush();
		await waitFor(() => expect(server.at(place)?.record).toMatchObject({ name: 'Mine' }));
		await waitFor(() => expect(screen.queryByRole('alert')).toBeNull());
	});

	it('or left for theirs', async () => {
		const { outbox, place } = await conflict();
		await press('Take theirs');
		await waitFor(() => expect(screen.queryByRole('alert')).toBeNull());
		expect(server.at(place)?.record).toMatchObject({ name: 'Theirs' });
		expect(outbox.writes).toEqual([]);
	});

	it('or kept beside theirs', async () => {
		const { app, outbox, place } = await conflict();
		await press('Save as new');
		await outbox.flush();
		const beside = `readings/${app.record.readingId}`;
		await waitFor(() => expect(server.at(beside)?.record).toMatchObject({ name: 'Mine' }));
		expect(beside).not.toBe(place);
		expect(server.at(place)?.record).toMatchObject({ name: 'Theirs' });
	});
});

describe('a session that is over', () => {
	it('is opened in place, a wrong passphrase said at its field, and what waited goes', async () => {
		const { keep, outbox } = await shown();
		server.signedOut = 'a long right one';
		await keep('Dawn');
		const entry = await screen.findByLabelText<HTMLInputElement>('Passphrase of Maren');
		await fireEvent.input(entry, { target: { value: 'a wrong one' } });
		await press('Sign in again');
		await waitFor(() => expect(entry.getAttribute('aria-invalid')).toBe('true'));
		expect(screen.getByText('That is not the passphrase.').id).toBe(entry.getAttribute('aria-describedby'));
		expect([entry.value, server.log]).toEqual(['a wrong one', []]);
		await fireEvent.input(entry, { target: { value: 'a long right one' } });
		await press('Sign in again');
		await waitFor(() => expect(screen.queryByRole('alert')).toBeNull());
		await outbox.flush();
		expect(server.log.map(({ path }) => path)).toContainEqual(expect.stringMatching(/^readings\//));
	});

	it('of the demo needs no passphrase', async () => {
		const { keep } = await shown({ demo: true });
		server.signedOut = '';
		await keep('Dawn');
		expect(within(await alert()).getByRole('button', { name: 'Sign in again' })).toBeTruthy();
		expect(screen.queryByLabelText(/Passphrase/)).toBeNull();
	});
});

describe('a device', () => {
	it('that stores nothing is told before anything is lost', async () => {
		await shown({ device: new MemoryDevice() });
		expect((await screen.findByRole('status')).textContent).toContain('This browser can’t store anything');
	});

	it('that is full is told too', async () => {
		const full = storing(lasting(), () => Promise.reject(new DOMException('Full.', 'QuotaExceededError')));
		const { app } = await shown({ device: full });
		app.change({ bottomM: 7 });
		expect((await alert()).textContent).toContain('This device is full');
	});

	it('that is full still sends what is tapped, and says what is only in the page meanwhile', async () => {
		const full = storing(lasting(), () => Promise.reject(new DOMException('Full.', 'QuotaExceededError')));
		const { app, keep, outbox } = await shown({ device: full });
		server.down = true;
		await keep('Dawn');
		await waitFor(async () =>
			expect((await alert()).textContent).toMatch(/[1-9]\s+changes? (is|are) only in this page/)
		);
		server.down = false;
		await outbox.flush();
		expect(server.at(`readings/${app.record.readingId}`)?.record).toMatchObject({ name: 'Dawn' });
		await waitFor(async () => expect((await alert()).textContent).toContain('sent to the server'));
		expect(outbox.writes).toEqual([]);
	});

	it('names records that are damaged, and where they are', async () => {
		const spot: DamagedRecord = { kind: 'spots', what: 'spot', id: newUuid(), why: 'profile: Too short.' };
		await shown({ damaged: [spot] });
		const said = await alert();
		expect(said.textContent).toMatch(/One saved record is damaged/);
		expect(within(said).getByRole('link').getAttribute('href')).toBe('/logbook#damaged');
	});
});
