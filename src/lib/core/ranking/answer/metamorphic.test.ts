import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DISPUTES } from '../../claims/disputes';
import { completeReading } from '../../water/reading/complete';
import { readingSchema, type ReadingInput } from '../../foundation/schema/reading';
import { anyReading } from '../../testing/arbitraries';
import { likelyReading } from '../../testing/waters';
import { answerCall } from './call';
import { ActiveClaims } from '../scoring/activeClaims';
import { Judgements } from '../scoring/judgements';
import { fitOf, type Part } from '../space/part';
import { SPACES } from '../space/spaces';
import { opinionAt } from '../scoring/tables';
import { worthOf } from '../scoring/worth';

const complete = (reading: ReadingInput) => completeReading(readingSchema.parse(reading));
const SPINNERBAIT = SPACES.find(({ layout }) => layout === 'single')!;

/** Points (thousandths) that claims about one part alone give it, nothing else considered. */
function pullOf(reading: ReadingInput, id: string, wanted: (part: Part) => boolean): number {
	const variable = SPINNERBAIT.variables.findIndex((one) => one.id === id);
	const { parts } = SPINNERBAIT.variables[variable]!;
	const assignment = new Int32Array(SPINNERBAIT.variables.length);
	assignment[variable] = parts.findIndex(wanted);
	const sizes = SPINNERBAIT.variables.map((variable) => variable.parts.length);
	return new Judgements(complete(reading), {})
		.about(SPINNERBAIT)
		.filter(({ table }) => table.variables.length === 1 && table.variables[0] === variable)
		.reduce((sum, judgement) => {
			const { earned } = worthOf(judgement, opinionAt(judgement.table, sizes, assignment));
			return sum + earned;
		}, 0);
}

const pull = (reading: ReadingInput, style: string): number =>
	pullOf(reading, 'blades', ({ patch }) => patch.blades![0]!.style === style && patch.blades![0]!.size === 4);
const colourPull = (reading: ReadingInput, colour: string): number =>
	pullOf(reading, 'skirtColour', ({ patch }) => patch.skirt!.colour === colour);

describe('the water changes, the craft follows', () => {
	const shares = fc.double({ min: 0.2, max: 0.95, noNaN: true });

	it('dirtier water by day never raises a natural skirt over a bright one', () => {
		fc.assert(
			fc.property(likelyReading, shares, (reading, share) => {
				const base = {
					...reading,
					stain: 'green' as const,
					light: 'day' as const,
					visibilityM: Math.max(0.6, reading.visibilityM)
				};
				const dirtier = { ...base, visibilityM: Math.max(0.5, base.visibilityM * share) };
				for (const natural of ['sunfish', 'pearl', 'watermelon']) {
					const lead = (water: ReadingInput) => colourPull(water, 'white-chartreuse') - colourPull(water, natural);
					expect(lead(dirtier)).toBeGreaterThanOrEqual(lead(base) - 1);
				}
			}),
			{ numRuns: 80, seed: 23 }
		);
	});

	it('night never lowers a black skirt under a light one, nor a Colorado under a willow', () => {
		fc.assert(
			fc.property(likelyReading, (reading) => {
				const [day, night] = (['day', 'night'] as const).map((light) => ({ ...reading, light }));
				const black = (water: ReadingInput) => colourPull(water, 'black') - colourPull(water, 'white');
				expect(black(night!)).toBeGreaterThan(black(day!));
				const thump = (water: ReadingInput) => pull(water, 'colorado') - pull(water, 'willow');
				expect(thump(night!)).toBeGreaterThanOrEqual(thump(day!) - 1);
				expect(thump(night!)).toBeGreaterThan(0);
			}),
			{ numRuns: 80, seed: 24 }
		);
	});

	it('colder water never raises a willow over a Colorado', () => {
		fc.assert(
			fc.property(likelyReading, fc.double({ min: 1, max: 15, noNaN: true }), (reading, by) => {
				const base = { ...reading, phase: 'fall' as const };
				const colder = { ...base, waterTemperatureC: Math.max(0, base.waterTemperatureC - by) };
				const thump = (water: ReadingInput) => pull(water, 'colorado') - pull(water, 'willow');
				expect(thump(colder)).toBeGreaterThanOrEqual(thump(base) - 1);
			}),
			{ numRuns: 80, seed: 25 }
		);
	});

	it('clearer water never raises a Colorado over a willow', () => {
		fc.assert(
			fc.property(anyReading, fc.double({ min: 1.05, max: 4, noNaN: true }), (reading, factor) => {
				const base = { ...reading, stain: 'green' as const, events: [] };
				const clearer = { ...base, visibilityM: Math.min(20, base.visibilityM * factor) };
				const lead = (water: ReadingInput) => pull(water, 'colorado') - pull(water, 'willow');
				expect(lead(clearer)).toBeLessThanOrEqual(lead(base) + 1);
			}),
			{ numRuns: 60, seed: 21 }
		);
	});

	it('more of a claim’s condition is never less of the claim', () => {
		const at = (temperature: number) =>
			new ActiveClaims(complete({ waterTemperatureC: temperature, visibilityM: 1, bottomM: 3 }), {}).spoken.find(
				({ claim }) => claim.id === 'FAM-05'
			)?.weight ?? 0;
		const heats = [20, 23, 24, 25, 26, 30].map(at);
		expect(heats).toEqual([...heats].sort((a, b) => a - b));
		expect(heats[0]).toBe(0);
		expect(heats[5]).toBe(1);
	});

	it('spawning baitfish silence the dirt rules as far as they speak', () => {
		const dirty: ReadingInput = { waterTemperatureC: 18, visibilityM: 0.5, bottomM: 3 };
		const heard = (events: ReadingInput['events']) =>
			new ActiveClaims(complete({ ...dirty, events }), {}).spoken.map(({ claim }) => claim.id);
		expect(heard([])).toContain('BLD-01');
		expect(heard(['baitfish-spawn'])).not.toContain('BLD-01');
		expect(heard(['baitfish-spawn'])).toContain('BLD-10');
	});
});

describe('taking a side', () => {
	const sides = DISPUTES.flatMap(({ topic, schools }) => schools.map((school) => [topic, school] as const));

	it.each(sides)('%s/%s silences every other side of the topic, on any water', (topic, school) => {
		fc.assert(
			fc.property(anyReading, (reading) => {
				const heard = new ActiveClaims(complete(reading), { [topic]: school }).spoken.map(({ claim }) => claim.split);
				const others = heard.filter((side) => side?.startsWith(`${topic}/`) && side !== `${topic}/${school}`);
				expect(others).toEqual([]);
			}),
			{ numRuns: 8, seed: 4 }
		);
	});
});

describe('a fit', () => {
	const line = { words: { fluorocarbon: 1 }, figure: 17, kind: 'fluorocarbon' };

	it.each([
		[{ fluorocarbon: 1 }, 1],
		[{ 'fluorocarbon 14-17': 1 }, 1],
		[{ 'braid 14-17': 1 }, 0],
		[{ '18-20': 1 }, 0],
		[{ '17': 0.5 }, 0.5],
		[{ fluorocarbon: 0.8, '14-20': 0.8 }, 1],
		[{ fluorocarbon: -1 }, -1]
	])('%o of 17 lb fluorocarbon is %s', (fit, share) => {
		expect(fitOf(line, fit as unknown as Record<string, number>)).toBe(share);
	});
});

it('the verdict is poor on glass under sun, whatever the depth', () => {
	fc.assert(
		fc.property(fc.double({ min: 1, max: 20, noNaN: true }), (bottomM) => {
			const glass = { waterTemperatureC: 22, visibilityM: 4, bottomM, sky: 'sun', wind: 'calm' } as const;
			expect(answerCall({ reading: glass }).verdict.blades).toBe('poor');
		}),
		{ numRuns: 10, seed: 6 }
	);
});
