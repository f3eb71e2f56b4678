import type { Reason } from '../../foundation/schema/call';
import { TIE } from '../space/tie';
import { MILLI } from '../scoring/opinion';

/** A score: the sum of what its reasons add, exact in thousandths. */
export const scoreOf = (reasons: readonly Reason[]): number =>
	reasons.reduce((total, { counts }) => total + Math.round(counts * MILLI), 0) / MILLI;

/** The score of a find by its rank, from which no more than a part of a thousandth was taken for want of plainness. */
export const scoreInRank = (rank: number): number => (Math.ceil(rank / TIE) + 0) / MILLI;
