import { parseWith } from '../../core/schema/failure';
import { SCHEMA_VERSION } from '../../core/schema/records';
import { transferSchema, type Transfer } from '../../core/schema/transfer';
import { database } from '../db/connection';
import { getPreference, setPreference } from './preferences';
import { keptCalls, parts, readings, rigs } from './stores';
import type { Stored, Store } from './store';
import type { OwnedRow } from '../db/models';

const EVERYTHING = 5000;

/** Everything that an angler has kept, as one file. */
export async function exportRecords(anglerId: string, now: Date): Promise<Transfer> {
	const [kept, calls, keptRigs, ownParts, stand] = await Promise.all([
		readings.list(anglerId, EVERYTHING),
		keptCalls.list(anglerId, EVERYTHING),
		rigs.list(anglerId, EVERYTHING),
		parts.list(anglerId, EVERYTHING),
		getPreference(anglerId, 'stand')
	]);
	return {
		kind: 'lucernal-records',
		schemaVersion: SCHEMA_VERSION,
		exportedAt: now.toISOString(),
		...(stand ? { stand } : {}),
		readings: kept,
		keptCalls: calls,
		rigs: keptRigs,
		parts: ownParts
	};
}

/** What an import would do to one kind of record. */
export interface Change {
	readonly added: number;
	readonly changed: number;
	readonly same: number;
}

export interface ImportPlan {
	readonly readings: Change;
	readonly keptCalls: Change;
	readonly rigs: Change;
	readonly parts: Change;
	/** Whether the file replaces the angler's sides and own rules. */
	readonly stand: boolean;
}

type Step = 'added' | 'changed' | 'same';

interface Planned<R> {
	readonly step: Step;
	readonly seen: number;
	readonly item: Stored<R>;
}

const sameRecord = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

function plan<R>(incoming: readonly Stored<R>[], present: readonly Stored<R>[]): Planned<R>[] {
	const byId = new Map(present.map((stored) => [stored.id, stored]));
	return incoming.map((item) => {
		const own = byId.get(item.id);
		if (!own) return { step: 'added', seen: 0, item };
		return { step: sameRecord(own.record, item.record) ? 'same' : 'changed', seen: own.version, item };
	});
}

function countSteps(planned: readonly { readonly step: Step }[]): Change {
	const count = (step: Step): number => planned.filter((entry) => entry.step === step).length;
	return { added: count('added'), changed: count('changed'), same: count('same') };
}

async function plans(anglerId: string, file: Transfer) {
	const own = await exportRecords(anglerId, new Date(0));
	return {
		readings: plan(file.readings, own.readings),
		keptCalls: plan(file.keptCalls, own.keptCalls),
		rigs: plan(file.rigs, own.rigs),
		parts: plan(file.parts, own.parts),
		stand: file.stand !== undefined && !sameRecord(file.stand, own.stand)
	};
}

type Plans = Awaited<ReturnType<typeof plans>>;
const told = (planned: Plans): ImportPlan => ({
	readings: countSteps(planned.readings),
	keptCalls: countSteps(planned.keptCalls),
	rigs: countSteps(planned.rigs),
	parts: countSteps(planned.parts),
	stand: planned.stand
});

/**
 * What a file would change, without changing it.
 *
 * @throws {InputFailure} With the path to the first thing wrong in the file.
 */
export async function previewImport(anglerId: string, file: unknown): Promise<ImportPlan> {
	return told(await plans(anglerId, parseWith(transferSchema, file)));
}

/**
 * Brings a file in, wholly or not at all. Records that are the same are left alone; those deleted here come back.
 *
 * @throws {InputFailure} With the path to the first thing wrong in the file; then nothing was changed.
 */
export async function importRecords(anglerId: string, file: unknown): Promise<ImportPlan> {
	const parsed = parseWith(transferSchema, file);
	const planned = await plans(anglerId, parsed);
	await database().sequelize.transaction(async (transaction) => {
		const write = async <M extends OwnedRow<M>, R>(store: Store<M, R>, entries: Planned<R>[]): Promise<void> => {
			for (const { step, seen, item } of entries) {
				if (step === 'same') continue;
				const known = step === 'added' ? await store.revive(anglerId, item.id, transaction) : seen;
				await store.put(anglerId, item.id, known, item.record, { transaction });
			}
		};
		await write(readings, planned.readings);
		await write(keptCalls, planned.keptCalls);
		await write(parts, planned.parts);
		await write(rigs, planned.rigs);
		if (parsed.stand && planned.stand) await setPreference(anglerId, 'stand', parsed.stand, transaction);
	});
	return told(planned);
}
