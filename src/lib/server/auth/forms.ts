import { fail, type ActionFailure, type RequestEvent } from '@sveltejs/kit';
import { readForm } from '../http/body';
import { asHttpFailure } from '../http/failures';
import { countWrite } from '../http/rates';

/** Longest text of a field that is looked at. */
const FIELD_MAX = 1000;

/**
 * The form that a page's action was sent. It counts as a write of the angler who sent it.
 *
 * @throws {HttpFailure} 429 with the seconds to wait, or what is wrong with the body.
 */
export async function formOf({ request, locals }: RequestEvent, limit?: number): Promise<FormData> {
	if (locals.session) await countWrite(locals.session.anglerId);
	return readForm(request, limit);
}

/** What a form of account brings. */
type Typed = Readonly<Record<string, string>>;

/** The text fields of a form. */
async function typedIn(event: RequestEvent): Promise<Typed> {
	const form = await formOf(event);
	const entries = [...form].map(([name, value]) => [name, String(value).slice(0, FIELD_MAX)] as const);
	return Object.fromEntries(entries);
}

/** What a refused form is answered with: the field and what is wrong; secrets are typed again. */
export interface Refused {
	readonly form: string;
	readonly field: string;
	readonly message: string;
	readonly name: string;
}

/** Does what a form asks; a refusal goes back to its field with the name that was typed. */
export async function tried<T extends object | void>(
	event: RequestEvent,
	form: string,
	run: (typed: Typed) => Promise<T>
): Promise<T | ActionFailure<Refused>> {
	let typed: Typed = {};
	let failure;
	try {
		typed = await typedIn(event);
		return await run(typed);
	} catch (error) {
		// Ways out of an action are thrown too.
		if (error !== null && typeof error === 'object' && 'location' in error) throw error;
		failure = asHttpFailure(error, event.locals.requestId);
	}
	const { status, path: field, message } = failure;
	return fail(status, { form, field, message, name: typed.name ?? '' });
}
