import type { AnglerSession } from '$lib/server/auth/session';

declare global {
	namespace App {
		interface Locals {
			/** The signed-in angler, or `null` before the session is opened. */
			session: AnglerSession | null;
			/** Whether the records could not be reached for this request. */
			recordsDown: boolean;
			requestId: string;
			/** Set where a page failed for a reason that another time may not meet: s after which to try again. */
			retryAfterS?: number;
		}
		interface Error {
			code: string;
			message: string;
		}
	}
}

export {};
