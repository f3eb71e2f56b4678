import { completeReading } from '../../water/reading/complete';
import type { ParsedReading } from '../../foundation/schema/reading';
import { MOODS, SKIES, WINDS } from '../../foundation/schema/words';

/** What may come otherwise than the reading says. */
export const SCENARIO_KINDS = [
	'as-read',
	'chasing',
	'off',
	'brighter',
	'darker',
	'windier',
	'calmer',
	'clearer',
	'dirtier',
	'colder',
	'deeper',
	'shallower'
] as const;
export type ScenarioKind = (typeof SCENARIO_KINDS)[number];

/** One way an hour may turn out, with its odds (0 to 1) and what is other than was read. */
export interface Scenario {
	readonly kind: ScenarioKind;
	readonly odds: number;
	readonly patch: Partial<ParsedReading>;
}

/** Odds of each; the rest is for what was read. Assumed: half of all hours turn out otherwise in one thing. */
const ODDS: Readonly<Record<Exclude<ScenarioKind, 'as-read'>, number>> = {
	chasing: 0.06,
	off: 0.08,
	brighter: 0.04,
	darker: 0.04,
	windier: 0.05,
	calmer: 0.04,
	clearer: 0.03,
	dirtier: 0.05,
	colder: 0.03,
	deeper: 0.06,
	shallower: 0.05
};

/** A usual wind (m/s) of each class. */
const WIND_MPS = { calm: 0, ripple: 2.5, chop: 6, heavy: 10 } as const;
/** A step of clarity (times) and of temperature (°C), and thinnest band (m) of fish that moved. */
const CLARITY = 1.6;
const COLDER_C = 2;
const BAND_M = 0.6;
/** Limits of a reading that a step stays within. */
const [COLDEST_C, MURKIEST_M, CLEAREST_M] = [1, 0.1, 12] as const;

const stepOf = <T>(list: readonly T[], value: T, by: 1 | -1): T | undefined => list[list.indexOf(value) + by];
const tenth = (value: number): number => Math.round(value * 10) / 10;
/** The tenth that is not below a depth: a bottom of 2.95 m leaves no room for fish at 3 m. */
const tenthWithin = (value: number): number => Math.floor(value * 10 + 1e-9) / 10;

/** What is other in each way an hour may turn out; ways that the reading has no room for are left out. */
function patches(reading: ParsedReading): Partial<Record<ScenarioKind, Partial<ParsedReading>>> {
	const { mood, sky, wind, visibilityM, waterTemperatureC, bottomM, fishFromM, fishToM } = completeReading(reading);
	const found: Partial<Record<ScenarioKind, Partial<ParsedReading>>> = {};
	const up = stepOf(MOODS, mood, -1);
	const down = stepOf(MOODS, mood, 1);
	if (up) found.chasing = { mood: up };
	if (down) found.off = { mood: down };
	const brighter = stepOf(SKIES, sky, -1);
	const darker = stepOf(SKIES, sky, 1);
	if (brighter) found.brighter = { sky: brighter };
	if (darker) found.darker = { sky: darker };
	const windier = stepOf(WINDS, wind, 1);
	const calmer = stepOf(WINDS, wind, -1);
	if (windier) found.windier = { wind: windier, windMps: WIND_MPS[windier] };
	if (calmer) found.calmer = { wind: calmer, windMps: WIND_MPS[calmer] };
	if (visibilityM * CLARITY <= CLEAREST_M) found.clearer = { visibilityM: tenth(visibilityM * CLARITY) };
	if (visibilityM / CLARITY >= MURKIEST_M) found.dirtier = { visibilityM: tenth(visibilityM / CLARITY) };
	if (waterTemperatureC - COLDER_C >= COLDEST_C) found.colder = { waterTemperatureC: waterTemperatureC - COLDER_C };
	const middleM = Math.min(tenth((fishFromM + fishToM) / 2), tenthWithin(bottomM));
	if (fishToM < bottomM - BAND_M) {
		const deepestM = tenthWithin(Math.min(bottomM, 2 * fishToM - middleM));
		found.deeper = { fishFromM: Math.min(middleM, deepestM), fishToM: deepestM };
	} else if (fishToM - middleM >= BAND_M) {
		found.deeper = { fishFromM: middleM, fishToM };
	}
	if (middleM >= BAND_M) {
		const shallowestM = Math.min(middleM, tenth(Math.max(0, 2 * fishFromM - middleM)));
		found.shallower = { fishFromM: shallowestM, fishToM: middleM };
	}
	return found;
}

/** The ways in which an hour may turn out, the one that was read first; their odds sum to 1. */
export function scenariosOf(reading: ParsedReading): Scenario[] {
	const found = patches(reading);
	const others = SCENARIO_KINDS.flatMap((kind): Scenario[] => {
		const patch = found[kind];
		return kind === 'as-read' || !patch ? [] : [{ kind, odds: ODDS[kind], patch }];
	});
	const odds = 1 - others.reduce((sum, one) => sum + one.odds, 0);
	return [{ kind: 'as-read', odds, patch: {} }, ...others];
}
