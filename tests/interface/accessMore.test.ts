import { beforeAll, expect, it } from 'vitest';
import { anglerWithRig, foundOn, HALF, SCREENS } from './axe';
import type { TestAngler } from './browser';

let angler: TestAngler;
beforeAll(async () => {
	angler = await anglerWithRig();
});

it.each(SCREENS.slice(HALF))('nothing is wrong with %s, on laptop and phone, in either theme', async (path) => {
	expect(await foundOn(path, angler)).toEqual([]);
});
