import { beforeAll, expect, it } from 'vitest';
import { anglerWithRig, foundOn, PHONE, SCREENS } from './axe';
import type { TestAngler } from './browser';

let angler: TestAngler;
beforeAll(async () => {
	angler = await anglerWithRig();
});

it.each(SCREENS)('axe finds nothing on %s of a phone, in either theme', async (path) => {
	expect(await foundOn(path, PHONE, angler)).toEqual([]);
});
