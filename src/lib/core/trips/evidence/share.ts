/** Two-sided 90 % of the normal distribution. */
const Z90 = 1.6448536269514722;

/** A share of a whole with its interval at 90 %. */
export interface Share {
	readonly of: number;
	readonly count: number;
	/** Middle and ends of the interval, 0 to 1. */
	readonly share: number;
	readonly from: number;
	readonly to: number;
}

/** The interval of Wilson (1927) for so many out of so many; the whole of 0 to 1 for none. */
export function shareOf(count: number, of: number): Share {
	if (of === 0) return { of, count, share: 0.5, from: 0, to: 1 };
	const [p, z2] = [count / of, Z90 ** 2];
	const middle = (p + z2 / (2 * of)) / (1 + z2 / of);
	const half = (Z90 / (1 + z2 / of)) * Math.sqrt((p * (1 - p)) / of + z2 / (4 * of ** 2));
	return { of, count, share: middle, from: Math.max(0, middle - half), to: Math.min(1, middle + half) };
}
