import { fail, redirect } from '@sveltejs/kit';
import { anglerOf } from '$lib/server/api';
import { IMPORT_MAX, parseJson } from '$lib/server/body';
import { fromStored, layReading } from '$lib/server/desk';
import { asHttpFailure, HttpFailure } from '$lib/server/failures';
import { isUnreachable } from '$lib/server/db/connection';
import { setPreference } from '$lib/server/records/preferences';
import { keptCalls, readings } from '$lib/server/records/stores';
import { importRecords, previewImport } from '$lib/server/records/transfer';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
	const { anglerId } = anglerOf(locals);
	try {
		const [kept, calls] = await Promise.all([readings.list(anglerId), keptCalls.list(anglerId)]);
		return {
			readings: kept.map(({ id, version, record }) => ({ id, version, ...record })),
			// A list needs the called rig alone, not the whole ledger behind it.
			calls: calls.map(({ id, record }) => {
				const { name, keptAt, reading, answer, chosen } = record;
				const call = answer.calls[chosen];
				return {
					id,
					name,
					keptAt,
					reading,
					verdict: answer.verdict.blades,
					rig: call?.rig ?? null,
					score: call?.score ?? 0
				};
			}),
			unreachable: false
		};
	} catch (error) {
		if (!isUnreachable(error)) throw error;
		return { readings: [], calls: [], unreachable: true };
	}
};

type Action = Actions[string];

/** An action whose refusals come back as a message on the page. */
const action =
	(run: (form: FormData, anglerId: string) => Promise<object | void>): Action =>
	async ({ request, locals }) => {
		let result: object | void;
		try {
			result = await run(await request.formData(), anglerOf(locals).anglerId);
		} catch (error) {
			const { status, message, path } = asHttpFailure(error, locals.requestId);
			return fail(status, { message: path ? `${path}: ${message}` : message });
		}
		if (result) return result as { message?: never };
		redirect(303, '/water');
	};

const storeOf = (form: FormData) => (form.get('kind') === 'call' ? keptCalls : readings);
const idOf = (form: FormData): string => String(form.get('id') ?? '');

async function lay(form: FormData, anglerId: string, duplicate: boolean): Promise<void> {
	const stored = await readings.get(anglerId, idOf(form));
	await layReading(anglerId, stored.record.reading, fromStored(stored, duplicate), new Date());
}

async function fileOf(form: FormData): Promise<unknown> {
	const held = String(form.get('held') ?? '');
	if (held !== '') return parseJson(held);
	const file = form.get('file');
	if (!(file instanceof File) || file.size === 0) throw new HttpFailure(422, 'invalid', 'Choose a file first.');
	if (file.size > IMPORT_MAX) throw new HttpFailure(413, 'body-too-large', 'The file is over 8 MB.');
	return parseJson(await file.text());
}

export const actions: Actions = {
	open: action((form, anglerId) => lay(form, anglerId, false)),
	duplicate: action((form, anglerId) => lay(form, anglerId, true)),
	openCall: action(async (form, anglerId) => {
		const { record } = await keptCalls.get(anglerId, idOf(form));
		const desk = await layReading(
			anglerId,
			record.reading,
			{ name: record.name, readingId: null, readingVersion: 0 },
			new Date()
		);
		await setPreference(anglerId, 'desk', { ...desk, rig: record.answer.calls[record.chosen]?.rig ?? desk.rig });
	}),
	remove: action(async (form, anglerId) => {
		await storeOf(form).remove(anglerId, idOf(form));
		return { removed: { id: idOf(form), kind: String(form.get('kind')), name: String(form.get('name')) } };
	}),
	restore: action(async (form, anglerId) => {
		await storeOf(form).restore(anglerId, idOf(form));
		return { restored: String(form.get('name')) };
	}),
	preview: action(async (form, anglerId) => {
		const file = await fileOf(form);
		return { preview: await previewImport(anglerId, file), held: JSON.stringify(file) };
	}),
	import: action(async (form, anglerId) => ({ imported: await importRecords(anglerId, await fileOf(form)) }))
};
