import type { Reading } from '../reading/complete';
import { soundedM, type Profile } from './profile';

/** What two places are likened by. */
export interface TwinPlace {
	readonly id: string;
	readonly profile: Profile;
	readonly cover: Reading['cover'];
	readonly bank: Reading['bank'];
}

/** How like one place is to another. */
export interface Twin {
	readonly id: string;
	/** 1 for the very same. */
	readonly likeness: number;
	readonly alike: readonly string[];
	readonly other: readonly string[];
}

/** Distances (m) from the bank at which depths are held against each other. */
const OUT_M = [5, 10, 15, 20, 25] as const;
/** Depths that differ by this (m) on the mean are not alike at all (assumed). */
const UNLIKE_M = 2;
/** What each likeness counts for; they come to 1 (assumed). */
const WEIGHT = { depth: 0.4, cover: 0.4, bank: 0.2 } as const;
/** From here on something is called alike. */
const ALIKE = 0.6;

/** `null` where one of both was not sounded. */
function depthLikeness(a: Profile, b: Profile): number | null {
	if (a.length === 0 || b.length === 0) return null;
	const off = OUT_M.reduce((sum, outM) => sum + Math.abs(soundedM(a, outM) - soundedM(b, outM)), 0) / OUT_M.length;
	return Math.max(0, 1 - off / UNLIKE_M);
}

/** Shared kinds of cover over all of both; open water is like open water. */
function coverLikeness(a: TwinPlace['cover'], b: TwinPlace['cover']): number {
	const [own, theirs] = [new Set(a.map(({ kind }) => kind)), new Set(b.map(({ kind }) => kind))];
	const all = new Set([...own, ...theirs]);
	return all.size === 0 ? 1 : [...own].filter((kind) => theirs.has(kind)).length / all.size;
}

const BANKS = { windblown: 'the wind blows onto it', cross: 'the wind goes along it', sheltered: 'it is sheltered' };

/**
 * The places most like one that gave a bite, by depth, cover and what this hour's wind does to the bank; the most alike
 * first. POS-11: look for twins of the place.
 */
export function twinsOf(place: TwinPlace, among: readonly TwinPlace[]): Twin[] {
	return among
		.filter(({ id }) => id !== place.id)
		.map((one) => {
			const parts = [
				['depth', depthLikeness(place.profile, one.profile), 'depths', 'other depths'],
				['cover', coverLikeness(place.cover, one.cover), 'cover', 'other cover'],
				['bank', one.bank === place.bank ? 1 : 0, 'wind', BANKS[one.bank]]
			] as const;
			const known = parts.flatMap(([key, share, same, differs]) => {
				return share === null ? [] : [{ weight: WEIGHT[key], share, same, differs }];
			});
			const weights = known.reduce((sum, { weight }) => sum + weight, 0);
			const likeness = known.reduce((sum, { weight, share }) => sum + weight * share, 0) / weights;
			return {
				id: one.id,
				likeness,
				alike: known.flatMap(({ share, same }) => (share >= ALIKE ? [same] : [])),
				other: known.flatMap(({ share, differs }) => (share >= ALIKE ? [] : [differs]))
			};
		})
		.sort((a, b) => b.likeness - a.likeness);
}
