/** Most that a chance is told as one in so many. */
const ODDS_MAX = 40;

/** A chance that something is not so, in the way that one bets: "one time in eight it is not". */
export function chanceText(betterA: number, a: string, b: string): string {
	const [better, chance] = betterA >= 0.5 ? [a, betterA] : [b, 1 - betterA];
	const odds = Math.round(1 / Math.max(1e-9, 1 - chance));
	if (chance < 0.6) return `Too close to call between ${a} and ${b}.`;
	return odds > ODDS_MAX
		? `${better} is better: almost certainly.`
		: `${better} is probably better; 1 in ${odds} that it is not.`;
}

/** A verdict with the names instead of A and B. */
export const verdictText = (verdict: string, a: string, b: string): string =>
	verdict.replace(/\bA\b/g, a).replace(/\bB\b/g, b);

/** What a factor says of a rule. */
export function factorText(factor: number): string {
	if (factor >= 1.8) return 'strong support';
	if (factor >= 1.3) return 'some support';
	if (factor > 0.7) return 'no support either way';
	if (factor > 0.2) return 'some evidence against';
	return 'strong evidence against';
}

export const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'] as const;
