import { col, fn } from 'sequelize';
import type { ChartRecord } from '../../core/records/chartSchema';
import { database } from '../db/connection';
import { storeOf } from './store';

/** Most bytes of charts that one page reads: the rest is fetched when it is looked at. */
const READ_MAX = 1024 * 1024;

/** A chart as a page gets it. */
export interface ChartView {
	readonly id: string;
	readonly version: number;
	readonly waterId: string;
	/** `null` where the page has to fetch them. */
	readonly shores: ChartRecord['shores'] | null;
	/** The whole chart, of the water that the page shows. */
	readonly whole: ChartRecord | null;
}

interface Row {
	readonly id: string;
	readonly version: number;
	readonly waterId: string;
	readonly bytes: number;
}

/** What charts there are, and how large they are: by that it is decided which are read. */
async function rowsOf(anglerId: string, first: string | null): Promise<Row[]> {
	const rows = await database().models.records.charts.findAll({
		where: { anglerId },
		attributes: ['id', 'version', 'waterId', [fn('LENGTH', col('document')), 'bytes']]
	});
	const isFirst = ({ waterId }: Row): number => (waterId === first ? 0 : 1);
	return rows
		.map((row) => ({
			id: row.id,
			version: row.version,
			waterId: String(row.get('waterId')),
			bytes: Number(row.get('bytes'))
		}))
		.sort((a, b) => isFirst(a) - isFirst(b) || a.bytes - b.bytes);
}

/**
 * Charts of an angler's waters: the shores of as many as a page should read, those of the water that it shows first, and
 * of that one the whole chart where it is wanted, since soundings are thousands.
 *
 * @param shown The water that the page shows.
 */
export async function chartsOf(anglerId: string, shown: string | null, wantsWhole: boolean): Promise<ChartView[]> {
	const rows = await rowsOf(anglerId, shown).catch(() => []);
	const views: ChartView[] = [];
	let read = 0;
	for (const { id, version, waterId, bytes } of rows) {
		read += bytes;
		const isRead = read <= READ_MAX || waterId === shown;
		const chart = isRead
			? await storeOf('charts')
					.get(anglerId, id)
					.catch(() => null)
			: null;
		const whole = wantsWhole && waterId === shown ? (chart?.record ?? null) : null;
		views.push({ id, version, waterId, shores: chart?.record.shores ?? null, whole });
	}
	return views;
}
