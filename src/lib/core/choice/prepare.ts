import { preparePaths } from './band';
import { prepareFlows } from './fishingTime';
import { prepareJudging } from './judgements';
import { SPACES } from './spaces';

/** Makes every table that no reading changes: once, before the first question. */
export function prepareRanking(): void {
	preparePaths();
	prepareFlows(SPACES.filter(({ family }) => family !== 'buzzbait'));
	prepareJudging();
}
