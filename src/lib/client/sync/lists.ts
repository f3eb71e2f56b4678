import type { Write } from './outbox.svelte';

/** A record of a list, as the server or this device has it. */
export interface Listed<R> {
	readonly id: string;
	readonly version: number;
	readonly record: R;
}

/** What a list has still to show of the writes: refused ones are left out, and what was brought back was never removed. */
export function toShow(writes: readonly Write[]): Write[] {
	const shown: Write[] = [];
	for (const write of writes) {
		if (write.refusal) continue;
		const before =
			write.action === 'restore' ? shown.findIndex(({ id, action }) => id === write.id && action === 'remove') : -1;
		if (before >= 0) shown.splice(before, 1);
		else shown.push(write);
	}
	return shown;
}

/** A list as it was last read from the server, with what it has still to show: new records first. */
export function listWithWaiting<R>(list: readonly Listed<R>[], writes: readonly Write[]): Listed<R>[] {
	const known = new Map(list.map((item) => [item.id, item]));
	const fresh = new Map<string, Listed<R>>();
	for (const { id, action, base, record } of writes) {
		const shown = known.has(id) ? known : fresh;
		if (action === 'remove') shown.delete(id);
		if (action === 'put') shown.set(id, { id, version: base, record: record as R });
	}
	return [...[...fresh.values()].reverse(), ...known.values()];
}
