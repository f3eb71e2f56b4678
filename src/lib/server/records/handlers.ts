import type { RequestEvent } from '@sveltejs/kit';
import { z } from 'zod';
import { parseWith } from '../../core/schema/failure';
import { readJson } from '../body';
import type { OwnedRow } from '../db/models';
import type { AnglerSession } from '../session';
import { notFound } from '../failures';
import type { Store } from './store';

type Event = RequestEvent<{ id: string }>;

const key = z.uuid({ version: 'v4' });

/** A key from a path; anything that is not one names nothing. */
function idOf({ params }: Event): string {
	if (!key.safeParse(params.id).success) throw notFound('record');
	return params.id;
}

export const getRecord =
	<M extends OwnedRow<M>, R>(store: Store<M, R>) =>
	async (event: Event, { anglerId }: AnglerSession): Promise<Response> =>
		Response.json(await store.get(anglerId, idOf(event)));

/** Body: the version last seen (0 for a new record) and the record. */
export const putRecord =
	<M extends OwnedRow<M>, R>(store: Store<M, R>, schema: z.ZodType<R>) =>
	async (event: Event, { anglerId }: AnglerSession): Promise<Response> => {
		const body = z.strictObject({ version: z.number().int().min(0), record: schema });
		const { version, record } = parseWith(body, await readJson(event.request));
		const stored = await store.put(anglerId, idOf(event), version, record as R);
		return Response.json(stored, { status: version === 0 ? 201 : 200 });
	};

export const removeRecord =
	<M extends OwnedRow<M>, R>(store: Store<M, R>) =>
	async (event: Event, { anglerId }: AnglerSession): Promise<Response> => {
		await store.remove(anglerId, idOf(event));
		return new Response(null, { status: 204 });
	};

export const restoreRecord =
	<M extends OwnedRow<M>, R>(store: Store<M, R>) =>
	async (event: Event, { anglerId }: AnglerSession): Promise<Response> =>
		Response.json(await store.restore(anglerId, idOf(event)));
