import type { ParsedReading } from '../../foundation/schema/reading';
import { suggestPhase } from './phase';

/** Fields that stay open when they were not read. */
type Open = 'dayLengthH' | 'dayLength' | 'sunElevationDeg' | 'windMps';

/** A reading in which every field that has a default is present. */
export type Reading = ParsedReading &
	Required<Omit<ParsedReading, Open>> & {
		/** Fields filled by a default that is no observation: no claim may speak because of them. */
		readonly unread: ReadonlySet<keyof ParsedReading>;
	};

/** Observed fields whose default stands for "not looked at". */
const OBSERVED = ['sky', 'wind', 'mood', 'others'] as const satisfies readonly (keyof ParsedReading)[];

function unreadOf(given: ParsedReading): ReadonlySet<keyof ParsedReading> {
	return new Set(
		OBSERVED.filter((key) => given[key] === undefined && !(key === 'wind' && given.windMps !== undefined))
	);
}

/** Wind speed (m/s) below which each class of surface still holds: the contract's classes. */
export const WIND_CLASSES = [
	['calm', 1],
	['ripple', 4],
	['chop', 8],
	['heavy', Infinity]
] as const;

/** Visibility (m) from which water without a named stain counts as clear. */
export const CLEAR_STAIN_FROM_M = 1.8;

/** Class of the water's surface for a wind speed in m/s. */
export function windClass(windMps: number): Reading['wind'] {
	return WIND_CLASSES.find(([, below]) => windMps < below)![0];
}

/** Stain assumed when only the visibility (m) is known. */
export function suggestStain(visibilityM: number): Reading['stain'] {
	return visibilityM >= CLEAR_STAIN_FROM_M ? 'clear' : 'green';
}

/** A reading without the keys that are there but empty: an emptied field counts as not given. */
function present(given: ParsedReading): ParsedReading {
	const entries = Object.entries(given).filter(([, value]) => value !== undefined);
	return Object.fromEntries(entries) as ParsedReading;
}

/**
 * The reading with its defaults filled in. What was given is kept unchanged, so completing twice changes nothing.
 *
 * @param given A reading that has passed `readingSchema`.
 */
export function completeReading(given: ParsedReading): Reading {
	return {
		trend: 'steady',
		phase: suggestPhase(given),
		stain: suggestStain(given.visibilityM),
		sky: 'broken',
		light: 'day',
		moon: 0,
		pressureTrend: 'steady',
		wind: given.windMps === undefined ? 'ripple' : windClass(given.windMps),
		bank: 'cross',
		current: 'none',
		level: 'steady',
		shade: 'none',
		fishFromM: 0,
		fishToM: given.bottomM,
		cover: [],
		forage: [],
		events: [],
		species: 'largemouth',
		goal: 'balance',
		mood: 'neutral',
		pressure: 'medium',
		others: 'full',
		answers: [],
		castM: 25,
		place: 'lake',
		from: 'boat',
		rules: {},
		...present(given),
		unread: unreadOf(given)
	};
}
