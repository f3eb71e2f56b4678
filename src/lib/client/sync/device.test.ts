// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { describe, expect, it } from 'vitest';
import { MemoryDevice, StoredDevice, type Device } from './device';

let anglers = 0;

describe.each([
	['in the browser’s store', () => new StoredDevice(`angler-${anglers++}`)],
	['in memory', () => new MemoryDevice()]
])('what a device holds %s', (_where, fresh: () => Device) => {
	it('is what was put there, by key, and nothing before', async () => {
		const device = fresh();
		expect(await device.read('desk')).toBeUndefined();
		expect(await device.update('desk', () => ({ name: 'Dawn' }))).toEqual({ name: 'Dawn' });
		expect(await device.read('desk')).toEqual({ name: 'Dawn' });
		expect(await device.read('bench')).toBeUndefined();
	});

	it('is changed from what was there, and taken away with nothing', async () => {
		const device = fresh();
		const more = (before: number | undefined) => (before ?? 0) + 1;
		await Promise.all([1, 2, 3].map(() => device.update('count', more)));
		expect(await device.read('count')).toBe(3);
		await device.update('count', () => undefined);
		expect(await device.read('count')).toBeUndefined();
	});

	it('is a copy: what is changed afterwards on the screen is not changed on the device', async () => {
		const device = fresh();
		const list = ['a'];
		await device.update('list', () => list);
		list.push('b');
		expect(await device.read('list')).toEqual(['a']);
	});

	it('stays as it was where a change goes wrong', async () => {
		const device = fresh();
		await device.update('desk', () => 'before');
		const wrong = device.update('desk', () => {
			throw new Error('no');
		});
		await expect(wrong).rejects.toThrow('no');
		expect(await device.read('desk')).toBe('before');
	});
});

it('outlives the page, one angler’s apart from another’s', async () => {
	const [mine, again, other] = [new StoredDevice('mine'), new StoredDevice('mine'), new StoredDevice('other')];
	await mine.update('desk', () => 'mine');
	expect(await again.read('desk')).toBe('mine');
	expect(await other.read('desk')).toBeUndefined();
	expect(await Promise.all([mine.lasting(), new MemoryDevice().lasting()])).toEqual([true, false]);
});

describe('the last words of a page that is left', () => {
	it.each([
		['in the browser’s store', new StoredDevice('left'), () => new StoredDevice('left')],
		['in memory', ...((device) => [device, () => device] as const)(new MemoryDevice())]
	])('are there until they are forgotten, %s', (_where, left: Device, again: () => Device) => {
		left.writeUnload('desk', { name: 'Dawn' });
		expect(again().readUnload('bench')).toEqual([]);
		const [word] = again().readUnload('desk');
		expect(word!.value).toEqual({ name: 'Dawn' });
		word!.forget();
		expect(again().readUnload('desk')).toEqual([]);
	});

	it('are one angler’s and one tab’s: those of two tabs are both there', () => {
		const [left, right] = [new StoredDevice('one'), new StoredDevice('one')];
		left.writeUnload('desk', 'left');
		right.writeUnload('desk', 'right');
		const values = new StoredDevice('one').readUnload('desk').map(({ value }) => value);
		expect(values.sort()).toEqual(['left', 'right']);
		expect(new StoredDevice('two').readUnload('desk')).toEqual([]);
	});

	it('are told to pages that had begun already, of one angler’s alone, until nobody listens', () => {
		let times = 0;
		const deafen = new StoredDevice('later').onUnload(() => times++);
		const storage = (key: string, newValue: string | null) =>
			window.dispatchEvent(new StorageEvent('storage', { key, newValue }));
		storage('lucernal-later/desk/other-tab', '"said"');
		expect(times).toBe(1);
		// Taken back, another angler's, or something else of the browser's.
		storage('lucernal-later/desk/other-tab', null);
		storage('lucernal-sooner/desk/other-tab', '"said"');
		storage('theme', 'lamp');
		expect(times).toBe(1);
		deafen();
		storage('lucernal-later/desk/other-tab', '"said"');
		expect(times).toBe(1);
	});

	it('are taken back when the page is shown again', () => {
		new StoredDevice('back').writeUnload('desk', 'said');
		window.dispatchEvent(new Event('pageshow'));
		expect(new StoredDevice('back').readUnload('desk')).toEqual([]);
	});
});
