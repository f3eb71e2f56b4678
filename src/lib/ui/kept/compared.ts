import { bladesText, lineText, ouncesText, rigName } from '$lib/core/naming/describe';
import { spoken } from '$lib/core/naming/spoken';
import { completeReading } from '$lib/core/reading/complete';
import type { UnitSystem } from '$lib/core/records/schemas';
import { figureText, withUnit } from '$lib/forms/units';
import type { Entry } from './entries';

/** A line of a comparison: what each of the compared things says about it; `null` where it says nothing. */
export interface Line {
	readonly title: string;
	readonly values: readonly (string | null)[];
	readonly differs: boolean;
}

type Say = (entry: Entry, units: UnitSystem) => string | null;
const ofReading =
	(say: (reading: ReturnType<typeof completeReading>, units: UnitSystem) => string): Say =>
	({ reading }, units) =>
		reading && say(completeReading(reading), units);
const ofRig =
	(say: (rig: NonNullable<Entry['rig']>) => string): Say =>
	({ rig }) =>
		rig && say(rig);

const LINES: readonly (readonly [string, Say])[] = [
	['When and where', ({ when }) => when || null],
	['Season', ({ season }) => season || null],
	['Water', ofReading((reading, units) => withUnit(units, 'temperature', reading.waterTemperatureC))],
	[
		'Seen to',
		ofReading((reading, units) => `${withUnit(units, 'depth', reading.visibilityM)}, ${spoken(reading.stain)}`)
	],
	['Sky', ofReading(({ sky, light }) => (light === 'day' ? spoken(sky) : `${spoken(sky)}, ${light}`))],
	['Wind', ofReading(({ wind, bank }) => `${spoken(wind)}, ${spoken(bank)} bank`)],
	['Bottom', ofReading(({ bottomM }, units) => withUnit(units, 'depth', bottomM))],
	[
		'Fish',
		ofReading(
			({ fishFromM, fishToM }, units) =>
				`${figureText(units, 'depth', fishFromM)} to ${withUnit(units, 'depth', fishToM)}`
		)
	],
	['Cover', ofReading(({ cover }) => cover.map(({ kind }) => spoken(kind)).join(', ') || 'none')],
	['A day for blades', ({ verdict }) => verdict],
	['Lure', ofRig((rig) => `${rigName(rig)}, ${ouncesText(rig.weightOz)} oz`)],
	['Blades', ofRig(bladesText)],
	['Skirt', ofRig(({ skirt }) => spoken(skirt.colour))],
	['Trailer', ofRig(({ trailer }) => spoken(trailer?.kind ?? 'none'))],
	['Line', ofRig(({ line }) => lineText(line))]
];

/** Kept things beside each other, line by line; lines that none of them has are left out. */
export const compared = (entries: readonly Entry[], units: UnitSystem): Line[] =>
	LINES.flatMap(([title, say]) => {
		const values = entries.map((entry) => say(entry, units));
		if (values.every((value) => value === null)) return [];
		return [{ title, values, differs: new Set(values).size > 1 }];
	});
