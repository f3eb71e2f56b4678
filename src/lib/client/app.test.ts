import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { startBuild, withRig } from '$lib/core/build/start';
import { call } from '$lib/core/choice/call';
import { readingSchema } from '$lib/core/schema/reading';
import type { ReadingRecord, StandRecord } from '$lib/core/records/schemas';
import { SCHEMA_VERSION } from '$lib/core/records/version';
import type { HouseRule } from '$lib/core/claims/house';
import { App, type HeldWater } from './app.svelte';
import { MemoryDevice, type Device } from './device';
import { laid } from './readingInHand';
import { inTurns, turn } from './testing/device';
import { FakeServer } from './testing/server';

let server: FakeServer;
let screen = 'water';
const open: App[] = [];

/** A page on a device: what the server has, then what the device has. */
async function page(device: Device, waters: readonly HeldWater[] = []): Promise<App> {
	const { app, start } = unopened(waters);
	await app.open(device, start);
	return app;
}

/** A page that has only what the server sent. */
function unopened(waters: readonly HeldWater[] = []) {
	const start = server.start(undefined, waters);
	const app = new App(start, () => screen);
	open.push(app);
	return { app, start };
}

/** A device that holds a bottom of 7 m, which no page has open any more. */
async function deviceWithSeven(): Promise<Device> {
	const device = new MemoryDevice();
	const first = await page(device);
	first.change({ bottomM: 7 });
	await first.desk.settled();
	leave(first);
	return device;
}

/** Leaves the page: nothing more is sent from it. */
const leave = (app: App): void => app.close();
/** What a hand moves is shown in a task of its own. */
const shown = () => new Promise((later) => setTimeout(later, 2));

/** Until everything is told that can be. */
async function told(app: App): Promise<void> {
	for (let round = 0; round < 6; round++) {
		await app.keeping.hurry();
		await app.keeping.outbox!.flush();
	}
}

const water = (id: string, spots: readonly string[]): HeldWater => ({
	schemaVersion: SCHEMA_VERSION,
	id,
	name: id,
	timeZone: 'Europe/Paris',
	place: 'lake',
	latitude: 44,
	longitude: 0.6,
	spots: spots.map((spot, at) => ({
		schemaVersion: SCHEMA_VERSION,
		id: spot,
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
const SPOT = '11111111-1111-4111-8111-111111111111';
const OTHER = '22222222-2222-4222-8222-222222222222';
const FAR = '33333333-3333-4333-8333-333333333333';
const WATERS = [water('near', [SPOT, OTHER]), water('far', [FAR])];

const rule = (id: string, because: string): HouseRule => ({
	id,
	because,
	strength: 2,
	when: { join: 'all', words: ['night'] },
	prefers: { colour: { purple: 1 } }
});
const stand = (stances: Record<string, string>, houseRules: HouseRule[] = []): StandRecord => ({
	schemaVersion: SCHEMA_VERSION,
	stances,
	houseRules
});
const kept = (name: string): ReadingRecord => ({
	schemaVersion: SCHEMA_VERSION,
	name,
	spotId: null,
	takenAt: '2026-03-01T10:00:00.000Z',
	reading: readingSchema.parse({ waterTemperatureC: 9, visibilityM: 2, bottomM: 4 })
});

beforeEach(() => {
	server = new FakeServer();
	screen = 'water';
});
afterEach(() => {
	open.splice(0).forEach(leave);
	vi.unstubAllGlobals();
});

describe('the answer that a page came with', () => {
	it('is shown at once, and known while the question is the same, whole only where it is whole', async () => {
		const app = await page(new MemoryDevice());
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
		const device = await deviceWithSeven();
		const { app, start } = unopened();
		const answer = call(app.question);
		app.serve(answer, true);
		await app.open(device, start);
		expect(app.reading.bottomM).toBe(7);
		expect(app.known(app.question, true)).toBeNull();
	});
});

it('a session that is closed right after a Keep has told everything, and says what it could not', async () => {
	const app = await page(new MemoryDevice());
	app.put({ name: 'Kept and gone' });
	expect(app.keeping.keepReading(false)).toBeNull();
	expect(await app.untold()).toBe(0);
	server.down = true;
	app.change({ bottomM: 7 });
	expect(await app.untold()).toBe(1);
});

it('goes on with what the device stored where the line broke before the schemas came, and keeps what is changed', async () => {
	const device = await deviceWithSeven();
	const { app, start } = unopened();
	await app.open(device, start, () => Promise.reject(new Error('The line broke.')));
	expect(app.reading.bottomM).toBe(7);
	app.change({ bottomM: 6 });
	await told(app);
	expect((await page(new MemoryDevice())).reading.bottomM).toBe(6);
});

describe('what the angler holds', () => {
	it('is told to the server in the end, whatever befell the line, and a fresh device finds it', async () => {
		const device = new MemoryDevice();
		server.down = true;
		const app = await page(device);
		app.change({ bottomM: 5.5 }, 'bottomM');
		app.put({ name: 'While it was away' }, 'name');
		app.bench.lay(startBuild('buzzbait'));
		await told(app);
		expect([app.keeping.away, server.rows.size]).toEqual([true, 0]);
		leave(app);
		server.down = false;
		const again = await page(device);
		expect(again.reading.bottomM).toBe(5.5);
		await told(again);
		const elsewhere = await page(new MemoryDevice());
		expect([elsewhere.reading.bottomM, elsewhere.record.name]).toEqual([5.5, 'While it was away']);
		expect(elsewhere.rig?.family).toBe('buzzbait');
	});

	it('keeps sides and rules that the records had while they were away at the first load', async () => {
		server.write('stand', stand({ SKY: 'strict' }, [rule('MY-01', 'Purple after dark.')]));
		server.down = true;
		const device = new MemoryDevice();
		const app = await page(device);
		app.takeSide('WIRE', 'heavy');
		app.setRules([rule('MY-01', 'Another one.')]);
		server.down = false;
		await told(app);
		const { record } = server.at('stand') as { record: StandRecord };
		expect(record.stances).toEqual({ SKY: 'strict', WIRE: 'heavy' });
		expect(record.houseRules.map(({ because }) => because)).toEqual(['Purple after dark.', 'Another one.']);
		leave(app);
		expect((await page(device)).stand.houseRules).toHaveLength(2);
	});

	it('has its waters on the device when the records are away', async () => {
		const device = new MemoryDevice();
		leave(await page(device, WATERS));
		server.down = true;
		expect((await page(device)).waters.map(({ name }) => name)).toEqual(['near', 'far']);
	});

	it('is the record and not an old draft, however fast the device’s clock goes', async () => {
		const device = new MemoryDevice();
		const app = await page(device);
		app.change({ bottomM: 4 });
		await told(app);
		leave(app);
		const { record } = server.at('desk') as { record: object };
		server.write('desk', { ...record, name: 'Written on the other device' });
		vi.useFakeTimers({ now: new Date('2036-01-01'), toFake: ['Date'] });
		expect((await page(device)).record.name).toBe('Written on the other device');
		vi.useRealTimers();
	});

	it('is not silently lost to another device: both are there to choose from', async () => {
		server.write('settings', { schemaVersion: SCHEMA_VERSION, units: 'metric', shortcuts: true });
		const app = await page(new MemoryDevice());
		app.set({ units: 'imperial' });
		server.write('settings', { schemaVersion: SCHEMA_VERSION, units: 'metric', shortcuts: false });
		await told(app);
		const [write] = app.keeping.outbox!.refused;
		expect([app.units, write?.refusal?.code]).toEqual(['imperial', 'stale']);
		await app.keeping.takeTheirs(write!);
		expect(app.settings).toMatchObject({ units: 'metric', shortcuts: false });
		app.set({ units: 'imperial' });
		await told(app);
		expect(server.at('settings')).toMatchObject({ version: 3, record: { units: 'imperial' } });
	});

	it('stands over the other device’s where the angler says so', async () => {
		server.write('settings', { schemaVersion: SCHEMA_VERSION, units: 'metric', shortcuts: true });
		const app = await page(new MemoryDevice());
		app.set({ units: 'imperial' });
		server.write('settings', { schemaVersion: SCHEMA_VERSION, units: 'metric', shortcuts: false });
		await told(app);
		await app.keeping.keepMine(app.keeping.outbox!.refused[0]!);
		await told(app);
		expect(server.at('settings')).toMatchObject({ version: 3, record: { units: 'imperial', shortcuts: true } });
	});

	it('of a setting switched there and back at once is what it is in the end', async () => {
		const app = await page(new MemoryDevice());
		app.set({ units: 'imperial' });
		app.set({ units: 'metric' });
		await told(app);
		expect(server.at('settings')?.record).toMatchObject({ units: 'metric' });
	});

	it('of the day that is planned outlives the page, is told, and is taken back on Deck alone', async () => {
		const device = new MemoryDevice();
		const app = await page(device);
		screen = 'deck';
		app.planDay({ rods: 2 });
		app.planDay({ edits: { '2026-05-09T06:00:00.000Z': { sky: 'overcast', spot: SPOT } } });
		screen = 'water';
		app.undo();
		expect(app.planned.value).toMatchObject({ rods: 2, edits: { '2026-05-09T06:00:00.000Z': { spot: SPOT } } });
		screen = 'deck';
		app.undo();
		expect(app.planned.value.edits).toEqual({});
		await told(app);
		expect(server.at('day')?.record).toMatchObject({ rods: 2, edits: {} });
		leave(app);
		const fresh = await page(new MemoryDevice());
		expect(fresh.planned.value.rods).toBe(2);
	});

	it('goes to the server whole, however large it is', async () => {
		const app = await page(new MemoryDevice());
		const build = { ...startBuild('spinnerbait'), notes: 'n'.repeat(4000) };
		const fish = Array.from({ length: 3000 }, () => ({ kind: 'fish', at: '2026-05-09T06:40:00.000Z' }) as const);
		app.bench.lay(build, { log: fish });
		await told(app);
		expect(JSON.stringify(server.at('bench')).length).toBeGreaterThan(100_000);
	});

	it('stays when a session ends, and goes on its way when it is open again', async () => {
		const app = await page(new MemoryDevice());
		server.refuse.push({ status: 401, body: {} });
		app.set({ units: 'imperial' });
		await app.keeping.hurry();
		await app.keeping.outbox!.flush();
		expect([app.keeping.outbox!.signedOut, app.settings.units, server.at('settings')]).toEqual([
			true,
			'imperial',
			undefined
		]);
		await app.keeping.look();
		expect(app.keeping.outbox!.signedOut).toBe(false);
		expect(server.at('settings')?.record).toMatchObject({ units: 'imperial' });
	});

	it('is heard of on a page that was laid up before, once the server answers', async () => {
		const writer = await page(new MemoryDevice());
		writer.set({ units: 'imperial' });
		await told(writer);
		const late = await page(new MemoryDevice());
		vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
		server.down = true;
		await late.keeping.hear();
		expect(late.keeping.changes).toBe(0);
		server.down = false;
		await vi.advanceTimersByTimeAsync(10_000);
		expect(late.keeping.changes).toBe(1);
		await vi.advanceTimersByTimeAsync(60_000);
		expect(late.keeping.changes).toBe(1);
		vi.useRealTimers();
	});

	it.each([413, 422])('that is refused with %i is shown, never counted as told', async (status) => {
		const app = await page(new MemoryDevice());
		server.refuse.push({ status, body: { error: { code: 'invalid', path: 'record', message: 'No.' } } });
		app.put({ name: 'Refused' }, 'name');
		await told(app);
		expect(app.keeping.outbox!.refused).toMatchObject([{ refusal: { status, message: 'No. (record)' } }]);
		expect([app.desk.untold, server.at('desk')]).toEqual([true, undefined]);
	});
});

describe('undo', () => {
	it('takes back on a screen what was done there, never a change of another one', async () => {
		const app = await page(new MemoryDevice());
		app.change({ bottomM: 5 }, 'bottomM');
		screen = 'bench';
		app.bench.lay(startBuild('spinnerbait'));
		app.bench.change(withRig(app.bench.build!, { weightOz: 0.75 }));
		screen = 'water';
		app.undo();
		expect([app.reading.bottomM, app.rig?.weightOz, app.canUndo]).toEqual([3, 0.75, false]);
		screen = 'bench';
		app.undo();
		expect(app.rig?.weightOz).toBe(0.5);
		app.undo();
		expect([app.rig, app.canUndo, app.canRedo]).toEqual([null, false, true]);
		app.redo();
		expect(app.rig?.family).toBe('spinnerbait');
	});

	it('on Call goes through rig, locks and sides in the order in which they were changed', async () => {
		screen = 'call';
		const app = await page(new MemoryDevice());
		app.lock('weightOz', 0.5);
		app.takeSide('WIRE', 'heavy');
		app.bench.take(startBuild('buzzbait').rig);
		app.undo();
		expect([app.rig, app.stand.stances.WIRE, app.record.locks.weightOz]).toEqual([null, 'heavy', 0.5]);
		app.undo();
		expect([app.stand.stances.WIRE, app.record.locks.weightOz]).toEqual([undefined, 0.5]);
		app.undo();
		expect([app.record.locks, app.canUndo]).toEqual([{}, false]);
		app.redo();
		app.redo();
		expect([app.record.locks.weightOz, app.stand.stances.WIRE]).toEqual([0.5, 'heavy']);
	});

	it('takes back a typed name or a drag in one step, and what came after as another', async () => {
		const app = await page(new MemoryDevice());
		for (const name of ['D', 'Da', 'Dawn']) app.put({ name }, 'name');
		app.closeStep();
		for (const bottomM of [3.1, 3.2, 3.3]) app.change({ bottomM }, 'drag bottomM');
		app.closeStep();
		app.change({ bottomM: 4 }, 'drag bottomM');
		const seen = [0, 1, 2].map(() => {
			app.undo();
			return [app.record.name, app.reading.bottomM];
		});
		expect(seen).toEqual([
			['Dawn', 3.3],
			['Dawn', 3],
			['', 3]
		]);
	});

	it('takes back what a hand had just moved, whether it rested or not', async () => {
		const app = await page(new MemoryDevice());
		app.move({ bottomM: 4.5 }, 'drag bottomM');
		await shown();
		expect([app.inHand.complete.bottomM, app.reading.bottomM, app.canUndo]).toEqual([4.5, 3, true]);
		app.undo();
		expect([app.inHand.complete.bottomM, app.reading.bottomM, app.canUndo]).toEqual([3, 3, false]);
		expect(app.move({ fishToM: 9 }, 'drag fishToM')).toMatch(/bottom/);
		expect(app.inHand.complete.fishToM).not.toBe(9);
	});

	it('brings a deleted record back on the list it was deleted from', async () => {
		const app = await page(new MemoryDevice());
		server.write(`readings/${SPOT}`, kept('Dawn'));
		screen = 'kept';
		await app.keeping.remove('readings', SPOT, 1, 'Dawn');
		expect(app.canUndo).toBe(true);
		screen = 'water';
		expect(app.canUndo).toBe(false);
		screen = 'kept';
		app.undo();
		expect(app.keeping.deletionOn('kept')).toBeNull();
	});
});

describe('a reading', () => {
	it('is kept exactly, in whatever units it is shown', async () => {
		const app = await page(new MemoryDevice());
		app.set({ units: 'imperial' });
		app.change({ waterTemperatureC: 16.5 });
		app.put({ name: 'Exact' });
		expect(app.keeping.keepReading(false)).toBeNull();
		await told(app);
		const { record } = server.at(`readings/${app.record.readingId}`) as { record: ReadingRecord };
		expect(record.reading.waterTemperatureC).toBe(16.5);
	});

	it('is kept as it is in the hand that still moves it', async () => {
		const app = await page(new MemoryDevice());
		app.put({ name: 'Dawn' });
		app.move({ bottomM: 4.5 }, 'drag bottomM');
		expect(app.keeping.keepReading(false)).toBeNull();
		await told(app);
		expect(server.at(`readings/${app.record.readingId}`)).toMatchObject({ record: { reading: { bottomM: 4.5 } } });
	});

	it('pressed twice is kept once, and again as the next version of the same', async () => {
		const app = await page(new MemoryDevice());
		app.put({ name: 'Dawn' });
		app.keeping.keepReading(false);
		app.keeping.keepReading(false);
		await told(app);
		const readings = () => [...server.rows.keys()].filter((path) => path.startsWith('readings/'));
		expect(readings()).toEqual([`readings/${app.record.readingId}`]);
		app.change({ bottomM: 5 });
		app.keeping.keepReading(false);
		await told(app);
		expect(readings()).toHaveLength(1);
		expect(server.at(readings()[0]!)?.record).toMatchObject({ reading: { bottomM: 5 } });
		expect(app.keeping.outbox!.writes).toEqual([]);
	});

	it('at another spot is another reading: the kept one stays', async () => {
		server.write(`readings/${FAR}`, kept('Stone Point'));
		const app = await page(new MemoryDevice(), WATERS);
		app.lay(laid(FAR, 1, kept('Stone Point')));
		app.moveTo(SPOT);
		app.put({ name: 'Alder Bank' });
		app.keeping.keepReading(false);
		await told(app);
		expect(server.at(`readings/${FAR}`)?.record).toMatchObject({ name: 'Stone Point' });
		expect(app.record.readingId).not.toBe(FAR);
		expect(server.at(`readings/${app.record.readingId}`)?.record).toMatchObject({ name: 'Alder Bank', spotId: SPOT });
	});

	it('kept as new leaves the one that it was opened from', async () => {
		server.write(`readings/${FAR}`, kept('Stone Point'));
		const app = await page(new MemoryDevice());
		app.lay(laid(FAR, 1, kept('Stone Point')));
		app.change({ bottomM: 7 });
		app.keeping.keepReading(true);
		await told(app);
		expect(server.at(`readings/${FAR}`)?.record).toMatchObject({ reading: { bottomM: 4 } });
		expect(app.record.readingId).not.toBe(FAR);
	});

	it('stays in its list from the moment it is kept until the list is read again', async () => {
		const app = await page(new MemoryDevice());
		app.put({ name: 'Dawn' });
		app.keeping.keepReading(false);
		const listed = () => app.keeping.withWaiting('readings', []).map(({ record }) => record.name);
		await vi.waitFor(() => expect(listed()).toEqual(['Dawn']));
		await told(app);
		expect([listed(), app.keeping.outbox!.writes]).toEqual([['Dawn'], []]);
		const { id, version } = app.keeping.withWaiting('readings', [])[0]!;
		await app.keeping.remove('readings', id, version, 'Dawn');
		await told(app);
		expect(listed()).toEqual([]);
		app.keeping.listsRead(app.keeping.recent);
		expect(app.keeping.recent).toEqual([]);
	});

	it('is in its list once at every moment of its way to the server', async () => {
		const app = await page(new MemoryDevice());
		app.put({ name: 'Dawn' });
		app.keeping.keepReading(false);
		const seen = new Set<number>();
		for (let moment = 0; moment < 200; moment++) {
			seen.add(app.keeping.since('readings').length);
			await Promise.resolve();
		}
		expect(app.keeping.recent).toHaveLength(1);
		expect([...seen].filter((count) => count > 1)).toEqual([]);
	});

	it('deleted elsewhere is kept anew rather than not at all', async () => {
		const app = await page(new MemoryDevice());
		app.lay(laid(FAR, 4, kept('Stone Point')));
		server.refuse.push({ status: 404, body: { error: { code: 'not-found', message: 'There is no such reading.' } } });
		app.keeping.keepReading(false);
		await told(app);
		const { readingId } = app.record;
		expect(readingId).not.toBe(FAR);
		expect(server.at(`readings/${readingId}`)?.record).toMatchObject({ name: 'Stone Point' });
	});

	it('without a name is refused and nothing is written', async () => {
		const app = await page(new MemoryDevice());
		expect(app.keeping.keepReading(false)).toBe('Give it a name.');
		await told(app);
		expect([...server.rows.keys()].some((path) => path.startsWith('readings/'))).toBe(false);
	});

	it('opened right after a change is open, and the draft that lay there is one step back', async () => {
		const app = await page(new MemoryDevice());
		app.change({ bottomM: 9 }, 'bottomM');
		screen = 'kept';
		app.lay(laid(FAR, 1, kept('Stone Point')));
		screen = 'water';
		await told(app);
		expect([app.record.name, app.said]).toEqual(['Stone Point', expect.stringContaining('one Undo back')]);
		expect(server.at('desk')?.record).toMatchObject({ name: 'Stone Point' });
		app.undo();
		expect(app.reading.bottomM).toBe(9);
	});

	it('at another water has no locks of the one before, and that is said; at another spot of the same it has', async () => {
		const app = await page(new MemoryDevice(), WATERS);
		app.moveTo(SPOT);
		app.lock('weightOz', 0.5);
		app.moveTo(OTHER);
		expect([app.record.locks.weightOz, app.said]).toEqual([0.5, null]);
		app.moveTo(FAR);
		expect([app.record.locks, app.said]).toEqual([{}, '1 lock was freed: set for another water.']);
		app.undo();
		expect(app.record.locks.weightOz).toBe(0.5);
	});
});

describe('what the call is asked', () => {
	it('has the model of sight in it until that is switched off, and a kept call says how it was', async () => {
		const app = await page(new MemoryDevice());
		expect(app.question.sight).toBe(true);
		app.weighSight(false);
		app.moveBy({ 'SKT-01': 1.4 });
		expect(app.question).toMatchObject({ sight: false, record: { 'SKT-01': 1.4 } });
		const answer = call({ ...app.question, top: 1 });
		await app.keeping.keepCall(app.question, answer, 0, 'Dawn', FAR, '2026-03-01T10:00:00.000Z');
		await told(app);
		expect(server.at(`kept-calls/${FAR}`)?.record).toMatchObject({
			sight: false,
			record: { 'SKT-01': 1.4 },
			stances: app.question.stances
		});
		app.weighSight(true);
		expect(app.question.sight).toBe(true);
		const again = await page(new MemoryDevice());
		expect(again.question.record).toEqual({ 'SKT-01': 1.4 });
	});
});

describe('the rig in hand', () => {
	it('built from nothing is there on every screen and after a reload: fit, name and key too', async () => {
		const device = new MemoryDevice();
		screen = 'bench';
		const app = await page(device);
		app.bench.lay(startBuild('spinnerbait'));
		app.bench.change({ ...app.bench.build!, fit: { beads: 5 } });
		app.bench.rename('Thumper');
		const { rigId } = app.bench.record!;
		screen = 'water';
		expect(app.rig?.family).toBe('spinnerbait');
		leave(app);
		await app.benched.settled();
		const { record } = (await page(device)).bench;
		expect(record).toMatchObject({ rigId, name: 'Thumper', build: { fit: { beads: 5 } } });
	});

	it('kept gets its version on every step, so that undo and keep again is no conflict', async () => {
		screen = 'bench';
		const app = await page(new MemoryDevice());
		app.bench.lay(startBuild('spinnerbait'));
		app.bench.rename('Thumper');
		const keep = async () => {
			const { rigId, rigVersion, build, name } = app.bench.record!;
			const record = { schemaVersion: SCHEMA_VERSION, name, build, parts: [], log: [] } as const;
			await app.keeping.put('rigs', rigId, rigVersion, record as never, name);
			await told(app);
		};
		await keep();
		app.undo();
		app.bench.rename('Buzzer');
		await keep();
		expect(app.keeping.outbox!.refused).toEqual([]);
		expect(server.at(`rigs/${app.bench.record!.rigId}`)).toMatchObject({ version: 2, record: { name: 'Buzzer' } });
	});
});

describe('any run of edits, losses of the line, reloads and two tabs', () => {
	type Event =
		| { readonly kind: 'edit' | 'move'; readonly tab: 0 | 1; readonly bottomM: number }
		| { readonly kind: 'undo' | 'reload' | 'tell'; readonly tab: 0 | 1 }
		| { readonly kind: 'line'; readonly down: boolean };
	const tab = fc.constantFrom(0 as const, 1 as const);
	const events: fc.Arbitrary<Event[]> = fc.array(
		fc.oneof(
			fc.record({
				kind: fc.constantFrom('edit' as const, 'move' as const),
				tab,
				bottomM: fc.integer({ min: 1, max: 50 })
			}),
			fc.record({ kind: fc.constantFrom('undo' as const, 'reload' as const, 'tell' as const), tab }),
			fc.record({ kind: fc.constant('line' as const), down: fc.boolean() })
		),
		{ maxLength: 20 }
	);

	/** What a person sees: one list of values, and a place in it. */
	class Model {
		#past: number[] = [];
		value = 3;

		edit(bottomM: number): void {
			this.#past.push(this.value);
			this.value = bottomM;
		}

		undo(): void {
			this.value = this.#past.pop() ?? this.value;
		}
	}

	it('ends with the server and every tab on what a person would expect', async () => {
		await fc.assert(
			fc.asyncProperty(events, async (history) => {
				// Pages of the history before, also of one that failed, have nothing to tell to this server.
				open.splice(0).forEach(leave);
				server = new FakeServer();
				const device = new MemoryDevice();
				const pair = [await page(device), await page(device)];
				const model = new Model();
				for (const [at, event] of history.entries()) {
					if (event.kind === 'line') {
						server.down = event.down;
						continue;
					}
					// A person acts in one tab at a time, and lets go in the other; what was done there is here by then.
					pair[event.tab === 0 ? 1 : 0]!.closeStep();
					await Promise.all(pair.map((app) => app.desk.settled()));
					await pair[event.tab]!.desk.refresh();
					const app = pair[event.tab]!;
					if (event.kind === 'edit' || event.kind === 'move') {
						const patch = { bottomM: event.bottomM, fishFromM: 0, fishToM: 0.5 };
						if (event.kind === 'edit') app.change(patch);
						else app.move(patch, `drag ${at}`);
						model.edit(event.bottomM);
					} else if (event.kind === 'undo') {
						app.undo();
						model.undo();
					} else if (event.kind === 'tell') {
						await app.keeping.hurry();
					} else {
						app.leaving();
						await app.desk.settled();
						leave(app);
						pair[event.tab] = await page(device);
					}
					await shown();
					expect(pair[event.tab]!.inHand.complete.bottomM).toBe(model.value);
				}
				server.down = false;
				for (const app of pair) app.closeStep();
				// Each hears of the other in a moment; here the moments are waited for.
				for (const app of [...pair, ...pair]) {
					await Promise.all(pair.map((one) => one.desk.settled()));
					await app.desk.refresh();
					await told(app);
				}
				for (const app of pair) expect(app.reading.bottomM).toBe(model.value);
				const there = server.at('desk')?.record as { reading: { bottomM: number } } | undefined;
				expect(there?.reading.bottomM ?? 3).toBe(model.value);
				expect(pair.flatMap((app) => app.keeping.outbox!.refused)).toEqual([]);
			}),
			{ numRuns: 100 }
		);
	});
});

describe('a deletion that is undone at once', () => {
	it('is undone however far it is on its way to the server', async () => {
		for (let later = 0; later < 12; later++) {
			server = new FakeServer();
			const reading = { schemaVersion: SCHEMA_VERSION, name: 'Dawn' };
			server.write('readings/one', reading);
			const app = await page(inTurns(new MemoryDevice()));
			await app.keeping.remove('readings', 'one', 1, 'Dawn');
			for (let step = 0; step < later; step++) await turn();
			await app.keeping.bringBack();
			await told(app);
			expect([later, server.at('readings/one')?.record]).toEqual([later, reading]);
			leave(app);
		}
	});
});
