import type { SubmitFunction } from '@sveltejs/kit';

/**
 * Sends a form of account without leaving the page, so that what was typed stays where it is refused. Nothing is loaded
 * anew: whoever has just got an account would be led away from the codes that are shown once.
 */
export const stay: SubmitFunction =
	() =>
	({ update }) =>
		update({ invalidateAll: false, reset: false });
