import { randomUUID } from 'node:crypto';
import { fail, redirect } from '@sveltejs/kit';
import { SCHEMA_VERSION, type UnitSystem } from '$lib/core/schema/records';
import { anglerOf } from '$lib/server/api';
import { layReading } from '$lib/server/desk';
import { asHttpFailure } from '$lib/server/failures';
import { readings } from '$lib/server/records/stores';
import { readingFromForm, type FormReading } from '$lib/ui/reading/readingForm';
import type { Actions } from './$types';

interface Posted {
	readonly parsed: FormReading;
	readonly name: string;
	readonly spotId: string | null;
	readonly takenAt: string;
	readonly readingId: string | null;
	readonly readingVersion: number;
}

const uuidOrNull = (value: FormDataEntryValue | null): string | null => (value ? String(value) : null);

async function posted(request: Request): Promise<Posted> {
	const form = await request.formData();
	const units: UnitSystem = form.get('units') === 'imperial' ? 'imperial' : 'metric';
	const taken = new Date(String(form.get('takenAt') ?? ''));
	return {
		parsed: readingFromForm(form, units),
		name: String(form.get('name') ?? '').trim(),
		spotId: uuidOrNull(form.get('spotId')),
		takenAt: (Number.isNaN(taken.getTime()) ? new Date() : taken).toISOString(),
		readingId: uuidOrNull(form.get('readingId')),
		readingVersion: Number(form.get('readingVersion') ?? 0) || 0
	};
}

export const actions: Actions = {
	/** To the call: the reading is laid on the desk and the server ranks it. */
	call: async ({ request, locals }) => {
		const { parsed, ...rest } = await posted(request);
		if (!parsed.ok) return fail(422, { errors: parsed.errors, typed: parsed.typed });
		try {
			await layReading(anglerOf(locals).anglerId, parsed.reading, rest, new Date());
		} catch (error) {
			const { status, message } = asHttpFailure(error, locals.requestId);
			return fail(status, { message });
		}
		redirect(303, '/call');
	},

	/** Keeps the reading under its name. */
	keep: async ({ request, locals }) => {
		const { parsed, name, readingId, readingVersion, ...rest } = await posted(request);
		if (!parsed.ok) return fail(422, { errors: parsed.errors, typed: parsed.typed });
		if (name === '') return fail(422, { errors: { name: 'Give it a name.' }, typed: {} });
		const { anglerId } = anglerOf(locals);
		try {
			const record = { schemaVersion: SCHEMA_VERSION, name, ...rest, reading: parsed.reading } as const;
			const stored = await readings.put(anglerId, readingId ?? randomUUID(), readingId ? readingVersion : 0, record);
			const known = { name, ...rest, readingId: stored.id, readingVersion: stored.version };
			const desk = await layReading(anglerId, parsed.reading, known, new Date());
			return { kept: desk };
		} catch (error) {
			const { status, message } = asHttpFailure(error, locals.requestId);
			return fail(status, { message });
		}
	}
};
