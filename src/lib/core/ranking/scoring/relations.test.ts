import fc from 'fast-check';
import { expect, it } from 'vitest';
import { CLAIM_BASE } from '../../claims/claimBase';
import { completeReading } from '../../water/reading/complete';
import { readingSchema, type ReadingInput } from '../../foundation/schema/reading';
import { likelyReading } from '../../testing/waters';
import { needsOf, RELATIONS } from './relations';
import { SPACES } from '../space/spaces';
import { relationTable } from './tables';

const needsIn = (reading: ReadingInput) => needsOf(completeReading(readingSchema.parse(reading)), {});

/** A water, and another one that has some of its fields: with these a relation often names what it reads alike. */
const pair = fc
	.tuple(likelyReading, likelyReading, fc.float({ min: 0, max: 1, noNaN: true }))
	.map(([one, other, share]) => {
		const fields = Object.entries(other).filter((_, at, all) => at < share * all.length);
		return [one, { ...one, ...Object.fromEntries(fields) }] as const;
	})
	.filter(([, { fishFromM, fishToM, bottomM }]) => fishFromM! <= fishToM! && fishToM! <= bottomM);

it('a relation reads no more of the water than it names: what is kept by that name is true of any other', () => {
	let alike = 0;
	fc.assert(
		fc.property(pair, ([one, other]) => {
			const [needs, others] = [needsIn(one), needsIn(other)];
			for (const claim of CLAIM_BASE) {
				const rule = claim.relation && RELATIONS[claim.relation];
				if (!rule?.reads) continue;
				for (const space of SPACES) {
					if (rule.reads(needs, space.family) !== rule.reads(others, space.family)) continue;
					alike++;
					expect(relationTable(space, claim, rule, needs)).toEqual(relationTable(space, claim, rule, others));
				}
			}
		}),
		{ numRuns: 40 }
	);
	expect(alike).toBeGreaterThan(200);
});
