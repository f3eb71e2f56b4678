/** How many times slower than here the processor is made where a slow device is meant. */
export const SLOWER = 4;
/** How often a control is changed to see how long it takes. */
export const STEPS = 40;
/** Rounds before the engine has made the most of a loop. */
export const WARM_UP = 30;

function quantile(sorted: readonly number[], share: number): string {
	return sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))]!.toFixed(1);
}

export function report(what: string, times: number[]): void {
	const sorted = [...times].sort((a, b) => a - b);
	console.log(`${what}: median ${quantile(sorted, 0.5)} ms, p95 ${quantile(sorted, 0.95)} ms, of ${times.length}`);
}
