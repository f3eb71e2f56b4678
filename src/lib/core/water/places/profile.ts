/** Depths out from a bank: distances and depths in m, the nearest first. */
export type Profile = readonly { readonly outM: number; readonly depthM: number }[];

/** Depth (m) of a profile so far (m) from the bank, level beyond its end; not a number where nobody sounded it. */
export function soundedM(profile: Profile, outM: number): number {
	if (profile.length === 0) return NaN;
	const at = profile.findIndex((point) => point.outM >= outM);
	if (at <= 0) return (at === 0 ? profile[0] : profile.at(-1))!.depthM;
	const [before, after] = [profile[at - 1]!, profile[at]!];
	return before.depthM + ((outM - before.outM) / (after.outM - before.outM)) * (after.depthM - before.depthM);
}

/** Water that fish feed in, m, and within how far (m) of it they want deep water. */
export const SHALLOW_M = 1.5;
export const NEAR_M = 20;

/** How much deeper (m) it is within a short swim of the edge of the shallows; 0 where nobody sounded it. */
export function dropM(profile: Profile): number {
	const end = profile.at(-1)?.outM ?? -1;
	for (let outM = 0; outM <= end; outM += 1) {
		if (soundedM(profile, outM) < SHALLOW_M) continue;
		return soundedM(profile, outM + NEAR_M) - SHALLOW_M;
	}
	return 0;
}
