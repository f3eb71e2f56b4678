import type { Reading } from '../reading/complete';
import { windClass } from '../reading/complete';

const G = 9.81;

/**
 * Height (m) of the waves that a steady wind raises over a fetch in deep water: the formula of Sverdrup, Munk and
 * Bretschneider (Shore Protection Manual, 1977).
 */
export function waveM(windMps: number, fetchM: number): number {
	if (windMps <= 0 || fetchM <= 0) return 0;
	const length = (G * fetchM) / windMps ** 2;
	return ((0.283 * windMps ** 2) / G) * Math.tanh(0.0125 * length ** 0.42);
}

/** Waves lower than this, m, are no more than calm, a ripple, chop (assumed). */
const CLASSES = [
	['calm', 0.02],
	['ripple', 0.06],
	['chop', 0.3]
] as const satisfies readonly (readonly [Reading['wind'], number])[];
const ORDER: readonly Reading['wind'][] = ['calm', 'ripple', 'chop', 'heavy'];

/** The surface at a spot: what the wind is worth on open water, or less where it has little water to work on. */
export function surfaceAt(windMps: number, fetchM: number | null): Reading['wind'] {
	const open = windClass(windMps);
	if (fetchM === null) return open;
	const height = waveM(windMps, fetchM);
	const raised = CLASSES.find(([, below]) => height < below)?.[0] ?? 'heavy';
	return ORDER[Math.min(ORDER.indexOf(open), ORDER.indexOf(raised))]!;
}
