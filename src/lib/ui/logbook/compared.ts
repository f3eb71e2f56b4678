import { bladesText, lineText, ouncesText, rigName } from '$lib/core/foundation/labels/describe';
import { spoken, spokenFirst } from '$lib/core/foundation/labels/spoken';
import { completeReading, type Reading } from '$lib/core/water/reading/complete';
import type { UnitSystem } from '$lib/core/records/schemas';
import type { ParsedReading } from '$lib/core/foundation/schema/reading';
import { figureText, withUnit } from '$lib/presentation/units';
import type { Entry } from './entries';

/** A line of a comparison: what each of the compared things says about it; `null` where it says nothing. */
export interface Line {
	readonly title: string;
	readonly values: readonly (string | null)[];
	readonly differs: boolean;
}

type Say = (entry: Entry, units: UnitSystem) => string | null;
const ofRig =
	(say: (rig: NonNullable<Entry['rig']>) => string): Say =>
	({ rig }) =>
		rig && say(rig);

/** What a reading says, line by line. */
const READ: readonly (readonly [string, (reading: Reading, units: UnitSystem) => string])[] = [
	['Water', ({ waterTemperatureC }, units) => withUnit(units, 'temperature', waterTemperatureC)],
	['See down to', ({ visibilityM, stain }, units) => `${withUnit(units, 'depth', visibilityM)}, ${spoken(stain)}`],
	['Sky', ({ sky, light }) => (light === 'day' ? spoken(sky) : `${spoken(sky)}, ${light}`)],
	['Wind', ({ wind, bank }) => `${spoken(wind)}, ${spoken(bank)} bank`],
	['Bottom', ({ bottomM }, units) => withUnit(units, 'depth', bottomM)],
	[
		'Fish',
		({ fishFromM, fishToM }, units) =>
			`${figureText(units, 'depth', fishFromM)} to ${withUnit(units, 'depth', fishToM)}`
	],
	['Cover', ({ cover }) => cover.map(({ kind }) => spoken(kind)).join(', ') || 'none']
];

/** A reading in lines, its season first. */
export function readingLines(parsed: ParsedReading, units: UnitSystem): { title: string; value: string }[] {
	const reading = completeReading(parsed);
	const lines = READ.map(([title, say]) => ({ title, value: say(reading, units) }));
	return [{ title: 'Season', value: spokenFirst(reading.phase) }, ...lines];
}

const LINES: readonly (readonly [string, Say])[] = [
	['When and where', ({ when }) => when || null],
	['Season', ({ season }) => season || null],
	...READ.map(([title, say]): readonly [string, Say] => [
		title,
		({ reading }, units) => reading && say(completeReading(reading), units)
	]),
	['A day for blades', ({ verdict }) => verdict],
	['Lure', ofRig((rig) => `${rigName(rig)}, ${ouncesText(rig.weightOz)} oz`)],
	['Blades', ofRig(bladesText)],
	['Skirt', ofRig(({ skirt }) => spoken(skirt.colour))],
	['Trailer', ofRig(({ trailer }) => spoken(trailer?.kind ?? 'none'))],
	['Line', ofRig(({ line }) => lineText(line))]
];

/** Saved items beside each other, line by line; lines that none of them has are left out. */
export const compared = (entries: readonly Entry[], units: UnitSystem): Line[] =>
	LINES.flatMap(([title, say]) => {
		const values = entries.map((entry) => say(entry, units));
		if (values.every((value) => value === null)) return [];
		return [{ title, values, differs: new Set(values).size > 1 }];
	});
