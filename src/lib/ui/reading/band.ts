import type { ParsedReading } from '$lib/core/schema/reading';

/** The fish band as it stands when the bottom moves to `bottomM` (m): it never leaves the water. */
export function bandWithin(
	{ fishFromM, fishToM }: { readonly fishFromM: number; readonly fishToM: number },
	bottomM: number
): Pick<ParsedReading, 'fishFromM' | 'fishToM'> {
	const to = Math.min(fishToM, bottomM);
	return { fishFromM: Math.min(fishFromM, to), fishToM: to };
}
