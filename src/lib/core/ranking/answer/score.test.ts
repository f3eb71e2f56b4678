import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { callInputSchema } from '../../foundation/schema/call';
import { rigSchema, type Rig } from '../../foundation/schema/rig';
import type { ReadingInput } from '../../foundation/schema/reading';
import { likelyReading } from '../../testing/waters';
import { call } from './call';
import { answerScore } from './score';

const callsOn = (reading: ReadingInput, rest: object = {}) =>
	call(callInputSchema.parse({ reading, ...rest }), { windows: false }).calls;
const REEDS: ReadingInput = {
	waterTemperatureC: 19,
	visibilityM: 1.4,
	bottomM: 2.2,
	sky: 'overcast',
	wind: 'chop',
	fishFromM: 0.3,
	fishToM: 1.4,
	cover: [{ kind: 'stems', density: 'medium', topM: 0 }]
};

describe('the score of a rig', () => {
	it('is barred where its own hook is over the local rule, as a call is that has it', () => {
		const rules = { pointsMax: 2 };
		const { rig } = callsOn({ ...REEDS, rules })[0]!;
		const barred = (style: 'single' | 'treble') =>
			answerScore({ reading: { ...REEDS, rules }, rig: { ...rig, hook: { ...rig.hook, style } } }).barred;
		expect(barred('single')).toBeNull();
		expect(barred('treble')).toBe('Against the local rule on hooks or lead.');
	});

	it('reads a spinnerbait without a body as the full one, and a two-colored tail by the color of its body', () => {
		const { rig, score } = callsOn(REEDS)[0]!;
		const trailer = { kind: 'split-tail', lengthIn: 3, mount: 'upright' } as const;
		const wears = (colour: NonNullable<Rig['trailer']>['colour']) =>
			answerScore({ reading: REEDS, rig: { ...rig, trailer: { ...trailer, colour } } });
		expect(answerScore({ reading: REEDS, rig: { ...rig, body: undefined } })).toMatchObject({ score, nearest: [] });
		expect(wears('white/orange')).toMatchObject({ score: wears('white').score, nearest: ['trailer.colour'] });
	});

	it('is the score of the call to the thousandth, and nothing is judged as another part', () => {
		fc.assert(
			fc.property(likelyReading, (reading) => {
				const calls = callsOn(reading);
				calls.forEach(({ rig, score, reasons }, at) => {
					const answer = answerScore({ reading, rig: JSON.parse(JSON.stringify(rig)) });
					expect(answer.score).toBe(score);
					expect(answer.reasons).toEqual(reasons);
					expect(answer.nearest).toEqual([]);
					expect(answer.barred).toBeNull();
					expect(answer.behind).toBeCloseTo(calls[0]!.score - score, 9);
					if (at === 0) expect(answer.better).toEqual([]);
				});
			}),
			{ numRuns: 40, seed: 5 }
		);
	});

	it('gains what it says by the change that it names', () => {
		const { rig } = callsOn(REEDS)[0]!;
		const worse: Rig = rigSchema.parse({ ...rig, skirt: { ...rig.skirt, colour: 'black' }, trailerHook: 'stiff' });
		const answer = answerScore({ reading: REEDS, rig: worse });
		expect(answer.behind).toBeGreaterThan(0);
		expect(answer.better.length).toBeGreaterThan(0);
		const [first] = answer.better;
		const mended = { ...worse, ...(first!.change as Partial<Rig>) };
		const skirt = { ...worse.skirt, ...(first!.change.skirt ?? {}) };
		const after = answerScore({ reading: REEDS, rig: { ...mended, skirt } });
		expect(after.score).toBeCloseTo(answer.score + first!.points, 9);
	});

	it('of what the catalog does not carry is that of the nearest part, and says so', () => {
		const { rig } = callsOn(REEDS)[0]!;
		const own = rigSchema.parse({ ...rig, weightOz: rig.weightOz + 0.02, rod: { ...rig.rod, lengthIn: 79 } });
		const answer = answerScore({ reading: REEDS, rig: own });
		expect(answer.nearest).toEqual(expect.arrayContaining(['weightOz', 'rod.lengthIn']));
		expect(answer.score).toBe(callsOn(REEDS)[0]!.score);
	});

	it('of a rig that cannot run is kept, with why', () => {
		const { rig } = callsOn(REEDS)[0]!;
		const rolls = rigSchema.parse({ ...rig, weightOz: 0.125, retrieve: { style: 'burn', speedMps: 2.2 } });
		expect(answerScore({ reading: REEDS, rig: rolls }).barred).toMatch(/Rolls|Runs|Too/);
		const cold = { ...REEDS, waterTemperatureC: 8 };
		const buzz = callsOn({ ...REEDS, waterTemperatureC: 24 }, { locks: { family: 'buzzbait' } })[0]!.rig;
		const answer = answerScore({ reading: cold, rig: buzz });
		expect(answer.barred).toMatch(/cold/);
		expect(answer.score).toBeLessThan(0);
	});

	it('weighs rules of the angler’s own and sets aside what is none', () => {
		const { rig } = callsOn(REEDS)[0]!;
		const rule = {
			id: 'MY-01',
			strength: 3,
			when: { join: 'all', words: ['always'] },
			prefers: { colour: { purple: 1 } },
			because: 'Purple, always.'
		};
		const answer = answerScore({ reading: REEDS, rig, houseRules: [rule, 'none'], stances: { NO: 'one' } });
		expect(answer.reasons.some(({ claim }) => claim === 'MY-01')).toBe(true);
		expect(answer.ignored.map(({ path }) => path)).toEqual(['stances.NO', expect.stringContaining('houseRules.1')]);
	});

	it('refuses a rig that is none', () => {
		expect(() => answerScore({ reading: REEDS, rig: { family: 'spinnerbait' } })).toThrow();
	});
});
