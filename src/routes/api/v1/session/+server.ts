import * as z from 'zod/mini';
import { parseWith } from '$lib/core/foundation/schema/failure';
import { signIn } from '$lib/server/auth/accounts';
import { enter } from '$lib/server/auth/cookie';
import { databaseNow } from '$lib/server/auth/clock';
import { config } from '$lib/server/db/config';
import { ANGLER } from '$lib/server/demo/scenario';
import { readJson } from '$lib/server/http/body';
import { asHttpFailure, failureResponse } from '$lib/server/http/failures';
import type { RequestHandler } from './$types';

const text = z.string().check(z.maxLength(1000));
const body = z.strictObject({ name: text, passphrase: text });
/** Longest body, bytes. */
const LIMIT = 8192;

/** Opens a session in place: a page whose session is over goes on where it was. The demo's angler needs no passphrase. */
export const POST: RequestHandler = async (event) => {
	try {
		const { name, passphrase } = parseWith(body, await readJson(event.request, LIMIT));
		const now = await databaseNow();
		const isDemo = config().demo && name === ANGLER.name && passphrase === '';
		const anglerId = isDemo ? ANGLER.id : await signIn({ name, passphrase, address: event.getClientAddress() }, now);
		await enter(event, anglerId, now);
		return Response.json({ anglerId });
	} catch (error) {
		return failureResponse(asHttpFailure(error, event.locals.requestId));
	}
};
