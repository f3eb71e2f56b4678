import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readingFault } from '../../water/reading/fault';
import { readingSchema } from '../../foundation/schema/reading';
import { bestWith, judge, NOTHING_RUNS, schoolsFor } from './judge';
import { choicesIn, optionsFor, type Choices } from './options';
import { DECISIONS } from './decisionNames';
import { drillWater, LEVELS } from './water';
import { SEASONS } from './waters';

const anySeed = fc.integer({ min: 1, max: 1_000_000 });
const anyLevel = fc.constantFrom(...LEVELS);

describe('a water to decide on', () => {
	it('is the same for the same seed, and its parts belong together', () => {
		fc.assert(
			fc.property(anySeed, anyLevel, (seed, level) => {
				const { reading } = drillWater(seed, level);
				expect(drillWater(seed, level).reading).toEqual(reading);
				expect(readingFault(reading)).toBeNull();
				const season = SEASONS.find(([phase]) => phase === reading.phase);
				if (season) {
					expect(reading.waterTemperatureC).toBeGreaterThanOrEqual(season[1]);
					expect(reading.waterTemperatureC).toBeLessThanOrEqual(season[2]);
				}
				for (const { topM } of reading.cover ?? []) expect(topM).toBeLessThanOrEqual(reading.bottomM);
				if (reading.waterTemperatureC < 9) expect(reading.mood).not.toBe('chasing');
			})
		);
	});

	it('tells more the higher the level, of the same water', () => {
		fc.assert(
			fc.property(anySeed, (seed) => {
				const [three, most, all] = LEVELS.map((level) => Object.entries(drillWater(seed, level).reading));
				expect(three!.length).toBe(3);
				expect(all).toEqual(expect.arrayContaining(most!));
				expect(most).toEqual(expect.arrayContaining(three!));
			})
		);
	});
});

const question = (seed: number) => ({ reading: drillWater(seed, 'everything').reading });

describe('what choices give up', () => {
	it('is nothing for the call’s own, which are always among what is offered', () => {
		fc.assert(
			fc.property(anySeed, (seed) => {
				const best = bestWith(question(seed), {});
				if (!best) return;
				const own = choicesIn(best.rig);
				for (const decision of DECISIONS) expect(optionsFor(decision, own, best.rig)).toContain(own[decision]);
				const judged = judge(question(seed), own)!;
				expect(judged.givesUp).toBeLessThan(1e-9);
				expect(judged.rules).toEqual([]);
			}),
			{ numRuns: 30 }
		);
	});

	it('is the sum of what each decision gives up, never less for one more, and nothing only where the scores are level', () => {
		fc.assert(
			fc.property(anySeed, fc.array(fc.nat(), { minLength: 5, maxLength: 5 }), (seed, picks) => {
				const asked = question(seed);
				const best = bestWith(asked, {});
				if (!best) return;
				const chosen = DECISIONS.reduce<Choices>((held, decision, at) => {
					const options = optionsFor(decision, held, best.rig);
					return { ...held, [decision]: options[picks[at]! % options.length]! };
				}, {}) as Required<Choices>;
				const judged = judge(asked, chosen)!;
				const sum = judged.steps.reduce((total, { givesUp }) => total + givesUp, 0);
				expect(sum).toBeCloseTo(judged.givesUp, 6);
				const own = bestWith(asked, chosen);
				expect(judged.givesUp).toBeCloseTo(best.score - (own?.score ?? NOTHING_RUNS), 9);
				if (own) expect(choicesIn(own.rig)).toEqual(chosen);
			}),
			{ numRuns: 30 }
		);
	});

	it('is told with the school that would have chosen the same, and with none where no side is taken', () => {
		const topic = 'CLEAR-BLADE';
		const asked = {
			reading: readingSchema.parse({ waterTemperatureC: 9, visibilityM: 4, bottomM: 2, pressure: 'high' })
		};
		const [plastic, compact] = ['plastic', 'compact'].map((school) =>
			bestWith({ ...asked, stances: { [topic]: school } }, { family: 'bladed-jig' })
		);
		const [one, other] = [choicesIn(plastic!.rig), choicesIn(compact!.rig)];
		expect(one.blades).not.toBe(other.blades);
		const by = (school: string) => ({ ...asked, stances: { [topic]: school } });
		const behind = (school: string, choices: Choices) => judge(by(school), { ...one, ...choices })!.givesUp;
		expect(behind('plastic', one)).toBeLessThan(behind('compact', one));
		const best = choicesIn(bestWith(by('plastic'), {})!.rig);
		expect(schoolsFor(by('compact'), best)).toContainEqual({ topic, school: 'plastic' });
	});
});
