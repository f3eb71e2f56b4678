import fc from 'fast-check';
import svgpath from 'svgpath';
import { describe, expect, it } from 'vitest';
import { drawRig } from '$lib/core/drawing/rigDrawing';
import { startBuild } from '$lib/core/build/start';
import { FAMILIES } from '$lib/core/schema/words';
import { shortPath } from './shortPath';

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
				expectSame(d, shortPath(d, decimals), decimals);
			}),
			{ numRuns: 300 }
		);
	});

	it('of ten thousand steps does not drift', () => {
		const d = `M0 0${'l0.04 0.04'.repeat(10_000)}`;
		const end = placesOf(shortPath(d, 1)).at(-1)!;
		expect(Math.abs(Number(end[1]) - 400)).toBeLessThanOrEqual(0.06);
	});

	it.each(FAMILIES)('is under seven tenths as long in the drawing of a %s', (family) => {
		const paths = drawRig(startBuild(family).rig).shapes.map(({ d }) => d);
		const short = paths.map((d) => shortPath(d, 1));
		paths.forEach((d, at) => expectSame(d, short[at]!, 1));
		expect(short.join('').length).toBeLessThan(0.7 * paths.join('').length);
	});

	it('leaves out what can be left out', () => {
		expect(shortPath('M10 10L10.5 9.5L11 9.5', 1)).toBe('m10 10 .5-.5 .5 0');
		expect(shortPath('', 1)).toBe('');
	});
});
