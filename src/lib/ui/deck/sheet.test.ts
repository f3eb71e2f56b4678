import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { planeAbout } from '$lib/core/water/places/plane';
import { drawingOf, drawnOn } from './mapExchange';
import {
	canClose,
	closed,
	crossesItself,
	EMPTY,
	handlesOf,
	lineFault,
	moved,
	put,
	sheetFor,
	SHEETS_M,
	TOOLS,
	without,
	type Drawing
} from './sheet';

const point = fc.record({
	eastM: fc.integer({ min: -900, max: 900 }),
	northM: fc.integer({ min: -900, max: 900 })
});
const said = { depthM: 3, name: 'Spot 1' };
/** A drawing as hands make it: points put down, lines closed, points moved and taken away. */
const drawings = fc
	.array(fc.tuple(fc.constantFrom('put', 'close', 'move', 'drop'), fc.constantFrom(...TOOLS), point, fc.nat(40)), {
		maxLength: 40
	})
	.map((steps) =>
		steps.reduce<Drawing>((drawing, [what, tool, at, which]) => {
			const handles = handlesOf(drawing);
			const handle = handles[which % Math.max(1, handles.length)];
			if (what === 'put') return put(drawing, tool, at, said);
			if (what === 'close') return closed(drawing, tool);
			if (!handle) return drawing;
			return what === 'move' ? moved(drawing, handle.at, at) : without(drawing, handle.at);
		}, EMPTY)
	);

describe('a water that is drawn', () => {
	it('never holds a closed line of fewer than three corners, whatever is put, moved and taken away', () =>
		fc.assert(
			fc.property(drawings, (drawing) => {
				for (const ring of drawing.shores) expect(ring.length).toBeGreaterThanOrEqual(3);
				for (const { ring } of drawing.growths) expect(ring.length).toBeGreaterThanOrEqual(3);
				expect(canClose(drawing)).toBe(drawing.line.length >= 3);
			})
		));

	it('says why an open line cannot be closed, and closes every other', () =>
		fc.assert(
			fc.property(drawings, fc.constantFrom(...TOOLS), (drawing, tool) => {
				const fault = lineFault(drawing, tool);
				expect(fault).not.toBe('');
				if (fault !== null) return;
				expect(closed(drawing, tool).line).toEqual([]);
				expect(crossesItself(drawing.line)).toBe(false);
			})
		));

	it('takes no line that crosses itself, has two points, or is a spot', () => {
		const through = (...points: readonly (readonly [number, number])[]): Drawing => ({
			...EMPTY,
			line: points.map(([eastM, northM]) => ({ eastM, northM }))
		});
		expect(lineFault(through([0, 0], [9, 9], [9, 0], [0, 9]), 'shore')).toMatch(/crosses itself/);
		expect(lineFault(through([0, 0], [9, 9]), 'shore')).toMatch(/three points/);
		expect(lineFault(through([0, 0], [9, 9], [9, 0]), 'spot')).toMatch(/Choose shore/);
		expect(lineFault(through([0, 0], [9, 9], [9, 0]), 'weed')).toBeNull();
	});

	it('is the same after it was kept in degrees and drawn again', () =>
		fc.assert(
			fc.property(drawings, (drawing) => {
				const plane = planeAbout([-89.2, 44.1]);
				const { chart, added } = drawnOn(plane, '11111111-1111-4111-8111-111111111111', drawing);
				const again = drawingOf(plane, chart);
				expect(again.shores.map((ring) => ring.length)).toEqual(drawing.shores.map((ring) => ring.length));
				const [a, b] = [again.shores.flat(), drawing.shores.flat()];
				for (const [at, one] of a.entries()) expect(Math.abs(one.eastM - b[at]!.eastM)).toBeLessThan(0.01);
				expect(again.soundings.map(({ depthM }) => depthM)).toEqual(drawing.soundings.map(({ depthM }) => depthM));
				expect(added).toHaveLength(drawing.spots.length);
			}),
			{ numRuns: 40 }
		));

	it('moves the point that is taken hold of, and no other', () =>
		fc.assert(
			fc.property(drawings, fc.nat(40), point, (drawing, which, to) => {
				const handles = handlesOf(drawing);
				if (handles.length === 0) return;
				const own = which % handles.length;
				const after = handlesOf(moved(drawing, handles[own]!.at, to));
				expect(after).toHaveLength(handles.length);
				for (const [at, one] of after.entries()) {
					const { eastM, northM } = at === own ? to : handles[at]!.point;
					expect([one.point.eastM, one.point.northM]).toEqual([eastM, northM]);
				}
			})
		));

	it('is a shore or what grows, by the tool; a line that crosses itself is seen', () => {
		const square = [
			[0, 0],
			[10, 0],
			[10, 10],
			[0, 10]
		].map(([eastM, northM]) => ({ eastM: eastM!, northM: northM! }));
		const line = square.reduce<Drawing>((drawing, at) => put(drawing, 'shore', at, said), EMPTY);
		expect(closed(line, 'shore')).toMatchObject({ shores: [square], line: [] });
		expect(closed(line, 'timber').growths).toEqual([{ kind: 'timber', ring: square }]);
		expect(crossesItself(square)).toBe(false);
		expect(crossesItself([square[0]!, square[2]!, square[1]!, square[3]!])).toBe(true);
	});

	it('fits on its sheet', () =>
		fc.assert(
			fc.property(drawings, (drawing) => {
				const wide = sheetFor(drawing);
				expect(SHEETS_M).toContain(wide);
				for (const { point: at } of handlesOf(drawing)) expect(Math.abs(at.eastM)).toBeLessThanOrEqual(wide / 2);
			})
		));
});
