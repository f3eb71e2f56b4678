/** What is known of a quantity: its median and the share of it at or under any value. */
export interface Posterior {
	readonly quantile: (share: number) => number;
	readonly under: (value: number) => number;
	readonly sd: number;
}

/** Log of a density (but a constant), its slope and its bend, at a value. */
export type Density = (value: number) => readonly [log: number, slope: number, bend: number];

/** Half width of the grid in spreads of the posterior, and its points: sums and quantiles are off by less than a millionth. */
const SPREADS = 16;
const POINTS = 1_601;
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
	const [below, heights] = [new Float64Array(POINTS), new Float64Array(POINTS)];
	let [last, sum, first, second] = [0, 0, 0, 0];
	for (let at = 0; at < POINTS; at++) {
		const theta = from + at * step;
		const [log, slope] = density(theta);
		const height = Math.exp(log - top);
		if (at > 0) sum += (step * (last + height)) / 2;
		heights[at] = height;
		// What the chords of a curve leave out, by its slope here and none where the grid begins (Euler and Maclaurin).
		below[at] = sum - (step * step * height * slope) / 12;
		first += height * theta;
		second += height * theta * theta;
		last = height;
	}
	const mean = (first * step) / sum;
	const sd = Math.sqrt(Math.max(0, (second * step) / sum - mean * mean));
	/** The share at or under a place on the grid: cubic between two points, whose slopes are the density. */
	const share = (place: number): number => {
		const at = Math.min(POINTS - 2, Math.floor(place));
		const part = place - at;
		const rest = 1 - part;
		const points = rest * rest * (1 + 2 * part) * below[at]! + part * part * (3 - 2 * part) * below[at + 1]!;
		const slopes = step * part * rest * (rest * heights[at]! - part * heights[at + 1]!);
		return (points + slopes) / sum;
	};
	return {
		sd,
		under: (value) => {
			const place = (value - from) / step;
			return place <= 0 ? 0 : place >= POINTS - 1 ? 1 : Math.min(1, Math.max(0, share(place)));
		},
		quantile: (wanted) => {
			let [low, high] = [0, POINTS - 1];
			while (high - low > 1e-9) {
				const middle = (low + high) / 2;
				if (share(middle) < wanted) low = middle;
				else high = middle;
			}
			return from + high * step;
		}
	};
}
