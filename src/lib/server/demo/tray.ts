import { SCHEMA_VERSION } from '../../core/records/version';
import type { TrayRecord } from '../../core/records/trayRecord';
import type { Finish, TurningStyle } from '../../core/foundation/schema/words';
import type { TrayPart } from '../../core/foundation/schema/tray';

type Entry = readonly [part: TrayPart, place: string];

const heads: readonly Entry[] = [
	[0.25, 2],
	[0.375, 6],
	[0.5, 4]
].map(([weightOz, count]) => [
	{ part: 'head', weightOz: weightOz!, headMaterial: 'lead', headShape: 'plain', count: count!, price: 1.4 },
	'left row'
]);

/** Style, size, finish, how many, and what one costs. */
const BLADES: readonly (readonly [TurningStyle, number, Finish, number, number])[] = [
	['colorado', 3, 'nickel', 6, 0.5],
	['colorado', 3, 'gold', 4, 0.5],
	['colorado', 4, 'gold', 3, 0.6],
	['colorado', 5, 'nickel', 1, 0.7],
	['indiana', 4, 'nickel', 2, 0.6],
	['willow', 3.5, 'nickel', 5, 0.5],
	['willow', 4, 'gold', 4, 0.6],
	['willow', 4.5, 'nickel', 3, 0.6]
];
const blades: readonly Entry[] = BLADES.map(([style, size, finish, count, price]) => [
	{ part: 'blade', style, size, finish, texture: 'smooth', count, price },
	'blade case'
]);

const rest: readonly Entry[] = [
	[{ part: 'blade', style: 'standard', finish: 'nickel', count: 3, price: 0.6 }, 'blade case'],
	[{ part: 'blade', style: 'prop-2', size: 45, finish: 'white', count: 1, price: 0.9 }, 'blade case'],
	[{ part: 'wire', wireIn: 0.035, count: 10, price: 0.3 }, 'tube'],
	[{ part: 'wire', wireIn: 0.03, count: 2, price: 0.3 }, 'tube'],
	[{ part: 'skirt', colour: 'white', material: 'silicone', count: 4, price: 1.1 }, 'skirt bag'],
	[{ part: 'skirt', colour: 'white-chartreuse', material: 'silicone', count: 3, price: 1.1 }, 'skirt bag'],
	[{ part: 'skirt', colour: 'green-pumpkin', material: 'silicone', count: 2, price: 1.1 }, 'skirt bag'],
	[{ part: 'skirt', colour: 'orange', material: 'fine', count: 1, price: 1.6 }, 'skirt bag'],
	[{ part: 'trailer', kind: 'split-tail', colour: 'white', lengthIn: 3, count: 9, price: 0.4 }, 'soft box'],
	[{ part: 'trailer', kind: 'craw', colour: 'green-pumpkin', lengthIn: 3, count: 6, price: 0.5 }, 'soft box'],
	[{ part: 'trailer-hook', trailerHook: 'free', count: 5, price: 0.3 }, 'tube'],
	[{ part: 'line', type: 'fluorocarbon', testLb: 17, count: 1, price: 18 }, 'reel bag'],
	[{ part: 'line', type: 'braid', testLb: 40, count: 1, price: 16 }, 'reel bag']
];

/** What the demo's angler owns: enough for most days, with gaps that a season shows. @param key Gives each entry a key. */
export const demoTray = (key: () => string): TrayRecord => ({
	schemaVersion: SCHEMA_VERSION,
	items: [...heads, ...blades, ...rest].map(([part, place]) => ({ id: key(), part, place })),
	gone: []
});
