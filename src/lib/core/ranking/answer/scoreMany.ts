import type { ScoreInput } from '../../foundation/schema/score';
import { callQuestionOf, searchesOf } from './call';
import { reasonsFor } from '../scoring/explain';
import { limitOf } from '../space/limits';
import type { Judged } from '../space/nearest';
import { scoreOf } from '../search/scoreOf';
import { MILLI } from '../scoring/opinion';

/**
 * What each of many rigs gives up on one reading against the best call: `behind` of `score`, without its ledger.
 *
 * @param rigs Each as its nearest parts of the catalog.
 * @param best Score of the best call; `null` where nothing is called.
 * @returns Points behind for each rig, never below 0; `null` for one that would not be called at all.
 */
export function scoreMany(
	asked: Pick<ScoreInput, 'reading' | 'stances'>,
	rigs: readonly Judged[],
	best: number | null
): (number | null)[] {
	const question = callQuestionOf(asked);
	const { searches } = searchesOf(question, {});
	return rigs.map(({ space, assignment }) => {
		const search = searches.find((one) => one.space === space);
		if (best === null || !search || limitOf(space.family, question.reading)) return null;
		const masked = search.mask.some((open, at) => !open[assignment[at]!]);
		if (masked || !search.runs(assignment)) return null;
		const own = scoreOf(reasonsFor(question.judgements.about(space), space, assignment));
		return Math.max(0, Math.round((best - own) * MILLI) / MILLI);
	});
}
