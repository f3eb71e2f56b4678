/** Strikes a cast of an angler of whom nothing is known, and how many casts that is worth; assumed. */
const USUAL = { strikes: 3, casts: 100 } as const;
/** A dry spell as rare as this at the angler's own rate is a reason to change. */
const RARE = 0.2;

/** Strikes a cast, the usual angler's record counted in with the own one. */
export const rateOf = ({ casts, strikes }: { casts: number; strikes: number }): number =>
	(USUAL.strikes + strikes) / (USUAL.casts + casts);

/** From here on odds are said no finer: the rate itself is known no better. */
const ODDS_MAX = 1000;

/** How seldom something of a chance happens, in words. */
export function rarely(chance: number): string {
	const odds = Math.max(2, Math.round(1 / chance));
	return odds > ODDS_MAX ? 'less than 1 in 1,000' : `1 in ${odds}`;
}

/** Casts without a strike that come one time in five at a rate. */
export const drySpell = (rate: number): number => Math.ceil(-Math.log(RARE) / rate);
