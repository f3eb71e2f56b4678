import { ouncesText, plainWords, styleName } from '$lib/core/foundation/labels/describe';
import { spoken } from '$lib/core/foundation/labels/spoken';
import { isOneOf } from '$lib/core/foundation/basics/typed';
import { LAYOUTS } from '$lib/core/foundation/catalogue/layouts';
import type { ParsedReading } from '$lib/core/foundation/schema/reading';
import { BUZZ_BLADES, JIG_BLADES, TURNING_STYLES } from '$lib/core/foundation/schema/words';
import type { UnitSystem } from '$lib/core/records/schemas';
import type { Decision } from '$lib/core/trips/drills/decisionNames';
import { figureText, withUnit } from '$lib/presentation/units';

/** What each decision asks. */
export const ASKS: Readonly<Record<Decision, string>> = {
	family: 'Which lure?',
	blades: 'Which blades?',
	weight: 'How heavy?',
	colour: 'Which color?',
	pace: 'How fast?'
};

/** What each decision is called. */
export const NAMES: Readonly<Record<Decision, string>> = {
	family: 'Lure',
	blades: 'Blades',
	weight: 'Weight',
	colour: 'Color',
	pace: 'Pace'
};

/** How sure an answer is, by its share. */
export const SURE_WORDS: readonly (readonly [sure: number, words: string])[] = [
	[0.4, 'A guess'],
	[0.65, 'Fairly sure'],
	[0.9, 'Sure']
];

const LAYOUT_WORDS: Readonly<Record<string, string>> = {
	'colorado-willow': 'Colorado and willow',
	'colorado-indiana': 'Colorado and Indiana',
	'indiana-willow': 'Indiana and willow',
	'double-colorado': 'two Colorados',
	'double-willow': 'two willows'
};

function bladesWords(value: string): string {
	if (isOneOf(LAYOUTS, value) && value !== 'single') return LAYOUT_WORDS[value]!;
	if (isOneOf(TURNING_STYLES, value)) return `single ${styleName(value)}`;
	return isOneOf([...JIG_BLADES, ...BUZZ_BLADES], value) ? styleName(value) : value;
}

/** What a choice is called within a sentence. */
export function choiceText(decision: Decision, value: string, units: UnitSystem): string {
	switch (decision) {
		case 'family':
			return spoken(value);
		case 'blades':
			return bladesWords(value);
		case 'weight':
			return `${ouncesText(Number(value))} oz`;
		case 'colour':
			return value === 'none' ? 'no skirt' : plainWords(value);
		case 'pace':
			return withUnit(units, 'speed', Number(value));
	}
}

/** What a choice is called where it stands alone. */
export function choiceWords(decision: Decision, value: string, units: UnitSystem): string {
	const text = choiceText(decision, value, units);
	return text.charAt(0).toUpperCase() + text.slice(1);
}

/** Points given up, in words. */
export function givenUpWords(points: number): string {
	if (points < 0.05) return 'As good as the call.';
	if (points < 0.5) return 'Close to the call.';
	if (points < 2) return 'Behind the call.';
	return points < 15 ? 'Far behind the call.' : 'Nothing like it runs where these fish are.';
}

const GOALS: Readonly<Record<NonNullable<ParsedReading['goal']>, string>> = {
	numbers: 'many fish',
	balance: 'a bit of both, many and big',
	big: 'a big fish'
};

/** The facts of a reading that its level tells, in the order in which anglers look. */
export function factsOf(reading: ParsedReading, units: UnitSystem): (readonly [name: string, value: string])[] {
	const { fishFromM, fishToM, cover, forage } = reading;
	const word = (value: string | undefined, field = ''): string | null => (value ? spoken(value, field) : null);
	const told: (readonly [string, string | null])[] = [
		['Season', word(reading.phase)],
		[
			'Water',
			`${withUnit(units, 'temperature', reading.waterTemperatureC)}${reading.trend ? `, ${word(reading.trend)}` : ''}`
		],
		[
			'See down to',
			`${withUnit(units, 'depth', reading.visibilityM)}${reading.stain ? `, ${word(reading.stain)}` : ''}`
		],
		['Bottom', withUnit(units, 'depth', reading.bottomM)],
		[
			'Fish',
			fishFromM !== undefined && fishToM !== undefined
				? `${figureText(units, 'depth', fishFromM)} to ${withUnit(units, 'depth', fishToM)} down`
				: null
		],
		[
			'Cover',
			cover?.map((one) => `${spoken(one.density)} ${spoken(one.kind, 'cover')}, ${spoken(one.form)}`).join('; ') ?? null
		],
		[
			'Sky and light',
			[word(reading.sky), reading.light && `${word(reading.light)}`].filter(Boolean).join(', ') || null
		],
		['Wind', [word(reading.wind), word(reading.bank)].filter(Boolean).join(', ') || null],
		[
			'They eat',
			forage?.map(({ kind, lengthIn }) => `${spoken(kind)}${lengthIn ? ` of ${lengthIn} in` : ''}`).join('; ') ?? null
		],
		['Mood', word(reading.mood)],
		['Pressure', word(reading.pressure)],
		['You want', reading.goal ? GOALS[reading.goal] : null],
		['From', reading.place ? `${word(reading.from)}, ${word(reading.place)}` : null]
	];
	return told.flatMap(([name, value]) => (value === null ? [] : [[name, value] as const]));
}
