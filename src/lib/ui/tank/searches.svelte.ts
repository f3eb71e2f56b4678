import type { Work } from '$lib/client/workers/work';
import type { MeasuredParts } from '$lib/core/simulation/physics/measured';
import type { TowInput } from '$lib/core/foundation/schema/tow';
import type { Change } from '$lib/core/simulation/cast/changes';
import { MAP_SPEEDS_MPS, MAP_WEIGHTS_OZ, type MapCell, type MapInput } from '$lib/core/simulation/cast/map';

/** How long (ms) a hand must rest before a map or a search is begun. */
const REST_MS = 250;

/** Begins something once the hand rests; what is returned leaves it, begun or not. */
function rested(begin: (isGone: () => boolean) => Promise<unknown>): () => void {
	let gone = false;
	const timer = setTimeout(() => void begin(() => gone).catch(() => undefined), REST_MS);
	return () => {
		gone = true;
		clearTimeout(timer);
	};
}

/** What is looked for beside the casts that are watched, filled as it is found. */
export class Searches {
	cells = $state.raw<readonly MapCell[]>([]);
	changes = $state.raw<readonly Change[]>([]);
	/** Share of the winding that works as it is; `null` while nobody knows. */
	own = $state<number | null>(null);
	busy = $state(false);

	/** Share of the map's cells that are there, 0 to 1. */
	get done(): number {
		return this.cells.length / (MAP_SPEEDS_MPS.length * MAP_WEIGHTS_OZ.length);
	}

	/** Makes the map anew. @returns What leaves it. */
	map(work: Work, input: MapInput, measured: MeasuredParts): () => void {
		return rested((isGone) => {
			let found: MapCell[] = [];
			return work.map(input, measured, (slice) => {
				if (!isGone()) this.cells = found = [...found, ...slice];
			});
		});
	}

	/** Looks for single changes anew. @returns What leaves it. */
	look(work: Work, input: TowInput, measured: MeasuredParts): () => void {
		this.busy = true;
		return rested(async (isGone) => {
			let found: Change[] = [];
			const ended = await work.changes(input, measured, (slice) => {
				if (isGone()) return;
				for (const one of slice) {
					if (one.kind === 'own') this.own = one.share;
					else found = [...found, one];
				}
				this.changes = found;
			});
			if (!isGone()) this.busy = !ended;
		});
	}
}
