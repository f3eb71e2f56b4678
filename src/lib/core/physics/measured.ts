/** What was measured on a part and stands over the table: length mm, mass g. */
export interface Measured {
	readonly lengthMm?: number;
	readonly massG?: number;
}

/** Parts of a lure that an angler can measure; a single blade, a plate and a buzz blade are all `rear`. */
export type MeasuredParts = Readonly<
	Partial<Record<'head' | 'hook' | 'front' | 'rear' | 'skirt' | 'trailer', Measured>>
>;
