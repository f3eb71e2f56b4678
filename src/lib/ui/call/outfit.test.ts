import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { call } from '$lib/core/ranking/answer/call';
import { differencesOf } from '$lib/core/ranking/answer/difference';
import { changedRig } from '$lib/core/ranking/space/assemble';
import { callInputSchema } from '$lib/core/foundation/schema/call';
import { likelyReading } from '$lib/core/testing/waters';
import { costText } from './lockable';
import { outfitOf } from './outfit';

const answerOn = (reading: object, locks: object = {}) =>
	call(callInputSchema.parse({ reading, locks, top: 1 }), { windows: false, families: false }).calls[0]!;

describe('the outfit of a call', () => {
	it('names every part once, and locking what is called changes nothing', () => {
		fc.assert(
			fc.property(likelyReading, fc.constantFrom('metric' as const, 'imperial' as const), (reading, units) => {
				const called = answerOn(reading);
				const items = outfitOf(called, units);
				expect(items.map(({ name }) => name).slice(0, 5)).toEqual(['Rod', 'Reel', 'Line', 'Hook', 'Head form']);
				expect(new Set(items.map(({ name }) => name)).size).toBe(items.length);
				for (const { lock, value } of items) {
					expect(value).not.toMatch(/undefined|NaN/);
					expect(answerOn(reading, lock).rig).toEqual(called.rig);
				}
			}),
			{ numRuns: 12, seed: 4 }
		);
	});

	it('says lengths in the angler’s units', () => {
		const called = answerOn({ waterTemperatureC: 20, visibilityM: 1.5, bottomM: 3 });
		const value = (units: 'metric' | 'imperial', name: string) =>
			outfitOf(called, units).find((item) => item.name === name)!.value;
		expect(value('metric', 'Rod')).toMatch(/^2\.\d\d m/);
		expect(value('imperial', 'Rod')).toMatch(/^[67] ft \d+/);
		expect(value('metric', 'Reel')).toContain('cm a turn');
		expect(value('imperial', 'Reel')).toContain('in a turn');
	});
});

describe('what a lock costs', () => {
	it.each([
		[undefined, 'locked'],
		[null, 'nothing works'],
		[0, 'costs no points'],
		[0.2, 'costs few points'],
		[1, 'costs some points'],
		[3, 'costs many points']
	])('%s: %s', (cost, words) => {
		expect(costText(cost)).toBe(words);
	});
});

describe('a change to a rig', () => {
	const { rig } = answerOn(
		{ waterTemperatureC: 20, visibilityM: 1.5, bottomM: 3 },
		{ family: 'spinnerbait', trailer: null }
	);

	it('puts a body on where none was, and takes it off again', () => {
		const dressed = changedRig(rig, { trailer: { kind: 'grub' } });
		expect(dressed.trailer).toMatchObject({ kind: 'grub', mount: 'upright' });
		expect(changedRig(dressed, { trailer: null }).trailer).toBeNull();
		expect(differencesOf(rig, dressed)).toHaveLength(1);
	});

	it('is said in words, and nothing is said of what is alike', () => {
		expect(differencesOf(rig, rig)).toEqual([]);
		const [first] = differencesOf(rig, changedRig(rig, { weightOz: 1 }));
		expect(first!.to).toBe('1 oz');
	});
});
