import { createEmptyCard, fsrs, Rating } from 'ts-fsrs';
import { describe, expect, it } from 'vitest';
import type { DrillCard } from '$lib/core/records/drillsRecord';
import { NO_DRILLS } from '$lib/core/records/learned';
import type { Judged } from '$lib/core/trips/drills/judge';
import { DECISIONS } from '$lib/core/trips/drills/decisionNames';
import { calibration, dueAt, gradeOf, learned, progress, reviewed } from './memory';

const START = new Date('2026-03-01T08:00:00Z');
const step = (decision: Judged['decision'], givesUp: number, claim = 'BLD-01'): Judged => ({
	decision,
	chosen: 'a',
	called: 'b',
	givesUp,
	rule: givesUp > 0 ? { claim, text: 'A rule.' } : null
});
const OF = { claim: 'BLD-01', decision: 'blades' } as const;

describe('when a rule comes back', () => {
	it('is to the second when the scheduler has it, over a run of answers', () => {
		const library = fsrs({ enable_fuzz: false });
		const grades = [
			Rating.Again,
			Rating.Good,
			Rating.Good,
			Rating.Easy,
			Rating.Again,
			Rating.Hard,
			Rating.Good
		] as const;
		let [ours, theirs, now] = [undefined as DrillCard | undefined, createEmptyCard(START), START];
		for (const grade of grades) {
			ours = reviewed(ours, OF, grade, now);
			theirs = library.next(theirs, now, grade).card;
			expect(ours.due).toBe(theirs.due.toISOString());
			expect(ours.stability).toBe(theirs.stability);
			now = theirs.due;
		}
		expect(ours!.lapses).toBe(theirs.lapses);
	});

	it('is sooner for what was missed than for what was right, and later the surer it was', () => {
		const [again, hard, good, easy] = [
			gradeOf({ givesUp: 2 }, 0.9),
			gradeOf({ givesUp: 0 }, 0.4),
			gradeOf({ givesUp: 0 }, 0.65),
			gradeOf({ givesUp: 0 }, 0.9)
		].map((grade) => reviewed(undefined, OF, grade, START).due);
		expect(again! < hard! && hard! < good! && good! < easy!).toBe(true);
	});
});

describe('what is known after a drill', () => {
	it('has a rule for every decision that was missed, due at once, and an answer for each', () => {
		const record = learned(NO_DRILLS, [step('family', 0), step('blades', 1.2)], { family: 0.9, blades: 0.65 }, START);
		expect(record.cards.map(({ claim, decision }) => [claim, decision])).toEqual([['BLD-01', 'blades']]);
		expect(record.answers.map(({ sure, gaveUp }) => [sure, gaveUp])).toEqual([
			[0.9, 0],
			[0.65, 1.2]
		]);
		expect(dueAt(record, new Date(START.getTime() + 3_600_000))).toHaveLength(1);
	});

	it('puts a rule off that was asked for and answered right', () => {
		const first = learned(NO_DRILLS, [step('blades', 1)], {}, START);
		const later = new Date(START.getTime() + 3_600_000);
		const [asked] = dueAt(first, later);
		const second = learned(first, [step('blades', 0)], { blades: 0.9 }, later, asked);
		expect(dueAt(second, later)).toEqual([]);
		expect(second.cards).toHaveLength(1);
	});

	it('says how often the sure were right, and which decisions are', () => {
		const record = learned(NO_DRILLS, [step('family', 0), step('blades', 1)], { family: 0.9, blades: 0.9 }, START);
		expect(calibration(record).at(-1)).toEqual({ sure: 0.9, of: 2, right: 1, share: 0.5 });
		expect(calibration(record)[0]!.share).toBeNull();
		expect(progress(record, DECISIONS).slice(0, 2)).toEqual([
			{ decision: 'family', of: 1, right: 1 },
			{ decision: 'blades', of: 1, right: 0 }
		]);
	});
});
