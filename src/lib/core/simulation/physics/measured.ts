/** What was measured on a part and stands over the table: length mm, mass g. */
export interface Measured {
	readonly lengthMm?: number;
	readonly massG?: number;
}

/** Factors by which a lure's drag and lift differ from the tables, as the angler measured them; 1 is the tables' own. */
export interface Factors {
	readonly dragMul?: number | undefined;
	readonly liftMul?: number | undefined;
}

/** Parts of a lure that an angler can measure; a single blade, a plate and a buzz blade are all `rear`. */
export type MeasuredParts = Readonly<
	Partial<Record<'head' | 'hook' | 'front' | 'rear' | 'skirt' | 'trailer', Measured>> & { factors?: Factors }
>;
