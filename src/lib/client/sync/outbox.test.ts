import fc from 'fast-check';
import { describe, expect, it, vi } from 'vitest';
import { MemoryDevice, type Device } from './device';
import { Outbox, type OutboxPort, type NewWrite, type Outcome, type Write } from './outbox.svelte';
import { storing, tooSlow } from '../testing/device';

/** A server in a few lines: versions, keys that were done, and a line that can fail before or after the work. */
class Server {
	readonly records = new Map<string, { version: number; record: unknown }>();
	readonly done = new Map<string, number>();
	readonly log: string[] = [];
	/** What befalls the next sends: lost on the way there, or on the way back. */
	weather: ('there' | 'back' | 'fine')[] = [];

	send = async (write: Write): Promise<Outcome> => {
		const weather = this.weather.shift() ?? 'fine';
		await Promise.resolve();
		if (weather === 'there') return { kind: 'away' };
		const outcome = this.take(write);
		return weather === 'back' ? { kind: 'away' } : outcome;
	};

	take({ key, kind, id, action, base, record }: Write): Outcome {
		const known = this.done.get(key);
		if (known !== undefined) return { kind: 'accepted', version: known };
		const place = `${kind}/${id}`;
		const present = this.records.get(place) ?? null;
		if ((present?.version ?? 0) !== base) {
			return { kind: 'refused', refusal: { status: 409, code: 'stale', message: 'stale', current: present } };
		}
		const version = base + 1;
		this.records.set(place, { version, record: action === 'remove' ? null : record });
		this.done.set(key, version);
		this.log.push(place);
		return { kind: 'accepted', version };
	}
}

const write = (id: string, record: unknown, base = 0, kind: NewWrite['kind'] = 'readings'): NewWrite => ({
	kind,
	id,
	record,
	base,
	action: 'put',
	revision: 0,
	title: id
});

let running: Promise<void> = Promise.resolve();
/** One tab at a time, as the browser's lock has it. */
const exclusively: OutboxPort['exclusively'] = (run) => (running = running.then(run));

function outboxOn(device: Device, server: Server, told: OutboxPort['onaccepted'] = () => undefined): Outbox {
	return new Outbox(device, { send: server.send, exclusively, onaccepted: told, onchange: () => undefined });
}

async function settle(outbox: Outbox): Promise<void> {
	for (let round = 0; round < 4; round++) await outbox.flush();
}

describe('the outbox', () => {
	it('sends in order, and what follows on the same record is built on the version before', async () => {
		const server = new Server();
		const outbox = outboxOn(new MemoryDevice(), server);
		server.weather = ['there'];
		await outbox.add(write('a', 1));
		await outbox.flush();
		expect(outbox.away).toBe(true);
		await outbox.add(write('a', 2));
		await outbox.add(write('b', 3));
		await settle(outbox);
		expect(server.records.get('readings/a')).toEqual({ version: 2, record: 2 });
		expect(server.log).toEqual(['readings/a', 'readings/a', 'readings/b']);
		expect([outbox.writes, outbox.away]).toEqual([[], false]);
		outbox.close();
	});

	it('on a device that is full sends from memory, once each, and stores what is left as soon as there is room', async () => {
		const [server, inner] = [new Server(), new MemoryDevice()];
		let isFull = false;
		const device = storing(inner, (key, change) =>
			isFull ? Promise.reject(new DOMException('Full.', 'QuotaExceededError')) : inner.update(key, change)
		);
		const outbox = outboxOn(device, server);
		server.weather = ['there'];
		await outbox.add(write('before', 1));
		await outbox.flush();
		isFull = true;
		server.weather = ['back'];
		await outbox.add(write('a', 2));
		await outbox.add(write('b', 3));
		expect([outbox.full, outbox.writes.length]).toEqual([true, 3]);
		await settle(outbox);
		expect([...server.records.keys()]).toEqual(['readings/before', 'readings/a', 'readings/b']);
		expect(server.log).toHaveLength(3);
		expect(outbox.writes).toEqual([]);
		// What the device still holds of it is sent again under its key, which the server knows.
		const later = outboxOn(device, server);
		await later.open();
		await settle(later);
		expect(server.log).toHaveLength(3);
		isFull = false;
		server.weather = ['there'];
		await outbox.add(write('c', 4));
		await outbox.flush();
		expect(outbox.full).toBe(false);
		expect((await inner.read<{ writes: unknown[] }>('outbox'))?.writes).toHaveLength(1);
		for (const one of [outbox, later]) one.close();
	});

	it('keeps one unsent write of a document, with its latest value', async () => {
		const [server, device] = [new Server(), new MemoryDevice()];
		const outbox = new Outbox(device, {
			send: server.send,
			exclusively: async () => undefined,
			onaccepted: vi.fn(),
			onchange: vi.fn()
		});
		for (const units of ['imperial', 'metric']) await outbox.add(write('settings', units, 0, 'settings'));
		expect(outbox.writes).toMatchObject([{ record: 'metric', base: 0 }]);
		const later = outboxOn(device, server);
		await settle(later);
		expect(server.records.get('settings/settings')).toEqual({ version: 1, record: 'metric' });
	});

	it('has what was kept as the page was left', async () => {
		const [server, device] = [new Server(), new MemoryDevice()];
		const left = outboxOn(tooSlow(device), server);
		void left.add(write('a', 1));
		void left.add(write('b', 2));
		left.leave();
		left.close();
		const again = outboxOn(device, server);
		await again.open();
		await settle(again);
		expect(server.log).toEqual(['readings/a', 'readings/b']);
	});

	it('does a write once whose answer was lost, also after a reload', async () => {
		const [server, device] = [new Server(), new MemoryDevice()];
		const outbox = outboxOn(device, server);
		server.weather = ['back'];
		await outbox.add(write('a', 1));
		await outbox.flush();
		outbox.close();
		const reloaded = outboxOn(device, server);
		await settle(reloaded);
		expect(server.log).toEqual(['readings/a']);
		expect(reloaded.writes).toEqual([]);
	});

	it('never counts a refusal as told: it stays, with the server’s own, until it is decided', async () => {
		const server = new Server();
		const told = vi.fn();
		const outbox = outboxOn(new MemoryDevice(), server, told);
		server.records.set('readings/a', { version: 5, record: 'theirs' });
		await outbox.add(write('a', 'mine', 4));
		await outbox.add(write('b', 'other'));
		await settle(outbox);
		expect(outbox.refused).toMatchObject([
			{ id: 'a', refusal: { status: 409, current: { version: 5, record: 'theirs' } } }
		]);
		expect(told.mock.calls.map(([one]) => (one as Write).id)).toEqual(['b']);
		await outbox.again(outbox.refused[0]!.key, { base: 5 });
		await settle(outbox);
		expect(server.records.get('readings/a')).toEqual({ version: 6, record: 'mine' });
		expect(outbox.writes).toEqual([]);
	});

	it('has nothing to decide where the other write says the same', async () => {
		const server = new Server();
		const told = vi.fn();
		const outbox = outboxOn(new MemoryDevice(), server, told);
		server.records.set('readings/a', { version: 5, record: { name: 'same' } });
		await outbox.add(write('a', { name: 'same' }, 4));
		await settle(outbox);
		expect(outbox.writes).toEqual([]);
		expect(told).toHaveBeenCalledWith(expect.objectContaining({ id: 'a' }), 5);
	});

	it('stops at a session that is over, and goes on when it is open again', async () => {
		const server = new Server();
		let signedIn = false;
		const send = (one: Write) => (signedIn ? server.send(one) : Promise.resolve({ kind: 'signed-out' } as const));
		const outbox = new Outbox(new MemoryDevice(), { send, exclusively, onaccepted: vi.fn(), onchange: vi.fn() });
		await outbox.add(write('a', 1));
		await outbox.flush();
		expect([outbox.signedOut, outbox.writes.length]).toEqual([true, 1]);
		signedIn = true;
		await settle(outbox);
		expect([outbox.signedOut, outbox.writes.length]).toEqual([false, 0]);
	});

	it('holds back what follows a refused write of the same record', async () => {
		const server = new Server();
		const outbox = outboxOn(new MemoryDevice(), server);
		server.records.set('readings/a', { version: 2, record: 'theirs' });
		await outbox.add(write('a', 'mine', 1));
		await settle(outbox);
		await outbox.add(write('a', 'mine again', 1));
		await settle(outbox);
		expect(server.records.get('readings/a')).toEqual({ version: 2, record: 'theirs' });
		expect(outbox.writes).toHaveLength(2);
	});
});

describe('whatever the line does', () => {
	type Event =
		| { readonly kind: 'write'; readonly tab: 0 | 1; readonly id: string }
		| { readonly kind: 'weather'; readonly weather: 'there' | 'back' }
		| { readonly kind: 'flush' | 'reload'; readonly tab: 0 | 1 };
	const tabs = fc.constantFrom(0 as const, 1 as const);
	const events: fc.Arbitrary<Event[]> = fc.array(
		fc.oneof(
			fc.record({ kind: fc.constant('write' as const), tab: tabs, id: fc.constantFrom('a', 'b', 'c') }),
			fc.record({ kind: fc.constant('weather' as const), weather: fc.constantFrom('there' as const, 'back' as const) }),
			fc.record({ kind: fc.constantFrom('flush' as const, 'reload' as const), tab: tabs })
		),
		{ maxLength: 25 }
	);

	it('two tabs bring every record to the server with its last value, nothing doubled, nothing refused', async () => {
		await fc.assert(
			fc.asyncProperty(events, async (history) => {
				const [server, device] = [new Server(), new MemoryDevice()];
				const open = [outboxOn(device, server), outboxOn(device, server)];
				const last = new Map<string, number>();
				for (const [at, event] of history.entries()) {
					if (event.kind === 'weather') server.weather.push(event.weather);
					else if (event.kind === 'flush') await open[event.tab]!.flush();
					else if (event.kind === 'reload') {
						open[event.tab]!.close();
						open[event.tab] = outboxOn(device, server);
						await open[event.tab]!.refresh();
					} else if (event.kind === 'write') {
						last.set(event.id, at);
						await open[event.tab]!.add(write(event.id, at));
						await open[event.tab]!.flush();
					}
				}
				server.weather = [];
				await settle(open[0]!);
				open.forEach((outbox) => outbox.close());
				expect((await device.read<{ writes: Write[] }>('outbox'))?.writes ?? []).toEqual([]);
				for (const [id, value] of last) expect(server.records.get(`readings/${id}`)?.record).toBe(value);
				// Every write that was done raised its record by exactly one.
				for (const [place, { version }] of server.records) {
					expect(server.log.filter((one) => one === place)).toHaveLength(version);
				}
			}),
			{ numRuns: 100 }
		);
	});
});
