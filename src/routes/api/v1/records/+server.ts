import { Readable } from 'node:stream';
import { noteExport } from '$lib/server/auth/accounts';
import { api } from '$lib/server/auth/api';
import { IMPORT_MAX, readJson } from '$lib/server/http/body';
import { exportedText, importRecords, previewImport } from '$lib/server/records/transfer';

/** Everything kept, as one file to download. */
export const GET = api(async (_event, { anglerId }) => {
	const now = new Date();
	await noteExport(anglerId, now);
	const name = `lucernal-${now.toISOString().slice(0, 10)}.json`;
	return new Response(Readable.toWeb(Readable.from(exportedText(anglerId, now))) as ReadableStream, {
		headers: { 'content-type': 'application/json', 'content-disposition': `attachment; filename="${name}"` }
	});
});

/** Brings a file in; with `?preview` only says what it would change. */
export const POST = api(async ({ request, url }, { anglerId }) => {
	const file = await readJson(request, IMPORT_MAX);
	const plan = url.searchParams.has('preview') ? previewImport : importRecords;
	return Response.json(await plan(anglerId, file));
});
