import { quadrature, type Posterior } from './quadrature';

/** A stretch as the ratio sees it: bites of each, and how much more a was fished than b (natural log). */
export interface Trial {
	readonly a: number;
	readonly b: number;
	readonly logEffort: number;
}

/** Log of the posterior's density (but a constant), its slope and its bend, at a log ratio. */
function densityAt(trials: readonly Trial[], sdLog: number, theta: number): [log: number, slope: number, bend: number] {
	let log = -0.5 * (theta / sdLog) ** 2;
	let slope = -theta / sdLog ** 2;
	let bend = -1 / sdLog ** 2;
	for (const { a, b, logEffort } of trials) {
		const x = theta + logEffort;
		// Log of the share of a and of b, without loss where either is close to none.
		const logA = x > 0 ? -Math.log1p(Math.exp(-x)) : x - Math.log1p(Math.exp(x));
		const logB = logA - x;
		const share = Math.exp(logA);
		log += a * logA + b * logB;
		slope += a - (a + b) * share;
		bend -= (a + b) * share * (1 - share);
	}
	return [log, slope, bend];
}

/**
 * The log of the ratio of two rates given each stretch's total of bites: a's bites are then binomial, its share the ratio
 * times its effort over both. By quadrature around the mode; the density is log-concave, so that there is but one.
 *
 * @param sdLog Spread of the prior, which is normal around no difference.
 */
export function posteriorOf(trials: readonly Trial[], sdLog: number): Posterior {
	return quadrature((theta) => densityAt(trials, sdLog, theta));
}
