import { InputFailure, type Failure } from '../foundation/schema/failure';

/** What the core said when it refused to do something; `null` where it did it. */
export function refusalOf(run: () => unknown): Failure | null {
	try {
		run();
	} catch (error) {
		if (error instanceof InputFailure) return error.failure;
		throw error;
	}
	return null;
}
