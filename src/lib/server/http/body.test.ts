import { expect, it } from 'vitest';
import { parseJson, readBytes, readForm } from './body';

const nested = (levels: number) => `${'{"a":['.repeat(levels / 2)}0${']}'.repeat(levels / 2)}`;

it('JSON may be nested 64 levels deep, and is refused by its place where it is deeper', () => {
	expect(() => parseJson(nested(64))).not.toThrow();
	for (const levels of [66, 4500, 200_000]) {
		expect(() => parseJson(nested(levels))).toThrow(/more than 64 levels deep at line 1, column \d+/);
	}
	// Brackets in a text open nothing.
	expect(parseJson(JSON.stringify({ a: `${'['.repeat(500)}"\\"${'{'.repeat(500)}` }))).toHaveProperty('a');
});

/** A body that comes in pieces, without its length said before. */
function chunked(bytes: number, pieces: number, type: string): Request {
	let left = pieces;
	const body = new ReadableStream<Uint8Array>({
		pull(controller) {
			if (left-- > 0) controller.enqueue(new Uint8Array(bytes).fill(97));
			else controller.close();
		}
	});
	const init = { method: 'POST', body, duplex: 'half', headers: { 'content-type': type } };
	return new Request('http://127.0.0.1/', init as RequestInit);
}
const ENCODED = 'application/x-www-form-urlencoded';

it('a body is counted as it comes, and read no further than its limit', async () => {
	expect((await readBytes(chunked(10, 10, 'text/csv'), 100)).byteLength).toBe(100);
	const endless = chunked(1000, Number.MAX_SAFE_INTEGER, 'text/csv');
	await expect(readBytes(endless, 5000)).rejects.toMatchObject({ status: 413 });
	// What is left of it can still be read and dropped.
	expect(endless.body?.locked).toBe(false);
});

const form = (body: BodyInit, type?: string) =>
	new Request('http://127.0.0.1/', { method: 'POST', body, ...(type ? { headers: { 'content-type': type } } : {}) });

it('a form comes as its fields', async () => {
	expect((await readForm(form(new URLSearchParams({ name: 'A & B' })))).get('name')).toBe('A & B');
	const data = new FormData();
	data.set('file', new File(['{}'], 'a.json'));
	expect((await readForm(form(data))).get('file')).toBeInstanceOf(File);
});

it.each([
	['JSON', form('{}', 'application/json'), 415],
	['plain text', form('a=b', 'text/plain'), 415],
	['no parts', form('nothing', 'multipart/form-data; boundary=x'), 400],
	['no boundary', form('nothing', 'multipart/form-data'), 400],
	['too many bytes', chunked(64 * 1024, 400, ENCODED), 413],
	['too many fields', form(Array.from({ length: 2000 }, (_, at) => `f${at}=1`).join('&'), ENCODED), 413]
])('a form of %s is refused', async (_, request, status) => {
	await expect(readForm(request)).rejects.toMatchObject({ status });
});

it('a form of text stays small even where a file may be large', async () => {
	await expect(readForm(chunked(64 * 1024, 400, ENCODED), 64 * 1024 * 1024)).rejects.toMatchObject({ status: 413 });
});
