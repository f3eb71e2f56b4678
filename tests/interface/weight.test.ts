import { gzipSync } from 'node:zlib';
import { beforeAll, describe, expect, inject, it } from 'vitest';
import { SCREENS } from '../../src/lib/ui/frame/screens';
import { anglerWithRig } from './axe';
import type { TestAngler } from './browser';

/** Most bytes of a page as it is sent, before it is packed: half a second of a slow line even unpacked. */
const PAGE_MAX = 60_000;
/** Most bytes of the scripts that the first view waits for, packed: two seconds of a slow line. */
const SCRIPTS_MAX = 110_000;

describe('a page as it is sent', () => {
	let angler: TestAngler;
	beforeAll(async () => {
		angler = await anglerWithRig();
	});
	async function answered(path: string): Promise<Response> {
		const response = await fetch(new URL(path, inject('address')), {
			headers: { cookie: `lucernal_session=${angler.token}` }
		});
		expect(response.status).toBe(200);
		return response;
	}
	const sent = async (path: string): Promise<string> => (await answered(path)).text();

	it.each([...SCREENS.map(({ path }) => path), '/deck/places'])('of %s is light', async (path) => {
		expect(Buffer.byteLength(await sent(path))).toBeLessThan(PAGE_MAX);
	});

	it('waits for few scripts on Water, packed', async () => {
		const told = (await answered('/water')).headers.get('link') ?? '';
		const scripts = [...told.matchAll(/<([^>]+\.js)>; rel="modulepreload"/g)].map(([, href]) => href!);
		expect(scripts.length).toBeGreaterThan(10);
		const packed = await Promise.all(scripts.map(async (href) => gzipSync(await sent(href)).length));
		expect(packed.reduce((sum, bytes) => sum + bytes)).toBeLessThan(SCRIPTS_MAX);
	});

	it('says the answer in words before any script has come', async () => {
		const [water, call] = await Promise.all([sent('/water'), sent('/call')]);
		const words = (page: string): string =>
			page.slice(0, page.indexOf('<script nonce', page.indexOf('<main'))).replace(/<[^>]*>/g, ' ');
		expect(words(water)).toMatch(/Yes\.|Fair\.|Hardly\./);
		expect(words(call)).toMatch(/A day for blades\.|Blades are a fair choice|A poor day for blades\./);
		expect(words(call)).toContain('Decided by');
	});
});
