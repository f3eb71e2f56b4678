import { Readable } from 'node:stream';
import { noteExport } from '$lib/server/auth/accounts';
import { api } from '$lib/server/auth/api';
import { databaseNow } from '$lib/server/auth/clock';
import { HttpFailure } from '$lib/server/http/failures';
import { IMPORT_MAX, readJsonBytes } from '$lib/server/http/body';
import { exportedText, exportParts } from '$lib/server/records/transfer';
import { imported } from '$lib/server/work/imports';

/** The part that is asked for, from 1. @throws {HttpFailure} 422 where there is no such part. */
function partOf(asked: string | null, parts: number): number {
	const part = Number(asked ?? 1);
	if (Number.isInteger(part) && part >= 1 && part <= parts) return part;
	throw new HttpFailure(422, 'invalid', `There are ${parts} parts, counted from 1.`, 'part');
}

/** Everything saved as a file to download; of a large account `?part=2` is the second of several. */
export const GET = api(async ({ url }, { anglerId }) => {
	const now = await databaseNow();
	const parts = await exportParts(anglerId);
	const part = partOf(url.searchParams.get('part'), parts);
	// An account is deleted only after everything was taken out: after the last part.
	if (part === parts) await noteExport(anglerId, now);
	const name = `lucernal-${now.toISOString().slice(0, 10)}${parts > 1 ? `-part-${part}-of-${parts}` : ''}.json`;
	const text = Readable.from(exportedText(anglerId, now, { part, parts }));
	return new Response(Readable.toWeb(text) as ReadableStream, {
		headers: { 'content-type': 'application/json', 'content-disposition': `attachment; filename="${name}"` }
	});
});

/** Brings a file in; with `?preview` only says what it would change. */
export const POST = api(async ({ request, url }, { anglerId }) => {
	const bytes = await readJsonBytes(request, IMPORT_MAX);
	return Response.json(await imported(url.searchParams.has('preview') ? 'preview' : 'records', anglerId, bytes));
});
