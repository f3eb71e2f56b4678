import { expect, it } from 'vitest';
import { isOwn } from './guard';
import { Rates } from './rates';

it('too many writes at once are told to come again, nobody else’s, and only until the next window', () => {
	const rates = new Rates();
	for (let write = 0; write < 300; write++) rates.count('one', write);
	expect(() => rates.count('one', 4000)).toThrow(expect.objectContaining({ status: 429, retryAfterS: 6 }));
	rates.count('other', 4000);
	rates.count('one', 10_000);
	expect(() => rates.count('one', 10_001)).not.toThrow();
});

it('a large file is taken where there is room, and what follows waits as long as it weighs', () => {
	const rates = new Rates();
	rates.count('one', 0, 1000);
	expect(() => rates.count('one', 100)).toThrow(expect.objectContaining({ status: 429 }));
	expect(() => rates.count('one', 25_000)).toThrow(expect.objectContaining({ status: 429 }));
	expect(() => rates.count('one', 40_000)).not.toThrow();
	rates.add('other', 0, 900);
	expect(() => rates.count('other', 1)).toThrow(expect.objectContaining({ retryAfterS: 30 }));
	expect(() => rates.count('other', 30_001)).not.toThrow();
});

const request = (method: string, headers: Record<string, string>, path = '/api/v1/desk') => {
	const url = new URL(`https://lures.example.org${path}`);
	return { url, request: new Request(url, { method, headers }) };
};

it.each([
	['DELETE', {}, true],
	['DELETE', { origin: 'https://lures.example.org', 'sec-fetch-site': 'same-origin' }, true],
	['DELETE', { origin: 'https://elsewhere.example' }, false],
	['DELETE', { origin: 'null' }, false],
	['PUT', { 'sec-fetch-site': 'same-site' }, false],
	['GET', { 'sec-fetch-site': 'cross-site' }, true]
])('%s with %j is ours: %s', (method, headers, own) => {
	expect(isOwn(request(method, headers as Record<string, string>))).toBe(own);
});
