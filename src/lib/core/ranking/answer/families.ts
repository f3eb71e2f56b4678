import type { Reading } from '../../water/reading/complete';
import type { FamilyAnswer, Reason } from '../../foundation/schema/call';
import type { LocalRules } from '../../foundation/schema/reading';
import type { Locks } from '../../foundation/schema/rig';
import { FAMILIES, type Family } from '../../foundation/schema/words';
import { reasonsFor } from '../scoring/explain';
import type { Judgements } from '../scoring/judgements';
import { limitOf } from '../space/limits';
import { openingOf } from '../space/locks';
import type { Ranked } from '../search/ranking';
import { SpaceSearch } from '../search/search';
import { SPACES } from '../space/spaces';
import { scoreOf } from '../search/scoreOf';
import { MILLI } from '../scoring/opinion';

/** Reasons that are told of each family. */
const REASONS_MAX = 6;

const LOCKED_OUT = 'Your locks rule it out.';
const NOT_OWNED = 'Your locks and your tray rule it out.';

/** Where a family stands by the best of its rigs, running or on paper. */
function answerOf(
	family: Family,
	reasons: readonly Reason[],
	rest: Pick<FamilyAnswer, 'best' | 'barred'>
): FamilyAnswer {
	const own = reasons.filter(({ tier }) => tier === 'family');
	const points = own.reduce((sum, { counts }) => sum + Math.round(counts * MILLI), 0) / MILLI;
	const score = scoreOf(reasons);
	const conflicts = Math.round((score - points) * MILLI) / MILLI;
	return { family, points, conflicts, reasons: own.slice(0, REASONS_MAX), ...rest };
}

/** The best rig of a family that claims and rules alone would choose, and what bars it. */
function onPaper(
	family: Family,
	reading: Reading,
	judgements: Judgements,
	searches: readonly SpaceSearch[],
	bounded: boolean
): FamilyAnswer {
	const open = searches.length > 0 ? searches : freeSearches(family, reading.rules, judgements);
	const papers = open.flatMap((search) => {
		const find = search.bestUngated();
		return find ? [{ search, find }] : [];
	});
	const best = papers.reduce((top, one) => (one.find.rank > top.find.rank ? one : top));
	const reasons = reasonsFor(judgements.about(best.find.space), best.find.space, best.find.assignment);
	const locked = searches.length > 0 ? null : bounded ? NOT_OWNED : LOCKED_OUT;
	const barred = limitOf(family, reading) ?? locked ?? best.search.lacks(best.find.assignment);
	return answerOf(family, reasons, { best: null, barred });
}

/** A family that locks leave nothing of, as it would be without them. */
function freeSearches(family: Family, rules: LocalRules, judgements: Judgements): SpaceSearch[] {
	const none: Locks = {};
	return SPACES.filter((space) => space.family === family).map((space) => {
		const { mask } = openingOf(space, none, rules) ?? openingOf(space, none, {})!;
		return new SpaceSearch(space, mask, judgements.about(space), judgements.windows.gate(space, mask));
	});
}

/**
 * All four families on one scale: those of which something runs, best first, then the barred ones.
 *
 * @param bounded Whether a tray bounds the choice.
 */
export function familiesOf(
	reading: Reading,
	judgements: Judgements,
	searches: readonly SpaceSearch[],
	{ called, bests }: Ranked,
	bounded: boolean
): FamilyAnswer[] {
	const answers = FAMILIES.map((family) => {
		const find = bests.get(family);
		if (!find) {
			const own = searches.filter(({ space }) => space.family === family);
			return onPaper(family, reading, judgements, own, bounded);
		}
		const place = called.indexOf(find);
		const reasons = reasonsFor(judgements.about(find.space), find.space, find.assignment);
		return answerOf(family, reasons, { best: place < 0 ? null : place, barred: null });
	});
	const score = ({ points, conflicts }: FamilyAnswer): number => points + conflicts;
	return answers.sort((a, b) => Number(a.barred !== null) - Number(b.barred !== null) || score(b) - score(a));
}
