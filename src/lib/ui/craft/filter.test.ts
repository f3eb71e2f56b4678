import { describe, expect, it } from 'vitest';
import { CLAIM_BASE } from '$lib/core/claims/claimBase';
import { filtered, type Filter } from './filter';

const NONE: Filter = { find: '', family: '', decision: '', strength: '', split: '', speaking: false };
const heard = CLAIM_BASE.map((claim, at) => ({ claim, share: at % 2 }));
const ids = (filter: Partial<Filter>): string[] => filtered(heard, { ...NONE, ...filter }).map(({ claim }) => claim.id);

describe('the list of claims', () => {
	it('is whole when nothing narrows it', () => {
		expect(ids({})).toHaveLength(CLAIM_BASE.length);
	});

	it('is found by id, by words in any order, and by split', () => {
		expect(ids({ find: 'bld-01b' })).toEqual(['BLD-01b']);
		expect(ids({ find: 'crawl cold' })).toContain('BLD-01b');
		expect(ids({ split: 'SKY' }).toSorted()).toEqual(['FAM-03a', 'FAM-03b', 'FAM-03c', 'FAM-04']);
	});

	it('puts the rule whose whole id is looked for before those that begin with it, which may speak where it does not', () => {
		const longer = CLAIM_BASE.filter(({ id }) =>
			CLAIM_BASE.some((other) => other.id !== id && id.startsWith(other.id))
		);
		expect(longer.length).toBeGreaterThan(3);
		const loud = CLAIM_BASE.map((claim) => ({ claim, share: longer.includes(claim) ? 1 : 0 }));
		for (const { id } of CLAIM_BASE) expect(filtered(loud, { ...NONE, find: id })[0]!.claim.id).toBe(id);
	});

	it('knows what anglers call the same thing', () => {
		const dirty = ids({ find: 'dirty' });
		expect(dirty.length).toBeGreaterThan(0);
		for (const word of ['murky', 'brown', 'stained'])
			expect(ids({ find: word })).toEqual(expect.arrayContaining(dirty));
	});

	it('puts what speaks now first, and keeps the order otherwise', () => {
		const shares = filtered(heard, NONE).map(({ share }) => share);
		expect(shares).toEqual(shares.toSorted((a, b) => b - a));
		const speaking = ids({ speaking: true });
		expect(ids({}).slice(0, speaking.length)).toEqual(speaking);
	});

	it('by family keeps what is about all families, and leaves out what is about others', () => {
		const underspin = ids({ family: 'underspin' });
		expect(underspin).toContain('SKT-04');
		expect(underspin).toContain('TRL-13');
		expect(underspin).not.toContain('WIR-05');
	});

	it('joins its conditions', () => {
		const narrow = ids({ decision: 'FIN', strength: '3', speaking: true });
		expect(narrow.length).toBeGreaterThan(0);
		for (const id of narrow) {
			const at = CLAIM_BASE.findIndex((claim) => claim.id === id);
			expect([id.slice(0, 3), CLAIM_BASE[at]!.strength, at % 2]).toEqual(['FIN', 3, 1]);
		}
	});
});
