import type { CallAnswer } from '../schema/call';
import type { Speaking } from './judge';

/** Claims that speak for blades, and the one against (the craft's list); entries of one number count once, the loudest. */
const FOR_BLADES = ['FAM-01', 'FAM-03', 'FAM-08', 'FAM-11', 'FAM-13', 'FAM-21'] as const;
const AGAINST_BLADES = 'FAM-02';
const GOOD_FROM = 1;
const POOR_FROM = -1;

/** Other tools for a day that is not for blades, in general words. */
const INSTEAD = ['a jig, slower and quieter', 'a worm', 'a crankbait'];
const OVER_MATS = 'a hollow frog over matted cover';

/** Entries of a numbered claim: the number itself, or with a letter that makes an exception its own entry. */
function entriesOf(number: string, spoken: readonly Speaking[]): Speaking[] {
	const pattern = number === 'FAM-03' ? /^FAM-03[abc]$/ : new RegExp(`^${number}$`);
	return spoken.filter(({ claim }) => pattern.test(claim.id));
}

const loudest = (entries: readonly Speaking[]): Speaking | null =>
	entries.reduce<Speaking | null>((best, entry) => (best && best.weight >= entry.weight ? best : entry), null);

/** Whether blades are a good idea at all on a reading, with the claims that say so. */
export function verdictOf(spoken: readonly Speaking[]): CallAnswer['verdict'] {
	const pro = FOR_BLADES.map((number) => loudest(entriesOf(number, spoken))).filter((entry) => entry !== null);
	const contra = entriesOf(AGAINST_BLADES, spoken);
	const sum = (entries: readonly Speaking[]): number => entries.reduce((total, { weight }) => total + weight, 0);
	const points = Math.round((sum(pro) - sum(contra)) * 1000) / 1000;
	const blades = points >= GOOD_FROM ? 'good' : points <= POOR_FROM ? 'poor' : 'fair';
	const heard = [...pro, ...contra].sort((a, b) => b.weight - a.weight);
	const matted = spoken.some(({ claim }) => claim.id === 'FAM-23');
	return {
		blades,
		points,
		reasons: heard.map(({ claim }) => claim.because),
		insteadTry: [...(matted ? [OVER_MATS] : []), ...(blades === 'poor' ? INSTEAD : [])]
	};
}
