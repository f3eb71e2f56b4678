import { randomUUID } from 'node:crypto';
import { fail, redirect } from '@sveltejs/kit';
import type { CallInput } from '$lib/core/foundation/schema/call';
import { savedCall } from '$lib/core/records/commands';
import { readEntry } from '$lib/core/records/read';
import { packAnswer } from '$lib/presentation/answerPack';
import { anglerOf } from '$lib/server/auth/api';
import { formOf } from '$lib/server/auth/forms';
import { useRig } from '$lib/server/records/desk';
import { asHttpFailure, HttpFailure } from '$lib/server/http/failures';
import { listWaters } from '$lib/server/records/places';
import { ownColours } from '$lib/server/records/orFallback';
import { storeOf } from '$lib/server/records/store';
import { called, deskQuestionOf, firstAnswer, ownPartsOf } from '$lib/server/work/called';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	const answer = await firstAnswer(event, true);
	return {
		answer: answer && packAnswer(answer),
		own: await ownColours(event.locals, anglerOf(event.locals).anglerId),
		newId: randomUUID()
	};
};

/** What is asked by a page without scripts: it shows what the records hold. */
async function asked(anglerId: string): Promise<CallInput> {
	const [desk, stand, waters] = await Promise.all([
		storeOf('desk').find(anglerId),
		storeOf('stand').find(anglerId),
		listWaters(anglerId)
	]);
	const own = await ownPartsOf(anglerId, stand?.record.fromTray);
	return { ...deskQuestionOf(desk?.record ?? null, stand?.record ?? null, waters), ...own };
}

const chosenOf = (form: FormData): number => Math.min(7, Math.max(0, Math.trunc(Number(form.get('chosen') ?? 0)) || 0));
const textOf = (form: FormData, name: string): string | null => String(form.get(name) ?? '') || null;

export const actions: Actions = {
	/** Takes a called rig into use. */
	take: async (event) => {
		const { locals } = event;
		const { anglerId } = anglerOf(locals);
		try {
			const form = await formOf(event);
			const question = await asked(anglerId);
			const rig = (await called(question, { asker: anglerId })).calls[chosenOf(form)]?.rig;
			if (rig) await useRig(anglerId, rig);
		} catch (error) {
			const { status, message } = asHttpFailure(error, locals.requestId);
			return fail(status, { message });
		}
		redirect(303, '/call');
	},

	/** Keeps the reading and its call together; the form's own key sees to it that pressing twice keeps once. */
	keep: async (event) => {
		const { locals } = event;
		const { anglerId } = anglerOf(locals);
		try {
			const form = await formOf(event);
			const question = await asked(anglerId);
			const answer = await called(question, { asker: anglerId });
			const keptAt = new Date().toISOString();
			const desk = {
				readingId: textOf(form, 'readingId'),
				spotId: textOf(form, 'spotId'),
				takenAt: textOf(form, 'takenAt') ?? keptAt
			};
			const screen = { desk, question, chosen: chosenOf(form), name: textOf(form, 'name') ?? '', keptAt };
			const record = savedCall(screen, answer);
			const id = textOf(form, 'newId') ?? randomUUID();
			await storeOf('kept-calls').put(anglerId, id, 0, readEntry('kept-calls', record).record, { key: id });
			return { kept: { name: record.name } };
		} catch (error) {
			const { status, message } = asHttpFailure(error, locals.requestId);
			return fail(error instanceof HttpFailure ? error.status : status, { message });
		}
	}
};
