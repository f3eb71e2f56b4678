/** What is known of a quantity: its median and the share of it at or under any value. */
export interface Posterior {
	readonly quantile: (share: number) => number;
	readonly under: (value: number) => number;
	readonly sd: number;
}

/** Log of a density (but a constant), its slope and its bend, at a value. */
export type Density = (value: number) => readonly [log: number, slope: number, bend: number];

/** Half width of the grid in spreads of the posterior, and its points: the sum is off by less than a millionth. */
const SPREADS = 12;
const POINTS = 12_001;
const NEWTON_ROUNDS = 100;

/** A density by quadrature around its mode; it must be log-concave, so that there is but one. */
export function quadrature(density: Density): Posterior {
	let mode = 0;
	for (let round = 0; round < NEWTON_ROUNDS; round++) {
		const [, slope, bend] = density(mode);
		const step = Math.max(-1, Math.min(1, slope / bend));
		mode -= step;
		if (Math.abs(step) < 1e-12) break;
	}
	const [top, , bend] = density(mode);
	const spread = 1 / Math.sqrt(-bend);
	const from = mode - SPREADS * spread;
	const step = (2 * SPREADS * spread) / (POINTS - 1);
	const below = new Float64Array(POINTS);
	let [last, sum, first, second] = [0, 0, 0, 0];
	for (let at = 0; at < POINTS; at++) {
		const theta = from + at * step;
		const height = Math.exp(density(theta)[0] - top);
		if (at > 0) sum += (step * (last + height)) / 2;
		below[at] = sum;
		first += height * theta;
		second += height * theta * theta;
		last = height;
	}
	const mean = (first * step) / sum;
	const sd = Math.sqrt(Math.max(0, (second * step) / sum - mean * mean));
	const share = (at: number): number => below[at]! / sum;
	return {
		sd,
		under: (value) => {
			const place = (value - from) / step;
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
