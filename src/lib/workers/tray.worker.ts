import { expose } from 'comlink';
import loadHighs from 'highs';
import { gapInputSchema, restockInputSchema, type Gap, type Restock } from '$lib/core/foundation/schema/restock';
import { solveBy } from '$lib/core/trips/plan/highs';
import { solveWith } from '$lib/core/trips/plan/solver';
import { gap, restock } from '$lib/core/trips/restock/restock';
import type { Progress } from '$lib/core/trips/restock/search';
import type * as z from 'zod/mini';

/** What is asked of a season. */
export type RestockQuestion = z.input<typeof restockInputSchema>;
export type GapQuestion = z.input<typeof gapInputSchema>;

/** Searches for a rig that one purchase may take: some minutes on a phone. */
const SEARCHES = 15_000;

let ready: Promise<void> | null = null;

/** What to buy, beside the screen: long work, which is ended by ending the worker. */
const api = {
	/** What to buy for a season. @param wasm Where the solver lies. */
	async restock(question: RestockQuestion, wasm: string, tell: (progress: Progress) => void): Promise<Restock> {
		ready ??= loadHighs({ locateFile: () => wasm }).then((highs) => solveWith(solveBy(highs)));
		await ready;
		return restock(restockInputSchema.parse(question), { searches: SEARCHES, progress: tell });
	},

	/** What one part would add to a season. */
	gap: (question: GapQuestion): Gap => gap(gapInputSchema.parse(question))
};
export type TrayApi = typeof api;
expose(api);
