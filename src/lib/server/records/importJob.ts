import type { ImportPlan } from '../../core/records/transfer';
import { parseJson } from '../http/body';
import type { HttpFailure } from '../http/failures';
import { importTallyCsv } from './tallyCsv';
import { importRecords, previewImport } from './transfer';

/** A file that an angler brings in, or looks at first. */
export interface ImportJob {
	readonly kind: 'preview' | 'records' | 'tally-csv';
	readonly anglerId: string;
	readonly bytes: Uint8Array;
}

/** What a file did, by its kind. */
export interface ImportAnswers {
	readonly preview: ImportPlan;
	readonly records: ImportPlan;
	readonly 'tally-csv': { readonly added: number; readonly known: number };
}

/** A refusal as it travels between threads. */
export type Refusal = Pick<HttpFailure, 'status' | 'code' | 'message' | 'path' | 'detail' | 'retryAfterS'>;
export type ImportDone =
	| { readonly ok: true; readonly answer: ImportAnswers[keyof ImportAnswers] }
	| { readonly ok: false; readonly refusal: Refusal };

/**
 * Reads a file and does with it what the job says.
 *
 * @throws {HttpFailure | InputFailure} With the place of the first thing wrong; then nothing was changed.
 */
export function runImport({ kind, anglerId, bytes }: ImportJob): Promise<ImportAnswers[keyof ImportAnswers]> {
	const text = Buffer.from(bytes.buffer, bytes.byteOffset, bytes.byteLength).toString('utf8');
	if (kind === 'tally-csv') return importTallyCsv(anglerId, text);
	return (kind === 'preview' ? previewImport : importRecords)(anglerId, parseJson(text));
}

/** How many rows an answer says were written. */
export function rowsWritten(kind: ImportJob['kind'], answer: ImportAnswers[keyof ImportAnswers]): number {
	if (kind === 'preview') return 0;
	if ('known' in answer) return answer.added;
	return Object.values(answer.records).reduce((sum, { added, changed }) => sum + added + changed, 0);
}
