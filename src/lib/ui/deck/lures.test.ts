import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { startBuild } from '$lib/core/rig/build/start';
import type { Plan } from '$lib/core/foundation/schema/plan';
import { luresOf, printedShare, spansText } from './lures';

const hour = (at: number): string => new Date(Date.UTC(2026, 4, 9, at)).toISOString();
const clock = (at: string): string => at.slice(11, 16);
const [{ rig: spinner }, { rig: jig }] = [startBuild('spinnerbait'), startBuild('bladed-jig')];
const { rod, reel, line } = spinner;
const rodWith = (hours: readonly [number, string, typeof spinner][]): Plan['rods'][number] => ({
	outfit: { rod, reel, line },
	hours: hours.map(([at, spot, rig]) => ({ at: hour(at), spot, rig: structuredClone(rig), behind: 0 })),
	adds: 0,
	for: []
});

describe('what a rod carries', () => {
	it('is each lure once, with the stretches and places in which it is cast', () => {
		const carried = luresOf(
			rodWith([
				[6, 'bay', spinner],
				[7, 'bay', spinner],
				[8, 'bank', jig],
				[9, 'bank', spinner]
			])
		);
		expect(carried.map(({ rig }) => rig.family)).toEqual(['spinnerbait', 'bladed-jig']);
		expect(carried[0]!.stays).toEqual([
			{ from: hour(6), to: hour(8), spot: 'bay' },
			{ from: hour(9), to: hour(10), spot: 'bank' }
		]);
	});

	it('has its hours as the clock says them, hours in a row at two places as one stretch', () => {
		const stay = (from: number, to: number, spot: string) => ({ from: hour(from), to: hour(to), spot });
		expect(spansText([stay(6, 8, 'bay'), stay(8, 9, 'bank'), stay(12, 13, 'bay')], clock)).toBe(
			'06:00–09:00, 12:00–13:00'
		);
		expect(spansText([], clock)).toBe('');
	});

	it('loses no hour, whatever is cast when', () => {
		fc.assert(
			fc.property(fc.array(fc.tuple(fc.boolean(), fc.boolean()), { minLength: 1, maxLength: 14 }), (day) => {
				const hours = day.map(([isJig, isBay], at) => [at, isBay ? 'bay' : 'bank', isJig ? jig : spinner] as const);
				const stays = luresOf(rodWith(hours as never)).flatMap((one) => one.stays);
				const cast = stays.reduce((sum, { from, to }) => sum + (Date.parse(to) - Date.parse(from)) / 3_600_000, 0);
				expect(cast).toBe(day.length);
			})
		);
	});
});

it('lures are printed as large as life where the page has room, and never higher together than it has', () => {
	fc.assert(
		fc.property(fc.array(fc.double({ min: 15, max: 110, noNaN: true }), { minLength: 1, maxLength: 16 }), (heights) => {
			const share = printedShare(heights);
			const whole = heights.reduce((sum, height) => sum + height, 0);
			expect(share).toBeLessThanOrEqual(1);
			expect(share * whole).toBeLessThanOrEqual(190 + 1e-9);
			if (whole <= 190) expect(share).toBe(1);
		})
	);
});
