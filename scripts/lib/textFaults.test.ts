import { expect, it } from 'vitest';
import { faultsIn } from './textFaults.mjs';

it.each([
	['80  % of the retrieve', 'two spaces'],
	['1 outings', 'a plural after 1'],
	['Pick a underspin', 'the wrong article'],
	['A spot at [none]', 'an empty value'],
	['Runs NaN m deep', 'an empty value'],
	['eats silver-baitfish', 'a word of the code']
])('finds what is wrong with “%s”', (text, fault) => {
	expect(faultsIn(text)).toEqual([fault]);
});

it.each(['1 outing, 2 bites', 'An underspin', '11 outings', 'a one-piece rod', '1/2 oz', 'A slow-roll in late summer'])(
	'finds nothing in “%s”',
	(text) => {
		expect(faultsIn(text)).toEqual([]);
	}
);
