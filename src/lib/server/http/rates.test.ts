import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { isOwn } from './guard';
import { Rates } from './rates';

describe('writes', () => {
	beforeEach(() => void vi.useFakeTimers());
	afterEach(() => void vi.useRealTimers());

	it('too many at once are told to come again, nobody else’s, and only until the next window', async () => {
		const rates = new Rates();
		for (let write = 0; write < 300; write++) await rates.count('one');
		vi.setSystemTime(Date.now() + 4000);
		await expect(rates.count('one')).rejects.toMatchObject({ status: 429, retryAfterS: 6 });
		await rates.count('other');
		vi.advanceTimersByTime(6001);
		await rates.count('one');
		await rates.count('one');
	});

	it('a large file is taken where there is room, and what follows waits as long as it weighs', async () => {
		const rates = new Rates();
		await rates.count('one', 1000);
		await expect(rates.count('one')).rejects.toMatchObject({ status: 429 });
		await rates.add('other', 900);
		await expect(rates.count('other')).rejects.toMatchObject({ retryAfterS: 30 });
		vi.advanceTimersByTime(25_000);
		await expect(rates.count('one')).rejects.toMatchObject({ status: 429, retryAfterS: 5 });
		vi.advanceTimersByTime(5001);
		await rates.count('one');
		await rates.count('other');
	});
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
