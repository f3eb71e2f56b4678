import { randomUUID } from 'node:crypto';
import { fail, redirect } from '@sveltejs/kit';
import { call } from '$lib/core/choice/call';
import { houseClaims } from '$lib/core/choice/houseRules';
import { callInputSchema, type CallAnswer, type CallInput } from '$lib/core/schema/call';
import { readingSchema } from '$lib/core/schema/reading';
import { SCHEMA_VERSION } from '$lib/core/schema/records';
import { anglerOf } from '$lib/server/api';
import { layReading } from '$lib/server/desk';
import { asHttpFailure } from '$lib/server/failures';
import { getPreference, setPreference } from '$lib/server/records/preferences';
import { keptCalls } from '$lib/server/records/stores';
import { BLANK } from '$lib/ui/reading/fields';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ parent, isDataRequest }): Promise<{ answer: CallAnswer | null }> => {
	// A page that is already running ranks in its own worker; only a fresh page needs the server's answer.
	if (isDataRequest) return { answer: null };
	const { desk, stand } = await parent();
	const reading = desk?.reading ?? readingSchema.parse(BLANK);
	return { answer: call({ reading, stances: stand.stances, locks: desk?.locks ?? {}, houseRules: stand.houseRules }) };
};

/** The question that the form carries: what the screen shows may be newer than what the server was told. */
async function asked(form: FormData, anglerId: string): Promise<CallInput> {
	try {
		return callInputSchema.parse(JSON.parse(String(form.get('question') ?? '')));
	} catch {
		const [desk, stand] = await Promise.all([getPreference(anglerId, 'desk'), getPreference(anglerId, 'stand')]);
		const reading = desk?.reading ?? readingSchema.parse(BLANK);
		return { reading, stances: stand?.stances, locks: desk?.locks, houseRules: stand?.houseRules };
	}
}

const chosenOf = (form: FormData): number => Math.min(7, Math.max(0, Math.trunc(Number(form.get('chosen') ?? 0)) || 0));

export const actions: Actions = {
	/** Takes a called rig in hand. */
	take: async ({ request, locals }) => {
		const { anglerId } = anglerOf(locals);
		try {
			const form = await request.formData();
			const question = await asked(form, anglerId);
			const desk = await layReading(anglerId, question.reading, {}, new Date());
			const rig = call(question).calls[chosenOf(form)]?.rig ?? null;
			await setPreference(anglerId, 'desk', { ...desk, rig });
		} catch (error) {
			const { status, message } = asHttpFailure(error, locals.requestId);
			return fail(status, { message });
		}
		redirect(303, '/call');
	},

	/** Keeps the reading and its call together. */
	keep: async ({ request, locals }) => {
		const { anglerId } = anglerOf(locals);
		try {
			const form = await request.formData();
			const question = await asked(form, anglerId);
			const answer = call(question);
			const name = String(form.get('name') ?? '').trim() || 'Unnamed call';
			const readingId = String(form.get('readingId') ?? '') || null;
			const stored = await keptCalls.put(anglerId, randomUUID(), 0, {
				schemaVersion: SCHEMA_VERSION,
				name,
				readingId,
				keptAt: new Date().toISOString(),
				claimBase: answer.claimBase,
				reading: question.reading,
				stances: question.stances ?? {},
				houseRules: [...houseClaims(question.houseRules ?? []).rules],
				locks: question.locks ?? {},
				chosen: chosenOf(form),
				answer
			});
			return { kept: { id: stored.id, name } };
		} catch (error) {
			const { status, message } = asHttpFailure(error, locals.requestId);
			return fail(status, { message });
		}
	}
};
