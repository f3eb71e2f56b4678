import type { Device } from '../device';

/** A device whose page is gone before anything that is under way is stored. */
export const tooSlow = (device: Device): Device => ({
	lasting: () => device.lasting(),
	read: (key) => device.read(key),
	update: () => new Promise<never>(() => undefined),
	say: (key, lastWord) => device.say(key, lastWord),
	unsay: (key) => device.unsay(key),
	said: (key) => device.said(key),
	heard: (listen) => device.heard(listen),
	forget: () => device.forget()
});
