import type { Tray } from '../foundation/schema/tray';
import type { TrayItem, TrayRecord } from './trayRecord';
import { GONE_PARTS_MAX, ITEMS_MAX } from './trayLimits';
import { SCHEMA_VERSION } from './version';

/** A tray with nothing in it. */
export const EMPTY_TRAY: TrayRecord = { schemaVersion: SCHEMA_VERSION, items: [], gone: [] };

/** The parts of a tray, as the call takes them. */
export const partsOf = ({ items }: TrayRecord): Tray => items.map(({ part }) => part);

/** A tray with an entry added, or changed where it is there already. */
export function withItem(tray: TrayRecord, item: TrayItem): TrayRecord {
	const at = tray.items.findIndex(({ id }) => id === item.id);
	const items = at < 0 ? [...tray.items, item] : tray.items.with(at, item);
	return { ...tray, items };
}

/** A tray without an entry, which is remembered as deleted. */
export const withoutItem = (tray: TrayRecord, id: string): TrayRecord => ({
	...tray,
	items: tray.items.filter((item) => item.id !== id),
	gone: [...tray.gone, id].slice(-GONE_PARTS_MAX)
});

/** Two trays that were changed apart, put together: nothing is lost or doubled, and what was deleted stays away. */
export function mergedTrays(mine: TrayRecord, theirs: TrayRecord): TrayRecord {
	const gone = [...new Set([...theirs.gone, ...mine.gone])].slice(-GONE_PARTS_MAX);
	const known = new Set(mine.items.map(({ id }) => id));
	const items = [...mine.items, ...theirs.items.filter(({ id }) => !known.has(id))];
	return { ...mine, items: items.filter(({ id }) => !gone.includes(id)).slice(0, ITEMS_MAX), gone };
}
