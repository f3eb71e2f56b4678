import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { lookedAt } from '../../simulation/sight/contrast';
import { sceneOfReading } from '../../simulation/sight/sight';
import { targetOf } from '../../simulation/sight/targets';
import { completeReading } from '../../water/reading/complete';
import { callInputSchema } from '../../foundation/schema/call';
import { readingSchema, type ReadingInput } from '../../foundation/schema/reading';
import { likelyReading } from '../../testing/waters';
import { call } from './call';
import { answerScore } from './score';
import { reachFit, sightClaims } from './sightClaims';

const CLEAR: ReadingInput = {
	waterTemperatureC: 20,
	visibilityM: 4,
	bottomM: 5,
	sky: 'sun',
	fishFromM: 0.5,
	fishToM: 2,
	forage: [{ kind: 'sunfish', lengthIn: 3, amount: 'plenty' }]
};
const read = (reading: ReadingInput) => completeReading(readingSchema.parse(reading));
const idsOn = (reading: ReadingInput) => sightClaims(read(reading)).map(({ id }) => id);
const callOn = (reading: ReadingInput, rest: object = {}) =>
	call(callInputSchema.parse({ reading, ...rest }), { windows: false, families: false });

describe('what the model of sight adds to the call', () => {
	it('prefers most what is seen farthest, level ties alike, and what is seen half as far not at all', () => {
		expect([10, 9, 8.5, 5, 2].map((m) => reachFit(m, 10))).toEqual([1, 1, 1, 0, 0]);
		expect(reachFit(6.75, 10)).toBeCloseTo(0.5, 9);
		const scene = sceneOfReading(read(CLEAR));
		const fits = sightClaims(read(CLEAR))[0]!.prefers!.colour!;
		const far = (colour: string) => lookedAt(targetOf('skirt', colour)!, scene, 'side').sightedM;
		const [best] = Object.keys(fits).sort((a, b) => far(b) - far(a));
		expect(fits[best!]).toBe(1);
		for (const [a, b] of [
			['white', 'green-pumpkin'],
			['chartreuse', 'sunfish']
		] as const) {
			if (far(a) > far(b)) expect(fits[a]).toBeGreaterThanOrEqual(fits[b]!);
			else expect(fits[a]).toBeLessThanOrEqual(fits[b]!);
		}
	});

	it('is silent in mud, and matches no bait that is not there or is not seen over a meter', () => {
		expect(idsOn({ ...CLEAR, visibilityM: 0.15, stain: 'mud' })).toEqual([]);
		expect(idsOn(CLEAR)).toEqual(['SEE-01', 'SEE-02']);
		expect(idsOn({ ...CLEAR, forage: [] })).toEqual(['SEE-01']);
		expect(idsOn({ ...CLEAR, visibilityM: 0.7, stain: 'mixed' })).not.toContain('SEE-02');
	});

	it('is in the ledger only where it was asked for, adds little, and forbids nothing', () => {
		fc.assert(
			fc.property(likelyReading, (reading) => {
				const [plain, with_] = [callOn(reading), callOn(reading, { sight: true })];
				const said = (answer: typeof plain) =>
					answer.calls.flatMap(({ reasons }) => reasons).filter(({ claim }) => claim.startsWith('SEE-'));
				expect(said(plain)).toEqual([]);
				for (const { strength, counts, tier } of said(with_)) {
					expect([strength, tier]).toEqual([1, 'finish']);
					expect(counts).toBeLessThanOrEqual(0);
					expect(counts).toBeGreaterThanOrEqual(-0.04);
				}
				expect(with_.candidates).toBe(plain.candidates);
				expect(with_.exact).toBe(true);
				expect(with_.calls.length).toBe(plain.calls.length);
				if (plain.calls[0]) expect(plain.calls[0].score - with_.calls[0]!.score).toBeLessThanOrEqual(0.041);
			}),
			{ numRuns: 25, seed: 11 }
		);
	});

	it('is weighed by the score of a rig as the call weighs it', () => {
		const best = callOn(CLEAR, { sight: true }).calls[0]!;
		const { score, behind, reasons } = answerScore({ reading: CLEAR, rig: best.rig, sight: true });
		expect([score, behind]).toEqual([best.score, 0]);
		expect(reasons.map(({ claim }) => claim)).toContain('SEE-01');
	});
});
