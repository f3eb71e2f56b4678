import { describe, expect, it } from 'vitest';
import { ownColourSchema, type OwnColour } from '$lib/core/foundation/schema/ownColour';
import { draftsOf, newStrand, strandOf } from './ownDraft';

const measured = Array.from({ length: 31 }, (_, at) => at / 40);
const KEPT: OwnColour = {
	strands: [
		{ colour: 'white', share: 0.5 },
		{ rgb: '#c5d62f', share: 0.3 },
		{ reflects: measured, share: 0.2 }
	],
	countsAs: 'white-chartreuse'
};

describe('strands as they are typed', () => {
	it('are what was kept, once they are typed again', () => {
		expect(draftsOf(KEPT).map(strandOf)).toEqual(KEPT.strands);
		expect(draftsOf(undefined)).toEqual([]);
	});

	it('take figures by blanks, lines, semicolons or commas, with a decimal comma where they stand apart', () => {
		const of = (text: string) => strandOf({ ...newStrand(), way: 'measured', measured: text });
		for (const text of [
			'0.1 0.2 0.3',
			'0.1\n0.2\n0.3',
			'0.1; 0.2; 0.3',
			'0,1 0,2 0,3',
			'0.1, 0.2, 0.3',
			'0.1,0.2,0.3'
		]) {
			expect([text, of(text)]).toEqual([text, { reflects: [0.1, 0.2, 0.3], share: 1 }]);
		}
	});

	it('are refused with a reason where a share or a figure is none', () => {
		const wrong = (patch: object): string | undefined =>
			ownColourSchema.safeParse({ strands: [strandOf({ ...newStrand(), ...patch })], countsAs: 'white' }).error
				?.issues[0]?.code;
		expect(wrong({})).toBeUndefined();
		expect(wrong({ percent: '' })).toBeDefined();
		expect(wrong({ percent: '140' })).toBeDefined();
		expect(wrong({ way: 'measured', measured: measured.join(' ').replace('0.025', 'x') })).toBeDefined();
	});

	it('keep what was typed one way while another is looked at', () => {
		const strand = { ...newStrand(), way: 'picked' as const, rgb: '#123456' };
		strand.way = 'picked';
		expect(strandOf({ ...strand, way: 'named' })).toEqual({ colour: 'white', share: 1 });
		expect(strandOf(strand)).toMatchObject({ rgb: '#123456' });
	});
});
