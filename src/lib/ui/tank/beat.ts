import type { RunningWindow } from '$lib/core/schema/window';

/** Beats in a second of what is felt of a lure: its plate, its buzz blade, or its rear blade; none without a lure. */
export const beatOf = (figures: RunningWindow | null): number =>
	figures?.jigBlade?.beatHz ?? figures?.surface?.turnHz ?? figures?.blades.at(-1)?.turnHz ?? 0;
