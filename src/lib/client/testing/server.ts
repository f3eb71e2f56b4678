import { vi } from 'vitest';
import type { AppStart } from '$lib/core/records/appStart';

interface Row {
	version: number;
	record: unknown;
}

/** A server of one angler behind `fetch`: records with versions, keys that were done, and ways for the line to fail. */
export class FakeServer {
	readonly rows = new Map<string, Row>();
	readonly #done = new Map<string, Response>();
	/** What was deleted, to be brought back. */
	readonly #deleted = new Map<string, Row>();
	/** The latest change of each record, by its place, with its number. */
	readonly #changes = new Map<string, { sequence: number; kind: string; id: string; deleted: boolean }>();
	#sequence = 0;
	/** Every write that came through, oldest first. */
	readonly log: { readonly path: string; readonly version: number }[] = [];
	/** Whether the records are out of reach. */
	down = false;
	/** The passphrase that opens a session again, while there is none. */
	signedOut: string | null = null;
	/** What the next requests are answered with instead. */
	readonly refuse: { status: number; body: object }[] = [];

	constructor() {
		vi.stubGlobal('fetch', (path: string, init?: RequestInit) => this.#answer(path, init));
	}

	/** What the server has under a path, as "desk" or "readings/ID". */
	at(path: string): Row | undefined {
		return this.rows.get(path);
	}

	/** Another device of the angler writes. */
	write(path: string, record: unknown): void {
		this.rows.set(path, { version: (this.rows.get(path)?.version ?? 0) + 1, record: structuredClone(record) });
	}

	/** What a page that opens now begins with. */
	start(now = '2026-05-09T06:40:00.000Z', waters: AppStart['waters'] = []): AppStart {
		const of = (name: string) => (this.down ? null : (structuredClone(this.rows.get(name)) ?? null));
		return {
			anglerId: 'angler',
			damaged: [],
			documents: {
				desk: of('desk'),
				bench: of('bench'),
				stand: of('stand'),
				settings: of('settings'),
				day: of('day')
			} as never,
			waters: this.down ? [] : waters,
			recordsDown: this.down,
			sequence: 0,
			now
		};
	}

	async #answer(path: string, init: RequestInit = {}): Promise<Response> {
		await Promise.resolve();
		if (this.down) throw new TypeError('Failed to fetch');
		const refusal = this.refuse.shift();
		if (refusal) return Response.json(refusal.body, { status: refusal.status });
		if (this.signedOut !== null) return this.#session(path, init);
		if (path.startsWith('/api/v1/changes')) return Response.json(this.changesSince(Number(path.split('=')[1])));
		const key = new Headers(init.headers).get('idempotency-key') ?? '';
		const known = this.#done.get(key);
		if (known) return known.clone();
		const response = this.#write(path.replace('/api/v1/', '').replace(/\?.*/, ''), init);
		if (response.ok) this.#done.set(key, response.clone());
		return response;
	}

	/** Without a session only a session is opened. */
	#session(path: string, { body }: RequestInit): Response {
		const error = (message: string, status: number) => Response.json({ error: { message } }, { status });
		if (path !== '/api/v1/session') return error('Sign in first.', 401);
		if ((JSON.parse(String(body)) as { passphrase: string }).passphrase !== this.signedOut) {
			return error('That is not the passphrase.', 422);
		}
		this.signedOut = null;
		return Response.json({ anglerId: 'angler' });
	}

	#note(place: string, deleted: boolean): void {
		const [kind = '', id = kind] = place.split('/');
		this.#changes.set(place, { sequence: ++this.#sequence, kind, id, deleted });
	}

	/** What was written since a number, oldest first. */
	changesSince(since: number) {
		const changes = [...this.#changes.values()].filter(({ sequence }) => sequence > since);
		return { sequence: this.#sequence, changes, more: false };
	}

	#write(path: string, { method, body }: RequestInit): Response {
		const [kind, id, deed] = path.split('/');
		const place = id ? `${kind}/${id}` : kind!;
		const present = this.rows.get(place) ?? (deed === 'restore' ? this.#deleted.get(place) : undefined);
		if (method === 'DELETE' && present) {
			this.rows.delete(place);
			this.#deleted.set(place, { ...present, version: present.version + 1 });
			this.#note(place, true);
		}
		if (deed === 'restore' && present) {
			this.rows.set(place, { ...present, version: present.version + 1 });
			this.#note(place, false);
		}
		if (method !== 'PUT') return Response.json({ id, version: (present?.version ?? 0) + 1 });
		const { version, record } = JSON.parse(String(body)) as Row;
		if ((present?.version ?? 0) !== version) {
			return Response.json({ error: { code: 'stale', message: 'Stale.' }, current: present }, { status: 409 });
		}
		this.rows.set(place, { version: version + 1, record });
		this.log.push({ path: place, version: version + 1 });
		this.#note(place, false);
		return Response.json({ id, version: version + 1, record });
	}
}
