import { brotliDecompressSync, gunzipSync } from 'node:zlib';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { codingFor, compressed } from './compress';

const asks = (accepted: string | null, method = 'GET') =>
	new Request('http://127.0.0.1/', { method, headers: accepted === null ? {} : { 'accept-encoding': accepted } });
const answer = (text: string, type = 'text/html', more: Record<string, string> = {}) =>
	new Response(text, { headers: { 'content-type': type, 'content-length': String(Buffer.byteLength(text)), ...more } });
const LONG = 'Wind on the bank, '.repeat(400);

describe('the coding of an answer', () => {
	it.each([
		['gzip, deflate, br', 'br'],
		['gzip', 'gzip'],
		['br;q=0, gzip;q=0.5', 'gzip'],
		['BR', 'br'],
		['deflate', null],
		['', null],
		[null, null]
	])('for %s is %s', (accepted, coding) => {
		expect(codingFor(accepted)).toBe(coding);
	});
});

describe('an answer', () => {
	it('reads the same however it comes', async () => {
		const text = fc.string({ unit: 'grapheme', minLength: 1 }).map((one) => one.repeat(Math.ceil(3000 / one.length)));
		await fc.assert(
			fc.asyncProperty(text, fc.constantFrom('br', 'gzip'), async (whole, coding) => {
				const { headers, ...response } = await compressed(asks(coding), answer(whole)).then(async (one) => ({
					headers: one.headers,
					bytes: Buffer.from(await one.arrayBuffer())
				}));
				expect(headers.get('content-encoding')).toBe(coding);
				expect(Number(headers.get('content-length'))).toBe(response.bytes.length);
				const plain = coding === 'br' ? brotliDecompressSync(response.bytes) : gunzipSync(response.bytes);
				expect(plain.toString()).toBe(whole);
			}),
			{ numRuns: 40 }
		);
	});

	it('keeps its status, says that it depends on the reader, and its tag is a weak one', async () => {
		const given = new Response(LONG, {
			status: 422,
			headers: { 'content-type': 'application/json', 'content-length': String(LONG.length), etag: '"a"' }
		});
		const { status, headers } = await compressed(asks('br'), given);
		expect([status, headers.get('vary'), headers.get('etag')]).toEqual([422, 'accept-encoding', 'W/"a"']);
		expect(Number(headers.get('content-length'))).toBeLessThan(LONG.length / 10);
	});

	it.each([
		['short', answer('Yes.'), asks('br')],
		['no text', answer(LONG, 'image/png'), asks('br')],
		['coded already', answer(LONG, 'text/css', { 'content-encoding': 'gzip' }), asks('br')],
		['for a reader who takes nothing', answer(LONG), asks(null)],
		['a stream of unknown length', new Response(LONG, { headers: { 'content-type': 'text/html' } }), asks('br')]
	])('that is %s goes as it is', async (_, given, request) => {
		const before = given.headers.get('content-encoding');
		const after = await compressed(request, given);
		expect(after.headers.get('content-encoding')).toBe(before);
		expect(after).toBe(given);
	});
});
