import { expose } from 'comlink';
import loadHighs from 'highs';
import type * as z from 'zod/mini';
import { Depths, type Sounding } from '$lib/core/water/places/depths';
import type { Proposal } from '$lib/core/water/places/features';
import type { Growth } from '$lib/core/water/places/growth';
import { proposalsIn } from '$lib/core/water/places/propose';
import type { PlaceReason } from '$lib/core/water/places/rank';
import type { Shores } from '$lib/core/water/places/shore';
import { solveBy } from '$lib/core/trips/plan/highs';
import { scheduleDay, scheduled } from '$lib/core/trips/plan/schedule';
import { calledHour, KnownDay, prepared, turnsOf, type Prepared } from '$lib/core/trips/plan/prepared';
import type { Solve } from '$lib/core/trips/plan/deck';
import { unpacked, type Packed } from '$lib/core/trips/proof/packed';
import { recordOfSpots } from '$lib/core/trips/proof/spots';
import { planInputSchema, type Plan } from '$lib/core/foundation/schema/plan';
import type { ParsedReading } from '$lib/core/foundation/schema/reading';
import { InputFailure } from '$lib/core/foundation/schema/failure';
import { yieldToEventLoop } from './yieldToEventLoop';

/** An hour at one of the places where it could be fished. */
export interface PlacedHour {
	readonly at: string;
	readonly spot: string;
	readonly reading: ParsedReading;
}

/** A day whose places are chosen, as `plan` takes it; the worker says itself how many calls an hour gives. */
export type DeckQuestion = Omit<z.input<typeof planInputSchema>, 'perHour'>;

/** What every hour of a day is called by. */
export type DayQuestion = Pick<DeckQuestion, 'stances' | 'tray'>;

/** How good an hour is for blades at a place. */
export interface Worth {
	readonly at: string;
	readonly spot: string;
	readonly blades: 'good' | 'fair' | 'poor';
	readonly points: number;
	readonly family: string | null;
}

/** What is told of a deck while it is worked out: the deck itself, then what other numbers of rods would give up. */
export type DeckNews =
	| { readonly called: number; readonly of: number }
	| { readonly plan: Plan }
	| { readonly curve: readonly CurvePoint[] };

/** What so many rods give up over the day, points. */
export interface CurvePoint {
	readonly rods: number;
	readonly value: number;
}

/** Numbers of rods that are held against each other. */
const RODS = [1, 2, 3, 4, 5, 6];
/** How many calls an hour gives to the deck; what an hour is worth is asked alike, so that one serves the other. */
const PER_HOUR = 4;

/** Work (ms) done before the worker listens for another question. */
const SLICE_MS = 40;

let solve: Promise<Solve> | null = null;
const known = new KnownDay();
/** The newest day and deck that were asked for: earlier ones end at their next step. */
let newestWorth = 0;
let newestDeck = 0;

function curvePoint(ready: Prepared, solver: Solve, rods: number): CurvePoint[] {
	try {
		return [{ rods, value: scheduleDay(ready, solver, rods).value }];
	} catch (error) {
		if (error instanceof InputFailure) return [];
		throw error;
	}
}

/** The day's work beside the screen. */
const api = {
	/** How each hour is at each place; `null` where another day was asked for meanwhile. */
	async worth(hours: readonly PlacedHour[], asked: DayQuestion): Promise<Worth[] | null> {
		const own = ++newestWorth;
		const found: Worth[] = [];
		let begun = performance.now();
		for (const { at, spot, reading } of hours) {
			const { verdict, calls } = calledHour({ ...asked, perHour: PER_HOUR }, reading, known);
			found.push({ at, spot, blades: verdict.blades, points: verdict.points, family: calls[0]?.rig.family ?? null });
			if (performance.now() - begun < SLICE_MS) continue;
			await yieldToEventLoop();
			if (own !== newestWorth) return null;
			begun = performance.now();
		}
		return found;
	},

	/** Places that the craft looks for, by shores, soundings, weed and timber. */
	propose: (shores: Shores, soundings: readonly Sounding[], growths: readonly Growth[]): Proposal[] =>
		proposalsIn(new Depths(shores, soundings), growths),

	/**
	 * The deck for hours whose places are chosen, told step by step; a newer one ends it.
	 *
	 * @param wasm Where the solver lies.
	 * @returns Whether it came to its end.
	 */
	async deck(input: DeckQuestion, wasm: string, tell: (news: DeckNews) => void): Promise<boolean> {
		const own = ++newestDeck;
		solve ??= loadHighs({ locateFile: () => wasm }).then((highs) => solveBy(highs));
		const solver = await solve;
		const day = planInputSchema.parse({ ...input, perHour: PER_HOUR });
		const readings = [...day.hours.map(({ reading }) => reading), ...turnsOf(day).map(({ reading }) => reading)];
		for (const [at, reading] of readings.entries()) {
			tell({ called: at, of: readings.length });
			await yieldToEventLoop();
			if (own !== newestDeck) return false;
			calledHour(day, reading, known);
		}
		const ready = prepared(day, known);
		const plan = scheduleDay(ready, solver);
		tell({ plan: ready.turns ? scheduled(ready, plan, solver) : plan });
		const curve: CurvePoint[] = [];
		for (const rods of RODS) {
			await yieldToEventLoop();
			if (own !== newestDeck) return false;
			curve.push(...(rods === day.rods ? [{ rods, value: plan.value }] : curvePoint(ready, solver, rods)));
			tell({ curve });
		}
		return true;
	},

	/** What the angler's record says of spots against each other; nothing while it cannot be reached. */
	async recordOfSpots(spots: readonly string[]): Promise<Record<string, PlaceReason>> {
		const response = await fetch('/api/v1/facts');
		return response.ok ? recordOfSpots(unpacked((await response.json()) as Packed), spots) : {};
	},

	/** Ends what is worked out of a deck. */
	stop: (): void => void newestDeck++
};
export type DeckApi = typeof api;
expose(api);
