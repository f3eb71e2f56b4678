import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CLAIM_BASE } from '../../claims/claimBase';
import { disputeOf } from '../../claims/disputes';
import { parseWith } from '../../foundation/schema/failure';
import { readingSchema } from '../../foundation/schema/reading';
import {
	REACTION_MOMENTS,
	REACTION_SYMPTOMS,
	reactionsInputSchema,
	reactionsSchema,
	type ReactionsInput
} from '../../foundation/schema/reactions';
import { rigSchema, type Rig } from '../../foundation/schema/rig';
import { FAMILIES } from '../../foundation/schema/words';
import { faultSteps } from '../../rig/bench/faults/finder';
import { startBuild } from '../../rig/build/start';
import { likelyReading } from '../../testing/waters';
import { completeReading } from '../../water/reading/complete';
import { changedFields } from './changed';
import { reactionsTo } from './reactions';

const READING = { waterTemperatureC: 18, visibilityM: 1.3, bottomM: 3 };
const RIG = startBuild('spinnerbait').rig;
const asked = (more: object): ReactionsInput =>
	parseWith(reactionsInputSchema, { reading: READING, rig: RIG, symptom: 'follows', ...more });
const after = (rig: Rig, change: object): Rig => rigSchema.parse({ ...rig, ...change });
const isPart = (change: object): boolean => !('place' in change) && !('cast' in change);

const anyQuestion = fc.record({
	reading: likelyReading,
	rig: fc.constantFrom(...FAMILIES).map((family) => startBuild(family).rig),
	symptom: fc.constantFrom(...REACTION_SYMPTOMS),
	when: fc.constantFrom(...REACTION_MOMENTS, undefined),
	hookedIn: fc.constantFrom('skin' as const, 'corner' as const, 'deep' as const, 'gill' as const)
});

describe('what to change after a sign on the water', () => {
	it('is one thing each, makes a rig that can be built, and rests on claims and views that there are', () => {
		const ids = new Set(CLAIM_BASE.map(({ id }) => id));
		fc.assert(
			fc.property(anyQuestion, ({ when, ...question }) => {
				const input = { ...question, reading: readingSchema.parse(question.reading), ...(when && { when }) };
				const { changes } = reactionsSchema.parse(reactionsTo(input));
				expect(changes.length).toBeGreaterThan(0);
				for (const { change, claims, split } of changes) {
					expect(claims.filter((id) => !ids.has(id))).toEqual([]);
					if (split) expect(disputeOf(split.split('/')[0]!)?.schools).toContain(split.split('/')[1]);
					if (isPart(change)) expect(changedFields(input.rig, after(input.rig, change))).toHaveLength(1);
				}
			}),
			{ numRuns: 200 }
		);
	});

	it('is never the opposite of what the bench advises for the same rig on the same water', () => {
		const same = { follows: 'follows', 'short-strikes': 'short', fouled: 'fouling', 'no-bites': 'no-bites' } as const;
		const bySpeed = (rig: Rig, made: readonly Rig[]): Set<number> =>
			new Set(made.map((one) => Math.sign(one.retrieve.speedMps - rig.retrieve.speedMps)).filter((sign) => sign !== 0));
		fc.assert(
			fc.property(
				likelyReading,
				fc.constantFrom(...FAMILIES),
				fc.constantFrom('follows', 'short-strikes', 'fouled', 'no-bites'),
				(water, family, symptom) => {
					const build = startBuild(family);
					const reading = readingSchema.parse(water);
					const context = { build, reading: completeReading(reading), stances: {}, log: [] };
					const bench = faultSteps(same[symptom], context).flatMap(({ skipped, apply }) =>
						skipped === null && apply ? [apply(build).rig] : []
					);
					const table = reactionsTo({ reading, rig: build.rig, symptom })
						.changes.filter(({ change }) => isPart(change))
						.map(({ change }) => after(build.rig, change));
					const [here, there] = [bySpeed(build.rig, bench), bySpeed(build.rig, table)];
					for (const sign of there) expect(here.has(-sign)).toBe(false);
				}
			),
			{ numRuns: 300 }
		);
	});

	it('offers a second hook where the bench does, and nowhere else', () => {
		fc.assert(
			fc.property(
				likelyReading,
				fc.constantFrom(...FAMILIES),
				fc.constantFrom('conditional', 'always', 'rarely', 'never'),
				(water, family, view) => {
					const build = startBuild(family);
					const reading = readingSchema.parse(water);
					const stances = { 'TRAILER-HOOK': view };
					const bench = faultSteps('short', { build, reading: completeReading(reading), stances, log: [] });
					const offered = reactionsTo({ reading, rig: build.rig, symptom: 'short-strikes', stances }).changes.some(
						({ change }) => 'trailerHook' in change
					);
					expect(offered).toBe(bench.find(({ id }) => id === 'trailer-hook')!.skipped === null);
				}
			),
			{ numRuns: 300 }
		);
	});

	it('is nothing yet after a few casts, or where nobody looked how the lost fish was hooked', () => {
		expect(reactionsTo(asked({ symptom: 'no-bites', casts: 5 }))).toMatchObject({
			changes: [],
			why: expect.stringMatching(/5 of \d+ casts/)
		});
		expect(reactionsTo(asked({ symptom: 'no-bites', casts: 500 })).changes[0]?.text).toMatch(/^Retrieve: /);
		expect(reactionsTo(asked({ symptom: 'lost-fish' }))).toMatchObject({
			changes: [],
			why: expect.stringContaining('hooked')
		});
	});

	it('begins with more of what they took it on, and leaves out what the angler’s own view refuses', () => {
		expect(reactionsTo(asked({ when: 'fall' })).changes[0]?.change).toMatchObject({ retrieve: { style: 'lift-drop' } });
		const misses = reactionsTo(asked({ symptom: 'misses', stances: { 'AFTER-MISS': 'recast' } })).changes;
		expect(misses[0]).toMatchObject({ split: 'AFTER-MISS/recast', claims: ['SET-01c'] });
	});
});
