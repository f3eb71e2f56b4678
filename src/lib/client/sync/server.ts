import { isOneOf } from '$lib/core/foundation/basics/typed';
import type { RecordKindName } from '$lib/core/records/kinds';
import { DOCUMENT_KIND_NAMES, type DocumentKindName } from '$lib/core/records/kind';
import type { Outcome, Write } from './outbox.svelte';

/** Largest body (bytes) that a browser still sends for a page that is being left. */
const KEEPALIVE_MAX = 60_000;
/** Answers that say "later" rather than "no". */
const LATER = new Set([408, 425, 429]);

/** Whether a kind is a document, of which an angler has one. */
export const isDocument = (kind: RecordKindName): kind is DocumentKindName => isOneOf(DOCUMENT_KIND_NAMES, kind);

/** Where a record lies on the server. */
export const pathOf = ({ kind, id }: Pick<Write, 'kind' | 'id'>): string =>
	isDocument(kind) ? `/api/v1/${kind}` : `/api/v1/${kind}/${id}`;

function requestOf(write: Write): [string, RequestInit] {
	const path = pathOf(write);
	const headers = { 'content-type': 'application/json', 'idempotency-key': write.key };
	if (write.action === 'remove') {
		return [`${path}?version=${write.base}`, { method: 'DELETE', headers, keepalive: true }];
	}
	if (write.action === 'restore') return [`${path}/restore`, { method: 'POST', headers, keepalive: true }];
	const body = JSON.stringify({ version: write.base, record: write.record });
	return [path, { method: 'PUT', headers, body, keepalive: body.length < KEEPALIVE_MAX }];
}

interface Body {
	readonly version?: number;
	readonly error?: { readonly code?: string; readonly path?: string; readonly message?: string };
	readonly current?: { readonly version: number; readonly record: unknown };
}

/** Sends one write, and says what came of it: only what the server took counts as told. */
export async function send(write: Write): Promise<Outcome> {
	const response = await fetch(...requestOf(write)).catch(() => null);
	if (!response || response.status >= 500 || LATER.has(response.status)) return { kind: 'away' };
	if (response.status === 401) return { kind: 'signed-out' };
	const body = ((await response.json().catch(() => null)) ?? {}) as Body;
	if (response.ok) return { kind: 'accepted', version: body.version ?? write.base };
	const { code = 'refused', path = '', message = 'The server refused this change.' } = body.error ?? {};
	return {
		kind: 'refused',
		refusal: {
			code,
			status: response.status,
			message: path ? `${message} (${path})` : message,
			current: body.current ?? null
		}
	};
}

/** What was written elsewhere since a number of the angler's sequence; `null` when the server cannot say. */
export async function changesSince(sequence: number): Promise<{
	sequence: number;
	changes: readonly { kind: RecordKindName; id: string; version: number; deleted: boolean }[];
	more: boolean;
} | null> {
	const response = await fetch(`/api/v1/changes?since=${sequence}`).catch(() => null);
	return response?.ok ? response.json() : null;
}

/** One record of a list as the server has it; `null` when it cannot say. */
export async function recordAt<R>(kind: RecordKindName, id: string): Promise<{ version: number; record: R } | null> {
	const response = await fetch(pathOf({ kind, id })).catch(() => null);
	return response?.ok ? response.json() : null;
}

/** The angler's document of a kind as the server has it, version 0 where there is none yet; `null` when it cannot say. */
export async function documentAt<R>(kind: DocumentKindName): Promise<{ version: number; record: R } | null> {
	const response = await fetch(`/api/v1/${kind}`).catch(() => null);
	return response?.ok ? response.json() : null;
}

/** One page of a list of records; `null` when the server cannot say. */
export async function pageOf<R>(kind: RecordKindName, after: string | null = null): Promise<R | null> {
	const query = after === null ? '' : `?after=${encodeURIComponent(after)}`;
	const response = await fetch(`/api/v1/${kind}${query}`).catch(() => null);
	return response?.ok ? response.json() : null;
}

/** Opens a session, or says what is wrong. */
export async function openSession(
	name: string,
	passphrase: string
): Promise<{ readonly anglerId: string } | { readonly wrong: string }> {
	const headers = { 'content-type': 'application/json' };
	const body = JSON.stringify({ name, passphrase });
	const response = await fetch('/api/v1/session', { method: 'POST', headers, body }).catch(() => null);
	const answer = ((await response?.json().catch(() => null)) ?? {}) as Body & { anglerId?: string };
	if (response?.ok && answer.anglerId) return { anglerId: answer.anglerId };
	return { wrong: answer.error?.message ?? 'The server can’t be reached right now. Try again in a moment.' };
}
