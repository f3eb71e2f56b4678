import { HOOK_SIZES } from '../../foundation/catalogue/hooks';
import type { Rig } from '../../foundation/schema/rig';
import type { Family } from '../../foundation/schema/words';
import type { Reading } from '../../water/reading/complete';
import { mainForageIn } from '../../water/reading/forage';

type HookSize = (typeof HOOK_SIZES)[number];

/** Hook size that goes with each family's usual head; assumed, the trade fit. */
const USUAL: Readonly<Record<Family, HookSize>> = {
	spinnerbait: '5/0',
	'bladed-jig': '5/0',
	buzzbait: '5/0',
	underspin: '4/0'
};

/** Bait and soft bodies (in) up to which a smaller hook is right, and from which a larger one (assumed). */
const SMALL_IN = 2.5;
const BIG_IN = 4.5;

/** Most sizes that a hook goes down and up from the usual one. */
const DOWN = 2;
const UP = 1;

function stepsFor({ body, trailer }: Pick<Rig, 'body' | 'trailer'>, reading: Reading): number {
	const baitIn = mainForageIn(reading);
	const short = [body === 'compact', reading.species !== 'largemouth', baitIn !== null && baitIn <= SMALL_IN];
	const long = [baitIn !== null && baitIn >= BIG_IN, trailer !== null && trailer.lengthIn >= BIG_IN];
	const down = short.filter(Boolean).length;
	const up = long.filter(Boolean).length;
	return Math.max(-DOWN, Math.min(UP, up - down));
}

/** The hook size that suits a lure's body, the bait and the species: a size smaller for each thing that is small. */
export function hookSizeFor(rig: Pick<Rig, 'family' | 'body' | 'trailer'>, reading: Reading): HookSize {
	return HOOK_SIZES[HOOK_SIZES.indexOf(USUAL[rig.family]) + stepsFor(rig, reading)]!;
}
