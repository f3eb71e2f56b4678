import type { Solve } from './deck';

/** What is needed of the solver: a programme in, its columns and its state out. */
interface Highs {
	solve(
		programme: string,
		options?: Record<string, unknown>
	): {
		readonly Status: string;
		readonly Columns: Readonly<Record<string, object>>;
		readonly Rows: readonly object[];
	};
}

/** The core's solver out of HiGHS. @param seconds Longest that it may look; what it has by then is not proven. */
export const solveBy =
	(highs: Highs, seconds = 20): Solve =>
	(programme) => {
		const { Status, Columns, Rows } = highs.solve(programme, {
			mip_rel_gap: 0,
			mip_abs_gap: 1e-6,
			time_limit: seconds
		});
		const values = new Map(
			Object.entries(Columns).map(([name, column]) => [name, 'Primal' in column ? Number(column.Primal) : 0])
		);
		const worths = new Map(
			Rows.flatMap((row): [string, number][] =>
				'Name' in row && 'Dual' in row ? [[String(row.Name), Number(row.Dual)]] : []
			)
		);
		return { values, worths, proven: Status === 'Optimal' };
	};
