import type { RunningWindow } from '$lib/core/foundation/schema/window';

/** Beats in a second of what is felt of a lure: its plate, its buzz blade, or its rear blade; none without a lure. */
export const beatOf = (figures: RunningWindow | null): number =>
	figures?.jigBlade?.beatHz ?? figures?.surface?.turnHz ?? figures?.blades.at(-1)?.turnHz ?? 0;

/** Turns or beats a second of what moves on a rig: its front blade, and its rear one, plate or buzz blade. */
export interface Beats {
	readonly frontHz: number;
	readonly rearHz: number;
}

export function beatsOf(figures: RunningWindow | null): Beats {
	const front = figures?.blades.find(({ position }) => position === 'front');
	return { frontHz: front?.turnHz ?? 0, rearHz: beatOf(figures) };
}
