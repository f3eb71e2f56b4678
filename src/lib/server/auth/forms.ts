import { fail, type ActionFailure, type RequestEvent } from '@sveltejs/kit';
import { asHttpFailure } from '../http/failures';

/** Longest text of a field that is looked at. */
const FIELD_MAX = 1000;

/** What a form of account brings. */
type Typed = Readonly<Record<string, string>>;

/** The text fields of a form. */
async function typedIn(request: Request): Promise<Typed> {
	const form = await request.formData();
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
	{ request, locals }: RequestEvent,
	form: string,
	run: (typed: Typed) => Promise<T>
): Promise<T | ActionFailure<Refused>> {
	const typed = await typedIn(request);
	let failure;
	try {
		return await run(typed);
	} catch (error) {
		// Ways out of an action are thrown too.
		if (error !== null && typeof error === 'object' && 'location' in error) throw error;
		failure = asHttpFailure(error, locals.requestId);
	}
	const { status, path: field, message } = failure;
	return fail(status, { form, field, message, name: typed.name ?? '' });
}
