import type { Device } from '../sync/device';

/** A device that stores in another way. */
export const storing = (device: Device, update: Device['update']): Device => ({
	lasting: () => device.lasting(),
	read: (key) => device.read(key),
	update,
	writeUnload: (key, entry) => device.writeUnload(key, entry),
	clearUnload: (key) => device.clearUnload(key),
	readUnload: (key) => device.readUnload(key),
	onUnload: (listen) => device.onUnload(listen),
	forget: () => device.forget()
});

/** A device whose page is gone before anything that is under way is stored. */
export const tooSlow = (device: Device): Device => storing(device, () => new Promise<never>(() => undefined));

/** Until the next turn of the loop: as long as a browser's store takes for a step. */
export const turn = (): Promise<void> => new Promise((done) => setImmediate(done));

/** A device that stores as a browser does: what is asked is done a turn later, and said a turn after that. */
export const inTurns = (device: Device): Device =>
	storing(device, async (key, change) => {
		await turn();
		const after = await device.update(key, change);
		await turn();
		return after;
	});
