import { readingSchema } from '$lib/core/foundation/schema/reading';
import type { ReadingRecord } from '$lib/core/records/schemas';
import { SCHEMA_VERSION } from '$lib/core/records/version';
import { App } from '../state/app.svelte';
import type { ListedWater } from '$lib/core/records/appStart';
import { MemoryDevice, type Device } from '../sync/device';
import { FakeServer } from './server';

/** Pages of one angler before one server, each test its own. */
export class Pages {
	server!: FakeServer;
	/** The screen that is before the angler. */
	screen = 'water';
	#open: App[] = [];

	/** A page on a device: what the server has, then what the device has. */
	async page(device: Device, waters: readonly ListedWater[] = []): Promise<App> {
		const { app, start } = this.unopened(waters);
		await app.open(device, start);
		return app;
	}

	/** A page that has only what the server sent. */
	unopened(waters: readonly ListedWater[] = []) {
		const start = this.server.start(undefined, waters);
		const app = new App(start, () => this.screen);
		this.#open.push(app);
		return { app, start };
	}

	/** A device that holds a bottom of 7 m, which no page has open any more. */
	async deviceWithSeven(): Promise<Device> {
		const device = new MemoryDevice();
		const first = await this.page(device);
		first.change({ bottomM: 7 });
		await first.desk.settled();
		leave(first);
		return device;
	}

	/** Begins before a server that has nothing yet. Pages of what was before, also of what failed, have nothing to tell it. */
	begin(): void {
		this.end();
		this.server = new FakeServer();
		this.screen = 'water';
	}

	/** Leaves every page. */
	end(): void {
		this.#open.splice(0).forEach(leave);
	}
}

/** Leaves the page: nothing more is sent from it. */
export const leave = (app: App): void => app.close();

/** Until everything is told that can be. */
export async function told(app: App): Promise<void> {
	for (let round = 0; round < 6; round++) {
		await app.sync.flushNow();
		await app.sync.outbox!.flush();
	}
}

/** What a hand moves is shown in a task of its own. */
export const shown = () => new Promise((later) => setTimeout(later, 2));

/** A water with spots of an even bank. */
export const water = (id: string, spots: readonly string[]): ListedWater => ({
	schemaVersion: SCHEMA_VERSION,
	id,
	version: 1,
	name: id,
	timeZone: 'Europe/Paris',
	place: 'lake',
	latitude: 44,
	longitude: 0.6,
	spots: spots.map((spot, at) => ({
		schemaVersion: SCHEMA_VERSION,
		id: spot,
		version: 1,
		waterId: id,
		name: spot,
		bankBearingDeg: 0,
		profile: [
			{ outM: 0, depthM: 0 },
			{ outM: 20, depthM: 2 + at }
		],
		cover: []
	}))
});
export const SPOT = '11111111-1111-4111-8111-111111111111';
export const OTHER = '22222222-2222-4222-8222-222222222222';
export const FAR = '33333333-3333-4333-8333-333333333333';
export const WATERS = [water('near', [SPOT, OTHER]), water('far', [FAR])];

/** A kept reading of a name. */
export const kept = (name: string): ReadingRecord => ({
	schemaVersion: SCHEMA_VERSION,
	name,
	spotId: null,
	takenAt: '2026-03-01T10:00:00.000Z',
	reading: readingSchema.parse({ waterTemperatureC: 9, visibilityM: 2, bottomM: 4 })
});
