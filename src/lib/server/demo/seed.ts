import { SCHEMA_VERSION } from '../../core/records/version';
import { randomUUID } from 'node:crypto';
import { buildOf } from '../../core/rig/build/buildOf';
import { call } from '../../core/ranking/answer/call';
import { pick, type Random, seeded } from '../../core/foundation/basics/random';
import { windClass } from '../../core/water/reading/complete';
import { callInputSchema } from '../../core/foundation/schema/call';
import { readingSchema, type ParsedReading, type ReadingInput } from '../../core/foundation/schema/reading';
import { A_DAY } from '../../core/records/aDay';
import type { DayRecord } from '../../core/records/daySchema';
import type { DeskRecord } from '../../core/records/schemas';
import type { BenchRecord } from '../../core/records/rigSchemas';
import type { Transaction } from 'sequelize';
import type { Database } from '../db/connection';
import type { Models } from '../db/models';
import { chartOf } from './charts';
import { seasonOf, type Day } from './season';
import { demoRigs, OWN_PARTS, partDocument } from './rigs';
import type { TrayRecord } from '../../core/records/trayRecord';
import { demoTray } from './tray';
import { ANGLER, WATERS, type DemoSpot, type DemoWater } from './scenario';

const SEED = 4406;
const READINGS = 21;
const KEPT = 4;
const TIME_ZONE = 'Europe/Paris';
/** The demo's year begins here. */
const YEAR_START = Date.UTC(2026, 0, 9, 6, 40);
const DAY_MS = 24 * 60 * 60 * 1000;

/** A version 4 UUID from seeded numbers, so that a demo looks the same everywhere. */
function uuidOf(random: Random): string {
	const hex = Array.from({ length: 32 }, () => Math.floor(random() * 16).toString(16));
	hex[12] = '4';
	hex[16] = '89ab'[Math.floor(random() * 4)]!;
	const text = hex.join('');
	return [text.slice(0, 8), text.slice(8, 12), text.slice(12, 16), text.slice(16, 20), text.slice(20)].join('-');
}

const rounded = (value: number, step: number): number => Math.round(Math.round(value / step) * step * 1000) / 1000;

/** Surface temperature (C) over the year at this latitude: coldest late January, warmest late July. */
const temperatureC = (dayOfYear: number): number => 15.5 - 10.5 * Math.cos(((dayOfYear - 25) / 365) * 2 * Math.PI);
/** Day length (h) over the year at 44 N, within a quarter of an hour. */
const dayLengthH = (dayOfYear: number): number => 12.1 - 3.3 * Math.cos(((dayOfYear + 10) / 365) * 2 * Math.PI);

/** Fish sit shallow when it is mild, low in the cold; the band never leaves the water. */
function band(random: Random, temperature: number, bottomM: number): Pick<ReadingInput, 'fishFromM' | 'fishToM'> {
	const low = temperature < 10 || temperature > 27;
	const fishFromM = rounded(bottomM * (low ? 0.7 : 0.1 + random() * 0.3), 0.1);
	const fishToM = rounded(Math.min(bottomM, low ? bottomM : fishFromM + bottomM * 0.45), 0.1);
	return { fishFromM: Math.min(fishFromM, fishToM), fishToM };
}

function sky(random: Random, dayOfYear: number, hour: number): Partial<ReadingInput> {
	const windMps = rounded(random() * 9, 0.5);
	const light = hour < 7 ? 'low' : 'day';
	const elevation = light === 'low' ? 4 : 15 + 45 * Math.max(0, Math.sin(((dayOfYear - 80) / 365) * 2 * Math.PI));
	return {
		windMps,
		wind: windClass(windMps),
		light,
		sky: pick(random, ['sun', 'broken', 'broken', 'overcast', 'dark']),
		bank: pick(random, ['windblown', 'cross', 'sheltered']),
		sunElevationDeg: rounded(elevation, 1),
		moon: rounded(random(), 0.05),
		pressureTrend: pick(random, ['steady', 'falling', 'rising'])
	};
}

function readingAt(random: Random, dayOfYear: number, hour: number, water: DemoWater, spot: DemoSpot): ParsedReading {
	const temperature = rounded(temperatureC(dayOfYear) + (random() - 0.5) * 3, 0.5);
	const bottomM = spot.profile[spot.profile.length - 1]!.depthM;
	const growing = dayOfYear < 172 || dayOfYear > 355;
	return readingSchema.parse({
		...water.water,
		...sky(random, dayOfYear, hour),
		...band(random, temperature, bottomM),
		waterTemperatureC: temperature,
		trend: growing ? 'rising' : 'falling',
		dayLengthH: rounded(dayLengthH(dayOfYear), 0.1),
		dayLength: growing ? 'growing' : 'shrinking',
		visibilityM: rounded(water.visibilityM * (1 + (random() - 0.5) * 2 * water.swing), 0.05),
		bottomM,
		cover: [...spot.cover],
		forage: [...water.forage],
		mood: temperature < 10 ? 'sluggish' : pick(random, ['neutral', 'neutral', 'chasing']),
		pressure: pick(random, ['low', 'medium', 'high'])
	});
}

const MONTHS = [
	'January',
	'February',
	'March',
	'April',
	'May',
	'June',
	'July',
	'August',
	'September',
	'October',
	'November',
	'December'
];

/** A reading as it was kept. */
interface LaidReading {
	readonly id: string;
	readonly name: string;
	readonly spotId: string;
	readonly takenAt: Date;
	readonly reading: ParsedReading;
}

interface Place {
	readonly water: DemoWater;
	readonly spot: DemoSpot;
	readonly spotId: string;
}

/** Where the demo is written to: wholly or not at all. */
interface Sowing {
	readonly models: Models;
	readonly transaction: Transaction;
}

async function seedPlaces({ models, transaction }: Sowing, anglerId: string, random: Random): Promise<Place[]> {
	const places: Place[] = [];
	for (const water of WATERS) {
		const waterId = uuidOf(random);
		const { name, place, latitude, longitude } = water;
		await models.records.waters.create(
			{
				id: waterId,
				anglerId,
				version: 1,
				name,
				place,
				latitude,
				longitude,
				timeZone: TIME_ZONE,
				document: { schemaVersion: SCHEMA_VERSION }
			},
			{ transaction }
		);
		const { spots: lie, ...chart } = chartOf(
			name,
			[longitude, latitude],
			water.spots.map(({ bankBearingDeg }) => bankBearingDeg)
		);
		const chartDocument = { schemaVersion: SCHEMA_VERSION, ...chart };
		// A key made of the water's: the row of seeded numbers stays as it is.
		const chartRow = { id: waterId.replace(/^./, 'c'), anglerId, version: 1, waterId, document: chartDocument };
		await models.records.charts.create(chartRow, { transaction });
		for (const [at, spot] of water.spots.entries()) {
			const spotId = uuidOf(random);
			const { profile, cover, bankHeightM } = spot;
			const document = { schemaVersion: SCHEMA_VERSION, profile, cover, at: lie[at], bankHeightM };
			const row = {
				id: spotId,
				anglerId,
				version: 1,
				waterId,
				name: spot.name,
				bankBearingDeg: spot.bankBearingDeg
			};
			await models.records.spots.create({ ...row, document }, { transaction });
			places.push({ water, spot, spotId });
		}
	}
	return places;
}

async function seedKept(
	{ models, transaction }: Sowing,
	anglerId: string,
	random: Random,
	{ id: readingId, name, spotId, takenAt, reading }: LaidReading
) {
	const answer = call(callInputSchema.parse({ reading }));
	await models.records['kept-calls'].create(
		{
			id: uuidOf(random),
			anglerId,
			version: 1,
			readingId,
			name,
			keptAt: new Date(takenAt.getTime() + 10 * 60 * 1000),
			claimBase: answer.claimBase,
			document: {
				schemaVersion: SCHEMA_VERSION,
				spotId,
				takenAt: takenAt.toISOString(),
				reading,
				stances: {},
				houseRules: [],
				locks: {},
				chosen: 0,
				answer
			}
		},
		{ transaction }
	);
}

/** Makes the latest reading the current one, and its first choice the current rig. */
async function seedDesk(
	{ models, transaction }: Sowing,
	anglerId: string,
	random: Random,
	latest: LaidReading
): Promise<void> {
	const { id, name, spotId, takenAt, reading } = latest;
	const { calls } = call(callInputSchema.parse({ reading, top: 1 }), { windows: false, families: false });
	const documents: {
		readonly desk: DeskRecord;
		readonly bench: BenchRecord;
		readonly day: DayRecord;
		readonly tray: TrayRecord;
	} = {
		// Keys of its own, so that what is seeded after it stays as it was.
		tray: demoTray(() => randomUUID()),
		// The demo is about its own spring day, whenever it is looked at.
		day: { ...A_DAY, date: takenAt.toISOString().slice(0, 10) },
		desk: {
			schemaVersion: SCHEMA_VERSION,
			name,
			readingId: id,
			readingVersion: 1,
			spotId,
			takenAt: takenAt.toISOString(),
			reading,
			locks: {}
		},
		bench: {
			schemaVersion: SCHEMA_VERSION,
			name: '',
			rigId: uuidOf(random),
			rigVersion: 0,
			build: buildOf(calls[0]!.rig),
			log: []
		}
	};
	for (const [topic, document] of Object.entries(documents)) {
		const row = { id: randomUUID(), anglerId, version: 1, topic, document };
		await models.Preference.create(row, { transaction });
	}
}

async function seedBench({ models, transaction }: Sowing, anglerId: string, random: Random): Promise<void> {
	const ids: string[] = [];
	for (const part of OWN_PARTS) {
		const id = uuidOf(random);
		ids.push(id);
		await models.records.parts.create({ id, anglerId, version: 1, document: partDocument(part) }, { transaction });
	}
	for (const { name, ...document } of demoRigs({ id: ids[0]!, version: 1, part: OWN_PARTS[0]! })) {
		const row = { id: uuidOf(random), anglerId, version: 1, name };
		await models.records.rigs.create({ ...row, document }, { transaction });
	}
}

/** Outings on a reading's day, and the morning after on much the same water. */
const outingsOn = ({ name, spotId, takenAt, reading }: LaidReading): Day[] => [
	{ name, spotId, takenAt, reading },
	{ name: `${name}, again`, spotId, takenAt: new Date(takenAt.getTime() + DAY_MS), reading }
];

/** A year of outings whose true effects are known; numbers of its own, so that the rest of the demo stays as it is. */
async function seedSeason({ models, transaction }: Sowing, anglerId: string, days: readonly Day[]): Promise<void> {
	const random = seeded(SEED + 1);
	const outings = seasonOf(random, days, () => uuidOf(random));
	const outingRows = outings.map(({ id, record: { name, spotId, startedAt, ...document } }) => ({
		id,
		anglerId,
		version: 1,
		name,
		spotId,
		startedAt: new Date(startedAt),
		document
	}));
	const rows = outings.flatMap(({ happenings }) =>
		happenings.map(({ id, record: { outingId, at, ...document } }) => ({
			id,
			anglerId,
			version: 1,
			outingId,
			at: new Date(at),
			document
		}))
	);
	await models.records.outings.bulkCreate(outingRows, { transaction });
	await models.records.happenings.bulkCreate(rows, { transaction });
}

/**
 * Puts the demo angler with three waters, eight spots, a year of readings and outings, a few kept calls, rigs and own parts into an empty database; the latest reading lies on the desk.
 * A database that has the angler already is left as it is.
 */
export async function seedDemo(database: Database, angler: { id: string; name: string } = ANGLER): Promise<void> {
	const { models } = database;
	if (await models.Angler.findByPk(angler.id)) return;
	await database.sequelize.transaction((transaction) => sow({ models, transaction }, angler));
}

async function sow(sowing: Sowing, angler: { readonly id: string; readonly name: string }): Promise<void> {
	const { models, transaction } = sowing;
	const anglerId = angler.id;
	const random = seeded(SEED);
	await models.Angler.create({ ...angler }, { transaction });
	const places = await seedPlaces(sowing, anglerId, random);
	let latest: LaidReading | null = null;
	const days: Day[] = [];
	for (let index = 0; index < READINGS; index++) {
		const day = Math.round((index / READINGS) * 300 + random() * 8);
		const hour = random() < 0.4 ? 6 : 7 + Math.floor(random() * 10);
		const takenAt = new Date(YEAR_START + day * DAY_MS + (hour - 6) * 60 * 60 * 1000);
		const { water, spot, spotId } = places[index % places.length]!;
		const reading = readingAt(random, day + 9, hour, water, spot);
		const id = uuidOf(random);
		const name = `${spot.name}, ${MONTHS[takenAt.getUTCMonth()]}`;
		const row = { id, anglerId, version: 1, spotId, name, takenAt };
		const document = { schemaVersion: SCHEMA_VERSION, reading };
		await models.records.readings.create({ ...row, document }, { transaction });
		latest = { id, name, spotId, takenAt, reading };
		if (index < READINGS - 1) days.push(...outingsOn(latest));
		if (index % Math.floor(READINGS / KEPT) === 2) await seedKept(sowing, anglerId, random, latest);
	}
	await seedSeason(sowing, anglerId, days);
	await seedBench(sowing, anglerId, random);
	if (latest) await seedDesk(sowing, anglerId, random, latest);
}
