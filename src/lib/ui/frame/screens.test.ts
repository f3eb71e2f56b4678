import { expect, it } from 'vitest';
import { SCREENS, SHORTCUTS } from './screens';

it('no two shortcuts share a key, and no screen shares its path or name', () => {
	const keys = SHORTCUTS.map(([key]) => key.toLowerCase());
	expect(new Set(keys).size).toBe(keys.length);
	for (const field of ['path', 'name', 'asks'] as const) {
		expect(new Set(SCREENS.map((screen) => screen[field])).size).toBe(SCREENS.length);
	}
	// One letter each: what is typed into a field is never a shortcut of two.
	for (const { key } of SCREENS) expect(key).toMatch(/^[a-z]$/);
});
