import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { startBuild } from '$lib/core/rig/build/start';
import { call } from '$lib/core/ranking/answer/call';
import type { ReadingRecord } from '$lib/core/records/schemas';
import { SCHEMA_VERSION } from '$lib/core/records/version';
import { MemoryDevice } from '../sync/device';
import { deskFrom } from './currentReading';
import { FAR, kept, leave, OTHER, Pages, SPOT, told, WATERS } from '../testing/pages';

const pages = new Pages();
beforeEach(() => pages.begin());
afterEach(() => pages.end());

describe('a reading', () => {
	it('is kept exactly, in whatever units it is shown', async () => {
		const app = await pages.page(new MemoryDevice());
		app.set({ units: 'imperial' });
		app.change({ waterTemperatureC: 16.5 });
		app.put({ name: 'Exact' });
		expect(app.saveReading(false)).toBeNull();
		await told(app);
		const { record } = pages.server.at(`readings/${app.record.readingId}`) as { record: ReadingRecord };
		expect(record.reading.waterTemperatureC).toBe(16.5);
	});

	it('is kept as it is in the hand that still moves it', async () => {
		const app = await pages.page(new MemoryDevice());
		app.put({ name: 'Dawn' });
		app.move({ bottomM: 4.5 }, 'drag bottomM');
		expect(app.saveReading(false)).toBeNull();
		await told(app);
		expect(pages.server.at(`readings/${app.record.readingId}`)).toMatchObject({
			record: { reading: { bottomM: 4.5 } }
		});
	});

	it('pressed twice is kept once, and again as the next version of the same', async () => {
		const app = await pages.page(new MemoryDevice());
		app.put({ name: 'Dawn' });
		app.saveReading(false);
		app.saveReading(false);
		await told(app);
		const readings = () => [...pages.server.rows.keys()].filter((path) => path.startsWith('readings/'));
		expect(readings()).toEqual([`readings/${app.record.readingId}`]);
		app.change({ bottomM: 5 });
		app.saveReading(false);
		await told(app);
		expect(readings()).toHaveLength(1);
		expect(pages.server.at(readings()[0]!)?.record).toMatchObject({ reading: { bottomM: 5 } });
		expect(app.sync.outbox!.writes).toEqual([]);
	});

	it('at another spot is another reading: the kept one stays', async () => {
		pages.server.write(`readings/${FAR}`, kept('Stone Point'));
		const app = await pages.page(new MemoryDevice(), WATERS);
		app.openReading(deskFrom(FAR, 1, kept('Stone Point')));
		app.moveTo(SPOT);
		app.put({ name: 'Alder Bank' });
		app.saveReading(false);
		await told(app);
		expect(pages.server.at(`readings/${FAR}`)?.record).toMatchObject({ name: 'Stone Point' });
		expect(app.record.readingId).not.toBe(FAR);
		expect(pages.server.at(`readings/${app.record.readingId}`)?.record).toMatchObject({
			name: 'Alder Bank',
			spotId: SPOT
		});
	});

	it('kept as new leaves the one that it was opened from', async () => {
		pages.server.write(`readings/${FAR}`, kept('Stone Point'));
		const app = await pages.page(new MemoryDevice());
		app.openReading(deskFrom(FAR, 1, kept('Stone Point')));
		app.change({ bottomM: 7 });
		app.saveReading(true);
		await told(app);
		expect(pages.server.at(`readings/${FAR}`)?.record).toMatchObject({ reading: { bottomM: 4 } });
		expect(app.record.readingId).not.toBe(FAR);
	});

	it('stays in its list from the moment it is kept until the list is read again', async () => {
		const app = await pages.page(new MemoryDevice());
		app.put({ name: 'Dawn' });
		app.saveReading(false);
		const listed = () => app.sync.withWaiting('readings', []).map(({ record }) => record.name);
		await vi.waitFor(() => expect(listed()).toEqual(['Dawn']));
		await told(app);
		expect([listed(), app.sync.outbox!.writes]).toEqual([['Dawn'], []]);
		const { id, version } = app.sync.withWaiting('readings', [])[0]!;
		await app.sync.remove('readings', id, version, 'Dawn');
		await told(app);
		expect(listed()).toEqual([]);
		app.sync.listsRead(app.sync.recent);
		expect(app.sync.recent).toEqual([]);
	});

	it('is in its list once at every moment of its way to the server', async () => {
		const app = await pages.page(new MemoryDevice());
		app.put({ name: 'Dawn' });
		app.saveReading(false);
		const seen = new Set<number>();
		for (let moment = 0; moment < 200; moment++) {
			seen.add(app.sync.since('readings').length);
			await Promise.resolve();
		}
		expect(app.sync.recent).toHaveLength(1);
		expect([...seen].filter((count) => count > 1)).toEqual([]);
	});

	it('deleted elsewhere is kept anew rather than not at all', async () => {
		const app = await pages.page(new MemoryDevice());
		app.openReading(deskFrom(FAR, 4, kept('Stone Point')));
		pages.server.refuse.push({
			status: 404,
			body: { error: { code: 'not-found', message: 'There is no such reading.' } }
		});
		app.saveReading(false);
		await told(app);
		const { readingId } = app.record;
		expect(readingId).not.toBe(FAR);
		expect(pages.server.at(`readings/${readingId}`)?.record).toMatchObject({ name: 'Stone Point' });
	});

	it('without a name is refused and nothing is written', async () => {
		const app = await pages.page(new MemoryDevice());
		expect(app.saveReading(false)).toBe('Give it a name.');
		await told(app);
		expect([...pages.server.rows.keys()].some((path) => path.startsWith('readings/'))).toBe(false);
	});

	it('opened right after a change is open, and the draft that lay there is one step back', async () => {
		const app = await pages.page(new MemoryDevice());
		app.change({ bottomM: 9 }, 'bottomM');
		pages.screen = 'kept';
		app.openReading(deskFrom(FAR, 1, kept('Stone Point')));
		pages.screen = 'water';
		await told(app);
		expect([app.record.name, app.said]).toEqual([
			'Stone Point',
			expect.stringContaining('Undo brings back what was here')
		]);
		expect(pages.server.at('desk')?.record).toMatchObject({ name: 'Stone Point' });
		app.undo();
		expect(app.reading.bottomM).toBe(9);
	});

	it('at another water has no locks of the one before, and that is said; at another spot of the same it has', async () => {
		const app = await pages.page(new MemoryDevice(), WATERS);
		app.moveTo(SPOT);
		app.lock('weightOz', 0.5);
		app.moveTo(OTHER);
		expect([app.record.locks.weightOz, app.said]).toEqual([0.5, null]);
		app.moveTo(FAR);
		expect([app.record.locks, app.said]).toEqual([{}, '1 lock was removed because it belonged to another water.']);
		app.undo();
		expect(app.record.locks.weightOz).toBe(0.5);
	});
});

describe('what the call is asked', () => {
	it('has the model of sight in it until that is switched off, and a kept call says how it was', async () => {
		const app = await pages.page(new MemoryDevice());
		expect(app.question.sight).toBe(true);
		app.weighSight(false);
		app.moveBy({ 'SKT-01': 1.4 });
		expect(app.question).toMatchObject({ sight: false, record: { 'SKT-01': 1.4 } });
		const answer = call({ ...app.question, top: 1 });
		const keptAt = '2026-03-01T10:00:00.000Z';
		const { record: desk, question } = app;
		await app.sync.saveCall({ desk, question, chosen: 0, name: 'Dawn', keptAt }, answer, FAR);
		await told(app);
		expect(pages.server.at(`kept-calls/${FAR}`)?.record).toMatchObject({
			sight: false,
			record: { 'SKT-01': 1.4 },
			stances: app.question.stances
		});
		app.weighSight(true);
		expect(app.question.sight).toBe(true);
		const again = await pages.page(new MemoryDevice());
		expect(again.question.record).toEqual({ 'SKT-01': 1.4 });
	});
});

describe('the current rig', () => {
	it('built from nothing is there on every screen and after a reload: fit, name and key too', async () => {
		const device = new MemoryDevice();
		pages.screen = 'bench';
		const app = await pages.page(device);
		app.bench.open(startBuild('spinnerbait'));
		app.bench.change({ ...app.bench.build!, fit: { beads: 5 } });
		app.bench.rename('Thumper');
		const { rigId } = app.bench.record!;
		pages.screen = 'water';
		expect(app.rig?.family).toBe('spinnerbait');
		leave(app);
		await app.benchDocument.settled();
		const { record } = (await pages.page(device)).bench;
		expect(record).toMatchObject({ rigId, name: 'Thumper', build: { fit: { beads: 5 } } });
	});

	it('kept gets its version on every step, so that undo and keep again is no conflict', async () => {
		pages.screen = 'bench';
		const app = await pages.page(new MemoryDevice());
		app.bench.open(startBuild('spinnerbait'));
		app.bench.rename('Thumper');
		const keep = async () => {
			const { rigId, rigVersion, build, name } = app.bench.record!;
			const record = { schemaVersion: SCHEMA_VERSION, name, build, parts: [], log: [] } as const;
			await app.sync.put('rigs', rigId, rigVersion, record as never, name);
			await told(app);
		};
		await keep();
		app.undo();
		app.bench.rename('Buzzer');
		await keep();
		expect(app.sync.outbox!.refused).toEqual([]);
		expect(pages.server.at(`rigs/${app.bench.record!.rigId}`)).toMatchObject({
			version: 2,
			record: { name: 'Buzzer' }
		});
	});
});
