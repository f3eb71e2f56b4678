/** A steady row of pulses: the first at `originS`, then one every `periodS`, on the audio's own clock. */
export interface Row {
	readonly originS: number;
	readonly periodS: number;
}

/** A row that begins now. */
export const rowFrom = (nowS: number, perS: number): Row => ({ originS: nowS, periodS: 1 / perS });

/**
 * The pulses of a row from one moment (included) to another (left out), s: each reckoned from the row's beginning, so that
 * no error adds up however long it runs.
 */
export function pulsesBetween({ originS, periodS }: Row, fromS: number, toS: number): number[] {
	const first = Math.max(0, Math.ceil((fromS - originS) / periodS - 1e-9));
	const found: number[] = [];
	for (let at = first; originS + at * periodS < toS - 1e-12; at++) found.push(originS + at * periodS);
	return found;
}

/** The same row at another rate from now on, without a hitch: the next pulse comes when its share of a turn is over. */
export function atRate({ originS, periodS }: Row, nowS: number, perS: number): Row {
	const done = Math.max(0, nowS - originS) / periodS;
	const share = done - Math.floor(done);
	return { originS: nowS + (share === 0 ? 0 : 1 - share) / perS, periodS: 1 / perS };
}
