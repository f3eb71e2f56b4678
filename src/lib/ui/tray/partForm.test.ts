import { describe, expect, it } from 'vitest';
import { bladeSets } from '$lib/core/foundation/catalogue/layouts';
import { traySchema } from '$lib/core/foundation/schema/tray';
import { fieldsFor, FIELD_KINDS, kindOfPart, PART_FIELDS, partFrom, type Values } from './partForm';
import { lureOf, partsIn } from './fromRig';
import { spread, usualPrices } from './season';
import { call } from '$lib/core/ranking/answer/call';
import { PLAIN } from '$lib/core/claims/examples';
import { readingSchema } from '$lib/core/foundation/schema/reading';

/** Every way to fill in the form of a kind, one field after the other. */
function waysOf(kind: (typeof FIELD_KINDS)[number]): Values[] {
	return PART_FIELDS[kind].reduce<Values[]>(
		(ways, { key, options }) =>
			ways.flatMap((values) => {
				const open = options(values);
				return open.length === 0 ? [values] : open.map((value) => ({ ...values, [key]: value }));
			}),
		[{}]
	);
}

describe('the form of a part', () => {
	it.each(FIELD_KINDS)('%s: whatever is chosen makes a part that a tray takes', (kind) => {
		const parts = waysOf(kind).map((values) => partFrom(kind, values));
		expect(parts.length).toBeGreaterThan(0);
		for (const part of parts) expect(traySchema.safeParse([part]).success, JSON.stringify(part)).toBe(true);
	});

	it('offers only blades that are sold: each style in its own sizes', () => {
		const made = waysOf('blade').map((values) => `${values.style} ${values.size}`);
		for (const { rear } of bladeSets('single')) expect(made).toContain(`${rear.style} ${rear.size}`);
		expect(made).not.toContain('indiana 7');
	});

	it('lets go of a size that another style does not have', () => {
		const [, size] = fieldsFor('blade', { style: 'indiana', size: 7 });
		expect(size!.options).toContain(size!.value);
	});

	it('tells parts apart by what they are, not by how many there are or what they cost', () => {
		expect(kindOfPart({ part: 'wire', wireIn: 0.035, count: 3, price: 1 })).toBe(
			kindOfPart({ part: 'wire', wireIn: 0.035, count: 1 })
		);
	});
});

describe('the parts of a rig', () => {
	it('make a tray from which the very lure can be called', () => {
		const reading = readingSchema.parse(PLAIN);
		const { rig } = call({ reading }, { windows: false, families: false }).calls[0]!;
		for (const tray of [partsIn(rig), [lureOf(rig)]]) {
			expect(traySchema.safeParse(tray).success).toBe(true);
			const [own] = call({ reading, tray }, { windows: false, families: false }).calls;
			expect(own!.rig).toMatchObject({ weightOz: rig.weightOz, skirt: { colour: rig.skirt.colour } });
		}
	});
});

describe('a season', () => {
	it('is spread over all readings where there are many', () => {
		const readings = Array.from({ length: 100 }, (_, at) => ({ ...readingSchema.parse(PLAIN), bottomM: 2 + at / 50 }));
		const some = spread(readings);
		expect(some).toHaveLength(24);
		expect(some[0]).toBe(readings[0]);
		expect(readings.indexOf(some.at(-1)!)).toBeGreaterThan(90);
		expect(spread(readings.slice(0, 3))).toHaveLength(3);
	});

	it('costs what parts of a kind cost on average', () => {
		const tray = [
			{ part: 'wire' as const, wireIn: 0.035, price: 1 },
			{ part: 'wire' as const, wireIn: 0.03, price: 2 },
			{ part: 'head' as const, weightOz: 0.5 }
		];
		expect(usualPrices(tray)).toEqual({ wire: 1.5 });
	});
});
