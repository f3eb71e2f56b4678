import { QueryTypes } from 'sequelize';
import { database } from '../db/connection';

/** What an angler has counted on other outings: casts, and strikes of every kind. */
export interface Totals {
	readonly casts: number;
	readonly strikes: number;
}

/** Counts in the database itself: a lifetime of happenings need not be read for two figures. */
export async function totalsBeside(anglerId: string, outingId: string | null): Promise<Totals> {
	const [row] = await database().sequelize.query<{ casts: string | null; strikes: string | null }>(
		`SELECT SUM(IF(kind = 'cast', count, 0)) AS casts, SUM(kind IN ('short', 'bite', 'landed', 'lost')) AS strikes
		FROM (
			SELECT JSON_VALUE(document, '$.what.kind') AS kind, CAST(JSON_VALUE(document, '$.what.count') AS INTEGER) AS count
			FROM happening WHERE angler_id = :anglerId AND deleted_at IS NULL AND outing_id <> :outingId
		) AS counted`,
		{ type: QueryTypes.SELECT, replacements: { anglerId, outingId: outingId ?? '' } }
	);
	return { casts: Number(row?.casts ?? 0), strikes: Number(row?.strikes ?? 0) };
}
