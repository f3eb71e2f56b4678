import { describe, expect, it } from 'vitest';
import { isIn, isOneOf, mapThree, messageOf, tableOf } from './typed';

describe('what a value is', () => {
	it('is asked of a list and of a table, without what every object has', () => {
		expect(isOneOf(['gold', 'nickel'], 'gold')).toBe(true);
		expect(isOneOf(['gold', 'nickel'], undefined)).toBe(false);
		expect(isIn({ gold: 1 }, 'gold')).toBe(true);
		expect(isIn({ gold: 1 }, 'toString')).toBe(false);
		expect(isIn({ 1: 'one' }, 1)).toBe(false);
	});

	it('is told of an error, whatever was thrown', () => {
		expect(messageOf(new RangeError('too deep'))).toBe('too deep');
		expect(messageOf('too deep')).toBe('too deep');
	});
});

it('makes a table and three of three in their order', () => {
	expect(tableOf(['a', 'b'], (name) => `${name}!`)).toEqual({ a: 'a!', b: 'b!' });
	expect(mapThree([1, 2, 3], (value, at) => value * 10 + at)).toEqual([10, 21, 32]);
});
