import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { ListedSpot, ListedWater } from '$lib/core/records/appStart';
import { twinsHere } from './twinsHere';

const spot = (id: string, bankBearingDeg: number, depthM = 3): ListedSpot => ({
	id,
	version: 1,
	schemaVersion: 2,
	waterId: 'w',
	name: id.toUpperCase(),
	bankBearingDeg,
	profile: [
		{ outM: 0, depthM: 0 },
		{ outM: 20, depthM }
	],
	cover: [{ kind: 'stems', density: 'medium', form: 'even', topM: 0 }]
});
const water = (...spots: ListedSpot[]): ListedWater => ({
	id: 'w',
	version: 1,
	schemaVersion: 2,
	name: 'Mere',
	timeZone: 'Europe/Paris',
	place: 'lake',
	latitude: 44,
	longitude: 0.6,
	spots
});

describe('twins of a place that bit', () => {
	it('have its bottom, its cover, and the same wind on their bank', () => {
		const here = spot('a', 90);
		const [first, second] = twinsHere(here, water(here, spot('b', 270), spot('c', 100)), 'windblown');
		expect(first).toMatchObject({ name: 'C', alike: ['depths', 'cover', 'wind'], other: [] });
		expect(second).toMatchObject({ name: 'B', other: ['it is sheltered'] });
	});

	it('are not the place itself, three at most, nor what is hardly like it', () => {
		fc.assert(
			fc.property(
				fc.array(fc.tuple(fc.integer({ min: 0, max: 359 }), fc.integer({ min: 1, max: 12 })), { maxLength: 8 }),
				fc.constantFrom('windblown' as const, 'cross' as const, 'sheltered' as const),
				(others, bank) => {
					const here = spot('here', 45);
					const all = others.map(([bearing, depth], at) => spot(`s${at}`, bearing, depth));
					const found = twinsHere(here, water(here, ...all), bank);
					expect(found.length).toBeLessThanOrEqual(3);
					expect(found.map(({ id }) => id)).not.toContain('here');
					for (const { likeness } of found) expect(likeness).toBeGreaterThanOrEqual(0.5);
				}
			)
		);
	});
});
