import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DECISIONS } from '../trips/drills/decisionNames';
import { drillsRecordSchema, type DrillsRecord } from './drillsRecord';
import { mergedDrills, NO_DRILLS } from './learned';

const anyTime = fc.integer({ min: 0, max: 40 }).map((day) => new Date(Date.UTC(2026, 0, 1 + day)).toISOString());
const anyDecision = fc.constantFrom(...DECISIONS);
const anyAnswer = fc.record({ at: anyTime, decision: anyDecision, sure: fc.constantFrom(0.4, 0.9), gaveUp: fc.nat(9) });
const anyCard = fc
	.record({ claim: fc.constantFrom('BLD-01', 'FAM-02', 'WGT-20'), lastReview: anyTime })
	.map((card) => ({
		...card,
		decision: 'family' as const,
		due: card.lastReview,
		stability: 1,
		difficulty: 1,
		elapsedDays: 0,
		scheduledDays: 1,
		learningSteps: 0,
		reps: 1,
		lapses: 0,
		state: 2
	}));
const anyRecord: fc.Arbitrary<DrillsRecord> = fc
	.record({
		cards: fc.uniqueArray(anyCard, { selector: ({ claim }) => claim }),
		answers: fc.uniqueArray(anyAnswer, { selector: ({ at, decision }) => `${at} ${decision}` })
	})
	.map((record) => ({ ...NO_DRILLS, ...record }));

describe('drills on two devices', () => {
	it('are put together: nothing is lost or doubled, and the later review of a rule stands', () => {
		fc.assert(
			fc.property(anyRecord, anyRecord, (mine, theirs) => {
				const both = mergedDrills(mine, theirs);
				expect(drillsRecordSchema.safeParse(both).success).toBe(true);
				const keys = both.answers.map(({ at, decision }) => `${at} ${decision}`);
				expect(new Set(keys).size).toBe(keys.length);
				for (const answer of mine.answers) expect(both.answers).toContainEqual(answer);
				for (const { at, decision } of theirs.answers) expect(keys).toContain(`${at} ${decision}`);
				for (const card of [...mine.cards, ...theirs.cards]) {
					const kept = both.cards.filter(({ claim }) => claim === card.claim);
					expect(kept).toHaveLength(1);
					expect(kept[0]!.lastReview >= card.lastReview).toBe(true);
				}
			})
		);
	});
});
