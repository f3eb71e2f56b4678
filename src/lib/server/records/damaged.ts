import { DOCUMENT_KIND_NAMES } from '../../core/records/kind';
import { KINDS, LISTED_KIND_NAMES, type RecordKindName } from '../../core/records/kinds';
import { storeOf } from './store';

/** A record that is stored and cannot be read, as the screens show it. */
export interface DamagedRecord {
	readonly kind: RecordKindName;
	/** What it is, in a word. */
	readonly what: string;
	readonly id: string;
	readonly why: string;
}

/** Kinds of which every page reads all, or nearly all: damage among them is shown at once. */
export const EVERYWHERE: readonly RecordKindName[] = [...DOCUMENT_KIND_NAMES, 'waters', 'spots'];
const ALL: readonly RecordKindName[] = [...DOCUMENT_KIND_NAMES, ...LISTED_KIND_NAMES];

/** An angler's records of some kinds that cannot be read; others get their turn while they are looked through. */
export async function damagedRecords(
	anglerId: string,
	kinds: readonly RecordKindName[] = ALL
): Promise<DamagedRecord[]> {
	const found: DamagedRecord[] = [];
	for (const kind of kinds) {
		for await (const { id, why } of storeOf(kind).damaged(anglerId))
			found.push({ kind, what: KINDS[kind].what, id, why });
	}
	return found;
}
