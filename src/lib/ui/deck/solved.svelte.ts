import wasm from 'highs/runtime?url';
import type { Work } from '$lib/client/workers/work';
import type { PlaceReason } from '$lib/core/water/places/rank';
import { InputFailure } from '$lib/core/foundation/schema/failure';
import type { Plan } from '$lib/core/foundation/schema/plan';
import type { CurvePoint, DayQuestion, DeckQuestion, PlacedHour, Worth } from '$lib/workers/deck.worker';

/** Name of an error with which a question is refused, as it comes from a worker. */
const REFUSAL = new InputFailure({ code: 'invalid', path: '', message: '' }).name;

/** What is worked out for a planned day, filled as it is found; a newer question ends what is under way. */
export class SolvedDay {
	/** How each hour is at each place. */
	worths = $state.raw<readonly Worth[]>([]);
	plan = $state.raw<Plan | null>(null);
	/** What other numbers of rods would give up. */
	curve = $state.raw<readonly CurvePoint[]>([]);
	/** Whether nothing of that is still to come. */
	whole = $state(false);
	/** How many hours of how many are called while the deck is made. */
	called = $state.raw<{ readonly called: number; readonly of: number } | null>(null);
	busy = $state(true);
	failed = $state('');
	/** What the record says of each spot. */
	record = $state.raw<Readonly<Record<string, PlaceReason>>>({});

	/** Whether the worths are those of another day than the one that is planned: no deck is made for such places. */
	weighing = $state(false);
	#weighed = 0;

	/** What each hour is worth at each place. */
	async judge(work: Work, hours: readonly PlacedHour[], asked: DayQuestion): Promise<void> {
		if (hours.length === 0) return;
		const own = ++this.#weighed;
		this.weighing = true;
		try {
			this.worths = (await work.worths(hours, asked)) ?? this.worths;
		} catch {
			this.failed = 'The day could not be planned. Change something and try again.';
		}
		if (own === this.#weighed) this.weighing = false;
	}

	/** The deck for hours whose places are chosen. @returns What leaves it. */
	choose(work: Work, question: DeckQuestion): () => void {
		let gone = false;
		[this.busy, this.whole, this.failed] = [true, false, ''];
		const done = (failed: string) => {
			if (!gone) [this.busy, this.failed, this.called] = [false, failed, null];
		};
		work
			.deck(question, wasm, (news) => {
				if (gone) return;
				if ('plan' in news) [this.plan, this.curve, this.called] = [news.plan, [], null];
				else if ('curve' in news) this.curve = news.curve;
				else this.called = news;
			})
			.then((ended) => {
				if (!gone) this.whole = ended;
				done('');
			})
			.catch((error: Error) => {
				const refused = error.name === REFUSAL;
				// A day for which there is no deck has none to show.
				if (refused && !gone) this.plan = null;
				done(refused ? error.message : 'No rods could be chosen for this day.');
			});
		return () => (gone = true);
	}

	/** Leaves what is under way as far as it has come. */
	stop(work: Work): void {
		work.stopDeck();
		[this.busy, this.called] = [false, null];
	}

	/** What the record says of spots; nothing where it cannot be read. */
	async recall(work: Work, spots: readonly string[]): Promise<void> {
		this.record = await work.recordOfSpots(spots).catch(() => ({}));
	}
}
