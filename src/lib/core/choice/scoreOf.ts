import type { Reason } from '../schema/call';
import { MILLI } from './tables';

/** A score: the sum of what its reasons add, exact in thousandths. */
export const scoreOf = (reasons: readonly Reason[]): number =>
	reasons.reduce((total, { counts }) => total + Math.round(counts * MILLI), 0) / MILLI;
