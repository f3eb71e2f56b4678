import { proxy, type Remote } from 'comlink';
import type { FlipEvent } from '$lib/core/ranking/answer/flips';
import type { DimensionId, Sweep } from '$lib/core/rig/bench/sweep';
import type { Reading } from '$lib/core/water/reading/complete';
import type { Build } from '$lib/core/foundation/schema/build';
import type { Measure } from '$lib/core/foundation/schema/calibration';
import type { CallAnswer, CallInput } from '$lib/core/foundation/schema/call';
import type { Evidence } from '$lib/core/foundation/schema/evidence';
import type { Locks, Rig } from '$lib/core/foundation/schema/rig';
import type { ScoreAnswer } from '$lib/core/foundation/schema/score';
import type { SpeedFor, SpeedForInput, Tow, TowInput } from '$lib/core/foundation/schema/tow';
import type { Running } from '$lib/core/foundation/schema/run';
import type { HoldOffer } from '$lib/core/simulation/cast/hold';
import type { Soundings } from '$lib/core/simulation/cast/soundings';
import type { MeasuredParts } from '$lib/core/simulation/physics/measured';
import type { Sounding } from '$lib/core/water/places/depths';
import type { Proposal } from '$lib/core/water/places/features';
import type { Growth } from '$lib/core/water/places/growth';
import type { PlaceReason } from '$lib/core/water/places/rank';
import type { Shores } from '$lib/core/water/places/shore';
import type { Moved } from '$lib/core/trips/proof/moves';
import type { Packed } from '$lib/core/trips/proof/packed';
import type { Filter } from '$lib/core/trips/proof/view';
import type { Approach, ApproachInput } from '$lib/core/simulation/cast/approach';
import type { Calibrated } from '$lib/core/simulation/cast/calibrate';
import type { MapCell, MapInput } from '$lib/core/simulation/cast/map';
import type { Fit, SecondaryApi } from '$lib/workers/secondary.worker';
import type { BenchApi } from '$lib/workers/bench.worker';
import type { CallApi } from '$lib/workers/call.worker';
import type { DeckApi, DeckNews, DayQuestion, DeckQuestion, PlacedHour, Worth } from '$lib/workers/deck.worker';
import type { Look, ProofApi } from '$lib/workers/proof.worker';
import type { Found, TankApi } from '$lib/workers/tank.worker';
import type { DrillsApi } from '$lib/workers/drills.worker';
import type { GapQuestion, RestockQuestion, TrayApi } from '$lib/workers/tray.worker';
import type { Gap, Restock } from '$lib/core/foundation/schema/restock';
import type { Tray } from '$lib/core/foundation/schema/tray';
import type { Progress } from '$lib/core/trips/restock/search';
import { WorkerClient } from './workerClient';

/** How long (ms) a ranking may go on before what is asked beside it no longer waits. */
const PATIENCE_MS = 400;

/** Everything that is worked out beside the screen. The ranking has a worker of its own, and goes first. */
export class Work {
	readonly #ranking = new WorkerClient<CallApi>(
		() => new Worker(new URL('../../workers/call.worker.ts', import.meta.url), { type: 'module' })
	);
	readonly #secondary = new WorkerClient<SecondaryApi>(
		() => new Worker(new URL('../../workers/secondary.worker.ts', import.meta.url), { type: 'module' })
	);
	readonly #bench = new WorkerClient<BenchApi>(
		() => new Worker(new URL('../../workers/bench.worker.ts', import.meta.url), { type: 'module' })
	);

	/** Casts: the paths that are watched in one worker, maps and searches in another. */
	readonly #casts = new WorkerClient<TankApi>(
		() => new Worker(new URL('../../workers/tank.worker.ts', import.meta.url), { type: 'module' })
	);
	readonly #maps = new WorkerClient<TankApi>(
		() => new Worker(new URL('../../workers/tank.worker.ts', import.meta.url), { type: 'module' })
	);

	/** A planned day: what was called for it stands while the angler goes from one of its views to the other. */
	readonly #deck = new WorkerClient<DeckApi>(
		() => new Worker(new URL('../../workers/deck.worker.ts', import.meta.url), { type: 'module' })
	);

	/** The log, held there while Proof is looked at. */
	readonly #proof = new WorkerClient<ProofApi>(
		() => new Worker(new URL('../../workers/proof.worker.ts', import.meta.url), { type: 'module' })
	);

	/** A tray against a season: long work, which is ended with its worker. */
	readonly #tray = new WorkerClient<TrayApi>(
		() => new Worker(new URL('../../workers/tray.worker.ts', import.meta.url), { type: 'module' })
	);

	/** Waters to decide on. */
	readonly #drills = new WorkerClient<DrillsApi>(
		() => new Worker(new URL('../../workers/drills.worker.ts', import.meta.url), { type: 'module' })
	);

	/** Waits until no ranking goes on. */
	async #after(): Promise<void> {
		await Promise.race([this.#ranking.idle(), new Promise((resolve) => setTimeout(resolve, PATIENCE_MS))]);
	}

	/** Makes the ranking ready for its first question. */
	ready(): Promise<unknown> {
		return this.#ranking.run((api) => api.ready());
	}

	/** The call; `null` where a newer question came meanwhile. `whole` brings alternatives and families too. */
	rank(input: CallInput, whole: boolean): Promise<CallAnswer | null> {
		return this.#ranking.latest('call', (api) => api.call(input, whole));
	}

	/** How a rig runs on the water of a question, over the soundings of its spot; the newest of a lane stands. */
	async running(
		lane: string,
		rig: Rig,
		input: CallInput,
		soundings?: Soundings,
		measured?: MeasuredParts
	): Promise<Running | null> {
		await this.#after();
		return this.#secondary.latest(`running ${lane}`, (api) => api.running(rig, input, soundings, measured));
	}

	/** What the call thinks of any rig on the water of a question. */
	async score(rig: Rig, { reading, stances, houseRules, record, sight }: CallInput): Promise<ScoreAnswer | null> {
		await this.#after();
		return this.#secondary.latest('score', (api) => api.score({ reading, rig, stances, houseRules, record, sight }));
	}

	/** What each lock of a question costs. */
	async costs(input: CallInput): Promise<Partial<Record<keyof Locks, number | null>> | null> {
		await this.#after();
		return this.#secondary.latest('costs', (api) => api.costs(input));
	}

	/** One more call, beside the one whose latest answer counts. */
	async also(input: CallInput): Promise<CallAnswer> {
		await this.#after();
		return this.#secondary.run((api) => api.call(input));
	}

	/** The whole answer to a question, windows and families too: what is kept. */
	whole(input: CallInput): Promise<CallAnswer> {
		return this.#secondary.run((api) => api.whole(input));
	}

	/** Looks for what would flip the answer, and tells as it finds; a newer search ends this one. */
	async flips(input: CallInput, tell: (events: FlipEvent[]) => void): Promise<void> {
		await this.#after();
		await this.#secondary.run((api) => api.flips(input, proxy(tell)));
	}

	stopFlips(): void {
		void this.#secondary.run((api) => api.stopFlips()).catch(() => undefined);
	}

	/** One dimension of a build swept; `null` where a newer sweep was asked for meanwhile. */
	sweep(build: Build, reading: Reading, dimension: DimensionId): Promise<Sweep | null> {
		return this.#bench.latest('sweep', (api) => api.sweep(build, reading, dimension));
	}

	/** One cast simulated; `null` where a newer one of the lane was asked for meanwhile. */
	tow(lane: string, input: TowInput, measured?: MeasuredParts): Promise<Tow | null> {
		return this.#casts.latest(lane, (api) => api.tow(input, measured));
	}

	/** The speed that holds a depth. */
	speedFor(input: SpeedForInput, measured?: MeasuredParts): Promise<SpeedFor | null> {
		return this.#casts.latest('speed-for', (api) => api.speedFor(input, measured));
	}

	/** What else would hold a depth that no safe speed holds. */
	holdOffers(input: SpeedForInput, measured?: MeasuredParts): Promise<HoldOffer[] | null> {
		return this.#casts.latest('hold-offers', (api) => api.holdOffers(input, measured));
	}

	/** How long each way of casting at a bank keeps a lure in the zone. */
	approaches(input: ApproachInput, measured?: MeasuredParts): Promise<Approach[] | null> {
		return this.#casts.latest('approaches', (api) => api.approaches(input, measured));
	}

	/** What measurements of a rig fit, and those that cannot be. */
	calibrated(rig: Rig, parts: MeasuredParts, measures: readonly Measure[]): Promise<Calibrated | null> {
		return this.#casts.latest('calibrated', (api) => api.calibrated(rig, parts, measures));
	}

	/** The map of weight by speed, told cell by cell; a newer one ends it. Says whether it came to its end. */
	map(input: MapInput, measured: MeasuredParts, tell: (cells: MapCell[]) => void): Promise<boolean> {
		return this.#maps.run((api) => api.map(input, measured, proxy(tell)));
	}

	/** What single changes keep a lure in its band, told as they are found; a newer search ends it. */
	changes(input: TowInput, measured: MeasuredParts, tell: (changes: Found[]) => void): Promise<boolean> {
		return this.#maps.run((api) => api.changes(input, measured, proxy(tell)));
	}

	/** Leaves map and search. */
	stopMaps(): void {
		void this.#maps.run((api) => api.stop()).catch(() => undefined);
	}

	/** How each hour is at each place; `null` where another day was asked for meanwhile. */
	worths(hours: readonly PlacedHour[], asked: DayQuestion): Promise<Worth[] | null> {
		return this.#deck.run((api) => api.worth(hours, asked));
	}

	/** The deck of a day, told as it is found; a newer one ends it. Says whether it came to its end. */
	deck(question: DeckQuestion, wasm: string, tell: (news: DeckNews) => void): Promise<boolean> {
		return this.#deck.run((api) => api.deck(question, wasm, proxy(tell)));
	}

	/** Leaves the deck that is being worked out. */
	stopDeck(): void {
		void this.#deck.run((api) => api.stop()).catch(() => undefined);
	}

	/** Places that the craft looks for on a map; `null` where another map was asked for meanwhile. */
	proposals(shores: Shores, soundings: readonly Sounding[], growths: readonly Growth[]): Promise<Proposal[] | null> {
		return this.#deck.latest('propose', (api) => api.propose(shores, soundings, growths));
	}

	/** What the record says of spots against each other. */
	recordOfSpots(spots: readonly string[]): Promise<Record<string, PlaceReason>> {
		return this.#deck.run((api) => api.recordOfSpots(spots));
	}

	/** Hands the log over. @param timeZone Where the angler's days begin and end (IANA). */
	openLog(record: Packed, timeZone: string): Promise<void> {
		return this.#proof.run((api) => api.open(record, timeZone));
	}

	/** What the log shows by a facet; `null` where another look was asked for meanwhile. */
	lookAtLog(facet: string, filter: Filter): Promise<Look | null> {
		return this.#proof.latest('look', (api) => api.look(facet, filter));
	}

	/** Two values of a facet compared; `null` where they cannot be, or others were asked for meanwhile. */
	compareInLog(facet: string, filter: Filter, a: string, b: string): Promise<Evidence | null> {
		return this.#proof.latest('compare', (api) => api.compare(facet, filter, a, b));
	}

	/** How the log moves each rule; `null` where that was asked again meanwhile. */
	movesInLog(filter: Filter): Promise<Moved[] | null> {
		return this.#proof.latest('moves', (api) => api.moves(filter));
	}

	/** The best of a tray beside the best of all; `null` where a newer question came meanwhile. */
	fit(asked: CallInput, tray: Tray): Promise<Fit | null> {
		return this.#secondary.latest('fit', (api) => api.fit(asked, tray));
	}

	/** What to buy for a season, with its progress. */
	restock(question: RestockQuestion, wasm: string, tell: (progress: Progress) => void): Promise<Restock> {
		return this.#tray.run((api) => api.restock(question, wasm, proxy(tell)));
	}

	/** What one part would add to a season. */
	gap(question: GapQuestion): Promise<Gap> {
		return this.#tray.run((api) => api.gap(question));
	}

	/** Ends what is worked out about a tray at once. */
	stopTray(): void {
		this.#tray.close();
	}

	/** Something about a drill. */
	drills<T>(ask: (api: Remote<DrillsApi>) => Promise<T>): Promise<T> {
		return this.#drills.run(ask);
	}

	/** Lets go of the log. */
	closeLog(): void {
		this.#proof.close();
	}

	close(): void {
		const clients = [
			this.#ranking,
			this.#secondary,
			this.#bench,
			this.#casts,
			this.#maps,
			this.#deck,
			this.#proof,
			this.#tray,
			this.#drills
		];
		for (const client of clients) client.close();
	}
}
