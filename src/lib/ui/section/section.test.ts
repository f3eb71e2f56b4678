import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { completeReading } from '$lib/core/water/reading/complete';
import { readingSchema } from '$lib/core/foundation/schema/reading';
import { anyReading } from '$lib/core/testing/arbitraries';
import { bandWithin } from '$lib/core/water/reading/band';
import {
	arcOf,
	arrowPx,
	bedM,
	bedPath,
	depthAt,
	frameOf,
	reachM,
	shareAt,
	sunAt,
	sunDegAt,
	surfacePath,
	weedStems,
	windOf,
	yOf
} from './geometry';
import { boxOfGrip, gripsOf } from './grips';
import { shared } from './labels';
import { lessSaturated, waterStops } from '$lib/presentation/tint';

const SHARES = [0.2126, 0.7152, 0.0722];
/** Relative luminance of a color of the screen, 0 to 1 (IEC 61966-2-1): red counts for little, blue for least. */
const luminance = (colour: string): number =>
	(colour.match(/\d+/g) ?? [])
		.map((channel) => Number(channel) / 255)
		.map((channel) => (channel <= 0.04045 ? channel / 12.92 : ((channel + 0.055) / 1.055) ** 2.4))
		.reduce((sum, channel, at) => sum + SHARES[at]! * channel, 0);

describe('the section', () => {
	it('puts a depth where it reads it from, the surface at the foot of the sky', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 0.5, max: 40, noNaN: true }),
				fc.double({ min: 0, max: 1, noNaN: true }),
				(bottomM, share) => {
					const frame = frameOf(bottomM, 800, 430, true);
					expect(depthAt(frame, yOf(frame, share * bottomM))).toBeCloseTo(share * bottomM, 9);
					expect(yOf(frame, 0)).toBe(frame.sky);
					expect(yOf(frame, bottomM)).toBeLessThan(frame.height);
				}
			)
		);
	});

	it('has its bed at the bottom under the cast, and at the bank by the end', () => {
		const bed = { bottomM: 4, ditch: false };
		expect(bedM(bed, 0.62)).toBeCloseTo(4, 1);
		expect(bedM(bed, 0.965)).toBeCloseTo(0, 6);
		expect(bedM({ ...bed, ditch: true }, 0.2)).toBeGreaterThan(bedM(bed, 0.2));
		expect(bedPath(bed, frameOf(4, 800, 430, true))).toMatch(/^M44 /);
	});

	it('follows the spot’s own soundings: the bank at the bank, the reading’s bottom at their end and beyond', () => {
		const profile = [
			{ outM: 0, depthM: 0 },
			{ outM: 6, depthM: 0.5 },
			{ outM: 10, depthM: 4 },
			{ outM: 20, depthM: 5 }
		];
		const bed = { bottomM: 10, ditch: false, profile };
		expect(reachM({ bottomM: 10, ditch: false })).toBeGreaterThan(25);
		for (const { outM, depthM } of profile) expect(bedM(bed, shareAt(bed, outM))).toBeCloseTo(depthM * 2, 6);
		expect(bedM(bed, 0)).toBe(10);
		fc.assert(
			fc.property(fc.double({ min: 0, max: 0.96, noNaN: true }), (share) => {
				expect(bedM(bed, share)).toBeGreaterThanOrEqual(0);
				expect(bedM(bed, share)).toBeLessThanOrEqual(10 + 1e-9);
			})
		);
	});

	it('reads sun and wind back from where it draws them', () => {
		const frame = frameOf(3, 800, 430, true);
		const arc = arcOf(frame);
		for (const deg of [0, 4, 35, 62, 90]) {
			const { x, y } = sunAt(frame, arc, deg);
			expect(sunDegAt(frame, arc, x, y)).toBe(deg);
			expect(sunDegAt(frame, arc, arc.centre + 2 * (x - arc.centre), frame.sky + 2 * (y - frame.sky))).toBe(deg);
		}
		// Under the horizon, on either side, is the horizon.
		expect([sunDegAt(frame, arc, arc.centre - 90, frame.sky + 5), sunDegAt(frame, arc, arc.centre, 400)]).toEqual([
			0, 0
		]);
		for (const mps of [0.5, 3, 6.5, 14]) expect(windOf(arrowPx(mps))).toBe(mps);
		expect([arrowPx(0), windOf(-40), windOf(3)]).toEqual([0, 0, 0]);
	});

	it('has grips that a thumb can tell apart, whatever is read', () => {
		fc.assert(
			fc.property(anyReading, fc.constantFrom(360, 800), (input, width) => {
				const reading = completeReading(readingSchema.parse(input));
				const frame = frameOf(reading.bottomM, width, 424, width > 520);
				const boxes = gripsOf(frame, reading, frame.left + 200).map((grip) => boxOfGrip(frame, grip));
				for (const [at, box] of boxes.entries()) {
					for (const other of boxes.slice(at + 1)) expect(shared(box, other)).toBe(0);
				}
			})
		);
	});

	it('is a straight line in a calm', () => {
		const frame = frameOf(3, 800, 430, true);
		expect(surfacePath(frame, 0)).toBe(`M${frame.left} ${frame.sky}H${frame.right}`);
		expect(surfacePath(frame, 6)).toContain('L');
	});

	it('draws the same weed for the same water, denser where it is thicker', () => {
		const reading = completeReading(
			readingSchema.parse({
				waterTemperatureC: 18,
				visibilityM: 1,
				bottomM: 3,
				cover: [{ kind: 'grass-tops', density: 'medium', topM: 1 }]
			})
		);
		const frame = frameOf(3, 800, 430, true);
		const stems = (density: 'sparse' | 'medium' | 'thick') =>
			weedStems(frame, { ...reading.cover[0]!, density }, 0.3, 0.58, 11);
		expect(stems('medium')).toEqual(stems('medium'));
		expect(stems('thick').length).toBeGreaterThan(stems('sparse').length);
	});
});

describe('the water', () => {
	it('darkens downwards from a little under the surface on, and by lamplight, in any stain', () => {
		fc.assert(
			fc.property(anyReading, (input) => {
				const reading = completeReading(readingSchema.parse(input));
				// In soup of a hand's breadth the light is gone at once, and what is drawn is the last gray of the scale.
				fc.pre(reading.visibilityM >= 0.3);
				const stops = waterStops(reading, reading.bottomM, false).map(({ colour }) => luminance(colour));
				// What the water throws about is brightest just under the surface, not at it; deep down it hardly changes.
				const peak = stops.indexOf(Math.max(...stops));
				const ROUNDING = 0.01;
				for (const [at, stop] of stops.slice(peak).entries()) {
					if (at > 0) expect(stop).toBeLessThanOrEqual(stops[peak + at - 1]! + ROUNDING);
				}
				expect(luminance(waterStops(reading, reading.bottomM, true)[0]!.colour)).toBeLessThanOrEqual(stops[0]!);
			})
		);
	});
});

it('the fish band never leaves the water when the bottom rises', () => {
	expect(bandWithin({ fishFromM: 1, fishToM: 3 }, 2)).toEqual({ fishFromM: 1, fishToM: 2 });
	expect(bandWithin({ fishFromM: 2.5, fishToM: 3 }, 2)).toEqual({ fishFromM: 2, fishToM: 2 });
	expect(bandWithin({ fishFromM: 1, fishToM: 3 }, 5)).toEqual({ fishFromM: 1, fishToM: 3 });
});

describe('the tint of the water', () => {
	const channel = fc.double({ min: 0, max: 255, noNaN: true });
	const brightness = ([r, g, b]: readonly number[]): number => 0.2126 * r! + 0.7152 * g! + 0.0722 * b!;

	it('is never more saturated than water looks from above, as bright as before, and leaves pale colors alone', () => {
		fc.assert(
			fc.property(fc.tuple(channel, channel, channel), (rgb) => {
				const less = lessSaturated(rgb);
				expect(Math.max(...less) - Math.min(...less)).toBeLessThanOrEqual(0.5 * Math.max(...less) + 1e-6);
				expect(brightness(less)).toBeCloseTo(brightness(rgb), 6);
				if (Math.max(...rgb) - Math.min(...rgb) <= 0.5 * Math.max(...rgb)) expect(less).toEqual(rgb);
			})
		);
	});
});
