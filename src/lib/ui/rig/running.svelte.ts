import type { App } from '$lib/client/state/app.svelte';
import { soundedProfile } from '$lib/client/state/places';
import type { MeasuredParts } from '$lib/core/simulation/physics/measured';
import type { CallInput } from '$lib/core/foundation/schema/call';
import type { Rig } from '$lib/core/foundation/schema/rig';
import type { Running } from '$lib/core/foundation/schema/run';

/** How a rig runs on the current water, over the soundings of its spot; worked out anew as any of them changes. */
export class RunningHere {
	#found = $state.raw<{ readonly rig: Rig; readonly question: CallInput; readonly running: Running } | null>(null);
	readonly #app: App;
	readonly #rig: () => Rig | null;

	/**
	 * @param lane A name of its own for each that is asked for at once.
	 * @param measured What was measured of the rig, which stands over the tables.
	 */
	constructor(app: App, lane: string, rig: () => Rig | null, measured: () => MeasuredParts = () => ({})) {
		this.#app = app;
		this.#rig = rig;
		$effect(() => {
			const [own, question, parts] = [rig(), app.question, measured()];
			const soundings = soundedProfile(app.spot?.spot);
			if (!app.work || !own) return;
			void app.work
				.running(lane, own, question, soundings, parts)
				.then((running) => {
					if (running && own === rig() && question === app.question) this.#found = { rig: own, question, running };
				})
				// A worker that was closed meanwhile answers no more.
				.catch(() => undefined);
		});
	}

	/** `null` until it is worked out for this very rig and water. */
	get now(): Running | null {
		const found = this.#found;
		return found && found.rig === this.#rig() && found.question === this.#app.question ? found.running : null;
	}

	/** The newest that is known, of a rig or water before if need be: for figures that are to stand still meanwhile. */
	get last(): Running | null {
		return this.#found?.running ?? null;
	}
}
