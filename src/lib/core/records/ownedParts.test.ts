import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { EMPTY_TRAY, mergedTrays, partsOf, withItem, withoutItem } from './ownedParts';
import { trayRecordSchema, type TrayItem, type TrayRecord } from './trayRecord';

const KEYS = Array.from({ length: 6 }, (_, at) => `0000000${at}-0000-4000-8000-000000000000`);
const item = (id: string, count = 1): TrayItem => ({ id, part: { part: 'wire', wireIn: 0.035, count } });
const trayOf = (...items: TrayItem[]): TrayRecord => items.reduce(withItem, EMPTY_TRAY);

/** What is done to a tray on one device: an entry is put in with a count, or deleted. */
const anyWork = fc.array(
	fc.record({ key: fc.constantFrom(...KEYS), count: fc.integer({ min: 0, max: 5 }), away: fc.boolean() })
);
const worked = (tray: TrayRecord, work: readonly { key: string; count: number; away: boolean }[]): TrayRecord =>
	work.reduce((held, { key, count, away }) => (away ? withoutItem(held, key) : withItem(held, item(key, count))), tray);

describe('a tray', () => {
	it('changes an entry in its place, and lists its parts as the call takes them', () => {
		const tray = withItem(trayOf(item(KEYS[0]!), item(KEYS[1]!)), item(KEYS[0]!, 4));
		expect(partsOf(tray)).toEqual([
			{ part: 'wire', wireIn: 0.035, count: 4 },
			{ part: 'wire', wireIn: 0.035, count: 1 }
		]);
		expect(trayRecordSchema.safeParse(tray).success).toBe(true);
	});

	it('that was changed on two devices loses and doubles nothing, and brings nothing back that was deleted', () => {
		fc.assert(
			fc.property(anyWork, anyWork, anyWork, (before, here, there) => {
				const base = worked(EMPTY_TRAY, before);
				const [mine, theirs] = [worked(base, here), worked(base, there)];
				const both = mergedTrays(mine, theirs);
				const keys = both.items.map(({ id }) => id);
				expect(new Set(keys).size).toBe(keys.length);
				const gone = new Set([...mine.gone, ...theirs.gone]);
				for (const { id } of [...mine.items, ...theirs.items]) expect(keys.includes(id)).toBe(!gone.has(id));
				for (const one of mine.items) if (!gone.has(one.id)) expect(both.items).toContainEqual(one);
			})
		);
	});
});
