import { LEVEL, NEAR_M } from '$lib/core/simulation/sight/grain';

/**
 * What the model of sight thinks of bright against dark, in words.
 *
 * @param brightM How far a bright skirt is seen from the side, m; `darkM` likewise; `darkBelowM` a dark one from below.
 */
export function opinionOf(brightM: number, darkM: number, darkBelowM: number): string {
	const far = Math.max(brightM, darkM);
	if (far < NEAR_M)
		return 'Nothing shows farther than a hand or two. Bright and dark are about equal, so sound decides.';
	const below = darkBelowM > darkM * (1 + LEVEL) ? ' From below the dark one shows farther.' : '';
	if (Math.abs(brightM - darkM) < LEVEL * far) return `From the side bright and dark show about equally far.${below}`;
	const [more, less] = brightM > darkM ? ['bright', 'dark'] : ['dark', 'bright'];
	return `From the side ${more} shows farther than ${less}.${below}`;
}
