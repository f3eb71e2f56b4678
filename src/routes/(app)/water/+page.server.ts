import { SCHEMA_VERSION } from '$lib/core/records/version';
import { randomUUID } from 'node:crypto';
import { fail, redirect, type RequestEvent } from '@sveltejs/kit';
import { readEntry } from '$lib/core/records/read';
import type { UnitSystem } from '$lib/core/records/schemas';
import { anglerOf } from '$lib/server/auth/api';
import { formOf } from '$lib/server/auth/forms';
import { openReading } from '$lib/server/records/desk';
import { asHttpFailure } from '$lib/server/http/failures';
import { firstAnswer, firstTint } from '$lib/server/work/called';
import { storeOf } from '$lib/server/records/store';
import { readingFromForm, type FormReading } from '$lib/presentation/readingForm';
import type { Actions, PageServerLoad } from './$types';

interface Posted {
	readonly parsed: FormReading;
	readonly name: string;
	readonly spotId: string | null;
	readonly takenAt: string;
	readonly readingId: string | null;
	/** The key of a new reading, the same however often the form is sent. */
	readonly newId: string;
	readonly readingVersion: number;
}

const uuidOrNull = (value: FormDataEntryValue | null): string | null => (value ? String(value) : null);

async function posted(event: RequestEvent, anglerId: string): Promise<Posted> {
	const form = await formOf(event);
	const units: UnitSystem = form.get('units') === 'imperial' ? 'imperial' : 'metric';
	const taken = new Date(String(form.get('takenAt') ?? ''));
	// A figure that was left as it was shown stays exactly what it is, not what its rounded text says.
	const shown = (await storeOf('desk').find(anglerId))?.record.reading ?? null;
	return {
		parsed: readingFromForm(form, units, shown),
		name: String(form.get('name') ?? '').trim(),
		spotId: uuidOrNull(form.get('spotId')),
		takenAt: (Number.isNaN(taken.getTime()) ? new Date() : taken).toISOString(),
		readingId: uuidOrNull(form.get('readingId')),
		newId: uuidOrNull(form.get('newId')) ?? randomUUID(),
		readingVersion: Number(form.get('readingVersion') ?? 0) || 0
	};
}

export const load: PageServerLoad = async (event) => ({
	answer: await firstAnswer(event, false),
	tint: await firstTint(event),
	newId: randomUUID()
});

export const actions: Actions = {
	/** To the call: the reading is laid on the desk and the server ranks it. */
	call: async (event) => {
		const { locals } = event;
		const { anglerId } = anglerOf(locals);
		try {
			const { parsed, name, spotId, takenAt, readingId, readingVersion } = await posted(event, anglerId);
			if (!parsed.ok) return fail(422, { errors: parsed.errors, typed: parsed.typed });
			await openReading(anglerId, parsed.reading, { name, spotId, takenAt, readingId, readingVersion }, new Date());
		} catch (error) {
			const { status, message } = asHttpFailure(error, locals.requestId);
			return fail(status, { message });
		}
		redirect(303, '/call');
	},

	/** Keeps the reading under its name. */
	keep: async (event) => {
		const { locals } = event;
		const { anglerId } = anglerOf(locals);
		try {
			const { parsed, name, readingId, newId, readingVersion, ...rest } = await posted(event, anglerId);
			if (!parsed.ok) return fail(422, { errors: parsed.errors, typed: parsed.typed });
			if (name === '') return fail(422, { errors: { name: 'Give it a name.' }, typed: {} });
			const raw = { schemaVersion: SCHEMA_VERSION, name, ...rest, reading: parsed.reading };
			const { record } = readEntry('readings', raw);
			const [id, seen, key] = readingId ? [readingId, readingVersion, undefined] : [newId, 0, newId];
			const stored = await storeOf('readings').put(anglerId, id, seen, record, { key });
			const known = { name, ...rest, readingId: stored.id, readingVersion: stored.version };
			const desk = await openReading(anglerId, parsed.reading, known, new Date());
			return { kept: desk };
		} catch (error) {
			const { status, message } = asHttpFailure(error, locals.requestId);
			return fail(status, { message });
		}
	}
};
