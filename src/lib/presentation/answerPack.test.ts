import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { call } from '$lib/core/ranking/answer/call';
import { likelyReading } from '$lib/core/testing/waters';
import { readingSchema } from '$lib/core/foundation/schema/reading';
import { packAnswer, unpackAnswer } from './answerPack';

describe('an answer that a page is sent with', () => {
	const answers = fc.sample(likelyReading, 12).map((reading) => call({ reading: readingSchema.parse(reading) }));

	it('is on the other side what it was', () => {
		for (const answer of answers) expect(unpackAnswer(packAnswer(answer))).toEqual(answer);
	});

	it('says nothing twice, and is shorter by it', () => {
		for (const answer of answers) {
			const packed = packAnswer(answer);
			const said = packed.said.map((one) => JSON.stringify(one));
			expect(new Set(said).size).toBe(said.length);
			expect(JSON.stringify(packed).length).toBeLessThan(JSON.stringify(answer).length);
		}
	});

	it('keeps two readings of a rule apart where the angler’s record moves one', () => {
		const [first] = answers;
		const moved = {
			...first!,
			families: first!.families.map((one) => ({
				...one,
				reasons: one.reasons.map((reason) => ({ ...reason, record: 1.4 }))
			}))
		};
		expect(unpackAnswer(packAnswer(moved))).toEqual(moved);
	});
});
