import type { SpotRecord, WaterRecord } from '$lib/core/records/schemas';
import { isTimeZone } from '$lib/core/foundation/basics/zone';
import { NAME_LONG, NAME_MAX, NAME_MISSING } from '$lib/core/foundation/schema/limits';
import { typedFigure } from '$lib/presentation/typed';

/** The eight bearings that a bank may face, degrees, in words. */
export const FACES = [
	[0, 'north'],
	[45, 'northeast'],
	[90, 'east'],
	[135, 'southeast'],
	[180, 'south'],
	[225, 'southwest'],
	[270, 'west'],
	[315, 'northwest']
] as const;

/** What is wrong with a name, or `null`. */
export function nameFault(name: string): string | null {
	const plain = name.trim();
	if (plain === '') return NAME_MISSING;
	return plain.length > NAME_MAX ? NAME_LONG : null;
}

/** What was typed of a position: degrees, `null` for nothing, or what is wrong with it. */
export function degrees(text: string, most: number): number | null | string {
	if (text.trim() === '') return null;
	const figure = typedFigure(text);
	return Number.isFinite(figure) && Math.abs(figure) <= most ? figure : `Enter degrees from -${most} to ${most}.`;
}

/** What was typed of a water. */
export interface TypedWater {
	readonly name: string;
	readonly place: WaterRecord['place'];
	readonly timeZone: string;
	readonly latitude: string;
	readonly longitude: string;
}

/** A water as it was typed, or what is wrong by field. */
export function waterOf(
	typed: TypedWater,
	before: WaterRecord
): { record: WaterRecord } | { wrong: Partial<Record<keyof TypedWater, string>> } {
	const wrong: Partial<Record<keyof TypedWater, string>> = {};
	const name = nameFault(typed.name);
	if (name) wrong.name = name;
	if (!isTimeZone(typed.timeZone)) wrong.timeZone = 'This time zone is not known. Write it like Europe/Paris.';
	const [latitude, longitude] = [degrees(typed.latitude, 90), degrees(typed.longitude, 180)];
	if (typeof latitude === 'string') wrong.latitude = latitude;
	if (typeof longitude === 'string') wrong.longitude = longitude;
	if (latitude === null && typeof longitude === 'number') wrong.latitude = 'Fill in both, or leave both empty.';
	if (longitude === null && typeof latitude === 'number') wrong.longitude = 'Fill in both, or leave both empty.';
	if (Object.keys(wrong).length > 0) return { wrong };
	const { place, timeZone } = typed;
	const position = { latitude: latitude as number | null, longitude: longitude as number | null };
	return { record: { ...before, name: typed.name.trim(), place, timeZone, ...position } };
}

/** A depth profile with one point changed, added or taken out, its points in order and the bank at zero. */
export function withPoint(
	profile: SpotRecord['profile'],
	at: number,
	change: Partial<SpotRecord['profile'][number]> | null
): SpotRecord['profile'] {
	const points =
		change === null
			? profile.toSpliced(at, 1)
			: profile.map((one, index) => (index === at ? { ...one, ...change } : one));
	const ordered = points.toSorted((a, b) => a.outM - b.outM);
	return ordered.filter(({ outM }, index) => index === 0 || outM > ordered[index - 1]!.outM);
}

/** A depth profile with one more point: half as far out again as the last, and as deep. */
export function withNextPoint(profile: SpotRecord['profile'], bottomM: number): SpotRecord['profile'] {
	const last = profile.at(-1);
	if (!last)
		return [
			{ outM: 0, depthM: 0 },
			{ outM: 20, depthM: bottomM }
		];
	return [...profile, { outM: Math.round(last.outM * 1.5) + 5, depthM: last.depthM }];
}
