import fc from 'fast-check';
import { FAMILY_KEYS } from '../../foundation/schema/families';
import { describe, expect, it } from 'vitest';
import { rigSchema } from '../../foundation/schema/rig';
import { callInputSchema, type CallAnswer } from '../../foundation/schema/call';
import { refusalOf } from '../../testing/refusal';
import type { ReadingInput } from '../../foundation/schema/reading';
import { anyReading } from '../../testing/arbitraries';
import { FAMILIES } from '../../foundation/schema/words';
import { readingSchema } from '../../foundation/schema/reading';
import { completeReading } from '../../water/reading/complete';
import { CLAIM_BASE } from '../../claims/claimBase';
import { tow } from '../../simulation/cast/tow';
import { answerCall, call } from './call';
import { FACETS } from '../../claims/claim';
import { ActiveClaims } from '../scoring/activeClaims';
import { facetValues } from './houseRules';

const READINGS: Record<string, ReadingInput> = {
	'wind and cloud over reeds': {
		waterTemperatureC: 19,
		visibilityM: 1.4,
		bottomM: 2,
		phase: 'spawn',
		sky: 'overcast',
		wind: 'chop',
		fishFromM: 0.3,
		fishToM: 1.4,
		cover: [{ kind: 'stems', density: 'medium', topM: 0 }],
		forage: [{ kind: 'perch', lengthIn: 3, amount: 'plenty' }]
	},
	'glass under high sun': {
		waterTemperatureC: 22,
		visibilityM: 5,
		bottomM: 5,
		sky: 'sun',
		wind: 'calm',
		pressure: 'high'
	},
	'winter ditch': {
		waterTemperatureC: 6,
		visibilityM: 2.6,
		bottomM: 8,
		phase: 'winter',
		fishFromM: 6.5,
		fishToM: 8,
		cover: [{ kind: 'ditch', density: 'medium', topM: 8 }],
		forage: [{ kind: 'silver-baitfish', lengthIn: 3, amount: 'some' }],
		mood: 'sluggish'
	},
	'dawn over pads': {
		waterTemperatureC: 23,
		visibilityM: 0.9,
		bottomM: 1.2,
		light: 'low',
		wind: 'calm',
		fishFromM: 0,
		fishToM: 0.8,
		cover: [{ kind: 'pads', density: 'thick', topM: 0 }],
		mood: 'chasing'
	}
};

const ask = (reading: ReadingInput, rest: object = {}): CallAnswer => answerCall({ reading, ...rest });
const top = (answer: CallAnswer) => answer.calls[0]!.rig;

describe('the craft’s own days', () => {
	it('calls a spinnerbait in wind and cloud over reeds, without a trailer hook', () => {
		const answer = ask(READINGS['wind and cloud over reeds']!);
		expect(answer.verdict.blades).toBe('good');
		expect(top(answer)).toMatchObject({ family: 'spinnerbait', trailerHook: 'none' });
	});

	it('says plainly when blades are a poor idea, and names other tools', () => {
		const { verdict, calls } = ask(READINGS['glass under high sun']!);
		expect(verdict).toMatchObject({ blades: 'poor', points: -3 });
		expect(verdict.insteadTry.length).toBeGreaterThan(0);
		expect(calls.length).toBeGreaterThan(0);
	});

	it('calls a slow-rolled underspin in the winter ditch', () => {
		expect(top(ask(READINGS['winter ditch']!))).toMatchObject({
			family: 'underspin',
			retrieve: { style: 'slow-roll' }
		});
	});

	it('calls a buzzbait on braid at dawn over pads', () => {
		expect(top(ask(READINGS['dawn over pads']!))).toMatchObject({ family: 'buzzbait', line: { type: 'braid' } });
	});
});

const answers = Object.entries(READINGS).map(([name, reading]) => [name, ask(reading)] as const);

describe('every answer', () => {
	it.each(answers)('%s: parts of the score sum to the score', (_name, answer) => {
		for (const { score, reasons } of answer.calls) {
			expect(reasons.reduce((sum, { counts }) => sum + counts, 0)).toBeCloseTo(score, 9);
		}
	});

	it.each(answers)('%s: calls come best first, at most two of a family, no two of a kind', (_name, answer) => {
		const scores = answer.calls.map(({ score }) => score);
		expect(scores).toEqual([...scores].sort((a, b) => b - a));
		const families = answer.calls.map(({ rig }) => rig.family);
		expect(Math.max(...families.map((family) => families.filter((other) => other === family).length))).toBeLessThan(3);
		const kinds = answer.calls.map(({ rig }) =>
			JSON.stringify([rig.family, rig.blades.map(({ style }) => style), rig.retrieve])
		);
		expect(new Set(kinds).size).toBe(kinds.length);
	});

	it.each(answers)('%s: a rig goes back in unchanged', (_name, answer) => {
		for (const { rig } of answer.calls) expect(rigSchema.parse(JSON.parse(JSON.stringify(rig)))).toEqual(rig);
	});
});

describe('over any water', () => {
	it('answers the same twice, with parts that sum and claims that are compared fairly', () => {
		fc.assert(
			fc.property(anyReading, (reading) => {
				const answer = ask(reading);
				expect(ask(reading)).toEqual(answer);
				for (const { score, reasons } of answer.calls) {
					expect(reasons.reduce((sum, { counts }) => sum + counts, 0)).toBeCloseTo(score, 9);
					const others = reasons.filter(({ tier }) => tier !== 'family');
					for (const { counts } of others) expect(counts).toBeLessThanOrEqual(0);
				}
			}),
			{ numRuns: 40, seed: 7 }
		);
	});

	it('never raises the score by a lock, and every locked value stands', () => {
		const locks = fc.constantFrom(
			{ line: { type: 'braid' } },
			{ weightOz: 0.25 },
			{ weightOz: 0.44 },
			{ retrieve: { style: 'steady' } },
			{ skirt: { colour: 'black' } },
			{ trailerHook: 'free' },
			{ reel: { kind: 'spinning' } },
			{ line: { type: 'mono', testLb: 16 } }
		);
		fc.assert(
			fc.property(anyReading, locks, (reading, lock) => {
				const free = ask(reading);
				const locked = ask({ ...reading, rules: {} }, { locks: lock });
				for (const { rig, score } of locked.calls) {
					expect(rig).toMatchObject(lock);
					expect(score).toBeLessThanOrEqual(ask({ ...reading, rules: {} }).calls[0]!.score);
				}
				expect(free.calls.length).toBeGreaterThan(0);
			}),
			{ numRuns: 30, seed: 11 }
		);
	});

	it('never calls lead or a second hook where the local rule forbids them', () => {
		fc.assert(
			fc.property(anyReading, (reading) => {
				const stances = { 'TRAILER-HOOK': 'always' };
				const rules = { hooksMax: 1, leadAllowed: false };
				for (const { rig } of ask({ ...reading, rules }, { stances }).calls) {
					expect(rig.headMaterial).not.toBe('lead');
					expect(rig.trailerHook).toBe('none');
				}
			}),
			{ numRuns: 20, seed: 13 }
		);
	});
});

describe('the work of a ranking', () => {
	/** Three times the most that any of 130 random readings took when this was written. */
	const NODES_MAX = 60_000;
	const USUAL_NODES_MAX = 1_000;

	it('is bounded, and what was cut off is counted', () => {
		const nodes: number[] = [];
		fc.assert(
			fc.property(anyReading, (reading) => {
				const { search } = call(callInputSchema.parse({ reading }), { windows: false });
				nodes.push(search.nodes);
				expect(search.nodes).toBeLessThanOrEqual(NODES_MAX);
				expect(search.bound).toBeGreaterThan(0);
			}),
			{ numRuns: 60, seed: 17 }
		);
		expect(nodes.sort((a, b) => a - b)[30]).toBeLessThan(USUAL_NODES_MAX);
		const locked = ask(READINGS['winter ditch']!, { locks: { weightOz: 0.5 } }).search;
		const ruled = ask({ ...READINGS['winter ditch']!, rules: { leadAllowed: false } }).search;
		expect(locked.lock).toBeGreaterThan(0);
		expect(ruled.limit).toBeGreaterThan(0);
	});
});

describe('what runs', () => {
	it('is called with a cast that leans no further than is fished, and that the simulation answers alike', () => {
		for (const reading of Object.values(READINGS)) {
			for (const { rig, window, run } of ask(reading).calls) {
				expect(window).not.toBeNull();
				expect(run!.leanDeg ?? 0).toBeLessThanOrEqual(30 + 1e-6);
				expect(['stalls', 'rolls', 'leans', 'sinks']).not.toContain(run!.state);
				expect(run!.cast.countdownS).toBeLessThanOrEqual(60);
				expect(run!.fromM).toBeLessThanOrEqual(run!.toM);
				expect(tow({ rig, ...run!.cast }).band!.distanceShare).toBe(run!.inZone);
			}
		}
	});
});

describe('the four families', () => {
	it.each(answers)('%s: stand on one scale, best first, barred ones last with why', (_name, { families, calls }) => {
		expect(families.map(({ family }) => family).sort()).toEqual([...FAMILIES].sort());
		const running = families.filter(({ barred }) => barred === null);
		const scores = running.map(({ points, conflicts }) => points + conflicts);
		expect(scores).toEqual([...scores].sort((a, b) => b - a));
		expect(families.slice(running.length).every(({ barred, best }) => barred !== null && best === null)).toBe(true);
		for (const { family, points, conflicts, best, reasons } of running) {
			expect(conflicts).toBeLessThanOrEqual(0);
			expect(reasons.every(({ tier }) => tier === 'family')).toBe(true);
			if (best === null) continue;
			expect(calls[best]!.rig.family).toBe(family);
			expect(calls[best]!.score).toBeCloseTo(points + conflicts, 9);
		}
	});

	it('bar a buzzbait over fish that would not see it, and in cold water', () => {
		const barred = (answer: CallAnswer) => answer.families.find(({ family }) => family === 'buzzbait')!.barred;
		expect(barred(ask({ waterTemperatureC: 24, visibilityM: 1, bottomM: 7, fishFromM: 5, fishToM: 7 }))).toMatch(/see/);
		expect(barred(ask({ waterTemperatureC: 9, visibilityM: 1, bottomM: 1, fishFromM: 0, fishToM: 1 }))).toMatch(/cold/);
		expect(barred(ask(READINGS['dawn over pads']!))).toBeNull();
	});

	it('name the lock that leaves nothing of one', () => {
		const { families } = ask(READINGS['winter ditch']!, { locks: { family: 'underspin' } });
		expect(families.filter(({ barred }) => barred !== null)).toHaveLength(3);
		expect(families[0]!.family).toBe('underspin');
	});
});

describe('locks', () => {
	const reading = READINGS['wind and cloud over reeds']!;

	it('match blades by their place', () => {
		const { calls } = ask(reading, { locks: { blades: [{ position: 'front', style: 'colorado' }] } });
		expect(calls.length).toBeGreaterThan(0);
		for (const { rig } of calls) {
			expect(rig.blades.find(({ position }) => position === 'front')).toMatchObject({ style: 'colorado' });
		}
	});

	it.each(Object.entries({ wireIn: 0.035, body: 'compact', noise: 'clack', array: true, screwIn: true }))(
		'on %s leave only families that have it',
		(key, value) => {
			const allowed: readonly string[] = FAMILY_KEYS[key as keyof typeof FAMILY_KEYS];
			const { calls } = ask(reading, { locks: { [key]: value } });
			expect(calls.length).toBeGreaterThan(0);
			for (const { rig } of calls) expect(allowed).toContain(rig.family);
		}
	);

	it('on no trailer are judged without one, and leave out the family that cannot go bare', () => {
		const { calls } = ask(reading, { locks: { trailer: null }, top: 8 });
		expect(calls.length).toBeGreaterThan(0);
		for (const { rig, reasons } of calls) {
			expect(rig.trailer).toBeNull();
			expect(rig.family).not.toBe('underspin');
			const always = reasons.find(({ claim }) => claim === 'TRL-01');
			if (rig.family !== 'bladed-jig') continue;
			expect(always).toMatchObject({ points: 0, possible: 2 });
			expect(always!.counts).toBeLessThan(0);
		}
	});

	it('on the color of a skirt leave out the lure that is judged without one', () => {
		const ditch = READINGS['winter ditch']!;
		const locks = { skirt: { colour: 'black' } } as const;
		const answer = ask(ditch, { locks, top: 8 });
		expect(answer.calls.length).toBeGreaterThan(0);
		expect(answer.calls.map(({ rig }) => rig.family)).not.toContain('underspin');
		const bare = ask(ditch, { locks: { skirt: { colour: 'none' } } });
		expect(bare.calls.every(({ rig }) => rig.skirt.colour === 'none')).toBe(true);
	});

	it('that exclude each other leave no call and are named', () => {
		const { calls, verdict, candidates } = ask(reading, { locks: { family: 'underspin', noise: 'clack' } });
		expect(calls).toEqual([]);
		expect(candidates).toBe(0);
		expect(verdict.reasons[0]).toContain('noise');
	});

	it('that break a local rule are named with it', () => {
		const { calls, verdict } = ask({ ...reading, rules: { hooksMax: 1 } }, { locks: { trailerHook: 'free' } });
		expect(calls).toEqual([]);
		expect(verdict.reasons[0]).toContain('hooksMax');
	});
});

describe('stances', () => {
	it('let a school speak and silence the others', () => {
		const reading = { ...READINGS['wind and cloud over reeds']!, visibilityM: 0.4 };
		const claims = (stance: string) =>
			ask(reading, { stances: { 'DIRTY-COLOUR': stance } }).calls.flatMap(({ reasons }) =>
				reasons.map(({ claim }) => claim)
			);
		expect(claims('dark')).not.toContain('SKT-02');
		expect(claims('bright')).not.toContain('SKT-03');
		expect(claims('both')).toEqual(expect.arrayContaining(['SKT-02', 'SKT-03']));
	});

	it('that are none are set aside and named, and so are rules', () => {
		const reading = READINGS['winter ditch']!;
		const odd = { stances: { FASHION: 'new', WIRE: 'golden' }, houseRules: [{ id: 'MY-01' }, 7] };
		const { ignored, ...answer } = ask(reading, odd);
		expect(ignored.map(({ path }) => path)).toEqual([
			'stances.FASHION',
			'stances.WIRE',
			expect.stringMatching(/^houseRules\.0/),
			expect.stringMatching(/^houseRules\.1/)
		]);
		const { ignored: none, ...plain } = ask(reading);
		expect(none).toEqual([]);
		expect(answer).toEqual(plain);
	});

	it('let a rule of one’s own join any two facets', () => {
		const values = facetValues();
		const facets = FACETS.filter((facet) => facet !== 'family' && values[facet].length > 0);
		fc.assert(
			fc.property(fc.constantFrom(...facets), fc.constantFrom(...facets), (a, b) => {
				const prefers = { [a]: { [values[a][0]!]: 1 }, [b]: { [values[b][0]!]: 1 } };
				const rule = { id: 'MY-01', strength: 3, when: { join: 'all', words: ['always'] }, prefers, because: 'Mine.' };
				const { calls, ignored } = ask(READINGS['winter ditch']!, { houseRules: [rule], top: 1 });
				expect(calls.length).toBe(1);
				expect(ignored.every(({ path }) => path.startsWith('houseRules.0'))).toBe(true);
				expect(calls[0]!.reasons.reduce((sum, { counts }) => sum + counts, 0)).toBeCloseTo(calls[0]!.score, 9);
			}),
			{ numRuns: 60, seed: 12 }
		);
	});

	it('are all weighed or named, however many facets fifty rules of one’s own tie together', () => {
		const values = facetValues();
		const facets = FACETS.filter((facet) => values[facet].length > 0);
		const fit = (facet: (typeof FACETS)[number]) =>
			fc.dictionary(fc.constantFrom(...values[facet]), fc.double({ min: -1, max: 1, noNaN: true }), { minKeys: 1 });
		const rule = fc
			.tuple(fc.constantFrom(...facets), fc.constantFrom(...facets))
			.chain(([a, b]) => fc.record({ [a]: fit(a), [b]: fit(b) }));
		fc.assert(
			fc.property(fc.array(rule, { minLength: 50, maxLength: 50 }), (all) => {
				const houseRules = all.map((prefers, at) => {
					const id = `MY-${String(at).padStart(2, '0')}`;
					return { id, strength: 3, when: { join: 'all', words: ['always'] }, prefers, because: 'Mine.' };
				});
				const { calls, ignored, exact } = ask(READINGS['winter ditch']!, { houseRules, top: 1 });
				expect(exact).toBe(true);
				expect(calls[0]!.reasons.reduce((sum, { counts }) => sum + counts, 0)).toBeCloseTo(calls[0]!.score, 9);
				const named = new Set(ignored.map(({ path }) => path.split('.')[1]));
				expect(named.size).toBeLessThan(25);
			}),
			{ numRuns: 8, seed: 5 }
		);
	});

	it('that are taken silence what else answers their question, and nothing of another family', () => {
		const reading = { ...READINGS['wind and cloud over reeds']!, visibilityM: 0.3, stain: 'mud' as const };
		const heard = (stances: Record<string, string>, family: 'spinnerbait' | 'bladed-jig') => {
			const activeClaims = new ActiveClaims(completeReading(readingSchema.parse(reading)), stances);
			return CLAIM_BASE.filter((claim) => activeClaims.in(family, claim)).map(({ id }) => id);
		};
		expect(heard({}, 'spinnerbait')).toEqual(expect.arrayContaining(['PAC-01', 'BLD-01']));
		const knock = { 'MUD-BLADE': 'knock' };
		expect(heard(knock, 'spinnerbait')).not.toContain('PAC-01');
		expect(heard(knock, 'spinnerbait')).not.toContain('BLD-01');
		expect(heard(knock, 'bladed-jig')).toContain('PAC-01');
		const { strength } = new ActiveClaims(completeReading(readingSchema.parse(reading)), knock).in(
			'spinnerbait',
			CLAIM_BASE.find(({ id }) => id === 'BLD-13')!
		)!;
		expect(strength).toBe(3);
	});
});

describe('what is refused', () => {
	it('an unknown key, by its path', () => {
		const failure = refusalOf(() => answerCall({ reading: { ...READINGS['winter ditch'], tide: 1 } }));
		expect(failure).toMatchObject({ code: 'unknown-key', path: 'reading.tide' });
	});

	it('a fish band below the bottom', () => {
		const failure = refusalOf(() => ask({ waterTemperatureC: 10, visibilityM: 1, bottomM: 2, fishToM: 3 }));
		expect(failure).toMatchObject({ code: 'invalid', path: 'reading.fishToM' });
	});
});

it('counts fewer candidates the more is fixed', () => {
	const parsed = callInputSchema.parse({ reading: READINGS['wind and cloud over reeds'] });
	const free = call(parsed).candidates;
	const locked = call({ ...parsed, locks: { weightOz: 0.5 } }).candidates;
	expect(free).toBeGreaterThan(1e12);
	expect(locked).toBeCloseTo(free / 10, -Math.floor(Math.log10(free) - 6));
});
