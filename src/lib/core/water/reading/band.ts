import type { Reading } from './complete';

/** The fish band within a bottom (m): it never leaves the water. */
export function bandWithin(
	{ fishFromM, fishToM }: Pick<Reading, 'fishFromM' | 'fishToM'>,
	bottomM: number
): Pick<Reading, 'fishFromM' | 'fishToM'> {
	const to = Math.min(fishToM, bottomM);
	return { fishFromM: Math.min(fishFromM, to), fishToM: to };
}
