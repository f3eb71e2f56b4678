import { CLAIM_BASE } from '../../claims/claimBase';
import { completeReading } from '../../water/reading/complete';
import { holds } from '../../water/reading/conditions';
import { drillWater, type DrillWater, type Level } from './water';

/** How far a rule has to hold on a water that brings it back, and after how many waters the search ends. */
const HOLDS = 0.7;
const TRIES = 400;

/** A water, from a seed on, on which a rule speaks; the first one where none of many has it. */
export function waterFor(claim: string, seed: number, level: Level): DrillWater {
	const rule = CLAIM_BASE.find(({ id }) => id === claim);
	const seeds = Array.from({ length: rule ? TRIES : 0 }, (_, at) => seed + at);
	const found = seeds.find((one) => holds(rule!.when, completeReading(drillWater(one, level).reading)) >= HOLDS);
	return drillWater(found ?? seed, level);
}
