import type { Curve, Flip, FlipEvent } from '$lib/core/ranking/answer/flips';
import type { CallInput } from '$lib/core/foundation/schema/call';
import type { Work } from '$lib/client/workers/work';

/** Quiet time (ms) after a change before flips are looked for: the ranking comes first. */
const PAUSE_MS = 250;

/** What would flip the answer, as the worker beside the ranking finds it. */
export class Flipper {
	flips = $state.raw<readonly Flip[]>([]);
	curves = $state.raw<readonly Curve[]>([]);
	/** How many neighboring classes leave the family as it is. */
	robustness = $state.raw<{ kept: number; tried: number } | null>(null);
	/** Whether the search still goes on. */
	busy = $state(false);
	#timer: ReturnType<typeof setTimeout> | undefined;
	#run = 0;
	#work: Work | null = null;

	ask(work: Work, input: CallInput): void {
		this.#work = work;
		clearTimeout(this.#timer);
		this.#timer = setTimeout(() => void this.#start(work, input), PAUSE_MS);
	}

	async #start(work: Work, input: CallInput): Promise<void> {
		const run = ++this.#run;
		this.flips = [];
		this.robustness = null;
		this.busy = true;
		try {
			await work.flips(input, (events) => {
				if (run === this.#run) this.#hear(events);
			});
		} catch {
			// The call stands without them; the next change looks anew.
		} finally {
			if (run === this.#run) this.busy = false;
		}
	}

	#hear(events: readonly FlipEvent[]): void {
		const flips = events.flatMap((event) => (event.kind === 'flip' ? [event.flip] : []));
		const curves = events.flatMap((event) => (event.kind === 'curve' ? [event.curve] : []));
		if (flips.length > 0) this.flips = [...this.flips, ...flips];
		for (const curve of curves) {
			this.curves = [...this.curves.filter(({ field }) => field !== curve.field), curve];
		}
		const robustness = events.find((event) => event.kind === 'robustness');
		if (robustness) this.robustness = { kept: robustness.kept, tried: robustness.tried };
	}

	close(): void {
		clearTimeout(this.#timer);
		this.#run++;
		this.#work?.stopFlips();
	}
}
