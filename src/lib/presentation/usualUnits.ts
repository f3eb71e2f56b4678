import type { UnitSystem } from '$lib/core/records/schemas';

/** Countries that measure in feet and Fahrenheit (ISO 3166). */
const IMPERIAL = new Set(['US', 'LR', 'MM']);

/** The units that a browser's languages suggest for a new account: those of the first language that names a country. */
export function usualUnits(acceptLanguage: string | null): UnitSystem {
	const [country = ''] = (acceptLanguage ?? '').split(',').flatMap((language) => {
		const [, region] = /^\s*[a-z]{2,3}(?:-[a-z]{4})?-([a-z]{2})\b/i.exec(language) ?? [];
		return region ? [region.toUpperCase()] : [];
	});
	return IMPERIAL.has(country) ? 'imperial' : 'metric';
}
