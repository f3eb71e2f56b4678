// Fishes many made-up years whose truth is known, and says how often what the record shows is so: npm run honesty.
import { seeded, type Random } from '../src/lib/core/foundation/basics/random';
import { ratesOf } from '../src/lib/core/trips/evidence/rates';
import { compared } from '../src/lib/core/trips/proof/compare';
import { facetOf } from '../src/lib/core/trips/proof/facets';
import { factsOf, type Fact } from '../src/lib/core/trips/proof/facts';
import { readingSchema } from '../src/lib/core/foundation/schema/reading';
import { seasonOf, TRUE_EFFECTS } from '../src/lib/server/demo/season';

const YEARS = 1000;
const DAYS = 40;
const GROUPS = 8;
/** How much the groups of a season really differ (log), in three worlds. */
const SPREADS = [0.2, 0.45, 0.8];
/** A difference is called settled from this chance on. */
const SETTLED = 0.98;

const normal = (random: Random): number => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());

function poisson(random: Random, mean: number): number {
	let [count, product] = [0, random()];
	for (const limit = Math.exp(-mean); product > limit; count++) product *= random();
	return count;
}

/** Share of groups whose interval of 90 % range holds their true rate. */
function coverageOfRates(spread: number): number {
	const random = seeded(5);
	let held = 0;
	for (let year = 0; year < YEARS; year++) {
		const rates = Array.from({ length: GROUPS }, () => 0.04 * Math.exp(spread * normal(random)));
		const groups = rates.map((rate) => {
			const casts = 30 + Math.floor(random() * 300);
			return { casts, strikes: poisson(random, rate * casts) };
		});
		held += ratesOf(groups).filter(({ from, to }, at) => from <= rates[at]! && rates[at]! <= to).length;
	}
	return held / (YEARS * GROUPS);
}

const WATER = { waterTemperatureC: 16, visibilityM: 1.5, bottomM: 2, sky: 'sun' } as const;
const WATERS = [{ sky: 'overcast' }, { visibilityM: 0.5 }, { waterTemperatureC: 8 }, {}] as const;

function yearOf(seed: number): Fact[] {
	let key = 0;
	const days = Array.from({ length: DAYS }, (_, day) => ({
		name: `Day ${day}`,
		spotId: null,
		takenAt: new Date(Date.UTC(2026, 0, 1 + day)),
		reading: readingSchema.parse({ ...WATER, ...WATERS[day % WATERS.length] })
	}));
	return seasonOf(seeded(seed), days, () => String(key++)).flatMap(({ id, record, happenings }) =>
		factsOf({ id, ...record, happened: happenings.map((one) => ({ id: one.id, ...one.record })) })
	);
}

/** What is asked of each year, and the truth. */
const QUESTIONS = [
	[
		'gold under cloud',
		'finish',
		'gold',
		'nickel',
		TRUE_EFFECTS.goldUnderCloud,
		({ reading }: Fact) => reading.sky === 'overcast'
	],
	[
		'Colorado in dirt',
		'blade',
		'colorado',
		'willow',
		TRUE_EFFECTS.coloradoInDirt,
		({ reading }: Fact) => reading.visibilityM < 0.8
	],
	[
		'slow in the cold',
		'pace',
		'slow, to 0.6 m/s',
		'fast',
		TRUE_EFFECTS.slowInTheCold,
		({ reading }: Fact) => reading.waterTemperatureC < 12
	],
	['the skirt, which does nothing', 'skirt', 'white chartreuse', 'green pumpkin', TRUE_EFFECTS.skirt, () => true]
] as const;

for (const spread of SPREADS) {
	console.log(
		`rates of groups that differ by ${spread}: ${(100 * coverageOfRates(spread)).toFixed(1)} of 100 intervals hold`
	);
}
const years = Array.from({ length: YEARS }, (_, seed) => yearOf(1000 + seed));
for (const [name, facet, a, b, truth, where] of QUESTIONS) {
	const found = years.flatMap((facts) => compared(facts.filter(where), facetOf(facet), a, b) ?? []);
	const held = found.filter(({ ratio }) => ratio.from <= truth && truth <= ratio.to).length;
	const settled = found.filter(({ better }) => Math.max(better.a, better.b) >= SETTLED).length;
	const share = (count: number): string => ((100 * count) / found.length).toFixed(1);
	console.log(`${name}: ${share(held)} of 100 intervals hold, ${share(settled)} of 100 called settled`);
}
