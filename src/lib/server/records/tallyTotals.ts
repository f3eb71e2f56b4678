import { QueryTypes } from 'sequelize';
import { database } from '../db/connection';

/** What an angler has counted on other outings: casts, and strikes of every kind. */
export interface Totals {
	readonly casts: number;
	readonly strikes: number;
}

/** Counts in the database itself: a lifetime of happenings need not be read for two figures. Only casts have a count. */
export async function totalsBeside(anglerId: string, outingId: string | null): Promise<Totals> {
	const [row] = await database().sequelize.query<{ casts: string | null; strikes: string | null }>(
		`SELECT SUM(JSON_VALUE(document, '$.what.count')) AS casts,
			SUM(JSON_VALUE(document, '$.what.kind') IN ('short', 'bite', 'landed', 'lost')) AS strikes
		FROM happening WHERE angler_id = :anglerId AND deleted_at IS NULL AND outing_id <> :outingId`,
		{ type: QueryTypes.SELECT, replacements: { anglerId, outingId: outingId ?? '' } }
	);
	return { casts: Number(row?.casts ?? 0), strikes: Number(row?.strikes ?? 0) };
}
