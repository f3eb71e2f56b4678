import { isOneOf } from '$lib/core/foundation/basics/typed';
import type { Claim } from '$lib/core/claims/claim';

/** Decisions in the order of the work, by the beginning of a claim's id. */
export const DECISIONS = [
	['FAM', 'Family'],
	['BLD', 'Blades'],
	['FIN', 'Finish'],
	['WIR', 'Wire'],
	['WGT', 'Weight'],
	['HED', 'Head'],
	['SKT', 'Skirt'],
	['TRL', 'Trailer'],
	['HKS', 'Hooks'],
	['LIN', 'Line'],
	['ROD', 'Rod'],
	['REL', 'Reel'],
	['RET', 'Retrieve'],
	['POS', 'Position'],
	['CST', 'Cast'],
	['SET', 'Hookset'],
	['CAU', 'Cautions'],
	['MY-', 'My own rules']
] as const;

/** What narrows the list of claims; an empty word does not. */
export interface Filter {
	readonly find: string;
	readonly family: string;
	readonly decision: string;
	readonly strength: string;
	readonly split: string;
	readonly speaking: boolean;
}

/** A claim with how far it speaks on the reading, 0 to 1. */
export interface Heard {
	readonly claim: Claim;
	readonly share: number;
}

/** Words that anglers use for the same thing: who looks for one finds what is written with another. */
const ALIKE: readonly (readonly string[])[] = [
	['dirty', 'murky', 'muddy', 'mud', 'brown', 'stained', 'colored', 'coloured', 'off-color'],
	['tannic', 'tea', 'stained', 'brown'],
	['clear', 'clean', 'gin', 'crystal'],
	['cloud', 'overcast', 'gray', 'grey', 'dull'],
	['sun', 'bright', 'blue'],
	['weed', 'grass', 'vegetation', 'hydrilla', 'milfoil'],
	['pads', 'lilies'],
	['timber', 'trees', 'standing'],
	['wood', 'laydown', 'stump', 'brush', 'log'],
	['shad', 'silver', 'baitfish'],
	['sunfish', 'bream', 'panfish'],
	['crayfish', 'craw', 'crawfish'],
	['wind', 'chop', 'waves'],
	['slow', 'crawl', 'sluggish'],
	['fast', 'burn', 'quick'],
	['night', 'dark', 'moon'],
	['follow', 'turn back', 'refuse'],
	['short', 'nip', 'miss'],
	['bait', 'forage', 'prey'],
	['buzzbait', 'topwater', 'surface']
];

/** A word with those that mean the same. */
const synonyms = (word: string): readonly string[] => [word, ...ALIKE.filter((row) => row.includes(word)).flat()];

/** The claims that a filter leaves: the one that is looked for by its whole id, then what speaks, each part in its order. */
export function filtered(heard: readonly Heard[], filter: Filter): Heard[] {
	const named = filter.find.trim().toLowerCase();
	const words = filter.find.toLowerCase().split(/\s+/).filter(Boolean).map(synonyms);
	const left = heard.filter(({ claim, share }) => {
		const text = `${claim.id} ${claim.because} ${claim.split ?? ''}`.toLowerCase();
		if (!words.every((alike) => alike.some((word) => text.includes(word)))) return false;
		const families = claim.scope ?? Object.keys(claim.prefers?.family ?? {});
		if (filter.family && families.length > 0 && !isOneOf(families, filter.family)) return false;
		if (filter.decision && !claim.id.startsWith(filter.decision)) return false;
		if (filter.strength && claim.strength !== Number(filter.strength)) return false;
		if (filter.split === 'any' && !claim.split) return false;
		if (filter.split && filter.split !== 'any' && !claim.split?.startsWith(`${filter.split}/`)) return false;
		return !filter.speaking || share > 0;
	});
	const place = ({ claim, share }: Heard): number => (claim.id.toLowerCase() === named ? 0 : share > 0 ? 1 : 2);
	return left.toSorted((a, b) => place(a) - place(b));
}
