import { describe, expect, it } from 'vitest';
import { ActiveClaims } from '../ranking/scoring/activeClaims';
import { openingOf } from '../ranking/space/locks';
import { SPACES } from '../ranking/space/spaces';
import { opinionAt } from '../ranking/scoring/tables';
import { worthOf } from '../ranking/scoring/worth';
import { completeReading } from '../water/reading/complete';
import { lockSchema, type Locks } from '../foundation/schema/rig';
import { readingSchema } from '../foundation/schema/reading';
import { tablesOf } from '../testing/tables';
import { tierOf, type Claim, type Fit } from './claim';
import { CLAIM_BASE } from './claimBase';
import directions from './directions.json';
import { exampleReading } from './examples';

/** Points that a claim gives a rig which is only said in part: what is not said is the first that fits. */
function pointsFor(claim: Claim, locks: Locks): number {
	const reading = completeReading(readingSchema.parse(exampleReading(claim.speaks)));
	const [topic, school] = (claim.split ?? '/').split('/') as [string, string];
	const stances = topic ? { [topic]: school } : {};
	const spoken = new ActiveClaims(reading, stances, [claim]).spoken[0]!;
	const space = SPACES.find((one) => openingOf(one, locks, {}) !== null)!;
	const assignment = openingOf(space, locks, {})!.mask.map((row) => row.indexOf(true));
	const table = tablesOf(claim, reading).find((one) => one.space === space)?.table;
	if (!table) return 0;
	const sizes = space.variables.map(({ parts }) => parts.length);
	const judgement = { ...spoken, table, most: 1, tier: tierOf(claim), common: false, moved: 1, fair: 1 };
	return worthOf(judgement, opinionAt(table, sizes, assignment)).earned;
}

const negated = (fit: Fit): Fit => Object.fromEntries(Object.entries(fit).map(([key, value]) => [key, -value]));
const turned = (claim: Claim): Claim => {
	const [facet, fit] = Object.entries(claim.prefers ?? {})[0]! as [string, Fit];
	return { ...claim, prefers: { ...claim.prefers, [facet]: negated(fit) } };
};

const SCORES = CLAIM_BASE.filter(({ kind }) => kind === 'score');
const PAIRS = directions as unknown as Record<string, [unknown, unknown]>;

/** Better rig first: written down apart from the claims, so that a claim whose sign is turned is noticed. */
describe('what each scoring claim is for and against', () => {
	it('is written down for every one of them', () => {
		expect(Object.keys(PAIRS).sort()).toEqual(SCORES.map(({ id }) => id).sort());
	});

	it.each(SCORES.map((claim) => [claim.id, claim] as const))('%s', (id, claim) => {
		const [better, worse] = PAIRS[id]!.map((rig) => lockSchema.parse(rig)) as [Locks, Locks];
		expect(pointsFor(claim, better)).toBeGreaterThan(pointsFor(claim, worse));
		if (claim.relation) return;
		expect(pointsFor(turned(claim), better)).toBeLessThan(pointsFor(turned(claim), worse));
	});
});
