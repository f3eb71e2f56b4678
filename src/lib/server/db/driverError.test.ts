import { describe, expect, it } from 'vitest';
import { driverError } from './driverError';

describe('what the driver says of an error', () => {
	it('is its number and its code, one without the other too', () => {
		expect(driverError({ original: { errno: 1040, code: null } })).toEqual({ errno: 1040, code: '' });
		expect(driverError(Object.assign(new Error('gone'), { original: { code: 'EPIPE' } }))).toEqual({
			errno: 0,
			code: 'EPIPE'
		});
	});

	it('is nothing where no driver spoke', () => {
		for (const error of [null, 'gone', new Error('gone')]) expect(driverError(error)).toEqual({ errno: 0, code: '' });
	});
});
