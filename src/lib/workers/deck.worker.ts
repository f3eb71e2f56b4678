import { expose } from 'comlink';
import loadHighs from 'highs';
import { call } from '$lib/core/choice/call';
import { Depths, type Sounding } from '$lib/core/places/depths';
import { proposalsIn, type Proposal } from '$lib/core/places/propose';
import type { Shores } from '$lib/core/places/shore';
import { solveBy } from '$lib/core/plan/highs';
import { decked, prepared } from '$lib/core/plan/plan';
import type { Solve } from '$lib/core/plan/deck';
import { planInputSchema, type Plan } from '$lib/core/schema/plan';
import type { ParsedReading } from '$lib/core/schema/reading';
import { InputFailure } from '$lib/core/schema/failure';

/** An hour at one of the places where it could be fished. */
export interface PlacedHour {
	readonly at: string;
	readonly spot: string;
	readonly reading: ParsedReading;
}

/** How good an hour is for blades at a place. */
export interface Worth {
	readonly at: string;
	readonly spot: string;
	readonly blades: 'good' | 'fair' | 'poor';
	readonly points: number;
	readonly family: string | null;
}

/** The deck of a day, and what other numbers of rods would give up. */
export interface DeckAnswer {
	readonly plan: Plan;
	readonly curve: readonly { readonly rods: number; readonly value: number }[];
}

/** Numbers of rods that are held against each other. */
const RODS = [1, 2, 3, 4, 5, 6];
let solve: Promise<Solve> | null = null;

/** The day's work beside the screen. */
const api = {
	/** How each hour is at each place. */
	worth: (hours: readonly PlacedHour[], stances: Record<string, string>): Worth[] =>
		hours.map(({ at, spot, reading }) => {
			const { verdict, calls } = call({ reading, stances, top: 1 }, { windows: false, families: false });
			return { at, spot, blades: verdict.blades, points: verdict.points, family: calls[0]?.rig.family ?? null };
		}),

	/** Places that the craft looks for, by shores and soundings. */
	propose: (shores: Shores, soundings: readonly Sounding[]): Proposal[] => proposalsIn(new Depths(shores, soundings)),

	/** The deck for hours whose places are chosen. @param wasm Where the solver lies. */
	async deck(input: unknown, wasm: string): Promise<DeckAnswer> {
		solve ??= loadHighs({ locateFile: () => wasm }).then((highs) => solveBy(highs));
		const day = planInputSchema.parse(input);
		const [ready, solver] = [prepared(day), await solve];
		const curve = RODS.flatMap((rods) => {
			try {
				return [{ rods, value: decked(ready, solver, rods).value }];
			} catch (error) {
				if (error instanceof InputFailure) return [];
				throw error;
			}
		});
		return { plan: decked(ready, solver), curve };
	}
};
export type DeckApi = typeof api;
expose(api);
