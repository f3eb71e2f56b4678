import type { Space } from '../ranking/space/part';
import { needsOf, RELATIONS } from '../ranking/scoring/relations';
import { SPACES } from '../ranking/space/spaces';
import type { FitTable } from '../ranking/scoring/opinion';
import { fitTable, relationTable } from '../ranking/scoring/tables';
import type { Claim } from '../claims/claim';
import type { Reading } from '../water/reading/complete';

/** What a claim says about every space that it is about, on a reading. */
export function tablesOf(claim: Claim, reading: Reading): { space: Space; table: FitTable }[] {
	const needs = needsOf(reading, {});
	return SPACES.flatMap((space) => {
		const table = claim.relation
			? relationTable(space, claim, RELATIONS[claim.relation], needs)
			: fitTable(space, claim);
		return table ? [{ space, table }] : [];
	});
}
