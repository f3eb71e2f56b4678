import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { buildOf } from '../build/buildOf';
import { startBuild } from '../build/start';
import { boxOfPath } from '../geometry/path';
import { rigGeometryOf } from '../geometry/rigGeometry';
import { FAMILIES, type Family } from '../../foundation/schema/words';
import { drawGeometry } from './rigDrawing';
import { drawTurning, TURNING } from './turning';

const laidOf = (family: Family) => rigGeometryOf(buildOf(startBuild(family).rig));
const anyTurns = fc.record({
	front: fc.double({ min: 0, max: 500, noNaN: true }),
	rear: fc.double({ min: 0, max: 500, noNaN: true })
});

describe.each(FAMILIES)('what turns on a %s', (family) => {
	const geometry = laidOf(family);

	it('is only what turns, and all of that', () => {
		const parts = new Set(drawTurning(geometry, { front: 0.1, rear: 0.2 }).map(({ part }) => part));
		const whole = new Set(drawGeometry(geometry).shapes.map(({ part }) => part));
		for (const part of TURNING) expect(parts.has(part)).toBe(whole.has(part));
	});

	it('stays where it hangs, finite, and no larger than it is', () => {
		const whole = drawGeometry(geometry).bounds;
		fc.assert(
			fc.property(anyTurns, (turns) => {
				for (const { d } of drawTurning(geometry, turns)) {
					const box = boxOfPath(d);
					for (const value of Object.values(box)) expect(Number.isFinite(value)).toBe(true);
				}
				const shapes = drawTurning(geometry, turns);
				const low = Math.max(...shapes.map(({ d }) => boxOfPath(d).bottom));
				expect(low).toBeLessThanOrEqual(whole.y + whole.height + 6);
			}),
			{ numRuns: 60 }
		);
	});

	it('looks the same after every whole turn', () => {
		fc.assert(
			fc.property(anyTurns, fc.integer({ min: 1, max: 50 }), (turns, more) => {
				const later = { front: turns.front + more, rear: turns.rear + more };
				const [now, then] = [turns, later].map((one) =>
					boxOfPath(
						drawTurning(geometry, one)
							.map(({ d }) => d)
							.join('')
					)
				);
				for (const side of ['left', 'right', 'top', 'bottom'] as const) {
					expect(then![side]).toBeCloseTo(now![side], 1);
				}
			}),
			{ numRuns: 30 }
		);
	});
});

describe('a blade', () => {
	const geometry = laidOf('spinnerbait');
	const { angleDeg } = geometry.rear!;
	/** Across the axis that it turns about, mm. */
	const breadth = (turns: number): number => {
		const outline = drawTurning({ ...geometry, front: null }, { front: 0, rear: turns })[1]!;
		const [sin, cos] = [Math.sin((angleDeg * Math.PI) / 180), Math.cos((angleDeg * Math.PI) / 180)];
		const across = [...outline.d.matchAll(/[ML](-?[\d.]+) (-?[\d.]+)/g)].map(
			([, x, y]) => Number(y) * cos - Number(x) * sin
		);
		return Math.max(...across) - Math.min(...across);
	};

	it('is broadest facing the eye, a tenth of that on its edge, and shows its back in between', () => {
		expect(breadth(0)).toBeGreaterThan(10);
		expect(breadth(0.5)).toBeCloseTo(breadth(0), 1);
		expect(breadth(0.25)).toBeCloseTo(breadth(0) / 10, 0);
		expect(breadth(1 / 6)).toBeCloseTo(breadth(0) / 2, 1);
	});

	it('at no turn is the one of the still drawing', () => {
		const still = drawGeometry(geometry).shapes.filter(({ part }) => part === 'rear');
		expect(drawTurning({ ...geometry, front: null }, { front: 0, rear: 0 })).toEqual(still);
	});
});

describe('a plate', () => {
	it('swings as far to one side as to the other, and stands as drawn in between', () => {
		const geometry = laidOf('bladed-jig');
		const rear = (turns: number) => drawTurning(geometry, { front: 0, rear: turns });
		expect(rear(0).filter(({ part }) => part === 'rear')).toEqual(
			drawGeometry(geometry).shapes.filter(({ part }) => part === 'rear')
		);
		const wide = (turns: number): number => {
			const box = boxOfPath(rear(turns)[1]!.d);
			return box.right - box.left;
		};
		expect(wide(0.25)).toBeGreaterThan(wide(0));
		expect(wide(0.75)).toBeLessThan(wide(0));
	});
});

describe('a buzz blade', () => {
	it('has its wings evenly about the shaft, the far ones behind and darker', () => {
		const geometry = laidOf('buzzbait');
		const wings = (turns: number) =>
			drawTurning(geometry, { front: 0, rear: turns }).filter(({ fill }) => /\.(mid|low)$/.test(fill ?? ''));
		const count = wings(0.1).length;
		expect(wings(0.6)).toHaveLength(count);
		const tones = wings(0.1).map(({ fill }) => fill!.split('.')[1]);
		expect(tones[0]).toBe('low');
	});
});
