import { SKIRTED, type Claim } from '../../claims/claim';
import { lookedAt, matchOf, type Looked } from '../../simulation/sight/contrast';
import { LEVEL, NEAR_M } from '../../simulation/sight/grain';
import type { Scene } from '../../simulation/sight/scene';
import { sceneOfReading } from '../../simulation/sight/sight';
import { targetOf } from '../../simulation/sight/targets';
import type { Reading } from '../../water/reading/complete';
import { mainForageOf } from '../../water/reading/forage';
import { SKIRT_COLOURS } from '../../foundation/schema/words';

/** A color seen half as far as the farthest is not preferred at all (assumed). */
const NOT_AT = 0.5;
/** Forage is matched where it is seen farther than this, m. */
const MATCHED_FROM_M = 1;

type Fits = Readonly<Record<string, number>>;

function lookOf(kind: 'skirt' | 'forage', colour: string, scene: Scene): Looked | null {
	const target = targetOf(kind, colour);
	return target && lookedAt(target, scene, 'side');
}

/** 1 for what is level with the farthest, down to 0 for what is seen half as far. */
export const reachFit = (sightedM: number, farthestM: number): number =>
	Math.min(1, Math.max(0, (sightedM / farthestM - NOT_AT) / (1 - LEVEL - NOT_AT)));

const nudge = (id: string, fits: Fits, because: string): Claim => ({
	id,
	kind: 'score',
	strength: 1,
	tier: 'finish',
	scope: SKIRTED,
	when: 'always',
	prefers: { colour: fits },
	because,
	speaks: {},
	silent: null
});

function farthestClaim(looks: readonly (readonly [string, Looked])[]): Claim[] {
	const farthestM = Math.max(...looks.map(([, { sightedM }]) => sightedM));
	if (farthestM < NEAR_M) return [];
	const fits = Object.fromEntries(looks.map(([colour, { sightedM }]) => [colour, reachFit(sightedM, farthestM)]));
	return [nudge('SEE-01', fits, 'The sight model says these colors show farthest in this water.')];
}

function matchClaim(looks: readonly (readonly [string, Looked])[], reading: Reading, scene: Scene): Claim[] {
	const forage = mainForageOf(reading);
	const bait = forage && lookOf('forage', forage.kind, scene);
	if (!bait || bait.sightedM <= MATCHED_FROM_M) return [];
	const fits = Object.fromEntries(looks.map(([colour, look]) => [colour, matchOf(look, bait, scene.eye.cones)]));
	return [nudge('SEE-02', fits, 'The sight model says these colors look most like the bait here.')];
}

/**
 * What the model of sight adds to the call on a reading: SEE-01, the skirts that this water shows farthest from the
 * side, and SEE-02, those that look like the bait, where that is seen over a meter. Nudges of strength 1 and no gates;
 * silent where nothing is seen far, since there the model tells no color from another.
 */
export function sightClaims(reading: Reading): Claim[] {
	const scene = sceneOfReading(reading);
	const looks = SKIRT_COLOURS.flatMap((colour): [string, Looked][] => {
		const look = lookOf('skirt', colour, scene);
		return look ? [[colour, look]] : [];
	});
	return [...farthestClaim(looks), ...matchClaim(looks, reading, scene)];
}
