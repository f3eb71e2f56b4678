import { describe, expect, it } from 'vitest';
import { callInputSchema } from '../../foundation/schema/call';
import type { Rig } from '../../foundation/schema/rig';
import { call } from './call';
import { CURVE_FIELDS, flipsOf, STEPS, type Curve, type Flip, type FlipEvent } from './flips';

const reading = {
	waterTemperatureC: 20,
	visibilityM: 1.3,
	// As it comes from feet: no whole number of centimeters.
	bottomM: 2.996,
	sky: 'overcast',
	wind: 'chop',
	fishFromM: 0.5,
	fishToM: 1.8
} as const;
const input = callInputSchema.parse({ reading });

describe('what would flip the answer', () => {
	const events: FlipEvent[] = [...flipsOf(input)];
	const flips = events.flatMap((event) => (event.kind === 'flip' ? [event.flip] : []));
	const curves = events.flatMap((event) => (event.kind === 'curve' ? [event.curve] : []));
	const top = call(input).calls[0]!.rig;

	/** The top call with one field changed, worked out anew. */
	const topAt = ({ field, to }: Pick<Flip, 'field' | 'to'>) =>
		call(callInputSchema.parse({ reading: { ...reading, [field]: to } })).calls[0]!.rig;

	it('is found for words and for figures, and holds when asked anew', () => {
		const simple = flips.filter(({ field }) =>
			['waterTemperatureC', 'visibilityM', 'sky', 'light', 'mood'].includes(field)
		);
		expect(simple.length).toBeGreaterThan(3);
		for (const flip of simple) {
			expect({ field: flip.field, family: topAt(flip).family }).toEqual({
				field: flip.field,
				family: flip.becomes.family
			});
			const changed = { ...flip.becomes, retrieve: null, reel: null };
			expect(changed).not.toEqual({ ...top, retrieve: null, reel: null });
		}
	});

	it('leads to a reading that an angler could have written, at which the call is another', () => {
		for (const { aspect, becomes, field, to, patch } of flips) {
			const changed = callInputSchema.parse({ reading: { ...reading, ...patch } });
			const { rig } = call(changed).calls[0]!;
			const looks = ({ family, blades, weightOz, skirt, trailer }: Rig) =>
				({ family, blades, weight: weightOz, colour: [skirt.colour, trailer?.colour] })[aspect];
			expect({ field, to, [aspect]: looks(rig) }).not.toEqual({ field, to, [aspect]: looks(top) });
			if (aspect === 'family') expect(rig.family).toBe(becomes.family);
			for (const value of Object.values(patch)) {
				if (typeof value === 'number') expect([Math.round(value * 100) / 100, reading.bottomM]).toContain(value);
			}
		}
	});

	it('stays in this water: no fish below its bottom, whatever its depth is to the centimeter', () => {
		const found = flips.filter(({ field }) => ['fishFromM', 'fishToM'].includes(field));
		expect(found.length).toBeGreaterThan(0);
		for (const { to, patch } of found) {
			expect(to).toBeLessThanOrEqual(reading.bottomM);
			expect(patch.bottomM).toBeUndefined();
			expect(Math.max(patch.fishToM ?? 0, patch.fishFromM ?? 0)).toBeLessThanOrEqual(reading.bottomM);
		}
	});

	it('is told first where it comes soonest: words and another family before the thorough scan', () => {
		const first = events.findIndex((event) => event.kind === 'curve');
		const early = events.slice(0, first).flatMap((event) => (event.kind === 'flip' ? [event.flip] : []));
		expect(early.some(({ to }) => typeof to === 'string')).toBe(true);
		expect(early.some(({ aspect, to }) => aspect === 'family' && typeof to === 'number')).toBe(true);
		// Rankings before that: at the pace of a ranking in the worker, about a second.
		expect(events.slice(0, first).filter(({ kind }) => kind === 'pause').length).toBeLessThan(400);
	});

	it('is the nearest: a hair before it the aspect is as it was', () => {
		const warm = flips.findLast(({ field, aspect }) => field === 'waterTemperatureC' && aspect === 'family');
		expect(warm).toBeDefined();
		const from = reading.waterTemperatureC;
		const hair = from + ((warm!.to as number) - from) * 0.97;
		expect(topAt({ field: 'waterTemperatureC', to: hair }).family).toBe(top.family);
	});

	it('comes with a curve for each of the three, and the winner now is the family called', () => {
		expect(curves.map(({ field }) => field)).toEqual([...CURVE_FIELDS]);
		const { values, scores }: Curve = curves[0]!;
		expect(values).toHaveLength(STEPS + 1);
		const at = values.findIndex((value) => value >= reading.waterTemperatureC);
		const best = Object.entries(scores).sort(([, a], [, b]) => (b[at] ?? -99) - (a[at] ?? -99))[0]![0];
		expect(best).toBe(top.family);
	});

	it('tells how many neighboring classes leave the family alone', () => {
		const robustness = events.find((event) => event.kind === 'robustness');
		expect(robustness).toMatchObject({ tried: 6 });
	});
});
