import { messageOf } from '$lib/core/foundation/basics/typed';
import * as z from 'zod/mini';
import { STATION_HOURS_MAX as HOURS_MAX } from '$lib/core/foundation/schema/limits';
import { stationHourSchema } from '$lib/core/records/daySchema';
import type { StationHour } from './day';

/** A file of weather that is refused, with where and why. */
export class WeatherFailure extends Error {
	override readonly name = 'WeatherFailure';
}

const FULL_HOUR = 'Use full hours, like 2026-05-09T06:00Z.';

/** One hour as a file tells it: its time may be written in any zone. */
const hourSchema = z.extend(stationHourSchema, {
	at: z
		.string()
		.check(z.refine((text) => !Number.isNaN(Date.parse(text)) && Date.parse(text) % 3_600_000 === 0, FULL_HOUR))
});
const FIGURES = ['windMps', 'windFromDeg', 'warmerC'];

function hourOf(raw: unknown, where: string): StationHour {
	const parsed = hourSchema.safeParse(raw);
	if (!parsed.success) {
		const { path, message } = parsed.error.issues[0]!;
		throw new WeatherFailure(`${where}${path.length > 0 ? `, ${path.join('.')}` : ''}: ${message}`);
	}
	return { ...parsed.data, at: new Date(parsed.data.at).toISOString() };
}

/** A line's cells as an hour: empty ones are not said, figures are figures. */
function cellsOf(row: Record<string, string>): Record<string, unknown> {
	const said = Object.entries(row).filter(([, cell]) => cell.trim() !== '');
	return Object.fromEntries(
		said.map(([column, cell]) => {
			if (FIGURES.includes(column)) return [column, Number(cell.replace(',', '.'))];
			return [column, column === 'thunder' ? /^(true|yes|1)$/i.test(cell.trim()) : cell.trim()];
		})
	);
}

async function fromCsv(text: string): Promise<StationHour[]> {
	const { default: Papa } = await import('papaparse');
	const { data, meta, errors } = Papa.parse<Record<string, string>>(text, { header: true, skipEmptyLines: true });
	if (!meta.fields?.includes('at')) throw new WeatherFailure('Line 1: the column “at” is missing.');
	if (errors[0]) throw new WeatherFailure(`Line ${(errors[0].row ?? 0) + 2}: ${errors[0].message}.`);
	return data.map((row, at) => hourOf(cellsOf(row), `Line ${at + 2}`));
}

function fromJson(text: string): StationHour[] {
	let given: unknown;
	try {
		given = JSON.parse(text);
	} catch (error) {
		throw new WeatherFailure(`This is not JSON: ${messageOf(error)}.`);
	}
	if (!Array.isArray(given)) throw new WeatherFailure('The file must be a list of hours.');
	return given.map((hour, at) => hourOf(hour, `Hour ${at + 1}`));
}

/**
 * Reads hours of weather from a file, CSV or JSON by its name; docs/DECK.md tells the shape.
 *
 * @throws {WeatherFailure} With the line and why when anything in it is wrong: nothing is half taken.
 */
export async function readWeather(name: string, text: string): Promise<StationHour[]> {
	const hours = name.toLowerCase().endsWith('.csv') ? await fromCsv(text) : fromJson(text);
	if (hours.length === 0) throw new WeatherFailure('This file has no hours.');
	if (hours.length > HOURS_MAX) throw new WeatherFailure(`${hours.length} hours; at most ${HOURS_MAX} fit.`);
	return hours;
}
