import { describe, expect, it } from 'vitest';
import { completeReading } from '../water/reading/complete';
import { SPACES } from '../ranking/space/spaces';
import { ActiveClaims } from '../ranking/scoring/activeClaims';
import { tablesOf } from '../testing/tables';
import { readingSchema } from '../foundation/schema/reading';
import type { Claim } from './claim';
import { CLAIM_BASE } from './claimBase';
import { exampleReading, type PLAIN } from './examples';
import { SIDES } from './sides';
import { DISPUTES, disputeOf } from './disputes';

const readingOf = (example: Partial<typeof PLAIN>) => completeReading(readingSchema.parse(exampleReading(example)));

/** Positions that let a claim's own side of its split speak. */
const stanceFor = (claim: Claim): Record<string, string> => {
	if (!claim.split) return {};
	const [topic, school] = claim.split.split('/') as [string, string];
	return { [topic]: school };
};

const speaks = (claim: Claim, example: Claim['speaks']): boolean =>
	new ActiveClaims(readingOf(example), stanceFor(claim)).spoken.some(
		(entry) => entry.claim === claim && entry.share > 0
	);

describe('every claim of the base', () => {
	it('has an id of its own', () => {
		const ids = CLAIM_BASE.map(({ id }) => id);
		expect(new Set(ids).size).toBe(ids.length);
		expect(ids.length).toBeGreaterThan(200);
	});

	it.each(CLAIM_BASE.map((claim) => [claim.id, claim] as const))('%s speaks on its example', (_id, claim) => {
		expect(speaks(claim, claim.speaks)).toBe(true);
	});

	it.each(CLAIM_BASE.filter(({ silent }) => silent !== null).map((claim) => [claim.id, claim] as const))(
		'%s is silent on its counter-example',
		(_id, claim) => {
			expect(speaks(claim, claim.silent!)).toBe(false);
		}
	);

	it.each(CLAIM_BASE.filter(({ silent }) => silent === null).map((claim) => [claim.id, claim] as const))(
		'%s, which has no counter-example, always speaks',
		(_id, claim) => {
			expect(claim.when).toBe('always');
		}
	);

	it.each(CLAIM_BASE.filter(({ kind }) => kind === 'score').map((claim) => [claim.id, claim] as const))(
		'%s tells some rigs of the catalog from others, or a family from the rest',
		(_id, claim) => {
			const reading = readingOf(claim.speaks);
			const tables = tablesOf(claim, reading);
			const fits = new Set(tables.flatMap(({ table }) => table.opinions.map(({ fit }) => fit)));
			if (tables.length < SPACES.length) fits.add(0);
			expect(fits.size).toBeGreaterThan(1);
		}
	);

	it('touches at most two facets beside the family', () => {
		for (const { prefers, given, orGiven } of CLAIM_BASE) {
			const facets = Object.keys({ ...prefers, ...given, ...orGiven }).filter((facet) => facet !== 'family');
			expect(facets.length).toBeLessThanOrEqual(2);
		}
	});

	it('names only splits and schools that exist, and silences only claims that exist', () => {
		const ids = new Set(CLAIM_BASE.map(({ id }) => id));
		for (const claim of CLAIM_BASE) {
			for (const id of claim.silences ?? []) expect(ids).toContain(id);
			if (!claim.split) continue;
			const [topic, school] = claim.split.split('/') as [string, string];
			expect(disputeOf(topic)?.schools).toContain(school);
		}
	});
});

describe('every split', () => {
	const NO_CLAIM_OF_ITS_OWN = ['SKY/strict'];

	it.each(DISPUTES.map((split) => [split.topic, split] as const))('%s has a claim for each school', (topic, split) => {
		for (const school of split.schools) {
			const side = `${topic}/${school}`;
			const claims = CLAIM_BASE.filter((claim) => claim.split === side);
			expect(claims.length > 0 || NO_CLAIM_OF_ITS_OWN.includes(side)).toBe(true);
		}
	});

	it.each(DISPUTES.map((split) => [split.topic, split] as const))('%s always has a default', (_topic, split) => {
		expect(split.auto[split.auto.length - 1]![0]).toBe('always');
		for (const [, school] of split.auto) expect(school === null || split.schools.includes(school)).toBe(true);
	});

	it('tells every side in words, and no side that does not exist', () => {
		const sides = DISPUTES.flatMap(({ topic, schools }) => schools.map((school) => `${topic}/${school}`));
		expect(Object.keys(SIDES).sort()).toEqual(sides.sort());
	});
});

function numbered(upTo: number): number[] {
	return Array.from({ length: upTo }, (_, at) => at + 1);
}

/** The numbered claims of the craft, sections 3 to 12. */
const NUMBERS = {
	FAM: numbered(37),
	BLD: numbered(30).filter((number) => number !== 27),
	FIN: numbered(16),
	WIR: numbered(9),
	WGT: numbered(20),
	HED: numbered(5),
	SKT: numbered(24),
	TRL: numbered(16),
	HKS: numbered(10),
	LIN: numbered(12),
	ROD: numbered(8),
	REL: numbered(2),
	PAC: numbered(1),
	POS: numbered(11),
	CST: numbered(7),
	// What 13, 14, 16 and 17 said lives on in the pace that is asked for.
	RET: numbered(22).filter((number) => ![13, 14, 16, 17].includes(number)),
	SET: numbered(7)
} as const;

it.each(Object.entries(NUMBERS))('no claim of %s is missing', (section, numbers) => {
	const wanted = numbers.map((number) => `${section}-${String(number).padStart(2, '0')}`);
	const missing = wanted.filter((number) => !CLAIM_BASE.some(({ id }) => id.startsWith(number)));
	expect(missing).toEqual([]);
});

it('nothing that the craft no longer says is left', () => {
	const gone = ['FAM-14b', 'BLD-06b', 'BLD-14b', 'HKS-08c', 'RET-13', 'RET-14', 'RET-16', 'RET-17'];
	expect(CLAIM_BASE.filter(({ id }) => gone.includes(id))).toEqual([]);
});
