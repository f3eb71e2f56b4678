import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { without } from '$lib/core/foundation/basics/without';
import { keysOf } from '$lib/core/foundation/basics/typed';
import type { TrayItem } from '$lib/core/records/trayRecord';
import { answerCall } from '$lib/core/ranking/answer/call';
import { lureOf } from './fromRig';
import { partFrom, PART_FIELDS } from './partForm';
import { readTray, trayCsv } from './trayFile';

const key = (at: number): string => `6f0c1d5e-8a1b-4c2d-9e3f-${String(at).padStart(12, '0')}`;
const { calls } = answerCall({ reading: { waterTemperatureC: 18, visibilityM: 1.2, bottomM: 2 } });
/** An entry of every kind, and finished lures of every family. */
const tray: readonly TrayItem[] = [
	...keysOf(PART_FIELDS).map((kind) => ({ ...partFrom(kind, {}), count: 3, price: 1.25 })),
	...calls.map(({ rig }) => lureOf(rig))
].map((part, at) => ({ id: key(at), part, place: `row ${at}`, ...(at % 2 ? { condition: 'worn' as const } : {}) }));

const bare = (item: TrayItem) => without(item, 'id');

describe('a tray as CSV', () => {
	it('comes back the same, entry by entry, into an empty tray', () => {
		fc.assert(
			fc.property(fc.shuffledSubarray([...tray]), (items) => {
				expect(readTray(trayCsv(items), [])).toEqual({ fresh: items.map(bare), known: 0, wrong: [] });
			}),
			{ numRuns: 30 }
		);
	});

	it('adds nothing to a tray that has it all', () => {
		expect(readTray(trayCsv(tray), tray)).toEqual({ fresh: [], known: tray.length, wrong: [] });
	});
});

describe('a sheet of the angler’s own', () => {
	it('is read as copied from a spreadsheet, with fractions and with plain words for columns', () => {
		const sheet = 'part\tstyle\tsize\tfinish\tNumber\tplace\nblade\tcolorado\t4 1/2\tgold\t3\ttop row\n';
		expect(readTray(sheet, []).fresh).toEqual([
			{ part: { part: 'blade', style: 'colorado', size: 4.5, finish: 'gold', count: 3 }, place: 'top row' }
		]);
		expect(readTray('part,weight\nhead,3/8', []).fresh).toEqual([{ part: { part: 'head', weightOz: 0.375 } }]);
	});

	it('says what is wrong line by line, and keeps what is right', () => {
		const { fresh, wrong } = readTray('part,colour,size\nskirt,white,\nskirt,mauve,\nskirt,white,4\nspoon,,', []);
		expect(fresh).toEqual([{ part: { part: 'skirt', colour: 'white' } }]);
		expect(wrong.map((line) => line.slice(0, 6))).toEqual(['Line 3', 'Line 4', 'Line 5']);
		expect(wrong[1]).toBe('Line 4: there is no size of this part.');
	});

	it('needs a column that says what each line is', () => {
		expect(readTray('colour\nwhite', []).wrong).toEqual([
			'Line 1: the column “part” is missing: head, blade, wire, skirt and so on.'
		]);
	});

	it.each(['2', '5/0'])('keeps a hook size like %s a word', (size) => {
		const items: TrayItem[] = [
			{
				id: key(0),
				part: { part: 'lure', rig: { family: 'underspin', hook: { size, gauge: 'light' }, trailer: null } }
			}
		];
		expect(readTray(trayCsv(items), []).fresh).toEqual(items.map(bare));
	});
});
