import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { startBuild } from '$lib/core/rig/build/start';
import { OUTING } from '../testing/outing';
import { call } from '$lib/core/ranking/answer/call';
import type { ViewsRecord } from '$lib/core/records/schemas';
import { SCHEMA_VERSION } from '$lib/core/records/version';
import type { HouseRule } from '$lib/core/claims/house';
import { MemoryDevice } from '../sync/device';
import { leave, Pages, SPOT, told, WATERS } from '../testing/pages';

const pages = new Pages();
beforeEach(() => pages.begin());
afterEach(() => pages.end());

const rule = (id: string, because: string): HouseRule => ({
	id,
	because,
	strength: 2,
	when: { join: 'all', words: ['night'] },
	prefers: { colour: { purple: 1 } }
});
const stand = (stances: Record<string, string>, houseRules: HouseRule[] = []): ViewsRecord => ({
	schemaVersion: SCHEMA_VERSION,
	stances,
	houseRules
});

describe('the answer that a page came with', () => {
	it('is shown at once, and known while the question is the same, whole only where it is whole', async () => {
		const app = await pages.page(new MemoryDevice());
		const answer = call(app.question);
		app.serve(answer, false);
		expect(app.shown).toBe(answer);
		expect([app.known(app.question, false), app.known(app.question, true)]).toEqual([answer, null]);
		app.change({ bottomM: 7 });
		expect(app.known(app.question, false)).toBeNull();
		app.undo();
		expect(app.known(app.question, false)).toBe(answer);
	});

	it('is not known where the device holds what the server was never told', async () => {
		const device = await pages.deviceWithSeven();
		const { app, start } = pages.unopened();
		const answer = call(app.question);
		app.serve(answer, true);
		await app.open(device, start);
		expect(app.reading.bottomM).toBe(7);
		expect(app.known(app.question, true)).toBeNull();
	});
});

it('a session that is closed right after a Keep has told everything, and says what it could not', async () => {
	const app = await pages.page(new MemoryDevice());
	app.put({ name: 'Kept and gone' });
	expect(app.saveReading(false)).toBeNull();
	expect(await app.unsentCount()).toBe(0);
	pages.server.down = true;
	app.change({ bottomM: 7 });
	expect(await app.unsentCount()).toBe(1);
});

it('goes on with what the device stored where the line broke before the schemas came, and keeps what is changed', async () => {
	const device = await pages.deviceWithSeven();
	const { app, start } = pages.unopened();
	await app.open(device, start, () => Promise.reject(new Error('The line broke.')));
	expect(app.reading.bottomM).toBe(7);
	app.change({ bottomM: 6 });
	await told(app);
	expect((await pages.page(new MemoryDevice())).reading.bottomM).toBe(6);
});

describe('what the angler holds', () => {
	it('is told to the server in the end, whatever befell the line, and a fresh device finds it', async () => {
		const device = new MemoryDevice();
		pages.server.down = true;
		const app = await pages.page(device);
		app.change({ bottomM: 5.5 }, 'bottomM');
		app.put({ name: 'While it was away' }, 'name');
		app.bench.open(startBuild('buzzbait'));
		await told(app);
		expect([app.sync.away, pages.server.rows.size]).toEqual([true, 0]);
		leave(app);
		pages.server.down = false;
		const again = await pages.page(device);
		expect(again.reading.bottomM).toBe(5.5);
		await told(again);
		const elsewhere = await pages.page(new MemoryDevice());
		expect([elsewhere.reading.bottomM, elsewhere.record.name]).toEqual([5.5, 'While it was away']);
		expect(elsewhere.rig?.family).toBe('buzzbait');
	});

	it('keeps sides and rules that the records had while they were away at the first load', async () => {
		pages.server.write('stand', stand({ SKY: 'strict' }, [rule('MY-01', 'Purple after dark.')]));
		pages.server.down = true;
		const device = new MemoryDevice();
		const app = await pages.page(device);
		app.takeSide('WIRE', 'heavy');
		app.setRules([rule('MY-01', 'Another one.')]);
		pages.server.down = false;
		await told(app);
		const { record } = pages.server.at('stand') as { record: ViewsRecord };
		expect(record.stances).toEqual({ SKY: 'strict', WIRE: 'heavy' });
		expect(record.houseRules.map(({ because }) => because)).toEqual(['Purple after dark.', 'Another one.']);
		leave(app);
		expect((await pages.page(device)).views.houseRules).toHaveLength(2);
	});

	it('has its waters on the device when the records are away', async () => {
		const device = new MemoryDevice();
		leave(await pages.page(device, WATERS));
		pages.server.down = true;
		expect((await pages.page(device)).waters.map(({ name }) => name)).toEqual(['near', 'far']);
	});

	it('is the record and not an old draft, however fast the device’s clock goes', async () => {
		const device = new MemoryDevice();
		const app = await pages.page(device);
		app.change({ bottomM: 4 });
		await told(app);
		leave(app);
		const { record } = pages.server.at('desk') as { record: object };
		pages.server.write('desk', { ...record, name: 'Written on the other device' });
		vi.useFakeTimers({ now: new Date('2036-01-01'), toFake: ['Date'] });
		expect((await pages.page(device)).record.name).toBe('Written on the other device');
		vi.useRealTimers();
	});

	it('is not silently lost to another device: both are there to choose from', async () => {
		pages.server.write('settings', { schemaVersion: SCHEMA_VERSION, units: 'metric', shortcuts: true });
		const app = await pages.page(new MemoryDevice());
		app.set({ units: 'imperial' });
		pages.server.write('settings', { schemaVersion: SCHEMA_VERSION, units: 'metric', shortcuts: false });
		await told(app);
		const [write] = app.sync.outbox!.refused;
		expect([app.units, write?.refusal?.code]).toEqual(['imperial', 'stale']);
		await app.sync.takeTheirs(write!);
		expect(app.settings).toMatchObject({ units: 'metric', shortcuts: false });
		app.set({ units: 'imperial' });
		await told(app);
		expect(pages.server.at('settings')).toMatchObject({ version: 3, record: { units: 'imperial' } });
	});

	it('stands over the other device’s where the angler says so', async () => {
		pages.server.write('settings', { schemaVersion: SCHEMA_VERSION, units: 'metric', shortcuts: true });
		const app = await pages.page(new MemoryDevice());
		app.set({ units: 'imperial' });
		pages.server.write('settings', { schemaVersion: SCHEMA_VERSION, units: 'metric', shortcuts: false });
		await told(app);
		await app.sync.keepMine(app.sync.outbox!.refused[0]!);
		await told(app);
		expect(pages.server.at('settings')).toMatchObject({ version: 3, record: { units: 'imperial', shortcuts: true } });
	});

	it('of a setting switched there and back at once is what it is in the end', async () => {
		const app = await pages.page(new MemoryDevice());
		app.set({ units: 'imperial' });
		app.set({ units: 'metric' });
		await told(app);
		expect(pages.server.at('settings')?.record).toMatchObject({ units: 'metric' });
	});

	it('of the day that is planned outlives the page, is told, and is taken back on Deck alone', async () => {
		const device = new MemoryDevice();
		const app = await pages.page(device);
		pages.screen = 'deck';
		app.planDay({ rods: 2 });
		app.planDay({ edits: { '2026-05-09T06:00:00.000Z': { sky: 'overcast', spot: SPOT } } });
		pages.screen = 'water';
		app.undo();
		expect(app.dayDocument.value).toMatchObject({ rods: 2, edits: { '2026-05-09T06:00:00.000Z': { spot: SPOT } } });
		pages.screen = 'deck';
		app.undo();
		expect(app.dayDocument.value.edits).toEqual({});
		await told(app);
		expect(pages.server.at('day')?.record).toMatchObject({ rods: 2, edits: {} });
		leave(app);
		const fresh = await pages.page(new MemoryDevice());
		expect(fresh.dayDocument.value.rods).toBe(2);
	});

	it('goes to the server whole, however large it is', async () => {
		const app = await pages.page(new MemoryDevice());
		const build = { ...startBuild('spinnerbait'), notes: 'n'.repeat(4000) };
		const fish = Array.from({ length: 3000 }, () => ({ kind: 'fish', at: '2026-05-09T06:40:00.000Z' }) as const);
		app.bench.open(build, { log: fish });
		await told(app);
		expect(JSON.stringify(pages.server.at('bench')).length).toBeGreaterThan(100_000);
	});

	it('stays when a session ends, and goes on its way when it is open again', async () => {
		const app = await pages.page(new MemoryDevice());
		pages.server.refuse.push({ status: 401, body: {} });
		app.set({ units: 'imperial' });
		await app.sync.flushNow();
		await app.sync.outbox!.flush();
		expect([app.sync.outbox!.signedOut, app.settings.units, pages.server.at('settings')]).toEqual([
			true,
			'imperial',
			undefined
		]);
		await app.sync.pullChanges();
		expect(app.sync.outbox!.signedOut).toBe(false);
		expect(pages.server.at('settings')?.record).toMatchObject({ units: 'imperial' });
	});

	it('is heard of on a page that was laid up before, once the server answers', async () => {
		const writer = await pages.page(new MemoryDevice());
		writer.set({ units: 'imperial' });
		await told(writer);
		const late = await pages.page(new MemoryDevice());
		vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
		pages.server.down = true;
		await late.sync.pullUntilReached();
		expect(late.sync.changes).toBe(0);
		pages.server.down = false;
		await vi.advanceTimersByTimeAsync(10_000);
		expect(late.sync.changes).toBe(1);
		await vi.advanceTimersByTimeAsync(60_000);
		expect(late.sync.changes).toBe(1);
		vi.useRealTimers();
	});

	it.each([413, 422])('that is refused with %i is shown, never counted as told', async (status) => {
		const app = await pages.page(new MemoryDevice());
		pages.server.refuse.push({ status, body: { error: { code: 'invalid', path: 'record', message: 'No.' } } });
		app.put({ name: 'Refused' }, 'name');
		await told(app);
		expect(app.sync.outbox!.refused).toMatchObject([{ refusal: { status, message: 'No. (record)' } }]);
		expect([app.desk.dirty, pages.server.at('desk')]).toEqual([true, undefined]);
	});
});

describe('what an earlier edition stored on the device', () => {
	/** A stored value as the first edition wrote it: another version number, and another word for what the server has. */
	const asFirstEdition = (stored: unknown): unknown =>
		JSON.parse(
			JSON.stringify(stored).replaceAll('"schemaVersion":2', '"schemaVersion":1').replaceAll('"acknowledged"', '"told"')
		);

	it('opens with its unsent edit and its undo history', async () => {
		const device = new MemoryDevice();
		const first = await pages.page(device);
		first.change({ bottomM: 7 });
		first.change({ bottomM: 8 });
		await first.desk.settled();
		leave(first);
		await device.update('document.desk', asFirstEdition);
		const later = await pages.page(device);
		expect([later.reading.bottomM, later.desk.dirty]).toEqual([8, true]);
		later.undo();
		expect(later.reading.bottomM).toBe(7);
	});

	it('opens with the outing under way and what was written down in it', async () => {
		const device = new MemoryDevice();
		const first = await pages.page(device);
		await first.tally.begin(OUTING);
		await first.tally.add({ kind: 'cast', count: 3 });
		leave(first);
		await device.update('tally', asFirstEdition);
		const later = await pages.page(device);
		expect(later.tally.outing?.record).toMatchObject({ schemaVersion: 2, name: OUTING.name });
		expect(later.tally.happened.map(({ what }) => what.kind)).toEqual(['cast']);
	});
});

it('what is changed while the device never opens is written down as the page is left', async () => {
	const device = new MemoryDevice();
	const never = new Proxy(device, {
		get: (of, key) =>
			key === 'read' || key === 'update' || key === 'lasting'
				? () => new Promise(() => undefined)
				: (Reflect.get(of, key) as () => unknown).bind(of)
	});
	const { app, start } = pages.unopened();
	void app.open(never, start);
	await vi.dynamicImportSettled();
	app.change({ bottomM: 7 });
	app.leave();
	expect(device.readUnload('document.desk')).toHaveLength(1);
});
