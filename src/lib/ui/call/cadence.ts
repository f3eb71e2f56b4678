const NUMBERS = ['', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'] as const;
/** Longest count (s) that is still easy to keep. */
const LONGEST_S = 4;

/** The turns over whole seconds that come nearest to a rate, the shorter count first. */
function nearest(turnsPerS: number): { turns: number; seconds: number } {
	let best = { turns: 1, seconds: 1, off: Infinity };
	for (let seconds = 1; seconds <= LONGEST_S; seconds++) {
		const turns = Math.min(9, Math.max(1, Math.round(turnsPerS * seconds)));
		const off = Math.abs(turns / seconds - turnsPerS) + 0.02 * seconds;
		if (off < best.off) best = { turns, seconds, off };
	}
	return best;
}

/** A rate of turning as a figure with its count in words; as words alone where the figure would say the same again. */
export function cadenceText(turnsPerS: number): string {
	const words = cadenceWords(turnsPerS);
	const figure = turnsPerS.toFixed(1);
	return figure.endsWith('.0') && words.endsWith('a second') ? words : `${figure} turns a second, ${words}`;
}

/** A rate of turning as a count in words: "three turns in two seconds". */
export function cadenceWords(turnsPerS: number): string {
	const { turns, seconds } = nearest(turnsPerS);
	const turning = `${NUMBERS[turns]} ${turns === 1 ? 'turn' : 'turns'}`;
	return seconds === 1 ? `${turning} a second` : `${turning} in ${NUMBERS[seconds]} seconds`;
}
