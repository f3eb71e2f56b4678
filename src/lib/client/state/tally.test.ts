import fc from 'fast-check';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { EntryRecord } from '$lib/core/records/tallySchemas';
import { MemoryDevice, type Device } from '../sync/device';
import { Outbox } from '../sync/outbox.svelte';
import * as line from '../sync/server';
import { storyOf } from '$lib/core/trips/tally/story';
import { join } from './joinOutings';
import { wholeEntry } from './validators';
import { Tally, type OpenOuting } from './tally.svelte';
import { FakeServer } from '../testing/server';
import { OUTING } from '../testing/outing';
import { newUuid } from '../sync/uuid';

let server: FakeServer;
beforeEach(() => (server = new FakeServer()));

/** A phone of the angler: a tally, its outbox and its store, which outlive a killed page. */
class Phone {
	tally!: Tally;
	outbox!: Outbox;
	readonly device: Device = new MemoryDevice();

	static async on(): Promise<Phone> {
		const phone = new Phone();
		await phone.start();
		return phone;
	}

	/** The page opens, or opens again after it was killed. */
	async start(): Promise<void> {
		const { device } = this;
		this.outbox?.close();
		const outbox = new Outbox(device, {
			send: line.send,
			exclusively: (run) => run(),
			onaccepted: (write, version) => this.tally.acknowledge(write, version),
			onchange: () => undefined
		});
		this.outbox = outbox;
		const write = { revision: 0 };
		this.tally = new Tally({
			put: (kind, id, base, record, title) => outbox.add({ ...write, kind, id, action: 'put', base, record, title }),
			remove: (kind, id, base, title) =>
				outbox.add({ ...write, kind, id, action: 'remove', base, record: null, title }),
			saved: () => undefined,
			sequence: () => server.changesSince(0).sequence
		});
		await outbox.open();
		await this.tally.open(device, wholeEntry, storyOf);
	}

	/** Sends what waits, and hears what the server has. */
	async sync(): Promise<void> {
		await this.outbox.flush();
		await this.outbox.flush();
		const rows = [...server.rows].map(([place, row]) => ({
			kind: place.split('/')[0],
			id: place.split('/')[1]!,
			...row
		}));
		const sequence = server.changesSince(0).sequence;
		const outing = rows.find(({ kind }) => kind === 'outings') as unknown as OpenOuting | undefined;
		const happenings = rows.filter(({ kind }) => kind === 'happenings');
		await this.tally.heard(
			outing ?? null,
			happenings as unknown as { id: string; version: number; record: EntryRecord }[],
			sequence
		);
		await this.tally.catchUp(line.changesSince);
	}

	get kinds(): string[] {
		return this.tally.story!.stretches.flatMap(({ happened }) => happened.map(({ what }) => what.kind));
	}
}

describe('the tally', () => {
	it('is on the device before the server hears of it, and outlives a killed page and a dead line', async () => {
		const phone = await Phone.on();
		server.down = true;
		await phone.tally.begin(OUTING);
		for (let at = 0; at < 20; at++) await phone.tally.add(at % 5 === 4 ? { kind: 'bite' } : { kind: 'cast', count: 1 });
		await phone.start();
		expect([phone.tally.story!.now.casts, phone.tally.story!.now.bites]).toEqual([16, 4]);
		server.down = false;
		await phone.sync();
		const stored = [...server.rows.keys()].filter((place) => place.startsWith('happenings/'));
		expect(stored).toHaveLength(20);
		expect(phone.outbox.writes).toEqual([]);
	});

	it('keeps what was tapped as the page died', async () => {
		const phone = await Phone.on();
		await phone.tally.begin(OUTING);
		await phone.sync();
		const slow = vi.spyOn(phone.device, 'update').mockReturnValue(new Promise(() => undefined));
		void phone.tally.add({ kind: 'landed' });
		phone.tally.leave();
		phone.outbox.leave();
		slow.mockRestore();
		await phone.start();
		expect(phone.kinds).toEqual(['landed']);
		await phone.sync();
		expect([...server.rows.keys()].filter((place) => place.startsWith('happenings/'))).toHaveLength(1);
	});

	it('tells what was said of a fish, and what was taken back, as the page died', async () => {
		const phone = await Phone.on();
		await phone.tally.begin(OUTING);
		const [fish, slip] = [(await phone.tally.add({ kind: 'landed' }))!, (await phone.tally.add({ kind: 'follow' }))!];
		await phone.sync();
		const slow = vi.spyOn(phone.device, 'update').mockReturnValue(new Promise(() => undefined));
		void phone.tally.say(fish, { kind: 'landed', hook: 'corner' });
		void phone.tally.undo(slip);
		phone.tally.leave();
		phone.outbox.leave();
		slow.mockRestore();
		await phone.start();
		await phone.sync();
		expect(phone.tally.happened.map(({ what }) => what)).toMatchObject([{ kind: 'landed', hook: 'corner' }]);
		expect(server.at(`happenings/${fish}`)!.record).toMatchObject({ what: { hook: 'corner' } });
		expect(server.at(`happenings/${slip}`)).toBeUndefined();
	});

	it('takes the latest back, or the one that is named, also when it was told already', async () => {
		const phone = await Phone.on();
		await phone.tally.begin(OUTING);
		const first = await phone.tally.add({ kind: 'follow' });
		await phone.tally.add({ kind: 'bite' });
		await phone.sync();
		await phone.tally.undo();
		expect(phone.kinds).toEqual(['follow']);
		await phone.tally.undo(first!);
		await phone.sync();
		expect(phone.kinds).toEqual([]);
		expect([...server.rows.keys()].filter((place) => place.startsWith('happenings/'))).toEqual([]);
	});

	it('says more of a fish later, and the server hears the last word', async () => {
		const phone = await Phone.on();
		await phone.tally.begin(OUTING);
		const fish = (await phone.tally.add({ kind: 'landed' }))!;
		await phone.sync();
		await phone.tally.say(fish, { kind: 'landed', hook: 'corner', lengthCm: 41 });
		await phone.sync();
		expect(server.at(`happenings/${fish}`)!.record).toMatchObject({ what: { hook: 'corner', lengthCm: 41 } });
		expect(phone.outbox.refused).toEqual([]);
	});

	it('stays with the outing that was begun while an older one was still being heard of', async () => {
		const phone = await Phone.on();
		await phone.tally.begin(OUTING);
		await phone.tally.add({ kind: 'end' });
		await phone.sync();
		const old = phone.tally.outing!;
		const heard = phone.tally.heard(old, [], 0);
		const begun = phone.tally.begin({ ...OUTING, name: 'The next one' });
		await Promise.all([heard, begun]);
		await phone.tally.add({ kind: 'cast', count: 1 });
		expect([phone.tally.outing!.record.name, phone.tally.story!.now.casts]).toEqual(['The next one', 1]);
		await phone.start();
		expect(phone.tally.outing!.record.name).toBe('The next one');
	});

	it('keeps the outing that is just over while the server still has an earlier one for the latest', async () => {
		const phone = await Phone.on();
		await phone.tally.begin(OUTING);
		const ours = phone.tally.outing!;
		await phone.tally.add({ kind: 'end' });
		const at = (startedAt: string): OpenOuting => ({
			id: newUuid(),
			version: 4,
			record: { ...ours.record, startedAt }
		});
		await phone.tally.heard(at('2020-05-01T05:00:00.000Z'), [], 9);
		expect(phone.tally.outing!.id).toBe(ours.id);
		await phone.tally.undo();
		expect(phone.tally.story!.ended).toBe(false);
		await phone.tally.add({ kind: 'end' });
		const later = at('2120-05-01T05:00:00.000Z');
		await phone.tally.heard(later, [], 9);
		expect(phone.tally.outing!.id).toBe(later.id);
	});

	it('keeps what was said of a fish while the server’s older word comes in', async () => {
		const phone = await Phone.on();
		await phone.tally.begin(OUTING);
		const fish = (await phone.tally.add({ kind: 'landed' }))!;
		await phone.sync();
		server.down = true;
		await phone.tally.say(fish, { kind: 'landed', hook: 'roof' });
		const row = server.at(`happenings/${fish}`)!;
		await phone.tally.heard(phone.tally.outing, [{ id: fish, ...row } as never], 9);
		expect(phone.tally.happened[0]!.what).toMatchObject({ hook: 'roof' });
		server.down = false;
		await phone.sync();
		expect(server.at(`happenings/${fish}`)!.record).toMatchObject({ what: { hook: 'roof' } });
	});

	it('ends the outing that is under way when another is begun, and hears of nothing that was before it', async () => {
		const phone = await Phone.on();
		await phone.tally.begin(OUTING);
		await phone.tally.add({ kind: 'cast', count: 1 });
		const { id } = phone.tally.outing!;
		await phone.sync();
		await phone.tally.begin({ ...OUTING, name: 'The next one' });
		await phone.sync();
		const kinds = [...server.rows.values()].flatMap(({ record }) => {
			const { outingId, what } = record as EntryRecord;
			return outingId === id ? [what.kind] : [];
		});
		expect(kinds).toEqual(['cast', 'end']);
		const asked = vi.fn(line.changesSince);
		await phone.tally.catchUp(asked);
		expect(asked.mock.calls[0]![0]).toBeGreaterThan(0);
	});

	it('says that the device is full, and goes on', async () => {
		const phone = await Phone.on();
		await phone.tally.begin(OUTING);
		await phone.sync();
		vi.spyOn(phone.device, 'update').mockRejectedValue(new DOMException('', 'QuotaExceededError'));
		await phone.tally.add({ kind: 'bite' }).catch(() => undefined);
		expect([phone.tally.full, phone.kinds]).toEqual([true, ['bite']]);
	});

	it('is the same on two devices, whoever tapped, took back, died or was offline in between', async () => {
		const act = fc.tuple(
			fc.constantFrom(0, 1),
			fc.constantFrom('cast', 'bite', 'undo', 'sync', 'kill', 'away', 'back'),
			fc.nat({ max: 9 })
		);
		await fc.assert(
			fc.asyncProperty(fc.array(act, { maxLength: 40 }), async (acts) => {
				server = new FakeServer();
				const phones = [await Phone.on(), await Phone.on()] as const;
				await phones[0].tally.begin(OUTING);
				for (const phone of phones) await phone.sync();
				let tapped = 0;
				const gone = new Set<string>();
				for (const [which, what, place] of acts) {
					const phone = phones[which]!;
					if (what === 'cast') await phone.tally.add({ kind: 'cast', count: 1 });
					if (what === 'bite') await phone.tally.add({ kind: 'bite' });
					if (what === 'cast' || what === 'bite') tapped++;
					const known = phone.tally.happened[place % Math.max(1, phone.tally.happened.length)];
					if (what === 'undo' && known) {
						gone.add(known.id);
						await phone.tally.undo(known.id);
					}
					if (what === 'away') server.down = true;
					if (what === 'back') server.down = false;
					if (what === 'sync' && !server.down) await phone.sync();
					if (what === 'kill') await phone.start();
				}
				server.down = false;
				for (const phone of [...phones, ...phones]) await phone.sync();
				expect(phones[1].tally.story).toEqual(phones[0].tally.story);
				expect(phones[0].tally.happened).toHaveLength(tapped - gone.size);
				for (const { outbox } of phones) {
					expect(outbox.writes).toEqual([]);
					outbox.close();
				}
			}),
			{ numRuns: 60 }
		);
	});
});

describe('outings that are over', () => {
	/** What the server holds of an outing. */
	const told = (id: string) =>
		[...server.rows]
			.filter(([place]) => place.startsWith('happenings/'))
			.map(([place, row]) => ({
				id: place.split('/')[1]!,
				version: row.version,
				record: row.record as EntryRecord
			}))
			.filter(({ record }) => record.outingId === id);

	it('are joined into one story and parted again', async () => {
		const phone = await Phone.on();
		await phone.tally.begin({ ...OUTING, name: 'Morning' });
		await phone.tally.add({ kind: 'cast', count: 3 });
		await phone.tally.add({ kind: 'end' });
		const morning = phone.tally.outing!;
		const before = phone.tally.happened;
		await phone.tally.begin({ ...OUTING, name: 'Evening' });
		await phone.tally.add({ kind: 'cast', count: 5 });
		await phone.tally.add({ kind: 'bite' });
		await phone.tally.add({ kind: 'end' });
		await phone.outbox.flush();
		await phone.outbox.flush();
		const evening = { ...phone.tally.outing!, version: 1 };
		await phone.tally.openPast({ ...morning, version: 1 }, told(morning.id));
		expect(phone.tally.story!.stretches.reduce((sum, { casts }) => sum + casts, 0)).toBe(3);

		const part = await join(phone.tally, evening, told(evening.id));
		await phone.outbox.flush();
		await phone.outbox.flush();
		const { story } = phone.tally;
		expect(story!.stretches.reduce((sum, { casts }) => sum + casts, 0)).toBe(8);
		expect([story!.ended, story!.stretches.reduce((sum, { bites }) => sum + bites, 0)]).toEqual([true, 1]);
		expect(told(evening.id)).toEqual([]);
		expect(server.at(`outings/${evening.id}`)).toBeUndefined();

		await part();
		await phone.outbox.flush();
		await phone.outbox.flush();
		expect(phone.tally.happened.map(({ what }) => what)).toEqual(before.map(({ what }) => what));
		expect(phone.tally.story!.ended).toBe(true);
	});
});
