/** A scale from `low` to `high`, linear or logarithmic. */
export interface Scale {
	readonly low: number;
	readonly high: number;
	readonly log?: boolean | undefined;
}

const bend = (log: boolean | undefined, value: number): number => (log ? Math.log(Math.max(value, 1e-6)) : value);

/** Where a value lies on a scale, 0 to 1; values beyond its ends lie at them. */
export function shareOf({ low, high, log }: Scale, value: number): number {
	const share = (bend(log, value) - bend(log, low)) / (bend(log, high) - bend(log, low));
	return Math.min(1, Math.max(0, share));
}

/** The value at a share of a scale. */
export function valueAt({ low, high, log }: Scale, share: number): number {
	const bent = bend(log, low) + share * (bend(log, high) - bend(log, low));
	return log ? Math.exp(bent) : bent;
}

export interface Tick {
	readonly value: number;
	readonly major: boolean;
}

const LOG_STEPS = [1, 2, 4, 6];

function logTicks({ low, high }: Scale): Tick[] {
	const ticks: Tick[] = [];
	for (let decade = 10 ** Math.floor(Math.log10(low)); decade <= high; decade *= 10) {
		for (let step = 1; step < 10; step++) {
			const value = Math.round(step * decade * 1e6) / 1e6;
			if (value >= low && value <= high) ticks.push({ value, major: LOG_STEPS.includes(step) });
		}
	}
	return ticks;
}

/** Ticks at round figures: about `wanted` numerals, with four or five minor ticks between. */
export function ticksOf(scale: Scale, wanted = 6): Tick[] {
	if (scale.log) return logTicks(scale);
	const rough = (scale.high - scale.low) / wanted;
	const decade = 10 ** Math.floor(Math.log10(rough));
	const major = ([1, 2, 5, 10].find((step) => step * decade >= rough) ?? 10) * decade;
	const minor = major / (major / decade === 2 ? 4 : 5);
	const first = Math.ceil(scale.low / minor - 1e-9);
	const last = Math.floor(scale.high / minor + 1e-9);
	return Array.from({ length: last - first + 1 }, (_, at) => {
		const value = Math.round((first + at) * minor * 1e6) / 1e6;
		const onMajor = Math.abs(value / major - Math.round(value / major)) < 1e-6;
		return { value, major: onMajor };
	});
}
