import { parseWith } from '../../foundation/schema/failure';
import {
	evidenceInputSchema,
	type Evidence,
	type EvidenceBlock,
	type EvidenceInput
} from '../../foundation/schema/evidence';
import { posteriorOf, type Trial } from './posterior';
import type { Posterior } from './quadrature';

const USUAL_SD_LOG = 0.5;
const USUAL_LEVEL = 0.9;
/** Casts of an hour's fishing (assumed: one a minute, with everything else). */
const CASTS_PER_HOUR = 60;
/** Chances from which one is said to be better, in three words. */
const SURE = 0.98;
const LIKELY = 0.9;
const LEANS = 0.75;
/** A ratio nearer to 1 than this (natural log) is one that makes no difference to an angler: about a tenth. */
const NO_DIFFERENCE = 0.1;
/** Fewer bites than this say next to nothing, and one stretch with more than this share of them speaks for itself alone. */
const FEW_BITES = 5;
const MOST_SHARE = 0.6;
const BLOCKS_MAX = 9999;

const effortOf = ({ hours, casts }: EvidenceBlock['a']): number => hours ?? casts ?? 0;
const bitesOf = ({ a, b }: EvidenceBlock): number => a.bites + b.bites;

const trialOf = ({ a, b }: EvidenceBlock): Trial => ({
	a: a.bites,
	b: b.bites,
	logEffort: Math.log(effortOf(a) / effortOf(b))
});

function verdictOf(a: number, { quantile }: Posterior, level: number): string {
	const [better, chance] = a >= 0.5 ? ['A', a] : ['B', 1 - a];
	if (chance >= SURE) return `${better} is better, almost certainly.`;
	if (chance >= LIKELY) return `${better} is probably better.`;
	if (chance >= LEANS) return `${better} looks better, but luck alone could do that.`;
	const [from, to] = [quantile((1 - level) / 2), quantile((1 + level) / 2)];
	if (from > -NO_DIFFERENCE && to < NO_DIFFERENCE)
		return 'They are about equal: any difference is too small to matter.';
	return 'Can’t tell: this may be luck.';
}

const hoursOf = ({ a, b }: EvidenceBlock): number =>
	(effortOf(a) + effortOf(b)) / (a.hours === undefined ? CASTS_PER_HOUR : 1);

/**
 * How many more stretches like these until the interval of the level leaves out no difference, if the ratio is the one that
 * is likeliest now; for two that look alike, until a ratio of a tenth would show.
 */
function moreOf(blocks: readonly EvidenceBlock[], posterior: Posterior, level: number): Evidence['more'] {
	const median = posterior.quantile(0.5);
	const off = Math.max(Math.abs(median), NO_DIFFERENCE);
	// Without a bite what is known is the prior, a normal curve.
	const point = posteriorOf([], 1).quantile((1 + level) / 2);
	const wanted = (point / off) ** 2;
	const known = 1 / posterior.sd ** 2;
	const information = blocks.reduce((sum, block) => {
		const x = median + trialOf(block).logEffort;
		const share = 1 / (1 + Math.exp(-x));
		return sum + bitesOf(block) * share * (1 - share);
	}, 0);
	const hours = blocks.reduce((sum, block) => sum + hoursOf(block), 0) / blocks.length;
	if (known >= wanted) return { blocks: 0, hours: 0 };
	const each = Math.max(information / blocks.length, 1e-3);
	const more = Math.min(BLOCKS_MAX, Math.ceil((wanted - known) / each));
	return { blocks: more, hours: Math.round(more * hours * 10) / 10 };
}

function ratesOf(blocks: readonly EvidenceBlock[]): Evidence['rates'] {
	const of = (unit: 'hours' | 'casts') => {
		const counted = blocks.filter(({ a }) => a[unit] !== undefined);
		if (counted.length === 0) return {};
		const arm = (key: 'a' | 'b') => {
			const bites = counted.reduce((sum, block) => sum + block[key].bites, 0);
			const effort = counted.reduce((sum, block) => sum + block[key][unit]!, 0);
			return { bites, effort, rate: bites / effort };
		};
		return { [unit]: { a: arm('a'), b: arm('b') } };
	};
	return { ...of('hours'), ...of('casts') };
}

function warningsOf(blocks: readonly EvidenceBlock[], sdLog: number): string[] {
	const warnings: string[] = [];
	const unplanned = blocks.filter(({ planned }) => !planned).length;
	if (unplanned > 0) {
		warnings.push(
			`${unplanned} of ${blocks.length} comparisons were not planned, so the choice of lure may have followed the fish. They are counted here with the others.`
		);
	}
	const bites = blocks.map(bitesOf);
	const all = bites.reduce((sum, one) => sum + one, 0);
	if (all === 0) warnings.push('No bites: this shows only what was assumed beforehand.');
	else if (all < FEW_BITES) warnings.push(`Only ${all} bites: this shows mostly what was assumed beforehand.`);
	if (all >= FEW_BITES && blocks.length > 1 && Math.max(...bites) > MOST_SHARE * all) {
		warnings.push('Most bites came in one stretch, so this says more about that hour than about the others.');
	}
	if (blocks.some(({ a }) => a.hours !== undefined) && blocks.some(({ a }) => a.casts !== undefined)) {
		warnings.push('Some stretches are counted in hours and some in casts: the ratio combines them, the rates don’t.');
	}
	if (sdLog > 1.5) warnings.push('With such a wide prior, luck looks like a lure that is many times better.');
	return warnings;
}

/**
 * What bites say of two things fished against each other: the ratio of their rates with an interval, the chance that each
 * is better, and how much more fishing would settle it. Stretches count by their own totals, so that a good hour does not
 * speak for whichever was fished longer in it.
 */
export function evidence({ blocks, prior, level = USUAL_LEVEL }: EvidenceInput): Evidence {
	const sdLog = prior?.sdLog ?? USUAL_SD_LOG;
	const posterior = posteriorOf(blocks.map(trialOf), sdLog);
	const at = (share: number): number => Math.exp(posterior.quantile(share));
	const a = 1 - posterior.under(0);
	return {
		ratio: { median: at(0.5), from: at((1 - level) / 2), to: at((1 + level) / 2) },
		better: { a, b: 1 - a },
		verdict: verdictOf(a, posterior, level),
		more: moreOf(blocks, posterior, level),
		rates: ratesOf(blocks),
		warnings: warningsOf(blocks, sdLog)
	};
}

/** `evidence` on raw input: checks it, then answers. */
export const answerEvidence = (input: unknown): Evidence => evidence(parseWith(evidenceInputSchema, input));
