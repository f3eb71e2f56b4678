import fc from 'fast-check';
import svgpath from 'svgpath';
import { describe, expect, it } from 'vitest';
import { bend, boxOfPath, circlePath, cubicPath, lengthOf, movedPath, pathThrough, polar, type Move } from './path';

const mm = fc.double({ min: -80, max: 80, noNaN: true });
const point = fc.record({ x: mm, y: mm });
const degrees = fc.integer({ min: -360, max: 360 });
const move: fc.Arbitrary<Move> = fc.oneof(
	fc.record({ run: fc.integer({ min: 1, max: 40 }) }),
	fc.record({ right: fc.integer({ min: 1, max: 330 }), r: fc.integer({ min: 1, max: 8 }) }),
	fc.record({ left: fc.integer({ min: 1, max: 330 }), r: fc.integer({ min: 1, max: 8 }) })
);
const apart = (a: { x: number; y: number }, b: { x: number; y: number }): number => Math.hypot(a.x - b.x, a.y - b.y);

describe('a bent wire', () => {
	it('is as long as its runs and the arcs of its bends, and heads where they turn it', () => {
		fc.assert(
			fc.property(point, degrees, fc.array(move, { minLength: 1, maxLength: 8 }), (start, heading, moves) => {
				const bent = bend(start, heading, moves);
				const exact = moves.reduce((sum, one) => {
					if ('run' in one) return sum + one.run;
					return sum + ((('right' in one ? one.right : one.left) * Math.PI) / 180) * one.r;
				}, 0);
				// Chords of nine degrees are a thousandth shorter than their arc.
				expect(lengthOf(bent.points)).toBeLessThanOrEqual(exact + 1e-6);
				expect(lengthOf(bent.points)).toBeGreaterThan(0.998 * exact);
				const turned = moves.reduce(
					(sum, one) => sum + ('right' in one ? one.right : 'left' in one ? -one.left : 0),
					0
				);
				expect(bent.headingDeg).toBe(heading + turned);
				expect(bent.ends).toHaveLength(moves.length);
				expect(bent.ends.at(-1)).toEqual(bent.points.at(-1));
			})
		);
	});

	it('bent once around about its radius comes back to where it began', () => {
		fc.assert(
			fc.property(point, degrees, fc.integer({ min: 1, max: 9 }), (start, heading, r) => {
				expect(apart(bend(start, heading, [{ right: 360, r }]).points.at(-1)!, start)).toBeLessThan(1e-6);
				const half = bend(start, heading, [{ left: 180, r }]).points.at(-1)!;
				expect(apart(half, start)).toBeCloseTo(2 * r, 6);
			})
		);
	});

	it('bent to the left is what it is to the right, mirrored', () => {
		const moves = (side: 'left' | 'right'): Move[] => [
			{ run: 10 },
			side === 'left' ? { left: 70, r: 3 } : { right: 70, r: 3 },
			{ run: 5 }
		];
		const [left, right] = [bend({ x: 0, y: 0 }, 0, moves('left')), bend({ x: 0, y: 0 }, 0, moves('right'))];
		left.points.forEach(({ x, y }, at) => {
			expect(right.points[at]!.x).toBeCloseTo(x, 9);
			expect(right.points[at]!.y).toBeCloseTo(-y, 9);
		});
	});
});

describe('a path', () => {
	const box = (d: string) => {
		const places: [number, number][] = [];
		svgpath(d)
			.abs()
			.iterate(([command, ...figures]) => {
				for (let at = 0; command !== 'A' && at + 1 < figures.length; at += 2) {
					places.push([Number(figures[at]), Number(figures[at + 1])]);
				}
			});
		return {
			left: Math.min(...places.map(([x]) => x)),
			right: Math.max(...places.map(([x]) => x)),
			top: Math.min(...places.map(([, y]) => y)),
			bottom: Math.max(...places.map(([, y]) => y))
		};
	};

	it('takes up what an independent reader says of it', () => {
		fc.assert(
			fc.property(fc.array(point, { minLength: 2, maxLength: 9 }), fc.boolean(), (points, closed) => {
				const d = pathThrough(points, closed);
				expect(boxOfPath(d)).toEqual(box(d));
			})
		);
		fc.assert(
			fc.property(point, point, point, point, (a, b, c, d) => {
				const path = cubicPath(a, b, c, d);
				expect(boxOfPath(path)).toEqual(box(path));
			})
		);
	});

	it('of a circle takes up its diameter both ways', () => {
		fc.assert(
			fc.property(point, fc.integer({ min: 1, max: 30 }), (centre, radius) => {
				const { left, right, top, bottom } = boxOfPath(circlePath(centre, radius));
				expect(right - left).toBeCloseTo(2 * radius, 1);
				expect(bottom - top).toBeCloseTo(2 * radius, 1);
				expect((left + right) / 2).toBeCloseTo(centre.x, 1);
				expect((top + bottom) / 2).toBeCloseTo(centre.y, 1);
			})
		);
	});

	it('that is moved takes up the same room there, whatever it is made of', () => {
		fc.assert(
			fc.property(point, fc.array(point, { minLength: 4, maxLength: 4 }), (by, [a, b, c, d]) => {
				for (const path of [pathThrough([a!, b!, c!], true), cubicPath(a!, b!, c!, d!), circlePath(a!, 4)]) {
					const [before, after] = [boxOfPath(path), boxOfPath(movedPath(path, by))];
					expect(after.left - before.left).toBeCloseTo(by.x, 1);
					expect(after.bottom - before.bottom).toBeCloseTo(by.y, 1);
				}
			})
		);
	});
});

it('a place at an angle is clockwise from right, with y down', () => {
	const places = [0, 90, 180, 270].map((angle) => polar({ x: 1, y: 1 }, angle, 2));
	const expected = [
		[3, 1],
		[1, 3],
		[-1, 1],
		[1, -1]
	];
	places.forEach(({ x, y }, at) => {
		expect(x).toBeCloseTo(expected[at]![0]!, 9);
		expect(y).toBeCloseTo(expected[at]![1]!, 9);
	});
});
