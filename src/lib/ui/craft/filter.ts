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

/** The claims that a filter leaves, in their order. */
export function filtered(heard: readonly Heard[], filter: Filter): Heard[] {
	const words = filter.find.toLowerCase().split(/\s+/).filter(Boolean);
	return heard.filter(({ claim, share }) => {
		const text = `${claim.id} ${claim.because} ${claim.split ?? ''}`.toLowerCase();
		if (!words.every((word) => text.includes(word))) return false;
		const families = claim.scope ?? Object.keys(claim.prefers?.family ?? {});
		if (filter.family && families.length > 0 && !(families as readonly string[]).includes(filter.family)) return false;
		if (filter.decision && !claim.id.startsWith(filter.decision)) return false;
		if (filter.strength && claim.strength !== Number(filter.strength)) return false;
		if (filter.split === 'any' && !claim.split) return false;
		if (filter.split && filter.split !== 'any' && !claim.split?.startsWith(`${filter.split}/`)) return false;
		return !filter.speaking || share > 0;
	});
}
