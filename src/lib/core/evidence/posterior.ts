/** A stretch as the ratio sees it: bites of each, and how much more a was fished than b (natural log). */
export interface Trial {
	readonly a: number;
	readonly b: number;
	readonly logEffort: number;
}

/** What is known of a log ratio of rates: its median and the share of it at or under any value. */
export interface Posterior {
	readonly quantile: (share: number) => number;
	readonly under: (logRatio: number) => number;
	readonly sd: number;
}

/** Half width of the grid in spreads of the posterior, and its points: the sum is off by less than a millionth. */
const SPREADS = 12;
const POINTS = 12_001;
const NEWTON_ROUNDS = 100;

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
	let mode = 0;
	for (let round = 0; round < NEWTON_ROUNDS; round++) {
		const [, slope, bend] = densityAt(trials, sdLog, mode);
		const step = Math.max(-1, Math.min(1, slope / bend));
		mode -= step;
		if (Math.abs(step) < 1e-12) break;
	}
	const [top, , bend] = densityAt(trials, sdLog, mode);
	const spread = 1 / Math.sqrt(-bend);
	const from = mode - SPREADS * spread;
	const step = (2 * SPREADS * spread) / (POINTS - 1);
	const below = new Float64Array(POINTS);
	let [last, sum, first, second] = [0, 0, 0, 0];
	for (let at = 0; at < POINTS; at++) {
		const theta = from + at * step;
		const density = Math.exp(densityAt(trials, sdLog, theta)[0] - top);
		if (at > 0) sum += (step * (last + density)) / 2;
		below[at] = sum;
		first += density * theta;
		second += density * theta * theta;
		last = density;
	}
	const mean = (first * step) / sum;
	const sd = Math.sqrt(Math.max(0, (second * step) / sum - mean * mean));
	const share = (at: number): number => below[at]! / sum;
	return {
		sd,
		under: (logRatio) => {
			const place = (logRatio - from) / step;
			if (place <= 0) return 0;
			if (place >= POINTS - 1) return 1;
			const at = Math.floor(place);
			return share(at) + (place - at) * (share(at + 1) - share(at));
		},
		quantile: (wanted) => {
			let [low, high] = [0, POINTS - 1];
			while (high - low > 1) {
				const middle = (low + high) >> 1;
				if (share(middle) < wanted) low = middle;
				else high = middle;
			}
			const part = (wanted - share(low)) / (share(high) - share(low) || 1);
			return from + (low + part) * step;
		}
	};
}
