import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { blankWater } from '$lib/client/state/newPlaces';
import { waterOf, withNextPoint, withPoint, type TypedWater } from './fields';

const before = blankWater('Brook');
const typed = (more: Partial<TypedWater> = {}): TypedWater => ({
	name: 'Brook',
	place: 'river',
	timeZone: 'Europe/Paris',
	latitude: '',
	longitude: '',
	...more
});

describe('a water as it was typed', () => {
	it('needs only a name', () => {
		expect(waterOf(typed(), before)).toMatchObject({ record: { name: 'Brook', place: 'river', latitude: null } });
	});

	it('lies where its degrees say, also with a comma', () => {
		const read = waterOf(typed({ latitude: '-38,5', longitude: '175.25' }), before);
		expect(read).toMatchObject({ record: { latitude: -38.5, longitude: 175.25 } });
	});

	it.each([
		[{ name: '  ' }, 'name'],
		[{ name: 'x'.repeat(121) }, 'name'],
		[{ timeZone: 'Mars/Olympus' }, 'timeZone'],
		[{ latitude: '91', longitude: '0' }, 'latitude'],
		[{ latitude: '1', longitude: 'east' }, 'longitude'],
		[{ latitude: '44' }, 'longitude'],
		[{ longitude: '44' }, 'latitude']
	] as const)('%j is refused at its field', (more, field) => {
		const read = waterOf(typed(more), before);
		expect(Object.keys('wrong' in read ? read.wrong : {})).toEqual([field]);
	});
});

describe('a depth profile', () => {
	const point = fc.record({
		outM: fc.double({ min: 0, max: 300, noNaN: true }),
		depthM: fc.double({ min: 0, max: 60, noNaN: true })
	});

	it('stays in order, each point farther out than the one before, however its points are moved', () => {
		fc.assert(
			fc.property(fc.array(fc.tuple(fc.nat(8), fc.option(point)), { maxLength: 20 }), (moves) => {
				let profile = withNextPoint(withNextPoint([], 3), 3);
				for (const [at, change] of moves) if (profile[at]) profile = withPoint(profile, at, change);
				for (let at = 1; at < profile.length; at++) expect(profile[at]!.outM).toBeGreaterThan(profile[at - 1]!.outM);
			})
		);
	});

	it('begins at the bank and goes on as deep as it ends', () => {
		const first = withNextPoint([], 2.5);
		expect(first).toEqual([
			{ outM: 0, depthM: 0 },
			{ outM: 20, depthM: 2.5 }
		]);
		expect(withNextPoint(first, 9).at(-1)).toEqual({ outM: 35, depthM: 2.5 });
	});
});
