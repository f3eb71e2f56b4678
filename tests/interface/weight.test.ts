import { beforeAll, describe, expect, inject, it } from 'vitest';
import { SCREENS } from '../../src/lib/ui/frame/screens';
import { anglerWithRig } from './axe';
import type { TestAngler } from './browser';

/** Most bytes of a page as it is sent, before it is packed: half a second of a slow line even unpacked. */
const PAGE_MAX = 60_000;

describe('a page as it is sent', () => {
	let angler: TestAngler;
	beforeAll(async () => {
		angler = await anglerWithRig();
	});
	async function sent(path: string): Promise<string> {
		const response = await fetch(new URL(path, inject('address')), {
			headers: { cookie: `lucernal_session=${angler.token}` }
		});
		expect(response.status).toBe(200);
		return response.text();
	}

	it.each([...SCREENS.map(({ path }) => path), '/deck/places'])('of %s is light', async (path) => {
		expect(Buffer.byteLength(await sent(path))).toBeLessThan(PAGE_MAX);
	});

	it('says the answer in words before any script has come', async () => {
		const [water, call] = await Promise.all([sent('/water'), sent('/call')]);
		const words = (page: string): string =>
			page.slice(0, page.indexOf('<script nonce', page.indexOf('<main'))).replace(/<[^>]*>/g, ' ');
		expect(words(water)).toMatch(/Yes\.|Fair\.|Hardly\./);
		expect(words(call)).toMatch(/A day for blades\.|Blades are a fair choice|Not a day for blades\./);
		expect(words(call)).toContain('Decided by');
	});
});
