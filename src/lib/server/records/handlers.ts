import { createHash } from 'node:crypto';
import type { RequestEvent } from '@sveltejs/kit';
import * as z from 'zod/mini';
import { kindOf, type NamedKind } from '../../core/records/kinds';
import { readEntry } from '../../core/records/read';
import { InputFailure, parseWith } from '../../core/foundation/schema/failure';
import { BODY_MAX, readJson } from '../http/body';
import type { AnglerSession } from '../auth/session';
import { HttpFailure, notFound } from '../http/failures';
import { countWrite } from '../http/rates';
import { PAGE_MAX, storeOf } from './store';

type Event = RequestEvent<{ kind: string; id?: string }>;

const uuid = z.uuid({ version: 'v4' });

function kindFrom({ params }: Event): NamedKind {
	const kind = kindOf(params.kind);
	if (!kind) throw notFound('kind of record');
	return kind;
}

/** The key from a path: a document's is its kind's word; anything else that is no key names nothing. */
function idOf(event: Event): string {
	const kind = kindFrom(event);
	const id = event.params.id ?? '';
	if (kind.single ? id !== '' : !uuid.safeParse(id).success) throw notFound(kind.what);
	// One key however it is written.
	return kind.single ? kind.name : id.toLowerCase();
}

/** The key that the writer gave this write, so that trying again does nothing twice. */
function writeKeyOf({ request }: Event): string | undefined {
	const key = request.headers.get('idempotency-key');
	if (key === null) return undefined;
	if (!uuid.safeParse(key).success) {
		throw new HttpFailure(422, 'invalid', 'A write’s key is a version 4 UUID.', 'idempotency-key');
	}
	return key;
}

const storeFor = (kind: NamedKind) => storeOf(kind.name);

/** One page of a kind's records, one record, or the angler's document: version 0 where there is none yet. */
export async function listRecords(event: Event, { anglerId }: AnglerSession): Promise<Response> {
	const kind = kindFrom(event);
	if (event.url.searchParams.has('raw')) return rawRecord(event, anglerId);
	if (kind.single) {
		const id = idOf(event);
		return Response.json((await storeFor(kind).find(anglerId)) ?? { id, version: 0, record: null });
	}
	if (event.params.id !== undefined) return Response.json(await storeFor(kind).get(anglerId, idOf(event)));
	const { searchParams } = event.url;
	const limit = Math.min(PAGE_MAX, Math.max(1, Math.trunc(Number(searchParams.get('limit') ?? PAGE_MAX)) || PAGE_MAX));
	const after = searchParams.get('after');
	const of = referencesAsked(kind, searchParams);
	return Response.json(await storeFor(kind).list(anglerId, { limit, of, ...(after === null ? {} : { after }) }));
}

/** A record as it is stored, as a file: also one that cannot be read any more. */
async function rawRecord(event: Event, anglerId: string): Promise<Response> {
	const [kind, id] = [kindFrom(event), idOf(event)];
	const disposition = `attachment; filename="${kind.name}-${id}.json"`;
	return Response.json(await storeFor(kind).raw(anglerId, id), { headers: { 'content-disposition': disposition } });
}

/** What a list is narrowed to: records that refer to others, by the name of the reference. */
function referencesAsked({ references, columns }: NamedKind, asked: URLSearchParams): Record<string, string> {
	const named = Object.keys(references).filter((field) => field in columns && asked.has(field));
	return Object.fromEntries(named.map((field) => [field, asked.get(field)!.toLowerCase()]));
}

/** What a writer sends under a key, in few bytes. */
const digestOf = (action: string, record: unknown = null): string =>
	createHash('sha256')
		.update(JSON.stringify([action, record]))
		.digest('hex');

const body = z.strictObject({ version: z.int().check(z.minimum(0)), record: z.unknown() });

/** Reads the record of a body; refusals say where in the body. */
function readBody(kind: NamedKind, given: unknown) {
	const { version, record } = parseWith(body, given);
	try {
		return { version, digest: digestOf('put', record), ...readEntry(kind.name, record) };
	} catch (error) {
		throw error instanceof InputFailure ? error.under('record') : error;
	}
}

/** Body: the version last seen (0 for a new record) and the record. What of it is not known is named in `aside`. */
export async function putRecord(event: Event, { anglerId }: AnglerSession): Promise<Response> {
	const kind = kindFrom(event);
	const id = idOf(event);
	const key = writeKeyOf(event);
	const { version, digest, record, aside } = readBody(kind, await readJson(event.request, BODY_MAX));
	const stored = await storeFor(kind).put(anglerId, id, version, record, { key, digest });
	return Response.json(aside.length > 0 ? { ...stored, aside } : stored, { status: version === 0 ? 201 : 200 });
}

/** The version last seen, where the writer says it: `?version=`. */
function seenOf({ url }: Event): { seen?: number } {
	const given = url.searchParams.get('version');
	if (given === null) return {};
	if (!/^\d{1,9}$/.test(given)) throw new HttpFailure(422, 'invalid', 'A version is a whole number.', 'version');
	return { seen: Number(given) };
}

export async function removeRecord(event: Event, { anglerId }: AnglerSession): Promise<Response> {
	const id = idOf(event);
	const written = { key: writeKeyOf(event), digest: digestOf('remove'), ...seenOf(event) };
	const version = await storeFor(kindFrom(event)).remove(anglerId, id, written);
	return Response.json({ id, version });
}

export async function restoreRecord(event: Event, { anglerId }: AnglerSession): Promise<Response> {
	await countWrite(anglerId);
	const stored = await storeFor(kindFrom(event)).restore(anglerId, idOf(event), {
		key: writeKeyOf(event),
		digest: digestOf('restore')
	});
	return Response.json(stored);
}
