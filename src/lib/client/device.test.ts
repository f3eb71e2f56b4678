import 'fake-indexeddb/auto';
import { describe, expect, it } from 'vitest';
import { MemoryDevice, openDevice, type Device } from './device';

let anglers = 0;

describe.each([
	['in the browser’s store', () => openDevice(`angler-${anglers++}`)],
	['in memory', async () => new MemoryDevice()]
])('what a device holds %s', (_where, fresh: () => Promise<Device>) => {
	it('is what was put there, by key, and nothing before', async () => {
		const device = await fresh();
		expect(await device.read('desk')).toBeUndefined();
		expect(await device.update('desk', () => ({ name: 'Dawn' }))).toEqual({ name: 'Dawn' });
		expect(await device.read('desk')).toEqual({ name: 'Dawn' });
		expect(await device.read('bench')).toBeUndefined();
	});

	it('is changed from what was there, and taken away with nothing', async () => {
		const device = await fresh();
		const more = (before: number | undefined) => (before ?? 0) + 1;
		await Promise.all([1, 2, 3].map(() => device.update('count', more)));
		expect(await device.read('count')).toBe(3);
		await device.update('count', () => undefined);
		expect(await device.read('count')).toBeUndefined();
	});

	it('is a copy: what is changed afterwards on the screen is not changed on the device', async () => {
		const device = await fresh();
		const list = ['a'];
		await device.update('list', () => list);
		list.push('b');
		expect(await device.read('list')).toEqual(['a']);
	});

	it('stays as it was where a change goes wrong', async () => {
		const device = await fresh();
		await device.update('desk', () => 'before');
		const wrong = device.update('desk', () => {
			throw new Error('no');
		});
		await expect(wrong).rejects.toThrow('no');
		expect(await device.read('desk')).toBe('before');
	});
});

it('outlives the page, one angler’s apart from another’s', async () => {
	const [mine, again, other] = [await openDevice('mine'), await openDevice('mine'), await openDevice('other')];
	await mine.update('desk', () => 'mine');
	expect(await again.read('desk')).toBe('mine');
	expect(await other.read('desk')).toBeUndefined();
	expect([mine.lasting, new MemoryDevice().lasting]).toEqual([true, false]);
});
