import { describe, expect, it } from 'vitest';
import { blankSpot, blankWater, copyName, freeName, spotFromReading } from './newPlaces';
import { soundedProfile, watersWith } from './places';
import type { Write } from '../sync/outbox.svelte';
import { water } from '../testing/pages';

const MERE = water('Mere', ['Alder Bank', 'Pad Bay']);
const write = (kind: Write['kind'], id: string, action: Write['action'], record: unknown = null): Write => ({
	key: `${kind}${id}${action}`,
	kind,
	id,
	action,
	base: 1,
	record,
	revision: 0,
	title: id,
	sent: false,
	refusal: null
});
const names = (waters: ReturnType<typeof watersWith>) =>
	waters.map(({ name, spots }) => [name, spots.map((one) => one.name)]);

describe('waters with what was written since', () => {
	it('are the very same where nothing was', () => {
		const read = [MERE];
		expect(watersWith(read, [], [])).toBe(read);
	});

	it('have a new water and its spots at once, by name', () => {
		const mine = write('waters', 'w', 'put', blankWater('Brook', 'river'));
		const spot = write('spots', 's', 'put', blankSpot('w', 'Weir'));
		expect(names(watersWith([MERE], [mine], [spot]))).toEqual([
			['Brook', ['Weir']],
			['Mere', ['Alder Bank', 'Pad Bay']]
		]);
	});

	it('lack what was deleted, and a spot is back with its water', () => {
		const gone = write('waters', 'Mere', 'remove');
		expect(watersWith([MERE], [gone], [])).toEqual([]);
		const spot = write('spots', 'Pad Bay', 'remove');
		expect(names(watersWith([MERE], [], [spot]))).toEqual([['Mere', ['Alder Bank']]]);
	});

	it('show a spot on the water to which it was moved', () => {
		const other = water('Reach', []);
		const moved = write('spots', 'Pad Bay', 'put', { ...blankSpot('Reach', 'Pad Bay') });
		expect(names(watersWith([MERE, other], [], [moved]))).toEqual([
			['Mere', ['Alder Bank']],
			['Reach', ['Pad Bay']]
		]);
	});

	it('show a clock that is not known here as UTC, with what is stored', () => {
		const odd = write('waters', 'w', 'put', { ...blankWater('Brook'), timeZone: 'Mars/Olympus' });
		expect(watersWith([], [odd], [])).toMatchObject([{ timeZone: 'UTC', unknownZone: 'Mars/Olympus' }]);
	});
});

describe('a spot', () => {
	it('needs only a name, and has no bottom that nobody sounded', () => {
		expect(soundedProfile(blankSpot('w', 'Weir') as never)).toBeUndefined();
		const saved = spotFromReading('w', 'Weir', { waterTemperatureC: 15, visibilityM: 1, bottomM: 2.4 });
		expect(soundedProfile(saved)?.at(-1)?.depthM).toBe(2.4);
	});

	it('gets a name that is free', () => {
		expect(freeName('Spot', [])).toBe('Spot 1');
		expect(freeName('Spot', ['spot 1', 'Spot 3'])).toBe('Spot 2');
		expect(copyName('Weir', ['Weir'])).toBe('Weir 1');
		expect(copyName('Weir 1', ['Weir', 'Weir 1'])).toBe('Weir 2');
	});
});
