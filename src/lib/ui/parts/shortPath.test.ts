import fc from 'fast-check';
import svgpath from 'svgpath';
import { describe, expect, it } from 'vitest';
import { drawRig } from '$lib/core/drawing/rigDrawing';
import { startBuild } from '$lib/core/build/start';
import { FAMILIES } from '$lib/core/schema/words';
import { shortPath } from './shortPath';

const TENTHS = { decimals: 1, off: 0 };

/** Commands with places of their own, by an independent reader of paths. */
const placesOf = (d: string): (string | number)[][] => {
	const found: (string | number)[][] = [];
	svgpath(d)
		.abs()
		.iterate((segment) => void found.push([...segment]));
	return found;
};

/** The two paths take the same commands through the same places, to half of the last decimal. */
function expectSame(given: string, short: string, decimals: number): void {
	const [want, have] = [placesOf(given), placesOf(short)];
	expect(have.map(([command]) => command)).toEqual(want.map(([command]) => command));
	const off = have.flatMap((segment, at) =>
		segment.slice(1).map((figure, place) => Math.abs(Number(figure) - Number(want[at]![place + 1])))
	);
	expect(Math.max(0, ...off)).toBeLessThanOrEqual(0.5 * 10 ** -decimals + 1e-9);
}

/** How far a place lies from the lines of a path. */
function farFrom(path: (string | number)[][], place: (string | number)[]): number {
	const [x, y] = place.slice(-2) as [number, number];
	const ends = path.filter(([command]) => command !== 'Z').map((segment) => segment.slice(-2) as [number, number]);
	const distances = ends.slice(1).map(([toX, toY], at) => {
		const [fromX, fromY] = ends[at]!;
		const [alongX, alongY] = [toX - fromX, toY - fromY];
		const share = ((x - fromX) * alongX + (y - fromY) * alongY) / (alongX ** 2 + alongY ** 2 || 1);
		const at01 = Math.min(1, Math.max(0, share));
		return Math.hypot(fromX + at01 * alongX - x, fromY + at01 * alongY - y);
	});
	return Math.min(...distances);
}

const figure = fc.double({ min: -300, max: 300, noNaN: true }).map((value) => Math.round(value * 1000) / 1000);
const command = fc.oneof(
	...(['l', 'L', 't', 'T', 'm', 'M'] as const).map((name) => fc.tuple(figure, figure).map((to) => name + to.join(' '))),
	...(['h', 'H', 'v', 'V'] as const).map((name) => figure.map((to) => `${name}${to}`)),
	...(['q', 'Q', 's', 'S'] as const).map((name) =>
		fc.array(figure, { minLength: 4, maxLength: 4 }).map((to) => name + to.join(','))
	),
	...(['c', 'C'] as const).map((name) =>
		fc.array(figure, { minLength: 6, maxLength: 6 }).map((to) => name + to.join(' '))
	),
	fc
		.tuple(fc.nat(50), fc.nat(50), fc.boolean(), fc.boolean(), figure, figure)
		.map(([rx, ry, large, sweep, x, y]) => `A${rx + 1} ${ry + 1} 0 ${Number(large)} ${Number(sweep)} ${x} ${y}`),
	fc.constant('Z')
);

describe('a path written short', () => {
	it('goes through the same places, however it was written', () => {
		fc.assert(
			fc.property(fc.array(command, { maxLength: 12 }), fc.constantFrom(1, 2), (commands, decimals) => {
				const d = `M1 2${commands.join('')}`;
				expectSame(d, shortPath(d, { decimals, off: 0 }), decimals);
			}),
			{ numRuns: 300 }
		);
	});

	it('of ten thousand steps does not drift', () => {
		const d = `M0 0${'l0.04 0.04'.repeat(10_000)}`;
		const end = placesOf(shortPath(d, TENTHS)).at(-1)!;
		expect(Math.abs(Number(end[1]) - 400)).toBeLessThanOrEqual(0.06);
	});

	it.each(FAMILIES)('is under seven tenths as long in the drawing of a %s', (family) => {
		const paths = drawRig(startBuild(family).rig).shapes.map(({ d }) => d);
		const short = paths.map((d) => shortPath(d, TENTHS));
		paths.forEach((d, at) => expectSame(d, short[at]!, 1));
		expect(short.join('').length).toBeLessThan(0.7 * paths.join('').length);
	});

	it('keeps to every place that it leaves out, and to everything that is no line', () => {
		const walk = fc.array(fc.tuple(fc.integer({ min: -9, max: 9 }), fc.integer({ min: -9, max: 9 })), { minLength: 1 });
		fc.assert(
			fc.property(walk, walk, fc.constantFrom(0.2, 1, 4), (before, after, off) => {
				const lines = (steps: [number, number][]): string => steps.map(([x, y]) => `l${x} ${y}`).join('');
				const d = `M3 4${lines(before)}q1 2 3 4${lines(after)}z`;
				const thin = placesOf(shortPath(d, { decimals: 2, off }));
				const given = placesOf(d);
				expect(thin.length).toBeLessThanOrEqual(given.length);
				const others = (places: (string | number)[][]) =>
					places.map(([command]) => command).filter((one) => one !== 'L');
				expect(others(thin)).toEqual(others(given));
				for (const place of given) if (place[0] === 'L') expect(farFrom(thin, place)).toBeLessThanOrEqual(off + 0.02);
			}),
			{ numRuns: 200 }
		);
	});

	it('needs two places for a line of a hundred', () => {
		expect(shortPath(`M0 0${'l1 1'.repeat(100)}`, { decimals: 1, off: 0.1 })).toBe('m0 0 100 100');
	});

	it('leaves out what can be left out', () => {
		expect(shortPath('M10 10L10.5 9.5L11 9.5', TENTHS)).toBe('m10 10 .5-.5 .5 0');
		expect(shortPath('', TENTHS)).toBe('');
	});
});
