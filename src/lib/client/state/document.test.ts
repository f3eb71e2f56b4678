import fc from 'fast-check';
import { describe, expect, it, vi } from 'vitest';
import { MemoryDevice, type Device } from '../sync/device';
import { SyncedDocument, type DocumentCallbacks } from './document.svelte';
import { tooSlow } from '../testing/device';

const read = (raw: unknown): string[] | undefined => (Array.isArray(raw) ? (raw as string[]) : undefined);
const quiet: DocumentCallbacks<string[]> = {
	read,
	onchange: () => undefined,
	onsaved: () => undefined,
	onfull: () => undefined
};
const making = { screen: 'water', order: 1 };
const document = (value: string[] = []) => new SyncedDocument<string[]>('desk', value, 0);

/** A tab: its own copy of the document on the same device, which hears when another one has saved. */
async function tab(
	device: Device,
	others: SyncedDocument<string[]>[],
	around: Partial<DocumentCallbacks<string[]>> = {}
) {
	const own = document();
	others.push(own);
	const tell = () => others.forEach((other) => other !== own && void other.refresh());
	await own.open(device, null, { ...quiet, onsaved: tell, ...around });
	return own;
}

describe('a document', () => {
	it('changes at once, and is there again after a reload with its steps', async () => {
		const device = new MemoryDevice();
		const first = await tab(device, []);
		first.change((list) => [...list, 'a'], making);
		first.change((list) => [...list, 'b'], making);
		expect(first.value).toEqual(['a', 'b']);
		await first.settled();
		const second = await tab(device, []);
		expect(second.value).toEqual(['a', 'b']);
		second.undo();
		expect(second.value).toEqual(['a']);
	});

	it('changed before the device was read keeps the change on top of what was there', async () => {
		const device = new MemoryDevice();
		const before = await tab(device, []);
		before.change(() => ['old'], making);
		await before.settled();
		const early = document();
		early.change((list) => [...list, 'new'], making);
		await early.open(device, null, quiet);
		await early.settled();
		expect(early.value).toEqual(['old', 'new']);
		expect((await tab(device, [])).value).toEqual(['old', 'new']);
	});

	it('that is left before the device has stored it is there again', async () => {
		const device = new MemoryDevice();
		const left = await tab(tooSlow(device), []);
		left.change(() => ['typed'], making);
		left.change((list) => [...list, 'and typed'], making);
		left.change((list) => [...list, 'but not this'], making);
		left.undo();
		left.leave();
		const again = await tab(device, []);
		expect(again.value).toEqual(['typed', 'and typed']);
		expect(again.nextStep).toBeDefined();
		again.undo();
		expect(again.value).toEqual(['typed']);
		await again.settled();
		expect(device.readUnload('document.desk')).toEqual([]);
	});

	it('whose last change was stored by half as the page was left is there with its steps, forth too', async () => {
		const device = new MemoryDevice();
		const left = await tab(device, []);
		left.change(() => ['typed'], making);
		await left.settled();
		// The server's word is on its way to the device while an undo is made, and that never gets there.
		let stored = 0;
		const update = device.update.bind(device);
		device.update = async (key, change) => (stored++ < 1 ? update(key, change) : new Promise<never>(() => undefined));
		left.acknowledge(1, 1);
		await Promise.resolve();
		left.undo();
		left.leave();
		await new Promise((resolve) => setTimeout(resolve));
		device.update = update;
		const again = await tab(device, []);
		expect([again.value, again.base]).toEqual([[], 1]);
		expect([again.lastStep, again.nextStep !== undefined]).toEqual([undefined, true]);
		again.redo();
		expect(again.value).toEqual(['typed']);
	});

	it('changed on a page that was left before the device was read keeps the change, as one step', async () => {
		const device = new MemoryDevice();
		const before = await tab(device, []);
		before.change(() => ['old'], making);
		await before.settled();
		const left = document();
		void left.open({ ...tooSlow(device), read: () => new Promise<never>(() => undefined) }, null, quiet);
		left.change(() => ['early'], making);
		left.leave();
		for (const value of [['early'], ['old']]) {
			const again = await tab(device, []);
			expect(again.value).toEqual(value);
			again.undo();
			await again.settled();
		}
	});

	it('takes up a last word once, though it is left again before the device has stored it', async () => {
		const device = new MemoryDevice();
		const words = new Map<string, unknown>();
		/** A page whose words stand beside those of others, and which is gone before anything is stored. */
		const page = (name: string): Device => ({
			...tooSlow(device),
			writeUnload: (key, word) => void words.set(`${key}/${name}`, structuredClone(word)),
			clearUnload: (key) => void words.delete(`${key}/${name}`),
			readUnload: (key) =>
				[...words]
					.filter(([place]) => place.startsWith(`${key}/`))
					.map(([place, value]) => ({ value, forget: () => words.delete(place) }))
		});
		const first = await tab(page('first'), []);
		first.change(() => ['typed'], making);
		first.leave();
		const second = await tab(page('second'), []);
		expect(second.value).toEqual(['typed']);
		second.undo();
		second.leave();
		const third = await tab(page('third'), []);
		expect([third.value, third.nextStep !== undefined]).toEqual([[], true]);
		expect(words.size).toBe(1);
	});

	it('that said its last word and stays after all takes it back once it is stored', async () => {
		const device = new MemoryDevice();
		const own = await tab(device, []);
		own.change(() => ['typed'], making);
		own.leave();
		expect(device.readUnload('document.desk')).toHaveLength(1);
		await own.settled();
		expect(device.readUnload('document.desk')).toEqual([]);
		own.change(() => ['typed', 'more'], making);
		await own.settled();
		expect((await tab(device, [])).value).toEqual(['typed', 'more']);
	});

	it('hears what the page before says only after this one has begun, and keeps what was done here on top', async () => {
		const device = new MemoryDevice();
		const left = await tab(tooSlow(device), []);
		left.change(() => ['typed'], making);
		const again = await tab(device, []);
		expect(again.value).toEqual([]);
		left.leave();
		const listening = again.listen();
		again.change((list) => [...list, 'here'], making);
		await listening;
		expect(again.value).toEqual(['typed', 'here']);
		await again.settled();
		expect(device.readUnload('document.desk')).toEqual([]);
		const third = await tab(device, []);
		third.undo();
		expect(third.value).toEqual(['typed']);
	});

	it('of another shape on the device is left alone, and the server’s is shown', async () => {
		const device = new MemoryDevice();
		await device.update('document.desk', () => ({
			writes: 1,
			held: {
				revision: 4,
				told: 0,
				base: 0,
				value: 'no list',
				past: [],
				future: []
			}
		}));
		const held = document(['server']);
		await held.open(device, { value: ['server'], version: 2 }, quiet);
		expect(held.value).toEqual(['server']);
	});

	it('stays where the device is full, without its steps, and says when even that fails', async () => {
		const device = new MemoryDevice();
		const room = vi.spyOn(device, 'update');
		const full = vi.fn();
		const held = await tab(device, [], { onfull: full });
		room.mockRejectedValueOnce(new Error('QuotaExceededError'));
		held.change(() => ['kept'], making);
		await held.settled();
		expect(full).not.toHaveBeenCalled();
		expect((await tab(device, [])).value).toEqual(['kept']);
		room.mockRejectedValue(new Error('QuotaExceededError'));
		held.change(() => ['on the screen'], making);
		await held.settled();
		expect(full).toHaveBeenCalled();
		expect(held.value).toEqual(['on the screen']);
	});
});

describe('two tabs', () => {
	type Edit = { readonly tab: 0 | 1; readonly word: string; readonly wait: boolean };
	const edits = fc.array(
		fc.record({ tab: fc.constantFrom(0 as const, 1 as const), word: fc.uuid(), wait: fc.boolean() }),
		{ maxLength: 12 }
	);

	it('lose nothing of each other, however their changes fall', async () => {
		await fc.assert(
			fc.asyncProperty(edits, async (list: Edit[]) => {
				const device = new MemoryDevice();
				const tabs: SyncedDocument<string[]>[] = [];
				const pair = [await tab(device, tabs), await tab(device, tabs)];
				for (const { tab: at, word, wait } of list) {
					pair[at]!.change((words) => [...words, word], making);
					if (wait) await Promise.all(pair.map((one) => one.settled()));
				}
				for (let round = 0; round < 3; round++) {
					await Promise.all(pair.map((one) => one.settled()));
					await Promise.all(pair.map((one) => one.refresh()));
				}
				const words = list.map(({ word }) => word).sort();
				for (const { value } of pair) expect([...value].sort()).toEqual(words);
			}),
			{ numRuns: 100 }
		);
	});

	it('share their steps: undo takes back the last change, whoever made it', async () => {
		const device = new MemoryDevice();
		const tabs: SyncedDocument<string[]>[] = [];
		const [one, other] = [await tab(device, tabs), await tab(device, tabs)];
		one.change(() => ['one'], making);
		await one.settled();
		await other.refresh();
		other.change((list) => [...list, 'other'], making);
		await other.settled();
		await one.refresh();
		one.undo();
		expect(one.value).toEqual(['one']);
	});
});
