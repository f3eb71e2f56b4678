import { SCHEMA_VERSION } from '$lib/core/records/version';
import { randomUUID } from 'node:crypto';
import { fail, redirect } from '@sveltejs/kit';
import { deskFrom } from '$lib/client/state/currentReading';
import { inShort, type ShortCall } from '$lib/client/state/shortCall';
import type { RigRecord } from '$lib/core/records/rigSchemas';
import type { DeskRecord, SavedCallRecord, ReadingRecord } from '$lib/core/records/schemas';
import { anglerOf } from '$lib/server/auth/api';
import { formOf } from '$lib/server/auth/forms';
import { BODY_MAX, IMPORT_MAX } from '$lib/server/http/body';
import { openBuild, useRig } from '$lib/server/records/desk';
import { asHttpFailure, HttpFailure } from '$lib/server/http/failures';
import { everyRecord } from '$lib/server/records/every';
import { orFallback } from '$lib/server/records/orFallback';
import { storeOf, type Page, type Stored } from '$lib/server/records/store';
import { exportParts } from '$lib/server/records/transfer';
import { imported } from '$lib/server/work/imports';
import type { Actions, PageServerLoad } from './$types';

const NONE = { items: [], unreadable: [], next: null };

interface Lists {
	readonly readings: Page<ReadingRecord>;
	readonly calls: Omit<Page<SavedCallRecord>, 'items'> & { readonly items: readonly ShortCall[] };
	readonly rigs: readonly Stored<RigRecord>[];
	/** How many files everything takes. */
	readonly exportParts: number;
	readonly unreachable: boolean;
}

export const load = (async ({ locals, depends }): Promise<Lists> => {
	depends('lucernal:records');
	const { anglerId } = anglerOf(locals);
	const nothing = { readings: NONE, calls: NONE, rigs: [], exportParts: 1, unreachable: true };
	const read = async () => {
		const [readings, calls, parts, rigs] = await Promise.all([
			storeOf('readings').list(anglerId),
			storeOf('kept-calls').list(anglerId),
			exportParts(anglerId),
			everyRecord(storeOf('rigs').all(anglerId))
		]);
		const items = calls.items.map(({ id, version, record }) => inShort(id, version, record));
		return { readings, calls: { ...calls, items }, rigs, exportParts: parts, unreachable: false };
	};
	return orFallback(locals, read, nothing);
}) satisfies PageServerLoad;

type Action = Actions[string];

/** An action whose refusals come back as a message on the page. */
const action =
	(run: (form: FormData, anglerId: string) => Promise<object | void>): Action =>
	async (event) => {
		const { locals } = event;
		let result: object | void;
		try {
			result = await run(await formOf(event, IMPORT_MAX + BODY_MAX), anglerOf(locals).anglerId);
		} catch (error) {
			const { status, message, path } = asHttpFailure(error, locals.requestId);
			return fail(status, { message: path ? `${path}: ${message}` : message });
		}
		if (result) return result;
		redirect(303, '/water');
	};

const STORES = { reading: 'readings', call: 'kept-calls', rig: 'rigs' } as const;
const storeFor = (form: FormData) => storeOf(STORES[form.get('kind') as keyof typeof STORES] ?? 'readings');
const idOf = (form: FormData): string => String(form.get('id') ?? '');

async function lay(form: FormData, anglerId: string, duplicate: boolean): Promise<void> {
	const { id, version, record } = await storeOf('readings').get(anglerId, idOf(form));
	const desk = deskFrom(id, version, record);
	if (!duplicate) return void (await storeOf('desk').replace(anglerId, desk));
	const name = `${record.name}, again`.slice(0, 120);
	const copy = await storeOf('readings').put(anglerId, randomUUID(), 0, { ...record, name });
	await storeOf('desk').replace(anglerId, deskFrom(copy.id, copy.version, copy.record));
}

async function fileOf(form: FormData): Promise<Uint8Array> {
	const file = form.get('file');
	if (!(file instanceof File) || file.size === 0) throw new HttpFailure(422, 'invalid', 'Choose a file first.');
	if (file.size > IMPORT_MAX) throw new HttpFailure(413, 'body-too-large', 'The file is over 64 MB.');
	return new Uint8Array(await file.arrayBuffer());
}

export const actions: Actions = {
	open: action(async (form, anglerId) => {
		if (form.get('kind') !== 'rig') return lay(form, anglerId, false);
		const { id, version, record } = await storeOf('rigs').get(anglerId, idOf(form));
		await openBuild(anglerId, {
			name: record.name,
			rigId: id,
			rigVersion: version,
			build: record.build,
			log: record.log
		});
	}),
	duplicate: action((form, anglerId) => lay(form, anglerId, true)),
	openCall: action(async (form, anglerId) => {
		const { record } = await storeOf('kept-calls').get(anglerId, idOf(form));
		const { name, spotId, takenAt, reading, locks, answer, chosen } = record;
		const place = { readingId: null, readingVersion: 0, spotId };
		const desk: DeskRecord = { schemaVersion: SCHEMA_VERSION, name, ...place, takenAt, reading, locks };
		await storeOf('desk').replace(anglerId, desk);
		const rig = answer.calls[chosen]?.rig;
		if (rig) await useRig(anglerId, rig);
	}),
	remove: action(async (form, anglerId) => {
		await storeFor(form).remove(anglerId, idOf(form));
		return { removed: { id: idOf(form), kind: String(form.get('kind')), name: String(form.get('name')) } };
	}),
	restore: action(async (form, anglerId) => {
		await storeFor(form).restore(anglerId, idOf(form));
		return { restored: String(form.get('name')) };
	}),
	preview: action(async (form, anglerId) => ({ preview: await imported('preview', anglerId, await fileOf(form)) })),
	import: action(async (form, anglerId) => ({ imported: await imported('records', anglerId, await fileOf(form)) }))
};
