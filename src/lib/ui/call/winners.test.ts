import { describe, expect, it } from 'vitest';
import type { Curve } from '$lib/core/ranking/answer/flips';
import { cadenceText, cadenceWords } from './cadence';
import { compound } from './edges';
import { stretchesOf } from './winners';

describe('a curve', () => {
	const curve: Curve = {
		field: 'waterTemperatureC',
		values: [0, 1, 2, 3],
		scores: {
			spinnerbait: [1, 1, 0, 0],
			'bladed-jig': [0, 0, 2, 2],
			buzzbait: [null, null, null, null],
			underspin: [0, 0, 0, 3]
		}
	};

	it('is cut where another family takes the lead, and leaves no gap', () => {
		expect(stretchesOf(curve)).toEqual([
			{ family: 'spinnerbait', from: 0, to: 1.5 },
			{ family: 'bladed-jig', from: 1.5, to: 2.5 },
			{ family: 'underspin', from: 2.5, to: 3 }
		]);
	});
});

it.each([
	[1, 'one turn a second'],
	[0.5, 'one turn in two seconds'],
	[1.5, 'three turns in two seconds'],
	[2.02, 'two turns a second'],
	[0.74, 'three turns in four seconds']
])('%s turns a second are %s', (turns, words) => {
	expect(cadenceWords(turns)).toBe(words);
});

it('1.05 five times is 1.28, and nine bites are a third luck', () => {
	const { gain, luck } = compound(1.05, 5, 9);
	expect(gain).toBeCloseTo(1.28, 2);
	expect(luck).toBeCloseTo(1 / 3, 6);
});

it.each([
	[1.02, 'one turn a second'],
	[1.5, '1.5 turns a second, three turns in two seconds'],
	[0.94, '0.9 turns a second, one turn a second']
])('%s turns a second are told once', (turns, text) => {
	expect(cadenceText(turns)).toBe(text);
});
