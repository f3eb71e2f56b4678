import { promisify } from 'node:util';
import { brotliCompress, constants, gzip } from 'node:zlib';

/** Under so many bytes an answer goes as it is: it fits a packet. */
const LEAST = 1400;
/** Of what is made anew for every request: most of the gain for little time. */
const QUALITY = 4;
const TEXT = /^(text\/|application\/([\w.+-]*(json|xml)|javascript)|image\/svg\+xml)/;

const CODINGS = {
	br: (bytes: Uint8Array) =>
		promisify(brotliCompress)(bytes, {
			params: { [constants.BROTLI_PARAM_QUALITY]: QUALITY, [constants.BROTLI_PARAM_SIZE_HINT]: bytes.length }
		}),
	gzip: (bytes: Uint8Array) => promisify(gzip)(bytes)
} as const;
type Coding = keyof typeof CODINGS;

/** The coding that a reader takes and that makes most of it (RFC 9110, section 12.5.3); `null` for none. */
export function codingFor(accepted: string | null): Coding | null {
	const named = (accepted ?? '').split(',').map((one) =>
		one
			.trim()
			.toLowerCase()
			.split(/\s*;\s*q=/)
	);
	const takes = (coding: string): boolean =>
		named.some(([name, weight]) => name === coding && !(weight !== undefined && Number(weight) === 0));
	return takes('br') ? 'br' : takes('gzip') ? 'gzip' : null;
}

/** An answer in fewer bytes where its reader takes them. What streams, is small, or is no text goes as it is. */
export async function compressed(request: Request, response: Response): Promise<Response> {
	const { headers, status, body } = response;
	const isText = TEXT.test(headers.get('content-type') ?? '');
	// Only what has its length is whole already.
	const length = Number(headers.get('content-length') ?? 0);
	if (!body || !isText || headers.has('content-encoding')) return response;
	headers.append('vary', 'accept-encoding');
	const coding = codingFor(request.headers.get('accept-encoding'));
	if (coding === null || length < LEAST || request.method === 'HEAD') return response;
	const bytes = await CODINGS[coding](new Uint8Array(await response.arrayBuffer()));
	const said = new Headers(headers);
	said.set('content-encoding', coding);
	said.set('content-length', String(bytes.length));
	const tag = said.get('etag');
	if (tag && !tag.startsWith('W/')) said.set('etag', `W/${tag}`);
	return new Response(Uint8Array.from(bytes), { status, headers: said });
}
