import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { around, LABEL_HEIGHT, labelWidth, placeLabels, shared, type Box, type Placed } from './labels';

const ROOM: Box = { x: 0, y: 0, width: 800, height: 400 };
const boxOf = ({ text, x, y }: Placed): Box => ({
	x,
	y: y - LABEL_HEIGHT / 2,
	width: labelWidth(text),
	height: LABEL_HEIGHT
});
const point = fc.tuple(fc.integer({ min: -50, max: 850 }), fc.integer({ min: -20, max: 420 }));
const label = fc.record({ text: fc.string({ minLength: 1, maxLength: 24 }), at: point, spare: fc.boolean() });
const boxes = fc.array(
	fc.record({
		x: fc.integer({ min: 0, max: 700 }),
		y: fc.integer({ min: 0, max: 360 }),
		width: fc.integer({ min: 4, max: 90 }),
		height: fc.integer({ min: 4, max: 40 })
	}),
	{ maxLength: 8 }
);

describe('labels', () => {
	it('stay in the drawing; one that can be spared covers nothing, and none but spared ones is missing', () => {
		fc.assert(
			fc.property(fc.array(label, { maxLength: 9 }), boxes, (labels, taken) => {
				const wanted = labels.map(({ text, at: [x, y], spare }, index) => ({
					id: String(index),
					text,
					at: around(text, x, y),
					spare
				}));
				const placed = placeLabels(wanted, taken, ROOM);
				for (const one of placed) expect(shared(boxOf(one), ROOM)).toBeCloseTo(labelWidth(one.text) * LABEL_HEIGHT, 6);
				for (const [index, { spare }] of wanted.entries()) {
					const at = placed.findIndex(({ id }) => id === String(index));
					if (at < 0) expect(spare).toBe(true);
					else if (spare) {
						const before = [...taken, ...placed.slice(0, at).map(boxOf)];
						for (const other of before) expect(shared(boxOf(placed[at]!), other)).toBe(0);
					}
				}
			})
		);
	});

	it('give way to what is under them and to each other where there is room', () => {
		const fish: Box = { x: 100, y: 90, width: 60, height: 20 };
		const wanted = ['one', 'two'].map((text) => ({ id: text, text, at: around(text, 100, 100) }));
		const [one, two] = placeLabels(wanted, [fish], ROOM);
		expect(shared(boxOf(one!), fish) + shared(boxOf(two!), fish) + shared(boxOf(one!), boxOf(two!))).toBe(0);
	});

	it('stand where they want to when nothing is there', () => {
		expect(placeLabels([{ id: 'a', text: 'sun', at: [[40, 50]] }], [], ROOM)).toEqual([
			{ id: 'a', text: 'sun', x: 40, y: 50 }
		]);
	});
});
