/** One step back: what there was before, and on which screen it was changed. */
export interface Step<T> {
	readonly value: T;
	readonly screen: string;
	/** Place in the order of all steps of all documents. */
	readonly order: number;
}

/** A document as this device holds it. Nothing in it is a time: copies are told apart by versions alone. */
export interface DocumentState<T> {
	readonly value: T;
	/** Counts every change on this device. */
	readonly revision: number;
	/** The revision that the server has. */
	readonly acknowledged: number;
	/** The server's version that it was built on; 0 for none. */
	readonly base: number;
	readonly past: readonly Step<T>[];
	readonly future: readonly Step<T>[];
	/** The step that still goes on, such as a drag; empty for none. */
	readonly open: string;
}

/** Most steps that are kept. */
export const STEPS_MAX = 60;

/** Where and as part of what a change is made. */
export interface EditContext {
	readonly screen: string;
	readonly order: number;
	/** Changes in a row with one name are one step, until it is closed; empty for a step of its own. */
	readonly step?: string;
}

/** A document that came from the server, or was never anywhere. */
export const documentState = <T>(value: T, base: number): DocumentState<T> => ({
	value,
	base,
	revision: 0,
	acknowledged: 0,
	past: [],
	future: [],
	open: ''
});

/** A copy that an earlier edition stored, which had another word for `acknowledged`. */
export const inTodaysWords = <T>(stored: DocumentState<T> & { readonly told?: number }): DocumentState<T> => {
	const { told = 0, acknowledged = told, ...rest } = stored;
	return { ...rest, acknowledged };
};

/** Whether the server lacks the latest change. */
export const isDirty = ({ revision, acknowledged }: DocumentState<unknown>): boolean => revision > acknowledged;

/** The document with a new value: one step further, or the same step where one still goes on. */
export function changed<T>(
	held: DocumentState<T>,
	value: T,
	{ screen, order, step = '' }: EditContext
): DocumentState<T> {
	const goesOn = step !== '' && step === held.open && held.past.length > 0 && held.past.at(-1)!.screen === screen;
	const past = goesOn ? held.past : [...held.past, { value: held.value, screen, order }].slice(-STEPS_MAX);
	return { ...held, value, past, future: [], open: step, revision: held.revision + 1 };
}

/** The same change without a step: for what the angler did not do, such as a version that a record got. */
export const amended = <T>(held: DocumentState<T>, amend: (value: T) => T): DocumentState<T> => ({
	...held,
	value: amend(held.value),
	past: held.past.map((step) => ({ ...step, value: amend(step.value) })),
	future: held.future.map((step) => ({ ...step, value: amend(step.value) })),
	revision: held.revision + 1
});

/** One step back, or forth. */
function stepped<T>(held: DocumentState<T>, from: 'past' | 'future'): DocumentState<T> {
	const step = from === 'past' ? held.past.at(-1) : held.future[0];
	if (!step) return held;
	const here = { ...step, value: held.value };
	const past = from === 'past' ? held.past.slice(0, -1) : [...held.past, here];
	const future = from === 'past' ? [here, ...held.future] : held.future.slice(1);
	return { ...held, value: step.value, past, future, open: '', revision: held.revision + 1 };
}

export const undone = <T>(held: DocumentState<T>): DocumentState<T> => stepped(held, 'past');
export const redone = <T>(held: DocumentState<T>): DocumentState<T> => stepped(held, 'future');

/** The document after its step has come to an end. */
export const closed = <T>(held: DocumentState<T>): DocumentState<T> =>
	held.open === '' ? held : { ...held, open: '' };

/** The document after the server took a revision of it. */
export const acknowledged = <T>(held: DocumentState<T>, revision: number, version: number): DocumentState<T> => ({
	...held,
	base: Math.max(held.base, version),
	acknowledged: Math.max(held.acknowledged, revision)
});

/** The server's value in place of this one; what was here is one step back where it would otherwise be lost. */
export function replaced<T>(held: DocumentState<T>, value: T, version: number): DocumentState<T> {
	const revision = held.revision + 1;
	const kept = isDirty(held) ? [...held.past, { value: held.value, screen: '', order: 0 }].slice(-STEPS_MAX) : [];
	return { value, base: version, revision, acknowledged: revision, past: kept, future: [], open: '' };
}

/**
 * What a page begins with: the device's copy where it has something that the server was not told, or knows the server's
 * version or a later one (the page was asked for before the server had that); otherwise the server's.
 */
export function begun<T>(
	mine: DocumentState<T> | undefined,
	server: { value: T; version: number } | null
): DocumentState<T> | undefined {
	if (!mine) return undefined;
	if (!server || isDirty(mine) || mine.base >= server.version) return closed(mine);
	return replaced(mine, server.value, server.version);
}
