import { readingSchema, type ParsedReading } from '$lib/core/foundation/schema/reading';
import type { UnitSystem } from '$lib/core/records/schemas';
import { rangeMessage } from './ranges';
import { figureText, shownIn, type Measure } from './units';
import { CHOICES, FIGURES } from './fields';

/** What was typed, by field name, so that a refused form comes back as it was. */
export type Typed = Readonly<Record<string, readonly string[]>>;

/** A reading from a form: either whole, or with a message for each field that is wrong. */
export type FormReading =
	| { readonly ok: true; readonly reading: ParsedReading }
	| { readonly ok: false; readonly errors: Readonly<Record<string, string>>; readonly typed: Typed };

const NOT_A_NUMBER = 'Enter a number.';

type Raw = Record<string, unknown>;
type Errors = Record<string, string>;

const textOf = (form: FormData, name: string): string => String(form.get(name) ?? '').trim();

/** Ten decimals keep what a conversion from feet brings and drop the noise behind it. */
const tidy = (value: number): number => Math.round(value * 1e10) / 1e10;

function number(form: FormData, name: string, measure: Measure, units: UnitSystem, errors: Errors): number | undefined {
	const text = textOf(form, name).replace(',', '.');
	if (text === '') return undefined;
	const shown = Number(text);
	if (Number.isFinite(shown)) return tidy(shownIn(units, measure).read(shown));
	errors[name] = NOT_A_NUMBER;
	return undefined;
}

/** Rows of a list: `cover.0.kind`, `cover.1.kind` and so on; a row whose kind is left open is no row. */
function rows(form: FormData, list: string): string[] {
	const found: string[] = [];
	for (let row = 0; form.has(`${list}.${row}.kind`); row++) {
		if (textOf(form, `${list}.${row}.kind`) !== '') found.push(`${list}.${row}`);
	}
	return found;
}

function coverRows(form: FormData, units: UnitSystem, errors: Errors): Raw[] {
	return rows(form, 'cover').map((row) => ({
		kind: textOf(form, `${row}.kind`),
		density: textOf(form, `${row}.density`) || 'medium',
		form: textOf(form, `${row}.form`) || 'even',
		topM: number(form, `${row}.topM`, 'depth', units, errors) ?? 0
	}));
}

function forageRows(form: FormData, errors: Errors): Raw[] {
	return rows(form, 'forage').map((row) => ({
		kind: textOf(form, `${row}.kind`),
		lengthIn: number(form, `${row}.lengthIn`, 'length', 'imperial', errors) ?? 2.5,
		amount: textOf(form, `${row}.amount`) || 'some'
	}));
}

function rules(form: FormData, errors: Errors): Raw {
	const lead = textOf(form, 'rules.leadAllowed');
	return {
		hooksMax: number(form, 'rules.hooksMax', 'count', 'metric', errors),
		pointsMax: number(form, 'rules.pointsMax', 'count', 'metric', errors),
		...(lead === '' ? {} : { leadAllowed: lead === 'yes' })
	};
}

/**
 * Turns a posted form, with figures in the angler's units, into a reading. Nothing typed is lost when it is refused.
 *
 * @param shown The reading that the form was made from: a figure whose text was left as it stood keeps its exact value.
 */
export function readingFromForm(form: FormData, units: UnitSystem, shown: ParsedReading | null = null): FormReading {
	const errors: Errors = {};
	const raw: Raw = {
		cover: coverRows(form, units, errors),
		forage: forageRows(form, errors),
		events: form.getAll('events').map(String),
		answers: form.getAll('answers').map(String),
		rules: rules(form, errors)
	};
	for (const { key, measure } of Object.values(FIGURES)) {
		const exact = shown?.[key];
		const untouched = exact !== undefined && textOf(form, key) === figureText(units, measure, exact);
		raw[key] = untouched ? exact : number(form, key, measure, units, errors);
	}
	for (const { key } of Object.values(CHOICES)) raw[key] = textOf(form, key) || undefined;
	const parsed = readingSchema.safeParse(raw);
	for (const issue of parsed.error?.issues ?? []) {
		const name = issue.path.map(String).join('.');
		errors[name] ??= issue.message;
	}
	if (parsed.success && Object.keys(errors).length === 0) return { ok: true, reading: parsed.data };
	const typed = Object.fromEntries([...new Set(form.keys())].map((key) => [key, form.getAll(key).map(String)]));
	return { ok: false, errors: readable(errors, units), typed };
}

/** Messages about ranges, in the units that were typed. */
function readable(errors: Errors, units: UnitSystem): Errors {
	const told = { ...errors };
	for (const { key, measure, required } of Object.values(FIGURES)) {
		if (!told[key] || told[key] === NOT_A_NUMBER) continue;
		if (/^Too (big|small)/.test(told[key]!)) told[key] = rangeMessage(key, measure, units);
		else if (/expected number/.test(told[key]!)) told[key] = required ? 'Fill this in.' : NOT_A_NUMBER;
	}
	return told;
}
